package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;

/** “Like this one, but …” */
class DifferenceTest {

    @ParameterizedTest(name = "{0}: {1} beside {2}: {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "SMALLER      | height10_m=1 spread10_m=1             | height10_m=0.84 spread10_m=1.04      | true",
                "SMALLER      | height10_m=1 spread10_m=1             | height10_m=0.86 spread10_m=0.5       | false",
                "SMALLER      | height10_m=1 spread10_m=1             | height10_m=0.5 spread10_m=1.06       | false",
                "HARDIER      | zone_min=5b                           | zone_min=5a                          | true",
                "HARDIER      | zone_min=5b                           | zone_min=5b                          | false",
                "EARLIER      | bloom=6.2..7.1                        | bloom=6.1..7.1                       | true",
                "EARLIER      | bloom=6.2..7.1                        | bloom=6.2..6.3                       | false",
                "EARLIER      | bloom=6.2..7.1                        | bloom=                               | false",
                "REPEATS      | rebloom=none                          | rebloom=flush                        | true",
                "REPEATS      | rebloom=none                          | rebloom=none                         | false",
                "OTHER_COLOUR | flower_colours=white#ffffff           | flower_colours=purple#5a2f80         | true",
                "OTHER_COLOUR | flower_colours=pink#e39bb5            | flower_colours=pink#e79ab8           | false",
            })
    void anotherPlantIsSo(Difference difference, String asked, String other, boolean holds) {
        assertThat(difference.holds(Plants.plant(asked), Plants.plant(other))).isEqualTo(holds);
    }
}
