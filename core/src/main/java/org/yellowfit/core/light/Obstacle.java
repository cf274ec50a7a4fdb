package org.yellowfit.core.light;

import java.util.Set;

/** Something that takes sun. Metres east (x) and north (y) of a corner of the drawing, heights above the ground. */
public sealed interface Obstacle {

    /** What it is called in sentences, like “the fence”. */
    String name();

    /** Share of the direct light it lets through in a month, 0 (none) to 1. */
    double passes(int month);

    /**
     * A house or another solid body.
     *
     * @param outline its corners, the first not repeated
     */
    record Block(String name, double[][] outline, double heightM) implements Obstacle {
        @Override
        public double passes(int month) {
            return 0;
        }
    }

    /**
     * A wall, a fence or a hedge.
     *
     * @param line       its bends from end to end
     * @param passing    share of light a fence lets through; of a hedge, null
     * @param foliage    of a hedge; null for what is built
     * @param leafOnMonths of a deciduous hedge
     */
    record Wall(
            String name, double[][] line, double heightM, Double passing, Foliage foliage, Set<Integer> leafOnMonths)
            implements Obstacle {
        @Override
        public double passes(int month) {
            return foliage != null ? foliage.passes(leafOnMonths.contains(month)) : passing == null ? 0 : passing;
        }
    }

    /** A tree: its crown is an ellipsoid between its base and its top. */
    record Tree(
            String name,
            double xM,
            double yM,
            double heightM,
            double crownRadiusM,
            double crownBaseM,
            Foliage foliage,
            Set<Integer> leafOnMonths)
            implements Obstacle {
        @Override
        public double passes(int month) {
            return foliage.passes(leafOnMonths.contains(month));
        }

        double crownCentreM() {
            return (heightM + crownBaseM) / 2;
        }

        double crownHalfHeightM() {
            return (heightM - crownBaseM) / 2;
        }
    }

    /** A roof, an awning, a pergola: a flat plate at a height. */
    record Roof(String name, double[][] outline, double undersideM, double passing) implements Obstacle {
        @Override
        public double passes(int month) {
            return passing;
        }
    }
}
