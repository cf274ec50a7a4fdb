package org.yellowfit.core.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.season.Merits;
import org.yellowfit.core.serve.PlantColumns;

/**
 * A snapshot of the catalogue laid out for the fit: one array for each trait the quick marks read. NaN and −1 stand for
 * unknown, a bit set is 0 when nothing is known. Immutable and safe to share between threads.
 */
public final class Catalogue {

    private static final int MOST_HORIZONS_KEPT = 8;

    final Cultivar[] plants;
    /** What they serve. */
    final PlantColumns serve;

    final byte[] zoneMin;
    final byte[] zoneMax;
    /** True for every plant. */
    final boolean[] every;
    /** False for every plant. */
    final boolean[] none;

    final boolean[] evergreen;
    final boolean[] annual;
    final boolean[] firstSeason;
    final boolean[] mayFlower;
    final boolean[] mayLoseColour;
    /** Grown chiefly for its flowers, its leaves, its fruit (L1). */
    final boolean[] chieflyFlower;

    final boolean[] chieflyLeaf;
    final boolean[] chieflyFruit;
    final boolean[] climber;
    /** Takes no pot, as far as is known. */
    final boolean[] noPot;

    /** Minutes of care a year; infinite when not known, so that it comes last among equals. */
    final double[] care;
    /** By which equals are ordered at last. */
    final String[] name;

    final boolean[] needsPartner;
    /** Columns and globes, which keep to a narrow strip (D5). */
    final boolean[] slender;
    /** Takes cutting back without losing its flowers, so its height may be kept; its width may (D3). */
    final boolean[] heightKept;

    final boolean[] widthKept;
    /** Flowers in summer from buds that stand through winter (A8). */
    final boolean[] winterBuds;

    final double[] sunLive;
    final double[] sunFlower;
    final double[] sunColour;
    final double[] sunMax;
    final double[] hotSunMax;
    final double[] moistureLow;
    final double[] moistureHigh;
    final double[] phLow;
    final double[] phHigh;
    final int[] texture;
    final int[] drainage;
    final int[] hazards;
    final int[] stands;
    final int[] dislikes;
    final byte[] deer;
    final byte[] rabbit;
    /** Half-zone from which it runs or seeds about, −1 when it does not or it is not known. */
    final byte[] spreadsAt;
    /** What the shop's watch list says of it; null for nothing. */
    final WatchList.Entry[] watched;

    /** By plant, the share of made-up places it fits; null until that is worked out (L5). */
    private volatile float[] breadth;

    /** Plants of whose sizes those here are at least. */
    private Cultivar[] least;

    private final Map<String, Integer> byId;
    private final Map<List<Double>, Sizes> sizes = new ConcurrentHashMap<>();
    private volatile Sizes lastSizes;

    private Catalogue(List<Cultivar> cultivars, WatchList watchList) {
        int n = cultivars.size();
        plants = cultivars.toArray(Cultivar[]::new);
        least = plants;
        serve = new PlantColumns(plants);
        zoneMin = new byte[n];
        zoneMax = new byte[n];
        none = new boolean[n];
        every = new boolean[n];
        java.util.Arrays.fill(every, true);
        evergreen = new boolean[n];
        annual = new boolean[n];
        firstSeason = new boolean[n];
        mayFlower = new boolean[n];
        mayLoseColour = new boolean[n];
        chieflyFlower = new boolean[n];
        chieflyLeaf = new boolean[n];
        chieflyFruit = new boolean[n];
        climber = new boolean[n];
        noPot = new boolean[n];
        care = new double[n];
        name = new String[n];
        needsPartner = new boolean[n];
        slender = new boolean[n];
        heightKept = new boolean[n];
        widthKept = new boolean[n];
        winterBuds = new boolean[n];
        sunLive = numbers(Traits.SUN_LIVE);
        sunFlower = numbers(Traits.SUN_FLOWER);
        sunColour = numbers(Traits.SUN_COLOUR);
        sunMax = numbers(Traits.SUN_MAX);
        hotSunMax = numbers(Traits.HOT_SUN_MAX);
        moistureLow = new double[n];
        moistureHigh = new double[n];
        phLow = new double[n];
        phHigh = new double[n];
        texture = words(Traits.TEXTURE);
        drainage = words(Traits.DRAINAGE);
        hazards = words(Traits.HAZARDS);
        stands = words(Traits.STANDS);
        dislikes = words(Traits.DISLIKES);
        deer = word(Traits.DEER);
        rabbit = word(Traits.RABBIT);
        spreadsAt = new byte[n];
        watched = new WatchList.Entry[n];
        byId = new HashMap<>(n * 2);
        for (int i = 0; i < n; i++) {
            fill(i);
            watched[i] = watchList.entry(plants[i]).orElse(null);
        }
    }

    public static Catalogue of(List<Cultivar> cultivars) {
        return of(cultivars, WatchList.EMPTY);
    }

    public static Catalogue of(List<Cultivar> cultivars, WatchList watchList) {
        return new Catalogue(cultivars, watchList);
    }

    /**
     * The same plants, none of which is ever taken to be smaller than here: sources that are larger at one age may be smaller
     * at another, and the cautious lets neither through (docs/rules.md, D1 by policy).
     */
    public Catalogue noSmallerThan(Catalogue usual) {
        if (usual.size() != size()) {
            throw new IllegalArgumentException("The catalogues hold other plants.");
        }
        least = usual.plants;
        return this;
    }

    public int size() {
        return plants.length;
    }

    public Optional<Cultivar> find(String id) {
        return Optional.ofNullable(byId.get(id)).map(i -> plants[i]);
    }

    public List<Cultivar> all() {
        return java.util.Collections.unmodifiableList(java.util.Arrays.asList(plants));
    }

    float[] breadth() {
        return breadth;
    }

    /** Whether specialists are known from plants that fit nearly everywhere, and come first among equals. */
    public boolean knowsSpecialists() {
        return breadth != null;
    }

    /**
     * From now on, specialists come first among equals.
     *
     * @param before an earlier state of the catalogue, whose plants keep what was worked out for them; null for none
     */
    public void findSpecialists(Catalogue before) {
        breadth = Breadth.of(this, before);
    }

    /** Place of a plant in {@link #all}, −1 when it is not there. */
    public int indexOf(String id) {
        return byId.getOrDefault(id, -1);
    }

    /**
     * Sizes at an age in so much sun (B7), worked out once for each that is asked for.
     *
     * @param sunHours null: as a plant grows where it has what it wants
     */
    Sizes sizesAt(double years, Double sunHours) {
        double hours = sunHours == null ? Double.NaN : PlantGrowth.toTheTenth(sunHours);
        Sizes last = lastSizes;
        if (last != null && last.isAt(years, hours)) {
            return last;
        }
        if (sizes.size() > MOST_HORIZONS_KEPT) {
            sizes.clear();
        }
        last = sizes.computeIfAbsent(List.of(years, hours), age -> new Sizes(plants, least, years, hours));
        lastSizes = last;
        return last;
    }

    private void fill(int i) {
        Cultivar plant = plants[i];
        byId.put(plant.id(), i);
        zoneMin[i] =
                (byte) (int) plant.get(Traits.ZONE_MIN).map(zone -> zone.half()).orElse(-1);
        zoneMax[i] =
                (byte) (int) plant.get(Traits.ZONE_MAX).map(zone -> zone.half()).orElse(-1);
        evergreen[i] = plant.persistence() == org.yellowfit.core.plant.Persistence.EVERGREEN;
        annual[i] = plant.isAnnual();
        firstSeason[i] = plant.is(Traits.FIRST_SEASON, YesNo.YES);
        mayFlower[i] = Appearance.mayFlower(plant);
        mayLoseColour[i] = Appearance.mayLoseColour(plant);
        heightKept[i] = Appearance.takesCutting(plant);
        widthKept[i] = heightKept[i] || Appearance.mayDivide(plant);
        slender[i] = plant.habit() == org.yellowfit.core.plant.Habit.COLUMNAR
                || plant.habit() == org.yellowfit.core.plant.Habit.GLOBE;
        winterBuds[i] = Appearance.hasWinterBuds(plant);
        spreadsAt[i] = (byte)
                (int) plant.get(Traits.SPREADS_AT_ZONE).map(zone -> zone.half()).orElse(-1);
        Set<Merit> chief = Merits.of(plant).chief();
        chieflyFlower[i] = chief.contains(Merit.FLOWER);
        chieflyLeaf[i] = chief.contains(Merit.LEAF);
        chieflyFruit[i] = chief.contains(Merit.FRUIT);
        climber[i] = plant.kind() == Kind.CLIMBER;
        noPot[i] = plant.is(Traits.POT_OK, YesNo.NO);
        name[i] = plant.name();
        care[i] = plant.get(Traits.CARE_MIN_YEAR).orElse(Double.POSITIVE_INFINITY);
        needsPartner[i] = plant.get(Traits.PARTNER_GROUP).isPresent();
        range(plant, Traits.MOISTURE, moistureLow, moistureHigh, i);
        range(plant, Traits.PH, phLow, phHigh, i);
    }

    private static void range(Cultivar plant, Trait<Interval> trait, double[] low, double[] high, int i) {
        low[i] = plant.get(trait).map(Interval::low).orElse(Double.NaN);
        high[i] = plant.get(trait).map(Interval::high).orElse(Double.NaN);
    }

    private double[] numbers(Trait<Double> trait) {
        double[] column = new double[plants.length];
        for (int i = 0; i < column.length; i++) {
            column[i] = plants[i].get(trait).orElse(Double.NaN);
        }
        return column;
    }

    private <E extends Enum<E>> int[] words(Trait<List<E>> trait) {
        int[] column = new int[plants.length];
        for (int i = 0; i < column.length; i++) {
            for (E word : plants[i].get(trait).orElse(List.of())) {
                column[i] |= bit(word);
            }
        }
        return column;
    }

    private <E extends Enum<E>> byte[] word(Trait<E> trait) {
        byte[] column = new byte[plants.length];
        for (int i = 0; i < column.length; i++) {
            column[i] = (byte) (int) plants[i].get(trait).map(Enum::ordinal).orElse(-1);
        }
        return column;
    }

    static int bit(Enum<?> word) {
        return 1 << word.ordinal();
    }
}
