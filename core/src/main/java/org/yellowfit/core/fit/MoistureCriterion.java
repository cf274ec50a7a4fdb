package org.yellowfit.core.fit;

import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.soil.Moisture;

/** Moisture on 1–5 against the plant's range (rules C3 and C7): surviving drought and looking good in it are kept apart. */
final class MoistureCriterion implements Criterion {

    private static final double MARGIN = 0.5;
    private static final double REACH = 1;
    /** No watering or draining bridges more. */
    private static final double FAR = 2;

    @Override
    public CriterionName name() {
        return CriterionName.MOISTURE;
    }

    @Override
    public String rule() {
        return "C3";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (q.site().moisture() == null) {
            return Scale.SITE_UNKNOWN;
        }
        double low = plants.moistureLow[i];
        if (Double.isNaN(low)) {
            return Scale.UNKNOWN;
        }
        double site = q.site().moisture();
        double mark = Scale.against(low, plants.moistureHigh[i], site, MARGIN, REACH);
        return Scale.verdict(mark) == Verdict.NO && site < low && survivesDry(plants.plants[i]) && low - site <= FAR
                ? Scale.fitsIf(0)
                : mark;
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        if (q.site().moisture() == null) {
            return null;
        }
        double here = q.site().moisture();
        double[] low = plants.moistureLow;
        double[] high = plants.moistureHigh;
        return i -> low[i] <= here && here <= high[i]
                ? Scale.against(low[i], high[i], here, MARGIN, REACH)
                : mark(plants, i, q);
    }

    @Override
    public String site(Question q) {
        return Question.number(q.site().moisture()) + " ("
                + Moisture.words(q.site().moisture()) + ")";
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        Cultivar plant = plants.plants[i];
        double low = plants.moistureLow[i];
        double high = plants.moistureHigh[i];
        double site = q.site().moisture();
        String takes = Question.number(low) + "–" + Question.number(high);
        Strip strip = Strip.around(low, high, site, MARGIN);
        if (site > high) {
            return Explained.of(takes, rule(), Phrases.say("moisture.wet", site(q), takes), strip)
                    .with(
                            site - high > FAR
                                    ? new Remedy[0]
                                    : new Remedy[] {
                                        Remedy.of(
                                                Remedy.Action.PLANT_HIGH,
                                                place -> place.edit()
                                                        .moisture(high)
                                                        .build(),
                                                "plant-high"),
                                        Remedy.of(
                                                Remedy.Action.DRAIN,
                                                place -> place.edit()
                                                        .moisture(high)
                                                        .build(),
                                                "drain")
                                    });
        }
        if (site >= low) {
            return Explained.of(takes, rule(), Phrases.say("moisture.fits", site(q), takes), strip);
        }
        String key = survivesDry(plant) ? "moisture.survives" : "moisture.dry";
        String goodFrom = Question.number(plant.get(Traits.LOOKS_GOOD_FROM).orElse(low));
        return Explained.of(
                        takes, survivesDry(plant) ? "C7" : rule(), Phrases.say(key, site(q), takes, goodFrom), strip)
                .with(
                        low - site > FAR
                                ? new Remedy[0]
                                : new Remedy[] {
                                    Remedy.of(
                                            Remedy.Action.WATER,
                                            place -> place.edit().moisture(low).build(),
                                            survivesDry(plant) ? "water.establish" : "water.always")
                                });
    }

    private static boolean survivesDry(Cultivar plant) {
        return plant.is(Traits.DROUGHT, YesNo.YES);
    }
}
