package org.yellowfit.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.climate.Frosts;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.BloomSpell;

/** Planting itself, what holds a young tree, and when to look again (rules I7, I10 and J4). */
final class Settling {

    private static final int FORTNIGHT = 14;
    private static final int SIX_WEEKS = 42;
    private static final int THREE_WEEKS = 21;
    private static final double STAKED_FROM_M = 3;
    private static final double BULBS_FROM = 268;
    private static final double BULBS_TO = 310;
    private static final double SUMMER_FROM = 166;
    private static final double AUTUMN_FROM = 235;
    private static final double MIDSUMMER = 180;
    private static final double LOOK_IN_AUTUMN = 258;
    private static final String DRY_BULBS = "bag of";

    private static final double STAKE_MINUTES = 15;
    private static final double LOOK_MINUTES = 0.5;

    private final CarePlace place;
    private final CareSpan span;
    private final Seasons seasons;
    private final Frosts frosts;
    private final ToCareFor plants;
    private final Cultivar plant;
    private final LocalDate planted;
    private final List<Chore> told = new ArrayList<>();

    private Settling(CarePlace place, CareSpan span, ToCareFor plants) {
        this.place = place;
        this.span = span;
        this.plants = plants;
        seasons = place.seasons();
        frosts = place.frosts();
        plant = plants.plant();
        planted = planted(place, span, plants);
    }

    static List<Chore> of(CarePlace place, CareSpan span, ToCareFor plants) {
        Settling settling = new Settling(place, span, plants);
        settling.plant();
        settling.look();
        return settling.told;
    }

    /** The first day on which it may be planted: tender ones wait for the frosts to end, dry bulbs for autumn (I10). */
    static LocalDate planted(CarePlace place, CareSpan span, ToCareFor plants) {
        Cultivar plant = plants.plant();
        if (isDryBulb(place, plants)) {
            return span
                    .each(place.seasons().dayHere(BULBS_FROM), place.seasons().dayHere(BULBS_TO))
                    .stream()
                    .map(Window::from)
                    .findFirst()
                    .filter(day -> !inBulbTime(place, span))
                    .orElse(span.start());
        }
        LocalDate frostOver = span.date(
                span.northernYear(span.start()), place.frosts().spring().late());
        boolean tender = plant.isAnnual() || isTender(place, plant);
        return tender && frostOver.isAfter(span.start()) ? frostOver : span.start();
    }

    private static boolean inBulbTime(CarePlace place, CareSpan span) {
        int day = span.northernDay(span.start());
        return day >= place.seasons().dayHere(BULBS_FROM)
                && day <= place.seasons().dayHere(BULBS_TO);
    }

    private static boolean isDryBulb(CarePlace place, ToCareFor plants) {
        return plants.plant().kind() == Kind.BULB
                && plants.pot().startsWith(DRY_BULBS)
                && BloomSpell.of(plants.plant(), place.zone(), place.seasons())
                        .filter(spell -> spell.startDay() < MIDSUMMER)
                        .isPresent();
    }

    private static boolean isTender(CarePlace place, Cultivar plant) {
        return place.zone().isPresent()
                && plant.get(Traits.ZONE_MIN)
                        .filter(coldest -> coldest.half() > place.zone().get().half())
                        .isPresent();
    }

    private void plant() {
        if (!span.holds(planted)) {
            return;
        }
        told.add(Chore.of(TaskKind.PLANT, Window.days(planted, FORTNIGHT - 1), plants, plantingWords(), "I10")
                .taking(plants.count() * PlantingTime.minutes(plants.potLitres())));
        boolean stake = plant.kind() == Kind.TREE && plant.height10().mid() >= STAKED_FROM_M && !place.container();
        if (stake) {
            told.add(Chore.of(TaskKind.STAKE, Window.days(planted, FORTNIGHT - 1), plants, "stake.tree", "H5")
                    .taking(plants.count() * STAKE_MINUTES));
            check(planted.plusYears(1), "check.ties", "H5");
        }
    }

    private String plantingWords() {
        if (place.container()) {
            return "plant.pots";
        }
        if (isDryBulb(place, plants)) {
            return "plant.bulbs";
        }
        if (planted.isAfter(span.start())) {
            return "plant.after-frost";
        }
        int day = span.northernDay(planted);
        boolean evergreen = plant.isWoody() && plant.persistence() == Persistence.EVERGREEN;
        double lastOfAutumn = frosts.autumn().middle() - (evergreen ? FORTNIGHT : 0);
        if (day < frosts.spring().middle() - SIX_WEEKS || day > frosts.autumn().late() + THREE_WEEKS) {
            return "plant.winter";
        }
        if (day > lastOfAutumn) {
            return "plant.late";
        }
        return day > here(SUMMER_FROM) && day < here(AUTUMN_FROM) ? "plant.summer" : "plant.season";
    }

    private void look() {
        check(planted.plusDays(SIX_WEEKS), "check.settled", "J4");
        if (plant.isAnnual()) {
            return;
        }
        LocalDate settled = planted.plusDays(SIX_WEEKS + FORTNIGHT);
        span.each(frosts.spring().middle() + FORTNIGHT, frosts.spring().middle() + SIX_WEEKS).stream()
                .filter(window -> window.from().isAfter(settled))
                .findFirst()
                .ifPresent(window -> told.add(looking(window, "check.spring", "J4")));
        for (Window window : span.each(here(LOOK_IN_AUTUMN), here(LOOK_IN_AUTUMN) + THREE_WEEKS)) {
            if (window.from().isAfter(settled)) {
                boolean second = span.yearOf(window.from()) >= 1;
                told.add(looking(window, second ? "check.struggles" : "check.autumn", second ? "I7" : "J4"));
            }
        }
    }

    private void check(LocalDate on, String says, String rule) {
        if (span.holds(on)) {
            told.add(looking(Window.days(on, FORTNIGHT), says, rule));
        }
    }

    private Chore looking(Window window, String says, String rule) {
        return Chore.of(TaskKind.CHECK, window, plants, says, rule).taking(plants.count() * LOOK_MINUTES);
    }

    private double here(double reference) {
        return seasons.dayHere(reference);
    }
}
