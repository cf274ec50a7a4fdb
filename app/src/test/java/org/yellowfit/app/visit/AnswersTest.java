package org.yellowfit.app.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.measure.UnitSystem;

class AnswersTest {

    @ParameterizedTest
    @CsvSource({
        // base, theirs, mine, merged, in conflict
        "6a, 6a, 6b, 6b, false",
        "6a, 6b, 6a, 6b, false",
        "6a, 6b, 6b, 6b, false",
        "6a, 6b, 7a, 7a, true",
        "'', 6b, '', 6b, false",
        "6a, '', 6a, '', false",
        "6a, '', 6b, 6b, true"
    })
    void twoEditsOfOneFieldComeTogether(String base, String theirs, String mine, String merged, boolean conflict) {
        Answers.Merge merge = Answers.merge(of(base), of(theirs), of(mine));
        assertThat(merge.merged().getOrDefault("site.zone", "")).isEqualTo(merged);
        assertThat(merge.conflicts().isEmpty()).isEqualTo(!conflict);
    }

    private static Map<String, String> of(String zone) {
        return zone.isEmpty() ? Map.of() : Map.of("site.zone", zone);
    }

    @Test
    void whatWasTypedInFeetIsKeptInMetresAndShownBack() {
        Map<String, String> before = Map.of("units", "US");
        VisitFields.Checked checked =
                VisitFields.check(Map.of("units", "US", "site.depthM", "2 ft 6 in", "site.minTempC", "-5"), before);
        assertThat(checked.problems()).isEmpty();
        assertThat(checked.answers()).containsEntry("site.depthM", "0.762").containsEntry("site.minTempC", "-20.56");
        assertThat(VisitFields.shown("site.depthM", "0.762", UnitSystem.US)).isEqualTo("2 ft 6 in");
        assertThat(VisitFields.shown("site.depthM", "0.762", UnitSystem.METRIC)).isEqualTo("0.762 m");
    }

    @Test
    void aLengthLeftAsItWasShownStaysExactlyAsItWas() {
        Map<String, String> before = Map.of("units", "US", "site.depthM", "0.7");
        String shown = VisitFields.shown("site.depthM", "0.7", UnitSystem.US);
        assertThat(VisitFields.check(Map.of("units", "US", "site.depthM", shown), before)
                        .answers())
                .containsEntry("site.depthM", "0.7");
    }

    @Test
    void problemsStandAtTheirFields() {
        VisitFields.Checked checked = VisitFields.check(
                Map.of("site.ph", "70", "site.depthM", "wide", "wants.maxCareMinutes", "-3", "place", "x".repeat(200)),
                Map.of());
        assertThat(checked.problems()).containsOnlyKeys("site.ph", "site.depthM", "wants.maxCareMinutes", "place");
    }
}
