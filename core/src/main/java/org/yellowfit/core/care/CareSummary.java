package org.yellowfit.core.care;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Feed;
import org.yellowfit.core.plant.Propagation;
import org.yellowfit.core.plant.PruneGroup;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** How a plant is looked after, in short (rules C7, D7, I1 to I4). */
public final class CareSummary {

    private static final Pattern TROUBLE = Pattern.compile("\\|");

    private CareSummary() {}

    /** With what has to be known of it at home: feeding, faded flowers, seedlings that vary, and what ails it where. */
    public static List<Fact> inFull(Cultivar plant) {
        List<Fact> told = new ArrayList<>(of(plant));
        plant.get(Traits.FEED)
                .filter(feed -> feed != Feed.NONE)
                .ifPresent(feed -> told.add(Fact.of("care.feed." + Words.of(feed))));
        plant.get(Traits.DEADHEAD_MIN)
                .filter(minutes -> minutes > 0)
                .ifPresent(minutes -> told.add(Fact.of("care.deadhead", Amount.minutes(minutes))));
        if (plant.is(Traits.PROPAGATION, Propagation.SEED) && !plant.isAnnual()) {
            told.add(Fact.of("care.seed"));
        }
        plant.get(Traits.TROUBLES)
                .ifPresent(troubles -> TROUBLE.splitAsStream(troubles)
                        .map(String::strip)
                        .filter(trouble -> !trouble.isEmpty())
                        .forEach(trouble -> told.add(Fact.of("care.trouble", trouble))));
        return told;
    }

    /** What fits on a label. */
    public static List<Fact> of(Cultivar plant) {
        List<Fact> told = new ArrayList<>();
        told.add(Fact.of(plant.isAnnual() ? "care.water.season" : "care.water.summers"));
        plant.get(Traits.PRUNE_GROUP)
                .filter(group -> group != PruneGroup.NONE)
                .ifPresent(group -> told.add(Fact.of("care.cut." + Words.of(group))));
        plant.get(Traits.DIVIDE_YEARS)
                .filter(years -> years > 0)
                .ifPresent(years -> told.add(Fact.of("care.divide", Amount.years(years))));
        if (plant.is(Traits.LATE_RISER, YesNo.YES)) {
            told.add(Fact.of("care.late"));
        }
        plant.get(Traits.SLOW_START_YEARS)
                .filter(years -> years > 0)
                .ifPresent(years -> told.add(Fact.of("care.slow", Amount.years(years))));
        plant.get(Traits.CARE_MIN_YEAR)
                .ifPresent(minutes -> told.add(Fact.of("care.minutes", Amount.minutes(minutes))));
        return told;
    }
}
