package org.yellowfit.app.drawing.plant;

import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.drawing.pen.Tones;
import org.yellowfit.core.plant.Inflorescence;

/** The strokes of which one head of flowers is painted. Offsets from its middle, in units, y down. */
final class Brush {

    /** Width of a floret as it is defined. */
    private static final double FLORET = 10;

    private final Canvas canvas;
    private final Figure.Head head;
    private final int rank;
    private final Tones petals;
    private final Painter.Palette palette;
    private final double depth;
    final double x;
    final double y;
    final double size;
    final double high;
    /** How flat a disc looks: 1 seen full, less from its side. */
    final double open;
    /** A number of its own for each head, 0–1. */
    final double chance;

    /** @param chance a number of the head's own, 0–1 */
    Brush(
            Canvas canvas,
            Viewpoint view,
            Figure.Head head,
            int rank,
            Tones petals,
            Painter.Palette palette,
            double chance) {
        this.canvas = canvas;
        this.head = head;
        this.rank = rank;
        this.petals = petals;
        this.palette = palette;
        this.depth = view.depth(head.at());
        this.x = view.right(head.at());
        this.y = view.down(head.at());
        this.size = head.size();
        this.high = view == Viewpoint.FRONT ? head.high() : head.size();
        this.open = view == Viewpoint.ABOVE
                ? 0.95
                : Math.min(1, 0.42 + 0.62 * Math.abs(head.to().z()));
        this.chance = chance;
    }

    HeadStage stage() {
        return head.stage();
    }

    /** The way the head grows: 1 upwards, −1 hanging. */
    double rise() {
        return head.to().y() < -0.3 ? -1 : 1;
    }

    Vec to() {
        return head.to();
    }

    /** By its size: many where it is larger than the second bound, some where it is larger than the first. */
    int bySize(double first, double second, int few, int some, int many) {
        if (size > second) {
            return many;
        }
        return size > first ? some : few;
    }

    Pen petals(int tone) {
        return canvas.fill(depth, petalRank(tone), petals.hex(tone));
    }

    /** @param closed whether it is still in bud */
    Pen petals(int tone, boolean closed) {
        return closed ? canvas.fill(depth, petalRank(tone), palette.bud().hex(tone)) : petals(tone);
    }

    private int petalRank(int tone) {
        return rank + Math.max(0, Math.min(2, tone - 1));
    }

    Pen petalLine(int tone, double width) {
        return canvas.stroke(depth, petalRank(tone), petals.hex(tone), width);
    }

    Pen heart(int tone) {
        return canvas.fill(depth, rank + 3, palette.heart().hex(tone));
    }

    Pen green(int tone) {
        return canvas.fill(depth, rank, palette.stem().hex(tone));
    }

    Pen stalk(double width) {
        return canvas.stroke(depth, rank, palette.stem().hex(1), width);
    }

    Pen seed(int tone) {
        return canvas.fill(depth, rank + 3, palette.seed().hex(tone));
    }

    void dot() {
        double r = Math.max(0.45, Math.max(size, high * 0.6) / 2);
        petals(0).dot(x + r * 0.2, y + r * 0.25, r);
        int tone = 1 + (chance > 0.25 ? 1 : 0) + (chance > 0.6 ? 1 : 0);
        petals(tone).dot(x, y, r * 0.92);
    }

    /** Closed: small and pointed, the green of the bud with its colour showing. */
    void bud(Inflorescence form) {
        boolean long_ = form == Inflorescence.SPIKE
                || form == Inflorescence.RACEME
                || form == Inflorescence.PLUME
                || form == Inflorescence.PANICLE
                || form == Inflorescence.WHORL;
        double tall = long_ ? high * 0.75 : Math.max(1.4, size * 0.42);
        double wide = long_ ? Math.max(1, size * 0.4) : Math.max(1, size * 0.3);
        blob(petals(1), 0, 0, wide, tall);
        blob(petals(3), -wide * 0.1, -tall * 0.12, wide * 0.55, tall * 0.6);
    }

    /** An oval standing upright about a place. */
    void blob(Pen pen, double dx, double dy, double wide, double tall) {
        pen.move(x + dx, y + dy + tall / 2)
                .curve(-wide * 0.8, -tall * 0.1, -wide * 0.42, -tall * 0.56)
                .curve(wide * 0.1, -tall * 0.34, wide * 0.42, -tall * 0.44)
                .curve(wide * 0.34, tall * 0.1, wide * 0.42, tall * 0.44)
                .curve(wide * 0.36, tall * 0.46, -wide * 0.42, tall * 0.56)
                .close();
    }

    void dot(Pen pen, double dx, double dy, double r) {
        pen.dot(x + dx, y + dy, Math.max(0.35, r));
    }

    /** A petal from the middle outwards on a disc that may be seen from its side. */
    void petal(Pen pen, double dx, double dy, double turn, double from, double length, double width, LeafForm form) {
        double ax = Math.cos(turn);
        double ay = Math.sin(turn) * open;
        double seen = Math.hypot(ax, ay);
        pen.move(x + dx + ax * from, y + dy + ay * from);
        LeafPen.simple(pen, form, Math.atan2(ay, ax), length * seen, width / Math.max(0.45, seen));
    }

    /** A ring of petals, lighter and darker in turn. */
    void ring(int count, double turned, double from, double length, double width, LeafForm form, int tone) {
        for (int i = 0; i < count; i++) {
            double turn = turned + i * 2 * Math.PI / count;
            int lit = Math.sin(turn) < -0.2 || Math.cos(turn) < -0.6 ? tone + 1 : tone;
            petal(petals(Math.min(Tones.COUNT - 1, lit)), 0, 0, turn, from, length, width, form);
        }
    }

    /** A floret of the given width: four or five round petals, or a dot where it is small. */
    void floret(double dx, double dy, double wide, int tone) {
        if (wide < 3.2) {
            dot(petals(tone), dx, dy, wide / 2);
            return;
        }
        Pen pen = new Pen();
        double turned = Math.floorMod(Math.round(dx * 10), 3) * Math.PI / 6;
        for (int i = 0; i < 4; i++) {
            pen.move(0, 0);
            LeafPen.simple(pen, LeafForm.ROUND, turned + i * Math.PI / 2, FLORET * 0.54, 1);
        }
        String scale = Pen.text(wide / FLORET, 100);
        canvas.set(
                depth,
                petalRank(tone),
                petals.hex(tone),
                "",
                canvas.define("<path d=\"" + pen.data() + "\"/>"),
                scale + " 0 0 " + scale,
                x + dx,
                y + dy);
        if (wide > 4.5) {
            dot(heart(3), dx, dy, wide * 0.08);
        }
    }
}
