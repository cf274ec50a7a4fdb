package org.yellowfit.core.measure;

import java.math.BigDecimal;
import java.util.regex.Pattern;

/** Plain decimal numbers as the open files write them: a dot, no exponent, no thousands mark. */
public final class Numbers {

    private static final Pattern PLAIN = Pattern.compile("[+-]?(\\d{1,12}(\\.\\d{0,20})?|\\.\\d{1,20})");

    private Numbers() {}

    public static double parse(String text) {
        String trimmed = text.strip();
        if (!PLAIN.matcher(trimmed).matches()) {
            throw new Refused("“%s” is not a number; write it like 1.5.", Words.shorten(trimmed));
        }
        double value = Double.parseDouble(trimmed);
        return value == 0 ? 0 : value;
    }

    /** The shortest text that reads back as the same number: {@code 1.50} becomes {@code 1.5}, {@code 2.0} becomes {@code 2}. */
    public static String write(double value) {
        if (!Double.isFinite(value)) {
            throw new Refused("Only finite numbers are written.");
        }
        String text = BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
        return text.equals("-0") ? "0" : text;
    }

    /** Rounded to {@code decimals} places and without trailing zeros, for sentences. */
    public static String rounded(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, java.math.RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
