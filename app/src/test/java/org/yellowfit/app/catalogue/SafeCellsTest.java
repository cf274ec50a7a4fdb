package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SafeCellsTest {

    @ParameterizedTest(name = "{0} is written {1}")
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "=1+1, '=1+1",
                "@SUM(A1), '@SUM(A1)",
                "+49 711, '+49 711",
                "-2.5, -2.5",
                "-2.5 m, '-2.5 m",
                "'=1, ''=1",
                "'tis, 'tis",
                "6..7, 6..7",
            })
    void whatIsWrittenSafelyIsReadBackAsItWas(String cell, String written) {
        assertThat(SafeCells.written(cell)).isEqualTo(written);
        assertThat(SafeCells.read(written)).isEqualTo(cell);
    }
}
