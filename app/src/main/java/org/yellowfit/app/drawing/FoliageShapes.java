package org.yellowfit.app.drawing;

import java.util.List;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Habit;

/** Leaves that fill a crown: soft clumps behind, and leaves over them from shade to light. */
final class FoliageShapes {

    private static final int OUTLINE_STEPS = 26;
    private static final double SMALLEST_SHARE = 0.05;
    private static final double LARGEST_SHARE = 0.16;

    private final PlantCanvas frame;
    private final Profile profile;
    private final LeafForm form;
    private final Detail detail;
    private final double leafShare;

    FoliageShapes(PlantCanvas frame, Profile profile, LeafForm form, Detail detail, double leafShare) {
        this.frame = frame;
        this.profile = profile;
        this.form = form;
        this.detail = detail;
        this.leafShare = leafShare;
    }

    String draw(List<OkLab> colours, double realLeafM) {
        Tones main = new Tones(colours.get(0));
        Tones second = colours.size() > 1 ? new Tones(colours.get(1)) : null;
        return (leafShare > 0.6 ? clumps(main) : "") + leaves(main, second, leafLength(realLeafM));
    }

    /** Soft round clumps behind the leaves, darker below and to the right, so that the crown has body. */
    private String clumps(Tones main) {
        Pen[] pens = pens();
        double r = Math.min(frame.size() * (detail == Detail.RICH ? 0.085 : 0.11), frame.halfWidth() * 0.42);
        int row = 0;
        for (double h = profile.crownFrom() * frame.height() + r * 0.6;
                h < frame.height() - r * 0.2;
                h += r * 0.7, row++) {
            double v = h / frame.height();
            double width = frame.x(profile.halfWidth(v));
            double local = Math.min(r, Math.max(width * 0.8, r * 0.25));
            double half = Math.max(0, width - local * 0.75);
            for (double x = -half + (row % 2) * local * 0.5; x <= half + 0.01; x += Math.max(local * 0.95, 0.5)) {
                double light = 0.25 + 0.4 * v - 0.28 * x / frame.halfWidth() + 0.2 * frame.wobble();
                int tone = light > 0.42 ? 2 : light > 0.12 ? 1 : 0;
                pens[tone].dot(
                        x + frame.wobble() * local * 0.15,
                        frame.y(v) + frame.wobble() * local * 0.15,
                        local * (0.85 + 0.2 * frame.chance().nextDouble()));
            }
        }
        StringBuilder out = new StringBuilder();
        for (int tone = 0; tone < Tones.COUNT; tone++) {
            out.append(pens[tone].filled(main.hex(tone), 1));
        }
        return out.toString();
    }

    private double leafLength(double realM) {
        double size = frame.size();
        double boost = form == LeafForm.NEEDLE ? 1.35 : 1;
        return Math.max(size * SMALLEST_SHARE, Math.min(size * LARGEST_SHARE, realM * frame.unitsPerM())) * boost;
    }

    private double height(int step) {
        return profile.crownFrom() + (0.97 - profile.crownFrom()) * step / OUTLINE_STEPS;
    }

    private String leaves(Tones main, Tones second, double length) {
        Pen[] first = pens();
        Pen[] other = pens();
        Pen veins = new Pen();
        double step = step(length);
        double top = frame.height() - length * 0.35;
        int row = 0;
        for (double h = profile.crownFrom() * frame.height() + length * 0.25; h < top; h += step * 0.82, row++) {
            double v = h / frame.height();
            double half = frame.x(profile.halfWidth(v)) - length * 0.3;
            for (double x = -half + (row % 2) * step / 2; x <= half; x += step) {
                leaf(first, second == null ? null : other, veins, x, v, half, length);
            }
        }
        return painted(first, main, other, second) + veins.stroked("#2c2a24", Math.max(0.16, length * 0.03), 0.34);
    }

    /** So far apart that the crown is covered, and no denser than the detail allows. */
    private double step(double length) {
        double area = 0;
        for (int i = 0; i < OUTLINE_STEPS; i++) {
            area += 2
                    * frame.x(profile.halfWidth(height(i)))
                    * frame.height()
                    * (1 - profile.crownFrom())
                    / OUTLINE_STEPS;
        }
        double covering = length * (form == LeafForm.LANCE || form == LeafForm.NEEDLE ? 0.5 : 0.62);
        return Math.max(covering, Math.sqrt(area / (0.82 * detail.leaves)));
    }

    private void leaf(Pen[] first, Pen[] other, Pen veins, double x, double v, double half, double length) {
        if (frame.chance().nextDouble() > leafShare) {
            return;
        }
        double px = x + frame.wobble() * length * 0.35;
        double py = frame.y(v) + frame.wobble() * length * 0.35;
        double angle = direction(px, py) + frame.wobble() * 0.75;
        double u = half <= 0 ? 0 : x / half;
        double light =
                0.3 + 0.5 * (v - profile.crownFrom()) / (1 - profile.crownFrom()) - 0.2 * u + 0.24 * frame.wobble();
        int tone = (int) Math.floor(Math.max(0, Math.min(0.999, light)) * Tones.COUNT);
        double grown = Math.min(
                length * (0.85 + 0.3 * frame.chance().nextDouble()), Math.max(length * 0.3, -py + length * 0.25));
        boolean secondColour = other != null && frame.chance().nextDouble() < 0.42;
        form.draw(secondColour ? other[tone] : first[tone], px, py, angle, grown);
        if (detail == Detail.RICH && tone >= 3 && form != LeafForm.NEEDLE && form != LeafForm.DISSECTED) {
            veins.move(px, py).line(Math.cos(angle) * grown * 0.8, Math.sin(angle) * grown * 0.8);
        }
    }

    private double direction(double px, double py) {
        if (profile.habit() == Habit.WEEPING) {
            return Math.PI / 2 - px / frame.halfWidth() * 0.5;
        }
        if (profile.habit() == Habit.PROSTRATE) {
            return (px < 0 ? Math.PI : 0) + (px < 0 ? 0.45 : -0.45);
        }
        return Math.atan2(py - frame.y(profile.focus()), px * 1.15);
    }

    private static String painted(Pen[] first, Tones main, Pen[] other, Tones second) {
        StringBuilder out = new StringBuilder();
        for (int tone = 0; tone < Tones.COUNT; tone++) {
            out.append(first[tone].filled(main.hex(tone), 1));
            if (second != null) {
                out.append(other[tone].filled(second.hex(tone), 1));
            }
        }
        return out.toString();
    }

    private static Pen[] pens() {
        Pen[] pens = new Pen[Tones.COUNT];
        java.util.Arrays.setAll(pens, i -> new Pen());
        return pens;
    }
}
