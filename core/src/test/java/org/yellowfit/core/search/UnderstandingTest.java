package org.yellowfit.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;

/** What is read out of a search as people type it. */
class UnderstandingTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "purple leaf under 60 cm evergreen | leaves-of purple; at-most.high 60 cm; evergreen |",
                "hydrangea white flowers           | flowers-of white                   | hydrangea",
                "shrub for dry shade, deer proof   | shrub; dry-shade; deer-mostly-leave-it |",
                "narrow hedge at least 2 m         | columnar; for-a-hedge; at-least.high 2 m |",
                "Grass over 3 ft wide              | grass; at-least.wide 3 ft          |",
                "hardy to 4b                       | hardy-in-zone 4b                   |",
                "zone 5 fern                       | hardy-in-zone 5a; fern             |",
                "blooms in july                    | in-flower-in july                  |",
                "not thorny                        | not thorns                         |",
                "no deciduous shrubs               | not deciduous; shrub               |",
                "semi-evergreen ground cover       | semi-evergreen; covers-the-ground  |",
                "rope walk                         |                                    | rope walk",
                "a plant with the scent            | fragrant                           |",
                "red stems in winter               | stems-of red                       |",
                "under 80                          | at-most.high 80 cm                 |",
                "less than 0.5 m across            | at-most.wide 0.5 m                 |",
                "geranum                           |                                    | geranum"
            })
    void conditionsAndWords(String typed, String conditions, String words) {
        Understood understood = Understanding.of(typed);
        assertThat(understood.conditions().stream()
                        .map(condition -> name(condition.meaning()))
                        .collect(Collectors.joining("; ")))
                .isEqualTo(conditions == null ? "" : conditions);
        assertThat(String.join(" ", understood.words())).isEqualTo(words == null ? "" : words);
    }

    /** {@code search.at-most.high(60 cm)} is named “at-most.high 60 cm”. */
    private static String name(Fact meaning) {
        String key = meaning.key().replace("search.", "").replace("value", "");
        String values = meaning.values().stream().map(UnderstandingTest::named).collect(Collectors.joining(" "));
        return (key + " " + values).strip();
    }

    private static String named(Object value) {
        if (value instanceof Fact fact) {
            return name(fact);
        }
        return value instanceof Enum<?> word ? Words.of(word) : String.valueOf(value);
    }

    @ParameterizedTest(name = "{0} → {2}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "purple leaf         | leaf_summer=purple#4f2a41            | true",
                "purple leaf         | flower_colours=purple#4f2a41         | false",
                "purple              | flower_colours=purple#4f2a41         | true",
                "under 60 cm         | height10_m=0.4..0.6                  | true",
                "under 60 cm         | height10_m=0.4..0.7                  | false",
                "over 2 m            | height10_m=1.8..2.2                  | true",
                "zone 4              | zone_min=4a zone_max=8b              | true",
                "zone 9              | zone_min=4a zone_max=8b              | false",
                "salt                | stands=wind                          | false",
                "wet clay            | texture=clay moisture=3..5           | true",
                "dry shade           | sun_live_h=1 moisture=1.5..3         | true",
                "not thorns          | hazards=thorns                       | false",
                "non-toxic           | hazards=none                         | true",
                "non-toxic           | hazards=                             | false",
                "june                | bloom=5.3..6.1                       | true",
                "august              | bloom=5.3..6.1                       | false",
                "autumn colour       | leaf_autumn=scarlet#cc3a26           | true",
                "winter interest     | persistence=evergreen                | true"
            })
    void whatHolds(String typed, String cells, boolean holds) {
        assertThat(Understanding.of(typed).holdsFor(Plants.plant(cells))).isEqualTo(holds);
    }

    @Test
    void aConditionIsTakenOutByItsOwnWords() {
        String typed = "purple leaf under 60 cm evergreen";
        Understood understood = Understanding.of(typed);
        assertThat(Understanding.without(typed, understood.conditions().get(1).said()))
                .isEqualTo("purple leaf evergreen");
        assertThat(Understanding.without(
                        "Evergreen Purple Leaf",
                        Understanding.of("Evergreen Purple Leaf")
                                .conditions()
                                .get(1)
                                .said()))
                .isEqualTo("Evergreen");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "   ",
                "((((",
                "%_\\'\"",
                "under",
                "under m",
                "not",
                "zone 99",
                "\u0000\u0001",
                "🌿🌿",
                "under 99999999999999999999 cm"
            })
    void whateverIsTypedIsRead(String typed) {
        assertThat(Understanding.of(typed)).isNotNull();
    }

    @Test
    void aVeryLongSearchIsReadByItsBeginning() {
        assertThat(Understanding.of("evergreen " + "x".repeat(5000)).conditions())
                .hasSize(1);
    }

    @Test
    void groupsAreCounted() {
        List<Cultivar> plants = List.of(
                Plants.plant("id=a kind=shrub height10_m=1 sun_live_h=1 sun_max_h=5"),
                Plants.plant("id=b kind=shrub height10_m=3 flower_colours=white#ffffff|pink#e39bb5"),
                Plants.plant("id=c kind=fern height10_m=0.2"));
        FacetIndex index = new FacetIndex(plants);
        BitSet all = new BitSet();
        all.set(0, 3);
        assertThat(index.counts(all, Facet.KIND)[1]).isEqualTo(2);
        assertThat(index.counts(all, Facet.HEIGHT)).containsExactly(1, 0, 1, 0, 1, 0);
        assertThat(index.counts(all, Facet.SUN)).containsExactly(1, 3, 3, 2);
        assertThat(index.counts(all, Facet.FLOWER)[0]).isEqualTo(1);
        assertThat(index.narrowed(all, Map.of(Facet.FLOWER, 4)).stream()).containsExactly(1);
        assertThat(index.narrowed(all, Map.of(Facet.FLOWER, 4, Facet.HEIGHT, 2)).stream())
                .isEmpty();
        assertThat(index.narrowed(all, Map.of()).stream()).containsExactly(0, 1, 2);
        all.clear(1);
        assertThat(index.counts(all, Facet.KIND)[1]).isEqualTo(1);
    }
}
