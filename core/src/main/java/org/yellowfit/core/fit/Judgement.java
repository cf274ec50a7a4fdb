package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;

/**
 * One criterion of one plant, with its reason.
 *
 * @param score 0–1; a neutral 0.75 when the verdict is unknown (0.6 for hardiness and sun to live)
 * @param site  the site's value in words
 * @param plant the plant's value in words
 * @param rule  the rule of docs/rules.md it comes from
 * @param why   one plain sentence with both numbers in it
 */
public record Judgement(
        CriterionName criterion,
        Verdict verdict,
        double score,
        String site,
        String plant,
        String rule,
        String why,
        List<Remedy> remedies,
        Optional<Strip> strip) {

    public Judgement {
        remedies = List.copyOf(remedies);
    }
}
