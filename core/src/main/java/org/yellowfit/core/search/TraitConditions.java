package org.yellowfit.core.search;

import java.time.Month;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.ColourWord;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Fragrance;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.Interest;

/** What the phrases of a search ask of a plant. */
final class TraitConditions {

    static final List<Trait<List<Colour>>> LEAVES =
            List.of(Traits.LEAF_SPRING, Traits.LEAF_SUMMER, Traits.LEAF_AUTUMN, Traits.LEAF_WINTER);
    static final List<Trait<List<Colour>>> ANYWHERE =
            List.of(Traits.LEAF_SUMMER, Traits.LEAF_SPRING, Traits.FLOWER_COLOURS);
    /** Leaves whose autumn colour lies farther than this from the summer's turn colour (OKLab). */
    private static final double TURNED = 0.12;

    private TraitConditions() {}

    static <E> Predicate<Cultivar> has(Trait<List<E>> trait, E word) {
        return plant -> plant.has(trait, word);
    }

    static <E> Predicate<Cultivar> is(Trait<E> trait, E word) {
        return plant -> plant.is(trait, word);
    }

    static Predicate<Cultivar> free(Hazard hazard) {
        return plant -> plant.get(Traits.HAZARDS)
                .filter(hazards -> !hazards.contains(hazard))
                .isPresent();
    }

    static double height(Cultivar plant) {
        return plant.height10().mid();
    }

    /** A bare number is metres up to 10 and centimetres above. */
    static Condition size(Matcher m, boolean most) {
        double number = Double.parseDouble(m.group("n").replace(',', '.'));
        String unit = Optional.ofNullable(m.group("unit"))
                .orElse(number > 10 ? "cm" : "m")
                .replaceAll("^met(er|re)s?$", "m")
                .replaceAll("^inch(es)?$", "in")
                .replaceAll("^(foot|feet)$", "ft");
        double metres;
        try {
            metres = unit.equals("mm")
                    ? number / 1000
                    : Length.parse(Numbers.write(number) + " " + unit, UnitSystem.METRIC);
        } catch (IllegalArgumentException e) {
            return null;
        }
        String side = m.group("side");
        boolean wide =
                side != null && List.of("wide", "across", "broad", "spread").contains(side);
        String key = "search." + (most ? "at-most" : "at-least") + (wide ? ".wide" : ".high");
        return new Condition("", Fact.of(key, Numbers.write(number) + " " + unit), plant -> {
            Interval size = wide ? plant.spread10() : plant.height10();
            return most ? size.high() <= metres + 1e-9 : size.high() >= metres - 1e-9;
        });
    }

    static Condition coloured(ColourWord word, List<Trait<List<Colour>>> where, String key) {
        return new Condition("", Fact.of(key, word), plant -> shows(plant, where, word));
    }

    private static boolean shows(Cultivar plant, List<Trait<List<Colour>>> where, ColourWord word) {
        for (Trait<List<Colour>> trait : where) {
            for (Colour colour : plant.colours(trait)) {
                if (word.answeredBy(colour)) {
                    return true;
                }
            }
        }
        return false;
    }

    static Condition blooms(String monthName) {
        Month month = Month.valueOf(monthName.toUpperCase(Locale.ROOT));
        return new Condition(
                "",
                Fact.of("search.in-flower-in", month),
                plant -> Interest.flowersIn(plant, month.getValue(), Optional.empty())
                        .orElse(false));
    }

    static boolean lives(Cultivar plant, double hours) {
        return plant.get(Traits.SUN_LIVE).filter(least -> least <= hours).isPresent();
    }

    static boolean stands(Cultivar plant, double hours) {
        return plant.get(Traits.SUN_MAX).filter(most -> most >= hours).isPresent();
    }

    static boolean moisture(Cultivar plant, double level) {
        return plant.get(Traits.MOISTURE).filter(range -> range.contains(level)).isPresent();
    }

    static boolean ph(Cultivar plant, double value) {
        return plant.get(Traits.PH).filter(range -> range.contains(value)).isPresent();
    }

    static boolean isFragrant(Cultivar plant) {
        return plant.get(Traits.FRAGRANCE)
                .filter(words -> !words.contains(Fragrance.NONE))
                .isPresent();
    }

    static boolean turnsInAutumn(Cultivar plant) {
        List<Colour> summer = plant.colours(Traits.LEAF_SUMMER);
        List<Colour> autumn = plant.colours(Traits.LEAF_AUTUMN);
        return !summer.isEmpty()
                && !autumn.isEmpty()
                && autumn.get(0).lab().distanceTo(summer.get(0).lab()) > TURNED;
    }

    /** The greys and browns of ordinary twigs. */
    static boolean plainStem(Cultivar plant) {
        return plant.get(Traits.STEM_WINTER)
                .filter(stem -> stem.lab().chroma() < 0.09)
                .isPresent();
    }
}
