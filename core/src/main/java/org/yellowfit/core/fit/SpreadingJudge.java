package org.yellowfit.core.fit;

import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.SpreadMode;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;

/** Plants that run or seed about, by the shop's watch list and by the zone from which they do (rule F2). A part of {@link HazardRule}. */
final class SpreadingJudge implements Judge {

    private final Catalogue plants;
    private final HardinessZone zone;
    private final int half;
    private final boolean pot;
    private final boolean contained;

    SpreadingJudge(Catalogue plants, Question q) {
        this.plants = plants;
        zone = q.site().winter().zone();
        half = zone == null ? -1 : zone.half();
        pot = q.inPot();
        contained = q.site().upkeep().does(Upkeep.Task.CONTAINED);
    }

    @Override
    public void judge(int i, Ruling into) {
        WatchList.Entry watched = plants.watched[i];
        if (watched != null) {
            into.set(watched(watched.level()));
            return;
        }
        boolean spreads = plants.spreadsAt[i] >= 0 && half >= plants.spreadsAt[i] && !(pot && !seeds(plants.plants[i]));
        into.set(spreads ? Outcome.SPREADS_HERE : Outcome.NOT_ABOUT_IT);
    }

    private Outcome watched(WatchList.Level level) {
        if (level == WatchList.Level.AVOID) {
            return Outcome.NOT_TO_BE_PLANTED;
        }
        return contained ? Outcome.SPREADS_HERE : Outcome.WATCHED;
    }

    /** What seeds about does so from a pot, too; a runner stays in it. */
    private static boolean seeds(Cultivar plant) {
        return plant.is(Traits.SPREAD_MODE, SpreadMode.SELF_SEEDER);
    }

    @Override
    public Fact site() {
        return Fact.of("value", zone == null ? "" : zone.label());
    }

    @Override
    public Finding explain(int i, Ruling ruling) {
        WatchList.Entry watched = plants.watched[i];
        return watched == null ? spreads(i, ruling) : watched(watched, ruling);
    }

    private Finding spreads(int i, Ruling ruling) {
        Cultivar plant = plants.plants[i];
        String from = plant.write(Traits.SPREADS_AT_ZONE).orElseThrow();
        String how = seeds(plant) ? "seeds" : "runs";
        return Finding.of(
                ruling,
                Fact.of("spreading." + how + ".plant", from),
                Fact.of("spreading." + how, from, zone.label()),
                Strip.reaching(Strip.Reach.BARELY_OVER));
    }

    private static Finding watched(WatchList.Entry watched, Ruling ruling) {
        boolean avoid = watched.level() == WatchList.Level.AVOID;
        Finding said = Finding.of(
                ruling,
                Fact.of("watched.plant"),
                Fact.of(avoid ? "watched.avoid" : "watched.watch", watched.plant()),
                Strip.reaching(avoid ? Strip.Reach.SHORT : Strip.Reach.JUST_SHORT));
        return watched.note().isEmpty() ? said : said.adding(Fact.of("watched.note", watched.note()));
    }
}
