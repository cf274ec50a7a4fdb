package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Traits;

/** Trees with a trunk and shrubs of many stems, branching into the space their habit gives them. */
final class Crown {

    /** Of the height, the girth of an old trunk, and of a shrub's stems; general for garden trees. */
    private static final double TRUNK = 0.034;

    private static final double STEM = 0.016;
    private static final double DENSE = 1.7;
    /** Share of the places branches grow to that lie on the outline. */
    private static final double OUTLINE = 0.3;

    /** A small picture shows about so many of the season's shoots, up to three on each end. */
    private static final int TWIGS = 270;

    private final Growing growth;
    private final Space space;
    private final Profile profile;
    private final Figure figure = new Figure();
    private final boolean tree;
    private final Branches wood = new Branches();

    private Crown(Growing growth) {
        this.growth = growth;
        this.space = growth.space();
        Habit habit = growth.plant().habit();
        this.tree = growth.plant().kind() == Kind.TREE || habit == Habit.STANDARD;
        this.profile = Profile.of(habit, tree).younger(growth.maturity());
    }

    static Growing.Grown grow(Growing growth) {
        Crown crown = new Crown(growth);
        crown.branch();
        crown.stems();
        crown.shade();
        List<Shoot> shoots = Foliage.over(growth, crown.wood, crown.profile, crown.figure, crown.cover());
        return new Growing.Grown(crown.figure, shoots);
    }

    private void branch() {
        double step = Math.max(space.height(), 2 * space.halfWidth()) * 0.032;
        if (tree) {
            trunk(step);
        } else {
            bases(step);
        }
        wood.grow(places(), step, bent());
    }

    private void trunk(double step) {
        double to = space.height() * Math.max(leader(), Math.max(0.16, profile.crownFrom() + 0.05));
        int parts = (int) Math.max(3, to / step);
        double lean = space.wobble() * 0.04 * space.halfWidth();
        int last = -1;
        for (int i = 0; i <= parts; i++) {
            double up = (double) i / parts;
            last = wood.add(new Vec(lean * Math.sin(up * 2.6), to * up, lean * 0.6 * Math.sin(up * 4)), last);
        }
    }

    /** How far up its trunk goes on as one, of the height. */
    private double leader() {
        return switch (profile.habit()) {
            case PYRAMIDAL, COLUMNAR -> 0.86;
            case UPRIGHT -> 0.7;
            default -> 0;
        };
    }

    private void bases(double step) {
        int stems =
                (int) Math.round(3 + 5 * growth.maturity() + 2 * space.chance().nextDouble());
        for (int i = 0; i < stems; i++) {
            double turn = i * Space.GOLDEN + space.wobble() * 0.3;
            double out = Math.sqrt((i + 0.5) / stems);
            Vec at = new Vec(Math.cos(turn), 0, Math.sin(turn)).times(out * space.halfWidth() * foot());
            Vec to = Vec.direction(turn, Math.PI / 2 - out * lean()).unit();
            int last = wood.add(at, -1);
            int parts = (int) Math.max(2, straight() / step);
            for (int k = 1; k <= parts; k++) {
                last = wood.add(at.plus(to, k * step), last);
            }
        }
    }

    /** How far from the middle its stems leave the ground, of half its width. */
    private double foot() {
        return switch (profile.habit()) {
            case UPRIGHT -> 0.42;
            case VASE -> 0.07;
            case SPREADING -> 0.18;
            default -> 0.16;
        };
    }

    private boolean isSpreading() {
        return profile.habit() == Habit.SPREADING && !tree;
    }

    /** How long its stems are before they branch, in units. */
    private double straight() {
        return isSpreading() ? 0.6 * Math.min(space.height(), space.halfWidth()) : 0.16 * space.height();
    }

    private double lean() {
        return switch (profile.habit()) {
            case COLUMNAR -> 0.12;
            case UPRIGHT -> 0.15;
            case VASE -> 0.6;
            case SPREADING -> 1.25;
            default -> 0.8;
        };
    }

    private Vec bent() {
        return switch (profile.habit()) {
            case COLUMNAR -> new Vec(0, 0.9, 0);
            case UPRIGHT -> new Vec(0, 0.7, 0);
            case VASE -> new Vec(0, 0.35, 0);
            case SPREADING -> new Vec(0, -0.12, 0);
            case MOUND -> new Vec(0, 0.3, 0);
            default -> new Vec(0, 0.12, 0);
        };
    }

    /** Places in the crown, more of them towards its outside where the leaves are, and some all along its outline. */
    private List<Vec> places() {
        int wanted = (int) (120 + 260 * growth.maturity());
        List<Vec> places = new ArrayList<>(wanted);
        outline(places, (int) (wanted * (isSpreading() ? OUTLINE / 3 : OUTLINE)));
        for (int tries = 0; places.size() < wanted && tries < wanted * 12; tries++) {
            double v = layered(space.between(profile.crownFrom(), 0.985));
            double wide = profile.halfWidth(v);
            if (space.chance().nextDouble() > wide + 0.05) {
                continue;
            }
            double out = Math.pow(space.chance().nextDouble(), 0.36) * wide * space.halfWidth() * 0.96;
            double turn = space.chance().nextDouble() * 2 * Math.PI;
            places.add(new Vec(Math.cos(turn) * out, v * space.height(), Math.sin(turn) * out));
        }
        return places;
    }

    /** What gives a habit its shape is seen bare too. */
    private void outline(List<Vec> places, int count) {
        for (int i = 0; i < count; i++) {
            double v = profile.crownFrom() + (0.985 - profile.crownFrom()) * (i + 0.5) / count;
            double out = space.between(0.88, 0.97) * profile.halfWidth(v) * space.halfWidth();
            double turn = i * Space.GOLDEN;
            places.add(new Vec(Math.cos(turn) * out, v * space.height(), Math.sin(turn) * out));
        }
    }

    /** What spreads holds its branches out level, in layers with air between them. */
    private double layered(double v) {
        if (!isSpreading()) {
            return v;
        }
        double layers = 3 + Math.round(2 * growth.maturity());
        double at = (v - profile.crownFrom()) / (1 - profile.crownFrom()) * layers;
        double within = (Math.floor(at) + 0.62 + 0.36 * (at - Math.floor(at))) / layers;
        return profile.crownFrom() + (1 - profile.crownFrom()) * Math.min(0.985, within);
    }

    private void stems() {
        double girth = tree ? space.height() * TRUNK * (0.45 + 0.55 * growth.maturity()) : space.height() * STEM;
        double thickest = Math.min(Math.max(girth, 0.9), space.halfWidth() * 0.3);
        double thinnest = space.detail().isAtLeast(Detail.LARGE) ? 0.45 : 0.32;
        int least = growth.isBare() ? 0 : space.detail().of(3, 3, 2);
        for (int[] run : wood.runs()) {
            if (wood.tips(run[run.length > 1 ? 1 : 0]) > least) {
                branch(run, thickest, thinnest);
            }
        }
        if (growth.leaves() < 0.7 && space.detail().isAtLeast(Detail.CARD)) {
            twigs(thinnest);
        }
    }

    private void branch(int[] run, double thickest, double thinnest) {
        List<Vec> along = new ArrayList<>();
        // Nobody sees the wood of a dense crown in leaf but at its foot.
        Vec behind = isClosed() && !tree ? new Vec(0, 0, -space.halfWidth() * 0.6) : Vec.ORIGIN;
        double from = 0;
        for (int node : run) {
            double width = wood.width(node, thickest, thinnest);
            if (along.isEmpty()) {
                // A branch leaves its stem no thicker than it is itself.
                from = run.length > 1 ? Math.min(width, wood.width(run[1], thickest, thinnest) * 1.15) : width;
            }
            along.add(wood.at(node).plus(behind));
            if (along.size() > 2 && width < from * 0.8) {
                figure.stem(List.copyOf(along), from, width, true);
                along.subList(0, along.size() - 1).clear();
                from = width;
            }
        }
        if (along.size() > 1) {
            figure.stem(List.copyOf(along), from, wood.width(run[run.length - 1], thickest, thinnest), true);
        }
    }

    /** The season's shoots, seen while the leaves are off. */
    private void twigs(double width) {
        double length = space.size() * 0.07;
        int ends = 0;
        for (int node = 0; node < wood.count(); node++) {
            ends += wood.tips(node) <= 2 && wood.parent(node) >= 0 ? 1 : 0;
        }
        int each = Math.max(1, Math.min(3, TWIGS / Math.max(1, ends)));
        if (space.detail().isAtLeast(Detail.LARGE)) {
            each = 4;
        }
        for (int node = 0; node < wood.count(); node++) {
            if (wood.tips(node) > 2 || wood.parent(node) < 0) {
                continue;
            }
            Vec at = wood.at(node);
            Vec on = at.minus(wood.at(wood.parent(node))).unit();
            for (int k = 0; k < each; k++) {
                Vec to = on.plus(new Vec(space.wobble(), space.wobble() + 0.25, space.wobble()).times(0.75))
                        .unit();
                Vec end = at.plus(to, length * space.between(0.6, 1.15));
                figure.stem(List.of(at, at.plus(to, length * 0.5).plus(on, length * 0.06), end), width, width, true);
            }
        }
    }

    /** Dense crowns are dark inside: nobody looks through them. */
    private void shade() {
        if (!isClosed()) {
            return;
        }
        int count = space.detail().isAtLeast(Detail.CARD) ? 150 : 40;
        double length = Math.max(3, space.size() * 0.11);
        for (int i = 0; i < count; i++) {
            double v = space.between(profile.crownFrom() + 0.04, 0.86);
            double out = Math.sqrt(space.chance().nextDouble()) * 0.78 * profile.halfWidth(v) * space.halfWidth();
            double turn = i * Space.GOLDEN;
            Vec at = new Vec(Math.cos(turn) * out, v * space.height(), Math.sin(turn) * out * 0.5);
            figure.leaf(at, Vec.direction(turn, space.wobble()), length, -0.9, Hue.INNER);
        }
    }

    private boolean isClosed() {
        return cover() >= DENSE && growth.leaves() >= 0.6;
    }

    /** How many times over the leaves would cover the crown: hedging plants are dense, birches are not. */
    private double cover() {
        double byHabit = switch (profile.habit()) {
            case GLOBE, STANDARD, MOUND, COLUMNAR -> 2.4;
            case PYRAMIDAL -> 1.8;
            case SCRAMBLING -> 2;
            default -> tree ? 1.5 : 1.65;
        };
        boolean airy = growth.plant().get(Traits.LEAF_TEXTURE).orElse(LeafTexture.MEDIUM) == LeafTexture.FINE
                && tree
                && !growth.plant().persistence().equals(org.yellowfit.core.plant.Persistence.EVERGREEN);
        return byHabit * (airy ? 0.72 : 1);
    }
}
