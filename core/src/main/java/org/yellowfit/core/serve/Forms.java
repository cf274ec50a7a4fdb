package org.yellowfit.core.serve;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Traits;

/** The form asked for (rule L2): habit, a height and a width at the horizon, size of leaf. */
final class Forms {

    private static final double NEAR = 0.5;
    private static final Map<Habit, Set<Habit>> LIKE = like();

    private Forms() {}

    private static Map<Habit, Set<Habit>> like() {
        List<Set<Habit>> groups = List.of(
                EnumSet.of(Habit.COLUMNAR, Habit.UPRIGHT),
                EnumSet.of(Habit.COLUMNAR, Habit.PYRAMIDAL),
                EnumSet.of(Habit.UPRIGHT, Habit.VASE),
                EnumSet.of(Habit.UPRIGHT, Habit.BAMBOO_LIKE),
                EnumSet.of(Habit.GLOBE, Habit.MOUND),
                EnumSet.of(Habit.WEEPING, Habit.ARCHING),
                EnumSet.of(Habit.ARCHING, Habit.FOUNTAIN),
                EnumSet.of(Habit.VASE, Habit.ARCHING),
                EnumSet.of(Habit.SPREADING, Habit.PROSTRATE),
                EnumSet.of(Habit.SPREADING, Habit.MOUND),
                EnumSet.of(Habit.PROSTRATE, Habit.SCRAMBLING),
                EnumSet.of(Habit.FOUNTAIN, Habit.ROSETTE),
                EnumSet.of(Habit.STANDARD, Habit.GLOBE));
        Map<Habit, Set<Habit>> like = new EnumMap<>(Habit.class);
        groups.forEach(group -> group.forEach(habit ->
                like.computeIfAbsent(habit, any -> EnumSet.noneOf(Habit.class)).addAll(group)));
        return like;
    }

    static final class Habits extends Measure {
        private final PlantColumns c;
        private final Set<Habit> wanted;

        Habits(PlantColumns c, Set<Habit> wanted, Importance importance) {
            super(
                    "habits",
                    importance,
                    Fact.of("wish.habit", Wishes.alternatives(List.copyOf(wanted), habit -> habit)));
            this.c = c;
            this.wanted = wanted;
        }

        @Override
        double met(int i) {
            Habit habit = c.plants[i].habit();
            if (wanted.contains(habit)) {
                return 1;
            }
            return wanted.stream().anyMatch(LIKE.getOrDefault(habit, Set.of())::contains) ? NEAR : 0;
        }

        @Override
        Fact why(int i) {
            return new Because().say("habit", c.plants[i].habit()).fact();
        }
    }

    /** A height or a width that is to be reached and kept. */
    static final class Size extends Measure {
        private final PlantColumns c;
        private final boolean upward;
        private final Interval wanted;
        private final double years;
        private final PlantColumns.Aged aged;

        Size(PlantColumns c, boolean upward, Interval wanted, UsePlace place, Importance importance) {
            super(
                    upward ? "heightM" : "spreadM",
                    importance,
                    Fact.of(
                            upward ? "wish.height" : "wish.spread",
                            Amount.metres(wanted.low()),
                            Amount.metres(wanted.high())));
            this.c = c;
            this.upward = upward;
            this.wanted = wanted;
            years = place.horizonYears();
            aged = c.at(years, place);
        }

        @Override
        double met(int i) {
            double size = size(i);
            if (wanted.contains(size)) {
                return 1;
            }
            double off = size < wanted.low() ? wanted.low() / size : size / Math.max(0.01, wanted.high());
            return falling(off, 1, 2);
        }

        private double size(int i) {
            return upward ? aged.height(i) : aged.spread(i);
        }

        @Override
        Fact why(int i) {
            return new Because()
                    .say(upward ? "by-itself" : "wide", Amount.metres(size(i)), Because.after(c.plants[i], years))
                    .fact();
        }
    }

    static final class Leaves extends Measure {
        private final PlantColumns c;
        private final Set<LeafTexture> wanted;

        Leaves(PlantColumns c, Set<LeafTexture> wanted, Importance importance) {
            super(
                    "leafTextures",
                    importance,
                    Fact.of("wish.leaf-size", Wishes.alternatives(List.copyOf(wanted), texture -> texture)));
            this.c = c;
            this.wanted = wanted;
        }

        @Override
        double met(int i) {
            Optional<LeafTexture> own = c.plants[i].get(Traits.LEAF_TEXTURE);
            if (own.isEmpty()) {
                return Double.NaN;
            }
            int steps = wanted.stream()
                    .mapToInt(texture -> Math.abs(texture.ordinal() - own.get().ordinal()))
                    .min()
                    .orElse(2);
            return 1 - NEAR * Math.min(2, steps);
        }

        @Override
        Fact why(int i) {
            return c.plants[i]
                    .get(Traits.LEAF_TEXTURE)
                    .map(texture -> new Because()
                            .say("leaves." + org.yellowfit.core.measure.Words.of(texture))
                            .fact())
                    .orElseGet(() -> new Because().say("leaves.unknown").fact());
        }
    }
}
