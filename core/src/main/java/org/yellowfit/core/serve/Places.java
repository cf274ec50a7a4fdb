package org.yellowfit.core.serve;

import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Propagation;
import org.yellowfit.core.plant.SpreadMode;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.season.Show;

/** Jobs of a place in the planting (rules L2 and G1): the layers, an edge, a focal point, a pair of columns. */
final class Places {

    private Places() {}

    /**
     * A layer: heights in leaf and in flower that are wholly right between {@code from} and {@code to}, m, falling to
     * nothing at {@code least} and {@code most}.
     */
    static final class InLayer extends JobMeasure {
        private final PlantColumns c;
        private final JobKind kind;
        private final double horizon;
        private final boolean evergreen;
        private final double least;
        private final double from;
        private final double to;
        private final double most;
        private final PlantColumns.Aged aged;

        InLayer(PlantColumns c, Job job, UsePlace place, Importance importance) {
            super(job.kind().word(), importance, Fact.of("job." + job.kind().word()));
            this.c = c;
            kind = job.kind();
            horizon = place.horizonYears();
            evergreen = job.get(JobFields.EVERGREEN, false);
            aged = c.at(horizon, place);
            double back = place.depthM() == null ? 2.2 : Math.max(1.2, Math.min(4, 1.2 * place.depthM()));
            double[] heights = switch (kind) {
                case EDGING -> new double[] {0.02, 0.08, 0.35, 0.65};
                case FRONT -> new double[] {0.02, 0.06, 0.5, 0.85};
                case MIDDLE -> new double[] {0.3, 0.5, 1.0, 1.5};
                case FILL -> new double[] {0.15, 0.3, 0.9, 1.4};
                default -> new double[] {0.7, 1.0, back, 1.8 * back};
            };
            least = heights[0];
            from = heights[1];
            to = heights[2];
            most = heights[3];
        }

        @Override
        double met(int i) {
            Cultivar plant = c.plants[i];
            double leaf = within(aged.height(i));
            double flower = Math.max(0.5, within(aged.height(i) * flowerFactor(plant)));
            return leaf * flower * neat(plant) * use(plant) * keeps(plant);
        }

        private double within(double height) {
            return Math.min(rising(height, least, from), falling(height, to, most));
        }

        private static double flowerFactor(Cultivar plant) {
            return plant.get(Traits.FLOWER_HEIGHT)
                    .map(flower -> Math.max(1, flower.mid() / plant.height10().mid()))
                    .orElse(1.0);
        }

        private double neat(Cultivar plant) {
            boolean creeps = plant.is(Traits.SPREAD_MODE, SpreadMode.RUNNER)
                    || plant.is(Traits.SPREAD_MODE, SpreadMode.SELF_SEEDER);
            boolean sprawls = plant.habit() == Habit.SCRAMBLING || plant.kind() == Kind.CLIMBER;
            double own = plant.kind() == Kind.BULB ? bulb() : 1;
            double tidy = creeps ? 0.75 : 1;
            return own * (sprawls ? 0.3 : tidy);
        }

        /** A bulb leaves its place bare by summer. */
        private double bulb() {
            return switch (kind) {
                case EDGING -> 0.5;
                case FILL -> 0.4;
                default -> 0.9;
            };
        }

        private double use(Cultivar plant) {
            return switch (kind) {
                case EDGING -> plant.has(Traits.USES, Use.EDGING) ? 1 : 0.6;
                case FILL -> plant.has(Traits.USES, Use.MASS) || plant.has(Traits.USES, Use.WOVEN) ? 1 : 0.75;
                default -> 1;
            };
        }

        private double keeps(Cultivar plant) {
            return !evergreen || plant.persistence() == org.yellowfit.core.plant.Persistence.EVERGREEN ? 1 : 0.25;
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            Amount leaf = Amount.metres(aged.height(i));
            Amount flower = Amount.metres(aged.height(i) * flowerFactor(plant));
            Because because = new Because();
            if (flowerFactor(plant) > 1.05) {
                because.say("heights", leaf, flower, Because.after(plant, horizon));
            } else {
                because.say("by-itself", leaf, Because.after(plant, horizon));
            }
            return because.say("layer", Amount.metres(from), Amount.metres(to))
                    .sayIf(neat(plant) < 1, "untidy")
                    .sayIf(kind == JobKind.EDGING && plant.has(Traits.USES, Use.EDGING), "sold-as-edging")
                    .fact();
        }
    }

    /** A plant looked at from where people are. */
    static final class Focal extends JobMeasure {
        /** Height from which a plant draws the eye among others, m. */
        private static final double SEEN_FROM_M = 0.9;
        /** Grades of its merits together from which it has something for every season; our judgement. */
        private static final double MANY_SIGHTS = 8;

        private final PlantColumns c;
        private final int months;
        private final PlantColumns.Aged aged;

        Focal(PlantColumns c, Job job, UsePlace place, Importance importance) {
            super(job.kind().word(), importance, Fact.of("job.focal"));
            this.c = c;
            months = place.northern(job.get(JobFields.MONTHS, java.util.List.of()));
            aged = c.at(place.horizonYears(), place);
        }

        @Override
        double met(int i) {
            Cultivar plant = c.plants[i];
            double use = plant.has(Traits.USES, Use.SPECIMEN) ? 1 : 0.75;
            double small = 0.5 + 0.5 * rising(aged.height(i), 0.3, SEEN_FROM_M);
            double seasons = Math.min(1, c.gradesTogether(i) / MANY_SIGHTS);
            return use * distinct(plant) * small * (0.6 * c.sights(i, months) + 0.4 * seasons);
        }

        private static double distinct(Cultivar plant) {
            return switch (plant.habit()) {
                case COLUMNAR, WEEPING, FOUNTAIN, STANDARD, PYRAMIDAL, VASE, BAMBOO_LIKE, ROSETTE -> 1;
                case SCRAMBLING, PROSTRATE -> 0.4;
                default -> 0.92;
            };
        }

        @Override
        Fact why(int i) {
            int all = months == 0 ? Show.ALL_YEAR : months;
            return new Because()
                    .say("habit", c.plants[i].habit())
                    .say("shows", Integer.bitCount(c.monthsOfShow(i, 2) & all), Integer.bitCount(all))
                    .say("by-itself", Amount.metres(aged.height(i)), Because.after(c.plants[i], 10))
                    .sayIf(c.isEstimated(i), "estimated")
                    .fact();
        }
    }

    /** One of two alike beside a door or a gate. */
    static final class Column extends JobMeasure {
        private final PlantColumns c;
        private final double width;
        private final double height;
        private final double years;
        private final double horizon;
        private final PlantColumns.Aged aged;
        private final PlantColumns.Aged then;

        Column(PlantColumns c, Job job, UsePlace place, Importance importance) {
            super(job.kind().word(), importance, asked(job));
            this.c = c;
            width = job.get(JobFields.WIDTH, Double.NaN);
            height = job.get(JobFields.HEIGHT, Double.NaN);
            horizon = place.horizonYears();
            years = job.get(JobFields.BY_YEAR, horizon);
            aged = c.at(horizon, place);
            then = c.at(years, place);
        }

        private static Fact asked(Job job) {
            Double width = job.get(JobFields.WIDTH);
            return width == null ? Fact.of("job.column") : Fact.of("job.column.width", Amount.metres(width));
        }

        @Override
        double met(int i) {
            Cultivar plant = c.plants[i];
            double so = shape(plant) * alike(plant) * (plant.isWoody() ? 1 : 0.5);
            return so == 0 ? 0 : so * room(i) * tall(i);
        }

        private static double shape(Cultivar plant) {
            return switch (plant.habit()) {
                case COLUMNAR, STANDARD -> 1;
                case PYRAMIDAL, UPRIGHT -> 0.5;
                case GLOBE -> 0.3;
                default -> 0.05;
            };
        }

        /** Seedlings differ; a pair does not. */
        private static double alike(Cultivar plant) {
            return plant.get(Traits.PROPAGATION)
                    .map(way -> way == Propagation.CLONE ? 1.0 : 0.6)
                    .orElse(0.8);
        }

        private double room(int i) {
            return Double.isNaN(width) ? 1 : Math.max(0.1, falling(aged.spread(i) / width, 1.05, 2));
        }

        private double tall(int i) {
            return Double.isNaN(height) ? 1 : Math.min(1, then.height(i) / height + ROUNDING);
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            Because because = new Because().say("habit", plant.habit());
            if (Double.isNaN(width)) {
                because.say("wide", Amount.metres(aged.spread(i)), Because.after(plant, horizon));
            } else {
                because.say(
                        "wide-of", Amount.metres(aged.spread(i)), Amount.metres(width), Because.after(plant, horizon));
            }
            if (!Double.isNaN(height)) {
                because.height(then.height(i), height, years);
            }
            plant.get(Traits.PROPAGATION).ifPresent(way -> because.say("grown-from." + Words.of(way)));
            return because.fact();
        }
    }
}
