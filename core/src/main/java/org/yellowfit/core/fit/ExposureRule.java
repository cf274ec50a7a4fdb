package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Stress;

/** Wind, salt, walnut roots, city air and thrown-back heat against what the plant stands or dislikes (rule F4). */
final class ExposureRule implements Rule {

    private static final Stress[] STRESSES = Stress.values();
    /** Walnut roots and salt kill; wind, city air and heat can be softened. */
    private static final int DEADLY = Catalogue.bit(Stress.JUGLONE) | Catalogue.bit(Stress.SALT);

    @Override
    public CriterionName name() {
        return CriterionName.EXPOSURE;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        boolean told =
                q.site().surroundings().exposure() != null || q.site().light().reflectedHeat() != null;
        return told
                ? Optional.of(new ExposureJudge(
                        plants, here(q), q.site().surroundings().roadSalt()))
                : Optional.empty();
    }

    private static int here(Question q) {
        int mask = q.site().light().isReflected() ? Catalogue.bit(Stress.REFLECTED_HEAT) : 0;
        for (Stress stress : STRESSES) {
            mask |= q.site().surroundings().has(stress) ? Catalogue.bit(stress) : 0;
        }
        return mask;
    }

    private record ExposureJudge(Catalogue plants, int here, boolean roadSalt) implements Judge {

        @Override
        public void judge(int i, Ruling into) {
            int disliked = here & plants.dislikes[i];
            int untold = here & ~plants.stands[i];
            if (disliked != 0) {
                into.set((disliked & DEADLY) != 0 ? Outcome.EXPOSURE_KILLS : Outcome.EXPOSURE_DISLIKED);
            } else if (untold == 0) {
                into.set(Outcome.EXPOSURE_STOOD);
            } else {
                into.set(plants.stands[i] == 0 ? unknown(here) : Outcome.EXPOSURE_UNTOLD);
            }
        }

        /** What may kill it is to be found out before it is sold. */
        private static Outcome unknown(int here) {
            return (here & DEADLY) != 0 ? Outcome.FIND_OUT_FIRST : Outcome.UNKNOWN;
        }

        @Override
        public Fact site() {
            return here == 0 ? Fact.of("exposure.none") : Fact.of("value", named(here));
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            int disliked = here & plants.dislikes[i];
            int untold = here & ~plants.stands[i];
            Fact stands = plants.stands[i] == 0
                    ? Fact.of("unknown.plant")
                    : Fact.of("exposure.plant", named(plants.stands[i]));
            return switch (ruling.outcome()) {
                case EXPOSURE_STOOD ->
                    Finding.of(
                            ruling,
                            stands,
                            here == 0 ? Fact.of("exposure.calm") : Fact.of("exposure.fits", named(here)),
                            Strip.reaching(Strip.Reach.OVER));
                case EXPOSURE_UNTOLD ->
                    Finding.of(
                                    ruling,
                                    stands,
                                    Fact.of("exposure.untold", named(untold), named(plants.stands[i])),
                                    Strip.reaching(Strip.Reach.JUST_SHORT))
                            .with(remedy(untold));
                default ->
                    Finding.of(
                                    ruling,
                                    Fact.of("exposure.dislikes", named(plants.dislikes[i])),
                                    Fact.of("exposure.disliked", named(disliked)),
                                    Strip.reaching(Strip.Reach.FAR_SHORT))
                            .with(remedy(disliked | untold));
            };
        }

        /** One remedy for all of it, since each alone would leave the others. */
        private Remedy remedy(int stresses) {
            Set<Stress> met = EnumSet.noneOf(Stress.class);
            Set<String> texts = new LinkedHashSet<>();
            Remedy.Action first = null;
            for (Stress stress : STRESSES) {
                if ((stresses & Catalogue.bit(stress)) != 0) {
                    met.add(stress);
                    texts.add(text(stress));
                    first = first == null ? action(stress) : first;
                }
            }
            return Remedy.of(
                    first,
                    site -> without(site, met),
                    texts.stream().map(Fact::of).toList());
        }

        private static SiteConditions without(SiteConditions site, Set<Stress> met) {
            SiteConditions calmer = site.withSurroundings(around -> around.without(met));
            return met.contains(Stress.REFLECTED_HEAT) ? calmer.withLight(LightConditions::withoutReflection) : calmer;
        }

        private String text(Stress stress) {
            if (stress == Stress.SALT && roadSalt) {
                return "remedy.road-salt";
            }
            return switch (stress) {
                case WIND, SALT -> "remedy.shelter.wind";
                case JUGLONE -> "remedy.apart.walnut";
                case REFLECTED_HEAT, HEAT -> "remedy.shade.afternoon";
                case HUMIDITY -> "remedy.air.open";
                default -> "remedy.air.move";
            };
        }

        private Remedy.Action action(Stress stress) {
            if (stress == Stress.SALT && roadSalt) {
                return Remedy.Action.MOVE;
            }
            return switch (stress) {
                case WIND, SALT -> Remedy.Action.SHELTER;
                case JUGLONE -> Remedy.Action.PLACE_APART;
                case REFLECTED_HEAT, HEAT -> Remedy.Action.SHADE;
                default -> Remedy.Action.MOVE;
            };
        }

        private static List<Fact> named(int mask) {
            List<Fact> names = new ArrayList<>();
            for (Stress stress : STRESSES) {
                if ((mask & Catalogue.bit(stress)) != 0) {
                    names.add(Fact.of("stress." + Words.of(stress)));
                }
            }
            return names;
        }
    }
}
