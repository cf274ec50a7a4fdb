package org.yellowfit.core.pair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;

class CompareTest {

    @Test
    void likenessIsOneWithItselfSymmetricAndWithinBounds() {
        List<Cultivar> plants = Plants.random(60, 8);
        for (Cultivar one : plants) {
            assertThat(Likeness.between(one, one)).isCloseTo(1, within(1e-9));
            for (Cultivar other : plants) {
                assertThat(Likeness.between(one, other))
                        .isBetween(0.0, 1.0 + 1e-9)
                        .isCloseTo(Likeness.between(other, one), within(1e-9));
            }
        }
    }

    @Test
    void aSubstituteIsSaidToBeSameBetterOrWorse() {
        Substitute said = Substitute.of(
                Plants.plant("zone_min=6a deer=sometimes hazards=none"),
                Plants.plant("zone_min=4a deer=favourite hazards=thorns"));
        assertThat(said.better()).contains("zone_min");
        assertThat(said.worse()).contains("deer", "hazards");
        assertThat(said.same()).contains("kind", "habit", "height10_m");
    }

    @Test
    void rowsThatAgreeAreToldFromThoseThatDiffer() {
        List<TraitRow> rows = TraitRow.of(List.of(Plants.plant("ph=5..6"), Plants.plant("ph=6..7")));
        assertThat(rows)
                .filteredOn(row -> row.trait().name().equals("ph"))
                .singleElement()
                .satisfies(row -> {
                    assertThat(row.agrees()).isFalse();
                    assertThat(row.values()).containsExactly("5..6", "6..7");
                });
        assertThat(rows)
                .filteredOn(row -> row.trait().name().equals("habit"))
                .singleElement()
                .satisfies(row -> assertThat(row.agrees()).isTrue());
        assertThat(rows).extracting(row -> row.trait().name()).doesNotContain("id", "divide_years");
    }
}
