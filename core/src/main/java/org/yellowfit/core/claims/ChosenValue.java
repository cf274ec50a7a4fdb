package org.yellowfit.core.claims;

/** A value, as a cell, and why it was taken. */
record ChosenValue(String cell, Reason reason) {}
