package org.yellowfit.app.drawing.plant;

import java.util.Locale;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;

/**
 * The shape of a leaf. Words of the catalogue that name no known shape count as oval.
 *
 * <p>An outline is the right half of the leaf from its stalk to its tip, in shares of its length: for each curve the
 * control point and the end, along the leaf and across it.
 */
enum LeafForm {
    OVAL(0.42, new double[][] {{0.06, 0.2, 0.34, 0.27}, {0.72, 0.27, 1, 0}}),
    LANCE(0.2, new double[][] {{0.1, 0.09, 0.36, 0.115}, {0.72, 0.1, 1, 0}}),
    ROUND(0.75, new double[][] {{-0.1, 0.34, 0.3, 0.47}, {0.82, 0.56, 1, 0}}),
    HEART(0.62, new double[][] {{-0.2, 0.1, -0.08, 0.3}, {0.04, 0.5, 0.34, 0.4}, {0.72, 0.27, 1, 0}}),
    LOBED(0.56, new double[][] {
        {-0.1, 0.1, 0.02, 0.4},
        {0.18, 0.3, 0.26, 0.2},
        {0.34, 0.4, 0.56, 0.47},
        {0.56, 0.3, 0.62, 0.17},
        {0.8, 0.2, 1, 0}
    }),
    OAK(0.42, new double[][] {
        {0.1, 0.06, 0.2, 0.16},
        {0.28, 0.22, 0.3, 0.09},
        {0.4, 0.32, 0.5, 0.27},
        {0.56, 0.2, 0.54, 0.12},
        {0.7, 0.32, 0.78, 0.22},
        {0.8, 0.14, 0.78, 0.1},
        {0.92, 0.14, 1, 0}
    }),
    FAN(0.55, new double[][] {{0.4, 0.1, 0.72, 0.52}, {1.06, 0.42, 0.98, 0.04}, {0.9, 0.02, 0.8, 0}}),
    STRAP(0.1, new double[][] {{0.3, 0.07, 0.6, 0.055}, {0.85, 0.04, 1, 0}}),
    NEEDLE(0.3, null),
    SCALE(0.27, null),
    TUFT(0.34, null),
    PALMATE(0.42, null),
    STAR(0.42, null),
    DISSECTED(0.3, null),
    PINNATE(0.4, null),
    COMPOUND(0.46, null),
    FROND(0.4, null),
    BLADE(0.05, null);

    private final double cover;
    private final double[][] outline;

    LeafForm(double cover, double[][] outline) {
        this.cover = cover;
        this.outline = outline;
    }

    static LeafForm of(Cultivar plant) {
        String word =
                plant.get(org.yellowfit.core.plant.Traits.LEAF_SHAPE).orElse("").toLowerCase(Locale.ROOT);
        return switch (word) {
            case "lance", "linear", "narrow" -> LANCE;
            case "round" -> ROUND;
            case "heart" -> HEART;
            case "needle" -> needle(plant);
            case "scale" -> SCALE;
            case "lobed" -> plant.botanical().startsWith("Quercus") ? OAK : LOBED;
            case "palmate" -> plant.botanical().startsWith("Acer") ? STAR : PALMATE;
            case "star" -> STAR;
            case "fan" -> FAN;
            case "dissected" -> DISSECTED;
            case "pinnate" -> PINNATE;
            case "feathered" -> plant.isWoody() ? PINNATE : DISSECTED;
            case "fern-like", "frond" -> plant.kind() == Kind.FERN ? FROND : COMPOUND;
            case "strap" -> STRAP;
            case "grass-like", "blade" -> BLADE;
            case "" -> fallback(plant);
            default -> OVAL;
        };
    }

    private static LeafForm needle(Cultivar plant) {
        return plant.botanical().startsWith("Pinus") ? TUFT : NEEDLE;
    }

    private static LeafForm fallback(Cultivar plant) {
        return switch (plant.kind()) {
            case CONIFER -> needle(plant);
            case GRASS, BULB -> BLADE;
            case FERN -> FROND;
            default -> OVAL;
        };
    }

    /** The ground a leaf of this length covers. */
    double area(double length) {
        return cover * length * length;
    }

    /** Needles and scales are drawn as the shoots they sit on, so many times their own length. */
    double lengthsShown() {
        return switch (this) {
            case NEEDLE -> 4;
            case SCALE -> 14;
            case TUFT -> 1.3;
            case PINNATE, DISSECTED, COMPOUND -> 1.6;
            default -> 1;
        };
    }

    /** How far it reaches to each side, in lengths. */
    double sideways() {
        return switch (this) {
            case PALMATE, STAR -> 0.72;
            case FAN, ROUND, HEART, LOBED, TUFT -> 0.5;
            case COMPOUND -> 0.45;
            case DISSECTED, PINNATE, FROND, OAK, NEEDLE -> 0.36;
            default -> 0.26;
        };
    }

    /** One blade in one outline. */
    boolean isSimple() {
        return outline != null;
    }

    boolean isNeedled() {
        return this == NEEDLE || this == SCALE || this == TUFT;
    }

    /** Curves of the right half: null for what is made of several. */
    double[][] outline() {
        return outline;
    }
}
