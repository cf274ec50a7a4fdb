package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.drawing.pen.Tones;

/**
 * Paints flowers, each kind of head by its own hand. A few of each stage are painted, and set where the heads
 * are, each to
 * its own size, the larger ones one by one from the back to the front.
 */
final class HeadPainter {

    /** From this size on a head is set by itself, over those behind it. */
    private static final double ALONE_FROM = 5;

    private static final double DOT_BELOW = 2.3;

    private final Growing growth;
    private final Painter.Palette palette;
    private final Viewpoint view;
    private final Canvas canvas;
    private final Map<HeadStage, List<Painted>> painted = new EnumMap<>(HeadStage.class);

    private record Painted(String id, Figure.Head head) {}

    HeadPainter(Growing growth, Painter.Palette palette, Viewpoint view, Canvas canvas) {
        this.growth = growth;
        this.palette = palette;
        this.view = view;
        this.canvas = canvas;
    }

    void paint(List<Figure.Head> heads) {
        List<Figure.Head> ordered = heads.stream()
                .sorted(Comparator.comparingDouble(head -> view.depth(head.at())))
                .toList();
        int alone = 0;
        for (int i = 0; i < ordered.size(); i++) {
            Figure.Head head = ordered.get(i);
            double depth = view.depth(head.at());
            if (head.size() < DOT_BELOW && head.high() < 2 * DOT_BELOW) {
                brush(canvas, head, Canvas.FLOWER, i * Space.GOLDEN % 1).dot();
                continue;
            }
            Painted like = painted(head, i);
            canvas.set(
                    depth,
                    Canvas.FLOWER + (head.size() >= ALONE_FROM ? 10 + alone++ : 4),
                    "",
                    "",
                    like.id(),
                    Pen.text(head.size() / like.head().size(), 100) + " 0 0 "
                            + Pen.text(head.high() / like.head().high(), 100),
                    view.right(head.at()),
                    view.down(head.at()));
        }
    }

    /** One of the few of its stage that are painted. */
    private Painted painted(Figure.Head head, int i) {
        List<Painted> few = painted.computeIfAbsent(head.stage(), stage -> new ArrayList<>());
        int which = i % variants();
        while (few.size() <= which) {
            Figure.Head own =
                    new Figure.Head(Vec.ORIGIN, facing(head, few.size()), head.size(), head.high(), head.stage());
            Canvas small = new Canvas(1, 1);
            Brush brush = brush(small, own, 0, (0.37 + few.size() * Space.GOLDEN) % 1);
            if (head.stage() == HeadStage.BUD) {
                brush.bud(growth.anatomy().inflorescence());
            } else {
                Heads.paint(brush, growth);
            }
            few.add(new Painted(canvas.define(small.svg()), own));
        }
        return few.get(which);
    }

    /** Of those painted, one looks at the viewer, the others more and more aside. */
    private Vec facing(Figure.Head head, int which) {
        double aside = variants() == 1 ? 0.3 : (double) which / (variants() - 1);
        double turn = which % 2 == 0 ? 1 : -1;
        return head.to().y() < -0.3 ? Vec.DOWN : new Vec(turn * 0.35 * aside, 0.55, 0.85 - 0.75 * aside).unit();
    }

    private int variants() {
        return switch (space().detail()) {
            case MARK, SMALL -> 1;
            case CARD -> 3;
            case LARGE -> 4;
            case PAGE -> 6;
        };
    }

    private Space space() {
        return growth.space();
    }

    private Brush brush(Canvas on, Figure.Head head, int rank, double chance) {
        return new Brush(on, view, head, rank, petals(head.stage()), palette, chance);
    }

    private Tones petals(HeadStage stage) {
        return switch (stage) {
            case OPEN -> palette.flower();
            case BUD -> palette.bud();
            case FADING -> palette.fading();
            case SEED -> palette.seed();
        };
    }
}
