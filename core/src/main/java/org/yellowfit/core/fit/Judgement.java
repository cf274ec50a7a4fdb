package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Refused;

/**
 * One criterion of one plant, with its reason.
 *
 * @param score 0–1; a neutral 0.75 when the verdict is unknown (0.6 for hardiness and sun to live)
 * @param site  the site's value
 * @param plant the plant's value
 * @param rule  the rule of docs/rules.md it comes from
 * @param why   plain sentences, the first with both numbers in it
 */
public record Judgement(
        CriterionName criterion,
        Verdict verdict,
        double score,
        Fact site,
        Fact plant,
        String rule,
        List<Fact> why,
        List<Remedy> remedies,
        Optional<Strip> strip) {

    public Judgement {
        if (!(score >= 0 && score <= 1)) {
            throw new Refused("A score (%s) must be between 0 and 1.", score);
        }
        why = List.copyOf(why);
        remedies = List.copyOf(remedies);
    }
}
