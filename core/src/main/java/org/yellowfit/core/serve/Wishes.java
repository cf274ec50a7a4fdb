package org.yellowfit.core.serve;

import static org.yellowfit.core.serve.ServeNumber.MOST_OF_A_MONTH;
import static org.yellowfit.core.serve.ServeNumber.WEEKS_OF_ONE_PLANT;

import java.time.Month;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.IntToDoubleFunction;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Fragrance;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.MeritGrade;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.plant.Wildlife;
import org.yellowfit.core.season.BloomSpell;

/** Wishes that a trait answers (rules G5 and L3). */
final class Wishes {

    /** A wish that is one function of the plant. */
    private static final class Simple extends Measure {
        private final IntToDoubleFunction met;
        private final IntFunction<Fact> why;
        private final double enough;

        Simple(
                String want,
                Importance importance,
                Fact asked,
                double enough,
                IntToDoubleFunction met,
                IntFunction<Fact> why) {
            super(want, importance, asked);
            this.met = met;
            this.why = why;
            this.enough = enough;
        }

        @Override
        double met(int i) {
            return met.applyAsDouble(i);
        }

        @Override
        Fact why(int i) {
            return why.apply(i);
        }

        @Override
        double enough() {
            return enough;
        }

        @Override
        int cost() {
            return 1;
        }
    }

    /** The tufts of a grass that nobody grows for its flowers. */
    private static final double NO_FLOWERS_TO_SPEAK_OF = 0.4;

    private static final Set<Wildlife> POLLINATORS =
            EnumSet.of(Wildlife.BEES, Wildlife.BUTTERFLIES, Wildlife.HUMMINGBIRDS);

    private static final double WHOLLY = 1 - Measure.ROUNDING;

    private final PlantColumns c;
    private final PlantColumns.Thirds thirds;
    private final Wants wants;
    private final UsePlace place;

    Wishes(PlantColumns c, Wants wants, UsePlace place) {
        this.c = c;
        thirds = c.thirds(place.zone());
        this.wants = wants;
        this.place = place;
    }

    private Importance importance(String wish) {
        return wants.importance(wish);
    }

    private static final double HALF = 0.5;
    private static final int THIRDS_OF_A_MONTH = 3;

    private Measure simple(String want, Fact asked, IntToDoubleFunction met, IntFunction<Fact> why) {
        return new Simple(want, importance(want), asked, WHOLLY, met, why);
    }

    private static Fact because(String key, Object... values) {
        return new Because().say(key, values).fact();
    }

    Measure kinds() {
        Set<Kind> kinds = wants.kinds();
        return simple(
                "kinds",
                Fact.of("value", List.copyOf(kinds)),
                i -> kinds.contains(c.plants[i].kind()) ? 1 : 0,
                i -> because("kind", c.plants[i].kind()));
    }

    Measure evergreen() {
        return simple(
                "evergreen",
                Fact.of("wish.evergreen"),
                i -> keeps(c.persistence[i]),
                i -> because("keeps", c.plants[i].persistence()));
    }

    private static double keeps(Persistence persistence) {
        return switch (persistence) {
            case EVERGREEN -> 1;
            case SEMI_EVERGREEN -> 0.5;
            default -> 0;
        };
    }

    /**
     * Weeks in flower within the months asked for, ten of which are enough of one plant (L9); of a single month most of
     * it.
     */
    Measure bloom() {
        int months = place.northern(wants.bloomMonths());
        long asked = PlantColumns.thirdsOf(months);
        return new Simple(
                "bloomMonths",
                importance("bloomMonths"),
                Fact.of("wish.bloom", monthsAsked(wants.bloomMonths())),
                HALF,
                i -> blooms(i, asked),
                i -> flowering(i, months));
    }

    /** Of one plant so many weeks in flower are enough. */
    private double enoughWeeks(long asked) {
        double weeks = BloomSpell.weeksOf(asked);
        boolean oneMonth = Long.bitCount(asked) == THIRDS_OF_A_MONTH;
        return oneMonth ? weeks * MOST_OF_A_MONTH.value() : Math.min(weeks, WEEKS_OF_ONE_PLANT.value());
    }

    private double blooms(int i, long asked) {
        long open = thirds.of(i);
        boolean forFlowers = c.grade(i, Merit.FLOWER) > 0 || c.isEstimated(i);
        if (open < 0) {
            return forFlowers && mayFlower(c.plants[i]) ? Double.NaN : 0;
        }
        double weeks = place.weeks(c.annual[i], BloomSpell.weeksOf(open & asked));
        double met = weeks <= 0 ? 0 : Math.min(1, weeks / enoughWeeks(asked) + Measure.ROUNDING);
        return forFlowers ? met : NO_FLOWERS_TO_SPEAK_OF * met;
    }

    private static boolean mayFlower(Cultivar plant) {
        boolean neverShows = plant.kind() == Kind.FERN || plant.kind() == Kind.CONIFER;
        return !neverShows || plant.get(Traits.FLOWER_COLOURS).isPresent();
    }

    private Fact flowering(int i, int months) {
        long open = thirds.of(i);
        if (open <= 0) {
            return because("flowers.unknown");
        }
        int inFlower = Integer.bitCount(PlantColumns.monthsOf(open) & months);
        long weeks = Math.round(place.weeks(c.annual[i], BloomSpell.weeksOf(open)));
        return Integer.bitCount(months) == 1
                ? because(inFlower == 1 ? "flowers.month" : "flowers.other-month", weeks)
                : because("flowers.months", inFlower, Integer.bitCount(months), weeks);
    }

    Measure uses() {
        Set<Use> uses = wants.uses();
        return simple(
                "uses",
                Fact.of("wish.use", List.copyOf(uses)),
                i -> used(c.plants[i], uses),
                i -> because(
                        "used-for",
                        c.plants[i].get(Traits.USES).map(List::copyOf).orElse(List.of())));
    }

    private static double used(Cultivar plant, Set<Use> wanted) {
        Optional<List<Use>> uses = plant.get(Traits.USES);
        if (uses.isEmpty()) {
            return Double.NaN;
        }
        // A climber screens only what holds it up; who has a trellis asks for a climber too.
        boolean unheld = plant.kind() == Kind.CLIMBER && !wanted.contains(Use.CLIMBER);
        double held = unheld ? 0.5 : 1;
        return Collections.disjoint(uses.get(), wanted) ? 0 : held;
    }

    /** Share of the height reached by the year, by the usual growth. */
    Measure screenHeight() {
        double height = wants.screenHeightM();
        int years = wants.screenByYear();
        PlantColumns.Aged aged = c.at(years, place);
        return simple(
                "screenHeightM",
                Fact.of("wish.screen", Amount.metres(height), years),
                i -> Math.min(1, aged.height(i) / height + Measure.ROUNDING),
                i -> new Because().height(aged.height(i), height, years).fact());
    }

    /** Flowers that scent the air; leaves that do so when they are touched are half of it. */
    Measure fragrance() {
        return simple(
                "fragrance",
                Fact.of("wish.fragrance"),
                i -> c.plants[i].get(Traits.FRAGRANCE).map(Wishes::scented).orElse(Double.NaN),
                i -> because(scentOf(c.plants[i].get(Traits.FRAGRANCE).orElse(List.of()))));
    }

    private static double scented(List<Fragrance> known) {
        if (known.contains(Fragrance.FLOWER)) {
            return 1;
        }
        return known.contains(Fragrance.LEAF) ? 0.5 : 0;
    }

    private static String scentOf(List<Fragrance> known) {
        boolean leaf = known.contains(Fragrance.LEAF);
        if (known.contains(Fragrance.FLOWER)) {
            return leaf ? "scented.both" : "scented.flower";
        }
        return leaf ? "scent.leaf-only" : "scent.none";
    }

    Measure pollinators() {
        return simple(
                "pollinators",
                Fact.of("wish.pollinators"),
                i -> known(c.plants[i].get(Traits.WILDLIFE).map(fed -> !Collections.disjoint(fed, POLLINATORS))),
                i -> feeds(i, POLLINATORS));
    }

    Measure birds() {
        return simple(
                "birds",
                Fact.of("wish.birds"),
                i -> known(c.plants[i].get(Traits.WILDLIFE).map(list -> list.contains(Wildlife.BIRDS))),
                i -> feeds(i, EnumSet.of(Wildlife.BIRDS)));
    }

    private Fact feeds(int i, Set<Wildlife> asked) {
        List<Wildlife> fed = c.plants[i].get(Traits.WILDLIFE).orElse(List.of()).stream()
                .filter(asked::contains)
                .toList();
        return fed.isEmpty() ? because("feeds.none") : because("feeds", Fact.of("all-of", fed));
    }

    Measure berries() {
        return new Simple(
                "berries",
                importance("berries"),
                Fact.of("wish.berries"),
                Measure.HALF,
                i -> c.plants[i].get(Traits.FRUIT).isEmpty()
                        ? 0
                        : 0.6 + 0.4 * c.grade(i, Merit.FRUIT) / MeritGrade.MOST,
                i -> c.plants[i]
                        .get(Traits.FRUIT)
                        .map(colour -> because(
                                "fruit",
                                colour.name(),
                                c.plants[i]
                                        .get(Traits.FRUIT_MONTHS)
                                        .map(List::size)
                                        .orElse(0)))
                        .orElseGet(() -> because("fruit.none")));
    }

    Measure region() {
        String asked = wants.nativeRegion();
        return simple(
                "nativeRegion",
                Fact.of("wish.native", asked),
                i -> known(c.plants[i].get(Traits.NATIVE_REGION).map(region -> isIn(region, asked))),
                i -> because("native", c.plants[i].get(Traits.NATIVE_REGION).orElse("")));
    }

    private static boolean isIn(String region, String asked) {
        return region.toLowerCase(Locale.ROOT).contains(asked.toLowerCase(Locale.ROOT));
    }

    Measure care() {
        double most = wants.maxCareMinutes();
        return simple(
                "maxCareMinutes",
                Fact.of("wish.care", Amount.minutes(most)),
                i -> gently(c.care[i], most),
                i -> because("care", Amount.minutes(c.care[i]), Amount.minutes(most)));
    }

    Measure price() {
        double most = wants.maxPrice();
        return simple(
                "maxPrice",
                Fact.of("wish.price", Amount.money(most)),
                i -> gently(c.price[i], most),
                i -> because("price", Amount.money(c.price[i]), Amount.money(most)));
    }

    /** 10 % over costs a tenth, double costs all (L3). */
    static double gently(double value, double most) {
        if (Double.isNaN(value)) {
            return Double.NaN;
        }
        if (value <= most) {
            return 1;
        }
        return most <= 0 ? 0 : Math.max(0, 1 - (value - most) / most);
    }

    Measure show() {
        Set<Merit> merits = wants.show();
        return new Simple(
                "show",
                importance("show"),
                Fact.of("wish.show", List.copyOf(merits)),
                Measure.HALF,
                i -> merits.stream().mapToInt(merit -> c.grade(i, merit)).max().orElse(0) / (double) MeritGrade.MOST,
                i -> shown(i, merits));
    }

    private Fact shown(int i, Set<Merit> merits) {
        Because because = new Because();
        for (Merit merit : merits) {
            because.say("merit", merit, c.grade(i, merit));
        }
        return because.sayIf(c.isEstimated(i), "estimated").fact();
    }

    static Fact monthsAsked(List<Integer> months) {
        return alternatives(months, Month::of);
    }

    static <T> Fact alternatives(List<T> values, Function<T, Object> value) {
        return Fact.of("any-of", values.stream().map(value).toList());
    }

    private static double known(Optional<Boolean> met) {
        return met.map(yes -> yes ? 1.0 : 0.0).orElse(Double.NaN);
    }
}
