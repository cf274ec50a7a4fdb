package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.search.Facet;
import org.yellowfit.core.search.Understanding;

/** What a search was understood to ask, as it is told. */
class SearchWordsTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "purple leaf under 60 cm evergreen | purple leaves; at most 60 cm high; evergreen",
                "shrub for dry shade, deer proof   | shrub; dry shade; deer mostly leave it",
                "hardy to 4b, fern                 | hardy in zone 4b; fern",
                "blooms in july                    | in flower in July",
                "no deciduous grass                | not deciduous; grass",
                "semi-evergreen ground cover       | semi-evergreen; covers the ground",
                "red stems in winter               | red winter stems",
                "yellow berries                    | yellow fruit",
            })
    void theSearchIsSaidBack(String typed, String said) {
        assertThat(Understanding.of(typed).conditions().stream()
                        .map(condition -> Sentences.say(condition.meaning(), UnitSystem.METRIC))
                        .collect(Collectors.joining("; ")))
                .isEqualTo(said);
    }

    @ParameterizedTest
    @EnumSource(Facet.class)
    void everyFacetAndGroupHasAName(Facet facet) {
        assertThat(Sentences.label(facet)).isNotBlank();
        assertThat(facet.groups())
                .allSatisfy(group -> assertThat(Sentences.say(group, UnitSystem.METRIC))
                        .isNotBlank()
                        .doesNotContain("facet."));
    }

    @Test
    void lightIsNamedFromShadeToSun() {
        assertThat(Facet.SUN.groups().stream().map(group -> Sentences.say(group, UnitSystem.METRIC)))
                .containsExactly("deep shade", "shade", "part sun", "full sun");
    }
}
