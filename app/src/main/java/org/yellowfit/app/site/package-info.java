/** The site: what is known of the place, in five taps. */
package org.yellowfit.app.site;
