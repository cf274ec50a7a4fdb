package org.yellowfit.core.palette;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.serve.WantedColour;

/**
 * What a planting shall be together (rules G5 and G8). Empty and null: not asked for.
 *
 * @param months          1–12, in which something shall show
 * @param winter          also from November to March, or at the other half of the earth from May to September
 * @param evergreenShare  of the ground, 0–1
 * @param colours         of which what shows shall be
 * @param onlyThese       no showing colour may be another
 * @param kinds           how many different plants, over all patches
 * @param budget          in the shop's money
 * @param careMinutesYear for the whole planting
 */
public record Aims(
        Set<Integer> months,
        boolean winter,
        Double evergreenShare,
        List<WantedColour> colours,
        boolean onlyThese,
        Scheme scheme,
        Background background,
        Set<Layer> layers,
        Weaving weaving,
        Interval kinds,
        Double budget,
        Double careMinutesYear) {

    public static final Interval USUAL_KINDS = new Interval(3, 7);
    private static final int MOST_KINDS = 30;
    private static final double DEAREST = 10_000_000;
    private static final double MOST_MINUTES = 1_000_000;

    public Aims {
        months = Set.copyOf(months);
        colours = List.copyOf(colours);
        layers = Set.copyOf(layers);
    }

    public static Aims none() {
        return new Aims(
                Set.of(),
                false,
                null,
                List.of(),
                false,
                Scheme.NONE,
                null,
                Set.of(),
                Weaving.STEPPED,
                USUAL_KINDS,
                null,
                null);
    }

    /** By the names of the API; every one may be missing. */
    public static Aims read(InputReader in) {
        List<Integer> months = in.list("months", Months::parse);
        Boolean winter = in.yesNo("winter");
        Double evergreen = in.number("evergreenShare", 0, 1, "");
        List<WantedColour> colours = in.list("colours", WantedColour::new);
        Boolean only = in.yesNo("onlyThese");
        Scheme scheme = in.word("scheme", Scheme.class);
        Background background = in.text("background", Background::parse);
        List<Layer> layers = in.list("layers", text -> Words.parse(Layer.class, text));
        Weaving weaving = in.word("school", Weaving.class);
        return new Aims(
                months == null ? Set.of() : Set.copyOf(months),
                Boolean.TRUE.equals(winter),
                evergreen,
                colours == null ? List.of() : colours,
                Boolean.TRUE.equals(only),
                scheme == null ? Scheme.NONE : scheme,
                background,
                layers == null || layers.isEmpty() ? Set.of() : EnumSet.copyOf(layers),
                weaving == null ? Weaving.STEPPED : weaving,
                kinds(in),
                in.number("budget", 0, DEAREST, ""),
                in.number("careMinutesYear", 0, MOST_MINUTES, "minutes"));
    }

    private static Interval kinds(InputReader in) {
        List<Double> ends = in.list("kinds", Numbers::parse);
        if (ends == null || ends.isEmpty()) {
            return USUAL_KINDS;
        }
        double least = ends.get(0);
        double most = ends.get(ends.size() - 1);
        boolean whole = least == Math.rint(least) && most == Math.rint(most);
        if (ends.size() > 2 || !whole || least < 1 || most > MOST_KINDS || least > most) {
            in.problem(
                    "kinds",
                    "Two whole numbers from 1 to %s are expected, the smaller first, like [3, 7].",
                    MOST_KINDS);
            return USUAL_KINDS;
        }
        return new Interval(least, most);
    }

    boolean asksForColour() {
        return !colours.isEmpty() || scheme != Scheme.NONE || background != null;
    }

    int leastKinds() {
        return (int) kinds.low();
    }

    int mostKinds() {
        return (int) kinds.high();
    }

    /** @param south whether the place lies south of the equator; bit 0 for January */
    int monthsWanted(boolean south) {
        int mask = 0;
        for (int month : months) {
            mask |= 1 << (month - 1);
        }
        return winter ? mask | Showing.winter(south) : mask;
    }
}
