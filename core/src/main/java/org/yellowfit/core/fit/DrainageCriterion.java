package org.yellowfit.core.fit;

import java.util.stream.Collectors;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.soil.Drainage;

/** Drainage against the classes a plant stands (rules C2 and C5). In a pot it is made, so it does not apply. */
final class DrainageCriterion implements Criterion {

    private static final Drainage[] CLASSES = Drainage.values();

    @Override
    public CriterionName name() {
        return CriterionName.DRAINAGE;
    }

    @Override
    public String rule() {
        return "C2";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (SiteConditions.yes(q.site().container())) {
            return Scale.DOES_NOT_APPLY;
        }
        if (q.site().drainage() == null) {
            return Scale.SITE_UNKNOWN;
        }
        if (plants.drainage[i] == 0) {
            return Scale.UNKNOWN;
        }
        int tooDry = tooDry(plants, i, q);
        if (tooDry == 1 && q.site().practice().watered()
                || tooDry == -1 && q.site().practice().plantedHigh()) {
            return Scale.fits(0.3);
        }
        int steps = Math.abs(tooDry);
        return steps == 0 ? Scale.fits(1) : steps == 1 ? Scale.fitsIf(0.5) : Scale.no(1 - (steps - 1) / 2.0);
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        return q.site().drainage() == null || SiteConditions.yes(q.site().container())
                ? null
                : Marker.byKey(plants.drainage, 1 << CLASSES.length, i -> mark(plants, i, q));
    }

    @Override
    public String site(Question q) {
        return Words.of(q.site().drainage());
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        int tooDry = tooDry(plants, i, q);
        String takes = plants.plants[i].get(Traits.DRAINAGE).orElseThrow().stream()
                .map(Words::of)
                .collect(Collectors.joining(", "));
        String key = tooDry == 0 ? "drainage.fits" : tooDry > 0 ? "drainage.dry" : "drainage.wet";
        Explained said =
                Explained.of(takes, tooDry == 0 ? "C2" : "C5", Phrases.say(key, site(q), takes), strip(plants, i, q));
        if (Scale.verdict(mark) == Verdict.FITS) {
            return said;
        }
        Drainage stood = CLASSES[q.site().drainage().ordinal() - tooDry];
        Remedy pot = Remedy.of(
                        Remedy.Action.POT, site -> site.edit().container().build(), "pot.drain")
                .butSee(CriterionName.HARDINESS, CriterionName.WANTS);
        if (tooDry > 0) {
            return tooDry > 1
                    ? said.with(pot)
                    : said.with(
                            Remedy.practised(Remedy.Action.WATER, Practice::withWater, "water.drains"),
                            Remedy.of(
                                    Remedy.Action.AMEND,
                                    site -> site.edit().drainage(stood).build(),
                                    "amend.sand"));
        }
        Remedy drain = Remedy.of(
                Remedy.Action.DRAIN, site -> site.edit().drainage(stood).build(), "drain");
        return tooDry == -1
                ? said.with(Remedy.practised(Remedy.Action.PLANT_HIGH, Practice::withHighPlanting, "plant-high"), drain)
                : said.with(pot, drain);
    }

    private static Strip strip(Catalogue plants, int i, Question q) {
        int site = q.site().drainage().ordinal();
        int mask = plants.drainage[i];
        int low = Integer.numberOfTrailingZeros(mask);
        int high = 31 - Integer.numberOfLeadingZeros(mask);
        return new Strip(low - site - 0.5, high - site + 0.5);
    }

    /** Classes the site drains faster than the nearest the plant stands; negative when slower, 0 when it stands it. */
    private static int tooDry(Catalogue plants, int i, Question q) {
        int site = q.site().drainage().ordinal();
        int nearest = CLASSES.length;
        for (Drainage each : CLASSES) {
            boolean stands = (plants.drainage[i] & Catalogue.bit(each)) != 0;
            if (stands && Math.abs(site - each.ordinal()) < Math.abs(nearest)) {
                nearest = site - each.ordinal();
            }
        }
        return nearest;
    }
}
