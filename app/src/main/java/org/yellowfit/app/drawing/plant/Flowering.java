package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Inflorescence;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.season.BloomStage;
import org.yellowfit.core.season.Merits;

/**
 * Sets a plant's flowers and fruit where they sit: on shoots of wood, on the tops of stems, or on stalks of
 * their own.
 */
final class Flowering {

    /** Smaller than this a flower is no dot any more, in units. */
    private static final double LEAST = 1.9;

    /** How much more the nearer shoots of wood carry than those behind: from above both are seen. */
    private static final double DEPTH = 0.12;
    /** What stands farther back is apart too, but less so in the picture. */
    private static final double DEEP = 0.3;
    /** Of the outermost shoots, so many at least may carry a flower. */
    private static final int AMONG = 48;

    /** Of its height, how high the middle of a hanging flower stays above the ground. */
    private static final double CLEAR = 0.8;

    private static final double LOW_BULB_M = 0.13;
    private static final int CANDELABRA = 2;
    /** The tops of a herb's stems begin so far up. */
    private static final double TOPS = 0.45;

    private static final double SCAPES_FROM = 1.12;
    private static final double SHRUBS_SCAPES_FROM = 1.8;

    private final Growing growth;
    private final Space space;
    private final Figure figure;
    private final List<Shoot> shoots;
    private final Inflorescence form;
    private final double size;

    Flowering(Growing growth, Growing.Grown grown) {
        this.growth = growth;
        this.space = growth.space();
        this.figure = grown.figure();
        this.shoots = grown.shoots();
        this.form = growth.anatomy().inflorescence();
        this.size = Math.max(LEAST, Math.min(space.cm(growth.anatomy().flowerCm()), space.halfWidth() * widest()));
    }

    /** Of half the plant's spread: a plume leaves room for its neighbours, a tulip stands alone. */
    private double widest() {
        boolean isLong = Heads.isLong(form);
        if (isCandelabra()) {
            return 0.8;
        }
        if (isLowBulb()) {
            return 0.85;
        }
        if (!isHerb()) {
            return isLong ? 0.34 : 1.1;
        }
        if (growth.plant().kind() == Kind.BULB) {
            return 1.1;
        }
        return isLong ? 0.42 : 0.9;
    }

    void flower() {
        BloomStage bloom = growth.bloom();
        double any = Math.min(1, bloom.open() + bloom.buds() + bloom.fading() + bloom.seeds());
        if (any <= 0.01 || shoots.isEmpty()) {
            return;
        }
        if (isHerb() && isAmongLeaves()) {
            onWood(any);
        } else if (isHerb() || isRaised()) {
            raised(any, isRaised() || Heads.isLong(form) || onTips());
        } else {
            onWood(any);
        }
    }

    /** Low shrubs carry some flowers on stalks high above their leaves, as lavender does. */
    private boolean isRaised() {
        boolean low = space.height() < 0.75 * space.unitsPerM();
        return space.top() > space.height() * (isHerb() || low ? SCAPES_FROM : SHRUBS_SCAPES_FROM);
    }

    /** A yucca's swords send up a candelabra or two, not a tuft of stalks. */
    private boolean isCandelabra() {
        return growth.plant().habit() == Habit.ROSETTE && growth.leaf() == LeafForm.STRAP;
    }

    /** Heads in full bloom, however little room there is. */
    private int fewest() {
        if (growth.plant().kind() == Kind.BULB) {
            return isLowBulb() ? 3 : 1;
        }
        return Heads.isLong(form) ? 8 : 3;
    }

    /** Crocuses and their like come up several together, close to the ground. */
    private boolean isLowBulb() {
        return growth.plant().kind() == Kind.BULB && space.height() < LOW_BULB_M * space.unitsPerM();
    }

    private boolean isHerb() {
        return !growth.plant().isWoody();
    }

    /** From the shoots of a leafy mound or mat, all over it, and not on stalks above: fuchsias, busy Lizzies, phloxes. */
    private boolean isAmongLeaves() {
        boolean among = switch (growth.plant().habit()) {
            case MOUND, GLOBE, PROSTRATE -> !Heads.isLong(form);
            default -> false;
        };
        boolean hanging = form == Inflorescence.BELL && growth.plant().kind() == Kind.ANNUAL;
        return (among || hanging) && space.top() <= space.height() * SCAPES_FROM;
    }

    /** How far stalks from the ground lean out, of their height: those of fountains fall with their leaves. */
    private double splay() {
        if (isLowBulb()) {
            return 0.34;
        }
        return switch (growth.plant().habit()) {
            case FOUNTAIN, ARCHING -> 0.46;
            case UPRIGHT, COLUMNAR -> 0.16;
            default -> 0.24;
        };
    }

    private boolean onTips() {
        return growth.plant().habit() != Habit.PROSTRATE;
    }

    /** On the outer shoots, the nearer ones first. */
    private void onWood(double any) {
        double high = high();
        int full = onAllShoots(high);
        // Panicles and spikes end the upper shoots.
        double upwards = Heads.isLong(form) ? 0.55 : 0;
        List<Shoot> best = shoots.stream()
                .sorted(Comparator.comparingDouble((Shoot shoot) -> -(shoot.outer()
                                + DEPTH * shoot.at().z() / space.halfWidth()
                                + shoot.light() * 0.12
                                + upwards * shoot.at().y() / space.height()))
                        .thenComparingDouble(shoot -> shoot.at().x()))
                .toList();
        int shown = (int) Math.max(1, Math.round(full * any));
        List<Shoot> among = apart(best.subList(0, Math.min(best.size(), Math.max(AMONG, full * 2))), shown);
        for (int i = 0; i < shown; i++) {
            Shoot shoot = among.get(i % among.size());
            boolean hangs = form == Inflorescence.CATKIN || form == Inflorescence.BELL || isHangingRaceme();
            Vec to = hangs ? Vec.DOWN : shoot.to().plus(new Vec(0, 0.3, 0.6)).unit();
            double loose = size * 0.5;
            double lifted = space.top() / space.height();
            double up = shoot.at().y() / space.height();
            Vec at = shoot.at()
                    .plus(Vec.UP, (space.top() - space.height()) * up * up * up)
                    .plus(new Vec(space.wobble() * loose, hangs ? -high / 2 : high * 0.3, loose * 0.4 + 0.5));
            if (hangs && at.y() < high * CLEAR) {
                // What hangs from the lowest shoots does not hang into the ground.
                at = at.plus(Vec.UP, high * CLEAR - at.y());
            }
            if (lifted > 1.04) {
                figure.stem(
                        List.of(shoot.at(), at), Math.max(0.4, space.cm(0.5)), Math.max(0.35, space.cm(0.3)), false);
            }
            figure.head(at, to, size * space.between(0.8, 1.1), high * space.between(0.8, 1.1), stage(i, shown));
        }
    }

    /** Heads that open in full bloom on shoots of that much of the plant as its flowers are worth. */
    private int onAllShoots(double high) {
        double area = 2 * space.halfWidth() * space.height() * 0.7;
        int most = most(26, 46, 110, 220, 360) * (isHeath() ? 2 : 1);
        return (int) Math.max(5, Math.min(most, share() * area / (size * Math.max(size * 0.7, high * 0.75))));
    }

    private double share() {
        if (isHeath()) {
            return 0.8;
        }
        return switch (Merits.of(growth.plant()).grades().getOrDefault(Merit.FLOWER, 0)) {
            case 3 -> 0.55;
            case 2 -> 0.34;
            case 1 -> 0.18;
            default -> 0.07;
        };
    }

    /** Every shoot of a heath ends in flowers. */
    private boolean isHeath() {
        return growth.plant().kind() == Kind.SHRUB && growth.leaf() == LeafForm.NEEDLE;
    }

    /** So many of them, each as far from those before it as may be in the picture, so that no side goes without. */
    private static List<Shoot> apart(List<Shoot> all, int count) {
        double[] away = new double[all.size()];
        Arrays.fill(away, Double.MAX_VALUE);
        List<Shoot> chosen = new ArrayList<>();
        int next = 0;
        while (chosen.size() < Math.min(count, all.size())) {
            Vec at = all.get(next).at();
            chosen.add(all.get(next));
            away[next] = -1;
            int farthest = next;
            for (int i = 0; i < away.length; i++) {
                if (away[i] >= 0) {
                    Vec other = all.get(i).at();
                    Vec off = other.minus(at);
                    away[i] = Math.min(away[i], off.x() * off.x() + off.y() * off.y() + DEEP * off.z() * off.z());
                }
                farthest = away[i] > away[farthest] ? i : farthest;
            }
            next = farthest;
        }
        return chosen;
    }

    private boolean isHangingRaceme() {
        Cultivar plant = growth.plant();
        return form == Inflorescence.RACEME
                && (plant.kind() == Kind.CLIMBER
                        || plant.botanical().startsWith("Pieris")
                        || plant.botanical().startsWith("Leucothoe"));
    }

    /** On the tops of the stems, or on stalks of their own; more than one where there is room. */
    private void raised(double any, boolean stalked) {
        double high = high();
        double zone = Math.max(space.top() - space.height() * 0.92, space.height() * 0.45);
        double room = 2 * space.halfWidth() * zone * 0.62;
        int most = growth.plant().kind() == Kind.BULB ? most(2, 3, 4, 4, 4) : most(10, 14, 44, 70, 96);
        int least = fewest();
        double each = Heads.isLong(form) ? size * 0.6 * high * 0.6 : size * Math.max(size * 0.55, high * 0.62);
        int full = isCandelabra() ? CANDELABRA : (int) Math.max(least, Math.min(most, room / each));
        int shown = (int) Math.max(1, Math.round(full * any));
        int foots = Math.max(1, shoots.size());
        List<Shoot> among = fromTops() ? apart(tops(), shown) : shoots;
        for (int i = 0; i < shown; i++) {
            Shoot shoot =
                    among == shoots ? shoots.get((int) ((i * 0.6180339887 % 1) * foots)) : among.get(i % among.size());
            head(shoot, stage(i, shown), i >= foots || full > foots, high, stalked);
        }
    }

    /** Whether stems bear the flowers, rather than stalks of their own from the ground. */
    private boolean fromTops() {
        return shoots.stream().anyMatch(shoot -> shoot.at().y() > space.height() * TOPS);
    }

    private List<Shoot> tops() {
        return shoots.stream()
                .filter(shoot -> shoot.at().y() > space.height() * TOPS)
                .toList();
    }

    private void head(Shoot shoot, HeadStage stage, boolean shared, double high, boolean stalked) {
        double down = shared
                ? Math.pow(space.chance().nextDouble(), 1.4)
                : space.chance().nextDouble() * 0.5;
        double top = space.top() - down * Math.max(space.top() - space.height() * 0.8, space.top() * 0.2) - high / 2;
        double out = Math.hypot(shoot.at().x(), shoot.at().z()) / space.halfWidth();
        double up = Math.max(space.height() * 0.5, top * (1 - 0.16 * out * out));
        boolean fromTop = shoot.at().y() > space.height() * 0.45;
        double besideTop = size * (shared ? 1.1 : 0.25);
        double spreadOut = fromTop ? besideTop : up * splay();
        Vec lean = fromTop
                ? new Vec(space.wobble(), 0, space.wobble())
                : shoot.to().plus(new Vec(space.wobble() * 0.4, 0, space.wobble() * 0.4));
        double edge = Math.max(0, space.halfWidth() - size / 2);
        double x = Math.max(-edge, Math.min(edge, shoot.at().x() + lean.x() * spreadOut));
        Vec at = new Vec(x, up, shoot.at().z() + lean.z() * spreadOut);
        if (stalked && up > shoot.at().y()) {
            double width = Math.max(
                    0.3,
                    Math.min(
                            Math.min(space.cm(0.3), size * 0.09), space.detail().units() * 0.004));
            Vec bend = shoot.at().plus(at.minus(shoot.at()), 0.55).plus(new Vec(-lean.x() * spreadOut * 0.2, 0, 0));
            Vec end = at.plus(Vec.DOWN, high * 0.4);
            if (end.y() > shoot.at().y()) {
                figure.stem(List.of(shoot.at(), bend, end), width, width, false);
            }
        }
        Vec facing = form == Inflorescence.BELL
                ? Vec.DOWN
                : new Vec(lean.x() * 0.5, 0.55, 0.4 + space.wobble() * 0.5).unit();
        figure.head(at, facing, size * space.between(0.82, 1.08), high * space.between(0.82, 1.05), stage);
    }

    /** Of one head. */
    private double high() {
        double wide = size;
        if (!Heads.isLong(form)) {
            return form == Inflorescence.CORYMB || form == Inflorescence.LACECAP ? wide * 0.6 : wide;
        }
        double share = switch (form) {
            case SPIKE -> 4.5;
            case WHORL -> 4.2;
            case RACEME -> 3;
            case PLUME -> 2.6;
            case CATKIN -> 2.4;
            default -> 1.5;
        };
        double stalk = space.top() - space.height() * 0.9;
        if (isCandelabra()) {
            return Math.min(wide * 3, stalk * 0.75);
        }
        double most = isHerb() ? Math.max(stalk * 0.85, space.top() * 0.22) : space.height() * 0.3;
        return Math.max(Math.min(wide * share, most), wide * 0.9);
    }

    private HeadStage stage(int head, int of) {
        BloomStage bloom = growth.bloom();
        if (head == 0 && bloom.open() > 0) {
            return HeadStage.OPEN;
        }
        double place = (head + 0.5) / of;
        double mixed = place * 7.31 - Math.floor(place * 7.31);
        double at = mixed * (bloom.open() + bloom.buds() + bloom.fading() + bloom.seeds());
        if (at < bloom.open()) {
            return HeadStage.OPEN;
        }
        if (at < bloom.open() + bloom.buds()) {
            return HeadStage.BUD;
        }
        return at < bloom.open() + bloom.buds() + bloom.fading() ? HeadStage.FADING : HeadStage.SEED;
    }

    /** How many fruits hang in one cluster. */
    private int together() {
        if (growth.anatomy().fruitCm() > 1.4) {
            return 1;
        }
        return growth.anatomy().inflorescence() == Inflorescence.CORYMB ? 6 : 3;
    }

    /** In clusters under the outer shoots. */
    void fruit() {
        double each = Math.max(1, space.cm(growth.anatomy().fruitCm()));
        int most = most(12, 18, 60, 130, 210);
        double area = 2 * space.halfWidth() * space.height() * 0.7;
        int grade = Merits.of(growth.plant()).grades().getOrDefault(Merit.FRUIT, 0);
        int together = together();
        double share = 0.045 + 0.05 * grade;
        int clusters = (int) Math.max(4, Math.min(most, share * area / (each * each * together)));
        List<Shoot> outer = shoots.stream()
                .filter(shoot -> shoot.outer() > 0.45 && shoot.at().z() > -space.halfWidth() * 0.3)
                .toList();
        for (int i = 0; i < clusters && !outer.isEmpty(); i++) {
            Shoot shoot = outer.get((int) ((i * 0.6180339887 % 1) * outer.size()));
            for (int k = 0; k < together; k++) {
                double turn = k * Space.GOLDEN;
                double away = each * 0.75 * Math.sqrt(k);
                Vec at = shoot.at().plus(new Vec(Math.cos(turn) * away, -each * 0.5 + Math.sin(turn) * away * 0.8, 1));
                figure.berry(at, each * space.between(0.85, 1.1));
            }
        }
    }

    private int most(int mark, int small, int card, int large, int page) {
        return switch (space.detail()) {
            case MARK -> mark;
            case SMALL -> small;
            case CARD -> card;
            case LARGE -> large;
            case PAGE -> page;
        };
    }
}
