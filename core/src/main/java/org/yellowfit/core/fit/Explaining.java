package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The second pass, for the few plants that are shown: every criterion with its words. */
final class Explaining {

    private Explaining() {}

    static Candidate candidate(Catalogue plants, int i, Question question, double score) {
        List<Judgement> judgements = new ArrayList<>();
        double known = 0;
        double all = 0;
        for (Criterion criterion : Marking.CRITERIA) {
            double mark = criterion.mark(plants, i, question);
            if (mark != Scale.DOES_NOT_APPLY) {
                all += criterion.name().weight();
                known += Scale.isScore(mark) ? criterion.name().weight() : 0;
            }
            if (mark >= Scale.UNKNOWN) {
                judgements.add(judgement(criterion, plants, i, question, mark));
            }
        }
        Optional<Judgement> limiting = judgements.stream().min(java.util.Comparator.comparingDouble(Judgement::score));
        return new Candidate(
                plants.plants[i],
                verdict(limiting),
                score,
                all == 0 ? 0 : known / all,
                limiting.map(Judgement::criterion),
                judgements,
                Optional.empty());
    }

    private static Judgement judgement(Criterion criterion, Catalogue plants, int i, Question question, double mark) {
        double score = Marking.counted(criterion.name(), mark);
        if (mark == Scale.UNKNOWN) {
            return new Judgement(
                    criterion.name(),
                    Verdict.UNKNOWN,
                    score,
                    criterion.site(question),
                    Phrases.say("unknown.plant"),
                    criterion.rule(),
                    Phrases.say("unknown." + criterion.name().word()),
                    List.of(),
                    Optional.empty());
        }
        Explained said = criterion.explain(plants, i, question, mark);
        return new Judgement(
                criterion.name(),
                Scale.verdict(mark),
                score,
                criterion.site(question),
                said.plant(),
                said.rule(),
                said.why(),
                said.remedies(),
                Optional.ofNullable(said.strip()));
    }

    /** The worst criterion's verdict is the one of the lowest score, by the bands of {@link Scale}. */
    private static Verdict verdict(Optional<Judgement> limiting) {
        return limiting.map(judgement -> Scale.verdict(judgement.score())).orElse(Verdict.FITS_IF);
    }
}
