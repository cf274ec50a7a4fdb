package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.fit.Live;
import org.yellowfit.core.fit.Ranked;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.plant.PotRole;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.takeoff.School;
import org.yellowfit.core.takeoff.Spacing;

/**
 * A plant as it would be in one patch: what of it counts for a planting.
 *
 * @param number    its place among all members of one question, ordered by patch and id
 * @param ground    the patch, by its place in the list
 * @param utility   how it lives × how it serves, 0–1 (L4)
 * @param layer     by its height in leaf at the horizon and the depth of the bed (G1); in a pot by its role (G7)
 * @param fills     layers it fills, a bit each: airy tall ones, woven, the middle too
 * @param cellM2    of ground one plant takes
 * @param most      of them in this patch: structure is set singly or in threes, not as a hedge (G6)
 * @param price     of the smallest pot it is sold in; 0 where none is known
 * @param careMinutes a year; 0 where not known
 */
record Member(
        int number,
        int ground,
        Cultivar plant,
        double utility,
        Live live,
        Layer layer,
        int fills,
        Showing showing,
        boolean evergreen,
        double cellM2,
        int most,
        double price,
        double careMinutes,
        Interval moisture,
        Optional<OkLab> leaf) {

    private static final double TRIANGLE = Math.sqrt(3) / 2;
    /** Of a tree's crown, what it takes of the ground: others are planted beneath it. */
    private static final double UNDER_TREE = 0.2;
    /** In a pot for a season or two, plants stand so much closer. */
    private static final double IN_POT = 0.35;

    private static final double LEAST_TREE_M2 = 1.5;
    /** Plot for one tree, and for one of the shrubs that give a planting its structure; our judgement. */
    private static final double A_TREE_M2 = 40;

    private static final double A_SHRUB_M2 = 5;
    private static final double STRUCTURE_M = 1.2;
    private static final double CROWN_OVER_PATCH = 2.5;
    private static final double CROWN_OVER_DEPTH = 3;
    /** Of the ground, what bulbs of one kind take among the others. */
    private static final double BULBS_SHARE = 0.1;
    /** And no more than so many to the square metre of the whole planting, however small they are. */
    private static final double BULBS_A_M2 = 8;

    private static final int A_FEW = 7;
    /** As many as there is room for. */
    static final int MANY = 1_000_000;

    private static final Interval ANY_MOISTURE = new Interval(1, 5);

    static Member of(int ground, Plot patch, Ranked ranked, Weaving weaving) {
        Cultivar plant = ranked.plant();
        double horizon = patch.question().site().room().horizonYears();
        Layer layer = patch.isPot() ? layerInPot(plant) : layer(plant, patch.place(), horizon, patch.layerScale());
        return new Member(
                0,
                ground,
                plant,
                ranked.utility(),
                ranked.live(),
                layer,
                fills(plant, layer, weaving),
                Showing.of(plant, patch.place()),
                plant.persistence() == Persistence.EVERGREEN,
                cell(plant, patch),
                most(plant, patch),
                price(plant),
                plant.get(Traits.CARE_MIN_YEAR).orElse(0.0),
                plant.get(Traits.MOISTURE).orElse(ANY_MOISTURE),
                plant.colours(Traits.LEAF_SUMMER).stream().findFirst().map(colour -> colour.lab()));
    }

    /** In order, each with its number. */
    static List<Member> numbered(List<Member> members) {
        List<Member> sorted = members.stream()
                .sorted(Comparator.comparingInt(Member::ground)
                        .thenComparing(each -> each.plant().id()))
                .toList();
        List<Member> numbered = new ArrayList<>();
        for (Member each : sorted) {
            numbered.add(each.with(numbered.size()));
        }
        return numbered;
    }

    private Member with(int itsNumber) {
        return new Member(
                itsNumber,
                ground,
                plant,
                utility,
                live,
                layer,
                fills,
                showing,
                evergreen,
                cellM2,
                most,
                price,
                careMinutes,
                moisture,
                leaf);
    }

    @Override
    public boolean equals(Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return number;
    }

    private static Layer layer(Cultivar plant, GrowingPlace place, double years, double scale) {
        if (plant.kind() == Kind.CLIMBER) {
            return Layer.BACK;
        }
        boolean flat = plant.habit() == Habit.PROSTRATE;
        double height = PlantState.growth(plant, place).height(years).mid() / scale;
        return flat ? Layer.of(Math.min(height, Layer.FRONT.fromM() * 0.99)) : Layer.of(height);
    }

    /** Tall behind, mounds in the middle, what trails over the edge in front. */
    private static Layer layerInPot(Cultivar plant) {
        PotRole role = plant.get(Traits.POT_ROLE)
                .orElse(
                        switch (plant.habit()) {
                            case UPRIGHT, COLUMNAR, VASE, FOUNTAIN, STANDARD, PYRAMIDAL, BAMBOO_LIKE -> PotRole.TALL;
                            case PROSTRATE, SCRAMBLING, WEEPING -> PotRole.TRAIL;
                            default -> PotRole.MOUND;
                        });
        return switch (role) {
            case TALL -> Layer.BACK;
            case MOUND -> Layer.MIDDLE;
            case TRAIL -> Layer.FRONT;
        };
    }

    private static int fills(Cultivar plant, Layer layer, Weaving weaving) {
        boolean airy = !plant.isWoody() && plant.is(Traits.LEAF_TEXTURE, LeafTexture.FINE);
        int fills = bit(layer);
        return weaving == Weaving.WOVEN && layer == Layer.BACK && airy ? fills | bit(Layer.MIDDLE) : fills;
    }

    static int bit(Layer layer) {
        return 1 << layer.ordinal();
    }

    private static double cell(Cultivar plant, Plot patch) {
        double spacing = Spacing.onCentre(plant, School.MATURE, Spacing.USUAL_CLOSE_BY_YEAR);
        double cell = TRIANGLE * spacing * spacing;
        return patch.isPot()
                ? IN_POT * cell
                : plant.kind() == Kind.TREE ? Math.max(LEAST_TREE_M2, UNDER_TREE * cell) : cell;
    }

    private static int most(Cultivar plant, Plot patch) {
        if (patch.isPot()) {
            return layerInPot(plant) == Layer.BACK ? 1 : MANY;
        }
        if (plant.kind() == Kind.TREE) {
            return Math.max(1, (int) (patch.areaM2() / A_TREE_M2));
        }
        if (plant.kind() == Kind.BULB) {
            double most = Math.min(BULBS_SHARE / cell(plant, patch), BULBS_A_M2) * patch.areaM2();
            return Math.max(A_FEW, (int) most);
        }
        boolean structure = plant.isWoody() && plant.height10().mid() >= STRUCTURE_M;
        if (!structure) {
            return MANY;
        }
        int most = Math.max(1, (int) (patch.areaM2() / A_SHRUB_M2));
        return most % 2 == 0 && most < Shares.MANY ? most - 1 : most;
    }

    /** Whether a tree's crown would reach far beyond a patch. */
    static boolean isOutOfScale(Cultivar plant, Plot patch) {
        double spread = plant.spread10().mid();
        boolean tooDeep = patch.depthM() != null && spread > CROWN_OVER_DEPTH * patch.depthM();
        return plant.kind() == Kind.TREE && (tooDeep || TRIANGLE * spread * spread > CROWN_OVER_PATCH * patch.areaM2());
    }

    private static double price(Cultivar plant) {
        return plant.get(Traits.SIZES_SOLD)
                .flatMap(sold -> sold.stream().map(PotPrice::price).min(java.math.BigDecimal::compareTo))
                .map(java.math.BigDecimal::doubleValue)
                .orElse(0.0);
    }

    /** Steps of water need between two that share a bed (C6); 0 where their ranges meet. */
    double waterApart(Member other) {
        return Math.max(0, Math.max(moisture.low() - other.moisture.high(), other.moisture.low() - moisture.high()));
    }
}
