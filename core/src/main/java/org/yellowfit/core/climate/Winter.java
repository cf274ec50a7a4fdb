package org.yellowfit.core.climate;

import java.time.LocalDate;

/**
 * The coldest day of one winter.
 *
 * @param year   in which the winter ends
 * @param counts whether enough of its days are known for it to count (A1)
 */
public record Winter(int year, double lowestC, LocalDate on, boolean counts) {}
