package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.season.DayLook;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.Merits;
import org.yellowfit.core.season.PlantYear;
import org.yellowfit.core.season.Standing;

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

    static final int WEEKS = 52;
    private static final double DAYS_A_WEEK = 365.0 / WEEKS;
    /** Share of its flowers open from which a plant counts as in flower. */
    private static final double IN_FLOWER = 0.2;

    private static final double IN_LEAF = 0.4;
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

    private static int day(int week) {
        return 1 + (int) ((week + 0.5) * DAYS_A_WEEK);
    }

    private static int month(int week) {
        return Math.min(11, day(week) * 12 / 366);
    }

    static Showing of(Cultivar plant, GrowingPlace place) {
        PlantYear year = PlantYear.of(plant, place);
        boolean stems = Merits.of(plant).grades().containsKey(Merit.STEM);
        int winter = winter(place.seasons().south());
        boolean evergreen = plant.persistence() == Persistence.EVERGREEN;
        int[] shows = new int[12];
        int[] flowers = new int[12];
        long weeks = 0;
        List<List<Colour>> colours = new ArrayList<>();
        for (int week = 0; week < WEEKS; week++) {
            int month = month(week);
            DayLook look = year.day(day(week));
            boolean flowering = look.flowerShare() >= IN_FLOWER;
            List<Colour> seen = seen(look, flowering, stems);
            colours.add(seen);
            weeks |= seen.isEmpty() ? 0 : 1L << week;
            boolean green = evergreen && (winter >> month & 1) == 1;
            shows[month] += seen.isEmpty() && !green && !flowering ? 0 : 1;
            boolean bare = stems && look.standing() == Standing.BARE_STEMS;
            flowers[month] += flowering || look.fruit().isPresent() || bare ? 1 : 0;
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

    /** @param stems whether it is grown for its stems too */
    private static List<Colour> seen(DayLook look, boolean flowering, boolean stems) {
        List<Colour> seen = new ArrayList<>();
        if (flowering) {
            look.flower().filter(colour -> !isPlainGreen(colour.lab())).ifPresent(seen::add);
        }
        look.fruit().ifPresent(seen::add);
        if (stems && look.standing() == Standing.BARE_STEMS) {
            look.stem().ifPresent(seen::add);
        }
        if (look.standing() == Standing.IN_LEAF && look.leafShare() >= IN_LEAF) {
            look.leaves().stream().filter(colour -> !isPlainGreen(colour.lab())).forEach(seen::add);
        }
        return List.copyOf(seen);
    }

    /** Hues of ordinary leaves in OKLab, light or dark, neither golden nor blue. */
    static boolean isPlainGreen(OkLab lab) {
        double hue = lab.hueDegrees();
        return hue >= 112 && hue <= 168 && lab.chroma() > 0.03 && lab.lightness() < 0.74;
    }
}
