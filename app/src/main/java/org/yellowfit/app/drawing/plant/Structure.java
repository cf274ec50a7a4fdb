package org.yellowfit.app.drawing.plant;

import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafArrangement;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.season.Merits;

/** How a plant is put together, by its kind, its habit and its leaves. */
enum Structure {
    CROWN,
    CANES,
    WEEPING,
    TIERS,
    PALM,
    BAMBOO,
    LEAFY_STEMS,
    ROSETTE,
    TUSSOCK,
    FRONDS,
    CUSHION,
    CLIMBER;

    /** Lower than this, a dense woody plant is a cushion of shoots rather than a crown of branches, m. */
    private static final double LOW_M = 0.55;

    /** Dwarf conifers are dense to the ground. */
    private static final double DWARF_M = 1.6;

    private static final double MAT_M = 0.26;
    /** Lower than so much of its spread, a herb that spreads is a carpet. */
    private static final double FLAT = 0.45;
    /** Wider than so much of its height, an upright conifer has no leader. */
    private static final double BROAD = 0.7;

    static Structure of(Cultivar plant, LeafForm leaf) {
        Habit habit = plant.habit();
        if (habit == Habit.BAMBOO_LIKE) {
            return BAMBOO;
        }
        if (leaf == LeafForm.FROND) {
            return FRONDS;
        }
        if (plant.kind() == Kind.CLIMBER) {
            return CLIMBER;
        }
        boolean palm = habit == Habit.STANDARD && (leaf == LeafForm.FAN || leaf == LeafForm.STRAP || isPalm(plant));
        if (palm) {
            return PALM;
        }
        if (leaf == LeafForm.BLADE || leaf == LeafForm.STRAP) {
            return TUSSOCK;
        }
        return plant.isWoody() ? woody(plant) : herb(plant, leaf);
    }

    private static boolean isPalm(Cultivar plant) {
        return switch (plant.botanical().split(" ")[0]) {
            case "Bismarckia", "Phoenix", "Syagrus", "Sabal", "Trachycarpus" -> true;
            default -> false;
        };
    }

    private static Structure woody(Cultivar plant) {
        Habit habit = plant.habit();
        boolean low = plant.height10().mid() < LOW_M;
        if (habit == Habit.PROSTRATE) {
            return CUSHION;
        }
        if (plant.kind() == Kind.CONIFER) {
            return conifer(plant, low);
        }
        if (habit == Habit.WEEPING) {
            return WEEPING;
        }
        if (plant.kind() == Kind.TREE || habit == Habit.STANDARD) {
            return CROWN;
        }
        boolean stems = Merits.of(plant).grades().getOrDefault(Merit.STEM, 0) >= 2;
        if (habit == Habit.ARCHING || habit == Habit.FOUNTAIN || stems && !low) {
            return CANES;
        }
        return low && habit != Habit.COLUMNAR ? CUSHION : CROWN;
    }

    private static Structure conifer(Cultivar plant, boolean low) {
        return switch (plant.habit()) {
            case PYRAMIDAL -> TIERS;
            case UPRIGHT -> plant.spread10().mid() < BROAD * plant.height10().mid() ? TIERS : CROWN;
            case WEEPING -> WEEPING;
            case COLUMNAR -> plant.botanical().startsWith("Picea") ? TIERS : CROWN;
            case SPREADING -> low ? CUSHION : CROWN;
            case GLOBE, MOUND -> plant.height10().mid() < DWARF_M ? CUSHION : CROWN;
            default -> CROWN;
        };
    }

    private static Structure herb(Cultivar plant, LeafForm leaf) {
        Habit habit = plant.habit();
        LeafArrangement arrangement = org.yellowfit.core.plant.Anatomy.of(plant).arrangement();
        boolean basal = arrangement == LeafArrangement.BASAL || habit == Habit.ROSETTE;
        if (basal && leaf != LeafForm.NEEDLE) {
            return ROSETTE;
        }
        if (arrangement == LeafArrangement.TUFTED) {
            return TUSSOCK;
        }
        boolean low =
                plant.height10().mid() < Math.max(MAT_M, FLAT * plant.spread10().mid());
        boolean mat = habit == Habit.PROSTRATE || (habit == Habit.SPREADING || habit == Habit.SCRAMBLING) && low;
        boolean mound = habit == Habit.MOUND || habit == Habit.GLOBE;
        return mat || mound ? CUSHION : LEAFY_STEMS;
    }
}
