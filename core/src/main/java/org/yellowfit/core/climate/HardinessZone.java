package org.yellowfit.core.climate;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.yellowfit.core.measure.Refused;

/**
 * A half-zone of winter hardiness (rule A1): the mean of each winter's lowest temperature, in steps of 5 °F.
 * {@code half} counts from 0 (1a, from −60 °F) to 25 (13b, below 70 °F).
 *
 * <p>Source: the public zone scale of the US Department of Agriculture (2012, 2023). Check values: 1a starts at −60 °F;
 * 6b is −5…0 °F, that is −20.6…−17.8 °C.
 */
public record HardinessZone(int half) implements Comparable<HardinessZone> {

    public static final int COLDEST = 0;
    public static final int WARMEST = 25;

    private static final double SCALE_START_F = -60;
    private static final double HALF_ZONE_F = 5;
    private static final Pattern TEXT = Pattern.compile("(\\d{1,2})([ab]?)");

    public HardinessZone {
        if (!(half >= COLDEST && half <= WARMEST)) {
            throw new Refused("Hardiness zones run from 1a to 13b.");
        }
    }

    /** Reads {@code 6b}; a bare {@code 6} is its colder half, {@code 6a} (A2). */
    public static HardinessZone parse(String text) {
        return parse(text, 0);
    }

    /** Reads a plant's warmest zone: a bare {@code 8} is its warmer half, {@code 8b} (A2). */
    public static HardinessZone parseAsWarmest(String text) {
        return parse(text, 1);
    }

    private static HardinessZone parse(String text, int halfWhenBare) {
        Matcher matcher = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (matcher.matches()) {
            int zone = Integer.parseInt(matcher.group(1));
            int half =
                    matcher.group(2).isEmpty() ? halfWhenBare : matcher.group(2).charAt(0) - 'a';
            if (zone >= 1 && zone <= 13) {
                return new HardinessZone((zone - 1) * 2 + half);
            }
        }
        throw new Refused(
                "“%s” is not a hardiness zone; expected 1a to 13b, like 6b.",
                org.yellowfit.core.measure.Words.shorten(text));
    }

    /** @param celsius mean yearly lowest temperature; what lies beyond the scale counts as its end */
    public static HardinessZone ofMeanLow(double celsius) {
        if (!Double.isFinite(celsius)) {
            throw new Refused("The lowest temperature must be a finite number in °C.");
        }
        double fahrenheit = celsius * 9 / 5 + 32;
        // A temperature given in °F and carried as °C must not slip below its border by rounding.
        int half = (int) Math.floor((fahrenheit - SCALE_START_F) / HALF_ZONE_F + 1e-9);
        return new HardinessZone(Math.max(COLDEST, Math.min(WARMEST, half)));
    }

    public double lowestCelsius() {
        return (SCALE_START_F + half * HALF_ZONE_F - 32) * 5 / 9;
    }

    public double highestCelsius() {
        return (SCALE_START_F + (half + 1) * HALF_ZONE_F - 32) * 5 / 9;
    }

    /** The zone {@code halves} warmer (colder when negative), held at the ends of the scale. */
    public HardinessZone plus(int halves) {
        return new HardinessZone(Math.max(COLDEST, Math.min(WARMEST, half + halves)));
    }

    public String label() {
        return label(half);
    }

    public static String label(int half) {
        return (half / 2 + 1) + (half % 2 == 0 ? "a" : "b");
    }

    @Override
    public int compareTo(HardinessZone other) {
        return Integer.compare(half, other.half);
    }
}
