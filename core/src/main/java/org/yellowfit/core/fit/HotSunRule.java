package org.yellowfit.core.fit;

import java.util.Optional;
import org.yellowfit.core.light.HotHours;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;

/**
 * Too much sun (rule B3): more hours than the plant stands at all, or more in the hot hours where the summer is hot or
 * a wall
 * throws heat back. The margin is the hours below the tighter limit.
 */
final class HotSunRule implements Rule {

    /** A share of no limit at all would be no number. */
    private static final double LEAST_LIMIT_H = 0.5;

    @Override
    public CriterionName name() {
        return CriterionName.HOT_SUN;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        LightConditions light = q.site().light();
        boolean hotPlace = light.isReflected() || light.isHotSummer();
        boolean hotCounts = light.hotHours() != null && hotPlace;
        if (light.sunHours() == null && !hotPlace) {
            return Optional.empty();
        }
        return Optional.of(new HotSunJudge(plants, light, hotCounts, hotPlace && !hotCounts));
    }

    private static final class HotSunJudge implements Judge {

        private final Catalogue plants;
        private final boolean dayKnown;
        private final boolean hotCounts;
        /** It is a hot place, and nobody has said how long the hot sun lies on it. */
        private final boolean hotUntold;

        private final boolean reflected;
        private final double factor;
        private final double day;
        private final double hot;

        HotSunJudge(Catalogue plants, LightConditions light, boolean hotCounts, boolean hotUntold) {
            this.plants = plants;
            this.hotUntold = hotUntold;
            this.hotCounts = hotCounts;
            dayKnown = light.sunHours() != null;
            reflected = light.isReflected();
            factor = reflected ? HotHours.REFLECTED_FACTOR : 1;
            day = dayKnown ? light.sunHours() : 0;
            hot = hotCounts ? light.hotHours() * factor : 0;
        }

        @Override
        public void judge(int i, Ruling into) {
            double spare = spare(i);
            if (hotUntold && mayScorch(i) && !(spare < 0)) {
                into.set(Outcome.FIND_OUT_FIRST);
            } else if (Double.isNaN(spare)) {
                into.set(dayKnown || hotCounts ? Outcome.UNKNOWN : Outcome.SITE_UNKNOWN);
            } else if (spare >= 0) {
                into.set(Outcome.SUN_STOOD, spareShare(i));
            } else {
                boolean little = spare >= -RuleNumber.SHADED_AFTERNOON.value;
                into.set(little ? Outcome.SCORCHED_A_LITTLE : Outcome.SCORCHED, spare);
            }
        }

        /** It has a limit in hot sun, and the day is long enough to pass it. */
        private boolean mayScorch(int i) {
            return !Double.isNaN(plants.hotSunMax[i]) && !(dayKnown && day <= plants.hotSunMax[i]);
        }

        /** What is left of the tighter limit, as a share of it. */
        private double spareShare(int i) {
            double underDay = dayKnown ? share(plants.sunMax[i], day) : Double.POSITIVE_INFINITY;
            double underHot = hotCounts ? share(plants.hotSunMax[i], hot) : Double.POSITIVE_INFINITY;
            return Math.min(underDay, underHot);
        }

        private static double share(double limit, double hours) {
            return (limit - hours) / Math.max(limit, LEAST_LIMIT_H);
        }

        /** Hours to spare under the tighter of the limits that count here; NaN when one of them is not known. */
        private double spare(int i) {
            if (!dayKnown && !hotCounts) {
                return Double.NaN;
            }
            double underDay = dayKnown ? plants.sunMax[i] - day : Double.POSITIVE_INFINITY;
            double underHot = hotCounts ? plants.hotSunMax[i] - hot : Double.POSITIVE_INFINITY;
            // One known limit that is broken decides; a limit kept does not vouch for the one that is unknown.
            if (underDay < 0 || underHot < 0) {
                return underDay < underHot || Double.isNaN(underHot) ? underDay : underHot;
            }
            return Math.min(underDay, underHot);
        }

        @Override
        public Fact site() {
            if (!hotCounts) {
                return dayKnown ? Fact.of("value", Amount.hours(day)) : Fact.of("hot-sun.site.untold");
            }
            Fact hottest = Fact.of(reflected ? "hot-sun.site.reflected" : "hot-sun.site", Amount.hours(told(hot)));
            return dayKnown ? Fact.of("values", Amount.hours(day), hottest) : hottest;
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            boolean hotDecides = hotDecides(i);
            double most = hotDecides ? plants.hotSunMax[i] : plants.sunMax[i];
            double here = hotDecides ? hot : day;
            Fact plant = Fact.of("hot-sun.plant." + (hotDecides ? "hot" : "day"), Amount.hours(most));
            String key = "hot-sun." + limit(hotDecides) + word(here, most);
            Fact why = hotDecides
                    ? Fact.of(key, Amount.hours(told(here)), Amount.hours(told(most)))
                    : Fact.of(key, Amount.hours(here), Amount.hours(most));
            Strip strip = Strip.around(0, most, here, RuleNumber.SUN_STRIP_STEP.value);
            Finding said = Finding.of(ruling, plant, why, strip);
            return here <= most ? said : said.with(afternoonShade(i));
        }

        /** Hours as the sun shines them: what a wall adds counts against the leaves and is never told as hours (B8). */
        private double told(double counted) {
            return counted / factor;
        }

        private String limit(boolean hotDecides) {
            if (!hotDecides) {
                return "day";
            }
            return reflected ? "wall" : "hot";
        }

        private static String word(double here, double most) {
            if (here <= most) {
                return ".fits";
            }
            return Amount.hours(here).readsAs(Amount.hours(most)) ? ".even" : ".over";
        }

        private boolean hotDecides(int i) {
            if (!hotCounts || Double.isNaN(plants.hotSunMax[i])) {
                return false;
            }
            double underDay = dayKnown ? plants.sunMax[i] - day : Double.NaN;
            return Double.isNaN(underDay) || plants.hotSunMax[i] - hot <= underDay;
        }

        private Remedy afternoonShade(int i) {
            return Remedy.of(Remedy.Action.SHADE, site -> site.withLight(light -> shaded(i, light)), "shade.afternoon")
                    .worsening(CriterionName.SUN_LIVE, CriterionName.SUN_FLOWER, CriterionName.SUN_COLOUR);
        }

        /** The hours cut down to what the plant stands. */
        private LightConditions shaded(int i, LightConditions light) {
            LightConditions shaded = dayKnown && plants.sunMax[i] < day ? light.withSunHours(plants.sunMax[i]) : light;
            return hotCounts && plants.hotSunMax[i] < hot ? shaded.withHotHours(plants.hotSunMax[i] / factor) : shaded;
        }
    }
}
