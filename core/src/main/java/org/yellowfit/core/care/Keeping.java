package org.yellowfit.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.climate.Frosts;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Feed;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.BloomSpell;

/** Food, mulch, division and winter (rules I4 and I6). */
final class Keeping {

    private static final double FEED_FROM = 95;
    private static final double FEED_TO = 115;
    private static final double MULCH_FROM = 100;
    private static final double MULCH_TO = 121;
    private static final double DIVIDE_SPRING = 95;
    private static final double DIVIDE_AUTUMN = 245;
    /** Before midsummer's day: what has flowered by then is divided in autumn. */
    private static final double EARLY_BLOOM = 172;

    private static final double MIDWINTER = 15;
    private static final int SNOWY_HALF = 13;
    private static final int THREE_WEEKS = 21;
    private static final int COOLED_DAYS = 28;
    private static final int MONTH = 28;
    private static final int SIX_WEEKS = 42;
    private static final int FORTNIGHT = 14;
    /** Half-zones a plant in a pot has to be hardier than the place: one zone, the usual rule of nurseries. */
    private static final int POT_MARGIN = 2;

    /** So many half-zones too tender for the place no cover helps: it has to be free of frost. */
    private static final int TENDER = -2;

    private final CarePlace place;
    private final CareSpan span;
    private final Seasons seasons;
    private final Frosts frosts;
    private final ToCareFor plants;
    private final Cultivar plant;
    private final List<Chore> told = new ArrayList<>();

    private Keeping(CarePlace place, CareSpan span, ToCareFor plants) {
        this.place = place;
        this.span = span;
        this.plants = plants;
        seasons = place.seasons();
        frosts = place.frosts();
        plant = plants.plant();
    }

    static List<Chore> of(CarePlace place, CareSpan span, ToCareFor plants) {
        Keeping keeping = new Keeping(place, span, plants);
        keeping.feed();
        if (!plants.plant().isAnnual()) {
            keeping.mulch();
            keeping.divide();
            keeping.winter();
        }
        return keeping.told;
    }

    private void feed() {
        Feed feed = plant.get(Traits.FEED).orElse(null);
        if (place.container() && feed != Feed.NONE || feed == Feed.WEEKLY_IN_POTS && place.container()) {
            double last = frosts.autumn().middle() - SIX_WEEKS;
            for (double from = frosts.spring().middle() + FORTNIGHT; from < last; from += MONTH) {
                span.each(from, Math.min(last, from + MONTH - 1)).stream()
                        .filter(window -> !window.from().isBefore(span.start().plusDays(SIX_WEEKS)))
                        .forEach(window -> add(TaskKind.FEED, window, "feed.pots", "I4"));
            }
        } else if (feed == Feed.YEARLY) {
            add(TaskKind.FEED, here(FEED_FROM), here(FEED_TO), "feed.yearly", "I4");
        }
    }

    private void mulch() {
        if (!place.container()) {
            add(TaskKind.MULCH, here(MULCH_FROM), here(MULCH_TO), "mulch.spring", "H5");
        }
    }

    private void divide() {
        int every = (int) Math.round(plant.get(Traits.DIVIDE_YEARS).orElse(0.0));
        if (every < 1) {
            return;
        }
        boolean early = BloomSpell.of(plant, place.zone(), seasons)
                .filter(spell -> spell.startDay() + spell.lengthDays() < here(EARLY_BLOOM))
                .isPresent();
        double from = here(early ? DIVIDE_AUTUMN : DIVIDE_SPRING);
        LocalDate due = span.start().plusYears(every).minusMonths(2);
        for (Window window : span.each(from, from + THREE_WEEKS)) {
            if (!window.from().isBefore(due)) {
                told.add(Chore.of(TaskKind.DIVIDE, window, plants, "divide.clumps", "I4", Amount.years(every)));
                due = window.from().plusYears(every).minusMonths(2);
            }
        }
    }

    private void winter() {
        if (place.zone().isEmpty()) {
            return;
        }
        int half = place.zone().get().half();
        int margin = half - plant.get(Traits.ZONE_MIN).map(zone -> zone.half()).orElse(0);
        if (place.container()) {
            pots(margin);
        } else if (margin <= 0 && margin > TENDER) {
            double from = frosts.autumn().middle() + COOLED_DAYS;
            add(TaskKind.COVER, from, from + THREE_WEEKS, "cover.crowns", "I6");
            double off = frosts.spring().middle() - FORTNIGHT;
            add(TaskKind.UNCOVER, off, off + THREE_WEEKS, "uncover.crowns", "I6");
        } else if (margin <= TENDER) {
            add(
                    TaskKind.MOVE_IN,
                    frosts.autumn().early() - FORTNIGHT,
                    frosts.autumn().early(),
                    "move-in.lift",
                    "I6");
            add(TaskKind.MOVE_OUT, frosts.spring().late(), frosts.spring().late() + FORTNIGHT, "move-out.tender", "I6");
        }
        boolean snow = plant.habit() == Habit.COLUMNAR && plant.persistence() == Persistence.EVERGREEN;
        if (snow && half <= SNOWY_HALF) {
            add(TaskKind.CHECK, here(MIDWINTER), here(MIDWINTER) + MONTH, "check.snow", "I6");
        }
    }

    private void pots(int margin) {
        if (margin >= POT_MARGIN) {
            return;
        }
        if (margin <= TENDER) {
            add(
                    TaskKind.MOVE_IN,
                    frosts.autumn().early() - FORTNIGHT,
                    frosts.autumn().early(),
                    "move-in.tender",
                    "I6");
            add(TaskKind.MOVE_OUT, frosts.spring().late(), frosts.spring().late() + FORTNIGHT, "move-out.tender", "I6");
        } else {
            double in = frosts.autumn().late();
            add(TaskKind.MOVE_IN, in, in + THREE_WEEKS, "move-in.hardy", "I6");
            double out = frosts.spring().middle() - FORTNIGHT;
            add(TaskKind.MOVE_OUT, out, out + THREE_WEEKS, "move-out.hardy", "I6");
        }
    }

    private double here(double reference) {
        return seasons.dayHere(reference);
    }

    private void add(TaskKind kind, double from, double to, String says, String rule) {
        span.each(from, to).forEach(window -> add(kind, window, says, rule));
    }

    private void add(TaskKind kind, Window window, String says, String rule) {
        told.add(Chore.of(kind, window, plants, says, rule));
    }
}
