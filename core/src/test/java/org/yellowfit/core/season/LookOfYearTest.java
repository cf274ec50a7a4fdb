package org.yellowfit.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;

/** How a plant looks at a place through a year: rules B2, C4, E6, A5 and A10. */
class LookOfYearTest {

    private static GrowingPlace zone(String zone) {
        return GrowingPlace.of(Optional.of(HardinessZone.parse(zone)));
    }

    private static Bloom in(Cultivar plant, String zone) {
        return BloomSpell.inThirds(plant, Optional.of(HardinessZone.parse(zone)))
                .orElseThrow();
    }

    /**
     * E6 by hand: a half-zone is 3.5 days, a third of a month 10.1; 6b to 8b is 14 days, 6b to 4b the other way. Dates
     * from mid August stay; those between July and then move in part; an end that frost brings moves with the frost
     * (day 285 in 6b, 297 in 8b, 273 in 4b).
     */
    @ParameterizedTest(name = "{0} noted in 6b: {2} in {1}")
    @CsvSource({
        "4.1..4.3, 6b, 4.1..4.3",
        "4.1..4.3, 8b, 3.3..4.2",
        "4.1..4.3, 4b, 4.2..5.1",
        "5.2..9.2, 8b, 5.1..9.2",
        "8.3..10.1, 8b, 8.3..10.1",
        "8.3..10.1, 4b, 8.3..10.1",
        "6.1..10.1, 8b, 5.3..10.2",
        "6.1..10.1, 4b, 6.2..9.3",
        "11.2..1.3, 6b, 11.2..1.3"
    })
    void startAndEndMoveApart(String noted, String zone, String here) {
        Cultivar plant = Plants.plant("flower_colours=pink#e79ab8 bloom_zone=6b bloom=" + noted);
        assertThat(in(plant, zone).text()).isEqualTo(here);
    }

    /** E6 to the day: 8b is 14 days ahead of 6b; all of them to the end of June, three quarters by mid July. */
    @ParameterizedTest(name = "{0}: day {1}")
    @CsvSource({"4.1..4.3, 78.25", "6.3..7.1, 159.36", "7.1..7.3, 169.5", "7.2..7.3, 183.14", "8.2..9.1, 224.06"})
    void aDateMovesWithItsSeason(String noted, double day) {
        Cultivar plant = Plants.plant("flower_colours=pink#e79ab8 bloom_zone=6b bloom=" + noted);
        GrowingPlace place = zone("8b");
        assertThat(BloomSpell.of(plant, place.zone(), place.seasons())
                        .orElseThrow()
                        .startDay())
                .isCloseTo(day, within(0.01));
    }

    /** From a fifth of the flowers on it is in flower, from two fifths of the leaves on their colour shows. */
    @Test
    void whenItCountsAsSeen() {
        Cultivar plant = Plants.plant(
                "flower_colours=pink#e79ab8 bloom=6.2..8.1 bloom_zone=6b leaf_summer=gold#d9b43a sun_colour_h=");
        LookOfYear look = new LookOfYear(plant, zone("6b"));
        // Opens on day 163.2, all of it in ten days; leaves unfold from day 95 to 140.
        assertThat(look.bloom().get(0).from()).isEqualTo(166);
        assertThat(look.sights(15)).doesNotContain(LookOfYear.Sight.LEAF);
        assertThat(look.sights(16)).contains(LookOfYear.Sight.LEAF);
    }

    @ParameterizedTest(name = "{0} h: reads green {1}")
    @CsvSource({"4.6, false", "4.5, true", "3, true", "6, false"})
    void halfWayItReadsGreen(double hours, boolean green) {
        Cultivar gold = Plants.plant("leaf_summer=gold#d9b43a sun_live_h=3 sun_colour_h=6");
        assertThat(LeafLight.readsGreen(gold, hours)).isEqualTo(green);
    }

    @Test
    void aLongBloomerIsNeverShorterWhereItIsWarmer() {
        Cultivar plant = Plants.plant("flower_colours=pink#e79ab8 bloom_zone=6b bloom=4.1..11.1");
        int before = 0;
        for (String zone : List.of("4a", "5a", "6b", "7b", "8b", "9b", "10a")) {
            int thirds = in(plant, zone).lengthThirds();
            assertThat(thirds).as(zone).isGreaterThanOrEqualTo(before);
            before = thirds;
        }
    }

    @Test
    void withoutAZoneItBloomsAsItWasNoted() {
        Cultivar plant = Plants.plant("flower_colours=pink#e79ab8 bloom_zone=9b bloom=4.1..11.2");
        assertThat(BloomSpell.inThirds(plant, Optional.empty()).orElseThrow().text())
                .isEqualTo("4.1..11.2");
    }

    /** B2: its own colour from 6 h, green at 3 h, and evenly between. */
    @ParameterizedTest(name = "{0} h: {1} of the way to green")
    @CsvSource({"9, 0", "6, 0", "5.25, 0.25", "4.5, 0.5", "3, 1", "1, 1"})
    void leavesGoOverEvenlyToGreen(double hours, double greened) {
        Cultivar gold = Plants.plant("leaf_summer=gold#d9b43a sun_live_h=3 sun_colour_h=6");
        assertThat(LeafLight.greened(gold, hours)).isCloseTo(greened, within(1e-9));
        Colour july = new LookOfYear(gold, zone("6b").withSun(hours))
                .month(7, 10)
                .state()
                .look()
                .leaves()
                .get(0);
        assertThat(july.name()).isEqualTo(greened < 0.5 ? "gold" : "green");
    }

    @Test
    void aLeafOfWhichNothingIsKnownKeepsItsColour() {
        assertThat(LeafLight.greened(Plants.plant("sun_colour_h="), 1.0)).isZero();
        assertThat(LeafLight.greened(Plants.plant("sun_colour_h=6"), null)).isZero();
    }

    /** C4 in the picture and in the strip as in the fit. */
    @ParameterizedTest(name = "pH {0}: {1}")
    @CsvSource({"5.0, blue", "5.5, mauve", "6.5, mauve", "7.0, pink"})
    void bigleafHydrangeasFlowerByTheSoil(double ph, String colour) {
        Cultivar bigleaf = Plants.plant("botanical=Hydrangea+macrophylla flower_colours=white#ffffff|red#c02040 "
                + "bloom=6.2..8.1 bloom_zone=6b");
        LookOfYear look = new LookOfYear(bigleaf, zone("6b").withPh(ph));
        assertThat(look.month(7, 5).state().look().flower().orElseThrow().name())
                .isEqualTo(colour);
    }

    /** A10: the same half a year on. */
    @Test
    void theSouthIsTheNorthHalfAYearOn() {
        Plants.random(60, 4).forEach(plant -> {
            LookOfYear north = new LookOfYear(plant, zone("8a"));
            LookOfYear south = new LookOfYear(plant, zone("8a").southern());
            for (int month = 1; month <= 12; month++) {
                var here = north.month(month, 5);
                var there = south.month((month + 5) % 12 + 1, 5);
                assertThat(there.inFlower())
                        .as("%s in month %d", plant, month)
                        .isCloseTo(here.inFlower(), within(0.51));
                assertThat(there.state().look().flowerShare())
                        .as("%s in month %d", plant, month)
                        .isCloseTo(here.state().look().flowerShare(), within(0.15));
                assertThat(there.state().look().standing())
                        .isEqualTo(here.state().look().standing());
            }
        });
    }

    /** A5: planted on 10 July (day 191) with the first frost on day 285: 13 weeks are left, whatever the label says. */
    @Test
    void anAnnualShowsForWhatIsLeftOfTheSeason() {
        Cultivar annual = Plants.plant("kind=annual persistence=annual flower_colours=pink#e79ab8 bloom=5.1..10.3 "
                + "bloom_zone=6b rebloom=continuous");
        assertThat(new LookOfYear(annual, zone("6b")).weeksInFlower()).isEqualTo(26);
        LookOfYear late = new LookOfYear(annual, zone("6b").plantedOn(191));
        assertThat(late.weeksInFlower()).isEqualTo(13);
        assertThat(late.weeksOfShow()).isLessThanOrEqualTo(13);
        assertThat(late.month(6, 0).shows()).isEmpty();
        assertThat(late.month(8, 0).shows()).contains(LookOfYear.Sight.FLOWER);
    }

    @Test
    void whatShowsInAMonth() {
        Cultivar dogwood = Plants.plant("stem_winter=red#b03030 merits=stem:3 fruit=white#f0f0f0 fruit_months=8..9");
        LookOfYear look = new LookOfYear(dogwood, zone("6b"));
        assertThat(look.month(1, 5).shows()).containsExactly(LookOfYear.Sight.STEM);
        assertThat(look.month(7, 5).shows()).isEmpty();
        assertThat(look.month(8, 5).shows()).contains(LookOfYear.Sight.FRUIT);
        Cultivar yew = Plants.plant("kind=conifer persistence=evergreen merits=form:2 fruit=");
        assertThat(new LookOfYear(yew, zone("6b")).month(12, 5).shows()).containsExactly(LookOfYear.Sight.EVERGREEN);
        assertThat(new LookOfYear(yew, zone("6b").southern()).month(12, 5).shows())
                .isEmpty();
    }

    @Test
    void spellsOfBloomByTheDaysOfThePlace() {
        Cultivar spring = Plants.plant("flower_colours=pink#e79ab8 bloom=4.1..5.2 bloom_zone=6b");
        assertThat(new LookOfYear(spring, zone("6b")).bloom()).singleElement().satisfies(spell -> {
            assertThat(spell.from()).isBetween(90, 100);
            assertThat(spell.to()).isBetween(130, 145);
        });
        Cultivar winter = Plants.plant("flower_colours=pink#e79ab8 bloom=12.1..2.1 bloom_zone=8a");
        assertThat(new LookOfYear(winter, zone("8a")).bloom())
                .singleElement()
                .satisfies(spell -> assertThat(spell.to()).isLessThan(spell.from()));
    }
}
