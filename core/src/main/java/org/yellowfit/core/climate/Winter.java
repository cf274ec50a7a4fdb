package org.yellowfit.core.climate;

import static org.yellowfit.core.measure.Checks.between;

import java.time.LocalDate;

/**
 * The coldest day of one winter.
 *
 * @param year   in which the winter ends
 * @param counts whether enough of its days are known for it to count (A1)
 */
public record Winter(int year, double lowestC, LocalDate on, boolean counts) {
    public Winter {
        between("The winter’s lowest", lowestC, -100, 60, "°C");
    }
}
