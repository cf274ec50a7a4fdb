package org.yellowfit.app.drawing.plant;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.app.drawing.pen.Tones;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Anatomy;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Variegation;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.season.Standing;

/** Mixes the colours a plant is painted in on a day. */
final class Colours {

    private static final OkLab LEAF = OkLab.ofRgb(0x5f8146);
    private static final OkLab FLOWER = OkLab.ofRgb(0xe8dfd0);
    private static final OkLab BARK = OkLab.ofRgb(0x7d6a58);
    private static final OkLab WITHERED = OkLab.ofRgb(0xa98a5c);
    private static final OkLab SEED = OkLab.ofRgb(0x7a5b3a);
    private static final OkLab GOLD = OkLab.ofRgb(0xe0a92e);
    private static final OkLab BROWN = OkLab.ofRgb(0x6d3f22);
    private static final OkLab STRAW = OkLab.ofRgb(0xc8b27e);
    private static final OkLab FRUIT = OkLab.ofRgb(0xb5262e);

    private static final double PALE_FROM = 0.8;
    private static final double PALE_LEAF_FROM = 0.9;

    private static final OkLab PAPER = OkLab.ofRgb(0xf1ead9);

    private final double pale;
    private final Cultivar plant;
    private final PlantState state;
    private final Variegation variegation;

    private Colours(Cultivar plant, PlantState state, double pale) {
        this.pale = pale;
        this.plant = plant;
        this.state = state;
        this.variegation = Anatomy.of(plant).variegation();
    }

    static Painter.Palette of(Cultivar plant, PlantState state) {
        return of(plant, state, 0);
    }

    /** @param pale 0 for the plant's own colours to 1 for the paper's */
    static Painter.Palette of(Cultivar plant, PlantState state, double pale) {
        return new Colours(plant, state, pale).mix();
    }

    private Painter.Palette mix() {
        Map<Hue, Painter.Palette.Blade> blades = new EnumMap<>(Hue.class);
        put(blades, Hue.LEAF, state.look().leaves());
        put(blades, Hue.TIP, tips());
        put(blades, Hue.INNER, state.innerLeaves());
        put(blades, Hue.SECOND, second());
        OkLab flower = state.look()
                .flower()
                .or(() -> first(plant.colours(Traits.FLOWER_COLOURS)))
                .map(Colour::lab)
                .orElse(FLOWER);
        OkLab leaf = first(state.look().leaves()).map(Colour::lab).orElse(LEAF);
        boolean straw = state.look().standing() == Standing.STRAW;
        return new Painter.Palette(
                blades,
                tones(bark()),
                tones(straw ? STRAW : between(leaf, LEAF, 0.3)),
                tones(flower),
                tones(between(flower, WITHERED, 0.5)),
                tones(between(leaf, flower, 0.45)),
                tones(straw ? between(SEED, STRAW, 0.25) : seed()),
                tones(heart(flower)),
                tones(state.look().fruit().map(Colour::lab).orElse(FRUIT)),
                bark().lightness() > PALE_FROM);
    }

    /** Young leaves keep their colour where the plant is grown for it. */
    private List<Colour> tips() {
        boolean kept = variegation == Variegation.NEW_GROWTH
                && state.look().standing() == Standing.IN_LEAF
                && state.look().leaves().equals(state.tipLeaves());
        return kept && plant.colours(Traits.LEAF_SUMMER).size() > 1
                ? plant.colours(Traits.LEAF_SUMMER).subList(1, 2)
                : state.tipLeaves();
    }

    private List<Colour> second() {
        List<Colour> leaves = state.look().leaves();
        return leaves.size() > 1 ? List.of(leaves.get(1), leaves.get(0)) : leaves;
    }

    /** Of a variegated leaf's width, what is seen within its margin: 0 where it is splashed. */
    private double within() {
        return switch (variegation) {
            case MARGIN -> 0.85;
            case CENTRE -> 0.52;
            default -> 0;
        };
    }

    private void put(Map<Hue, Painter.Palette.Blade> blades, Hue hue, List<Colour> colours) {
        OkLab main = first(colours).map(Colour::lab).orElse(LEAF);
        boolean two = colours.size() > 1 && variegation != Variegation.NEW_GROWTH && variegation != Variegation.NONE;
        if (!two) {
            blades.put(hue, new Painter.Palette.Blade(tones(main), null, 0, tones(main)));
            return;
        }
        Tones first = tones(main);
        Tones other = tones(colours.get(1).lab());
        boolean margin = variegation == Variegation.MARGIN;
        double share = within();
        Tones edge = margin ? other : first;
        // A leaf nearly as white as the paper keeps green veins and a green outline.
        boolean white = share == 0 && main.lightness() > PALE_LEAF_FROM;
        Tones within = margin ? first : other;
        Tones line = white ? other : edge;
        blades.put(hue, new Painter.Palette.Blade(edge, within, share, line));
    }

    private OkLab bark() {
        return state.look()
                .stem()
                .or(() -> plant.get(Traits.STEM_WINTER))
                .map(Colour::lab)
                .orElse(BARK);
    }

    private OkLab seed() {
        boolean dries = switch (Anatomy.of(plant).inflorescence()) {
            case MOPHEAD, LACECAP, PANICLE, PLUME -> true;
            default -> false;
        };
        return dries ? WITHERED : SEED;
    }

    /** The eye of a flower: gold in cool and pale ones, brown in warm ones; general for daisies. */
    private OkLab heart(OkLab flower) {
        boolean cone = plant.botanical().startsWith("Echinacea");
        boolean warm = flower.b() > 0.07 && flower.chroma() > 0.09;
        boolean yellowEye = Anatomy.of(plant).inflorescence() != org.yellowfit.core.plant.Inflorescence.DAISY;
        if (cone) {
            return OkLab.ofRgb(0xa8521f);
        }
        return warm && !yellowEye ? BROWN : GOLD;
    }

    private Tones tones(OkLab colour) {
        return new Tones(pale > 0 ? between(colour, PAPER, pale) : colour);
    }

    private static OkLab between(OkLab from, OkLab to, double share) {
        return new OkLab(
                from.lightness() + (to.lightness() - from.lightness()) * share,
                from.a() + (to.a() - from.a()) * share,
                from.b() + (to.b() - from.b()) * share);
    }

    private static java.util.Optional<Colour> first(List<Colour> colours) {
        return colours.isEmpty() ? java.util.Optional.empty() : java.util.Optional.of(colours.get(0));
    }
}
