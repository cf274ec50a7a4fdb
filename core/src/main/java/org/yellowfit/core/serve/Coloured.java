package org.yellowfit.core.serve;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.BloomSpell;
import org.yellowfit.core.season.LeafLight;
import org.yellowfit.core.season.Show;
import org.yellowfit.core.season.SoilColour;

/**
 * A colour, where on the plant, in which months, as it will be here (rule L2): nearness × the weeks it shows, six being
 * enough × the share of the plant that shows it at its peak, a quarter being enough.
 */
final class Coloured extends JobMeasure {

    private static final double ENOUGH_WEEKS = 6;
    private static final double ENOUGH_SHARE = 0.25;
    /**
     * Share of the plant that each part covers at its peak, by its merit's grade from none to outstanding; our
     * estimate.
     */
    private static final double[] FLOWERS = {0.06, 0.12, 0.25, 0.4};

    private static final double[] FRUITS = {0.05, 0.1, 0.2, 0.3};
    private static final double[] STEMS = {0.1, 0.2, 0.4, 0.6};
    private static final double SECOND_LEAF_COLOUR = 0.4;
    /** What is left of a wish for only these colours when all flowers are of another. */
    private static final double OTHER_COLOUR = 0.3;

    private static final int SPRING = Show.mask(List.of(3, 4, 5));
    private static final int SUMMER = Show.mask(List.of(6, 7, 8));
    private static final int AUTUMN = Show.mask(List.of(9, 10, 11));
    private static final int WINTER = Show.mask(List.of(12, 1, 2));
    private static final int LEAFY = Show.mask(List.of(4, 5, 6, 7, 8, 9, 10, 11));
    private static final int LEAFLESS = Show.mask(List.of(11, 12, 1, 2, 3));

    /** Of a wish for blue or for pink, what soil that makes both of a flower leaves (C4); our judgement. */
    private static final double MIXED = 0.5;

    /** The part that answers best, as far as it was looked at. */
    private static final class Best {
        private double met = -1;
        private String part = "";
        private Colour colour = LeafLight.GREEN;
        private double weeks;

        boolean isAny() {
            return met >= 0;
        }
    }

    private final PlantColumns c;
    private final PlantColumns.Thirds thirds;
    private final UsePlace place;
    private final List<WantedColour> colours;
    private final Wants.ColourOf of;
    private final int months;
    /** Thirds of the months asked for; all where none is said. */
    private final long asked;

    private final boolean only;
    private final double enoughWeeks;
    private final Map<Colour, Double> nearness = new HashMap<>();
    /** The same by places in the palette; NaN where it was not asked for yet. */
    private final double[] byPlace;

    Coloured(PlantColumns c, Wants wants, UsePlace place, Importance importance) {
        super("colours", importance, asked(wants));
        this.c = c;
        thirds = c.thirds(place.zone());
        this.place = place;
        colours = wants.colours();
        of = wants.colourOf();
        months = place.northern(wants.colourMonths());
        asked = months == 0 ? -1 : PlantColumns.thirdsOf(months);
        byPlace = new double[c.palette().size()];
        Arrays.fill(byPlace, Double.NaN);
        only = wants.onlyThese();
        enoughWeeks =
                months == 0 ? ENOUGH_WEEKS : Math.min(ENOUGH_WEEKS, Integer.bitCount(months) * Seasons.WEEKS_PER_MONTH);
    }

    private static Fact asked(Wants wants) {
        Fact of = Fact.of(
                "wish.colour-of." + org.yellowfit.core.measure.Words.of(wants.colourOf()),
                Wishes.alternatives(wants.colours(), WantedColour::text));
        Fact which = wants.onlyThese() ? Fact.of("wish.only", of) : of;
        return wants.colourMonths().isEmpty()
                ? Fact.of("wish.colour", which)
                : Fact.of("wish.colour-in", which, Wishes.monthsAsked(wants.colourMonths()));
    }

    @Override
    int cost() {
        return 3;
    }

    @Override
    double met(int i) {
        Best best = best(i);
        if (!best.isAny()) {
            return Double.NaN;
        }
        return only ? best.met * flowersThatAgree(i) : best.met;
    }

    private boolean asks(Wants.ColourOf part) {
        return of == part || of == Wants.ColourOf.ANY;
    }

    /** Nothing where no colour of the parts asked for is known. */
    private Best best(int i) {
        Best best = new Best();
        if (asks(Wants.ColourOf.FLOWER)) {
            flowers(i, best);
        }
        if (asks(Wants.ColourOf.LEAF)) {
            leaves(i, best);
        }
        if (asks(Wants.ColourOf.FRUIT) || asks(Wants.ColourOf.STEM)) {
            fruitAndStems(i, best);
        }
        if (!best.isAny() && knownToHaveNone(c.kind[i])) {
            best.met = 0;
            best.part = "none";
        }
        return best;
    }

    private void fruitAndStems(int i, Best best) {
        if (c.fruitMonths[i] == 0 && !c.stemColoured[i]) {
            return;
        }
        Cultivar plant = c.plants[i];
        if (asks(Wants.ColourOf.FRUIT) && plant.get(Traits.FRUIT).isPresent()) {
            int shows = Show.mask(plant.get(Traits.FRUIT_MONTHS).orElse(List.of()));
            add(best, "fruit", plant.get(Traits.FRUIT).get(), weeks(shows), FRUITS[c.grade(i, Merit.FRUIT)]);
        }
        if (asks(Wants.ColourOf.STEM) && plant.get(Traits.STEM_WINTER).isPresent()) {
            add(best, "stem", plant.get(Traits.STEM_WINTER).get(), weeks(LEAFLESS), STEMS[c.grade(i, Merit.STEM)]);
        }
    }

    /** A plant without fruit or coloured stems on record has none; ferns and conifers have no flowers to speak of. */
    private boolean knownToHaveNone(Kind kind) {
        return switch (of) {
            case FRUIT, STEM -> true;
            case FLOWER -> kind == Kind.FERN || kind == Kind.CONIFER;
            default -> false;
        };
    }

    private void flowers(int i, Best best) {
        double share = FLOWERS[c.grade(i, Merit.FLOWER)];
        if (followsSoil(i)) {
            boolean mixed = soil() == SoilColour.MIXED;
            add(best, mixed ? "flower.mixed" : "flower", soil().colour(), soilNear(), flowerWeeks(i), share);
            return;
        }
        int[] own = c.flowerColours[i];
        double each = own.length <= 1 ? 1 : Math.max(0.6, 1.0 / own.length);
        for (int colour : own) {
            add(best, "flower", colour, flowerWeeks(i) * each, share);
        }
    }

    private double flowerWeeks(int i) {
        long open = thirds.of(i);
        return open < 0 ? enoughWeeks / 2 : place.weeks(c.annual[i], BloomSpell.weeksOf(open & asked));
    }

    /** C4: what follows the soil is blue, pink or between. */
    private SoilColour soil() {
        return SoilColour.at(place.ph());
    }

    /** Between the two it is half of either, whatever the eye makes of the mixture. */
    private double soilNear() {
        if (soil() != SoilColour.MIXED) {
            return near(soil().colour());
        }
        boolean either = colours.stream().map(WantedColour::text).anyMatch(Coloured::isBlueOrPink);
        return either ? MIXED : near(soil().colour());
    }

    private static boolean isBlueOrPink(String wanted) {
        return wanted.equals(SoilColour.BLUE.colour().name())
                || wanted.equals(SoilColour.PINK.colour().name());
    }

    private boolean followsSoil(int i) {
        return place.ph() != null && c.followsPh[i];
    }

    private List<Colour> flowersHere(int i) {
        return SoilColour.flowers(c.plants[i], place.ph());
    }

    private void leaves(int i, Best best) {
        boolean evergreen = c.persistence[i] == Persistence.EVERGREEN;
        int keeps = evergreen ? Show.ALL_YEAR : LEAFY;
        boolean greens = place.sunHours() != null && place.sunHours() < c.sunColour[i];
        if (months == 0 && !greens) {
            int[] own = c.leafColours[i];
            for (int k = 0; k < own.length; k++) {
                add(best, "leaf", own[k], summerWeeks(i), k == 0 ? 1 : SECOND_LEAF_COLOUR);
            }
            return;
        }
        Cultivar plant = c.plants[i];
        if (months == 0) {
            leaf(plant, Traits.LEAF_SUMMER, best, summerWeeks(i));
            return;
        }
        leaf(plant, Traits.LEAF_SPRING, best, weeks(SPRING & keeps));
        leaf(
                plant,
                Traits.LEAF_SUMMER,
                best,
                weeks((plant.get(Traits.LEAF_SPRING).isEmpty() ? SPRING | SUMMER : SUMMER) & keeps));
        leaf(plant, Traits.LEAF_AUTUMN, best, weeks(AUTUMN & keeps));
        if (evergreen) {
            boolean turns = plant.get(Traits.LEAF_WINTER).isPresent();
            leaf(plant, turns ? Traits.LEAF_WINTER : Traits.LEAF_SUMMER, best, weeks(WINTER));
        }
    }

    private double summerWeeks(int i) {
        return c.persistence[i] == Persistence.EVERGREEN ? 52 : place.weeks(c.annual[i], 26);
    }

    /** B2: the less sun, the greener, and the less of a wish for their own colour is met. */
    private void leaf(Cultivar plant, Trait<List<Colour>> trait, Best best, double weeks) {
        double greened = LeafLight.greened(plant, place.sunHours());
        List<Colour> own = plant.colours(trait);
        for (int k = 0; k < own.size(); k++) {
            double near = (1 - greened) * near(own.get(k)) + greened * near(LeafLight.GREEN);
            Colour here = LeafLight.lit(plant, own.get(k), place.sunHours());
            add(best, "leaf", here, near, weeks, k == 0 ? 1 : SECOND_LEAF_COLOUR);
        }
    }

    private double weeks(int shows) {
        return Integer.bitCount(months == 0 ? shows : shows & months) * Seasons.WEEKS_PER_MONTH;
    }

    /** @param colour its place in the palette */
    private void add(Best best, String part, int colour, double weeks, double share) {
        double near = byPlace[colour];
        if (Double.isNaN(near)) {
            near = near(c.palette().get(colour));
            byPlace[colour] = near;
        }
        if (near > 0 || !best.isAny()) {
            add(best, part, c.palette().get(colour), near, weeks, share);
        }
    }

    private void add(Best best, String part, Colour colour, double weeks, double share) {
        add(best, part, colour, near(colour), weeks, share);
    }

    private void add(Best best, String part, Colour colour, double near, double weeks, double share) {
        double met = near * Math.min(1, weeks / enoughWeeks + ROUNDING) * Math.min(1, share / ENOUGH_SHARE);
        if (met > best.met) {
            best.met = met;
            best.part = part;
            best.colour = colour;
            best.weeks = weeks;
        }
    }

    private double near(Colour colour) {
        Double known = nearness.get(colour);
        if (known == null) {
            known = colours.stream()
                    .mapToDouble(wanted -> wanted.nearness(colour))
                    .max()
                    .orElse(0);
            nearness.put(colour, known);
        }
        return known;
    }

    private double flowersThatAgree(int i) {
        return OTHER_COLOUR + (1 - OTHER_COLOUR) * agreement(i);
    }

    private double agreement(int i) {
        if (followsSoil(i)) {
            return soilNear();
        }
        return c.plants[i].colours(Traits.FLOWER_COLOURS).stream()
                .filter(colour -> !colour.lab().isLeafGreen())
                .mapToDouble(this::near)
                .average()
                .orElse(1);
    }

    @Override
    Fact why(int i) {
        Best best = best(i);
        if (!best.isAny() || best.part.equals("none")) {
            return new Because().say("colour.none").fact();
        }
        String near = best.met <= 0 ? "colour.other" : "colour";
        return new Because()
                .say(near + "." + best.part, best.colour.name(), Math.round(Math.min(52, best.weeks)))
                .sayIf(only && flowersThatAgree(i) < 0.95, "colour.flowers-differ", names(i))
                .fact();
    }

    private List<Object> names(int i) {
        return flowersHere(i).stream().<Object>map(Colour::name).toList();
    }
}
