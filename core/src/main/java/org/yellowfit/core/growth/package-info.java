/** The size of a plant by its age (rule D1). */
package org.yellowfit.core.growth;
