package org.yellowfit.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.Plants;

/** Rule F8. */
class CautionsTest {

    @Test
    void everyHandoutTellsOfServicesLabelsAndLocalCodes() {
        assertThat(String.join(" ", Cautions.of(List.of())))
                .contains("buried pipes and cables", "label of any chemical", "lift with help", "Local codes");
    }

    @Test
    void poisonThornsAndLargeTreesAreNamedWithTheirPlants() {
        String told = String.join(
                " ",
                Cautions.of(List.of(
                        Plants.plant("botanical=Taxus+media hazards=toxic-people|toxic-pets"),
                        Plants.plant("botanical=Rosa+rugosa hazards=thorns"),
                        Plants.plant("botanical=Betula+nigra kind=tree height10_m=8"))));
        assertThat(told)
                .contains(
                        "Poisonous to people if eaten: Taxus media",
                        "veterinarian",
                        "Thorny: Rosa rugosa",
                        "Large tree: Betula nigra",
                        "licensed arborist");
    }

    @Test
    void careIsToldInSentences() {
        assertThat(CareSentence.of(Plants.plant(
                        "prune_group=new-wood divide_years=4 late_riser=yes slow_start_years=3 care_min_year=12")))
                .contains(
                        "first two summers",
                        "third to a half",
                        "Divide every 4 years",
                        "looks dead",
                        "Little to see for 3 years",
                        "12 minutes");
        assertThat(CareSentence.of(Plants.plant("kind=annual persistence=annual")))
                .contains("through the season");
    }
}
