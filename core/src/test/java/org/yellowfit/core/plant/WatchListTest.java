package org.yellowfit.core.plant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.tuple;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.UnusableFile;

/** The advisor's own list of plants that run wild at a place (rule F2). */
class WatchListTest {

    @ParameterizedTest(name = "“{0}” speaks of {1}: {2}")
    @CsvSource({
        "Phalaris,                          Phalaris arundinacea, true",
        "phalaris,                          Phalaris arundinacea, true",
        "Phalaris arundinacea,              Phalaris arundinacea, true",
        "'  PHALARIS   arundinacea ',       Phalaris arundinacea, true",
        "Phalaris aquatica,                 Phalaris arundinacea, false",
        "Phal,                              Phalaris arundinacea, false",
        "arundinacea,                       Phalaris arundinacea, false",
        "the-plant,                         Phalaris arundinacea, true",
        "Phalaris arundinacea ‘Deckchair’,  Phalaris arundinacea, true",
        "\"Phalaris arundinacea 'Deckchair'\", Phalaris arundinacea, true",
        "Phalaris arundinacea ‘Hammock’,    Phalaris arundinacea, false",
    })
    void aRowNamesAGenusASpeciesACultivarOrItsId(String row, String botanical, boolean speaks) {
        Cultivar plant = Plants.plant("id=the-plant cultivar=Deckchair botanical=" + botanical.replace(' ', '+'));
        assertThat(WatchList.read("plant,level,note\n\"" + row.replace("\"", "") + "\",watch,\n")
                        .entry(plant)
                        .isPresent())
                .isEqualTo(speaks);
    }

    @Test
    void aPlantsOwnRowGoesBeforeItsSpeciesAndThatBeforeItsGenus() {
        WatchList list = WatchList.read(
                "plant,level,note\nBuddleja,avoid,seeds into walls\nBuddleja davidii,watch,\nbuddleja-tame,watch,sterile\n");
        assertThat(list.entry(Plants.plant("id=buddleja-tame botanical=Buddleja+davidii"))
                        .orElseThrow()
                        .note())
                .isEqualTo("sterile");
        assertThat(list.entry(Plants.plant("id=x botanical=Buddleja+davidii"))
                        .orElseThrow()
                        .level())
                .isEqualTo(WatchList.Level.WATCH);
        assertThat(list.entry(Plants.plant("id=x botanical=Buddleja+alternifolia"))
                        .orElseThrow()
                        .level())
                .isEqualTo(WatchList.Level.AVOID);
        assertThat(list.entry(Plants.plant("id=x botanical=Salvia+nemorosa"))).isEmpty();
    }

    @Test
    void anEmptyListSpeaksOfNothing() {
        assertThat(WatchList.read("plant,level\n").entries()).isEmpty();
        assertThat(WatchList.EMPTY.entry(Plants.plant(""))).isEmpty();
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        WatchList list =
                WatchList.read("plant,level,note\nBuddleja,avoid,\"walls, \"\"and\"\" roofs\"\nPhalaris,watch,\n");
        assertThat(WatchList.read(list.csv()).entries()).isEqualTo(list.entries());
        assertThat(WatchList.read(WatchList.EMPTY.csv()).entries()).isEmpty();
    }

    @Test
    void aListFromASpreadsheetIsRead() {
        assertThat(WatchList.read("\uFEFFPlant;Level;Note\r\nPhalaris;avoid;\"by the burn; it runs\"\r\n")
                        .entries())
                .extracting(WatchList.Entry::plant, WatchList.Entry::level, WatchList.Entry::note)
                .containsExactly(tuple("Phalaris", WatchList.Level.AVOID, "by the burn; it runs"));
    }

    @Test
    void everyWrongRowIsToldByLineAndColumnWithTheNearestWord() {
        UnusableFile refused = catchThrowableOfType(
                UnusableFile.class,
                () -> WatchList.read("plant,level,note\n,watch,\nPhalaris,avoyd,\nSalvia,watch,\nsalvia,avoid,\n"));
        assertThat(refused.problems())
                .extracting(LineProblem::line, LineProblem::column)
                .containsExactly(tuple(2L, "plant"), tuple(3L, "level"), tuple(5L, "plant"));
        assertThat(refused.problems().get(1).message()).contains("watch, avoid", "“avoid”?");
        assertThat(refused.problems().get(2).message()).contains("salvia", "already");
    }

    @ParameterizedTest
    @CsvSource({
        "'', empty",
        "'level\nwatch', plant",
        "'plant\nSalvia', level",
        "'plant,level\nSalvia,watch\n\"Phalaris,avoid', expected one of"
    })
    void whatIsNoListIsRefusedInASentence(String text, String part) {
        assertThat(catchThrowableOfType(UnusableFile.class, () -> WatchList.read(text))
                        .getMessage())
                .contains(part);
    }
}
