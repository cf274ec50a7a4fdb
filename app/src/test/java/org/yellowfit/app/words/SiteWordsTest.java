package org.yellowfit.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.light.LightCutoffs;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Wants;

class SiteWordsTest {

    private static List<String> told(Map<String, Object> site, UnitSystem units) {
        List<Problem> problems = new ArrayList<>();
        Question question = new Question(SiteReader.site(site, "", problems), Wants.NOTHING, Policy.STANDARD);
        assertThat(problems).isEmpty();
        return new SiteWords(question.site(), units, LightCutoffs.USUAL).known();
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
                        "4.5 h of direct sun a day in the growing season: part sun.",
                        "Clay loam, pH 6.4.",
                        "Moisture 3 of 5: moist.",
                        "6.1 m long, nothing above 91 cm, judged after 10 years.");
        assertThat(told(site, UnitSystem.US))
                .contains(
                        "Winters of zone 6b, down to −5 °F in a usual year.",
                        "20 ft long, nothing above 3 ft, judged after 10 years.");
    }

    @Test
    void companyAndExposureAreNamed() {
        assertThat(told(
                        Map.of(
                                "children",
                                true,
                                "pets",
                                true,
                                "deer",
                                "heavy",
                                "exposure",
                                List.of("juglone", "road-salt"),
                                "practice",
                                List.of("watered")),
                        UnitSystem.METRIC))
                .containsExactly(
                        "Children, pets, many deer, exposed to salt off a road, walnut roots, done anyway: watered in dry spells.");
        assertThat(told(Map.of("pets", true, "deer", "none"), UnitSystem.METRIC))
                .containsExactly("Pets, no deer.");
    }

    @Test
    void theGlanceIsZoneLightSoilAndLimit() {
        List<Problem> problems = new ArrayList<>();
        Map<String, Object> site =
                Map.of("zone", "6b", "sunHours", 3.96, "texture", "clay loam", "maxHeightM", 0.9, "ph", 6);
        assertThat(new SiteWords(SiteReader.site(site, "", problems), UnitSystem.METRIC, LightCutoffs.USUAL).glance())
                .isEqualTo("zone 6b · shade, 4 h · clay loam · under 90 cm");
        assertThat(new SiteWords(SiteReader.site(Map.of(), "", problems), UnitSystem.US, LightCutoffs.USUAL).glance())
                .isEqualTo("Nothing noted of the place yet");
    }

    /** B1: some advisors call three hours part. */
    @Test
    void hoursAreNamedAsTheShopNamesThem() {
        List<Problem> problems = new ArrayList<>();
        var site = SiteReader.site(Map.of("sunHours", 3.5), "", problems);
        assertThat(new SiteWords(site, UnitSystem.METRIC, LightCutoffs.USUAL)
                        .known()
                        .get(0))
                .contains("3.5 h", "shade");
        assertThat(new SiteWords(site, UnitSystem.METRIC, new LightCutoffs(6, 3, 1.5))
                        .known()
                        .get(0))
                .contains("3.5 h", "part sun");
    }
}
