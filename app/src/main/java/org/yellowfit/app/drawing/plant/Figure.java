package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;

/** What there is of a plant to be painted, in space. */
final class Figure {

    /**
     * A stem along points.
     *
     * @param from  its width at the first point, and {@code to} at the last
     * @param wood  whether it has bark
     */
    record Stem(List<Vec> along, double from, double to, boolean wood) {}

    /**
     * A leaf, or a spray of small ones.
     *
     * @param to    where it points, of length 1
     * @param light how much light falls on it, −1 to 1
     */
    record Leaf(Vec at, Vec to, double length, double light, Hue hue) {}

    /**
     * A blade of grass or a strap: a curve from its foot to its tip.
     *
     * @param bend  the point that pulls the curve
     * @param width where it is widest
     */
    record Blade(Vec foot, Vec bend, Vec tip, double width, double light, Hue hue) {}

    /**
     * A flower or a head of flowers.
     *
     * @param to   where it faces, of length 1
     * @param size its width, and {@code high} its height
     */
    record Head(Vec at, Vec to, double size, double high, HeadStage stage) {}

    record Berry(Vec at, double size) {}

    final List<Stem> stems = new ArrayList<>();
    final List<Leaf> leaves = new ArrayList<>();
    final List<Blade> blades = new ArrayList<>();
    final List<Head> heads = new ArrayList<>();
    final List<Berry> berries = new ArrayList<>();

    void stem(List<Vec> along, double from, double to, boolean wood) {
        stems.add(new Stem(along, from, to, wood));
    }

    void leaf(Vec at, Vec to, double length, double light, Hue hue) {
        leaves.add(new Leaf(at, to, length, light, hue));
    }

    void blade(Vec foot, Vec bend, Vec tip, double width, double light, Hue hue) {
        blades.add(new Blade(foot, bend, tip, width, light, hue));
    }

    void head(Vec at, Vec to, double size, double high, HeadStage stage) {
        heads.add(new Head(at, to, size, high, stage));
    }

    void berry(Vec at, double size) {
        berries.add(new Berry(at, size));
    }
}
