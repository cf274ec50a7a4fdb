/** The look of a plant through the year (rule E1). */
package org.yellowfit.core.season;
