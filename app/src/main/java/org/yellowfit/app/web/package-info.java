/** What all screens share: errors in plain words, and what every page shows. */
package org.yellowfit.app.web;
