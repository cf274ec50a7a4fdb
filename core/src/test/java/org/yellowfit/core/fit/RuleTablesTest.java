package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.NumberTables;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;

/** Every number of the fit stands in docs/rules.md as it stands in the code: whoever changes one changes both. */
class RuleTablesTest {

    private static final Path RULES = Path.of("..", "docs", "rules.md");
    private static final String BEGIN = "<!-- the numbers of the fit -->";
    private static final String END = "<!-- end of the numbers -->";

    /** The tables as docs/rules.md prints them. */
    static String tables() {
        return Stream.of(weights(), outcomes(), numbers(), minutes()).collect(Collectors.joining("\n\n"));
    }

    private static String weights() {
        return Arrays.stream(CriterionName.values())
                .map(name -> "| %s | %s | %s |".formatted(name.word(), Numbers.write(name.weight()), name.rule()))
                .collect(Collectors.joining("\n", "| criterion | weight | rule |\n|---|---|---|\n", ""));
    }

    private static String outcomes() {
        return Arrays.stream(Outcome.values())
                .filter(outcome -> outcome.rule() != null)
                .map(RuleTablesTest::outcome)
                .collect(Collectors.joining(
                        "\n",
                        "| outcome | rule | verdict | at 0 | per unit | at most | margin |\n|---|---|---|---|---|---|---|\n",
                        ""));
    }

    private static String outcome(Outcome outcome) {
        return "| %s | %s | %s | %s | %s | %s | %s |"
                .formatted(
                        Words.of(outcome).replace('-', ' '),
                        outcome.rule(),
                        outcome.verdict().word(),
                        Numbers.rounded(outcome.at0(), 3),
                        Numbers.rounded(outcome.perUnit(), 3),
                        Numbers.rounded(outcome.most(), 2),
                        outcome.unit());
    }

    private static String numbers() {
        return NumberTables.of(RuleNumber.values());
    }

    private static String minutes() {
        return Arrays.stream(Remedy.Action.values())
                .map(action -> "| %s | %d |".formatted(action.word(), action.minutesPerYear()))
                .collect(Collectors.joining("\n", "| remedy | minutes a year for a plant of 1 m |\n|---|---|\n", ""));
    }

    @Test
    void theBookAndTheCodeAgree() throws Exception {
        String book = Files.readString(RULES);
        assertThat(book).contains(BEGIN, END);
        String printed = book.substring(book.indexOf(BEGIN) + BEGIN.length(), book.indexOf(END))
                .strip();
        assertThat(printed).isEqualTo(tables());
    }

    /** Prints the tables anew: {@code RuleTablesTest.main} from an editor, after a number was changed on purpose. */
    public static void main(String[] args) throws Exception {
        String book = Files.readString(RULES);
        String before = book.substring(0, book.indexOf(BEGIN) + BEGIN.length());
        Files.writeString(RULES, before + "\n" + tables() + "\n" + book.substring(book.indexOf(END)));
    }

    /** Each verdict keeps to its band, whatever the margin. */
    @Test
    void noMarginLeavesItsBand() {
        for (Outcome outcome : Outcome.values()) {
            for (double margin = -20; margin <= 20; margin += 0.25) {
                double score = outcome.score(margin);
                Verdict band = Band.verdict(score);
                assertThat(score).isBetween(0.0, 1.0);
                if (outcome.verdict() != Verdict.UNKNOWN) {
                    assertThat(band).as("%s at %s", outcome, margin).isEqualTo(outcome.verdict());
                }
            }
        }
    }
}
