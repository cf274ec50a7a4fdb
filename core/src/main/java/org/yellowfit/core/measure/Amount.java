package org.yellowfit.core.measure;

/**
 * A number with its unit, as a rule gives it; the unit system and the rounding of the reader are chosen where it is put
 * into words.
 *
 * @param value in SI units
 */
public record Amount(double value, Unit unit) {
    public Amount {
        Checks.finite("The amount", value);
    }

    /** What a number counts. */
    public enum Unit {
        HOURS,
        METRES,
        SQUARE_METRES,
        CELSIUS,
        PH,
        STEPS,
        YEARS,
        MINUTES,
        PERCENT,
        LITRES,
        MONEY
    }

    public static Amount hours(double hours) {
        return new Amount(hours, Unit.HOURS);
    }

    public static Amount metres(double metres) {
        return new Amount(metres, Unit.METRES);
    }

    public static Amount celsius(double degrees) {
        return new Amount(degrees, Unit.CELSIUS);
    }

    public static Amount ph(double ph) {
        return new Amount(ph, Unit.PH);
    }

    /** A place on a scale of our own, such as moisture from 1 to 5. */
    public static Amount steps(double steps) {
        return new Amount(steps, Unit.STEPS);
    }

    public static Amount years(double years) {
        return new Amount(years, Unit.YEARS);
    }

    public static Amount minutes(double minutes) {
        return new Amount(minutes, Unit.MINUTES);
    }

    public static Amount litres(double litres) {
        return new Amount(litres, Unit.LITRES);
    }

    public static Amount money(double amount) {
        return new Amount(amount, Unit.MONEY);
    }

    /**
     * Whether the two read the same once they are rounded to a decimal, so that no sentence sets one against the other.
     */
    public boolean readsAs(Amount other) {
        return Numbers.rounded(value, 1).equals(Numbers.rounded(other.value, 1));
    }

    @Override
    public String toString() {
        return Numbers.rounded(value, 4) + " " + Words.of(unit);
    }
}
