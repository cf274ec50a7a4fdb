package org.yellowfit.core.plant;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.yellowfit.core.measure.UnitSystem;

/**
 * How much root a plant is sold with, by the name of its pot: {@code 2 l}, {@code 1 gal}, {@code 9 cm}, {@code plug},
 * {@code bare-root 60 cm}, {@code root-ball 100 cm}, {@code bag of 25}.
 *
 * <p>Sources: nursery stock standards name pots by litres or gallons; square pots by the trade's usual volumes (9 cm holds
 * 0.5 l, 10 cm 0.7 l); root balls and bare roots as about what a pot for the same height holds, our estimate.
 */
public final class PotSize {

    private static final Pattern LITRES = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(?:l|litres?|liters?)");
    private static final Pattern GALLONS = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(?:gal|gallons?)|#(\\d+)");
    private static final Pattern SQUARE = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*cm");
    private static final Pattern TALL = Pattern.compile("(bare-root|root-ball)\\s*(\\d+)?\\s*(?:cm)?");
    private static final Pattern IN_BAGS = Pattern.compile("bag of \\d+");

    /** Of a 9 cm pot, l; others by the cube of their width. */
    private static final double NINE_CM_L = 0.5;

    private static final double PLUG_L = 0.06;
    private static final double TRAY_CELL_L = 0.12;
    private static final double BULB_L = 0.1;
    private static final double BARE_ROOT_L_PER_M = 6;
    private static final double ROOT_BALL_L_PER_M = 15;
    private static final double USUAL_TALL_CM = 60;

    private static final double WOODY_M = 0.3;
    private static final double WOODY_POT_L = 3;
    private static final double WOODY_POWER = 0.55;
    private static final double OTHER_M = 0.15;
    private static final double OTHER_POT_L = 1;
    private static final double OTHER_POWER = 0.4;
    private static final double LEAST_M = 0.03;

    private PotSize() {}

    /** Litres of one plant; empty when the name tells none. */
    public static OptionalDouble litres(String pot) {
        String name = pot == null ? "" : pot.strip().toLowerCase(Locale.ROOT);
        Matcher litres = LITRES.matcher(name);
        if (litres.matches()) {
            return OptionalDouble.of(Double.parseDouble(litres.group(1)));
        }
        Matcher gallons = GALLONS.matcher(name);
        if (gallons.matches()) {
            String number = gallons.group(1) == null ? gallons.group(2) : gallons.group(1);
            return OptionalDouble.of(Double.parseDouble(number) * UnitSystem.GALLON_L);
        }
        Matcher square = SQUARE.matcher(name);
        if (square.matches()) {
            return OptionalDouble.of(NINE_CM_L * Math.pow(Double.parseDouble(square.group(1)) / 9, 3));
        }
        return otherwise(name);
    }

    /**
     * Height of a plant as it is sold in a pot, m: 30 cm of a woody plant and 15 cm of others in the pot the trade sells most
     * of, by the litres to the power of 0.55 (10 l about 60 cm, 25 l about 95 cm, as nursery stock standards have them for
     * shrubs) and 0.4; what is sold by its height stands that high. At most its height at ten years. Our estimate.
     */
    public static OptionalDouble heightM(Cultivar plant, String pot) {
        Matcher tall = TALL.matcher(pot == null ? "" : pot.strip().toLowerCase(Locale.ROOT));
        double most = plant.height10().mid();
        if (tall.matches() && tall.group(2) != null) {
            return OptionalDouble.of(Math.min(most, Double.parseDouble(tall.group(2)) / 100));
        }
        OptionalDouble litres = litres(pot);
        if (litres.isEmpty()) {
            return OptionalDouble.empty();
        }
        double height = plant.isWoody()
                ? WOODY_M * Math.pow(litres.getAsDouble() / WOODY_POT_L, WOODY_POWER)
                : OTHER_M * Math.pow(litres.getAsDouble() / OTHER_POT_L, OTHER_POWER);
        return OptionalDouble.of(Math.max(LEAST_M, Math.min(most, height)));
    }

    private static OptionalDouble otherwise(String name) {
        Matcher tall = TALL.matcher(name);
        if (tall.matches()) {
            double metres = (tall.group(2) == null ? USUAL_TALL_CM : Double.parseDouble(tall.group(2))) / 100;
            return OptionalDouble.of(
                    metres * (tall.group(1).equals("bare-root") ? BARE_ROOT_L_PER_M : ROOT_BALL_L_PER_M));
        }
        if (IN_BAGS.matcher(name).matches()) {
            return OptionalDouble.of(BULB_L);
        }
        return switch (name) {
            case "plug" -> OptionalDouble.of(PLUG_L);
            case "6-pack" -> OptionalDouble.of(TRAY_CELL_L);
            default -> OptionalDouble.empty();
        };
    }
}
