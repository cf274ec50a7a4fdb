/**
 * Turns the facts of the core into sentences, labels and numbers with units, in the language and the units of the
 * reader.
 */
package org.yellowfit.app.words;
