/** The soil of a visit's place: simple tests, what they mean, and what to work in. */
package org.yellowfit.app.soil;
