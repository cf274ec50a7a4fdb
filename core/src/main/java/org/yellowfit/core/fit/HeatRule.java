package org.yellowfit.core.fit;

import java.util.Optional;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Fact;

/** Is the place too warm for it (rule A6)? The margin is the half-zones beyond its warmest. */
final class HeatRule implements Rule {

    @Override
    public CriterionName name() {
        return CriterionName.HEAT;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        boolean shaded = q.site().upkeep().does(Upkeep.Task.AFTERNOON_SHADE);
        return Optional.ofNullable(q.site().winter().zone()).map(zone -> new HeatJudge(plants, zone, shaded));
    }

    private record HeatJudge(Catalogue plants, HardinessZone zone, boolean shaded) implements Judge {

        @Override
        public void judge(int i, Ruling into) {
            int warmest = plants.zoneMax[i];
            int over = zone.half() - warmest;
            if (warmest < 0) {
                into.set(Outcome.UNKNOWN);
            } else if (over <= 0) {
                into.set(over < 0 ? Outcome.COOL_ENOUGH : Outcome.COOL_ENOUGH_BARELY);
            } else if (over == 1) {
                into.set(shaded ? Outcome.SHADED_FROM_HEAT : Outcome.WARM_BY_HALF_A_ZONE, over);
            } else {
                into.set(Outcome.TOO_WARM, over);
            }
        }

        @Override
        public Fact site() {
            return Fact.of("value", zone.label());
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            String warmest = HardinessZone.label(plants.zoneMax[i]);
            boolean within = zone.half() <= plants.zoneMax[i];
            Fact why = Fact.of(within ? "heat.fits" : "heat.over", warmest, zone.label());
            Finding said = Finding.withoutStrip(ruling, Fact.of("heat.plant", warmest), why);
            return ruling.is(Outcome.WARM_BY_HALF_A_ZONE)
                    ? said.with(Remedy.practised(Remedy.Action.SHADE, Upkeep.Task.AFTERNOON_SHADE, "shade.summer"))
                    : said;
        }
    }
}
