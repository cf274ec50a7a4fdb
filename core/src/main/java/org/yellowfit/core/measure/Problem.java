package org.yellowfit.core.measure;

/** What is wrong with one value that came in: the field it came by, and a sentence a person can act on. */
public record Problem(String field, String message) {
}
