package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Policy;

/**
 * The whole judgement as a table a practitioner can read: what is special of the plant, the place, what is wanted, and
 * what the fit must
 * say: verdict, what limits it, by which rule. The expected column is worked out from the rules in docs/rules.md, at
 * their edges.
 */
class JudgementCasesTest {

    @ParameterizedTest(name = "{0} at {1} {2} {3}: {4} by {5} {6}")
    @CsvFileSource(resources = "/judgement-cases.csv", numLinesToSkip = 1)
    void isJudged(
            String plant,
            String site,
            String wants,
            Policy policy,
            Verdict verdict,
            CriterionName limiting,
            String rule) {
        Candidate candidate = Advice.ask(
                Plants.plant(plant == null ? "" : plant),
                Advice.question(site == null ? "" : site, wants == null ? "" : wants, policy));
        assertThat(candidate.verdict()).as("%s", candidate.criteria()).isEqualTo(verdict);
        if (limiting == null) {
            assertThat(candidate.limiting()).as("%s", candidate.criteria()).isEmpty();
        } else {
            Judgement judgement = candidate.judgement(limiting).orElseThrow();
            assertThat(judgement.score())
                    .as("the lowest score")
                    .isEqualTo(candidate.criteria().stream()
                            .mapToDouble(Judgement::score)
                            .min()
                            .orElseThrow());
            assertThat(judgement.rule()).isEqualTo(rule);
        }
    }

    @Test
    void thereAreEnoughOfThem() throws java.io.IOException {
        try (var in = getClass().getResourceAsStream("/judgement-cases.csv")) {
            assertThat(new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8)
                            .lines()
                            .count())
                    .isGreaterThan(120);
        }
    }
}
