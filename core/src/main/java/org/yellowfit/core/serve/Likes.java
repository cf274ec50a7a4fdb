package org.yellowfit.core.serve;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.pair.Likeness.Aspect;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;

/** In the place of a plant that failed, and like one but different (rules L2 and H7). */
final class Likes {

    private Likes() {}

    /** The same job at the same size as one to be replaced; its genus is never offered. */
    static final class Instead extends JobMeasure {
        private static final double UNLIKE_RATIO = Math.log(4);

        private final PlantColumns c;
        private final Cultivar old;

        Instead(PlantColumns c, Cultivar old, Importance importance) {
            super("instead", importance, Fact.of("wish.instead", old.name()));
            this.c = c;
            this.old = old;
        }

        @Override
        double met(int i) {
            Cultivar plant = c.plants[i];
            if (plant.id().equals(old.id())) {
                return 0;
            }
            double kind = plant.kind() == old.kind() ? 1 : 0.6;
            double leaves = plant.persistence() == old.persistence() ? 1 : 0.8;
            return kind
                    * leaves
                    * alike(plant.height10().mid(), old.height10().mid())
                    * alike(plant.spread10().mid(), old.spread10().mid());
        }

        private static double alike(double one, double other) {
            return Math.max(0, 1 - Math.max(0, Math.abs(Math.log(one / other)) - 0.15) / UNLIKE_RATIO);
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            return new Because()
                    .say(
                            "size-of",
                            Amount.metres(plant.height10().mid()),
                            Amount.metres(plant.spread10().mid()),
                            Amount.metres(old.height10().mid()),
                            Amount.metres(old.spread10().mid()))
                    .say("keeps", plant.persistence())
                    .fact();
        }
    }

    /** Likeness, and every “but” met. */
    static final class LikeBut extends Measure {
        /** What is left of a likeness for each “but” that is missed. */
        private static final double MISSED = 0.25;
        /** A plant counts as smaller at this share of the other's height. */
        private static final double SMALLER = 0.8;
        /** Weight of the genus in a likeness asked for by name; our judgement. */
        private static final double KIN = 3;

        private final PlantColumns c;
        private final Cultivar other;
        private final List<Like.But> buts;
        private final Map<Aspect, Double> weights;

        LikeBut(PlantColumns c, Cultivar other, List<Like.But> buts, Importance importance) {
            super("like", importance, Fact.of("wish.like", other.name(), List.copyOf(buts)));
            this.c = c;
            this.other = other;
            this.buts = buts;
            weights = weights(buts);
        }

        @Override
        int cost() {
            return 4;
        }

        @Override
        double met(int i) {
            Cultivar plant = c.plants[i];
            if (plant.id().equals(other.id())) {
                return 0;
            }
            double met = 1;
            for (Like.But but : buts) {
                met *= MISSED + (1 - MISSED) * met(but, plant);
            }
            return met * alike(plant);
        }

        private double alike(Cultivar plant) {
            return Likeness.between(other, plant, weights);
        }

        /** Who asks for one like another means its kin first, and not what shall differ. */
        private static Map<Aspect, Double> weights(List<Like.But> buts) {
            Map<Aspect, Double> weights = Likeness.usual();
            weights.put(Aspect.GENUS, KIN);
            if (buts.contains(Like.But.SMALLER)) {
                weights.remove(Aspect.HEIGHT);
                weights.remove(Aspect.SPREAD);
            }
            if (buts.contains(Like.But.EARLIER)) {
                weights.remove(Aspect.BLOOM);
            }
            return weights;
        }

        private double met(Like.But but, Cultivar plant) {
            return switch (but) {
                case SMALLER -> smaller(plant);
                case HARDIER -> zone(plant) < zone(other) ? 1 : 0;
                case EARLIER ->
                    thirdsEarlier(plant).filter(thirds -> thirds > 0).isPresent() ? 1 : 0;
                case REPEATS -> plant.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE ? 1 : 0;
                case LESS_WORK ->
                    plant.get(Traits.CARE_MIN_YEAR).orElse(Double.MAX_VALUE)
                                    < other.get(Traits.CARE_MIN_YEAR).orElse(0.0)
                            ? 1
                            : 0;
            };
        }

        private double smaller(Cultivar plant) {
            double height = plant.height10().mid() / other.height10().mid();
            double spread = plant.spread10().mid() / other.spread10().mid();
            return Math.min(falling(height, SMALLER, 1), falling(spread, 1, 1.3));
        }

        private static int zone(Cultivar plant) {
            return plant.get(Traits.ZONE_MIN).map(zone -> zone.half()).orElse(Integer.MAX_VALUE);
        }

        private Optional<Integer> thirdsEarlier(Cultivar plant) {
            Optional<Bloom> own = plant.get(Traits.BLOOM);
            return other.get(Traits.BLOOM)
                    .flatMap(theirs -> own.map(bloom -> theirs.startThird() - bloom.startThird()));
        }

        @Override
        Fact why(int i) {
            Cultivar plant = c.plants[i];
            double alike = plant.id().equals(other.id()) ? 1 : alike(plant);
            Because because = new Because().say("like", new Amount(100 * alike, Amount.Unit.PERCENT), other.name());
            for (Like.But but : buts) {
                String yes = met(but, plant) >= 1 - ROUNDING ? "" : ".not";
                switch (but) {
                    case SMALLER ->
                        because.say(
                                "smaller" + yes,
                                Amount.metres(plant.height10().mid()),
                                Amount.metres(other.height10().mid()));
                    case HARDIER -> because.say("hardier" + yes, label(plant), label(other));
                    case EARLIER ->
                        because.say(
                                "earlier" + yes, Math.abs(thirdsEarlier(plant).orElse(0)) * 10);
                    case REPEATS -> because.say("repeats" + yes);
                    case LESS_WORK ->
                        because.say(
                                "less-work" + yes,
                                Amount.minutes(plant.get(Traits.CARE_MIN_YEAR).orElse(0.0)),
                                Amount.minutes(other.get(Traits.CARE_MIN_YEAR).orElse(0.0)));
                }
            }
            return because.fact();
        }

        private static String label(Cultivar plant) {
            return plant.get(Traits.ZONE_MIN).map(zone -> zone.label()).orElse("?");
        }
    }
}
