package org.yellowfit.core.measure;

/** Checks of numbers on their way into a value: the message names field, value, range and unit. */
public final class Checks {

    private static final double ROUNDING = 1e-6;

    private Checks() {}

    /**
     * @param what names the number, to begin a sentence with: “The soil pH”
     * @param unit empty for none
     * @return the value
     * @throws IllegalArgumentException when the value is outside, infinite or no number
     */
    public static double between(String what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new Refused(
                    "%s (%s) must be between %s and %s%s.",
                    what, value, Numbers.write(least), Numbers.write(most), unit.isEmpty() ? "" : " " + unit);
        }
        return value;
    }

    /** The same for a value that may be unknown (null). */
    public static Double betweenOrUnknown(String what, Double value, double least, double most, String unit) {
        return value == null ? null : (Double) between(what, value, least, most, unit);
    }

    /** A share of a whole; the last digit of a sum may carry it past an end. */
    public static double share(String what, double value) {
        return between(what, value, -ROUNDING, 1 + ROUNDING, "");
    }

    /** @throws IllegalArgumentException when the value is infinite or no number */
    public static double finite(String what, double value) {
        if (!Double.isFinite(value)) {
            throw new Refused("%s (%s) must be a finite number.", what, value);
        }
        return value;
    }

    /** @throws IllegalArgumentException when the value is below 0, infinite or no number */
    public static double notNegative(String what, double value, String unit) {
        if (!(value >= 0 && value < Double.POSITIVE_INFINITY)) {
            throw new Refused(
                    "%s (%s%s) must be 0 or more, and finite.", what, value, unit.isEmpty() ? "" : " " + unit);
        }
        return value;
    }
}
