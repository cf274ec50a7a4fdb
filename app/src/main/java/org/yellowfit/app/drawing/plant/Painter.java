package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.drawing.pen.Tones;

/** Paints a figure: each leaf in the tone of its light, what is behind before what is in front of it. */
final class Painter {

    /** From this length on a leaf is edged, and from the next shows its midrib. */
    private static final double EDGED_FROM = 9;

    /** White bark is edged, or it would be lost on the paper. */
    private static final String PALE_EDGE = "#8f877a";

    private static final double RIBBED_FROM = 12;
    /** Of a small leaf's length, what its splashes of a second colour come to. */
    private static final double SPLASH = 0.4;

    /** A stem that runs so near to a straight line, in units, is drawn as one. */
    private static final double STRAIGHT = 0.45;

    private static final double LEAST_FORESHORTENED = 0.5;

    private final Growing growth;
    private final Space space;
    private final Palette palette;
    private final Viewpoint view;
    private final Canvas canvas;
    private final Stamps stamps;
    private final Exposure exposure;

    private Painter(Figure figure, Growing growth, Palette palette, Viewpoint view) {
        this.growth = growth;
        this.space = growth.space();
        this.palette = palette;
        this.view = view;
        this.canvas = new Canvas(
                space.detail().slabs(),
                view == Viewpoint.FRONT ? space.halfWidth() : Math.max(space.height(), space.top()));
        this.exposure = new Exposure(figure, space, view);
        this.stamps = new Stamps(
                growth.leaf(),
                space.cm(growth.anatomy().leafCm()) * growth.leaf().lengthsShown());
    }

    static String paint(Figure figure, Growing growth, Palette palette, Viewpoint view) {
        Painter painter = new Painter(figure, growth, palette, view);
        figure.stems.forEach(painter::stem);
        figure.blades.forEach(painter::blade);
        painter.leaves(figure.leaves);
        new HeadPainter(growth, palette, view, painter.canvas).paint(figure.heads);
        figure.berries.forEach(painter::berry);
        return painter.canvas.svg();
    }

    private void stem(Figure.Stem stem) {
        Tones tones = stem.wood() ? palette.bark() : palette.stem();
        double width = (stem.from() + stem.to()) / 2;
        double depth = stem.wood() ? depth(stem) : view.depth(stem.along().get(0));
        int tone = stem.wood() ? (depth < 0 ? 1 : 2) : 1;
        if (stem.wood() && palette.paleBark()) {
            curve(canvas.stroke(depth, Canvas.STEM - 1, PALE_EDGE, width + 0.9), stem.along(), 0);
        }
        curve(canvas.stroke(depth, Canvas.STEM, tones.hex(tone), width), stem.along(), 0);
        if (width > 2.2) {
            curve(canvas.stroke(depth, Canvas.STEM + 1, tones.hex(4), width * 0.4), stem.along(), -width * 0.2);
            curve(canvas.stroke(depth, Canvas.STEM + 1, tones.hex(0), width * 0.26), stem.along(), width * 0.34);
        }
    }

    private double depth(Figure.Stem stem) {
        Vec last = stem.along().get(stem.along().size() - 1);
        return (view.depth(stem.along().get(0)) + view.depth(last)) / 2 - (view == Viewpoint.FRONT ? 0 : 0.01);
    }

    /** A smooth line: curves from the middle of one part to the middle of the next; what hardly bends is left out. */
    private void curve(Pen pen, List<Vec> whole, double shifted) {
        List<Vec> along = bends(whole);
        double x = view.right(along.get(0)) + shifted;
        double y = view.down(along.get(0));
        pen.move(x, y);
        for (int i = 1; i < along.size(); i++) {
            double px = view.right(along.get(i)) + shifted;
            double py = view.down(along.get(i));
            if (i == along.size() - 1) {
                pen.line(px - x, py - y);
            } else {
                double mx = (px + view.right(along.get(i + 1)) + shifted) / 2;
                double my = (py + view.down(along.get(i + 1))) / 2;
                pen.curve(px - x, py - y, mx - x, my - y);
                x = mx;
                y = my;
            }
        }
    }

    private List<Vec> bends(List<Vec> whole) {
        List<Vec> kept = new ArrayList<>();
        kept.add(whole.get(0));
        for (int i = 1; i < whole.size() - 1; i++) {
            Vec last = kept.get(kept.size() - 1);
            Vec step = whole.get(i).minus(last);
            Vec next = whole.get(i + 1).minus(last);
            double length = Math.hypot(view.right(next), view.down(next));
            double off = Math.abs(view.right(step) * view.down(next) - view.down(step) * view.right(next))
                    / Math.max(0.1, length);
            if (off > STRAIGHT || length < off) {
                kept.add(whole.get(i));
            }
        }
        kept.add(whole.get(whole.size() - 1));
        return kept;
    }

    /** Two curves from foot to tip, apart in the middle. */
    private void blade(Figure.Blade blade) {
        int tone = exposure.tone(blade.light(), blade.tip());
        double depth = view.depth(blade.foot().plus(blade.tip()).times(0.5));
        Palette.Blade colours = palette.blade(blade.hue());
        double half = blade.width() / 2;
        blade(canvas.fill(depth, Canvas.LEAF + 2 * tone, colours.edge().hex(tone)), blade, half);
        if (colours.inner() != null) {
            double share = Math.max(0.3, colours.share());
            blade(canvas.fill(depth, Canvas.LEAF + 2 * tone + 1, colours.inner().hex(tone)), blade, half * share);
        } else if (blade.width() > 2.4) {
            blade(
                    canvas.fill(
                            depth, Canvas.LEAF + 2 * tone + 1, colours.edge().hex(Math.min(4, tone + 1))),
                    blade,
                    half * 0.28);
        }
    }

    private void blade(Pen pen, Figure.Blade blade, double half) {
        double x = view.right(blade.foot());
        double y = view.down(blade.foot());
        double bx = view.right(blade.bend()) - x;
        double by = view.down(blade.bend()) - y;
        double tx = view.right(blade.tip()) - x;
        double ty = view.down(blade.tip()) - y;
        double across = Math.atan2(ty, tx) + Math.PI / 2;
        double wx = Math.cos(across) * half;
        double wy = Math.sin(across) * half;
        pen.move(x - wx * 0.5, y - wy * 0.5)
                .curve(bx - wx, by - wy, tx + wx * 0.5, ty + wy * 0.5)
                .curve(bx + wx - tx, by + wy - ty, wx * 0.5 - tx, wy * 0.5 - ty)
                .close();
    }

    private void leaves(List<Figure.Leaf> leaves) {
        for (Figure.Leaf leaf : leaves) {
            double length = leaf.length() * Math.max(LEAST_FORESHORTENED, view.foreshortened(leaf.to()));
            int tone = exposure.tone(leaf.light(), leaf.at());
            if (length >= EDGED_FROM && growth.leaf().isSimple() && isOneLeaf(leaf.length())) {
                broad(leaf, length, tone);
            } else {
                small(leaf, length, tone);
            }
        }
    }

    private boolean isOneLeaf(double length) {
        return length < 1.5 * space.cm(growth.anatomy().leafCm());
    }

    private void small(Figure.Leaf leaf, double length, int tone) {
        Palette.Blade blade = palette.blade(leaf.hue());
        double depth = view.depth(leaf.at());
        double angle = view.angle(leaf.to());
        double x = view.right(leaf.at());
        double y = view.down(leaf.at());
        stamps.set(canvas, depth, Canvas.LEAF + 2 * tone, blade.edge().hex(tone), x, y, angle, length);
        if (blade.inner() != null) {
            double share = blade.share() > 0 ? blade.share() : SPLASH;
            double from = length * (1 - share) * 0.4;
            double ix = x + Math.cos(angle) * from;
            double iy = y + Math.sin(angle) * from;
            String hex = blade.inner().hex(tone);
            stamps.set(canvas, depth, Canvas.LEAF + 2 * tone + 1, hex, ix, iy, angle, length * share);
        }
    }

    /** A leaf large enough to show its edge, its midrib and where its second colour sits. */
    private void broad(Figure.Leaf leaf, double length, int tone) {
        double depth = view.depth(leaf.at());
        double angle = view.angle(leaf.to());
        Vec at = new Vec(view.right(leaf.at()), view.down(leaf.at()), 0);
        double width = Math.min(1.15, 1 / Math.max(0.7, view.foreshortened(leaf.to())));
        Palette.Blade blade = palette.blade(leaf.hue());
        int rank = Canvas.LEAF + 2 * tone;
        String edge = blade.line().hex(Math.max(0, tone - 1));
        boolean ribbed = length >= RIBBED_FROM;
        stamps.edged(canvas, depth, rank, blade.edge().hex(tone), edge, ribbed, at, angle, length, width);
        if (blade.inner() != null) {
            stamps.within(canvas, depth, rank + 1, blade.inner().hex(tone), blade.share(), at, angle, length);
        }
    }

    private void berry(Figure.Berry berry) {
        double depth = view.depth(berry.at());
        double x = view.right(berry.at());
        double y = view.down(berry.at());
        double r = berry.size() / 2;
        canvas.fill(depth, Canvas.FLOWER, palette.fruit().hex(1)).dot(x, y, r);
        if (r > 0.7) {
            canvas.fill(depth, Canvas.FLOWER + 1, palette.fruit().hex(3)).dot(x - r * 0.2, y - r * 0.25, r * 0.62);
        }
    }

    /** The colours of a plant on a day. */
    record Palette(
            Map<Hue, Blade> blades,
            Tones bark,
            Tones stem,
            Tones flower,
            Tones fading,
            Tones bud,
            Tones seed,
            Tones heart,
            Tones fruit,
            boolean paleBark) {

        /**
         * Of one leaf.
         *
         * @param edge  the colour at its edge
         * @param inner the colour within, null when it has one colour only
         * @param share of the leaf's length that the inner colour takes as one; 0 where it lies in splashes
         * @param line  the colour of its outline and its midrib
         */
        record Blade(Tones edge, Tones inner, double share, Tones line) {}

        Blade blade(Hue hue) {
            return blades.getOrDefault(hue, blades.get(Hue.LEAF));
        }
    }
}
