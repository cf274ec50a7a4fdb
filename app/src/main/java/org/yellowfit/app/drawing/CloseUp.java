package org.yellowfit.app.drawing;

import java.util.List;
import java.util.Random;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Traits;

/** One leaf and one flower of a plant, near enough to tell it from its look-alikes: cut, size, colour and form. */
public final class CloseUp {

    private static final OkLab LEAF = OkLab.ofRgb(0x5f8146);
    private static final OkLab FLOWER = OkLab.ofRgb(0xe8dfd0);
    private static final double SIDE = 60;

    private CloseUp() {}

    /** A leaf upright on its stalk; a large one fills the picture, smaller ones are drawn smaller. */
    public static String leaf(Cultivar plant) {
        LeafForm form = LeafForm.of(plant);
        List<Colour> colours = plant.colours(Traits.LEAF_SUMMER);
        Tones tones = new Tones(colours.isEmpty() ? LEAF : colours.get(0).lab());
        double length = switch (plant.get(Traits.LEAF_TEXTURE).orElse(LeafTexture.MEDIUM)) {
            case FINE -> SIDE * 0.5;
            case MEDIUM -> SIDE * 0.68;
            case BOLD -> SIDE * 0.86;
        };
        Pen blade = new Pen();
        form.draw(blade, 0, -SIDE * 0.06, -Math.PI / 2, length);
        Pen second = new Pen();
        if (colours.size() > 1) {
            form.draw(second, 0, -SIDE * 0.06 - length * 0.14, -Math.PI / 2, length * 0.7);
        }
        Pen veins = new Pen()
                .move(0, 0)
                .line(0, -SIDE * 0.06 - (form == LeafForm.NEEDLE || form.isBlade() ? 0 : length * 0.8));
        String two = colours.size() > 1 ? second.filled(new Tones(colours.get(1).lab()).hex(2), 1) : "";
        return open(Sentences.say("picture.leaf-of", plant.name())) + blade.filled(tones.hex(2), 1) + two
                + veins.stroked(tones.hex(0), 0.9, 0.8) + "</svg>";
    }

    /** A head of flowers; empty for a plant that shows none. */
    public static String flower(Cultivar plant) {
        List<Colour> colours = plant.colours(Traits.FLOWER_COLOURS);
        if (colours.isEmpty()) {
            return "";
        }
        PlantCanvas frame = new PlantCanvas(
                SIDE * 0.4, SIDE * 0.8, SIDE, new Random(plant.id().hashCode()));
        Flowers flowers = new Flowers(frame, Profile.of(plant.habit(), false), Detail.RICH);
        return open(Sentences.say("picture.flower-of", plant.name()))
                + flowers.one(FlowerForm.of(plant), colours.get(0).lab(), SIDE * 0.42, -SIDE * 0.34) + "</svg>";
    }

    private static String open(String label) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"close-up\" viewBox=\"" + Pen.text(-SIDE / 2) + " "
                + Pen.text(-SIDE) + " " + Pen.text(SIDE) + " " + Pen.text(SIDE) + "\" role=\"img\" aria-label=\""
                + PlantDrawing.escaped(label) + "\">";
    }
}
