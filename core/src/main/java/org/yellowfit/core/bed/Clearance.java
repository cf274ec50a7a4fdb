package org.yellowfit.core.bed;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;

/** Where in a bed a plant of some kind may stand, whatever else is planted (rules H3, H8 and H9). */
final class Clearance {

    /** Clear of a wall beyond half the spread, m (H3). */
    private static final double FROM_WALL_M = 0.3;
    /** Thorns and poison keep so far from paths where people or pets come, m (H8). */
    private static final double FROM_PEOPLE_M = 1;

    private static final double ROUNDING = 1e-9;

    /** What keeps a plant from a spot, in the order in which it is looked at. */
    enum Bar {
        OUTSIDE,
        DOES_NOT_LIVE,
        WALL,
        PATH,
        HAZARD,
        HEIGHT,
        EXISTING,
        NONE
    }

    private final BedGround ground;
    private final double horizonYears;
    /** What was found to live where. */
    private final Map<BedPart, Map<Cultivar, Boolean>> lives = new IdentityHashMap<>();

    Clearance(BedGround ground, double horizonYears) {
        this.ground = ground;
        this.horizonYears = horizonYears;
    }

    Bar bar(Lot lot, double x, double y) {
        if (!ground.holds(x, y)) {
            return Bar.OUTSIDE;
        }
        BedPart part = ground.part(x, y);
        if (part != null && !(isOwn(lot, part) && livesIn(part, lot.plant))) {
            return Bar.DOES_NOT_LIVE;
        }
        double half = lot.width() / 2;
        for (double[][] wall : ground.walls()) {
            if (Flat.toLine(wall, x, y) < half + FROM_WALL_M - ROUNDING) {
                return Bar.WALL;
            }
        }
        for (BedPath path : ground.paths()) {
            double edge = path.toEdge(x, y);
            if (edge < half - ROUNDING) {
                return Bar.PATH;
            }
            if (edge < FROM_PEOPLE_M && lot.hurts(part)) {
                return Bar.HAZARD;
            }
        }
        for (BedLimit limit : ground.limits()) {
            if (limit.isPassed(lot.flowerHeightThen) && limit.isReached(x, y, Math.max(half, lot.spreadThen / 2))) {
                return Bar.HEIGHT;
            }
        }
        for (Existing existing : ground.existing()) {
            if (Math.hypot(x - existing.x(), y - existing.y()) < apart(lot, existing) - ROUNDING) {
                return Bar.EXISTING;
            }
        }
        return Bar.NONE;
    }

    private boolean livesIn(BedPart part, Cultivar plant) {
        return lives.computeIfAbsent(part, any -> new HashMap<>())
                .computeIfAbsent(plant, each -> part.lives().test(each));
    }

    private boolean isOwn(Lot lot, BedPart part) {
        String own = lot.asked.part();
        return own.isEmpty()
                || own.equals(part.name())
                || ground.parts().stream().noneMatch(each -> own.equals(each.name()));
    }

    private double apart(Lot lot, Existing existing) {
        return existing.canStandOver(lot.flowerHeightThen)
                ? Existing.TRUNK_M
                : (lot.width() + existing.spread(horizonYears)) / 2;
    }

    /** Why there is no spot at all for a kind. */
    static Fact why(Bar worst) {
        return Fact.of(
                switch (worst) {
                    case DOES_NOT_LIVE -> "bed.left.lives-nowhere";
                    case WALL -> "bed.left.wall";
                    case PATH -> "bed.left.path";
                    case HAZARD -> "bed.left.hazard";
                    case HEIGHT -> "bed.left.height";
                    case EXISTING -> "bed.left.existing";
                    default -> "bed.left.room";
                });
    }
}
