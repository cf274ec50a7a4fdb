/** The stage Afterwards: what was planted, when to look again, what was found; and how a season's sales did. */
package org.yellowfit.app.afterwards;
