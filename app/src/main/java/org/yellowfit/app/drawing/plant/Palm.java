package org.yellowfit.app.drawing.plant;

import java.util.List;
import org.yellowfit.app.drawing.pen.Detail;

/** A trunk with one head of leaves: fans, feathers or straps. */
final class Palm {

    private static final double TRUNK_SHARE = 0.5;

    private Palm() {}

    static Growing.Grown grow(Growing growth) {
        Space space = growth.space();
        double trunk = space.height() * TRUNK_SHARE * (0.35 + 0.65 * growth.maturity());
        Growing.Grown head = head(growth, trunk);
        double girth = Math.max(0.8, Math.min(space.halfWidth() * 0.12, space.height() * 0.05));
        head.figure()
                .stem(
                        List.of(Vec.ORIGIN, new Vec(girth * 0.2, trunk * 0.5, 0), new Vec(0, trunk, 0)),
                        girth,
                        girth * 0.85,
                        true);
        return head;
    }

    private static Growing.Grown head(Growing growth, double trunk) {
        return switch (growth.leaf()) {
            case STRAP, BLADE -> Tussock.grow(growth, trunk);
            case LANCE, DISSECTED, FROND -> new Growing.Grown(Fronds.palm(growth, trunk), List.of());
            default -> fans(growth, trunk);
        };
    }

    private static Growing.Grown fans(Growing growth, double trunk) {
        Space space = growth.space();
        Figure figure = new Figure();
        int count = space.detail().isAtLeast(Detail.CARD) ? 19 : 11;
        double fan = space.halfWidth() * 0.62;
        for (int i = 0; i < count; i++) {
            double rank = (i + 0.5) / count;
            double turn = i * Space.GOLDEN + space.wobble() * 0.3;
            double rise = 1.25 - 1.75 * rank;
            Vec to = Vec.direction(turn, rise);
            Vec foot = new Vec(0, trunk, 0);
            Vec hub = foot.plus(to.scaled(space.halfWidth() * 0.42, (space.height() - trunk) * 0.5));
            figure.stem(List.of(foot, hub), Math.max(0.5, fan * 0.03), Math.max(0.4, fan * 0.02), false);
            fan(figure, space, hub, to, fan, rank);
        }
        return new Growing.Grown(figure, List.of());
    }

    private static void fan(Figure figure, Space space, Vec hub, Vec to, double radius, double rank) {
        int fingers = space.detail().isAtLeast(Detail.CARD) ? 15 : 9;
        Vec side = new Vec(-to.z(), 0, to.x()).unit();
        for (int k = 0; k < fingers; k++) {
            double off = 2.0 * k / (fingers - 1) - 1;
            Vec way = to.times(Math.cos(off * 1.5))
                    .plus(side, Math.sin(off * 1.5))
                    .unit();
            Vec tip = hub.plus(way, radius * (1 - 0.2 * off * off)).plus(Vec.DOWN, radius * 0.16 * (0.4 + rank));
            double light = Sun.on(to.times(0.6)) + 0.22 * Math.sin(k * 2.4) - 0.1;
            figure.blade(
                    hub, hub.plus(way, radius * 0.55), tip, radius * 0.11, light, rank > 0.8 ? Hue.INNER : Hue.LEAF);
        }
    }
}
