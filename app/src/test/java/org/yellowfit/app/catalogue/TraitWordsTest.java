package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.plant.Traits;

/** Columns and cells of the catalogue as they are read on a plant's page. */
class TraitWordsTest {

    @ParameterizedTest(name = "{0}: {1}, alone {2}")
    @CsvSource({
        "height10_m, 'Height at ten years, m', Height at ten years",
        "care_min_year, 'Care, minutes a year', Care",
        "moisture, 'Moisture, 1 dry to 5 wet', Moisture",
        "ph, Soil pH, Soil pH",
        "leaf_texture, Leaf texture, Leaf texture",
    })
    void columns(String column, String name, String alone) {
        assertThat(TraitWords.name(Traits.named(column).orElseThrow())).isEqualTo(name);
        assertThat(TraitWords.alone(Traits.named(column).orElseThrow())).isEqualTo(alone);
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource({
        "bloom, 6.2..9.1, mid June to early September",
        "bloom, 11.3..2.2, late November to mid February",
        "height10_m, 0.8..1.2, 0.8–1.2",
        "texture, sand|loam, 'sand, loam'",
        "leaf_summer, green#4f7a3a|white#f2f2ea, 'green, white'",
        "ph, '', not known",
    })
    void cells(String column, String cell, String words) {
        assertThat(TraitWords.value(Traits.named(column).orElseThrow(), cell)).isEqualTo(words);
    }
}
