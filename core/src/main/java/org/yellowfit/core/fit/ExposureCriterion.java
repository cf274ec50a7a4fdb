package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
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
    public Marker marker(Catalogue plants, Question q) {
        if (q.site().exposure() == null && q.site().reflectedHeat() == null) {
            return null;
        }
        int here = here(q);
        return i -> (here & (plants.dislikes[i] | ~plants.stands[i])) == 0 ? 1 : mark(plants, i, q);
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
        String stands = plants.stands[i] == 0
                ? Phrases.say("unknown.plant")
                : Phrases.say("exposure.plant", named(plants.stands[i]));
        if (disliked != 0) {
            return Explained.of(
                            Phrases.say("exposure.dislikes", named(plants.dislikes[i])),
                            rule(),
                            Phrases.say("exposure.disliked", named(disliked)),
                            Strip.reaching(-2))
                    .with(remedy(disliked | untold));
        }
        if (untold == 0) {
            String why = here == 0 ? Phrases.say("exposure.calm") : Phrases.say("exposure.fits", named(here));
            return Explained.of(stands, rule(), why, Strip.reaching(1));
        }
        return Explained.of(
                        stands,
                        rule(),
                        Phrases.say("exposure.untold", named(untold), named(plants.stands[i])),
                        Strip.reaching(-0.5))
                .with(remedy(untold));
    }

    /** One remedy for all of it, since each alone would leave the others. */
    private static Remedy remedy(int stresses) {
        List<String> texts = new ArrayList<>();
        Remedy.Action action = null;
        Set<Stress> met = new java.util.HashSet<>();
        for (Stress stress : STRESSES) {
            if ((stresses & Catalogue.bit(stress)) != 0) {
                met.add(stress);
                String key = switch (stress) {
                    case WIND, SALT -> "shelter.wind";
                    case JUGLONE -> "apart.walnut";
                    case REFLECTED_HEAT -> "shade.afternoon";
                    default -> "air.move";
                };
                action = action != null
                        ? action
                        : switch (stress) {
                            case WIND, SALT -> Remedy.Action.SHELTER;
                            case JUGLONE -> Remedy.Action.PLACE_APART;
                            case REFLECTED_HEAT -> Remedy.Action.SHADE;
                            default -> Remedy.Action.MOVE;
                        };
                String text = Phrases.say("remedy." + key);
                if (!texts.contains(text)) {
                    texts.add(text);
                }
            }
        }
        return new Remedy(
                action,
                String.join(" ", texts),
                Remedy.of(action, UnaryOperator.identity(), "air.move").minutesPerYear(),
                Set.of(),
                site -> site.edit().without(met).build());
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
        return java.util.Arrays.stream(STRESSES)
                .filter(stress -> (mask & Catalogue.bit(stress)) != 0)
                .map(stress -> Phrases.say("stress." + Words.of(stress)))
                .collect(Collectors.joining(", "));
    }
}
