package org.yellowfit.app.forms;

/**
 * One choice of a field as a page shows it.
 *
 * @param name  of the field it is sent in
 * @param value as it is sent
 */
public record Option(String name, String value, String label, boolean chosen) {}
