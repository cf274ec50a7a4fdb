package org.yellowfit.app.drawing;

import org.yellowfit.core.colour.OkLab;

/** Flowers and fruit over a plant's leaves. */
final class Flowers {

    private static final double DEG_137 = 2.39996;

    private final PlantCanvas frame;
    private final Profile profile;
    private final Detail detail;
    private final Pen[] petals = new Pen[Tones.COUNT];
    private final Pen stems = new Pen();
    private final Pen hearts = new Pen();

    Flowers(PlantCanvas frame, Profile profile, Detail detail) {
        this.frame = frame;
        this.profile = profile;
        this.detail = detail;
        java.util.Arrays.setAll(petals, i -> new Pen());
    }

    /**
     * @param share   share of the flowers open, 0–1
     * @param topV    height of the flowers as a share of the frame's height, above 1 when they stand over the leaves
     * @param onStems whether they rise on stems of their own
     */
    String draw(FlowerForm form, OkLab colour, double share, double topV, boolean onStems) {
        int count = count(form, share);
        double size = size(form);
        for (int i = 0; i < count; i++) {
            if (onStems) {
                onStem(form, i, count, topV, size);
            } else {
                inCrown(form, i, count, size);
            }
        }
        return painted(form, colour);
    }

    /** One head alone on its stalk. */
    String one(FlowerForm form, OkLab colour, double size, double y) {
        stems.move(0, 0).line(0, y);
        head(form, 0, y, size, 0, 2);
        if (form == FlowerForm.CLUSTER || form == FlowerForm.BELLS || form == FlowerForm.CATKIN) {
            for (int i = 0; i < 6; i++) {
                head(
                        form,
                        Math.cos(i * DEG_137) * size * 0.7,
                        y + Math.sin(i * DEG_137) * size * 0.6,
                        size * 0.6,
                        0,
                        i);
            }
        }
        return painted(form, colour);
    }

    /** Fruit: small round berries through the outer crown. */
    String fruit(OkLab colour) {
        int count = detail == Detail.SMALL ? 22 : detail == Detail.MEDIUM ? 60 : 120;
        double r = Math.max(0.55, frame.size() * 0.0105);
        for (int i = 0; i < count; i++) {
            double[] at = place(i, count, 0.94);
            petals[2 + i % 3].dot(at[0], at[1], r * (0.8 + 0.4 * frame.chance().nextDouble()));
        }
        return painted(FlowerForm.CLUSTER, colour);
    }

    private int count(FlowerForm form, double share) {
        double full = switch (form) {
            case CONE, BALL -> 17;
            case DOME -> 20;
            case SPIKE -> 26;
            case AIRY_SPIKE, PLUME -> 13;
            case GRASS_HEAD -> 20;
            case DAISY, TRUMPET -> 13;
            case FLAG -> 8;
            case NODDING -> 24;
            case OPEN -> 24;
            case RIBBONS -> 60;
            case CLUSTER -> 70;
            case CATKIN, BELLS -> 44;
        };
        double some = detail == Detail.SMALL ? 0.5 : detail == Detail.MEDIUM ? 0.8 : 1;
        return (int) Math.max(3, Math.round(full * some * (0.25 + 0.75 * share)));
    }

    private double size(FlowerForm form) {
        double size = frame.size();
        return switch (form) {
            case CONE -> size * 0.17;
            case BALL -> size * 0.085;
            case DOME -> size * 0.1;
            case SPIKE -> frame.height() * 0.4;
            case AIRY_SPIKE -> frame.height() * 0.5;
            case PLUME -> size * 0.3;
            case GRASS_HEAD -> size * 0.34;
            case DAISY -> size * 0.14;
            case OPEN -> size * 0.07;
            case TRUMPET, FLAG -> size * 0.13;
            case NODDING -> size * 0.105;
            case RIBBONS -> size * 0.04;
            case CLUSTER -> size * 0.022;
            case CATKIN, BELLS -> size * 0.035;
        };
    }

    private void onStem(FlowerForm form, int i, int count, double topV, double size) {
        double s = count == 1 ? 0 : (double) i / (count - 1) * 2 - 1;
        double x0 = frame.x(s * 0.3);
        double tall = topV * (1 - 0.2 * s * s) * (0.86 + 0.14 * frame.chance().nextDouble());
        double tx = frame.x(s * 0.82 + frame.wobble() * 0.06);
        double ty = frame.y(tall);
        boolean grows = form == FlowerForm.SPIKE
                || form == FlowerForm.AIRY_SPIKE
                || form == FlowerForm.PLUME
                || form == FlowerForm.GRASS_HEAD;
        double length = Math.min(size, -ty * 0.6);
        stems.move(x0, frame.y(0.1)).curve((tx - x0) * 0.3, (ty - frame.y(0.1)) * 0.7, tx - x0, ty - frame.y(0.1));
        double single = form == FlowerForm.BALL ? size * 1.5 : size;
        head(form, tx, grows ? ty + length : ty, grows ? length : single, lean(tx), i);
    }

    private void inCrown(FlowerForm form, int i, int count, double size) {
        double room = form == FlowerForm.BALL ? 1.5 : 1;
        double[] at = place(
                i, count, form == FlowerForm.CONE || form == FlowerForm.BALL || form == FlowerForm.DOME ? 0.86 : 0.95);
        head(form, at[0], at[1], room * size * (0.8 + 0.35 * frame.chance().nextDouble()), lean(at[0]), i);
    }

    private double lean(double x) {
        return -Math.PI / 2 + x / Math.max(1, frame.halfWidth()) * 0.55;
    }

    /** Places spread evenly over the crown, more of them towards its top. */
    private double[] place(int i, int count, double within) {
        double from = Math.max(profile.crownFrom(), 0.04);
        double t = (i + 0.5) / count;
        double v = from + (0.95 - from) * Math.pow(t, 0.62);
        double u = Math.cos(i * DEG_137 * 1.7 + frame.wobble() * 0.4);
        return new double[] {frame.x(profile.halfWidth(v) * within * u), frame.y(v * 0.97)};
    }

    private void head(FlowerForm form, double x, double y, double size, double lean, int i) {
        switch (form) {
            case CONE -> cone(x, y, size, lean);
            case BALL -> ball(x, y, size * 0.6, 1);
            case DOME -> ball(x, y, size * 0.62, 0.5);
            case SPIKE -> spike(x, y, size, lean, 1);
            case AIRY_SPIKE -> spike(x, y, size, lean, 0.42);
            case PLUME -> plume(x, y, size, lean, 0.3);
            case GRASS_HEAD -> plume(x, y, size, lean, 0.12);
            case DAISY -> daisy(x, y, size);
            case OPEN -> petalsRound(x, y, size * 0.55, 5, 0.78, i % 2 + 2);
            case TRUMPET -> petalsRound(x, y, size * 0.5, 6, 0.5, 3);
            case FLAG -> flag(x, y, size);
            case RIBBONS -> petalsRound(x, y, size, 4, 0.16, 2 + i % 3);
            case CLUSTER ->
                petals[2 + i % 3].dot(x, y, size * (0.7 + 0.6 * frame.chance().nextDouble()));
            case CATKIN -> LeafForm.LANCE.draw(petals[2 + i % 3], x, y, Math.PI / 2 + frame.wobble() * 0.2, size);
            case BELLS -> LeafForm.OVAL.draw(petals[2 + i % 3], x, y, Math.PI / 2 + frame.wobble() * 0.3, size);
            case NODDING -> nodding(x, y, size);
        }
    }

    /** A stem's bent tip with three petals below it, the middle one lightest. */
    private void nodding(double x, double y, double size) {
        double side = x < 0 ? -1 : 1;
        double tip = x + side * size * 0.35;
        stems.move(x, y).curve(side * size * 0.1, -size * 0.3, tip - x, size * 0.05);
        for (int k = -1; k <= 1; k++) {
            LeafForm.OVAL.draw(
                    petals[k == 0 ? 4 : 2], tip, y + size * 0.05, Math.PI / 2 + k * 0.5, size * (k == 0 ? 1 : 0.9));
        }
    }

    private int florets(int rich) {
        return detail == Detail.SMALL ? rich / 3 : detail == Detail.MEDIUM ? rich / 2 : rich;
    }

    private double floret(double head) {
        return head * (detail == Detail.SMALL ? 0.17 : detail == Detail.MEDIUM ? 0.13 : 0.1);
    }

    private void cone(double x, double y, double length, double lean) {
        int n = florets(34);
        for (int k = 0; k < n; k++) {
            double t = (k + 0.5) / n;
            double across = (1 - t * 0.86) * 0.36 * length * Math.sin(k * DEG_137);
            double along = length * t;
            double px = x + Math.cos(lean) * along - Math.sin(lean) * across;
            double py = y + Math.sin(lean) * along + Math.cos(lean) * across;
            petals[tone(across / length * 1.4, t)].dot(
                    px, py, floret(length) * (0.75 + 0.3 * frame.chance().nextDouble()));
        }
    }

    private void ball(double x, double y, double r, double flat) {
        int n = florets(26);
        for (int k = 0; k < n; k++) {
            double d = Math.sqrt((k + 0.5) / n) * r;
            double px = x + d * Math.cos(k * DEG_137);
            double dy = d * Math.sin(k * DEG_137) * flat;
            petals[tone((px - x) / r * 0.5, 0.5 - dy / (r * 2 * flat))].dot(
                    px, y + dy, r * (detail == Detail.SMALL ? 0.4 : 0.24));
        }
    }

    private void spike(double x, double y, double length, double lean, double dense) {
        int n = Math.max(4, (int) (florets(20) * dense) + 3);
        double dx = Math.cos(lean) * length;
        double dy = Math.sin(lean) * length;
        stems.move(x, y).line(dx, dy);
        for (int k = 0; k < n; k++) {
            double t = (k + 0.4) / n;
            double side = (k % 2 == 0 ? 1 : -1) * length * 0.055 * (1 - 0.75 * t);
            petals[tone(side / length * 4, t)].dot(
                    x + dx * t + side,
                    y + dy * t,
                    Math.max(0.35, Math.min(length * 0.05, frame.size() * 0.018) * (1.1 - 0.6 * t)));
        }
    }

    private void plume(double x, double y, double length, double lean, double width) {
        int n = florets(30);
        for (int k = 0; k < n; k++) {
            double t = (k + 0.5) / n;
            double side = (k % 2 == 0 ? 1 : -1) * (0.2 + 0.8 * frame.chance().nextDouble()) * length * width * (1 - t);
            double px = x + Math.cos(lean) * length * t;
            double py = y + Math.sin(lean) * length * t;
            LeafForm.LANCE.draw(
                    petals[tone(side / length, t)],
                    px,
                    py,
                    lean + (side > 0 ? 0.7 : -0.7) * (width > 0.2 ? 1 : 0.5),
                    Math.abs(side) + length * 0.06);
        }
    }

    private void daisy(double x, double y, double size) {
        petalsRound(x, y, size * 0.6, detail == Detail.SMALL ? 7 : 11, 0.3, 3);
        hearts.dot(x, y - size * 0.04, size * 0.19);
    }

    private void flag(double x, double y, double size) {
        for (int k = -1; k <= 1; k++) {
            LeafForm.OVAL.draw(petals[1 + Math.abs(k)], x, y, Math.PI / 2 + k * 1.15, size * 0.55);
            LeafForm.OVAL.draw(petals[3], x, y, -Math.PI / 2 + k * 0.4, size * 0.5);
        }
    }

    private void petalsRound(double x, double y, double length, int n, double width, int tone) {
        double turn = frame.chance().nextDouble() * Math.PI;
        for (int k = 0; k < n; k++) {
            double angle = turn + k * 2 * Math.PI / n;
            LeafForm form = width > 0.6 ? LeafForm.ROUND : width > 0.35 ? LeafForm.OVAL : LeafForm.LANCE;
            form.draw(petals[Math.sin(angle) > 0.3 ? tone - 1 : tone], x, y, angle, length);
        }
        if (width > 0.35) {
            hearts.dot(x, y, length * 0.2);
        }
    }

    private int tone(double across, double t) {
        return (int) Math.max(0, Math.min(4, 1.4 + 2.2 * t - across * 2 + frame.wobble() * 0.8));
    }

    private String painted(FlowerForm form, OkLab colour) {
        Tones tones = new Tones(colour);
        StringBuilder out = new StringBuilder(stems.stroked("#6a7a4a", Math.max(0.25, frame.size() * 0.006), 0.9));
        for (int tone = 0; tone < Tones.COUNT; tone++) {
            out.append(petals[tone].filled(tones.hex(tone), 1));
        }
        return out.append(hearts.filled(form == FlowerForm.DAISY ? "#4a2f22" : "#e3c86a", 1))
                .toString();
    }
}
