package org.yellowfit.core.serve;

import static org.yellowfit.core.serve.ServeNumber.CLOSER;
import static org.yellowfit.core.serve.ServeNumber.CLOSER_IS_MET;

import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.SpreadMode;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;

/** Ground cover: spreading, low and dense, closed by a year, and on a slope holding the soil (rule L2). */
final class Ground extends JobMeasure {

    private static final double USUAL_YEARS = 3;
    /** From one in four on, the roots have to hold the soil. */
    private static final double STEEP_PERCENT = 25;
    /** Crowns so near to touching count as closed (D1). */
    private static final double CLOSED = 0.95;
    /** How well a plant holds the soil of which it is not known how it spreads. */
    private static final double UNKNOWN_HOLD = 0.45;

    private final PlantColumns c;
    private final double years;
    private final double slope;
    private final boolean evergreen;
    private final PlantColumns.Aged then;

    Ground(PlantColumns c, Job job, UsePlace place, Importance importance) {
        super(job.kind().word(), importance, asked(job, place));
        this.c = c;
        years = job.get(JobFields.BY_YEAR, USUAL_YEARS);
        slope = slope(job, place);
        evergreen = job.get(JobFields.EVERGREEN, false);
        then = c.at(years, place);
    }

    private static double slope(Job job, UsePlace place) {
        return job.get(JobFields.SLOPE, place.slopePercent() == null ? 0 : place.slopePercent());
    }

    private static Fact asked(Job job, UsePlace place) {
        double slope = slope(job, place);
        Amount years = Amount.years(job.get(JobFields.BY_YEAR, USUAL_YEARS));
        return slope >= STEEP_PERCENT
                ? Fact.of("job.ground-cover.slope", years, new Amount(slope, Amount.Unit.PERCENT))
                : Fact.of("job.ground-cover", years);
    }

    @Override
    double met(int i) {
        if (c.kind[i] == Kind.CLIMBER && c.grade(i, Merit.COVER) == 0 || c.annual[i]) {
            return 0.1;
        }
        double so = cover(i) * low(i) * leaves(i);
        return so == 0 ? 0 : so * holds(i) * closes(i);
    }

    /** Grown for it: its merit, or else the way it spreads. */
    private double cover(int i) {
        int grade = c.grade(i, Merit.COVER);
        if (grade > 0) {
            return 0.55 + 0.15 * grade;
        }
        double wide = rising(c.spread10[i] / c.height10[i], 0.8, 2);
        boolean runs = c.spreadMode[i] == SpreadMode.RUNNER || c.spreadMode[i] == SpreadMode.ROOTING_STEMS;
        return c.isUsedFor(i, Use.GROUND_COVER) ? 0.8 : 0.2 + 0.2 * wide + (runs ? 0.15 : 0);
    }

    private double low(int i) {
        return falling(c.height10[i], 0.5, 1.4);
    }

    private double leaves(int i) {
        return switch (c.persistence[i]) {
            case EVERGREEN -> 1;
            case SEMI_EVERGREEN -> evergreen ? 0.6 : 0.95;
            case DECIDUOUS -> evergreen ? 0.2 : 0.75;
            default -> evergreen ? 0.2 : clump(i);
        };
    }

    /** A bulb leaves its ground bare by summer. */
    private double clump(int i) {
        return c.kind[i] == Kind.BULB ? 0.3 : 0.85;
    }

    private double holds(int i) {
        if (slope < STEEP_PERCENT) {
            return 1;
        }
        if (c.spreadMode[i] == null) {
            return UNKNOWN_HOLD;
        }
        return switch (c.spreadMode[i]) {
            case ROOTING_STEMS, RUNNER -> 1.0;
            case SELF_SEEDER -> 0.5;
            case CLUMP -> c.woody[i] ? 0.55 : 0.4;
        };
    }

    /**
     * How well it closes by the year. What would not at its mature distance is planted closer (H1), down to half of it
     * and four times the plants; beyond that nobody does.
     */
    private double closes(int i) {
        double share = grown(i);
        return share >= CLOSER.value()
                ? CLOSER_IS_MET.value() + (1 - CLOSER_IS_MET.value()) * (share - CLOSER.value()) / (1 - CLOSER.value())
                : share / CLOSER.value() * CLOSER_IS_MET.value();
    }

    /** Its spread by the year as a share of the mature distance. */
    private double grown(int i) {
        return Math.min(1, then.spread(i) / (CLOSED * c.spread10[i]) + ROUNDING);
    }

    /** The distance at which it closes by the year, m; half the mature one at least. */
    private double apart(int i) {
        return c.plants[i].spread10().mid() * Math.max(CLOSER.value(), grown(i));
    }

    @Override
    Fact why(int i) {
        Cultivar plant = c.plants[i];
        Amount apart = Amount.metres(apart(i));
        Because because = new Because();
        double closed = Math.min(1, grown(i) / CLOSER.value());
        if (closed >= 0.995) {
            because.say("closes", Amount.years(years), apart);
        } else {
            because.say("closes-part", new Amount(100 * closed, Amount.Unit.PERCENT), Amount.years(years), apart);
        }
        because.say("low", Amount.metres(plant.height10().mid())).say("keeps", plant.persistence());
        if (slope >= STEEP_PERCENT) {
            plant.get(Traits.SPREAD_MODE)
                    .ifPresentOrElse(
                            mode -> because.say("holds." + Words.of(mode)), () -> because.say("holds.unknown"));
        }
        return because.fact();
    }
}
