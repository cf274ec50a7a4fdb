/** Care: what is done for a planting and when, in short and as a calendar; and the cautions handed over with it (rules F and I). */
package org.yellowfit.core.care;
