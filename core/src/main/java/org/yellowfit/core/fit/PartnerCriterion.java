package org.yellowfit.core.fit;

import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Sex;
import org.yellowfit.core.plant.Traits;

/** Berries need a partner (rule F6). Said of plants that have a partner group only. */
final class PartnerCriterion implements Criterion {

    @Override
    public CriterionName name() {
        return CriterionName.PARTNER;
    }

    @Override
    public String rule() {
        return "F6";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (!plants.needsPartner[i]) {
            return Scale.DOES_NOT_APPLY;
        }
        Cultivar plant = plants.plants[i];
        if (plant.get(Traits.SEX).isEmpty()) {
            return Scale.UNKNOWN;
        }
        boolean alone = plant.is(Traits.SEX, Sex.FEMALE)
                && !q.site()
                        .practice()
                        .partners()
                        .contains(plant.get(Traits.PARTNER_GROUP).orElse(""));
        return alone ? Scale.fitsIf(1) : Scale.fits(1);
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        return i -> plants.needsPartner[i] ? mark(plants, i, q) : Scale.DOES_NOT_APPLY;
    }

    @Override
    public String site(Question q) {
        return Phrases.say("partner.site");
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        Cultivar plant = plants.plants[i];
        Sex sex = plant.get(Traits.SEX).orElseThrow();
        String group = plant.get(Traits.PARTNER_GROUP).orElseThrow();
        String word = org.yellowfit.core.measure.Words.of(sex);
        Explained said = Explained.of(
                word,
                rule(),
                Phrases.say("partner." + word, group),
                Strip.reaching(Scale.verdict(mark) == Verdict.FITS_IF ? -0.5 : 1));
        return Scale.verdict(mark) == Verdict.FITS_IF
                ? said.with(Remedy.practised(
                        Remedy.Action.PARTNER, practice -> practice.withPartner(group), "partner", group))
                : said;
    }
}
