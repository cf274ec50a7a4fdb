package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.share;

import java.time.Month;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Fragrance;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.plant.Wildlife;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.season.DayLook;
import org.yellowfit.core.season.Interest;
import org.yellowfit.core.season.PlantYear;

/**
 * One wish and how a plant meets it.
 *
 * @param field by its name in the API
 * @param asked what exactly
 * @param met   wholly 1, in part, not at all 0; unknown NaN
 */
record Wish(String field, Fact asked, double met) {
    Wish {
        if (!Double.isNaN(met)) {
            share("How far a wish is met", met);
        }
    }

    private static final List<Trait<List<Colour>>> LEAVES =
            List.of(Traits.LEAF_SPRING, Traits.LEAF_SUMMER, Traits.LEAF_AUTUMN, Traits.LEAF_WINTER);
    /** Shares of leaves and flowers that have to show for a colour to be seen; our judgement. */
    private static final double LEAVES_SEEN = 0.3;

    private static final double FLOWERS_SEEN = 0.05;
    /** A height reached but for the last digits is reached. */
    private static final double ROUNDING = 1e-9;

    boolean isMet() {
        return met >= 1;
    }

    boolean isUnknown() {
        return Double.isNaN(met);
    }

    /** Every wish, in the order they are told. */
    static List<Wish> of(Cultivar plant, Wants wants, Question q) {
        List<Wish> wishes = new ArrayList<>();
        if (wants.evergreen()) {
            wishes.add(new Wish("evergreen", Fact.of("wish.evergreen"), evergreen(plant)));
        }
        if (!wants.colours().isEmpty()) {
            wishes.add(new Wish("colours", colourAsked(wants), coloured(plant, wants, q)));
        }
        if (!wants.bloomMonths().isEmpty()) {
            Fact asked = Fact.of("wish.bloom", monthsAsked(wants.bloomMonths()));
            wishes.add(new Wish("bloomMonths", asked, blooms(plant, wants.bloomMonths(), q)));
        }
        if (!wants.uses().isEmpty()) {
            wishes.add(new Wish("uses", Fact.of("wish.use", List.copyOf(wants.uses())), used(plant, wants)));
        }
        if (wants.screenHeightM() != null) {
            Fact asked = Fact.of("wish.screen", Amount.metres(wants.screenHeightM()), wants.screenByYear());
            wishes.add(new Wish("screenHeightM", asked, screens(plant, wants)));
        }
        if (wants.fragrance()) {
            Optional<Boolean> scented = plant.get(Traits.FRAGRANCE).map(list -> !list.contains(Fragrance.NONE));
            wishes.add(new Wish("fragrance", Fact.of("wish.fragrance"), known(scented)));
        }
        addWildlife(wishes, plant, wants);
        if (wants.winterInterest()) {
            boolean shows = Interest.showsInWinter(plant, zone(q));
            wishes.add(new Wish("winterInterest", Fact.of("wish.winter"), shows ? 1 : 0));
        }
        if (wants.nativeRegion() != null) {
            Optional<Boolean> from = plant.get(Traits.NATIVE_REGION).map(region -> isIn(region, wants.nativeRegion()));
            wishes.add(new Wish("nativeRegion", Fact.of("wish.native", wants.nativeRegion()), known(from)));
        }
        addLimits(wishes, plant, wants);
        return wishes;
    }

    private static void addWildlife(List<Wish> wishes, Cultivar plant, Wants wants) {
        Optional<List<Wildlife>> fed = plant.get(Traits.WILDLIFE);
        if (wants.pollinators()) {
            wishes.add(new Wish("pollinators", Fact.of("wish.pollinators"), known(fed.map(Wish::feedsPollinators))));
        }
        if (wants.berries()) {
            Optional<Boolean> bears = plant.get(Traits.FRUIT).map(colour -> true);
            boolean silent = plant.get(Traits.FRUIT_MONTHS).isEmpty() && bears.isEmpty();
            wishes.add(new Wish("berries", Fact.of("wish.berries"), silent ? 0 : known(bears)));
        }
        if (wants.birds()) {
            wishes.add(new Wish("birds", Fact.of("wish.birds"), known(fed.map(list -> list.contains(Wildlife.BIRDS)))));
        }
    }

    private static void addLimits(List<Wish> wishes, Cultivar plant, Wants wants) {
        if (wants.maxCareMinutes() != null) {
            Optional<Boolean> little =
                    plant.get(Traits.CARE_MIN_YEAR).map(minutes -> minutes <= wants.maxCareMinutes());
            Fact asked = Fact.of("wish.care", Amount.minutes(wants.maxCareMinutes()));
            wishes.add(new Wish("maxCareMinutes", asked, known(little)));
        }
        if (wants.maxPrice() != null) {
            Optional<Boolean> cheap = plant.get(Traits.SIZES_SOLD)
                    .map(sold -> sold.stream().anyMatch(pot -> pot.price().doubleValue() <= wants.maxPrice()));
            wishes.add(new Wish("maxPrice", Fact.of("wish.price", Amount.money(wants.maxPrice())), known(cheap)));
        }
    }

    /** In a pot a plant has to be suited to one: asked for by the place itself. */
    static Wish pot(Cultivar plant) {
        return new Wish(
                "container", Fact.of("wish.pot"), known(plant.get(Traits.POT_OK).map(ok -> ok == YesNo.YES)));
    }

    private static double evergreen(Cultivar plant) {
        return plant.persistence() == Persistence.EVERGREEN
                ? 1
                : plant.persistence() == Persistence.SEMI_EVERGREEN ? 0.5 : 0;
    }

    private static Fact colourAsked(Wants wants) {
        Fact of = Fact.of(
                "wish.colour-of." + Words.of(wants.colourOf()), alternatives(wants.colours(), WantedColour::text));
        return wants.colourMonths().isEmpty()
                ? Fact.of("wish.colour", of)
                : Fact.of("wish.colour-in", of, monthsAsked(wants.colourMonths()));
    }

    private static Fact monthsAsked(List<Integer> months) {
        return alternatives(months, Month::of);
    }

    private static <T> Fact alternatives(List<T> values, Function<T, Object> value) {
        return Fact.of("any-of", values.stream().map(value).toList());
    }

    private static boolean isIn(String region, String asked) {
        return region.toLowerCase(Locale.ROOT).contains(asked.toLowerCase(Locale.ROOT));
    }

    /** A10: south of the equator the year is turned by half. */
    private static int northern(int month, Question q) {
        return q.site().season().isSouth() ? (month + 5) % 12 + 1 : month;
    }

    private static Optional<HardinessZone> zone(Question q) {
        return Optional.ofNullable(q.site().winter().zone());
    }

    private static double coloured(Cultivar plant, Wants wants, Question q) {
        if (!wants.colourMonths().isEmpty()) {
            PlantYear year = PlantYear.of(plant, zone(q));
            return wants.colourMonths().stream()
                            .map(month -> year.month(northern(month, q)))
                            .anyMatch(look -> shows(look, wants))
                    ? 1
                    : 0;
        }
        List<Colour> colours = new ArrayList<>();
        if (wants.colourOf() != Wants.ColourOf.FLOWER) {
            LEAVES.forEach(trait -> colours.addAll(plant.colours(trait)));
        }
        if (wants.colourOf() != Wants.ColourOf.LEAF) {
            colours.addAll(plant.colours(Traits.FLOWER_COLOURS));
        }
        if (colours.isEmpty()) {
            return wants.colourOf() == Wants.ColourOf.FLOWER && !Appearance.mayFlower(plant) ? 0 : Double.NaN;
        }
        return colours.stream().anyMatch(colour -> answers(colour, wants)) ? 1 : 0;
    }

    private static boolean shows(DayLook look, Wants wants) {
        boolean leaf = wants.colourOf() != Wants.ColourOf.FLOWER
                && look.leafShare() > LEAVES_SEEN
                && look.leaves().stream().anyMatch(colour -> answers(colour, wants));
        return leaf
                || wants.colourOf() != Wants.ColourOf.LEAF
                        && look.flowerShare() > FLOWERS_SEEN
                        && look.flower()
                                .filter(colour -> answers(colour, wants))
                                .isPresent();
    }

    private static boolean answers(Colour colour, Wants wants) {
        return wants.colours().stream().anyMatch(wanted -> wanted.answeredBy(colour));
    }

    /**
     * In flower here in any of the months asked for: a customer who names three wants something to open in each, not
     * one plant that
     * flowers through all. A plant without a known bloom is unknown.
     */
    private static double blooms(Cultivar plant, List<Integer> months, Question q) {
        List<Optional<Boolean>> flowers = months.stream()
                .map(month -> Interest.flowersIn(plant, northern(month, q), zone(q)))
                .toList();
        if (flowers.get(0).isEmpty()) {
            return Appearance.mayFlower(plant) ? Double.NaN : 0;
        }
        return flowers.stream().anyMatch(Optional::get) ? 1 : 0;
    }

    private static double used(Cultivar plant, Wants wants) {
        Optional<List<Use>> uses = plant.get(Traits.USES);
        if (uses.isEmpty()) {
            return Double.NaN;
        }
        // A climber screens only what holds it up; who has a trellis asks for a climber too.
        boolean unheld = plant.kind() == Kind.CLIMBER && !wants.uses().contains(Use.CLIMBER);
        return Collections.disjoint(uses.get(), wants.uses()) ? 0 : unheld ? 0.5 : 1;
    }

    /** Share of the height reached by the year, by the usual growth. */
    private static double screens(Cultivar plant, Wants wants) {
        return Math.min(1, PlantGrowth.of(plant).height(wants.screenByYear()).mid() / wants.screenHeightM() + ROUNDING);
    }

    private static boolean feedsPollinators(List<Wildlife> fed) {
        return fed.contains(Wildlife.BEES) || fed.contains(Wildlife.BUTTERFLIES) || fed.contains(Wildlife.HUMMINGBIRDS);
    }

    private static double known(Optional<Boolean> met) {
        return met.map(yes -> yes ? 1.0 : 0.0).orElse(Double.NaN);
    }
}
