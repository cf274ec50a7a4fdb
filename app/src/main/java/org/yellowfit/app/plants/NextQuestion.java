package org.yellowfit.app.plants;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.AskNext;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.serve.Job;

/** The question worth asking next, with where it is answered. */
@Service
class NextQuestion {

    private static final int RANKED = 60;
    /** The panel of the sentence in which a wish is said. */
    private static final Map<String, String> PANELS = Map.of(
            "importance", "weights",
            "instead", "instead",
            "bloomMonths", "bloom",
            "colours", "colours",
            "berries", "also",
            "maxCareMinutes", "limits");

    /**
     * What is shown of it.
     *
     * @param ask empty when nothing is worth asking
     */
    record Next(String href, String ask, String changes) {

        static final Next NONE = new Next("", "", "");

        public boolean isSomething() {
            return !ask.isEmpty();
        }
    }

    private final CatalogueStore store;
    private final Fragments fragments;

    NextQuestion(CatalogueStore store, Fragments fragments) {
        this.store = store;
        this.fragments = fragments;
    }

    Next of(Visit visit) {
        return fragments.once(AsItIs.of(visit, store.state(), "next"), () -> find(visit));
    }

    private Next find(Visit visit) {
        Question question = visit.question();
        Fit fit = new Fit(store.catalogue(question.policy()));
        Scope scope = Scope.best(Scope.USUAL);
        return fit.askNext(question, scope, fit.order(question, RANKED)).stream()
                .findFirst()
                .map(next -> new Next(
                        href(next, visit),
                        Sentences.say(next.ask(), UnitSystem.METRIC),
                        Sentences.say("ask.changes", next.changes())))
                .orElse(Next.NONE);
    }

    private static String href(AskNext next, Visit visit) {
        String field = next.field();
        if (field.startsWith("site.")) {
            return "/visits/" + visit.id() + "/site";
        }
        if (field.equals("jobs")) {
            return "#job-0-kind";
        }
        return field.startsWith("jobs.")
                ? "#job-" + place(field.substring("jobs.".length()), visit) + "-" + field.substring("jobs.".length())
                : "#wish-" + PANELS.get(field);
    }

    /** The first of the jobs that has such a blank and leaves it open. */
    private static int place(String blank, Visit visit) {
        List<Job> jobs = visit.wants().jobs();
        return IntStream.range(0, jobs.size())
                .filter(k -> jobs.get(k).kind().fields().stream()
                                .anyMatch(field -> field.name().equals(blank))
                        && jobs.get(k).said().fieldNames().stream().noneMatch(blank::equals))
                .findFirst()
                .orElse(0);
    }
}
