package org.yellowfit.app.drawing.plant;

import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.core.plant.Petals;

/** Single flowers by the cut of their petals. */
final class Blooms {

    private Blooms() {}

    static void paint(Brush b, Petals petals) {
        if (b.stage() == HeadStage.SEED) {
            b.dot(b.seed(1), 0, 0, b.size * 0.16);
            b.dot(b.seed(3), -b.size * 0.04, -b.size * 0.05, b.size * 0.08);
            return;
        }
        double r = b.size / 2;
        switch (petals) {
            case FLAG -> flag(b);
            case RIBBON -> ribbons(b);
            case LIPS -> lips(b);
            case TULIP -> tulip(b);
            case FAN -> fan(b);
            case BELL, TUBE -> bell(b, petals);
            case THIRTY_FOUR, TWENTY_ONE -> doubled(b, r);
            case THIRTEEN -> {
                b.ring(8, b.chance, 0, r, 1.05, LeafForm.OVAL, 2);
                b.ring(6, b.chance + 0.4, 0, r * 0.66, 1.1, LeafForm.OVAL, 3);
                b.dot(b.heart(2), 0, 0, r * 0.13);
            }
            default -> {
                LeafForm petal = petals.count() >= 6 ? LeafForm.OVAL : LeafForm.ROUND;
                double width = width(petals);
                b.ring(petals.count(), b.chance * 2, 0, r, width, petal, 2);
                b.dot(b.heart(3), 0, 0, r * 0.2);
                if (b.size > 9) {
                    b.dot(b.heart(1), r * 0.03, r * 0.03, r * 0.09);
                }
            }
        }
    }

    private static void doubled(Brush b, double r) {
        b.ring(9, b.chance, 0, r, 1.25, LeafForm.ROUND, 1);
        b.ring(7, b.chance + 0.4, 0, r * 0.76, 1.25, LeafForm.ROUND, 2);
        if (b.size > 5) {
            b.ring(6, b.chance + 0.9, 0, r * 0.5, 1.2, LeafForm.ROUND, 3);
            b.ring(4, b.chance + 0.2, 0, r * 0.27, 1.2, LeafForm.ROUND, 1);
        }
    }

    /** Three petals hang and three stand. */
    private static void flag(Brush b) {
        double r = b.size / 2;
        for (int i = -1; i <= 1; i++) {
            at(b, b.petals(2 + (i < 0 ? 1 : 0)), 0, 0, -Math.PI / 2 + i * 0.5, r * (1.05 - 0.15 * Math.abs(i)), 0.95);
        }
        for (int i = -1; i <= 1; i++) {
            at(b, b.petals(i == 0 ? 2 : 1), 0, 0, Math.PI / 2 + i * 1.05, r * (i == 0 ? 0.85 : 1.05), 1.15);
            at(b, b.heart(3), 0, 0, Math.PI / 2 + i * 1.05, r * 0.36, 0.6);
        }
    }

    private static void ribbons(Brush b) {
        double r = b.size / 2;
        for (int i = 0; i < 7; i++) {
            double turn = b.chance * 3 + i * 0.9;
            double dx = Math.cos(turn) * r;
            double dy = Math.sin(turn) * r * 0.8;
            b.petalLine(2, Math.max(0.5, b.size * 0.09))
                    .move(b.x, b.y)
                    .curve(dx * 0.3 - dy * 0.4, dy * 0.3 + dx * 0.4, dx * 0.6, dy * 0.6)
                    .curve(dx * 0.2 + dy * 0.2, dy * 0.2 - dx * 0.2, dx * 0.4, dy * 0.4);
        }
        b.dot(b.petals(0), 0, 0, r * 0.2);
    }

    private static void lips(Brush b) {
        double r = b.size / 2;
        at(b, b.petals(1), 0, 0, -Math.PI / 2, r * 0.9, 1.3);
        for (int i = -1; i <= 1; i++) {
            at(b, b.petals(i < 0 ? 3 : 2), 0, 0, Math.PI / 2 + i * 0.8, r, 1.3);
        }
        b.dot(b.heart(3), 0, 0, r * 0.18);
    }

    private static double width(Petals petals) {
        if (petals.count() <= 4) {
            return 1.25;
        }
        return petals.count() == 5 ? 1.05 : 1.1;
    }

    private static void fan(Brush b) {
        for (int i = -2; i <= 2; i++) {
            at(b, b.petals(i < 0 ? 3 : 2), 0, -b.size * 0.2, Math.PI / 2 + i * 0.5, b.size * 0.7, 0.7);
        }
        b.dot(b.heart(3), 0, -b.size * 0.16, b.size * 0.07);
    }

    private static void tulip(Brush b) {
        double base = b.size * 0.5;
        at(b, b.petals(1), 0, base, -Math.PI / 2, b.size * 1.15, 1.5);
        at(b, b.petals(3), 0, base, -Math.PI / 2 - 0.34, b.size * 1.1, 1.15);
        at(b, b.petals(2), 0, base, -Math.PI / 2 + 0.34, b.size * 1.1, 1.15);
    }

    /** Hanging from a bent stalk. */
    static void bell(Brush b, Petals petals) {
        if (petals.count() == 3) {
            drop(b);
            return;
        }
        double tall = b.size * 1.1;
        double wide = b.size * 0.8;
        b.stalk(0.35).move(b.x - b.size * 0.35, b.y).curve(b.size * 0.1, -b.size * 0.5, b.size * 0.35, -b.size * 0.3);
        Pen shade = b.petals(1);
        bellShape(b, shade, wide, tall);
        bellShape(b, b.petals(3), wide * 0.55, tall * 0.94);
    }

    /** Three petals that hang about a green mark, as of snowdrops. */
    private static void drop(Brush b) {
        double long_ = b.size * 0.95;
        b.stalk(0.4).move(b.x - b.size * 0.4, b.y + b.size * 0.1).curve(0, -b.size * 0.55, b.size * 0.4, -b.size * 0.5);
        b.blob(b.green(2), 0, -b.size * 0.3, b.size * 0.24, b.size * 0.3);
        at(b, b.petals(0), 0, -b.size * 0.2, Math.PI / 2 + 0.5, long_, 1.15);
        at(b, b.petals(1), 0, -b.size * 0.2, Math.PI / 2 - 0.5, long_, 1.15);
        at(b, b.petals(3), 0, -b.size * 0.2, Math.PI / 2, long_, 1.3);
        b.dot(b.heart(2), 0, b.size * 0.5, b.size * 0.06);
    }

    private static void bellShape(Brush b, Pen pen, double wide, double tall) {
        pen.move(b.x, b.y - tall * 0.3)
                .curve(-wide * 0.5, tall * 0.1, -wide * 0.42, tall * 0.66)
                .line(-wide * 0.1, tall * 0.26)
                .line(wide * 0.3, -tall * 0.12)
                .line(wide * 0.22, tall * 0.16)
                .line(wide * 0.22, -tall * 0.16)
                .line(wide * 0.3, tall * 0.12)
                .line(-wide * 0.1, -tall * 0.26)
                .curve(wide * 0.08, -tall * 0.56, -wide * 0.42, -tall * 0.66)
                .close();
    }

    /** Open wide towards whoever looks, with a throat, or in a daffodil's case a cup. */
    static void trumpet(Brush b, Petals petals, boolean cup) {
        double r = b.size / 2;
        if (b.stage() == HeadStage.SEED) {
            b.blob(b.seed(1), 0, 0, r * 0.5, r * 0.8);
            return;
        }
        if (petals == Petals.LIPS) {
            for (int i = -1; i <= 1; i++) {
                at(b, b.petals(2 + (i < 0 ? 1 : 0)), 0, r * 0.6, -Math.PI / 2 + i * 0.5 + 0.2, b.size, 0.45);
            }
            return;
        }
        b.ring(
                petals.count(),
                b.chance + 0.3,
                0,
                r,
                petals.count() > 5 ? 1.1 : 1.2,
                petals.count() > 5 ? LeafForm.OVAL : LeafForm.ROUND,
                2);
        if (cup) {
            b.dot(b.heart(2), 0, 0, r * 0.4);
            b.dot(b.heart(0), 0, r * 0.04, r * 0.24);
        } else {
            b.dot(b.petals(0), 0, 0, r * 0.2);
            b.dot(b.heart(4), 0, 0, r * 0.1);
        }
    }

    private static void at(Brush b, Pen pen, double dx, double dy, double turn, double length, double width) {
        pen.move(b.x + dx, b.y + dy);
        LeafPen.simple(pen, LeafForm.OVAL, turn, length, width);
    }
}
