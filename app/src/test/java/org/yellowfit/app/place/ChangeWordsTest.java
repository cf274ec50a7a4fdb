package org.yellowfit.app.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.visit.Known;
import org.yellowfit.app.visit.Merge.Change;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.core.fit.Exposure;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.measure.UnitSystem;

class ChangeWordsTest {

    @ParameterizedTest
    @CsvSource({
        "site.maxHeightM, max height",
        "site.minTempC, min temp",
        "site.zone, zone",
        "place, place",
        "site.strictlyNoHazards, strictly no hazards",
        "draw.f2, a thing in the drawing (f2)"
    })
    void aFieldIsNamedInWords(String field, String words) {
        assertThat(ChangeWords.name(VisitFields.named(field).orElseThrow())).isEqualTo(words);
    }

    @Test
    void aChangeIsToldWithBothValuesAndAConflictWithBothPeoples() {
        Change<?> change = new Change<>(
                VisitFields.site(SiteFields.EXPOSURE),
                Optional.empty(),
                Optional.of(Known.typed(List.of(Exposure.WIND, Exposure.SALT))),
                Optional.of(Known.typed(List.of())));
        ChangeWords words = new ChangeWords("Ben", UnitSystem.METRIC);
        assertThat(words.changes(List.of(change)).get(0))
                .contains("Ben", "exposure", "nothing", "“wind, salt”", "kept");
        assertThat(words.conflicts(List.of(change)).get(0))
                .contains("Ben", "“wind, salt”", "“none”", "Nothing is saved yet");
    }

    @Test
    void lengthsAreToldInTheVisitsUnits() {
        Change<?> change = new Change<>(
                VisitFields.site(SiteFields.DEPTH),
                Optional.of(Known.typed(0.762)),
                Optional.of(Known.typed(0.9144)),
                Optional.empty());
        assertThat(new ChangeWords("Ben", UnitSystem.US)
                        .changes(List.of(change))
                        .get(0))
                .contains("“2 ft 6 in”", "“3 ft”");
    }
}
