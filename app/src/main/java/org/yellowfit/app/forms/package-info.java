/**
 * Forms as pages show them: fields with their labels, choices and problems in words, which the fragments of
 * {@code fields.html} place. Knows nothing of what the fields mean.
 */
package org.yellowfit.app.forms;
