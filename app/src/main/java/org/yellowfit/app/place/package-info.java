/** The stage Place: what is known of the site, its drawing, sun, soil and climate, and what would be worth finding out. */
package org.yellowfit.app.place;
