package org.yellowfit.core.fit;

import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.SpreadMode;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;

/** Plants that run or seed about, by the shop's watch list and by the zone from which they do (rule F2). A part of {@link HazardCriterion}. */
final class Spreading {

    static final String RULE = "F2";
    /** Still a fit, but told: it spreads as warm as this place is. */
    private static final double SPREADS = Scale.fits(0.2);

    private Spreading() {}

    static double mark(Catalogue plants, int i, Question q) {
        WatchList.Entry watched = plants.watched[i];
        if (watched != null) {
            return watched.level() == WatchList.Level.AVOID
                    ? Scale.no(0)
                    : q.site().practice().contained() ? Scale.fits(0.2) : Scale.fitsIf(0.5);
        }
        HardinessZone zone = q.site().zone();
        boolean spreads = plants.spreadsAt[i] >= 0
                && zone != null
                && zone.half() >= plants.spreadsAt[i]
                && !(SiteConditions.yes(q.site().container()) && !seeds(plants.plants[i]));
        return spreads ? SPREADS : Scale.DOES_NOT_APPLY;
    }

    /** The same, made ready for many plants, most of which neither spread nor are watched. */
    static Marker marker(Catalogue plants, Question q) {
        WatchList.Entry[] watched = plants.watched;
        byte[] from = plants.spreadsAt;
        int half = q.site().zone() == null ? -1 : q.site().zone().half();
        return i -> watched[i] != null || from[i] >= 0 && half >= from[i] ? mark(plants, i, q) : Scale.DOES_NOT_APPLY;
    }

    /** Asked only of plants that {@link #mark} gives a score. */
    static Explained explain(Catalogue plants, int i, Question q) {
        WatchList.Entry watched = plants.watched[i];
        if (watched == null) {
            String zone = plants.plants[i].write(Traits.SPREADS_AT_ZONE).orElseThrow();
            String how = seeds(plants.plants[i]) ? "seeds" : "runs";
            return Explained.of(
                    Phrases.say("spreading." + how + ".plant", zone),
                    RULE,
                    Phrases.say("spreading." + how, zone, q.site().zone().label()),
                    Strip.reaching(0.4));
        }
        boolean avoid = watched.level() == WatchList.Level.AVOID;
        String why = Phrases.say(avoid ? "watched.avoid" : "watched.watch", watched.plant())
                + (watched.note().isEmpty() ? "" : " " + Phrases.say("watched.note", watched.note()));
        return Explained.of(Phrases.say("watched.plant"), RULE, why, Strip.reaching(avoid ? -1 : -0.5));
    }

    /** What seeds about does so from a pot, too; a runner stays in it. */
    private static boolean seeds(Cultivar plant) {
        return plant.is(Traits.SPREAD_MODE, SpreadMode.SELF_SEEDER);
    }

    /** The graver of a hazard's mark and a spreader's. */
    static double graver(double hazard, double spreading) {
        if (spreading == Scale.DOES_NOT_APPLY) {
            return hazard;
        }
        boolean passes = Scale.verdict(spreading) == Verdict.FITS;
        return Scale.isScore(hazard)
                ? Math.min(hazard, spreading)
                : hazard == Scale.UNKNOWN && passes ? hazard : spreading;
    }
}
