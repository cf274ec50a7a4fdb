package org.yellowfit.app.drawing;

import java.util.Locale;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Traits;

/**
 * The shape of one leaf, drawn from its stalk to its tip. Free words of the catalogue that name no known shape count as
 * oval.
 */
enum LeafForm {
    OVAL(0.5),
    LANCE(0.24),
    ROUND(0.86),
    HEART(0.8),
    NEEDLE(0.1),
    LOBED(0.8),
    PALMATE(0.9),
    DISSECTED(0.9),
    FEATHERED(0.7),
    FROND(0.4),
    BLADE(0.05);

    private final double widthShare;

    LeafForm(double widthShare) {
        this.widthShare = widthShare;
    }

    static LeafForm of(Cultivar plant) {
        String word = plant.get(Traits.LEAF_SHAPE).orElse("").toLowerCase(Locale.ROOT);
        return switch (word) {
            case "lance", "linear", "narrow" -> LANCE;
            case "round" -> ROUND;
            case "heart" -> HEART;
            case "needle", "scale" -> NEEDLE;
            case "lobed", "toothed" -> word.equals("lobed") ? LOBED : OVAL;
            case "palmate" -> PALMATE;
            case "dissected" -> DISSECTED;
            case "feathered", "pinnate" -> FEATHERED;
            case "fern-like", "frond" -> plant.kind() == Kind.FERN ? FROND : FEATHERED;
            case "strap", "grass-like", "blade" -> BLADE;
            default -> fallback(plant.kind());
        };
    }

    private static LeafForm fallback(Kind kind) {
        return switch (kind) {
            case CONIFER -> NEEDLE;
            case GRASS, BULB -> BLADE;
            case FERN -> FROND;
            default -> OVAL;
        };
    }

    /** Real length of a leaf, in metres: 3, 7 and 17 cm as the eye sorts them. */
    static double realLengthM(LeafTexture texture) {
        return switch (texture) {
            case FINE -> 0.03;
            case MEDIUM -> 0.07;
            case BOLD -> 0.17;
        };
    }

    boolean isBlade() {
        return this == BLADE;
    }

    /** Draws one leaf from (x, y) in the direction of {@code angle} (radians, y down). */
    void draw(Pen pen, double x, double y, double angle, double length) {
        switch (this) {
            case NEEDLE -> spray(pen, x, y, angle, length, 5, 0.9, 0.09);
            case LOBED -> spray(pen, x, y, angle, length, 3, 0.75, 0.5);
            case PALMATE -> spray(pen, x, y, angle, length, 5, 0.62, 0.26);
            case DISSECTED -> spray(pen, x, y, angle, length, 7, 0.42, 0.1);
            case FEATHERED -> feather(pen, x, y, angle, length);
            default -> single(pen, x, y, angle, length, widthShare);
        }
    }

    private static void spray(
            Pen pen, double x, double y, double angle, double length, int parts, double spreadRad, double width) {
        int half = parts / 2;
        for (int i = -half; i <= half; i++) {
            double off = Math.abs(i) / (double) half;
            single(pen, x, y, angle + i * spreadRad / half * 1.15, length * (1 - 0.28 * off), width);
        }
    }

    private static void feather(Pen pen, double x, double y, double angle, double length) {
        for (int i = 0; i < 3; i++) {
            double along = length * (0.18 + 0.26 * i);
            double px = x + Math.cos(angle) * along;
            double py = y + Math.sin(angle) * along;
            single(pen, px, py, angle - 0.95, length * 0.4, 0.42);
            single(pen, px, py, angle + 0.95, length * 0.4, 0.42);
        }
        single(pen, x + Math.cos(angle) * length * 0.7, y + Math.sin(angle) * length * 0.7, angle, length * 0.42, 0.42);
    }

    /** Two curves from stalk to tip and back; the wider, the nearer the stalk it is widest. */
    private static void single(Pen pen, double x, double y, double angle, double length, double widthShare) {
        double tx = Math.cos(angle) * length;
        double ty = Math.sin(angle) * length;
        double nx = -Math.sin(angle) * length * widthShare;
        double ny = Math.cos(angle) * length * widthShare;
        double at = 0.52 - 0.18 * widthShare;
        pen.move(x, y)
                .curve(tx * at + nx, ty * at + ny, tx, ty)
                .curve(-tx * (1 - at) - nx, -ty * (1 - at) - ny, -tx, -ty)
                .close();
    }
}
