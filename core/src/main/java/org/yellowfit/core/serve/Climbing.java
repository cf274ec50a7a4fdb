package org.yellowfit.core.serve;

import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;

/** Covering a support within the years asked (rules L2 and F9). */
final class Climbing extends JobMeasure {

    private static final double USUAL_YEARS = 5;
    /** What is to be covered where nobody has said it, m: a fence panel or trellis as it is sold (6 ft). */
    private static final double USUAL_SUPPORT_M = 1.8;
    /** Beyond this many times the support it is cut back each year (F9). */
    private static final double OVERTOPS = 4 / 3.0;

    private final PlantColumns c;
    private final double height;
    private final double width;
    private final double years;
    private final boolean evergreen;
    private final PlantColumns.Aged then;
    private final PlantColumns.Aged grown;

    Climbing(PlantColumns c, Job job, UsePlace place, Importance importance) {
        super(job.kind().word(), importance, asked(job, place));
        this.c = c;
        height = support(job, place);
        width = job.get(JobFields.SUPPORT_WIDTH, Double.NaN);
        years = job.get(JobFields.BY_YEAR, USUAL_YEARS);
        evergreen = job.get(JobFields.EVERGREEN, false);
        then = c.at(years, place);
        grown = c.at(place.horizonYears(), place);
    }

    private static double support(Job job, UsePlace place) {
        Double of =
                job.get(JobFields.SUPPORT_HEIGHT) == null ? place.supportHeightM() : job.get(JobFields.SUPPORT_HEIGHT);
        return of == null || of <= 0 ? Double.NaN : of;
    }

    private static Fact asked(Job job, UsePlace place) {
        double support = support(job, place);
        return Double.isNaN(support)
                ? Fact.of("job.climb")
                : Fact.of(
                        "job.climb.height",
                        Amount.metres(support),
                        Amount.years(job.get(JobFields.BY_YEAR, USUAL_YEARS)));
    }

    @Override
    double met(int i) {
        Cultivar plant = c.plants[i];
        if (!climbs(plant)) {
            return 0;
        }
        return keeps(plant) * up(i) * along(i) * (overtops(i) ? 0.75 : 1);
    }

    private double keeps(Cultivar plant) {
        if (!evergreen || plant.persistence() == Persistence.EVERGREEN) {
            return 1;
        }
        return plant.persistence() == Persistence.SEMI_EVERGREEN ? 0.6 : 0.25;
    }

    private static boolean climbs(Cultivar plant) {
        boolean holdsOn = plant.isWoody() || plant.has(Traits.USES, Use.CLIMBER);
        return plant.kind() == Kind.CLIMBER || plant.habit() == Habit.SCRAMBLING && holdsOn;
    }

    private double up(int i) {
        double asked = Double.isNaN(height) ? USUAL_SUPPORT_M : height;
        return Math.min(1, then.height(i) / asked + ROUNDING);
    }

    /** A wide support takes several of a narrow climber: dearer and more work, but no fault. */
    private double along(int i) {
        return Double.isNaN(width)
                ? 1
                : Math.max(
                        0.7,
                        Math.min(
                                1,
                                2
                                        * Math.max(
                                                then.spread(i),
                                                c.plants[i].spread10().mid() * 0.7)
                                        / width));
    }

    private boolean overtops(int i) {
        return !Double.isNaN(height) && grown.height(i) > OVERTOPS * height;
    }

    @Override
    Fact why(int i) {
        Cultivar plant = c.plants[i];
        if (!climbs(plant)) {
            return new Because().say("does-not-climb", plant.kind()).fact();
        }
        Because because = new Because();
        if (Double.isNaN(height)) {
            because.say("climbs-to", Amount.metres(then.height(i)), Amount.years(years));
        } else {
            because.height(then.height(i), height, years);
        }
        return because.say("keeps", plant.persistence())
                .sayIf(overtops(i), "overtops", Amount.metres(grown.height(i)))
                .fact();
    }

    /** Whether a support of some height is there for a climber. */
    static boolean isHeld(Job job, UsePlace place) {
        return !Double.isNaN(support(job, place));
    }
}
