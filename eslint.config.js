// The recommended rules for the scripts of the pages; the shipped libraries are left out.
const js = require('@eslint/js');
const globals = require('globals');

module.exports = [
  { ignores: ['**/vendor/**', '**/target/**', 'node_modules/**'] },
  js.configs.recommended,
  {
    files: ['app/src/main/assets/js/**/*.js'],
    languageOptions: { sourceType: 'module', globals: globals.browser },
  },
  { files: ['eslint.config.js'], languageOptions: { sourceType: 'commonjs', globals: globals.node } },
];
