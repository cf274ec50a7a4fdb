package org.yellowfit.core.bed;

import java.util.List;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.takeoff.School;
import org.yellowfit.core.takeoff.Spacing;

/** Plants of one kind to be placed, with the room they take. */
final class Lot {

    /** Crowns may lap by so much of the smaller before it is called an overlap (H4). */
    static final double LAP = 0.2;

    /** In a pot plants stand at so much of their distance, and no nearer than their root balls; our judgement (G7). */
    private static final double IN_POT = 0.4;

    private static final double ROOT_BALL_M = 0.1;

    final ToPlace asked;
    final Cultivar plant;
    final int number;
    /** On centre by the school, m. */
    final double spacing;

    final double spread10;
    /** At the horizon, m. */
    final double spreadThen;

    final double heightThen;
    final double flowerHeightThen;
    final Layer layer;
    private final boolean mature;
    private final boolean woven;
    /** How deep in the bed it stands, 0–1; set once all are known. */
    double front;

    double back = 1;
    int count;

    Lot(ToPlace asked, int number, BedAims aims) {
        this.asked = asked;
        this.number = number;
        plant = asked.plant();
        mature = aims.school() == School.MATURE;
        PlantGrowth growth = PlantedAt.growth(plant, asked.potHeightM());
        spread10 = plant.spread10().mid();
        spacing = aims.pot()
                ? Math.max(ROOT_BALL_M, IN_POT * Spacing.onCentre(plant, School.MATURE, Spacing.USUAL_CLOSE_BY_YEAR))
                : Spacing.onCentre(plant, growth, aims.school(), aims.closeByYear());
        spreadThen = growth.spread(aims.horizonYears()).mid();
        heightThen = growth.height(aims.horizonYears()).mid();
        flowerHeightThen = growth.heightInFlower(aims.horizonYears()).mid();
        layer = Layer.of(heightThen);
        woven = aims.layers() == Weaving.WOVEN;
        count = asked.count() == null ? 0 : asked.count();
    }

    double groundM2() {
        return Spacing.groundM2(spacing);
    }

    /** From centre to centre, m: half the sum of the spacings, and in the mature school no overlap at the horizon. */
    double apartFrom(Lot other) {
        double apart = (spacing + other.spacing) / 2;
        if (mature) {
            double lap = LAP * Math.min(spreadThen, other.spreadThen);
            apart = Math.max(apart, (spreadThen + other.spreadThen) / 2 - lap);
        }
        return apart;
    }

    /** How far out of its layer a depth is, 0–1; 0 within. */
    double outOf(double share) {
        return Math.max(0, Math.max(front - share, share - back));
    }

    /** Of half this width walls and paths are kept clear, m. */
    double width() {
        return Math.max(spread10, mature ? spreadThen : 0);
    }

    /** Tall and airy: one may look through it, and in the woven school it comes forward (G1). */
    boolean isSeenThrough() {
        return woven
                && (layer == Layer.BACK || layer == Layer.MIDDLE)
                && !plant.isWoody()
                && plant.get(Traits.LEAF_TEXTURE)
                        .filter(LeafTexture.FINE::equals)
                        .isPresent();
    }

    boolean hurts(BedPart part) {
        List<Hazard> hazards = plant.get(Traits.HAZARDS).orElse(List.of());
        return part != null
                && (part.children() && hazards.stream().anyMatch(Hazard::isToChildren)
                        || part.pets() && hazards.stream().anyMatch(Hazard::isToPets));
    }

    /** Grown to cover the ground, below others too. */
    static boolean coversGround(Cultivar plant) {
        return Layer.of(plant.height10().mid()) == Layer.GROUND_COVER || plant.has(Traits.USES, Use.GROUND_COVER);
    }
}
