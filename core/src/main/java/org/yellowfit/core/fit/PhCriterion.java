package org.yellowfit.core.fit;

/** Soil pH against the plant's range (rules C4 and C5): half a pH can be nudged, more is fighting the soil. */
final class PhCriterion implements Criterion {

    private static final double MARGIN = 0.5;
    private static final double REACH = 0.5;

    @Override
    public CriterionName name() {
        return CriterionName.PH;
    }

    @Override
    public String rule() {
        return "C4";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (q.site().ph() == null) {
            return Scale.SITE_UNKNOWN;
        }
        return Double.isNaN(plants.phLow[i])
                ? Scale.UNKNOWN
                : Scale.against(plants.phLow[i], plants.phHigh[i], q.site().ph(), MARGIN, REACH);
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        if (q.site().ph() == null) {
            return null;
        }
        double here = q.site().ph();
        double[] low = plants.phLow;
        double[] high = plants.phHigh;
        return i -> low[i] <= here && here <= high[i]
                ? Scale.against(low[i], high[i], here, MARGIN, REACH)
                : mark(plants, i, q);
    }

    @Override
    public String site(Question q) {
        return "pH " + Question.number(q.site().ph());
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        double low = plants.phLow[i];
        double high = plants.phHigh[i];
        double site = q.site().ph();
        String takes = "pH " + Question.number(low) + "–" + Question.number(high);
        String colour = Appearance.followsPh(plants.plants[i])
                ? " " + Phrases.say("ph.colour." + (site < 5.5 ? "blue" : site > 6.5 ? "pink" : "mixed"))
                : "";
        String key = site < low ? "ph.acid" : site > high ? "ph.alkaline" : "ph.fits";
        Explained said = Explained.of(
                takes,
                key.equals("ph.fits") ? "C4" : "C5",
                Phrases.say(key, site(q), takes) + colour,
                Strip.around(low, high, site, MARGIN));
        return switch (Scale.verdict(mark)) {
            case FITS -> said;
            case FITS_IF ->
                said.with(Remedy.of(
                        Remedy.Action.AMEND,
                        place -> place.edit().ph(site < low ? low : high).build(),
                        site < low ? "amend.lime" : "amend.sulfur"));
            default ->
                said.with(Remedy.of(
                                Remedy.Action.POT,
                                place -> place.edit()
                                        .container()
                                        .ph((low + high) / 2)
                                        .build(),
                                "pot.ph")
                        .butSee(CriterionName.HARDINESS, CriterionName.WANTS));
        };
    }
}
