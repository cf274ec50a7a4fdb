package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Stress;

/** Wind, salt, walnut roots, city air and thrown-back heat against what the plant stands or dislikes (rule F4). */
final class ExposureCriterion implements Criterion {

    private static final Stress[] STRESSES = Stress.values();

    @Override
    public CriterionName name() {
        return CriterionName.EXPOSURE;
    }

    @Override
    public String rule() {
        return "F4";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (q.site().exposure() == null && q.site().reflectedHeat() == null) {
            return Scale.SITE_UNKNOWN;
        }
        int here = here(q);
        int disliked = here & plants.dislikes[i];
        if (disliked != 0) {
            return isHard(disliked) ? Scale.no(0.4) : Scale.fitsIf(0.3);
        }
        int untold = here & ~plants.stands[i];
        if (untold == 0) {
            return Scale.fits(1);
        }
        return plants.stands[i] == 0 ? Scale.UNKNOWN : Scale.fitsIf(0.7);
    }

    @Override
    public String site(Question q) {
        int here = here(q);
        return here == 0 ? Phrases.say("exposure.none") : named(here);
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        int here = here(q);
        int disliked = here & plants.dislikes[i];
        int untold = here & ~plants.stands[i];
        String stands = plants.stands[i] == 0 ? Phrases.say("unknown.plant") : Phrases.say("exposure.plant", named(plants.stands[i]));
        if (disliked != 0) {
            return Explained.of(Phrases.say("exposure.dislikes", named(plants.dislikes[i])), rule(),
                    Phrases.say("exposure.disliked", named(disliked)), Strip.reaching(-2)).with(remedies(disliked));
        }
        if (untold == 0) {
            String why = here == 0 ? Phrases.say("exposure.calm") : Phrases.say("exposure.fits", named(here));
            return Explained.of(stands, rule(), why, Strip.reaching(1));
        }
        return Explained.of(stands, rule(), Phrases.say("exposure.untold", named(untold), named(plants.stands[i])),
                Strip.reaching(-0.5)).with(remedies(untold));
    }

    private static Remedy[] remedies(int stresses) {
        List<Remedy> remedies = new ArrayList<>();
        if ((stresses & (Catalogue.bit(Stress.WIND) | Catalogue.bit(Stress.SALT))) != 0) {
            remedies.add(Remedy.of(Remedy.Action.SHELTER, "shelter.wind"));
        }
        if ((stresses & Catalogue.bit(Stress.JUGLONE)) != 0) {
            remedies.add(Remedy.of(Remedy.Action.PLACE_APART, "apart.walnut"));
        }
        if ((stresses & Catalogue.bit(Stress.REFLECTED_HEAT)) != 0) {
            remedies.add(Remedy.of(Remedy.Action.SHADE, "shade.afternoon"));
        }
        if ((stresses & Catalogue.bit(Stress.POLLUTION)) != 0) {
            remedies.add(Remedy.of(Remedy.Action.MOVE, "air.move"));
        }
        return remedies.toArray(Remedy[]::new);
    }

    /** Walnut roots and salt kill; wind, city air and heat can be softened. */
    private static boolean isHard(int stresses) {
        return (stresses & (Catalogue.bit(Stress.JUGLONE) | Catalogue.bit(Stress.SALT))) != 0;
    }

    private static int here(Question q) {
        int mask = SiteConditions.yes(q.site().reflectedHeat()) ? Catalogue.bit(Stress.REFLECTED_HEAT) : 0;
        if (q.site().exposure() != null) {
            for (Stress stress : q.site().exposure()) {
                mask |= Catalogue.bit(stress);
            }
        }
        return mask;
    }

    private static String named(int mask) {
        return java.util.Arrays.stream(STRESSES).filter(stress -> (mask & Catalogue.bit(stress)) != 0)
                .map(stress -> Phrases.say("stress." + Words.of(stress))).collect(Collectors.joining(", "));
    }
}
