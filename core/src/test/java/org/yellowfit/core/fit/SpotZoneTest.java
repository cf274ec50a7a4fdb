package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Policy;

/** How a spot changes its zone, step by step (rule A3), said and judged alike. */
class SpotZoneTest {

    @ParameterizedTest(name = "{0}, {1}: {2} steps, the last “{3}”")
    @CsvSource(
            delimiter = '|',
            value = {
                "zone=6b                                       | STANDARD | 1 | spot.zone(6b, -20.5556 celsius, -17.7778 celsius)",
                "zone=6b sheltered=yes                         | STANDARD | 2 | spot.sheltered(7a)",
                "zone=6b frostPocket=yes                       | STANDARD | 2 | spot.frost-pocket(6a)",
                "zone=6b sheltered=yes frostPocket=yes         | STANDARD | 3 | spot.frost-pocket(6b)",
                "zone=6b exposure=wind                         | STANDARD | 2 | spot.wind(6a)",
                "zone=6b sheltered=yes exposure=wind           | STANDARD | 3 | spot.wind(6b)",
                "zone=6b container=yes                         | CAUTIOUS | 2 | spot.pot(4b)",
                "zone=6b container=yes                         | STANDARD | 2 | spot.pot(5a)",
                "zone=6b container=yes                         | BOLD     | 2 | spot.pot.bold",
                "zone=6b sheltered=no frostPocket=no           | STANDARD | 1 | spot.zone(6b, -20.5556 celsius, -17.7778 celsius)",
                "zone=1a frostPocket=yes                       | STANDARD | 2 | spot.frost-pocket(1a)",
            })
    void told(String site, Policy policy, int steps, String last) {
        List<Fact> told = SpotZone.steps(Advice.question(site, "", policy));
        assertThat(told).hasSize(steps);
        assertThat(told.get(steps - 1)).hasToString(last);
    }

    @Test
    void withoutAZoneNothingIsTold() {
        assertThat(SpotZone.steps(Advice.question("sunHours=4 sheltered=yes", "", Policy.STANDARD)))
                .isEmpty();
    }

    /** What is told is what is judged: a plant hardy to the last zone fits, one half-zone short does not. */
    @ParameterizedTest(name = "{0}: hardy from {1} fits, from {2} does not")
    @CsvSource(
            delimiter = '|',
            value = {
                "zone=6b                          | 6b | 7a",
                "zone=6b sheltered=yes            | 7a | 7b",
                "zone=6b frostPocket=yes          | 6a | 6b",
                "zone=6b container=yes            | 5a | 5b",
                "zone=6b sheltered=yes container=yes | 5b | 6a",
            })
    void judgedAlike(String site, String fits, String doesNot) {
        Advice.on(Plants.plant("zone_max=11a zone_min=" + fits), site).says(CriterionName.HARDINESS, Verdict.FITS);
        assertThat(Advice.on(Plants.plant("zone_max=11a zone_min=" + doesNot), site)
                        .judgement(CriterionName.HARDINESS)
                        .verdict())
                .isNotEqualTo(Verdict.FITS);
    }

    @Test
    void windIsForEvergreensOnly() {
        Advice.on(Plants.plant("persistence=evergreen zone_min=6a stands=wind"), "zone=6b exposure=wind")
                .says(CriterionName.HARDINESS, Verdict.FITS);
        Advice.on(Plants.plant("persistence=evergreen zone_min=6b stands=wind"), "zone=6b exposure=wind")
                .says(CriterionName.HARDINESS, Verdict.FITS_IF);
        Advice.on(Plants.plant("persistence=deciduous zone_min=6b stands=wind"), "zone=6b exposure=wind")
                .says(CriterionName.HARDINESS, Verdict.FITS);
    }
}
