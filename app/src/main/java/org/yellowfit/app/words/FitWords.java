package org.yellowfit.app.words;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Remedy;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;

/** What is said of a plant at a place as a whole. */
public final class FitWords {

    private FitWords() {}

    /** What limits it, or that nothing does. */
    public static String why(Candidate candidate, UnitSystem units) {
        return candidate
                .limitingJudgement()
                .map(judgement -> Sentences.say(judgement.why(), units))
                .orElseGet(() -> Sentences.say(candidate.criteria().isEmpty() ? "fit.nothing-known" : "fit.all"));
    }

    /** How high and wide it usually is after some years, flowers included. */
    public static String size(PlantGrowth growth, double years, UnitSystem units) {
        Amount height = Amount.metres(growth.heightInFlower(years).mid());
        Amount width = Amount.metres(growth.spread(years).mid());
        return Sentences.say(Fact.of("plant.size", height, width), units);
    }

    /** The name of a criterion, in a word or three. */
    public static String criterion(CriterionName name) {
        return Sentences.say("criterion." + Words.of(name));
    }

    /** What to do, the work it is, and what it may make worse. */
    public static String remedy(Remedy remedy, UnitSystem units) {
        List<String> detail = new ArrayList<>();
        if (remedy.minutesPerYear() > 0) {
            detail.add(Sentences.say("remedy.minutes", remedy.minutesPerYear()));
        }
        if (!remedy.mayWorsen().isEmpty()) {
            detail.add(Sentences.say(
                    "remedy.worsens", remedy.mayWorsen().stream().sorted().toList()));
        }
        String text = Sentences.say(remedy.text(), units);
        return detail.isEmpty() ? text : text + " (" + String.join("; ", detail) + ")";
    }
}
