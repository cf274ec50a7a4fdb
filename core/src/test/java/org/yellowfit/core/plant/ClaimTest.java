package org.yellowfit.core.plant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

/** A row of what one source says. */
class ClaimTest {

    private static Map<String, String> cells(String column, String value) {
        Map<String, String> cells = new LinkedHashMap<>(Map.of(
                "id",
                "a-plant",
                "column",
                "zone_min",
                "value",
                "4b",
                "source",
                "a book",
                "source_kind",
                "reference",
                "at_age_years",
                "",
                "place",
                ""));
        cells.put(column, value);
        return cells;
    }

    @ParameterizedTest(name = "{0} of {1} is kept as {2}")
    @CsvSource({
        "zone_min, 4, 4a",
        "zone_max, 9, 9b",
        "height10_m, 1.50..2.0, 1.5..2",
        "ph, 6.50, 6.5",
        "deer, FAVOURITE, favourite",
        "bloom, 6.1..7.2, 6.1..7.2"
    })
    void aValueIsKeptInTheOneFormOfItsColumn(String column, String value, String kept) {
        Map<String, String> cells = cells("column", column);
        cells.put("value", value);
        Claim claim = Claim.ofCells(cells);
        assertThat(claim.value()).isEqualTo(kept);
        assertThat(Claim.ofCells(claim.toCells())).isEqualTo(claim);
    }

    @ParameterizedTest(name = "{0} = “{1}” is told at {2}")
    @CsvSource({
        "id,           '',        id",
        "column,       '',        column",
        "column,       hight,     column",
        "value,        '',        value",
        "value,        4c,        value",
        "source,       '',        source",
        "source_kind,  '',        source_kind",
        "source_kind,  hearsay,   source_kind",
        "at_age_years, old,       at_age_years",
        "at_age_years, -1,        at_age_years",
        "at_age_years, 501,       at_age_years",
    })
    void whatIsWrongIsToldAtItsColumn(String column, String value, String told) {
        InvalidInput refused = catchThrowableOfType(InvalidInput.class, () -> Claim.ofCells(cells(column, value)));
        assertThat(refused.problems()).extracting(Problem::field).containsOnly(told);
    }

    @Test
    void longWordsAreRefusedAndAgesKept() {
        assertThat(catchThrowableOfType(InvalidInput.class, () -> Claim.ofCells(cells("source", "x".repeat(301))))
                        .problems())
                .extracting(Problem::field)
                .containsExactly("source");
        assertThat(catchThrowableOfType(InvalidInput.class, () -> Claim.ofCells(cells("place", "x".repeat(301))))
                        .problems())
                .extracting(Problem::field)
                .containsExactly("place");
        assertThat(Claim.ofCells(cells("at_age_years", "12.5")).atAgeYears()).hasValue(12.5);
        assertThat(Claim.ofCells(cells("at_age_years", "")).atAgeYears()).isEmpty();
    }
}
