package org.yellowfit.app.drawing;

import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Habit;

/** Trunk and branches of a woody plant, forking inside its outline. */
final class Skeleton {

    private final PlantCanvas frame;
    private final Profile profile;
    private final Pen[] byThickness = {new Pen(), new Pen(), new Pen(), new Pen()};
    private final double thick;

    private Skeleton(PlantCanvas frame, Profile profile, boolean tree) {
        this.frame = frame;
        this.profile = profile;
        this.thick = Math.min(frame.size() * (tree ? 0.05 : 0.028), frame.halfWidth() * 0.2);
    }

    /** @param levels of forking: 0 for what shows through full leaf, up to 3 for a bare plant seen large */
    static String draw(PlantCanvas frame, Profile profile, boolean tree, OkLab bark, int levels) {
        Skeleton skeleton = new Skeleton(frame, profile, tree);
        boolean oneTrunk = tree
                || profile.habit() == Habit.STANDARD
                || profile.habit() == Habit.WEEPING
                || profile.habit() == Habit.PYRAMIDAL
                || profile.habit() == Habit.GLOBE && profile.crownFrom() > 0.1;
        if (oneTrunk) {
            skeleton.trunk(levels);
        } else {
            skeleton.stems(4 + 2 * levels, levels);
        }
        Tones tones = new Tones(bark);
        StringBuilder out = new StringBuilder();
        double[] widths = {1, 0.58, 0.33, 0.2};
        for (int i = 0; i < widths.length; i++) {
            out.append(skeleton.byThickness[i].stroked(
                    tones.hex(i == 0 ? 1 : 2), Math.max(0.35, skeleton.thick * widths[i]), 1));
        }
        return out.toString();
    }

    private void trunk(int levels) {
        double fork = Math.max(0.1, profile.crownFrom() * 0.92 + 0.05);
        double lean = frame.wobble() * 0.05;
        byThickness[0].move(0, 0).curve(frame.x(lean), frame.y(fork) / 2, frame.x(lean * 0.5), frame.y(fork));
        double reach = profile.habit() == Habit.PYRAMIDAL || profile.habit() == Habit.COLUMNAR ? 0.95 : 0.72;
        byThickness[1]
                .move(frame.x(lean * 0.5), frame.y(fork))
                .line(frame.x(frame.wobble() * 0.04), frame.y(reach) - frame.y(fork));
        int limbs = 4 + 2 * levels;
        for (int i = 0; i < limbs; i++) {
            double from = fork + (reach - fork) * 0.85 * i / limbs;
            double side = i % 2 == 0 ? 1 : -1;
            double toV = Math.min(0.9, from + (0.1 + 0.2 * frame.chance().nextDouble()) * (1 - fork) + rise());
            branch(
                    frame.x(lean * 0.5),
                    frame.y(from),
                    frame.x(side
                            * profile.halfWidth(toV)
                            * (0.5 + 0.25 * frame.chance().nextDouble())),
                    frame.y(toV),
                    2,
                    levels);
        }
    }

    private double rise() {
        return profile.habit() == Habit.WEEPING ? -0.05 : 0.06;
    }

    private void stems(int count, int levels) {
        for (int i = 0; i < count; i++) {
            double share = count == 1 ? 0 : (double) i / (count - 1) * 2 - 1;
            double toV = 0.55 + 0.34 * frame.chance().nextDouble() - 0.16 * Math.abs(share);
            double reach = Math.max(profile.halfWidth(toV), 0.1) * 0.7;
            branch(frame.x(share * 0.1), 0, frame.x(share * reach), frame.y(toV), 1, levels);
        }
    }

    /** A curved limb that forks on until it is a twig. */
    private void branch(double x, double y, double tx, double ty, int thickness, int levels) {
        double dx = tx - x;
        double dy = ty - y;
        byThickness[Math.min(3, thickness)].move(x, y).curve(dx * 0.25, dy * 0.6, dx, dy);
        if (levels <= 0 || thickness > 4) {
            return;
        }
        for (int i = 0; i < 2 + levels; i++) {
            double along = 0.45 + 0.5 * i / (1 + levels);
            double fx = x + dx * (0.5 * along + 0.5 * along * along);
            double fy = y + dy * (1.2 * along - 0.2 * along * along);
            double length = Math.min(Math.hypot(dx, dy) * (0.34 - 0.05 * thickness), frame.halfWidth() * 0.3)
                    * (0.7 + 0.5 * frame.chance().nextDouble());
            double angle = Math.atan2(dy, dx) + (i % 2 == 0 ? 0.6 : -0.6) + frame.wobble() * 0.25;
            branch(fx, fy, fx + Math.cos(angle) * length, fy + Math.sin(angle) * length, thickness + 1, levels - 1);
        }
    }
}
