package org.yellowfit.core.plant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

class CultivarTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "height10_m; 1.50..2.0; 1.5..2",
                "height10_m; 1; 1",
                "zone_min; 5; 5a",
                "zone_max; 8; 8b",
                "ph; 6.0..7.50; 6..7.5",
                "fruit_months; 10..1; 10|11|12|1",
                "fruit_months; 9|11; 9|11",
                "habit; Prostrate; prostrate",
                "leaf_summer; Gold#D9B43A | green#4F7A3A; gold#d9b43a|green#4f7a3a",
                "sizes_sold; 2 l:12.5|5 l:24; 2 l:12.50|5 l:24.00",
                "bloom; 6.2..8.1; 6.2..8.1",
                "sun_live_h; 4.0; 4"
            })
    void aCellIsWrittenInOneFormAndReadsBackTheSame(String column, String cell, String written) {
        Cultivar plant = with(column, cell);
        assertThat(plant.toCells()).containsEntry(column, written);
        assertThat(Cultivar.ofCells(plant.toCells())).isEqualTo(plant);
        assertThat(Cultivar.ofCells(plant.toCells()).toCells()).isEqualTo(plant.toCells());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "habit; prostate; prostrate",
                "height10_m; 2..1; reversed",
                "height10_m; tall; not a number",
                "height10_m; -1; out of range",
                "zone_min; 15; 1a to 13b",
                "ph; 2..7; out of range",
                "bloom; June; month.third",
                "bloom; 13.1..14.2; month.third",
                "leaf_summer; green; six hexadecimal",
                "hazards; none|thorns; alone",
                "texture; loam||clay; empty place",
                "texture; loam|loam; twice",
                "id; Not An Id; not-an-id",
                "sizes_sold; 2 l; 12.50",
                "fruit_months; 0..3; out of range",
                "botanical; ''; required",
                "zone_max; 3; colder than",
                "height_max_m; 0.2; smaller than",
                "sun_live_h; 25; 0 to 24",
                "height10_m; NaN; not a number",
                "height10_m; 1e3; not a number"
            })
    void aWrongCellIsRefusedAtItsColumnWithAHint(String column, String cell, String hint) {
        assertThatThrownBy(() -> with(column, cell)).isInstanceOfSatisfying(InvalidInput.class, refused -> {
            assertThat(refused.problems()).extracting(Problem::field).containsExactly(column);
            assertThat(refused.problems().get(0).message()).contains(hint);
        });
    }

    @Test
    void allProblemsOfARowAreToldTogether() {
        Map<String, String> cells = new LinkedHashMap<>(Map.of("id", "X", "kind", "bush", "ph", "99"));
        InvalidInput refused = catchThrowableOfType(InvalidInput.class, () -> Cultivar.ofCells(cells));
        assertThat(refused.problems())
                .extracting(Problem::field)
                .contains("id", "kind", "ph", "botanical", "habit", "zone_min");
    }

    @Test
    void blankIsUnknownAndOtherColumnsAreKeptAsNotes() {
        Cultivar plant = Cultivar.ofCells(withCell(withCell(Plants.plant("").toCells(), "deer", " "), "shelf", "B7"));
        assertThat(plant.get(Traits.DEER)).isEmpty();
        assertThat(plant.notes()).containsEntry("shelf", "B7");
        assertThat(plant.toCells()).containsEntry("shelf", "B7").doesNotContainKey("deer");
    }

    private static Cultivar with(String column, String cell) {
        return Cultivar.ofCells(withCell(Plants.plant("").toCells(), column, cell));
    }

    private static Map<String, String> withCell(Map<String, String> cells, String column, String cell) {
        Map<String, String> copy = new LinkedHashMap<>(cells);
        copy.put(column, cell);
        return copy;
    }
}
