/** The stage Place: what is known of the site, its drawing, sun, soil and climate, what to find out. */
package org.yellowfit.app.place;
