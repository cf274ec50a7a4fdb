/**
 * Scripts, styles, fonts and pictures of the pages: named by their content when the application is built, and served
 * for good.
 */
package org.yellowfit.app.assets;
