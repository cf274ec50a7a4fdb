// Short letters for what a page can do: hold Alt to see them beside the labels, press Alt and the letter to do it.
(() => {
  const targets = () => [...document.querySelectorAll('[data-key]')];
  const shown = (on) => document.body.classList.toggle('show-keys', on);
  document.addEventListener('keydown', (event) => {
    if (event.key === 'Alt') {
      shown(true);
      return;
    }
    if (!event.altKey || event.ctrlKey || event.metaKey) {
      return;
    }
    const letter = event.code.replace(/^(Key|Digit)/, '').toLowerCase();
    const target = targets().find(
      (each) => each.dataset.key === letter && (each.offsetParent !== null || each.closest('.parts')),
    );
    if (target) {
      event.preventDefault();
      shown(false);
      target.focus();
      if (!target.matches('input, select')) {
        target.click();
      }
    }
  });
  document.addEventListener('keyup', (event) => event.key === 'Alt' && shown(false));
  window.addEventListener('blur', () => shown(false));
})();
