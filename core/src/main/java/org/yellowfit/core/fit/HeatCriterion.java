package org.yellowfit.core.fit;

import org.yellowfit.core.climate.HardinessZone;

/** Is the place too warm for it (rule A6)? Counted in half-zones. */
final class HeatCriterion implements Criterion {

    @Override
    public CriterionName name() {
        return CriterionName.HEAT;
    }

    @Override
    public String rule() {
        return "A6";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (q.site().zone() == null) {
            return Scale.SITE_UNKNOWN;
        }
        if (plants.zoneMax[i] < 0) {
            return Scale.UNKNOWN;
        }
        int over = q.site().zone().half() - plants.zoneMax[i];
        if (over <= 0) {
            return Scale.fits(over == 0 ? 0.6 : 1);
        }
        if (over == 1 && q.site().practice().afternoonShade()) {
            return Scale.fits(0.3);
        }
        return over == 1 ? Scale.fitsIf(0.5) : Scale.no(1 - (over - 1) / 4.0);
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        return q.site().zone() == null
                ? null
                : Marker.byKey(plants.zoneMax, HardinessZone.WARMEST + 1, i -> mark(plants, i, q));
    }

    @Override
    public String site(Question q) {
        return q.site().zone().label();
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        String warmest = HardinessZone.label(plants.zoneMax[i]);
        int over = q.site().zone().half() - plants.zoneMax[i];
        Explained said = Explained.of(
                Phrases.say("heat.plant", warmest),
                rule(),
                Phrases.say(over <= 0 ? "heat.fits" : "heat.over", warmest, site(q)),
                null);
        return Scale.verdict(mark) == Verdict.FITS_IF
                ? said.with(Remedy.practised(Remedy.Action.SHADE, Practice::withAfternoonShade, "shade.summer"))
                : said;
    }
}
