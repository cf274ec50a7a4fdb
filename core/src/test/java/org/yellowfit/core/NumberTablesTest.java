package org.yellowfit.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.colour.ColourNumber;
import org.yellowfit.core.growth.GrowthNumber;
import org.yellowfit.core.measure.Tabled;
import org.yellowfit.core.season.SeasonNumber;
import org.yellowfit.core.serve.ServeNumber;

/** Numbers stand in docs/rules.md as they stand in the code, package by package: whoever changes one changes both. */
class NumberTablesTest {

    private static final Path RULES = Path.of("..", "docs", "rules.md");
    private static final String BEGIN = "<!-- the numbers of the other packages -->";
    private static final String END = "<!-- end of the other packages -->";

    private static Map<String, Tabled[]> packages() {
        Map<String, Tabled[]> packages = new LinkedHashMap<>();
        packages.put("growth", GrowthNumber.values());
        packages.put("season", SeasonNumber.values());
        packages.put("colour", ColourNumber.values());
        packages.put("serve", ServeNumber.values());
        return packages;
    }

    private static String tables() {
        return packages().entrySet().stream()
                .map(each -> "### " + each.getKey() + "\n" + NumberTables.of(each.getValue()))
                .collect(Collectors.joining("\n\n"));
    }

    @Test
    void theBookAndTheCodeAgree() throws Exception {
        String book = Files.readString(RULES);
        assertThat(book).contains(BEGIN, END);
        assertThat(book.substring(book.indexOf(BEGIN) + BEGIN.length(), book.indexOf(END))
                        .strip())
                .isEqualTo(tables());
    }

    /** Prints the tables anew, from an editor, after a number was changed on purpose. */
    public static void main(String[] args) throws Exception {
        String book = Files.readString(RULES);
        String before = book.substring(0, book.indexOf(BEGIN) + BEGIN.length());
        Files.writeString(RULES, before + "\n" + tables() + "\n" + book.substring(book.indexOf(END)));
    }
}
