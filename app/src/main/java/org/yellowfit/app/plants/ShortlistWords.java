package org.yellowfit.app.plants;

import java.util.Locale;
import org.yellowfit.app.words.FitWords;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Remedy;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.serve.Service;

/** The words of the shortlist for what the core names. */
final class ShortlistWords {

    private static final double NEARLY = 0.85;
    private static final double PARTLY = 0.4;

    private ShortlistWords() {}

    /** The first remedy of what limits a plant, or what limits it, in few words. */
    static String remedied(Candidate candidate, CriterionName name) {
        return candidate
                .judgement(name)
                .flatMap(judgement -> judgement.remedies().stream().findFirst())
                .map(remedy -> remedied(remedy.action(), name))
                .orElseGet(() -> name == CriterionName.WANTS
                        ? Sentences.say("remedied.must")
                        : Sentences.say(
                                "remedied.found-out", FitWords.criterion(name).toLowerCase(Locale.ROOT)));
    }

    private static String remedied(Remedy.Action action, CriterionName name) {
        String key = "remedied." + Words.of(action);
        return Sentences.find(key + "." + Words.of(name)).orElseGet(() -> Sentences.say(key));
    }

    static String verdict(Verdict verdict) {
        return Sentences.label(verdict);
    }

    /** How far a wish is met, by shape. */
    static String dot(Service service) {
        if (!service.known()) {
            return "asked";
        }
        if (service.met() >= NEARLY) {
            return "full";
        }
        return service.met() >= PARTLY ? "half" : "open";
    }

    /** Verdicts are told by shape, never by colour alone. */
    static String dot(Verdict verdict) {
        return switch (verdict) {
            case FITS -> "full";
            case FITS_IF -> "half";
            case NO -> "open";
            case UNKNOWN -> "asked";
        };
    }
}
