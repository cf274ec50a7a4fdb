package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.between;
import static org.yellowfit.core.measure.Checks.betweenOrUnknown;

import java.util.List;
import java.util.Set;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Use;

/**
 * What the customer asks for beyond growing there. Empty, false and null: not asked for.
 *
 * @param colours        any of them
 * @param colourOf       where the colour is looked for; ANY unless said
 * @param colourMonths   1–12, months in which the colour is to be seen, any of them; empty: whenever
 * @param bloomMonths    1–12, any of them
 * @param birds          fruit or seed for birds
 * @param berries        fruit, for whoever looks at it or eats it
 * @param winterInterest something to look at from November to March
 * @param nativeRegion   as the catalogue writes it
 * @param maxCareMinutes a plant a year
 * @param maxPrice       of the smallest size sold, in the store's currency
 * @param screenHeightM  to be reached by {@code screenByYear}, m
 * @param must           fields by name of which a miss rules a plant out
 * @param never          what a plant must not be or have; its own {@code must} and {@code never} mean nothing
 */
public record Wants(
        Set<Kind> kinds,
        boolean evergreen,
        List<WantedColour> colours,
        ColourOf colourOf,
        List<Integer> colourMonths,
        List<Integer> bloomMonths,
        boolean fragrance,
        boolean pollinators,
        boolean birds,
        boolean berries,
        boolean winterInterest,
        String nativeRegion,
        Double maxCareMinutes,
        Double maxPrice,
        Set<Use> uses,
        Double screenHeightM,
        int screenByYear,
        Set<String> must,
        Wants never) {
    public Wants {
        betweenOrUnknown("The minutes of care", maxCareMinutes, 0, 6000, "minutes");
        betweenOrUnknown("The price", maxPrice, 0, 100_000, "");
        betweenOrUnknown("The screen’s height", screenHeightM, 0, 200, "m");
        between("The screen’s year", screenByYear, 1, 100, "years");
    }

    /** Where a colour is looked for. */
    public enum ColourOf {
        ANY,
        LEAF,
        FLOWER
    }

    public static final int USUAL_SCREEN_YEARS = 5;
    public static final Wants NOTHING = new Wants(
            Set.of(),
            false,
            List.of(),
            ColourOf.ANY,
            List.of(),
            List.of(),
            false,
            false,
            false,
            false,
            false,
            null,
            null,
            null,
            Set.of(),
            null,
            USUAL_SCREEN_YEARS,
            Set.of(),
            null);

    public boolean isNothing() {
        return kinds.isEmpty() && wishesNothing() && (never == null || never.kinds.isEmpty() && never.wishesNothing());
    }

    /** Whether nothing is asked for but perhaps a kind. */
    boolean wishesNothing() {
        return !evergreen
                && colours.isEmpty()
                && bloomMonths.isEmpty()
                && !fragrance
                && !pollinators
                && !birds
                && !berries
                && !winterInterest
                && nativeRegion == null
                && maxCareMinutes == null
                && maxPrice == null
                && uses.isEmpty()
                && screenHeightM == null;
    }
}
