/** The ground: texture classes, drainage and moisture. */
package org.yellowfit.core.soil;
