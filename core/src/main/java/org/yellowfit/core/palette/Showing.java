package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.LookOfYear;

/**
 * What of a plant is to be seen through the weeks of a year at a place: flowers, fruit, coloured stems, leaves
 * other than
 * plain green, and from November to March evergreen leaves.
 *
 * @param months   in which it shows, bit 0 for January
 * @param flowers  months in which it flowers, or shows fruit or coloured stems: more than leaves
 * @param weeks    in which a colour shows, bit 0 for the first week of January; plain green is no colour
 * @param colours  that show, by week; empty where none does
 */
record Showing(int months, int flowers, long weeks, List<List<Colour>> colours) {

    static final int WEEKS = LookOfYear.WEEKS;
    /** Weeks of a month from which it counts. */
    private static final int WEEKS_A_MONTH = 2;

    private static final int NORTHERN_WINTER = 0b110000000111;
    private static final int SOUTHERN_WINTER = 0b000111110000;

    static int winter(boolean south) {
        return south ? SOUTHERN_WINTER : NORTHERN_WINTER;
    }

    /** The weeks of some months, bit 0 for the first week of January. */
    static long weeksOf(int months) {
        long weeks = 0;
        for (int week = 0; week < WEEKS; week++) {
            weeks |= (months >> month(week) & 1) == 1 ? 1L << week : 0;
        }
        return weeks;
    }

    private static int month(int week) {
        return LookOfYear.monthOfWeek(week) - 1;
    }

    static Showing of(Cultivar plant, GrowingPlace place) {
        LookOfYear year = new LookOfYear(plant, place);
        int[] shows = new int[12];
        int[] flowers = new int[12];
        long weeks = 0;
        List<List<Colour>> colours = new ArrayList<>();
        for (int week = 0; week < WEEKS; week++) {
            int month = month(week);
            Set<LookOfYear.Sight> sights = year.sights(week);
            List<Colour> seen = year.colours(week);
            colours.add(seen);
            weeks |= seen.isEmpty() ? 0 : 1L << week;
            shows[month] += sights.isEmpty() ? 0 : 1;
            boolean leavesAlone = EnumSet.of(LookOfYear.Sight.LEAF, LookOfYear.Sight.EVERGREEN)
                    .containsAll(sights);
            flowers[month] += leavesAlone ? 0 : 1;
        }
        return new Showing(mask(shows), mask(flowers), weeks, colours);
    }

    private static int mask(int[] weeks) {
        int mask = 0;
        for (int month = 0; month < 12; month++) {
            mask |= weeks[month] >= WEEKS_A_MONTH ? 1 << month : 0;
        }
        return mask;
    }
}
