package org.yellowfit.core.pair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;

/** “Goes with this one”: same ground and light (C6, B2), colours that keep company (G3), another leaf or habit (G2). */
class CompanionTest {

    private static final String BLUE =
            "id=blue botanical=Alpha+prima flower_colours=blue#4c68c0 bloom=6.1..7.3 leaf_texture=fine ";
    private static final String ORANGE =
            "id=orange botanical=Beta+secunda flower_colours=orange#c8842c bloom=7.1..8.3 leaf_texture=bold ";

    private static List<Companion> beside(String plant, String... others) {
        return Companion.of(
                Plants.plant(plant),
                java.util.Arrays.stream(others).map(Plants::plant).toList(),
                5);
    }

    @ParameterizedTest(name = "blue in moist ground from 4 h, the other with {0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "moisture=2..4                   | true",
                "moisture=3..5                   | true",
                "moisture=3.5..5                 | false",
                "moisture=1..2                   | false",
                "ph=7..8                         | true",
                "ph=7.4..8                       | false",
                "ph=                             | false",
                "sun_max_h=4                     | true",
                "sun_max_h=3                     | false",
                "zone_min=5a                     | true",
                "zone_min=5b                     | false",
                "zone_min=2a                     | true",
                "height10_m=3.9                  | true",
                "height10_m=4                    | false",
                "height10_m=0.25                 | false",
                "botanical=Alpha+prima           | false",
                "flower_colours=blue#4c68c0      | false",
                "flower_colours=green#3c8c3c     | false",
            })
    void onlyWhatLivesBesideItKeepsItCompany(String difference, boolean company) {
        assertThat(beside(BLUE, ORANGE + difference)).hasSize(company ? 1 : 0);
    }

    @Test
    void theReasonsAreSaid() {
        assertThat(beside(BLUE, ORANGE))
                .singleElement()
                .satisfies(
                        company -> assertThat(company.why())
                                .hasToString(
                                        "value([companion.colours(orange, blue, OPPOSITES), companion.bloom, companion.leaves(BOLD, FINE)])"));
        assertThat(beside(BLUE, ORANGE + "bloom=9.1..9.3 leaf_texture=fine"))
                .singleElement()
                .satisfies(company ->
                        assertThat(company.why()).hasToString("value([companion.colours(orange, blue, OPPOSITES)])"));
    }

    @Test
    void bloomTogetherAndOtherLeavesComeFirstAndNoSpeciesTwice() {
        List<Companion> best = beside(
                BLUE,
                "id=d botanical=Delta+quarta flower_colours=violet#7a5ac0 bloom=9.1..9.3 leaf_texture=fine",
                ORANGE + "id=o2 bloom=9.1..9.3",
                ORANGE,
                "id=c botanical=Gamma+tertia flower_colours=violet#7a5ac0 bloom=6.1..7.3 leaf_texture=bold habit=columnar");
        assertThat(best).extracting(each -> each.plant().id()).containsExactly("c", "orange", "d");
        assertThat(Companion.of(
                        Plants.plant(BLUE),
                        List.of(
                                Plants.plant(ORANGE),
                                Plants.plant("id=x botanical=Delta+quarta flower_colours=violet#7a5ac0")),
                        1))
                .hasSize(1);
    }

    @Test
    void whatShowsNoColourHasNoCompany() {
        assertThat(beside("leaf_summer=", ORANGE)).isEmpty();
        assertThat(Companion.shown(Plants.plant("leaf_summer="))).isEmpty();
    }

    @Test
    void aPlantWithoutFlowersIsGrownForItsLeaves() {
        Cultivar fern = Plants.plant("kind=fern leaf_summer=gold#d9b43a");
        assertThat(Companion.shown(fern).orElseThrow().name()).isEqualTo("gold");
        assertThat(Companion.shown(Plants.plant(BLUE)).orElseThrow().name()).isEqualTo("blue");
    }
}
