package org.yellowfit.core.search;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.ColourWord;
import org.yellowfit.core.light.LightClass;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.CutStem;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.season.Interest;
import org.yellowfit.core.season.Merits;

/** A way of sorting plants into a few groups that can be counted. A plant may lie in several groups of one facet. */
public enum Facet {
    KIND(words(Kind.values()), plant -> 1L << plant.kind().ordinal()),
    LEAVES(words(Persistence.values()), plant -> 1L << plant.persistence().ordinal()),
    /** At ten years. */
    HEIGHT(numbered("facet.height", 6), plant -> 1L << band(plant.height10().mid(), 0.3, 0.6, 1.2, 2.5, 6)),
    /** Lives with. */
    SUN(words(LightClass.DEEP_SHADE, LightClass.SHADE, LightClass.PART, LightClass.FULL_SUN), Facet::light),
    ZONE(
            List.of(zone("3"), zone("4"), zone("5"), zone("6"), zone("7"), zone("8"), zone("9"), zone("10")),
            Facet::zones),
    FLOWER(
            words(
                    ColourWord.WHITE,
                    ColourWord.YELLOW,
                    ColourWord.ORANGE,
                    ColourWord.RED,
                    ColourWord.PINK,
                    ColourWord.PURPLE,
                    ColourWord.BLUE,
                    ColourWord.GREEN),
            Facet::flowers),
    /** In flower, by two months. */
    BLOOM(numbered("facet.bloom", 6), Facet::bloom),
    USE(
            words(Use.values()),
            plant -> plant.get(Traits.USES).orElse(List.of()).stream()
                    .mapToLong(use -> 1L << use.ordinal())
                    .reduce(0, (a, b) -> a | b)),
    /** Outstanding for (rule L1), by hand or as its traits tell. */
    MERIT(words(Merit.values()), Facet::outstanding),
    CUT(words(CutStem.FRESH, CutStem.DRIED), Facet::cut);

    private static final List<ColourWord[]> FLOWER_GROUPS = List.of(
            new ColourWord[] {ColourWord.WHITE, ColourWord.CREAM},
            new ColourWord[] {ColourWord.YELLOW, ColourWord.GOLD},
            new ColourWord[] {ColourWord.ORANGE, ColourWord.APRICOT},
            new ColourWord[] {ColourWord.RED, ColourWord.CRIMSON, ColourWord.BURGUNDY},
            new ColourWord[] {ColourWord.PINK, ColourWord.MAGENTA},
            new ColourWord[] {ColourWord.PURPLE, ColourWord.VIOLET, ColourWord.LAVENDER},
            new ColourWord[] {ColourWord.BLUE},
            new ColourWord[] {ColourWord.GREEN, ColourWord.CHARTREUSE, ColourWord.LIME});

    private final List<Fact> groups;
    private final Function<Cultivar, Long> member;

    Facet(List<Fact> groups, Function<Cultivar, Long> member) {
        this.groups = groups;
        this.member = member;
    }

    /** What the groups are called, in the order of the bits of {@link #of}. */
    public List<Fact> groups() {
        return groups;
    }

    /** The groups a plant lies in, as bits. */
    long of(Cultivar plant) {
        return member.apply(plant);
    }

    private static List<Fact> words(Enum<?>... values) {
        return Arrays.stream(values).map(word -> Fact.of("value", word)).toList();
    }

    private static Fact zone(String number) {
        return Fact.of("value", number);
    }

    private static List<Fact> numbered(String key, int count) {
        return IntStream.rangeClosed(1, count)
                .mapToObj(number -> Fact.of(key + "." + number))
                .toList();
    }

    private static int band(double value, double... borders) {
        int band = 0;
        while (band < borders.length && value >= borders[band]) {
            band++;
        }
        return band;
    }

    /** Every light class with some hours in which the plant both lives and is not burnt. */
    private static long light(Cultivar plant) {
        Optional<Double> least = plant.get(Traits.SUN_LIVE);
        if (least.isEmpty()) {
            return 0;
        }
        double most = plant.get(Traits.SUN_MAX).orElse(24.0);
        double[] from = {
            0, LightClass.SHADE.fromHours(), LightClass.PART.fromHours(), LightClass.FULL_SUN.fromHours(), 24
        };
        long bits = 0;
        for (int i = 0; i < 4; i++) {
            bits |= least.get() < from[i + 1] && most >= from[i] ? 1L << i : 0;
        }
        return bits;
    }

    private static long zones(Cultivar plant) {
        int least = plant.get(Traits.ZONE_MIN).map(HardinessZone::half).orElse(HardinessZone.WARMEST + 1);
        int most = plant.get(Traits.ZONE_MAX).map(HardinessZone::half).orElse(HardinessZone.WARMEST);
        long bits = 0;
        for (int zone = 3; zone <= 10; zone++) {
            int coldHalf = (zone - 1) * 2;
            bits |= least <= coldHalf + 1 && most >= coldHalf ? 1L << (zone - 3) : 0;
        }
        return bits;
    }

    /**
     * A colour lies in the group of its own name, or else in those it reads as: gold is near chartreuse, and yet no
     * green.
     */
    private static long flowers(Cultivar plant) {
        long bits = 0;
        for (Colour colour : plant.colours(Traits.FLOWER_COLOURS)) {
            long named = groups(word -> word.names(colour));
            bits |= named != 0 ? named : groups(word -> word.answeredBy(colour));
        }
        return bits;
    }

    private static long groups(Predicate<ColourWord> asked) {
        long bits = 0;
        for (int i = 0; i < FLOWER_GROUPS.size(); i++) {
            bits |= Arrays.stream(FLOWER_GROUPS.get(i)).anyMatch(asked) ? 1L << i : 0;
        }
        return bits;
    }

    private static long outstanding(Cultivar plant) {
        Merits merits = Merits.of(plant);
        long bits = 0;
        for (Merit merit : Merit.values()) {
            bits |= merits.grade(merit) >= Merits.OUTSTANDING ? 1L << merit.ordinal() : 0;
        }
        return bits;
    }

    private static long cut(Cultivar plant) {
        return (plant.has(Traits.CUT, CutStem.FRESH) ? 1L : 0) | (plant.has(Traits.CUT, CutStem.DRIED) ? 2L : 0);
    }

    private static long bloom(Cultivar plant) {
        long bits = 0;
        for (int month = 1; month <= 12; month++) {
            if (Interest.flowersIn(plant, month, Optional.empty()).orElse(false)) {
                bits |= 1L << (month - 1) / 2;
            }
        }
        return bits;
    }
}
