/** A place drawn from above, and what the drawing says of each patch of its beds: light, room, limits. */
package org.yellowfit.core.site;
