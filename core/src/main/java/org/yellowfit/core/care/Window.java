package org.yellowfit.core.care;

import java.time.LocalDate;
import org.yellowfit.core.measure.Refused;

/** Days on which something may be done, both ends included. */
public record Window(LocalDate from, LocalDate to) {

    public Window {
        if (to.isBefore(from)) {
            throw new Refused("The last day must not come before the first.");
        }
    }

    static Window days(LocalDate from, int days) {
        return new Window(from, from.plusDays(days));
    }

    boolean meets(Window other) {
        return !from.isAfter(other.to) && !other.from.isAfter(to);
    }

    /** The days both have; only of two that meet. */
    Window within(Window other) {
        return new Window(from.isAfter(other.from) ? from : other.from, to.isBefore(other.to) ? to : other.to);
    }

    Window hull(Window other) {
        return new Window(from.isBefore(other.from) ? from : other.from, to.isAfter(other.to) ? to : other.to);
    }
}
