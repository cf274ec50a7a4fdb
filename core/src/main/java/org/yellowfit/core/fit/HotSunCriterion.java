package org.yellowfit.core.fit;

import org.yellowfit.core.light.HotHours;

/**
 * Too much sun (rule B3): more hours than the plant stands at all, or more in the hot hours where the summer is hot or a wall
 * throws heat back.
 */
final class HotSunCriterion implements Criterion {

    private static final double MARGIN_H = 1.5;
    private static final double SHADED_H = 1;

    @Override
    public CriterionName name() {
        return CriterionName.HOT_SUN;
    }

    @Override
    public String rule() {
        return "B3";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (q.site().sunHours() == null && !hotHoursCount(q)) {
            return Scale.SITE_UNKNOWN;
        }
        return marked(spare(plants, i, q));
    }

    private static double marked(double spare) {
        if (Double.isNaN(spare)) {
            return Scale.UNKNOWN;
        }
        if (spare >= 0) {
            return Scale.fits(0.2 + 0.8 * spare / MARGIN_H);
        }
        return spare >= -SHADED_H ? Scale.fitsIf(1 + spare) : Scale.no(1 + (spare + SHADED_H) / 3);
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        if (q.site().sunHours() == null && !hotHoursCount(q)) {
            return null;
        }
        if (hotHoursCount(q)) {
            return i -> mark(plants, i, q);
        }
        double hours = q.site().sunHours();
        return i -> marked(plants.sunMax[i] - hours);
    }

    @Override
    public String site(Question q) {
        String day = q.site().sunHours() == null ? "" : Question.hours(q.site().sunHours());
        if (!hotHoursCount(q)) {
            return day;
        }
        String hot = Phrases.say(reflected(q) ? "hot-sun.site.reflected" : "hot-sun.site", Question.hours(hotHours(q)));
        return day.isEmpty() ? hot : day + ", " + hot;
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        boolean hotDecides = hotDecides(plants, i, q);
        double most = hotDecides ? plants.hotSunMax[i] : plants.sunMax[i];
        double here = hotDecides ? hotHours(q) : q.site().sunHours();
        String key = (hotDecides ? "hot-sun.hot" : "hot-sun.day") + (here <= most ? ".fits" : ".over");
        Explained said = Explained.of(
                Phrases.say(hotDecides ? "hot-sun.plant.hot" : "hot-sun.plant.day", Question.hours(most)),
                rule(),
                Phrases.say(key, Question.hours(here), Question.hours(most)),
                Strip.around(0, most, here, 1));
        return here <= most
                ? said
                : said.with(Remedy.of(Remedy.Action.SHADE, site -> shaded(plants, i, site, q), "shade.afternoon")
                        .butSee(CriterionName.SUN_LIVE, CriterionName.SUN_FLOWER, CriterionName.SUN_COLOUR));
    }

    /** Hours to spare under the tighter of the limits that count here; NaN when one of them is not known. */
    private static double spare(Catalogue plants, int i, Question q) {
        double day = q.site().sunHours() == null
                ? Double.POSITIVE_INFINITY
                : plants.sunMax[i] - q.site().sunHours();
        double hot = hotHoursCount(q) ? plants.hotSunMax[i] - hotHours(q) : Double.POSITIVE_INFINITY;
        if (Math.min(day, hot) < 0 || !(Double.isNaN(day) || Double.isNaN(hot))) {
            return Math.min(day, hot);
        }
        // One known limit that is broken decides; a limit kept does not vouch for the one that is unknown.
        double known = Double.isNaN(day) ? hot : day;
        return known < 0 ? known : Double.NaN;
    }

    /** The hours cut down to what the plant stands. */
    private static SiteConditions shaded(Catalogue plants, int i, SiteConditions site, Question q) {
        SiteEdit edit = site.edit();
        if (site.sunHours() != null && plants.sunMax[i] < site.sunHours()) {
            edit.sunHours(plants.sunMax[i]);
        }
        if (hotHoursCount(q) && plants.hotSunMax[i] < hotHours(q)) {
            edit.hotHours(plants.hotSunMax[i] / (reflected(q) ? HotHours.REFLECTED_FACTOR : 1));
        }
        return edit.build();
    }

    private static boolean hotDecides(Catalogue plants, int i, Question q) {
        if (!hotHoursCount(q) || Double.isNaN(plants.hotSunMax[i])) {
            return false;
        }
        double day = q.site().sunHours() == null
                ? Double.NaN
                : plants.sunMax[i] - q.site().sunHours();
        return Double.isNaN(day) || plants.hotSunMax[i] - hotHours(q) <= day;
    }

    private static boolean hotHoursCount(Question q) {
        return q.site().hotHours() != null
                && (reflected(q) || SiteConditions.yes(q.site().hotSummer()));
    }

    private static double hotHours(Question q) {
        return q.site().hotHours() * (reflected(q) ? HotHours.REFLECTED_FACTOR : 1);
    }

    private static boolean reflected(Question q) {
        return SiteConditions.yes(q.site().reflectedHeat());
    }
}
