package org.yellowfit.core.search;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.ColourWord;
import org.yellowfit.core.light.LightClass;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.season.Interest;

/** A way of sorting plants into a few heaps that can be counted. A plant may lie in several heaps of one facet. */
public enum Facet {
    KIND("Kind", words(Kind.values()), plant -> 1L << plant.kind().ordinal()),
    LEAVES(
            "Leaves",
            words(Persistence.values()),
            plant -> 1L << plant.persistence().ordinal()),
    HEIGHT(
            "Height at ten years",
            List.of("under 30 cm", "30–60 cm", "60 cm–1.2 m", "1.2–2.5 m", "2.5–6 m", "over 6 m"),
            plant -> 1L << band(plant.height10().mid(), 0.3, 0.6, 1.2, 2.5, 6)),
    SUN("Lives with", List.of("deep shade", "shade", "part sun", "full sun"), Facet::light),
    ZONE("Hardy in zone", List.of("3", "4", "5", "6", "7", "8", "9", "10"), Facet::zones),
    FLOWER("Flower", List.of("white", "yellow", "orange", "red", "pink", "purple", "blue", "green"), Facet::flowers),
    BLOOM("In flower in", List.of("Jan–Feb", "Mar–Apr", "May–Jun", "Jul–Aug", "Sep–Oct", "Nov–Dec"), Facet::bloom),
    USE(
            "Use",
            words(Use.values()),
            plant -> plant.get(Traits.USES).orElse(List.of()).stream()
                    .mapToLong(use -> 1L << use.ordinal())
                    .reduce(0, (a, b) -> a | b));

    private static final List<ColourWord[]> FLOWER_HEAPS = List.of(
            new ColourWord[] {ColourWord.WHITE, ColourWord.CREAM},
            new ColourWord[] {ColourWord.YELLOW, ColourWord.GOLD},
            new ColourWord[] {ColourWord.ORANGE, ColourWord.APRICOT},
            new ColourWord[] {ColourWord.RED, ColourWord.CRIMSON, ColourWord.BURGUNDY},
            new ColourWord[] {ColourWord.PINK, ColourWord.MAGENTA},
            new ColourWord[] {ColourWord.PURPLE, ColourWord.VIOLET, ColourWord.LAVENDER},
            new ColourWord[] {ColourWord.BLUE},
            new ColourWord[] {ColourWord.GREEN, ColourWord.CHARTREUSE, ColourWord.LIME});

    private final String title;
    private final List<String> heaps;
    private final Function<Cultivar, Long> member;

    Facet(String title, List<String> heaps, Function<Cultivar, Long> member) {
        this.title = title;
        this.heaps = heaps;
        this.member = member;
    }

    public String title() {
        return title;
    }

    /** Names of the heaps, in the order of the bits of {@link #of}. */
    public List<String> heaps() {
        return heaps;
    }

    /** The heaps a plant lies in, as bits. */
    long of(Cultivar plant) {
        return member.apply(plant);
    }

    private static List<String> words(Enum<?>[] values) {
        return java.util.Arrays.stream(values)
                .map(Words::of)
                .map(word -> word.replace('-', ' '))
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
     * A colour lies in the heap of its own name, or else in those it reads as: gold is near chartreuse, and yet no
     * green.
     */
    private static long flowers(Cultivar plant) {
        long bits = 0;
        for (Colour colour : plant.colours(Traits.FLOWER_COLOURS)) {
            long named = heaps(word -> word.names(colour));
            bits |= named != 0 ? named : heaps(word -> word.answeredBy(colour));
        }
        return bits;
    }

    private static long heaps(Predicate<ColourWord> asked) {
        long bits = 0;
        for (int i = 0; i < FLOWER_HEAPS.size(); i++) {
            bits |= java.util.Arrays.stream(FLOWER_HEAPS.get(i)).anyMatch(asked) ? 1L << i : 0;
        }
        return bits;
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
