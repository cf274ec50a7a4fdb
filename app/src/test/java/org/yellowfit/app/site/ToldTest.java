package org.yellowfit.app.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.visit.Answers.Change;

class ToldTest {

    @ParameterizedTest
    @CsvSource({
        "site.maxHeightM, max height",
        "site.minTempC, min temp",
        "site.zone, zone",
        "place, place",
        "site.strictlyNoHazards, strictly no hazards"
    })
    void aFieldIsNamedInWords(String field, String words) {
        assertThat(Told.name(field)).isEqualTo(words);
    }

    @Test
    void aChangeIsToldWithBothValuesAndAConflictWithBothPeoples() {
        Change change = new Change("site.exposure", "", "wind|salt", "none");
        assertThat(Told.changes(List.of(change), "Ben").get(0))
                .contains("Ben", "exposure", "nothing", "“wind, salt”", "kept");
        assertThat(Told.conflicts(List.of(change), "Ben").get(0))
                .contains("Ben", "“wind, salt”", "“none”", "Nothing is saved yet");
    }
}
