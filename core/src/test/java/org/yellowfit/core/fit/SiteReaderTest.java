package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Policy;

class SiteReaderTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "zone; 14; 1a to 13b", "sunHours; -1; 0 to 24", "sunHours; 25; 0 to 24", "sunHours; lots; not a number",
                        "ph; 2.9; 3 to 10", "ph; 10.1; 3 to 10", "texture; mud; clay loam",
                "drainage; godo; good", "deer; many; heavy", "moisture; 0.5; 1 to 5", "depthM; 0; 0.01",
                        "maxHeightM; -2; 0.01", "children; maybe; neither", "plantingDate; 10/05/2026; 2026-05-10",
                "plantingDate; 2026-02-30; 2026-05-10", "horizonYears; 0; 1 to 100",
                        "exposure; reflected-heat; wind, salt", "exposure; sun; wind, salt", "minTempC; -500; -70"
            })
    void aWrongValueIsRefusedAtItsFieldWithWhatWasExpected(String field, String value, String hint) {
        List<Problem> problems = new ArrayList<>();
        SiteReader.site(Map.of(field, value), "site.", problems);
        assertThat(problems).singleElement().satisfies(problem -> {
            assertThat(problem.field()).startsWith("site." + field);
            assertThat(problem.message()).contains(hint);
        });
    }

    @Test
    void valuesOfTheWrongShapeAreRefusedTogether() {
        List<Problem> problems = new ArrayList<>();
        SiteReader.site(
                Map.of("sunHours", List.of(1), "zone", Map.of(), "ph", Double.NaN, "children", 3), "site.", problems);
        assertThat(problems)
                .extracting(Problem::field)
                .containsExactlyInAnyOrder("site.sunHours", "site.zone", "site.ph", "site.children");
    }

    @Test
    void aWrongMemberOfAListIsNamedByItsPlace() {
        List<Problem> problems = new ArrayList<>();
        SiteReader.wants(
                Map.of("bloomMonths", List.of(7, 13), "colours", List.of("gold", "goldd"), "kinds", List.of("shurb")),
                "wants.",
                problems);
        assertThat(problems)
                .extracting(Problem::field)
                .containsExactlyInAnyOrder("wants.bloomMonths[1]", "wants.colours[1]", "wants.kinds[0]");
        assertThat(problems).anySatisfy(problem -> assertThat(problem.message()).contains("Did you mean “shrub”?"));
    }

    @Test
    void nothingGivenIsNothingKnown() {
        List<Problem> problems = new ArrayList<>();
        Map<String, Object> nulls = new HashMap<>();
        nulls.put("zone", null);
        nulls.put("ph", "");
        SiteConditions site = SiteReader.site(nulls, "", problems);
        assertThat(problems).isEmpty();
        assertThat(site.winter().zone()).isNull();
        assertThat(site.soil().ph()).isNull();
        assertThat(site.room().horizonYears()).isEqualTo(10);
        assertThat(SiteReader.policy(null, problems)).isEqualTo(Policy.STANDARD);
    }

    @Test
    void clearancesThatLeaveNothingToPlantAreRefused() {
        List<Problem> problems = new ArrayList<>();
        SiteReader.site(Map.of("depthM", 0.4, "wallClearanceM", 0.3, "pathClearanceM", 0.2), "", problems);
        assertThat(problems).extracting(Problem::field).containsExactly("depthM");
    }

    @Test
    void aZoneMayBeANumberAndALowestTemperatureStandsIn() {
        List<Problem> problems = new ArrayList<>();
        assertThat(SiteReader.site(Map.of("zone", 6), "", problems)
                        .winter()
                        .zone()
                        .label())
                .isEqualTo("6a");
        assertThat(SiteReader.site(Map.of("minTempC", -19.0), "", problems)
                        .winter()
                        .zone()
                        .label())
                .isEqualTo("6b");
        assertThat(problems).isEmpty();
    }
}
