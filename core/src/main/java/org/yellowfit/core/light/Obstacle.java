package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.betweenOrUnknown;
import static org.yellowfit.core.measure.Checks.finite;
import static org.yellowfit.core.measure.Checks.notNegative;
import static org.yellowfit.core.measure.Checks.share;

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
        public Block {
            notNegative("The height", heightM, "m");
        }

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
            String name,
            double[][] line,
            double heightM,
            Double passing,
            CrownFoliage foliage,
            Set<Integer> leafOnMonths)
            implements Obstacle {
        public Wall {
            notNegative("The height", heightM, "m");
            betweenOrUnknown("The light that passes", passing, 0, 1, "");
        }

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
            CrownFoliage foliage,
            Set<Integer> leafOnMonths)
            implements Obstacle {
        public Tree {
            finite("The trunk, east", xM);
            finite("The trunk, north", yM);
            notNegative("The height", heightM, "m");
            notNegative("The crown’s radius", crownRadiusM, "m");
            notNegative("The crown’s base", crownBaseM, "m");
        }

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
        public Roof {
            notNegative("The underside", undersideM, "m");
            share("The light that passes", passing);
        }

        @Override
        public double passes(int month) {
            return passing;
        }
    }
}
