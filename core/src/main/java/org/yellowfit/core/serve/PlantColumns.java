package org.yellowfit.core.serve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.MeritGrade;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.plant.SpreadMode;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.season.BloomSpell;
import org.yellowfit.core.season.Merits;
import org.yellowfit.core.season.Show;
import org.yellowfit.core.season.SoilColour;

/**
 * The plants of a catalogue laid out for what they serve: merits, and what is worked out for a plant when it is first
 * asked for. Safe to share between threads, which at worst work out the same numbers twice.
 */
public final class PlantColumns {

    private static final int MERITS = Merit.values().length;
    private static final int MOST_KEPT = 8;
    /** What is looked at: not the ground covered, nor the scent. */
    private static final java.util.Set<Merit> SIGHTS =
            java.util.EnumSet.of(Merit.FLOWER, Merit.LEAF, Merit.AUTUMN, Merit.FRUIT, Merit.STEM, Merit.FORM);

    final Cultivar[] plants;
    /** How much it gives to look at over the year, 0–1 (L3). */
    public final double[] show;
    /** Minutes of care a year; NaN when not known. */
    public final double[] care;
    /** Of the smallest size sold; NaN when not known. */
    public final double[] price;

    final String[] genus;
    /** Has flowers of another colour than green. */
    final boolean[] showyFlowers;

    final Kind[] kind;
    final Persistence[] persistence;
    final boolean[] annual;
    final boolean[] woody;
    /** Usual height and spread at ten years, m. */
    final float[] height10;

    final float[] spread10;
    /** Words as bits; −1 where nothing is known. */
    final int[] uses;

    final int[] wildlife;
    /** Null where it is not known. */
    final SpreadMode[] spreadMode;
    /** Months of fruit that has a colour; 0 for none. */
    final short[] fruitMonths;

    final boolean[] standsWinter;
    final boolean[] stemColoured;
    final boolean[] followsPh;
    /** Hours of sun its leaf colour needs; 0 where it needs none. */
    final float[] sunColour;
    /** Colours of flowers, and of leaves in summer, as places in the palette. */
    final int[][] flowerColours;

    final int[][] leafColours;
    private final List<Colour> palette = new ArrayList<>();
    private final Map<Colour, Integer> inPalette = new HashMap<>();

    private final byte[] grades;
    private final boolean[] estimated;
    /** Months in which something of a grade shows, by grade less one. */
    private final short[][] monthsByGrade = new short[MeritGrade.MOST][];

    private final Map<List<Double>, Aged> aged = new ConcurrentHashMap<>();
    private final Map<Integer, Thirds> thirdsByZone = new ConcurrentHashMap<>();

    public PlantColumns(Cultivar[] plants) {
        this.plants = plants;
        int n = plants.length;
        show = new double[n];
        care = new double[n];
        price = new double[n];
        genus = new String[n];
        showyFlowers = new boolean[n];
        kind = new Kind[n];
        persistence = new Persistence[n];
        annual = new boolean[n];
        woody = new boolean[n];
        height10 = new float[n];
        spread10 = new float[n];
        uses = new int[n];
        wildlife = new int[n];
        spreadMode = new SpreadMode[n];
        fruitMonths = new short[n];
        standsWinter = new boolean[n];
        stemColoured = new boolean[n];
        followsPh = new boolean[n];
        sunColour = new float[n];
        flowerColours = new int[n][];
        leafColours = new int[n][];
        grades = new byte[n * MERITS];
        estimated = new boolean[n];
        for (int g = 0; g < monthsByGrade.length; g++) {
            monthsByGrade[g] = new short[n];
        }
        for (int i = 0; i < n; i++) {
            fill(i);
        }
    }

    private void fill(int i) {
        Cultivar plant = plants[i];
        Merits merits = Merits.of(plant);
        estimated[i] = merits.estimated();
        for (Map.Entry<Merit, Integer> each : merits.grades().entrySet()) {
            int shows = Show.monthsOf(each.getKey(), plant);
            grades[i * MERITS + each.getKey().ordinal()] = (byte) (int) each.getValue();
            monthsByGrade[each.getValue() - 1][i] |= (short) shows;
            show[i] = Math.max(show[i], Show.of(each.getValue(), shows, Show.ALL_YEAR));
        }
        care[i] = plant.get(Traits.CARE_MIN_YEAR).orElse(Double.NaN);
        price[i] = plant.get(Traits.SIZES_SOLD)
                .flatMap(sold -> sold.stream().map(PotPrice::price).min(java.math.BigDecimal::compareTo))
                .map(java.math.BigDecimal::doubleValue)
                .orElse(Double.NaN);
        genus[i] = plant.genus();
        for (Colour colour : plant.colours(Traits.FLOWER_COLOURS)) {
            showyFlowers[i] |= !colour.lab().isLeafGreen();
        }
        fillTraits(i, plant);
    }

    private void fillTraits(int i, Cultivar plant) {
        kind[i] = plant.kind();
        persistence[i] = plant.persistence();
        annual[i] = plant.isAnnual();
        woody[i] = plant.isWoody();
        height10[i] = (float) plant.height10().mid();
        spread10[i] = (float) plant.spread10().mid();
        uses[i] = plant.get(Traits.USES).map(PlantColumns::bits).orElse(-1);
        wildlife[i] = plant.get(Traits.WILDLIFE).map(PlantColumns::bits).orElse(-1);
        spreadMode[i] = plant.get(Traits.SPREAD_MODE).orElse(null);
        fruitMonths[i] = plant.get(Traits.FRUIT).isEmpty()
                ? 0
                : (short) Show.mask(plant.get(Traits.FRUIT_MONTHS).orElse(List.of()));
        standsWinter[i] = plant.is(Traits.STANDS_WINTER, YesNo.YES);
        stemColoured[i] = plant.get(Traits.STEM_WINTER).isPresent();
        followsPh[i] = SoilColour.follows(plant);
        sunColour[i] = plant.get(Traits.SUN_COLOUR).orElse(0.0).floatValue();
        flowerColours[i] = places(plant.colours(Traits.FLOWER_COLOURS));
        leafColours[i] = places(plant.colours(Traits.LEAF_SUMMER));
    }

    private int[] places(List<Colour> colours) {
        int[] places = new int[colours.size()];
        for (int k = 0; k < places.length; k++) {
            places[k] = inPalette.computeIfAbsent(colours.get(k), colour -> {
                palette.add(colour);
                return palette.size() - 1;
            });
        }
        return places;
    }

    /** The colours there are, by their places. */
    List<Colour> palette() {
        return palette;
    }

    static int bits(List<? extends Enum<?>> words) {
        int bits = 0;
        for (Enum<?> word : words) {
            bits |= bit(word);
        }
        return bits;
    }

    static int bit(Enum<?> word) {
        return 1 << word.ordinal();
    }

    boolean isUsedFor(int i, Use use) {
        return uses[i] > 0 && (uses[i] & bit(use)) != 0;
    }

    public int size() {
        return plants.length;
    }

    int grade(int i, Merit merit) {
        return grades[i * MERITS + merit.ordinal()];
    }

    boolean isEstimated(int i) {
        return estimated[i];
    }

    /** How much it gives to look at in some northern months; over the year when none are said. */
    double show(int i, int months) {
        if (months == 0) {
            return show[i];
        }
        double best = 0;
        for (int g = 1; g <= MeritGrade.MOST; g++) {
            best = Math.max(best, Show.of(g, monthsByGrade[g - 1][i], months));
        }
        return best;
    }

    /** How much some of its merits give to look at in some northern months. */
    double show(int i, int months, java.util.Set<Merit> merits) {
        double best = 0;
        for (Merit merit : merits) {
            int grade = grade(i, merit);
            if (grade > 0) {
                best = Math.max(best, Show.of(grade, Show.monthsOf(merit, plants[i]), months));
            }
        }
        return best;
    }

    /** How much there is to look at in some northern months, or over the year. */
    double sights(int i, int months) {
        return show(i, months == 0 ? Show.ALL_YEAR : months, SIGHTS);
    }

    /** All grades of its merits added up. */
    int gradesTogether(int i) {
        int all = 0;
        for (Merit merit : SIGHTS) {
            all += grade(i, merit);
        }
        return all;
    }

    /** Months in which something of at least this grade shows. */
    int monthsOfShow(int i, int leastGrade) {
        int months = 0;
        for (int g = leastGrade; g <= MeritGrade.MOST; g++) {
            months |= monthsByGrade[g - 1][i];
        }
        return months & Show.ALL_YEAR;
    }

    /** Sizes at an age. */
    static final class Aged {
        private final Cultivar[] plants;
        private final double years;
        private final double pot;
        /** NaN where it is not known. */
        private final double sunHours;

        private final float[] height;
        private final float[] spread;

        Aged(Cultivar[] plants, double years, double pot, double sunHours) {
            this.plants = plants;
            this.years = years;
            this.pot = pot;
            this.sunHours = sunHours;
            height = new float[plants.length];
            spread = new float[plants.length];
            Arrays.fill(height, Float.NaN);
            Arrays.fill(spread, Float.NaN);
        }

        /** Usual height in leaf, m. */
        double height(int i) {
            if (Float.isNaN(height[i])) {
                height[i] = (float) growth(i).height(years).mid();
            }
            return height[i];
        }

        /** Usual spread, m. */
        double spread(int i) {
            if (Float.isNaN(spread[i])) {
                spread[i] = (float) growth(i).spread(years).mid();
            }
            return spread[i];
        }

        private PlantGrowth growth(int i) {
            PlantGrowth usual = PlantGrowth.of(plants[i]);
            PlantGrowth lit = Double.isNaN(sunHours) ? usual : usual.inSun(sunHours);
            return Double.isNaN(pot) ? lit : lit.fromPot(pot);
        }
    }

    /** Sizes as the plants leave the shop, in the sun of a place (B7). */
    Aged at(double years, UsePlace place) {
        return at(years, null, place);
    }

    /** @param potHeightM height bought; null for what is usual */
    Aged at(double years, Double potHeightM, UsePlace place) {
        double pot = potHeightM == null ? Double.NaN : potHeightM;
        double sun = place.sunHours() == null ? Double.NaN : PlantGrowth.toTheTenth(place.sunHours());
        if (aged.size() > MOST_KEPT) {
            aged.clear();
        }
        return aged.computeIfAbsent(List.of(years, pot, sun), key -> new Aged(plants, years, pot, sun));
    }

    /** Thirds of months in flower at a zone, see {@link BloomSpell#openThirds}. */
    static final class Thirds {
        private static final long NOT_YET = Long.MIN_VALUE;
        private final Cultivar[] plants;
        private final HardinessZone zone;
        private final long[] open;

        Thirds(Cultivar[] plants, HardinessZone zone) {
            this.plants = plants;
            this.zone = zone;
            open = new long[plants.length];
            Arrays.fill(open, NOT_YET);
        }

        /** −1 when its bloom is not known. */
        long of(int i) {
            if (open[i] == NOT_YET) {
                open[i] = BloomSpell.openThirds(plants[i], Optional.ofNullable(zone))
                        .orElse(-1);
            }
            return open[i];
        }
    }

    /** @param zone null where it is not known */
    Thirds thirds(HardinessZone zone) {
        if (thirdsByZone.size() > MOST_KEPT) {
            thirdsByZone.clear();
        }
        return thirdsByZone.computeIfAbsent(zone == null ? -1 : zone.half(), half -> new Thirds(plants, zone));
    }

    /** Northern months as thirds: three bits for one. */
    static long thirdsOf(int months) {
        long thirds = 0;
        for (int month = 0; month < 12; month++) {
            thirds |= (months >> month & 1) == 1 ? 7L << (3 * month) : 0;
        }
        return thirds;
    }

    /** Northern months of which some third is in. */
    static int monthsOf(long thirds) {
        int months = 0;
        for (int month = 0; month < 12; month++) {
            months |= (thirds >> (3 * month) & 7) != 0 ? 1 << month : 0;
        }
        return months;
    }
}
