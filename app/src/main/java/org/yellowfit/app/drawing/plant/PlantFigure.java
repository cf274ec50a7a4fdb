package org.yellowfit.app.drawing.plant;

import java.util.List;
import java.util.Random;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.core.plant.Anatomy;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.BloomStage;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.season.Standing;

/** A plant in one state, grown in space and ready to be painted. The same plant grows the same each time. */
public final class PlantFigure {

    /** What barely stands above the ground is drawn with so much of its height. */
    private static final double LEAST_SHOWN = 0.12;

    private static final double STUBBLE_SHARE = 0.07;
    private static final double LEANS = 0.2;
    /** Of its length, a leaf that has just left its bud. */
    private static final double YOUNGEST = 0.3;

    private final Cultivar plant;
    private final PlantState state;
    private final Growing growth;
    private final Structure structure;
    private final Figure figure;

    private PlantFigure(
            Cultivar plant, PlantState state, GrowingPlace place, double unitsPerM, Detail detail, int which) {
        this.plant = plant;
        this.state = state;
        LeafForm said = LeafForm.of(plant);
        Structure built = Structure.of(plant, said);
        // The leaflets of a feather palm are what its fronds are drawn of.
        LeafForm leaf = built == Structure.PALM && said == LeafForm.PINNATE ? LeafForm.LANCE : said;
        double height = Math.max(LEAST_SHOWN * state.fullHeightM(), state.heightM()) * unitsPerM;
        boolean straw = state.look().standing() == Standing.STRAW;
        double top =
                (straw ? state.fullFlowerHeightM() : Math.max(state.heightInFlowerM(), seedTop(state))) * unitsPerM;
        Space space = new Space(
                Math.max(0.5, state.spreadM() * unitsPerM / 2),
                height,
                Math.max(height, top),
                unitsPerM,
                new Random(plant.id().hashCode() * 31L + 7 + which * 1_000_003L),
                detail);
        this.growth = new Growing(
                plant,
                Anatomy.of(plant),
                leaf,
                space,
                state.ageYears(),
                Math.max(0.05, Math.min(1, state.fullHeightM() / Math.max(0.05, state.ultimateM()) * 1.15)),
                vigour(plant, place),
                leaves(state),
                YOUNGEST + (1 - YOUNGEST) * unfolded(state),
                state.bloom());
        this.structure = built;
        this.figure = grow();
    }

    /**
     * @param which one of many of a kind, so that no two are the same; 0 for a plant by itself
     */
    public static PlantFigure of(
            Cultivar plant, PlantState state, GrowingPlace place, double unitsPerM, Detail detail, int which) {
        return new PlantFigure(plant, state, place, unitsPerM, detail, which);
    }

    /** From the front: the origin where it stands, y down. */
    public String front() {
        return front(0);
    }

    /** @param pale 0 for its own colours to 1 for those of the paper: how far off it seems */
    String front(double pale) {
        return state.look().standing() == Standing.BELOW_GROUND ? stubble() : support() + paint(Viewpoint.FRONT, pale);
    }

    /** From above: the origin where it stands, the front below. */
    public String above() {
        return state.look().standing() == Standing.BELOW_GROUND ? "" : paint(Viewpoint.ABOVE, 0);
    }

    private String paint(Viewpoint view, double pale) {
        return Painter.paint(figure, growth, Colours.of(plant, state, pale), view);
    }

    /** What it throws on the ground. */
    public static String shadow(double halfWidth) {
        return halfWidth <= 0
                ? ""
                : "<ellipse cx=\"" + Pen.text(halfWidth * 0.06) + "\" rx=\"" + Pen.text(halfWidth * 0.94) + "\" ry=\""
                        + Pen.text(Math.max(0.8, halfWidth * 0.075)) + "\" fill=\"#3d3527\" fill-opacity=\".16\"/>";
    }

    /** Seed heads stand as high as the flowers did. */
    private static double seedTop(PlantState state) {
        BloomStage bloom = state.bloom();
        return bloom.seeds() + bloom.fading() > 0.2
                ? state.fullFlowerHeightM() * state.look().heightShare()
                : 0;
    }

    /** 0 as leaves and fronds begin to unfold in spring to 1 from when they are full grown. */
    private static double unfolded(PlantState state) {
        return state.unfolding()
                ? Math.min(state.look().leafShare(), state.look().heightShare())
                : 1;
    }

    private static double leaves(PlantState state) {
        return switch (state.look().standing()) {
            // In spring all leaves come at once, and grow.
            case IN_LEAF ->
                state.unfolding()
                        ? Math.sqrt(state.look().leafShare())
                        : state.look().leafShare();
            case STRAW -> 0.5;
            default -> 0;
        };
    }

    /** Less than it wants of the sun makes it thin and long (B2, B7). */
    private static double vigour(Cultivar plant, GrowingPlace place) {
        double wanted = plant.get(Traits.SUN_FLOWER)
                .or(() -> plant.get(Traits.SUN_LIVE))
                .orElse(0.0);
        return place.sunHours().isEmpty() || wanted <= 0
                ? 1
                : Math.max(0.3, Math.min(1, place.sunHours().getAsDouble() / wanted));
    }

    private Figure grow() {
        Growing.Grown grown = switch (structure) {
            case CROWN, CLIMBER -> Crown.grow(growth);
            case CANES -> Canes.shrub(growth);
            case WEEPING -> Canes.weeping(growth);
            case TIERS -> Tiers.grow(growth);
            case PALM -> Palm.grow(growth);
            case BAMBOO -> Canes.bamboo(growth);
            case LEAFY_STEMS -> LeafyStems.grow(growth);
            case ROSETTE -> Rosette.grow(growth);
            case TUSSOCK -> Tussock.grow(growth);
            case FRONDS -> Fronds.grow(growth, unfolded(state));
            case CUSHION -> Cushion.grow(growth);
        };
        if (growth.vigour() < 1) {
            lean(grown.figure());
        }
        Fitting.fit(grown.figure(), growth.space());
        Flowering flowering = new Flowering(growth, grown);
        flowering.flower();
        if (state.look().fruit().isPresent()) {
            flowering.fruit();
        }
        return Fitting.inside(grown.figure(), growth.space(), growth.leaf());
    }

    /** Towards the light. */
    private void lean(Figure grown) {
        double by = LEANS * (1 - growth.vigour());
        Fitting.move(grown, at -> new Vec(at.x() + by * at.y(), at.y(), at.z()));
    }

    /** Wires on which a climber is trained. */
    private String support() {
        if (structure != Structure.CLIMBER) {
            return "";
        }
        Space space = growth.space();
        Pen wires = new Pen();
        for (int i = 1; i <= 4; i++) {
            wires.move(-space.halfWidth(), -space.height() * i * 0.24).line(2 * space.halfWidth(), 0);
        }
        for (int i = -1; i <= 1; i++) {
            wires.move(i * space.halfWidth() * 0.66, 0).line(0, -space.height());
        }
        return wires.stroked("#a59d8d", Math.max(0.4, space.size() * 0.006), 0.8);
    }

    /** Stubs where the plant sleeps. */
    private String stubble() {
        double wide = state.fullSpreadM() * growth.space().unitsPerM();
        double high = Math.max(1.5, state.fullHeightM() * growth.space().unitsPerM() * STUBBLE_SHARE);
        Pen stubs = new Pen();
        for (int i = -4; i <= 4; i++) {
            stubs.move(i * wide * 0.05, 0).line(i * 0.04 * wide * 0.2, -high * (0.7 + 0.3 * ((i * 5) & 3) / 3));
        }
        return stubs.stroked("#a2957e", Math.max(0.6, high * 0.16), 0.9);
    }

    List<Figure.Leaf> leaves() {
        return figure.leaves;
    }

    Figure figure() {
        return figure;
    }
}
