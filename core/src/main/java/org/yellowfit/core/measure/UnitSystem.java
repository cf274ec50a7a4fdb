package org.yellowfit.core.measure;

/** How lengths, areas and temperatures are shown and typed. Inside the program everything is SI. */
public enum UnitSystem {
    METRIC,
    US;

    /** Metres in a foot and in an inch: exact by the international yard and pound agreement of 1959. */
    public static final double FOOT_M = 0.3048;

    public static final double INCH_M = 0.0254;
    /** Exact by the same agreement: a cubic yard, and a pound. */
    private static final double YARD_M3 = 27 * FOOT_M * FOOT_M * FOOT_M;

    private static final double POUND_KG = 0.45359237;
    /** Litres in a US liquid gallon: 231 cubic inches, exact. */
    public static final double GALLON_L = 3.785411784;

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

    /** As a tape is read: to the centimetre, or the inch. */
    public String tape(double metres) {
        return this == METRIC ? String.format(java.util.Locale.ROOT, "%.2f\u00a0m", metres) : feetAndInches(metres);
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

    /** A short length that was measured, to a tenth: “6.3 cm”. */
    public String measured(double metres) {
        return this == METRIC ? Numbers.rounded(metres * 100, 1) + " cm" : Numbers.rounded(metres / INCH_M, 1) + " in";
    }

    /** Between two temperatures. */
    public String temperatureDifference(double celsius) {
        return this == METRIC ? Numbers.rounded(celsius, 1) + " °C" : Numbers.rounded(celsius * 9 / 5, 1) + " °F";
    }

    public String rain(double millimetres) {
        return this == METRIC
                ? Numbers.rounded(millimetres, 0) + " mm"
                : Numbers.rounded(millimetres / (INCH_M * 1000), 0) + " in";
    }

    /** Of compost or grit. */
    public String volume(double cubicMetres) {
        if (this == US) {
            return Numbers.rounded(cubicMetres / YARD_M3, 2) + " cu yd";
        }
        return cubicMetres < 0.1
                ? Numbers.rounded(cubicMetres * 1000, 0) + " l"
                : Numbers.rounded(cubicMetres, 2) + " m³";
    }

    /** Of water. */
    public String litres(double litres) {
        double shown = this == METRIC ? litres : litres / GALLON_L;
        return Numbers.rounded(shown, shown < 10 ? 1 : 0) + (this == METRIC ? " l" : " gal");
    }

    public String mass(double kilograms) {
        if (this == US) {
            return Numbers.rounded(kilograms / POUND_KG, 1) + " lb";
        }
        return kilograms < 1 ? Numbers.rounded(kilograms * 1000, 0) + " g" : Numbers.rounded(kilograms, 1) + " kg";
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
