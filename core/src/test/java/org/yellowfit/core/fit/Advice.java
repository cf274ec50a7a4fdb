package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.AbstractAssert;
import org.assertj.core.api.Assertions;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.WatchList;

/** Asks the fit about one plant at one place, and reads the answer as the trade speaks. */
final class Advice extends AbstractAssert<Advice, Candidate> {

    private Advice(Candidate candidate) {
        super(candidate, Advice.class);
    }

    /** @param site fields as {@code name=value}, lists joined by {@code |}, blanks within a value written as + */
    static Advice on(Cultivar plant, String site) {
        return on(plant, site, "", Policy.STANDARD);
    }

    static Advice on(Cultivar plant, String site, String wants, Policy policy) {
        return new Advice(ask(plant, question(site, wants, policy)));
    }

    static Candidate ask(Cultivar plant, Question question) {
        return ask(plant, WatchList.EMPTY, question);
    }

    static Advice on(Cultivar plant, WatchList watched, String site) {
        return new Advice(ask(plant, watched, question(site, "", Policy.STANDARD)));
    }

    static Candidate ask(Cultivar plant, WatchList watched, Question question) {
        return new Fit(Catalogue.of(List.of(plant), watched))
                .rank(question, Scope.only(List.of(plant.id())))
                .candidates()
                .get(0);
    }

    static Question question(String site, String wants, Policy policy) {
        List<Problem> problems = new ArrayList<>();
        Question question = new Question(
                SiteReader.site(values(site), "site.", problems),
                SiteReader.wants(values(wants), "wants.", problems),
                policy);
        Assertions.assertThat(problems).isEmpty();
        return question;
    }

    private static Map<String, Object> values(String fields) {
        Map<String, Object> values = new HashMap<>();
        for (String field : fields.isBlank() ? new String[0] : fields.trim().split("\\s+")) {
            String[] parts = field.split("=", 2);
            String text = parts[1].replace('+', ' ');
            boolean list = List.of(
                            "exposure",
                            "kinds",
                            "colours",
                            "bloomMonths",
                            "uses",
                            "must",
                            "habits",
                            "leafTextures",
                            "show",
                            "colourMonths",
                            "springFrosts",
                            "partners",
                            "practice")
                    .contains(parts[0]);
            values.put(parts[0], list ? text.isEmpty() ? List.of() : List.of(text.split("\\|")) : text);
        }
        return values;
    }

    Advice says(CriterionName criterion, Verdict verdict) {
        Judgement judgement = judgement(criterion);
        Assertions.assertThat(judgement.verdict())
                .as("%s: %s", criterion, judgement.why())
                .isEqualTo(verdict);
        return this;
    }

    Advice remediedBy(CriterionName criterion, Remedy.Action action) {
        Assertions.assertThat(judgement(criterion).remedies())
                .extracting(Remedy::action)
                .contains(action);
        return this;
    }

    Advice byRule(CriterionName criterion, String rule) {
        Assertions.assertThat(judgement(criterion).rule()).isEqualTo(rule);
        return this;
    }

    Advice because(CriterionName criterion, String... parts) {
        Assertions.assertThat(judgement(criterion).why().toString()).contains(parts);
        return this;
    }

    Advice isSilentOn(CriterionName criterion) {
        Assertions.assertThat(actual.judgement(criterion))
                .as("nothing is to be said of %s", criterion)
                .isEmpty();
        return this;
    }

    Advice isLimitedBy(CriterionName criterion) {
        Assertions.assertThat(actual.limiting()).contains(criterion);
        return this;
    }

    Advice concludes(Verdict verdict) {
        Assertions.assertThat(actual.verdict()).isEqualTo(verdict);
        return this;
    }

    Judgement judgement(CriterionName criterion) {
        return actual.judgement(criterion).orElseThrow(() -> new AssertionError("Nothing was said of " + criterion));
    }
}
