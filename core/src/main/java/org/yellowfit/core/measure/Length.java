package org.yellowfit.core.measure;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a length the way people write it, in either system of units, and gives metres. */
public final class Length {

    private static final String NUMBER = "(\\d{1,6}(?:[.,]\\d{1,6})?)";
    private static final Pattern SINGLE =
            Pattern.compile(NUMBER + "\\s*(m|metres?|meters?|cm|mm|ft|feet|foot|'|′|in|inch|inches|\"|″)?");
    private static final Pattern FEET_AND_INCHES =
            Pattern.compile(NUMBER + "\\s*(?:ft|feet|foot|'|′)\\s*" + NUMBER + "\\s*(?:in|inch|inches|\"|″)?");

    private Length() {}

    /**
     * @param text a number with or without a unit: {@code 0.9}, {@code 90 cm}, {@code 3 ft}, {@code 3' 6"}
     * @param bare the system a number without a unit is in: metres, or feet
     * @return metres, 0 or more
     */
    public static double parse(String text, UnitSystem bare) {
        String trimmed = text.strip().toLowerCase(Locale.ROOT);
        Matcher both = FEET_AND_INCHES.matcher(trimmed);
        if (both.matches()) {
            return number(both.group(1)) * UnitSystem.FOOT_M + number(both.group(2)) * UnitSystem.INCH_M;
        }
        Matcher single = SINGLE.matcher(trimmed);
        if (single.matches()) {
            return number(single.group(1)) * factor(single.group(2), bare);
        }
        throw new Refused(
                "“%s” is not a length; write it like %s.",
                Words.shorten(text), bare == UnitSystem.METRIC ? "0.9 m or 90 cm" : "3 ft 6 in");
    }

    private static double factor(String unit, UnitSystem bare) {
        if (unit == null) {
            return bare == UnitSystem.METRIC ? 1 : UnitSystem.FOOT_M;
        }
        return switch (unit) {
            case "cm" -> 0.01;
            case "mm" -> 0.001;
            case "ft", "feet", "foot", "'", "′" -> UnitSystem.FOOT_M;
            case "in", "inch", "inches", "\"", "″" -> UnitSystem.INCH_M;
            default -> 1;
        };
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
