package org.yellowfit.core.season;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/** Leaf colours through the year (E1), greener where the leaves get less sun than their colour needs (B2). */
final class LeafYear {

    static final Colour STRAW = new Colour("straw", 0xc8b27e);
    /** Days of zone 6b at which one season's colour begins to give way to the next, and has done so. */
    private static final double[][] TURNS = {{72, 98}, {125, 160}, {255, 285}, {318, 345}};

    /** From here on leaves are in their spring colour, day of zone 6b. */
    static final double SPRING_DAY = TURNS[0][1];

    /** Herbs without an autumn colour stay green until the hard frosts, and are straw after them. */
    private static final double FADES_FROM = 295;

    private static final double FADES_TO = 330;

    private final List<Colour> spring;
    private final List<Colour> summer;
    private final List<Colour> autumn;
    private final List<Colour> winter;
    private final boolean fades;

    LeafYear(Cultivar plant, OptionalDouble sunHours) {
        double greened = LeafLight.greened(plant, sunHours.isPresent() ? sunHours.getAsDouble() : null);
        summer = LeafLight.lit(plant.colours(Traits.LEAF_SUMMER), greened);
        spring = or(LeafLight.lit(plant.colours(Traits.LEAF_SPRING), greened), summer);
        autumn = or(plant.colours(Traits.LEAF_AUTUMN), summer);
        boolean straw = !plant.persistence().isWoody()
                && plant.colours(Traits.LEAF_WINTER).isEmpty()
                && plant.persistence() != org.yellowfit.core.plant.Persistence.EVERGREEN;
        fades = straw && plant.colours(Traits.LEAF_AUTUMN).isEmpty();
        winter = straw ? List.of(STRAW) : or(plant.colours(Traits.LEAF_WINTER), summer);
    }

    /** Colours of the second season-turn and later are those of dying leaves: {@code day} is a day of zone 6b. */
    List<Colour> on(double day) {
        if (day < TURNS[1][0]) {
            return mixed(winter, spring, turned(0, day));
        }
        if (day < TURNS[2][0]) {
            return mixed(spring, summer, turned(1, day));
        }
        if (fades) {
            return mixed(summer, winter, (day - FADES_FROM) / (FADES_TO - FADES_FROM));
        }
        return day < TURNS[3][0] ? mixed(summer, autumn, turned(2, day)) : mixed(autumn, winter, turned(3, day));
    }

    /** Whether what grows anew on an evergreen on this day of zone 6b has another colour than the leaves it kept. */
    boolean flushes(double day) {
        return day > TURNS[0][0]
                && day < TURNS[1][1]
                && summer.size() == 1
                && !spring.isEmpty()
                && !spring.get(0).equals(summer.get(0));
    }

    /** Of an evergreen that flushes: the leaves it kept, and those that grow. */
    List<Colour> keptAndNew(double day) {
        double through = (day - TURNS[0][0]) / (TURNS[1][1] - TURNS[0][0]);
        Colour kept = mixed(winter, summer, through).get(0);
        Colour grown = mixed(spring, summer, turned(1, day)).get(0);
        return List.of(kept, grown);
    }

    List<Colour> dying(double share) {
        return mixed(spring, autumn, share);
    }

    private static double turned(int turn, double day) {
        return Math.max(0, Math.min(1, (day - TURNS[turn][0]) / (TURNS[turn][1] - TURNS[turn][0])));
    }

    private static List<Colour> or(List<Colour> colours, List<Colour> otherwise) {
        return colours.isEmpty() ? otherwise : colours;
    }

    private static List<Colour> mixed(List<Colour> from, List<Colour> to, double share) {
        if (share <= 0 || to.isEmpty()) {
            return from;
        }
        if (share >= 1 || from.isEmpty()) {
            return to;
        }
        List<Colour> mixed = new ArrayList<>();
        for (int i = 0; i < Math.max(from.size(), to.size()); i++) {
            mixed.add(Tint.between(from.get(Math.min(i, from.size() - 1)), to.get(Math.min(i, to.size() - 1)), share));
        }
        return mixed;
    }
}
