package org.yellowfit.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;

/** Plants by the words of their names and of what is said of them. */
class WordIndexTest {

    private static final WordIndex INDEX = new WordIndex(List.of(
            Plants.plant(
                    "id=hydrangea-bell botanical=Hydrangea+paniculata cultivar=Ship’s+Bell common=panicle+hydrangea native_region=East+Asia"),
            Plants.plant(
                    "id=hydrangea-rope botanical=Hydrangea+macrophylla cultivar=Rope+Walk common=bigleaf+hydrangea troubles=mildew+in+still+air"),
            Plants.plant(
                    "id=mahonia-x botanical=Mahonia+×+media kind=shrub leaf_shape=pinnate tell_apart=longer+racemes+than+the+rope+walk"),
            Plants.plant("id=fern botanical=Dryopteris+erythrosora kind=fern")));

    @ParameterizedTest(name = "“{0}” by name: {1}, by all that is said: {2}")
    @CsvSource({
        "hydrangea,        0 1,   0 1",
        "hyd,              0 1,   0 1",
        "bell,             0,     0",
        "ship,             0,     0",
        "walk,             1,     1 2",
        "hydrangea rope,   1,     1",
        "hydrangea fern,   '',    ''",
        "asia,             '',    0",
        "mildew,           '',    1",
        "pinnate,          '',    2",
        "fern,             3,     3",
        "shrub,            '',    0 1 2",
        "zzz,              '',    ''",
        "×,                2,     2",
        "fern-,            '',    ''",
    })
    void wordsFindPlantsByTheirBeginnings(String words, String byName, String byAll) {
        List<String> asked = List.of(words.split(" "));
        assertThat(INDEX.plants(asked, true).toString()).isEqualTo("{" + byName.replace(" ", ", ") + "}");
        assertThat(INDEX.plants(asked, false).toString()).isEqualTo("{" + byAll.replace(" ", ", ") + "}");
    }

    @Test
    void noWordsAtAllFindEveryPlant() {
        assertThat(INDEX.plants(List.of(), true).cardinality()).isEqualTo(4);
    }

    @ParameterizedTest(name = "knows “{0}”: {1}")
    @CsvSource({"hydr, true", "mild, true", "hydx, false", "zz, false", "a, true"})
    void whichBeginningsSomePlantCarries(String beginning, boolean known) {
        assertThat(INDEX.knows(beginning)).isEqualTo(known);
    }

    @ParameterizedTest(name = "“{0}” is plainly “{1}”")
    @CsvSource({
        "Hydrangea, hydrangea",
        "Ship’s, ships",
        "‘Rope’, rope",
        "B-52, b52",
        "×, ×",
        "'!?', ''",
        "ÉCLAIR, éclair"
    })
    void aWordPlainly(String typed, String plain) {
        assertThat(WordIndex.plain(typed)).isEqualTo(plain);
    }
}
