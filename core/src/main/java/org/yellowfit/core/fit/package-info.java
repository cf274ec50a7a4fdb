/** Plants against a place: criteria, verdicts with their reasons, remedies and ranking. */
package org.yellowfit.core.fit;
