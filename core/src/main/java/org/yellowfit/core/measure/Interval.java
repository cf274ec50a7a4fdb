package org.yellowfit.core.measure;

/** A closed range of finite numbers, both ends included. Unit: that of the trait that holds it. */
public record Interval(double low, double high) {

    public Interval {
        if (!(Double.isFinite(low) && Double.isFinite(high))) {
            throw new Refused("A range needs two finite numbers.");
        }
        if (!(low <= high)) {
            throw new Refused(
                    "The range %s is reversed; write the smaller number first.", write(low) + ".." + write(high));
        }
    }

    public static Interval of(double value) {
        return new Interval(value, value);
    }

    /** Reads {@code low..high}, or a single number as both ends. */
    public static Interval parse(String text) {
        int dots = text.indexOf("..");
        if (dots < 0) {
            return of(Numbers.parse(text));
        }
        return new Interval(Numbers.parse(text.substring(0, dots)), Numbers.parse(text.substring(dots + 2)));
    }

    public double mid() {
        return (low + high) / 2;
    }

    public boolean contains(double value) {
        return value >= low && value <= high;
    }

    /** How far {@code value} lies outside, 0 inside. */
    public double distanceTo(double value) {
        return Math.max(0, Math.max(low - value, value - high));
    }

    public Interval scaled(double factor) {
        return new Interval(low * factor, high * factor);
    }

    /** The form {@link #parse} reads; a single number when both ends agree. */
    public String text() {
        return low == high ? write(low) : write(low) + ".." + write(high);
    }

    private static String write(double value) {
        return Numbers.write(value);
    }
}
