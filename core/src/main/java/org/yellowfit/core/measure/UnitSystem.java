package org.yellowfit.core.measure;

/** How lengths, areas and temperatures are shown and typed. Inside the program everything is SI. */
public enum UnitSystem {
    METRIC,
    US;

    /** Metres in a foot and in an inch: exact by the international yard and pound agreement of 1959. */
    public static final double FOOT_M = 0.3048;

    public static final double INCH_M = 0.0254;

    /** A length given in metres, as a person at the counter says it: “90 cm”, “1.8 m”, “2 ft 11 in”. */
    public String length(double metres) {
        return this == METRIC ? metric(metres) : feetAndInches(metres);
    }

    public String length(Interval metres) {
        String low = length(metres.low());
        String high = length(metres.high());
        if (low.equals(high)) {
            return low;
        }
        return low + "–" + high;
    }

    /**
     * Height and width of a plant at a glance, in metres: an estimate, so no closer than it is known. “9.3 m × 5.1 m”.
     */
    public String glance(double height, double spread) {
        return length(asKnown(height)) + " × " + length(asKnown(spread));
    }

    /** From two metres on to the decimetre: plants differ more than that. */
    private static double asKnown(double metres) {
        return metres < 2 ? metres : Math.round(metres * 10) / 10.0;
    }

    public String area(double squareMetres) {
        return this == METRIC
                ? Numbers.rounded(squareMetres, 1) + " m²"
                : Numbers.rounded(squareMetres / (FOOT_M * FOOT_M), 0) + " sq ft";
    }

    public String temperature(double celsius) {
        return this == METRIC
                ? minus(Numbers.rounded(celsius, 1)) + " °C"
                : minus(Numbers.rounded(celsius * 9 / 5 + 32, 0)) + " °F";
    }

    private static String metric(double metres) {
        return metres < 0.995
                ? Numbers.rounded(metres * 100, 0) + " cm"
                : Numbers.rounded(metres, metres < 10 ? 2 : 1) + " m";
    }

    private static String feetAndInches(double metres) {
        long inches = Math.round(metres / INCH_M);
        if (inches < 24) {
            return inches + " in";
        }
        return inches % 12 == 0 ? inches / 12 + " ft" : inches / 12 + " ft " + inches % 12 + " in";
    }

    private static String minus(String number) {
        return number.replace('-', '−');
    }
}
