/** Spacing, counts and what they cost (rules H1 and H2). */
package org.yellowfit.core.takeoff;
