package org.yellowfit.core.pair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.Harmony;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.BloomSpell;

/**
 * A plant that goes with another: it lives in the same ground and light (C6, B2) and its colour keeps company with the
 * other's
 * (G3); plants that differ in leaf or habit come first (G2).
 *
 * @param why its colours, and what else
 */
public record Companion(Cultivar plant, Fact why) {

    private record Scored(Companion companion, double score) {}

    private static final double MOISTURE_STEP = 1;
    /** What counts how much for the order; our judgement of G2 and G3. */
    private static final double HARMONY = 1;

    private static final double OPPOSITE = 1.2;
    private static final double TOGETHER = 1;
    private static final double OTHER_LEAF = 0.6;
    private static final double OTHER_HABIT = 0.4;

    public static List<Companion> of(Cultivar plant, List<Cultivar> others, int most) {
        Optional<Colour> shown = shown(plant);
        if (shown.isEmpty()) {
            return List.of();
        }
        List<Scored> scored = new ArrayList<>();
        for (Cultivar other : others) {
            if (!other.botanical().equals(plant.botanical()) && livesBeside(plant, other)) {
                shown(other)
                        .flatMap(colour -> Harmony.between(shown.get(), colour)
                                .map(harmony -> scored(plant, other, harmony, shown.get(), colour)))
                        .ifPresent(scored::add);
            }
        }
        List<Companion> best = new ArrayList<>();
        scored.stream()
                .sorted(Comparator.comparingDouble(Scored::score)
                        .reversed()
                        .thenComparing(each -> each.companion().plant().id()))
                .map(Scored::companion)
                .filter(each -> best.size() < most
                        && best.stream()
                                .noneMatch(had -> had.plant()
                                        .botanical()
                                        .equals(each.plant().botanical())))
                .forEachOrdered(best::add);
        return best;
    }

    /** The colour a plant is grown for: its flowers', or its leaves' when it has none or they are coloured. */
    public static Optional<Colour> shown(Cultivar plant) {
        List<Colour> flowers = plant.colours(Traits.FLOWER_COLOURS);
        List<Colour> leaves = plant.colours(Traits.LEAF_SUMMER);
        return !flowers.isEmpty()
                ? Optional.of(flowers.get(0))
                : leaves.isEmpty() ? Optional.empty() : Optional.of(leaves.get(0));
    }

    private static Scored scored(Cultivar plant, Cultivar other, Harmony harmony, Colour mine, Colour theirs) {
        double score = harmony == Harmony.OPPOSITES ? OPPOSITE : HARMONY;
        List<Fact> why = new ArrayList<>();
        why.add(Fact.of("companion.colours", theirs.name(), mine.name(), harmony));
        if (bloomTogether(plant, other)) {
            score += TOGETHER;
            why.add(Fact.of("companion.bloom"));
        }
        if (differ(plant, other, Traits.LEAF_TEXTURE)) {
            score += OTHER_LEAF;
            why.add(Fact.of(
                    "companion.leaves",
                    other.get(Traits.LEAF_TEXTURE).orElseThrow(),
                    plant.get(Traits.LEAF_TEXTURE).orElseThrow()));
        }
        if (other.habit() != plant.habit()) {
            score += OTHER_HABIT;
        }
        return new Scored(new Companion(other, Fact.of("value", why)), score);
    }

    private static boolean livesBeside(Cultivar plant, Cultivar other) {
        return meet(plant, other, Traits.MOISTURE, MOISTURE_STEP)
                && meet(plant, other, Traits.PH, 0.5)
                && lightMeets(plant, other)
                && lightMeets(other, plant)
                && plant.get(Traits.ZONE_MIN).orElseThrow().half() + 2
                        >= other.get(Traits.ZONE_MIN).orElseThrow().half()
                && other.height10().mid() < 4 * plant.height10().mid()
                && plant.height10().mid() < 4 * other.height10().mid();
    }

    private static boolean meet(Cultivar plant, Cultivar other, Trait<Interval> trait, double overlap) {
        if (plant.get(trait).isEmpty() || other.get(trait).isEmpty()) {
            return false;
        }
        Interval a = plant.get(trait).get();
        Interval b = other.get(trait).get();
        return Math.min(a.high(), b.high()) - Math.max(a.low(), b.low()) >= overlap;
    }

    private static boolean lightMeets(Cultivar plant, Cultivar other) {
        double least = plant.get(Traits.SUN_FLOWER)
                .or(() -> plant.get(Traits.SUN_LIVE))
                .orElse(0.0);
        return other.get(Traits.SUN_MAX).orElse(24.0) >= least;
    }

    private static boolean bloomTogether(Cultivar plant, Cultivar other) {
        Optional<Bloom> mine = BloomSpell.inThirds(plant, Optional.empty());
        Optional<Bloom> theirs = BloomSpell.inThirds(other, Optional.empty());
        if (mine.isEmpty() || theirs.isEmpty()) {
            return false;
        }
        int common = 0;
        for (int third = 0; third < Bloom.THIRDS; third++) {
            common += mine.get().isOpenInThird(third) && theirs.get().isOpenInThird(third) ? 1 : 0;
        }
        return common >= 2;
    }

    private static <T> boolean differ(Cultivar plant, Cultivar other, Trait<T> trait) {
        return plant.get(trait).isPresent()
                && other.get(trait).isPresent()
                && !plant.get(trait).equals(other.get(trait));
    }
}
