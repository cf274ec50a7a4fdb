package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.WatchList;

/** Rule F2: spreaders by the zone from which they spread, and the shop's own watch list. */
class SpreadingTest {

    private static final WatchList LIST = WatchList.read(
            "plant,level,note\nTesta plana,watch,along the burn\nTesta ferox,avoid,outlawed in the county\n");

    @ParameterizedTest(name = "from {0} at {1}: {2}")
    @CsvSource({
        "7a, 6b, false",
        "7a, 7a, true",
        "7a, 9b, true",
        "3b, 3a, false",
        "3b, 4a, true",
        "10a, 9b, false",
    })
    void aRunnerIsToldFromTheZoneInWhichItRuns(String from, String site, boolean told) {
        Advice advice = Advice.on(
                Plants.plant("spread_mode=runner zone_min=2a zone_max=11b spreads_at_zone=" + from),
                "zone=" + site + " children=no");
        advice.says(CriterionName.HAZARDS, Verdict.FITS).byRule(CriterionName.HAZARDS, told ? "F2" : "F1");
        if (told) {
            advice.because(CriterionName.HAZARDS, "spreading.runs(" + from + ", " + site + ")");
        }
    }

    @Test
    void aSelfSeederIsToldAsOne() {
        Advice.on(Plants.plant("spread_mode=self-seeder spreads_at_zone=5a"), "zone=6b")
                .because(CriterionName.HAZARDS, "spreading.seeds(5a, ");
    }

    @Test
    void aPotHoldsARunnerButNoSeed() {
        Advice.on(Plants.plant("spread_mode=runner spreads_at_zone=5a zone_min=2a"), "zone=8a container=yes")
                .isSilentOn(CriterionName.HAZARDS);
        Advice.on(Plants.plant("spread_mode=self-seeder spreads_at_zone=5a zone_min=2a"), "zone=8a container=yes")
                .byRule(CriterionName.HAZARDS, "F2");
    }

    @Test
    void withoutAZoneOfThePlaceOrOfThePlantNothingIsSaid() {
        Advice.on(Plants.plant("spread_mode=runner spreads_at_zone=5a"), "sunHours=5")
                .isSilentOn(CriterionName.HAZARDS);
        Advice.on(Plants.plant("spread_mode=runner"), "zone=9a").isSilentOn(CriterionName.HAZARDS);
    }

    @Test
    void whatIsWatchedFitsWhenItIsKeptWithinBounds() {
        Cultivar plant = Plants.plant("");
        Advice.on(plant, LIST, "zone=6b sunHours=5 children=no")
                .says(CriterionName.HAZARDS, Verdict.FITS_IF)
                .byRule(CriterionName.HAZARDS, "F2")
                .because(CriterionName.HAZARDS, "watched.watch(Testa plana)", "watched.note(along the burn)")
                .remediedBy(CriterionName.HAZARDS, Remedy.Action.CONTAIN)
                .concludes(Verdict.FITS_IF);
        Question question =
                Advice.question("zone=6b sunHours=5 children=no", "", org.yellowfit.core.plant.Policy.STANDARD);
        Remedy contain = Advice.ask(plant, LIST, question)
                .judgement(CriterionName.HAZARDS)
                .orElseThrow()
                .remedies()
                .get(0);
        assertThat(contain.minutesPerYear()).isPositive();
        assertThat(Advice.ask(plant, LIST, contain.taken(question))
                        .judgement(CriterionName.HAZARDS)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(Verdict.FITS);
    }

    @Test
    void whatIsNotToBePlantedIsANoWhateverElseIsKnown() {
        Cultivar plant = Plants.plant("botanical=Testa+ferox");
        for (String site : List.of("zone=6b sunHours=5", "zone=6b sunHours=5 children=no pets=no", "children=yes")) {
            Advice.on(plant, LIST, site)
                    .says(CriterionName.HAZARDS, Verdict.NO)
                    .isLimitedBy(CriterionName.HAZARDS)
                    .concludes(Verdict.NO)
                    .because(CriterionName.HAZARDS, "watched.avoid(", "outlawed in the county");
        }
    }

    @Test
    void theGraverOfHazardAndSpreadIsSaid() {
        Cultivar thorny = Plants.plant("hazards=thorns");
        Advice.on(thorny, LIST, "children=yes strictlyNoHazards=yes")
                .says(CriterionName.HAZARDS, Verdict.NO)
                .byRule(CriterionName.HAZARDS, "F1");
        Advice.on(thorny, LIST, "children=no pets=no")
                .says(CriterionName.HAZARDS, Verdict.FITS_IF)
                .byRule(CriterionName.HAZARDS, "F2");
        Cultivar sappy = Plants.plant("hazards=sap");
        Advice.on(sappy, LIST, "children=yes")
                .says(CriterionName.HAZARDS, Verdict.FITS_IF)
                .byRule(CriterionName.HAZARDS, "F2")
                .remediedBy(CriterionName.HAZARDS, Remedy.Action.CONTAIN);
        assertThat(Advice.ask(
                                sappy,
                                LIST,
                                Advice.question("children=yes", "", org.yellowfit.core.plant.Policy.STANDARD))
                        .judgement(CriterionName.HAZARDS)
                        .orElseThrow()
                        .remedies())
                .singleElement()
                .satisfies(remedy -> assertThat(remedy.text()).containsExactly(Fact.of("remedy.contain.apart")));
        Cultivar unknown = Plants.plant("hazards= spread_mode=runner spreads_at_zone=5a");
        Advice.on(unknown, "zone=6b children=yes").says(CriterionName.HAZARDS, Verdict.UNKNOWN);
    }
}
