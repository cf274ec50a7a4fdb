package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;

/** The second pass, for the few plants that are shown: every criterion with its reasons. For one question and one thread. */
final class Explaining {

    private record Asked(CriterionName name, Optional<Judge> judge) {}

    private final Catalogue plants;
    private final List<Asked> asked;

    Explaining(Catalogue plants, Question question) {
        this.plants = plants;
        asked = Rules.ALL.stream()
                .filter(rule -> rule.isAsked(question))
                .map(rule -> new Asked(rule.name(), rule.judge(plants, question)))
                .toList();
    }

    Candidate candidate(int i, double score) {
        List<Judgement> judgements = new ArrayList<>();
        double known = 0;
        double all = 0;
        for (Asked each : asked) {
            Ruling ruling = new Ruling();
            ruling.set(Outcome.SITE_UNKNOWN);
            each.judge().ifPresent(judge -> judge.judge(i, ruling));
            if (!ruling.is(Outcome.NOT_ABOUT_IT)) {
                all += each.name().weight();
                known += ruling.isTold() && !ruling.isUnknown() ? each.name().weight() : 0;
            }
            if (ruling.isTold()) {
                judgements.add(judgement(each.name(), each.judge().orElseThrow(), i, ruling));
            }
        }
        Optional<Judgement> limiting = judgements.stream().min(Comparator.comparingDouble(Judgement::score));
        return new Candidate(
                plants.plants[i],
                verdict(limiting),
                score,
                all == 0 ? 0 : known / all,
                limiting.map(Judgement::criterion),
                judgements,
                Optional.empty());
    }

    private static Judgement judgement(CriterionName name, Judge judge, int i, Ruling ruling) {
        Finding found = ruling.isUnknown() ? unknown(name) : judge.explain(i, ruling);
        return new Judgement(
                name,
                ruling.verdict(),
                ruling.score(),
                judge.site(),
                found.plant(),
                found.rule(),
                found.why(),
                found.remedies(),
                found.strip());
    }

    private static Finding unknown(CriterionName name) {
        Fact why = Fact.of("unknown." + name.word());
        return new Finding(Fact.of("unknown.plant"), name.rule(), List.of(why), List.of(), Optional.empty());
    }

    /** The worst criterion's verdict is the one of the lowest score, by the bands of {@link Band}. */
    private static Verdict verdict(Optional<Judgement> limiting) {
        return limiting.map(judgement -> Band.verdict(judgement.score())).orElse(Verdict.FITS_IF);
    }
}
