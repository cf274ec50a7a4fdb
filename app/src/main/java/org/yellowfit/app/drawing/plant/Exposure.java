package org.yellowfit.app.drawing.plant;

import java.util.HashMap;
import java.util.Map;
import org.yellowfit.app.drawing.pen.Tones;

/**
 * From which light on each tone begins, so that the greater part of the leaves that are seen has the leaf's own colour.
 * What is seen is what lies in front in each cell of a fine grid.
 */
final class Exposure {

    /** Shares of what is seen that are darker than each tone but the darkest. */
    private static final double[] DARKER_SHARE = {0.09, 0.24, 0.74, 0.92};

    private static final int CELLS = 40;

    private record Seen(double depth, double light) {}

    private final Map<Integer, Seen> front = new HashMap<>();
    private final double[] from = new double[Tones.COUNT - 1];
    private final Viewpoint view;
    private final double height;
    private final double cell;

    Exposure(Figure figure, Space space, Viewpoint view) {
        this.view = view;
        this.height = Math.max(1, space.height());
        this.cell = Math.max(space.size(), 2 * space.halfWidth()) / CELLS;
        for (Figure.Leaf leaf : figure.leaves) {
            see(leaf.at().plus(leaf.to(), leaf.length() * 0.3), leaf.light());
            see(leaf.at().plus(leaf.to(), leaf.length() * 0.7), leaf.light());
        }
        for (Figure.Blade blade : figure.blades) {
            for (double t = 0.1; t < 1; t += 0.1) {
                Vec at = blade.foot()
                        .times((1 - t) * (1 - t))
                        .plus(blade.bend(), 2 * t * (1 - t))
                        .plus(blade.tip(), t * t);
                see(at, blade.light());
            }
        }
        double[] lights =
                front.values().stream().mapToDouble(Seen::light).sorted().toArray();
        for (int i = 0; i < from.length && lights.length > 0; i++) {
            from[i] = lights[(int) (DARKER_SHARE[i] * lights.length)];
        }
    }

    private void see(Vec at, double lit) {
        int key = (int) Math.floor(view.right(at) / cell) * 4096 + (int) Math.floor(view.down(at) / cell);
        Seen seen = new Seen(view.depth(at), light(lit, at));
        front.merge(key, seen, (one, other) -> one.depth() >= other.depth() ? one : other);
    }

    /** From above, what stands high has the light. */
    private double light(double lit, Vec at) {
        return view == Viewpoint.FRONT ? lit : at.y() / height * 1.6 + lit * 0.35;
    }

    /** @param lit how much light falls on a leaf, −1 to 1 */
    int tone(double lit, Vec at) {
        double light = light(lit, at);
        int tone = 0;
        while (tone < from.length && light >= from[tone]) {
            tone++;
        }
        return tone;
    }
}
