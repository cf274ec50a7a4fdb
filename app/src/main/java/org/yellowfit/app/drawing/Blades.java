package org.yellowfit.app.drawing;

import java.util.List;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Habit;

/** What grows from the ground in blades: grasses, straps, fronds, canes and wands, bending by habit. */
final class Blades {

    private final PlantCanvas frame;
    private final Habit habit;
    private final Detail detail;

    Blades(PlantCanvas frame, Habit habit, Detail detail) {
        this.frame = frame;
        this.habit = habit;
        this.detail = detail;
    }

    /** Grass and strap leaves, each a tapering blade. */
    String blades(List<OkLab> colours, double widthShare) {
        Tones main = new Tones(colours.get(0));
        Tones second = colours.size() > 1 ? new Tones(colours.get(1)) : null;
        Pen[] pens = new Pen[Tones.COUNT];
        java.util.Arrays.setAll(pens, i -> new Pen());
        Pen edge = new Pen();
        int count = (int) (detail.leaves * (widthShare > 0.04 ? 0.14 : 0.36)) + 9;
        for (int i = 0; i < count; i++) {
            double share = (double) i / (count - 1) * 2 - 1 + frame.wobble() * 0.12;
            int tone = (int) Math.max(0, Math.min(4, 2.2 - share * 1.1 + frame.wobble() * 2));
            double[] tip = tip(share);
            blade(
                    pens[tone],
                    edge,
                    share * 0.16 * frame.halfWidth(),
                    tip[0],
                    tip[1],
                    frame.size() * widthShare,
                    second != null && i % 2 == 0);
        }
        StringBuilder out = new StringBuilder();
        for (int tone = 0; tone < Tones.COUNT; tone++) {
            out.append(pens[tone].filled(main.hex(tone), 1));
        }
        return out
                + edge.stroked(
                        second == null ? main.hex(0) : second.hex(3), frame.size() * 0.008, second == null ? 0.3 : 0.9);
    }

    /** Fern fronds: a midrib with leaflets that shorten to the tip. */
    String fronds(List<OkLab> colours) {
        Tones main = new Tones(colours.get(0));
        Tones ribs = new Tones(colours.get(colours.size() - 1));
        int count = detail == Detail.SMALL ? 7 : detail == Detail.MEDIUM ? 10 : 13;
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < count; i++) {
            // From the outside inwards, so that the middle fronds lie in front.
            double rank = (double) (count - 1 - i) / count;
            double share = (i % 2 == 0 ? 1 : -1) * rank + frame.wobble() * 0.06;
            out.append(frond(share, main.hex((int) (1 + 3.4 * (1 - rank))), ribs.hex(1)));
        }
        return out.toString();
    }

    private String frond(double share, String colour, String rib) {
        double[] tip = tip(share);
        double x0 = share * 0.06 * frame.halfWidth();
        double dx = tip[0] - x0;
        double cx = dx * 0.18;
        double cy = tip[1] * 1.08;
        Pen midrib = new Pen().move(x0, 0).curve(cx, cy, dx, tip[1]);
        Pen leaflets = new Pen();
        int pairs = detail == Detail.SMALL ? 9 : 17;
        double longest = Math.hypot(dx, tip[1]) * 0.2;
        for (int k = 2; k <= pairs; k++) {
            double t = (double) k / pairs;
            double px = x0 + 2 * (1 - t) * t * cx + t * t * dx;
            double py = 2 * (1 - t) * t * cy + t * t * tip[1];
            double angle = Math.atan2(2 * (1 - t) * cy + 2 * t * (tip[1] - cy), 2 * (1 - t) * cx + 2 * t * (dx - cx));
            double length = longest * Math.sin(Math.PI * Math.min(1, 0.16 + t * 0.84)) + longest * 0.08;
            LeafForm.LANCE.draw(leaflets, px, py, angle - 1.05, length);
            LeafForm.LANCE.draw(leaflets, px, py, angle + 1.05, length);
        }
        return leaflets.filled(colour, 1) + midrib.stroked(rib, frame.size() * 0.009, 0.8);
    }

    /** Bamboo: canes with joints and sprays of narrow leaves. */
    String canes(List<OkLab> colours, double leaf) {
        Tones leaves = new Tones(colours.get(0));
        Tones cane = new Tones(OkLab.ofRgb(0x9a9a55));
        int count = detail == Detail.SMALL ? 7 : 13;
        Pen canes = new Pen();
        Pen joints = new Pen();
        Pen[] pens = new Pen[Tones.COUNT];
        java.util.Arrays.setAll(pens, i -> new Pen());
        int sprays = Math.max(5, detail.leaves / count / 3);
        for (int i = 0; i < count; i++) {
            double share = (double) i / (count - 1) * 2 - 1;
            double h = frame.height() * (0.8 + 0.19 * frame.chance().nextDouble() - 0.16 * share * share);
            double x0 = share * 0.42 * frame.halfWidth();
            double dx = share * 0.4 * frame.halfWidth() + frame.wobble() * 0.08 * frame.halfWidth();
            canes.move(x0, 0).curve(dx * 0.1, -h * 0.7, dx, -h);
            for (int k = 1; k <= sprays; k++) {
                double t = 0.24 + 0.76 * k / sprays;
                double px = x0 + 2 * (1 - t) * t * dx * 0.1 + t * t * dx;
                double py = -(2 * (1 - t) * t * h * 0.7 + t * t * h);
                joints.dot(px, py, frame.size() * 0.008);
                for (int l = 0; l < 3; l++) {
                    double side = (k + l) % 2 == 0 ? 1 : -1;
                    double angle = side > 0
                            ? 0.15 + 0.6 * frame.chance().nextDouble()
                            : Math.PI - 0.15 - 0.6 * frame.chance().nextDouble();
                    int tone = (int) Math.max(0, Math.min(4, 1 + 3 * t - share + frame.wobble()));
                    LeafForm.LANCE.draw(
                            pens[tone],
                            px,
                            py,
                            angle,
                            leaf * (0.8 + 0.4 * frame.chance().nextDouble()));
                }
            }
        }
        StringBuilder out = new StringBuilder(canes.stroked(cane.hex(2), frame.size() * 0.017, 1))
                .append(joints.filled(cane.hex(0), 0.7));
        for (int tone = 0; tone < Tones.COUNT; tone++) {
            out.append(pens[tone].filled(leaves.hex(tone), 1));
        }
        return out.toString();
    }

    /** Long wands set with leaves: arching shrubs, and the hanging strands of weeping ones. */
    String wands(List<OkLab> colours, OkLab bark, LeafForm form, double leaf, double leafShare, boolean hanging) {
        Tones main = new Tones(colours.isEmpty() ? bark : colours.get(0));
        Tones second = colours.size() > 1 ? new Tones(colours.get(1)) : main;
        Pen wood = new Pen();
        Pen[] pens = new Pen[Tones.COUNT];
        Pen[] others = new Pen[Tones.COUNT];
        java.util.Arrays.setAll(pens, i -> new Pen());
        java.util.Arrays.setAll(others, i -> new Pen());
        int count = detail == Detail.SMALL ? 13 : detail == Detail.MEDIUM ? 19 : 27;
        int perWand = Math.max(8, (int) (1.9 * detail.leaves / count));
        for (int i = 0; i < count; i++) {
            double share = (double) i / (count - 1) * 2 - 1 + frame.wobble() * 0.05;
            double reach = 0.55 + 0.45 * frame.chance().nextDouble();
            double x0 = hanging ? 0 : share * 0.2 * frame.halfWidth();
            double y0 = hanging ? frame.y(0.62 + 0.2 * frame.chance().nextDouble()) : 0;
            double dx = share * reach * frame.halfWidth() - x0;
            double ey = hanging
                    ? frame.y(0.06 + 0.42 * frame.chance().nextDouble() * (1 - Math.abs(share) * 0.5))
                    : frame.y(wandTip(Math.abs(share) * reach) * (0.72 + 0.28 * reach));
            double dy = ey - y0;
            double cx = dx * (hanging ? 0.85 : habit == Habit.FOUNTAIN ? 0.16 : 0.45);
            double cy = hanging ? frame.y(1.12) - y0 : Math.min(dy * 1.15, frame.y(0.78 + 0.3 * reach));
            wood.move(x0, y0).curve(cx, cy, dx, dy);
            for (int k = 1; k <= perWand && leafShare > 0; k++) {
                double t = (k + 0.3 * frame.wobble()) / (perWand + 0.4);
                if (!hanging && t < 0.05 || frame.chance().nextDouble() > leafShare) {
                    continue;
                }
                double px = x0 + 2 * (1 - t) * t * cx + t * t * dx;
                double py = y0 + 2 * (1 - t) * t * cy + t * t * dy;
                double along = Math.atan2(2 * (1 - t) * cy + 2 * t * (dy - cy), 2 * (1 - t) * cx + 2 * t * (dx - cx));
                int tone = (int) Math.max(
                        0, Math.min(4, 1.6 - share * 0.8 + 2 * (-py / frame.height()) + frame.wobble() * 1.2 - 0.4));
                boolean other = colours.size() > 1 && frame.chance().nextDouble() < 0.4;
                form.draw(
                        (other ? others : pens)[tone],
                        px,
                        py,
                        along + (k % 2 == 0 ? 0.75 : -0.75) + frame.wobble() * 0.3,
                        leaf);
            }
        }
        StringBuilder out =
                new StringBuilder(wood.stroked(new Tones(bark).hex(2), Math.max(0.5, frame.size() * 0.012), 1));
        for (int tone = 0; tone < Tones.COUNT; tone++) {
            out.append(pens[tone].filled(main.hex(tone), 1)).append(others[tone].filled(second.hex(tone), 1));
        }
        return out.toString();
    }

    /** How high a wand ends, for how far out it leans (0–1): fountains stand up and nod, arching shrubs sweep over. */
    private double wandTip(double out) {
        return habit == Habit.FOUNTAIN ? 1 - 0.38 * out * out : 0.95 - 0.62 * Math.pow(out, 1.6);
    }

    private void blade(Pen pen, Pen edge, double x0, double tx, double ty, double width, boolean edged) {
        double dx = tx - x0;
        double cx = dx * 0.2;
        double cy = bend() * ty;
        double w = width * (0.75 + 0.5 * frame.chance().nextDouble());
        pen.move(x0 - w / 2, 0)
                .curve(cx, cy, dx + w / 2, ty)
                .curve(cx - dx + w / 2, cy - ty + w, w / 2 - dx, -ty)
                .close();
        if (edged || detail == Detail.RICH) {
            edge.move(x0, 0).curve(cx, cy, dx, ty);
        }
    }

    private double bend() {
        return switch (habit) {
            case UPRIGHT, COLUMNAR, VASE -> 0.7;
            case GLOBE, MOUND, ROSETTE -> 0.95;
            default -> 1.18;
        };
    }

    /** Where a blade ends, for its place from the left (−1) to the right (1) of the clump. */
    private double[] tip(double share) {
        double length = 0.78 + 0.22 * frame.chance().nextDouble();
        double s = Math.max(-1, Math.min(1, share));
        double v = switch (habit) {
            case UPRIGHT, COLUMNAR -> 1 - 0.22 * s * s;
            case VASE -> 1 - 0.35 * s * s;
            case GLOBE, MOUND -> Math.sqrt(Math.max(0.02, 1 - s * s * 0.98));
            case ROSETTE -> Math.max(0.14, 0.95 - 0.85 * Math.abs(s));
            case PROSTRATE, SPREADING -> 0.6 - 0.45 * Math.abs(s);
            default -> Math.max(0.16, 1 - 0.85 * Math.pow(Math.abs(s), 1.5));
        };
        return new double[] {s * frame.halfWidth() * (0.86 + 0.14 * length), -v * length * frame.height()};
    }
}
