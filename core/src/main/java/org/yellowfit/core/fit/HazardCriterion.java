package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Hazard;

/** Thorns, poison, sap and pollen against the people and animals of the place (rule F1), and plants that run wild there (rule F2). */
final class HazardCriterion implements Criterion {

    @Override
    public CriterionName name() {
        return CriterionName.HAZARDS;
    }

    @Override
    public String rule() {
        return "F1";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        return Spreading.graver(hazard(plants, i, q), Spreading.mark(plants, i, q));
    }

    private static boolean asked(SiteConditions site) {
        return site.children() != null || site.pets() != null || site.strictlyNoHazards() != null;
    }

    private static double hazard(Catalogue plants, int i, Question q) {
        SiteConditions site = q.site();
        if (!asked(site)) {
            return Scale.SITE_UNKNOWN;
        }
        int mask = plants.hazards[i];
        if (mask == 0) {
            return concerns(site) == 0 ? Scale.fits(1) : Scale.UNKNOWN;
        }
        int met = mask & concerns(site);
        if (met == 0) {
            return Scale.fits(1);
        }
        if (SiteConditions.yes(site.strictlyNoHazards())) {
            return Scale.no(0.3);
        }
        return Scale.fitsIf(met == Catalogue.bit(Hazard.SAP) ? 0.7 : 0.4);
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        Marker hazards = asked(q.site())
                ? Marker.byKey(plants.hazards, 1 << Hazard.values().length, i -> hazard(plants, i, q))
                : i -> Scale.SITE_UNKNOWN;
        Marker spreading = Spreading.marker(plants, q);
        return i -> Spreading.graver(hazards.mark(i), spreading.mark(i));
    }

    @Override
    public String site(Question q) {
        SiteConditions site = q.site();
        if (!asked(site)) {
            return Phrases.say("hazards.unasked");
        }
        List<String> who = new ArrayList<>();
        if (SiteConditions.yes(site.children())) {
            who.add(Phrases.say("hazards.children"));
        }
        if (SiteConditions.yes(site.pets())) {
            who.add(Phrases.say("hazards.pets"));
        }
        if (SiteConditions.yes(site.strictlyNoHazards())) {
            who.add(Phrases.say("hazards.strict"));
        }
        return who.isEmpty() ? Phrases.say("hazards.nobody") : String.join(", ", who);
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        double hazard = hazard(plants, i, q);
        Explained said = mark == hazard ? hazards(plants, i, q) : Spreading.explain(plants, i, q);
        if (Scale.verdict(mark) != Verdict.FITS_IF) {
            return said;
        }
        boolean apart = Scale.verdict(hazard) == Verdict.FITS_IF;
        boolean contained = Scale.verdict(Spreading.mark(plants, i, q)) == Verdict.FITS_IF;
        return said.with(remedy(apart, contained));
    }

    /** One that meets both where both are asked. */
    private static Remedy remedy(boolean apart, boolean contained) {
        if (!contained) {
            return Remedy.of(
                    Remedy.Action.PLACE_APART,
                    place -> place.edit().outOfReach().build(),
                    "apart.hazard");
        }
        return apart
                ? Remedy.of(
                        Remedy.Action.CONTAIN,
                        place -> place.edit()
                                .outOfReach()
                                .practice(place.practice().withBounds())
                                .build(),
                        "contain.apart")
                : Remedy.practised(Remedy.Action.CONTAIN, Practice::withBounds, "contain");
    }

    private Explained hazards(Catalogue plants, int i, Question q) {
        List<String> all = named(plants.hazards[i]);
        List<String> met = named(plants.hazards[i] & concerns(q.site()));
        String has = all.isEmpty() ? Phrases.say("hazards.none") : String.join(", ", all);
        return met.isEmpty()
                ? Explained.of(has, rule(), Phrases.say("hazards.fits", has, site(q)), Strip.reaching(1))
                : Explained.of(
                        has, rule(), Phrases.say("hazards.met", String.join(", ", met), site(q)), Strip.reaching(-1));
    }

    /** The hazards that count here: strictly none means every one of them. */
    private static int concerns(SiteConditions site) {
        if (SiteConditions.yes(site.strictlyNoHazards())) {
            return mask(Hazard.THORNS, Hazard.TOXIC_PEOPLE, Hazard.TOXIC_PETS, Hazard.SAP, Hazard.POLLEN);
        }
        return (SiteConditions.yes(site.children()) ? mask(Hazard.THORNS, Hazard.TOXIC_PEOPLE, Hazard.SAP) : 0)
                | (SiteConditions.yes(site.pets()) ? mask(Hazard.TOXIC_PETS) : 0);
    }

    private static int mask(Hazard... hazards) {
        int mask = 0;
        for (Hazard hazard : hazards) {
            mask |= Catalogue.bit(hazard);
        }
        return mask;
    }

    private static List<String> named(int mask) {
        List<String> names = new ArrayList<>();
        for (Hazard hazard : Hazard.values()) {
            if (hazard != Hazard.NONE && (mask & Catalogue.bit(hazard)) != 0) {
                names.add(Phrases.say("hazard." + Words.of(hazard)));
            }
        }
        return names;
    }
}
