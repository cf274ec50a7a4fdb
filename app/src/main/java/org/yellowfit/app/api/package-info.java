/** The JSON edge for other programs, as {@code /api/v1}. It reads and writes; the rules are the core's. */
package org.yellowfit.app.api;
