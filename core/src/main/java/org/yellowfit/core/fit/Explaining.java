package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.serve.Serving;

/**
 * The second pass, for the few plants that are shown: every criterion with its reasons. For one question and one
 * thread.
 */
final class Explaining {

    private record Asked(CriterionName name, Optional<Judge> judge) {}

    private final Catalogue plants;
    private final List<Asked> asked;
    private final Serving serving;

    Explaining(Catalogue plants, Question question) {
        this.plants = plants;
        serving = question.serving(plants);
        asked = Rules.ALL.stream()
                .filter(rule -> rule.isAsked(question))
                .map(rule -> new Asked(rule.name(), rule.judge(plants, question)))
                .toList();
    }

    Candidate candidate(Ranked ranked) {
        int i = ranked.index();
        List<Judgement> judgements = new ArrayList<>();
        List<Fact> notes = new ArrayList<>();
        double known = 0;
        double all = 0;
        for (Asked each : asked) {
            Ruling ruling = new Ruling();
            ruling.set(Outcome.SITE_UNKNOWN);
            each.judge().ifPresent(judge -> judge.judge(i, ruling));
            double weight = each.name().weight() * shareOfConfidence(ruling);
            all += weight;
            known += weight * knownShare(ruling);
            each.judge().flatMap(judge -> judge.note(i, ruling)).ifPresent(notes::add);
            if (ruling.isTold()) {
                judgements.add(judgement(each.name(), each.judge().orElseThrow(), i, ruling, plants.plants[i]));
            }
        }
        Optional<Judgement> worst = judgements.stream().min(Comparator.comparingDouble(Judgement::score));
        Optional<Judgement> limiting = worst.filter(judgement -> judgement.score() < 1);
        return new Candidate(
                ranked,
                verdict(worst),
                all == 0 ? 0 : known / all,
                limiting.map(Judgement::criterion),
                judgements,
                notes,
                serving.services(i),
                Optional.empty());
    }

    private static Judgement judgement(CriterionName name, Judge judge, int i, Ruling ruling, Cultivar plant) {
        Finding found = ruling.isUnknown() ? unknown(name) : judge.explain(i, ruling);
        return new Judgement(
                name,
                ruling.verdict(),
                ruling.score(),
                judge.site(),
                found.plant(),
                found.rule(),
                found.why(),
                found.remedies().stream().map(remedy -> remedy.forPlant(plant)).toList(),
                found.strip());
    }

    /**
     * What is not known of the place is the same for every plant: it counts, but less than what is not known of this
     * one.
     */
    private static double shareOfConfidence(Ruling ruling) {
        if (ruling.is(Outcome.NOT_ABOUT_IT)) {
            return 0;
        }
        return ruling.is(Outcome.SITE_UNKNOWN) ? RuleNumber.PLACE_IN_CONFIDENCE.value : 1;
    }

    private static double knownShare(Ruling ruling) {
        if (!ruling.isTold() || ruling.isUnknown()) {
            return 0;
        }
        return ruling.outcome().isClose() ? RuleNumber.CLOSE_IN_CONFIDENCE.value : 1;
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
