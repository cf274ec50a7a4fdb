package org.yellowfit.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.colour.Colour;

/** Leaf colours through the year (E1): whose leaves come anew, whose stay, and which of them the season reaches first. */
class LeafColoursTest {

    private static final String RED = "red#b5262e";
    private static final String GREEN = "green#4f7a3a";
    private static final String BRONZE = "bronze#7a5638";
    private static final String ORANGE = "orange#e2802f";

    private static final Map<String, Colour> NAMED = Map.of(
            "red", Colour.parse(RED),
            "green", Colour.parse(GREEN),
            "bronze", Colour.parse(BRONZE),
            "orange", Colour.parse(ORANGE),
            "straw", LeafYear.STRAW);

    /** Two colours a person would not tell apart in a drawing, OKLab. */
    private static final double SAME = 0.02;

    private static PlantYear year(String persistence, String more) {
        String kind = persistence.equals("herbaceous") ? "perennial" : "shrub";
        return PlantYear.of(
                Plants.plant("kind=" + kind + " persistence=" + persistence + " leaf_summer=" + GREEN + " " + more),
                Optional.empty());
    }

    private static double apart(Colour one, Colour other) {
        return one.lab().distanceTo(other.lab());
    }

    private static void isNamed(List<Colour> colours, int which, String name, String whose) {
        assertThat(apart(colours.get(which), NAMED.get(name)))
                .as(whose + " are " + name + ": " + colours)
                .isCloseTo(0, within(SAME));
    }

    /**
     * Days of zone 6b: 100 is 10 April, when shoots are young; 140 is 20 May; 200 is July. Of tips, most, and the first
     * leaves of a shoot.
     */
    @ParameterizedTest(name = "{0}, day {1}: tips {2}, most {3}, first {4}")
    @CsvSource({
        // pieris, photinia: the leaves it kept stay green, its shoots are red
        "evergreen,  100, red,   green, green",
        "evergreen,  120, red,   green, green",
        "evergreen,  200, green, green, green",
        "evergreen,  40,  green, green, green",
        // amelanchier: red while it unfolds, the first leaves of a shoot green before its last
        "deciduous,  100, red,   red,   red",
        "deciduous,  120, red,   red,   ",
        "deciduous,  200, green, green, green",
        // peony: its shoots are red from the first day, and never straw
        "herbaceous, 80,  red,   red,   red",
        "herbaceous, 100, red,   red,   red",
        "herbaceous, 200, green, green, green",
    })
    void newLeavesHaveTheirSpringColour(String persistence, int day, String tips, String most, String first) {
        PlantYear year = year(persistence, "leaf_spring=" + RED);
        isNamed(year.day(day).leaves(), 0, most, "most");
        isNamed(year.tipLeaves(day), 0, tips, "tips");
        if (first != null) {
            isNamed(year.innerLeaves(day), 0, first, "first leaves");
        }
    }

    @Test
    void theFirstLeavesOfAShootTurnGreenBeforeItsLast() {
        PlantYear year = year("deciduous", "leaf_spring=" + RED);
        for (int day : new int[] {128, 135, 142, 150}) {
            double tips = apart(year.tipLeaves(day).get(0), NAMED.get("green"));
            double most = apart(year.day(day).leaves().get(0), NAMED.get("green"));
            double first = apart(year.innerLeaves(day).get(0), NAMED.get("green"));
            assertThat(tips).as("day " + day).isGreaterThan(most);
            assertThat(most).as("day " + day).isGreaterThan(first);
        }
    }

    /** An evergreen that is bronze in winter greens up in the leaves it kept, while what grows is red. */
    @Test
    void whatIsKeptTurnsFromItsWinterToItsSummerColour() {
        PlantYear year = year("evergreen", "leaf_spring=" + RED + " leaf_winter=" + BRONZE);
        double before = Double.MAX_VALUE;
        for (int day = 75; day < 160; day += 12) {
            List<Colour> leaves = year.day(day).leaves();
            assertThat(leaves).as("what it kept, and what grows").hasSize(2);
            double off = apart(leaves.get(0), NAMED.get("green"));
            assertThat(off).as("day " + day).isLessThan(before);
            before = off;
        }
        isNamed(year.day(40).leaves(), 0, "bronze", "winter leaves");
        isNamed(year.day(200).leaves(), 0, "green", "summer leaves");
    }

    /** Two colours in summer are a margin or a splash: those of the shoots do not take the place of one. */
    @Test
    void variegatedEvergreensKeepTheirTwoColours() {
        PlantYear year =
                year("evergreen", "leaf_summer=" + GREEN + "|cream#efe6c4 leaf_spring=" + RED + "|cream#efe6c4");
        assertThat(year.day(200).leaves()).extracting(Colour::name).containsExactly("green", "cream");
        assertThat(year.day(110).leaves()).extracting(Colour::name).containsExactly("red", "cream");
    }

    /** Herbs nobody gave an autumn colour are green until the hard frosts and straw after; others have the colour they are given. */
    @ParameterizedTest(name = "herbaceous{0}, day {1}: {2}")
    @CsvSource({
        "'',                    280, green",
        "'',                    290, green",
        "'',                    331, straw",
        "leaf_autumn=" + ORANGE + ", 290, orange",
        "leaf_autumn=" + ORANGE + ", 312, orange",
    })
    void herbsFadeAfterTheHardFrosts(String autumn, int day, String colour) {
        PlantYear year = year("herbaceous", "stands_winter=yes bloom=7.1..8.1 flower_colours=" + RED + " " + autumn);
        isNamed(year.day(day).leaves(), 0, colour, "leaves");
    }

    @Test
    void fadingNeverTurnsBack() {
        PlantYear year = year("herbaceous", "stands_winter=yes");
        double before = -1;
        for (int day = 280; day <= 340; day += 5) {
            double off = apart(year.day(day).leaves().get(0), NAMED.get("green"));
            assertThat(off).as("day " + day).isGreaterThanOrEqualTo(before);
            before = off;
        }
    }
}
