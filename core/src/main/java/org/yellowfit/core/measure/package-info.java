/** Units, ranges and checks: the ground floor, on which every other package stands. */
package org.yellowfit.core.measure;
