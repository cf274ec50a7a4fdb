package org.yellowfit.core.serve;

import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.PruneGroup;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.plant.YesNo;

/**
 * Hedges, clipped and loose, and screens (rule L2). What is told of a plant in parts is multiplied: one
 * lack is a lack.
 */
public final class Hedges {

    /** Years in which a hedge or a screen is there when nothing else is said. */
    static final double USUAL_YEARS = 5;
    /** Width of a clipped hedge as a share of its height, and the least, m (L2). */
    private static final double CLIPPED_WIDTH = 0.45;

    private static final double LEAST_CLIPPED_M = 0.4;

    private Hedges() {}

    /** The width at which a clipped hedge is kept, m. */
    public static double clippedWidth(Job hedge) {
        return hedge.get(JobFields.WIDTH, Math.max(LEAST_CLIPPED_M, CLIPPED_WIDTH * hedge.get(JobFields.HEIGHT, 0.0)));
    }

    static Measure hedge(PlantColumns c, Job job, UsePlace place, Importance importance) {
        return job.get(JobFields.CLIPPED, false)
                ? new Clipped(c, job, place, importance)
                : new Loose(c, job, place, importance);
    }

    /** What hedges and screens have in common. */
    private abstract static class Rows extends JobMeasure {
        final PlantColumns c;
        final double height;
        final double years;
        final PlantColumns.Aged aged;

        Rows(PlantColumns c, Job job, UsePlace place, Importance importance, Fact asked) {
            super(job.kind().word(), importance, asked);
            this.c = c;
            height = job.get(JobFields.HEIGHT);
            years = job.get(JobFields.BY_YEAR, USUAL_YEARS);
            aged = c.at(years, job.get(JobFields.POT_HEIGHT), place);
        }

        /** Share of the height asked for that is there by the year. */
        double reached(int i) {
            return Math.min(1, aged.height(i) / height + ROUNDING);
        }
    }

    private static Fact saying(Job job, String key) {
        return Fact.of(
                key, Amount.metres(job.get(JobFields.HEIGHT)), Amount.years(job.get(JobFields.BY_YEAR, USUAL_YEARS)));
    }

    private static final class Clipped extends Rows {
        private final boolean evergreen;
        private final double width;

        Clipped(PlantColumns c, Job job, UsePlace place, Importance importance) {
            super(c, job, place, importance, saying(job, "job.hedge.clipped"));
            evergreen = job.get(JobFields.EVERGREEN, false);
            width = clippedWidth(job);
        }

        @Override
        double met(int i) {
            Cultivar plant = c.plants[i];
            if (!plant.isWoody() || plant.kind() == Kind.CLIMBER) {
                return 0;
            }
            if (plant.get(Traits.HARD_PRUNE).isEmpty()) {
                return Double.NaN;
            }
            double so = cut(plant) * leaf(plant) * keeps(plant, evergreen) * shape(plant) * use(plant, 0.7);
            return so == 0 ? 0 : so * tame(plant) * reached(i);
        }

        private static double cut(Cultivar plant) {
            return switch (clipping(plant)) {
                case "yes" -> 1;
                case "light" -> 0.75;
                default -> 0.25;
            };
        }

        private static String clipping(Cultivar plant) {
            if (plant.get(Traits.HARD_PRUNE).isEmpty()) {
                return "unknown";
            }
            if (plant.is(Traits.HARD_PRUNE, YesNo.YES)) {
                return "yes";
            }
            return isTrimmed(plant) ? "light" : "no";
        }

        /** Fine leaves make a dense face; bold ones look torn by the shears. */
        private static double leaf(Cultivar plant) {
            return plant.get(Traits.LEAF_TEXTURE)
                    .map(texture -> switch (texture) {
                        case FINE -> 1.0;
                        case MEDIUM -> 0.85;
                        case BOLD -> 0.5;
                    })
                    .orElse(0.7);
        }

        private static double shape(Cultivar plant) {
            return switch (plant.habit()) {
                case MOUND, GLOBE, UPRIGHT, PYRAMIDAL -> 1;
                case COLUMNAR -> 0.93;
                case VASE, SPREADING, ARCHING, BAMBOO_LIKE -> 0.85;
                default -> 0.3;
            };
        }

        /** A plant far larger than its hedge is a quarrel every summer. */
        private double tame(Cultivar plant) {
            double times = plant.height10().mid() / height;
            return times <= 2 ? 1 : Math.max(0.3, 1 - (times - 2) / 15);
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            Because because = new Because();
            if (!plant.isWoody() || plant.kind() == Kind.CLIMBER) {
                return because.say("no-hedge", plant.kind()).fact();
            }
            because.say("clipping." + clipping(plant));
            plant.get(Traits.LEAF_TEXTURE).ifPresent(texture -> because.say("leaves." + word(texture)));
            return because.say("keeps", plant.persistence())
                    .height(aged.height(i), height, years)
                    .say("kept-at", Amount.metres(width))
                    .sayIf(
                            tame(plant) < 1,
                            "far-larger",
                            Amount.metres(plant.height10().mid()))
                    .fact();
        }
    }

    private static final class Loose extends Rows {
        private final boolean evergreen;
        private final PlantColumns.Aged grown;

        Loose(PlantColumns c, Job job, UsePlace place, Importance importance) {
            super(c, job, place, importance, saying(job, "job.hedge.loose"));
            evergreen = job.get(JobFields.EVERGREEN, false);
            grown = c.at(10, place);
        }

        @Override
        double met(int i) {
            Cultivar plant = c.plants[i];
            if (!plant.isWoody() || plant.kind() == Kind.CLIMBER) {
                return 0;
            }
            double so = keeps(plant, evergreen) * shape(plant) * use(plant, 0.75);
            double shows = 0.85 + 0.15 * Math.max(c.grade(i, Merit.FLOWER), c.grade(i, Merit.FRUIT)) / 3.0;
            return so == 0 ? 0 : so * shows * reached(i) * stays(i);
        }

        private static double shape(Cultivar plant) {
            return switch (plant.habit()) {
                case MOUND, GLOBE, UPRIGHT, VASE, ARCHING -> 1;
                case SPREADING, PYRAMIDAL, COLUMNAR, BAMBOO_LIKE -> 0.8;
                default -> 0.3;
            };
        }

        /** It is left at its natural size: a third over what was asked at ten years is no loss yet. */
        private double stays(int i) {
            return Math.max(0.2, falling(grown.height(i) / height, 1.35, 2.5));
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            if (!plant.isWoody() || plant.kind() == Kind.CLIMBER) {
                return new Because().say("no-hedge", plant.kind()).fact();
            }
            return new Because()
                    .height(aged.height(i), height, years)
                    .say("by-itself", Amount.metres(grown.height(i)), Because.after(plant, 10))
                    .say("keeps", plant.persistence())
                    .sayIf(plant.has(Traits.USES, Use.HEDGE), "sold-as-hedge")
                    .fact();
        }
    }

    /** A screen to hide behind. */
    static final class Screen extends Rows {
        private final boolean allYear;
        private final boolean evergreen;
        /** Whether there is something for climbers to go up. */
        private final boolean held;

        Screen(PlantColumns c, Job job, UsePlace place, Importance importance) {
            super(c, job, place, importance, saying(job, "job.screen"));
            evergreen = job.get(JobFields.EVERGREEN, false);
            allYear = job.get(JobFields.ALL_YEAR, true);
            held = Climbing.isHeld(job, place);
        }

        @Override
        double met(int i) {
            Cultivar plant = c.plants[i];
            double so = winter(plant) * dense(plant) * screens(plant);
            return so == 0 ? 0 : so * tame(plant) * reached(i);
        }

        private double winter(Cultivar plant) {
            if (evergreen) {
                return keeps(plant, true);
            }
            if (!allYear) {
                return inSummer(plant);
            }
            return switch (plant.persistence()) {
                case EVERGREEN -> 1;
                case SEMI_EVERGREEN -> 0.8;
                case DECIDUOUS -> 0.55;
                default -> 0.1;
            };
        }

        private static double inSummer(Cultivar plant) {
            if (plant.isAnnual()) {
                return 0.3;
            }
            return plant.persistence() == Persistence.HERBACEOUS ? 0.6 : 1;
        }

        private double dense(Cultivar plant) {
            if (plant.kind() == Kind.CLIMBER) {
                return held ? 0.9 : 0.4;
            }
            return switch (plant.habit()) {
                case COLUMNAR, PYRAMIDAL, UPRIGHT, MOUND, GLOBE, BAMBOO_LIKE -> 1;
                case VASE, ARCHING, SPREADING -> 0.85;
                case WEEPING, STANDARD -> 0.6;
                default -> 0.4;
            };
        }

        private static double screens(Cultivar plant) {
            boolean used = plant.has(Traits.USES, Use.SCREEN) || plant.has(Traits.USES, Use.HEDGE);
            double otherwise = plant.isWoody() ? 0.75 : 0.5;
            return used ? 1 : otherwise;
        }

        /** What goes on to several times the height takes the light as well as the view. */
        private double tame(Cultivar plant) {
            double times = plant.height10().mid() / height;
            return Math.max(0.5, falling(times, 2.5, 6));
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            return new Because()
                    .height(aged.height(i), height, years)
                    .say("keeps", plant.persistence())
                    .sayIf(plant.kind() == Kind.CLIMBER && !held, "needs-support")
                    .sayIf(
                            tame(plant) < 1,
                            "far-larger",
                            Amount.metres(plant.height10().mid()))
                    .fact();
        }
    }

    private static double keeps(Cultivar plant, boolean evergreen) {
        if (!evergreen) {
            return 1;
        }
        return switch (plant.persistence()) {
            case EVERGREEN -> 1;
            case SEMI_EVERGREEN -> 0.6;
            default -> 0.2;
        };
    }

    private static double use(Cultivar plant, double otherwise) {
        return plant.has(Traits.USES, Use.HEDGE) ? 1 : otherwise;
    }

    private static String word(LeafTexture texture) {
        return org.yellowfit.core.measure.Words.of(texture);
    }

    /** Whether plants of this habit can be kept in a clipped row. */
    public static boolean mayBeClipped(Cultivar plant) {
        return plant.isWoody()
                && plant.kind() != Kind.CLIMBER
                && plant.habit() != Habit.PROSTRATE
                && (plant.is(Traits.HARD_PRUNE, YesNo.YES) || isTrimmed(plant));
    }

    /** Evergreens sold as hedges that are trimmed lightly each year, and never into bare wood (I1). */
    private static boolean isTrimmed(Cultivar plant) {
        return plant.has(Traits.USES, Use.HEDGE)
                && plant.persistence() == Persistence.EVERGREEN
                && plant.is(Traits.PRUNE_GROUP, PruneGroup.LIGHT_EVERGREEN);
    }
}
