package org.yellowfit.app.drawing;

import java.util.List;
import java.util.Random;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.DayLook;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.season.Standing;

/**
 * The silhouette of one plant in one month, computed from its habit, size, leaves, flowers, fruit and stems.
 *
 * @param svg         the drawing; origin where the plant stands, {@code unitsPerM} units to the metre
 * @param widthUnits  of the space it takes, the origin in the middle
 * @param heightUnits above the ground, flowers included
 */
public record PlantSketch(String svg, double widthUnits, double heightUnits, double unitsPerM) {

    private static final double LONGER_SIDE = 100;
    /** What barely stands above the ground is drawn with so much of its height. */
    private static final double LEAST_SHOWN = 0.12;

    private static final OkLab DEFAULT_LEAF = OkLab.ofRgb(0x5f8146);
    private static final OkLab DEFAULT_FLOWER = OkLab.ofRgb(0xe8dfd0);
    private static final OkLab BARK = OkLab.ofRgb(0x7d6a58);

    /** The picture holds the plant as it is full grown for the year, whatever of it is to be seen. */
    public static PlantSketch of(Cultivar plant, PlantState state, Detail detail) {
        double tallest = Math.max(state.fullHeightM(), state.fullFlowerHeightM());
        double unitsPerM = LONGER_SIDE / Math.max(tallest, state.fullSpreadM());
        String svg = state.look().standing() == Standing.BELOW_GROUND
                ? bareGround(state.fullSpreadM() * unitsPerM)
                : new Drawer(plant, state, detail, unitsPerM).draw();
        return new PlantSketch(svg, state.fullSpreadM() * unitsPerM, tallest * unitsPerM, unitsPerM);
    }

    /** Stubs and a label stick where the plant sleeps. */
    private static String bareGround(double width) {
        Pen stubs = new Pen();
        for (int i = -2; i <= 2; i++) {
            stubs.move(i * width * 0.06, 0).line(i * 0.5, -2.4 - (i & 1));
        }
        return stubs.stroked("#a2957e", 0.8, 0.9);
    }

    private static final class Drawer {

        private final Cultivar plant;
        private final DayLook look;
        private final Detail detail;
        private final Profile profile;
        private final LeafForm form;
        private final PlantCanvas frame;
        private final double flowerTop;
        private final boolean tree;

        Drawer(Cultivar plant, PlantState state, Detail detail, double unitsPerM) {
            this.plant = plant;
            this.look = state.look();
            this.detail = detail;
            this.tree = plant.kind() == Kind.TREE;
            this.profile = Profile.of(plant.habit(), tree);
            this.form = LeafForm.of(plant);
            double height = Math.max(LEAST_SHOWN * state.fullHeightM(), state.heightM()) * unitsPerM;
            double wide = state.spreadM() * unitsPerM / 2;
            this.frame = new PlantCanvas(
                    wide, height, unitsPerM, new Random(plant.id().hashCode() * 31L + 7));
            // Seed heads stand as high as the flowers did.
            double top = look.standing() == Standing.STRAW ? state.fullFlowerHeightM() : state.heightInFlowerM();
            this.flowerTop = Math.max(1, top * unitsPerM / height);
        }

        String draw() {
            StringBuilder out = new StringBuilder(shadow());
            if (plant.kind() == Kind.CLIMBER) {
                out.append(support());
            }
            out.append(body());
            look.fruit().ifPresent(fruit -> out.append(new Flowers(frame, profile, detail).fruit(fruit.lab())));
            if (look.flowerShare() > 0) {
                OkLab colour = look.flower().map(Colour::lab).orElse(DEFAULT_FLOWER);
                FlowerForm flower = FlowerForm.of(plant);
                out.append(new Flowers(frame, profile, detail)
                        .draw(flower, colour, look.flowerShare(), flowerTop, onStems(flower)));
            }
            return out.toString();
        }

        private boolean onStems(FlowerForm flower) {
            boolean herbaceous =
                    !plant.persistence().isWoody() || plant.kind() == Kind.PERENNIAL || plant.kind() == Kind.GRASS;
            return flower.isOnStems() && herbaceous || flowerTop > 1.15;
        }

        private String shadow() {
            return "<ellipse rx=\"" + Pen.text(frame.halfWidth() * 0.96) + "\" ry=\""
                    + Pen.text(Math.max(0.8, frame.halfWidth() * 0.075)) + "\" fill=\"#3d3527\" fill-opacity=\".16\"/>";
        }

        /** Wires on which a climber is trained. */
        private String support() {
            Pen wires = new Pen();
            for (int i = 1; i <= 4; i++) {
                wires.move(-frame.halfWidth(), frame.y(i * 0.24)).line(2 * frame.halfWidth(), 0);
            }
            for (int i = -1; i <= 1; i++) {
                wires.move(i * frame.halfWidth() * 0.66, 0).line(0, frame.y(1));
            }
            return wires.stroked("#a59d8d", 0.5, 0.7);
        }

        private String body() {
            if (plant.habit() == Habit.BAMBOO_LIKE) {
                return new Blades(frame, plant.habit(), detail).canes(leafColours(), frame.size() * 0.13);
            }
            if (form == LeafForm.FROND) {
                return new Blades(frame, plant.habit(), detail).fronds(leafColours());
            }
            if (form.isBlade()) {
                boolean strap = plant.kind() != Kind.GRASS
                        && plant.get(Traits.LEAF_SHAPE).orElse("").equals("strap");
                return new Blades(frame, plant.habit(), detail).blades(leafColours(), strap ? 0.055 : 0.018);
            }
            boolean wands =
                    plant.habit() == Habit.ARCHING || plant.habit() == Habit.FOUNTAIN || plant.habit() == Habit.WEEPING;
            return wands ? wands() : crown();
        }

        private String wands() {
            double leaf = Math.max(frame.size() * 0.075, Math.min(frame.size() * 0.13, realLeaf() * frame.unitsPerM()));
            boolean hanging = plant.habit() == Habit.WEEPING;
            String trunk = hanging ? Skeleton.draw(frame, profile, true, bark(), 0) : "";
            List<OkLab> colours = leafColours();
            String behind = hanging && look.leafShare() > 0.5
                    ? new FoliageShapes(frame, profile, form, detail, look.leafShare()).draw(colours, realLeaf())
                    : "";
            return trunk
                    + behind
                    + new Blades(frame, plant.habit(), detail)
                            .wands(colours, bark(), form, leaf, look.leafShare(), hanging);
        }

        private String crown() {
            String wood = plant.persistence().isWoody() && plant.kind() != Kind.PERENNIAL
                    ? Skeleton.draw(frame, profile, tree, bark(), look.leafShare() > 0.6 ? 0 : detail.branching)
                    : "";
            if (look.standing() == Standing.BARE_STEMS) {
                return wood;
            }
            if (look.standing() == Standing.STRAW) {
                return new Flowers(frame, profile, detail)
                        .draw(FlowerForm.of(plant), leafColours().get(0), 0.6, Math.max(0.9, flowerTop * 0.92), true);
            }
            return wood
                    + new FoliageShapes(frame, profile, form, detail, look.leafShare()).draw(leafColours(), realLeaf());
        }

        private List<OkLab> leafColours() {
            return look.leaves().isEmpty()
                    ? List.of(DEFAULT_LEAF)
                    : look.leaves().stream().map(Colour::lab).toList();
        }

        private OkLab bark() {
            return look.stem()
                    .or(() -> plant.get(Traits.STEM_WINTER))
                    .map(Colour::lab)
                    .orElse(BARK);
        }

        private double realLeaf() {
            return LeafForm.realLengthM(plant.get(Traits.LEAF_TEXTURE).orElse(LeafTexture.MEDIUM));
        }
    }
}
