/** Direct sun on the plant: classes of light, and the hot hours of the day. */
package org.yellowfit.core.light;
