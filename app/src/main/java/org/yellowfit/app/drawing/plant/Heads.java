package org.yellowfit.app.drawing.plant;

import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Inflorescence;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Petals;

/** The heads of flowers by their form. */
final class Heads {

    /** Narrower than this, in units, a cone of flowers is grains on a stem; of herbs, whose branches are finer. */
    private static final double SMALL_PANICLE = 7;

    private static final double SMALL_OF_HERBS = 18;

    private static final int GRAINS = 11;

    /** Of a spike's height, where those still closed begin. */
    private static final double IN_BUD_FROM = 0.72;

    private static final double GOLDEN = Space.GOLDEN;

    private Heads() {}

    private static boolean isFine(Brush b, Cultivar plant) {
        return plant.kind() == Kind.GRASS || b.size < (plant.isWoody() ? SMALL_PANICLE : SMALL_OF_HERBS);
    }

    static void paint(Brush b, Growing growth) {
        Petals petals = growth.anatomy().petals();
        switch (growth.anatomy().inflorescence()) {
            case SOLITARY -> Blooms.paint(b, petals);
            case DAISY -> daisy(b, petals);
            case BELL -> Blooms.bell(b, petals);
            case TRUMPET -> Blooms.trumpet(b, petals, growth.plant().botanical().startsWith("Narcissus"));
            case PEA -> spike(b, 0.42, true);
            case UMBEL -> umbel(b);
            case CORYMB -> corymb(b);
            case PANICLE -> panicle(b, isFine(b, growth.plant()));
            case MOPHEAD -> ball(b, 0.24, 1);
            case LACECAP -> lacecap(b);
            case SPIKE -> spike(b, 0.3, false);
            case RACEME -> raceme(b, petals);
            case PLUME -> plume(b, growth.plant());
            case GLOBE -> ball(b, 0.1, 1);
            case CATKIN -> catkin(b);
            case WHORL -> whorls(b);
        }
    }

    /** Whether a head stands on a stalk above the leaves of a herb. */
    static boolean isLong(Inflorescence form) {
        return switch (form) {
            case SPIKE, RACEME, PLUME, PANICLE, WHORL, PEA, CATKIN -> true;
            default -> false;
        };
    }

    /** Of a daisy's width its disc, the smaller the more rays it has. */
    private static double heart(int rays) {
        if (rays > 30) {
            return 0.12;
        }
        return rays > 20 ? 0.22 : 0.3;
    }

    private static void daisy(Brush b, Petals petals) {
        double r = b.size / 2;
        boolean seed = b.stage() == HeadStage.SEED;
        int count = petals.count();
        double heart = heart(count);
        if (!seed) {
            double width = Math.min(2.3, 24.0 / Math.min(count, 21));
            b.ring(Math.min(count, 21), b.chance, r * heart * 0.6, r * (1 - heart * 0.6), width, LeafForm.LANCE, 2);
            if (count > 30) {
                b.ring(13, b.chance + 0.2, r * 0.1, r * 0.62, 0.9, LeafForm.LANCE, 3);
            }
        }
        double wide = r * heart * (seed ? 1.3 : 1);
        if (seed) {
            b.dot(b.seed(0), 0, 0, wide);
            b.dot(b.seed(2), -wide * 0.2, -wide * 0.25, wide * 0.6);
        } else {
            b.blob(b.heart(1), 0, -wide * (1 - b.open) * 0.5, wide * 2.1, wide * (1.3 + 0.6 * b.open));
            b.blob(b.heart(3), -wide * 0.2, -wide * 0.35 - wide * (1 - b.open) * 0.5, wide * 1.1, wide * 0.9);
        }
    }

    private static void umbel(Brush b) {
        double r = b.size / 2;
        int count = b.bySize(6, 14, 7, 15, 26);
        for (int i = 0; i < count; i++) {
            double out = Math.sqrt((i + 0.5) / count) * r;
            double dx = Math.cos(i * GOLDEN) * out;
            double dy = Math.sin(i * GOLDEN) * out * 0.55 - (r * r - out * out) / r * 0.35;
            if (b.size > 9) {
                b.stalk(0.3).move(b.x, b.y + r * 0.6).line(dx, dy - r * 0.6);
            }
            b.floret(dx, dy, b.size * (b.size > 14 ? 0.2 : 0.3), 1 + (dx + dy < 0 ? 2 : i % 2));
        }
    }

    /** A flat or slightly domed plate of small flowers. */
    private static void corymb(Brush b) {
        double r = b.size / 2;
        int count = b.bySize(8, 16, b.size > 4 ? 11 : 6, 24, 46);
        double flat = Math.max(0.36, b.open * 0.62);
        for (int i = 0; i < count; i++) {
            double out = Math.sqrt((i + 0.5) / count) * r;
            double dx = Math.cos(i * GOLDEN) * out;
            double dy = Math.sin(i * GOLDEN) * out * flat - (r * r - out * out) / r * 0.16;
            b.floret(dx, dy, b.size * b.bySize(8, 16, 36, 24, 17) / 100, tone(dx, dy, r, i));
        }
    }

    private static void ball(Brush b, double floret, double tall) {
        double r = b.size / 2;
        double each = b.size * floret;
        double wide = each < 1 ? 1.1 : each;
        int count = (int) Math.min(b.size > 20 ? 90 : 48, Math.max(7, 2.2 * b.size * b.size / (wide * wide)));
        if (b.size > 6) {
            b.dot(b.petals(0), 0, 0, r * 0.72);
        }
        for (int i = 0; i < count; i++) {
            double out = Math.sqrt((i + 0.5) / count) * (r - wide * 0.3);
            double dx = Math.cos(i * GOLDEN) * out;
            double dy = Math.sin(i * GOLDEN) * out * tall;
            b.floret(dx, dy, wide * (0.85 + 0.3 * ((i * 7) % 5) / 5), tone(dx, dy, r, i));
        }
    }

    private static int tone(double dx, double dy, double r, int i) {
        double light = (-dx * 0.5 - dy * 0.8) / r;
        return (int) Math.max(0, Math.min(4, Math.round(2 + 1.7 * light + (i % 3 - 1) * 0.45)));
    }

    private static void lacecap(Brush b) {
        double r = b.size / 2;
        int inner = b.size > 10 ? 26 : 10;
        for (int i = 0; i < inner; i++) {
            double out = Math.sqrt((i + 0.5) / inner) * r * 0.66;
            b.dot(
                    i % 3 == 0 ? b.heart(3) : b.petals(1),
                    Math.cos(i * GOLDEN) * out,
                    Math.sin(i * GOLDEN) * out * 0.5,
                    Math.max(0.4, b.size * 0.035));
        }
        int outer = b.size > 8 ? 9 : 6;
        for (int i = 0; i < outer; i++) {
            double turn = b.chance + i * 2 * Math.PI / outer;
            b.floret(Math.cos(turn) * r * 0.82, Math.sin(turn) * r * 0.46, b.size * 0.27, Math.sin(turn) < 0 ? 3 : 2);
        }
    }

    /** Dense: widest below its middle, pointed at the end. */
    private static void spike(Brush b, double floret, boolean loose) {
        double up = b.rise();
        int rows = (int) Math.max(4, Math.min(22, b.high / Math.max(1.1, b.size * floret)));
        for (int i = 0; i < rows; i++) {
            double t = (double) i / (rows - 1);
            double wide = b.size * (0.5 + 0.5 * Math.sin(Math.PI * Math.min(1, 0.25 + t * 0.62))) * (1 - t * t * 0.75);
            double dy = up * (b.high / 2 - t * b.high) * 1;
            double r = Math.max(0.5, b.size * floret * 0.75 * (1 - 0.4 * t));
            double sway = loose ? Math.sin(i * 2.1) * b.size * 0.12 : 0;
            // A spike opens from below: its tip is still in bud.
            boolean closed = b.stage() == HeadStage.OPEN && t > IN_BUD_FROM;
            b.dot(b.petals(1, closed), sway + wide * 0.3, dy, r);
            b.dot(b.petals(2, closed), sway, dy - r * 0.3, r);
            b.dot(b.petals(3, closed), sway - wide * 0.28, dy - r * 0.2, r * 0.9);
        }
    }

    /** Flowers one above the other along a stem, the lowest open first. */
    private static void raceme(Brush b, Petals petals) {
        double up = b.rise();
        int rows = (int) Math.max(3, Math.min(14, b.high / Math.max(1.4, b.size * 0.32)));
        b.stalk(Math.max(0.3, b.size * 0.05)).move(b.x, b.y + up * b.high / 2).line(0, -up * b.high);
        boolean hanging = petals == Petals.BELL || petals == Petals.TUBE || petals == Petals.TRUMPET;
        for (int i = 0; i < rows; i++) {
            double t = (double) i / rows;
            double dy = up * (b.high / 2 - t * b.high);
            double each = b.size * 0.5 * (1 - 0.55 * t);
            double side = i % 2 == 0 ? 1 : -1;
            int tone = side < 0 ? 3 : 2;
            if (hanging) {
                double turn = Math.PI / 2 - side * (petals == Petals.TUBE ? 0.75 : 0.6);
                b.petals(tone).move(b.x, b.y + dy);
                LeafPen.simple(b.petals(tone), LeafForm.OVAL, turn, each * 1.25, petals == Petals.TUBE ? 0.8 : 1.3);
            } else {
                b.floret(side * each * 0.5, dy, each, tone);
                b.floret(-side * each * 0.32, dy - each * 0.35, each * 0.8, tone - 1);
            }
        }
    }

    /** A cone of branches set with small flowers, each row narrower than the one below. */
    private static void panicle(Brush b, boolean fine) {
        double up = b.rise();
        if (fine) {
            airy(b, up);
            return;
        }
        int rows = b.bySize(7, 14, 4, 6, 9);
        double each = b.high / rows * 1.35;
        for (int i = 0; i < rows; i++) {
            double t = (double) i / rows;
            double wide = b.size / 2 * (1 - t * 0.88) * (i == 0 ? 0.8 : 1);
            int across = (int) Math.max(1, Math.round(2.4 * wide / each));
            for (int k = 0; k < across; k++) {
                double side = across == 1 ? 0 : 2.0 * k / (across - 1) - 1;
                double dx = side * (wide - each * 0.3) + Math.sin(i * 5 + k * 3 + b.chance * 6) * each * 0.16;
                double dy = up * (b.high / 2 - each * 0.4 - t * (b.high - each * 0.6)) + side * side * each * 0.25;
                int tone = (int) Math.max(0, Math.min(4, Math.round(2.2 - 1.5 * side + ((i + k) % 3 - 1) * 0.6)));
                b.floret(dx, dy, each * (1 - 0.25 * t), tone);
            }
        }
    }

    /** Where its branches are too fine to be seen: grains on hairs up a stem, closer together towards the tip. */
    private static void airy(Brush b, double up) {
        int grains = b.bySize(9, 16, GRAINS, 2 * GRAINS, 3 * GRAINS);
        b.stalk(Math.max(0.25, b.size * 0.03)).move(b.x, b.y + up * b.high / 2).line(0, -up * b.high * 0.95);
        for (int i = 0; i < grains; i++) {
            double t = (double) i / (grains - 1);
            double side = (i % 2 == 0 ? 1 : -1) * b.size * 0.46 * (1 - 0.8 * t) * (0.35 + 0.65 * (i * 7 % 5) / 4);
            double dy = up * (b.high / 2 - b.high * (0.06 + 0.92 * t));
            if (grains > GRAINS && i % 2 == 0) {
                b.stalk(0.25).move(b.x, b.y + dy + up * Math.abs(side) * 0.7).line(side, -up * Math.abs(side) * 0.7);
            }
            double grain = grains > GRAINS ? b.size * 0.035 : b.size * 0.1 * (1.1 - 0.4 * t);
            b.dot(b.petals(i % 2 == 0 ? 1 : 3), side, dy, Math.max(0.42, grain));
        }
    }

    /** Of grasses a tassel, of smoke bushes a cloud of hairs, of others froth on branches that shorten upwards. */
    private static void plume(Brush b, Cultivar plant) {
        if (plant.kind() == Kind.GRASS) {
            tassel(b);
        } else if (plant.isWoody()) {
            smoke(b);
        } else {
            froth(b);
        }
    }

    private static void smoke(Brush b) {
        int hairs = b.bySize(7, 14, 12, 22, 34);
        for (int i = 0; i < hairs; i++) {
            double out = Math.sqrt((i + 0.5) / hairs);
            double dx = Math.cos(i * GOLDEN) * out * b.size / 2;
            double dy = Math.sin(i * GOLDEN) * out * b.high * 0.36;
            b.petalLine(i % 3 + 1, Math.max(0.4, b.size * 0.035))
                    .move(b.x + dx * 0.25, b.y + dy * 0.3 + b.high * 0.14)
                    .curve(dx * 0.3 + dy * 0.25, dy * 0.3, dx * 0.75, dy * 0.7);
            b.dot(b.petals(tone(dx, dy, b.size / 2, i)), dx, dy, b.size * 0.04);
        }
    }

    /** Fine hairs that fall to one side. */
    private static void tassel(Brush b) {
        int hairs = b.bySize(5, 10, 7, 11, 15);
        double foot = b.high / 2;
        double side = b.chance < 0.5 ? -1 : 1;
        for (int i = 0; i < hairs; i++) {
            double t = (i + 0.5) / hairs;
            double from = foot - b.high * 0.45 * t;
            double reach = b.size * (0.5 - 0.32 * t) * (i % 2 == 0 ? 1 : -0.6) * side;
            double rise = b.high * (0.62 - 0.1 * t) * (i % 2 == 0 ? 1 : 0.86);
            b.petalLine(1 + i % 3, Math.max(0.4, b.size * 0.075))
                    .move(b.x, b.y + from)
                    .curve(reach * 0.15, -rise * 0.75, reach, -rise);
        }
        b.stalk(Math.max(0.3, b.size * 0.05)).move(b.x, b.y + foot).line(0, -b.high * 0.5);
    }

    private static void froth(Brush b) {
        double up = b.rise();
        int rows = (int) Math.max(5, Math.min(12, b.high / 2.6));
        double bend = (b.chance - 0.5) * b.high * 0.12;
        b.stalk(Math.max(0.3, b.size * 0.05)).move(b.x, b.y + up * b.high / 2).line(bend * 0.8, -up * b.high * 0.9);
        for (int i = 0; i < rows; i++) {
            double t = (double) i / rows;
            double wide = b.size / 2 * Math.pow(1 - t, 0.8) * (i == 0 ? 0.8 : 1) + b.size * 0.03;
            double dy = up * (b.high * 0.46 - t * b.high * 0.92);
            double grain = Math.max(0.45, b.size * 0.075 * (1 - 0.4 * t));
            for (int side = -1; side <= 1; side += 2) {
                for (int k = 1; k <= 3; k++) {
                    double along = wide * k / 3;
                    double rise = up * along * (0.55 + 0.2 * k / 3);
                    int tone = Math.max(0, Math.min(4, (side < 0 ? 3 : 1) + (i + k) % 2));
                    b.dot(b.petals(tone), bend * t + side * along, dy - rise, grain * (1.25 - 0.22 * k));
                }
            }
            b.dot(b.petals(2), bend * t, dy, grain * 1.2);
        }
        b.dot(b.petals(3), bend, -up * b.high * 0.47, Math.max(0.4, b.size * 0.045));
    }

    private static void catkin(Brush b) {
        double wide = Math.max(0.8, b.size * 0.3);
        b.blob(b.petals(1), 0, b.high / 2, wide, b.high);
        b.blob(b.petals(3), -wide * 0.14, b.high / 2, wide * 0.5, b.high * 0.9);
    }

    /** Rings of small flowers with bare stem between. */
    private static void whorls(Brush b) {
        int rings = (int) Math.max(3, Math.min(8, b.high / Math.max(2, b.size * 0.5)));
        b.stalk(Math.max(0.3, b.size * 0.06)).move(b.x, b.y + b.high / 2).line(0, -b.high);
        for (int i = 0; i < rings; i++) {
            double t = (double) i / rings;
            double wide = b.size * 0.5 * (1 - 0.62 * t);
            double dy = b.high / 2 - t * b.high;
            double r = Math.max(0.45, wide * 0.42);
            b.dot(b.petals(1), wide * 0.6, dy, r);
            b.dot(b.petals(2), 0, dy + r * 0.2, r);
            b.dot(b.petals(3), -wide * 0.6, dy - r * 0.1, r);
        }
    }
}
