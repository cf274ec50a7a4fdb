package org.yellowfit.core.serve;

import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/**
 * Under a tree or shrub (rule L2): shade by season (a bare crown lets the spring sun through to what rises early) and
 * the dryness of its roots.
 */
final class Beneath extends JobMeasure {

    private static final double USUAL_MOST_M = 1;
    /** Hours in summer shade that a plant beneath a crown gets; our judgement. */
    private static final double SHADE_H = 2.5;

    private static final double FAR_TOO_DARK_H = 5;
    /** Step of moisture that tree roots leave in summer (1 dry … 5 wet). */
    private static final double ROOT_DRY = 2;

    private final PlantColumns c;
    private final PlantColumns.Thirds thirds;
    private final UsePlace place;
    private final boolean bareInSpring;
    private final double most;
    private final int spring;

    Beneath(PlantColumns c, Job job, UsePlace place, Importance importance) {
        super(job.kind().word(), importance, asked(job));
        this.c = c;
        thirds = c.thirds(place.zone());
        this.place = place;
        bareInSpring = job.get(JobFields.OF_CROWN, JobFields.Crown.DECIDUOUS) == JobFields.Crown.DECIDUOUS;
        most = job.get(JobFields.HEIGHT, USUAL_MOST_M);
        spring = 0b11111;
    }

    private static Fact asked(Job job) {
        return Fact.of("job.underplant", job.get(JobFields.OF_CROWN, JobFields.Crown.DECIDUOUS));
    }

    @Override
    double met(int i) {
        Cultivar plant = c.plants[i];
        if (plant.get(Traits.SUN_LIVE).isEmpty() && !isEarly(i)) {
            return Double.NaN;
        }
        double low = falling(plant.height10().mid(), most, 2 * most);
        return low == 0 ? 0 : low * shade(i) * dry(plant);
    }

    private double shade(int i) {
        if (isEarly(i)) {
            return 1;
        }
        double needs = c.plants[i].get(Traits.SUN_FLOWER).orElse(0.0);
        double lives = c.plants[i].get(Traits.SUN_LIVE).orElse(0.0);
        return falling(lives, SHADE_H, FAR_TOO_DARK_H)
                * (0.6 + 0.4 * falling(needs, SHADE_H + 0.5, FAR_TOO_DARK_H + 1));
    }

    /** A bulb that does its year before the leaves above close, and rests below the ground when they have. */
    private boolean isEarly(int i) {
        if (!bareInSpring || c.kind[i] != Kind.BULB) {
            return false;
        }
        long open = thirds.of(i);
        return open > 0 && (PlantColumns.monthsOf(open) & ~spring) == 0;
    }

    private double dry(Cultivar plant) {
        if (plant.is(Traits.DROUGHT, YesNo.YES)) {
            return 1;
        }
        return plant.get(Traits.MOISTURE)
                .map(Interval::low)
                .map(low -> Math.max(0.35, falling(low, ROOT_DRY, 4)))
                .orElse(0.5);
    }

    @Override
    Fact why(int i) {
        Cultivar plant = c.plants[i];
        Because because = new Because();
        if (isEarly(i)) {
            because.say("early");
        } else {
            plant.get(Traits.SUN_LIVE)
                    .ifPresentOrElse(
                            hours -> because.say("shade", Amount.hours(hours)), () -> because.say("shade.unknown"));
        }
        return because.say(dry(plant) >= 1 ? "roots.fine" : "roots.thirsty")
                .say("low", Amount.metres(plant.height10().mid()))
                .fact();
    }
}
