package org.yellowfit.app.takeaway;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.fit.Wants;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Policy;

class SiteSentencesTest {

    private static List<String> told(Map<String, Object> site, UnitSystem units) {
        List<Problem> problems = new ArrayList<>();
        Question question = new Question(SiteReader.site(site, "", problems), Wants.NOTHING, Policy.STANDARD);
        assertThat(problems).isEmpty();
        return SiteSentences.of(question, units);
    }

    @Test
    void whatIsNotKnownIsNotMentioned() {
        assertThat(told(Map.of(), UnitSystem.METRIC)).isEmpty();
    }

    @Test
    void thePlaceIsToldInTheVisitsUnits() {
        Map<String, Object> site = Map.of(
                "zone",
                "6b",
                "sunHours",
                4.5,
                "texture",
                "clay loam",
                "ph",
                6.4,
                "moisture",
                3,
                "maxHeightM",
                0.9144,
                "lengthM",
                6.096);
        assertThat(told(site, UnitSystem.METRIC))
                .contains(
                        "Winters of zone 6b, down to −20.6 °C in a usual year.",
                        "4.5 hours of direct sun a day: part sun.",
                        "Soil: clay loam, pH 6.4.",
                        "The ground is moist.",
                        "Nothing above 91 cm.",
                        "Room: 6.1 m long.");
        assertThat(told(site, UnitSystem.US))
                .contains(
                        "Winters of zone 6b, down to −5 °F in a usual year.",
                        "Nothing above 3 ft.",
                        "Room: 20 ft long.");
    }

    @Test
    void companyAndExposureAreNamed() {
        assertThat(told(
                        Map.of("children", true, "pets", true, "deer", "heavy", "exposure", List.of("juglone", "salt")),
                        UnitSystem.METRIC))
                .contains("Children and pets come here.", "Deer: heavy.")
                .anyMatch(sentence -> sentence.contains("walnut roots"));
        assertThat(told(Map.of("pets", true, "deer", "none"), UnitSystem.METRIC))
                .containsExactly("Pets come here.");
    }
}
