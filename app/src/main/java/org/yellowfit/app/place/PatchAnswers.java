package org.yellowfit.app.place;

import java.util.LinkedHashMap;
import java.util.Map;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.site.BedPatch;
import org.yellowfit.core.site.SpotLimit;

/** What a patch says of the site, as answers of the visit. */
final class PatchAnswers {

    private PatchAnswers() {}

    static Map<String, String> of(BedPatch patch) {
        Map<String, String> answers = new LinkedHashMap<>();
        String from = Provenance.computed("from the drawing, patch " + patch.name());
        put(answers, "sunHours", number(patch.light().hours(), 1), from);
        put(answers, "hotHours", number(patch.light().hot(), 1), from);
        put(answers, "sunBias", Words.of(patch.light().bias()), from);
        put(answers, "reflectedHeat", patch.reflectedHeat() ? "yes" : "no", from);
        put(answers, "lengthM", number(patch.lengthM(), 2), from);
        put(answers, "depthM", number(patch.depthM(), 2), from);
        put(
                answers,
                "maxHeightM",
                patch.lowestLimit().map(limit -> number(limit.metres(), 2)).orElse(""),
                patch.lowestLimit()
                        .map(SpotLimit::because)
                        .map(because -> Provenance.computed("from the drawing, " + because))
                        .orElse(""));
        answers.put(Answers.AT + "patch", patch.name());
        answers.put(Answers.AT + "areaM2", number(patch.light().areaM2(), 2));
        answers.put(Answers.AT + "underRoof", patch.underRoof() ? "yes" : "no");
        answers.put(
                Answers.AT + "slopePercent",
                patch.slopePercent().map(slope -> number(slope, 1)).orElse(""));
        return answers;
    }

    private static void put(Map<String, String> answers, String field, String value, String from) {
        answers.put(Answers.SITE + field, value);
        answers.put(Answers.FROM + field, from);
    }

    private static String number(double value, int decimals) {
        return Numbers.rounded(value, decimals);
    }
}
