/** The place drawn from above: kept, studied for sun, divided into patches, one of which the visit goes on with. */
package org.yellowfit.app.place;
