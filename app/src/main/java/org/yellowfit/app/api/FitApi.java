package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.web.Meters;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.AskNext;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.First;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.FitResult;
import org.yellowfit.core.fit.Judgement;
import org.yellowfit.core.fit.NothingServes;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Remedy;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.serve.Like;
import org.yellowfit.core.serve.Service;

@RestController
@RequestMapping(value = "/api/v1/fit", produces = MediaType.APPLICATION_JSON_VALUE)
class FitApi {

    record FitAnswer(
            int considered,
            long tookMicros,
            List<CandidateJson> candidates,
            List<FirstJson> first,
            String firstWhy,
            List<AskJson> questions,
            NothingServesJson nothingServes,
            List<String> ignored) {}

    /** One of the first five (rule L6). */
    record FirstJson(String id, String as, String why, List<GivesUpJson> givesUp) {

        static FirstJson of(First first) {
            return new FirstJson(
                    first.ranked().plant().id(),
                    Words.of(first.as()),
                    Sentences.say(first.why(), UnitSystem.METRIC),
                    first.givesUp().stream().map(GivesUpJson::of).toList());
        }
    }

    /** What the first meets better: a wish by its field, a job by its word. */
    record GivesUpJson(String want, double met, double best) {

        static GivesUpJson of(First.GivenUp lost) {
            return new GivesUpJson(lost.want(), rounded(lost.met()), rounded(lost.best()));
        }
    }

    /** What to ask next (rule L8). */
    record AskJson(String field, String ask, int changes) {

        static AskJson of(AskNext next) {
            return new AskJson(next.field(), Sentences.say(next.ask(), UnitSystem.METRIC), next.changes());
        }
    }

    /** Null where something serves (rule L7). */
    record NothingServesJson(String why, List<OpensJson> opens) {

        static NothingServesJson of(NothingServes nothing) {
            return new NothingServesJson(
                    Sentences.say(nothing.why(), UnitSystem.METRIC),
                    nothing.opens().stream()
                            .map(each -> new OpensJson(Sentences.say(each.change(), UnitSystem.METRIC), each.plants()))
                            .toList());
        }
    }

    record OpensJson(String change, int plants) {}

    /** How it meets one wish or does one job. */
    record ServiceJson(String want, double met, boolean known, String why) {

        static ServiceJson of(Service service) {
            return new ServiceJson(
                    service.want(),
                    rounded(service.met()),
                    service.known(),
                    Sentences.say(service.why(), UnitSystem.METRIC));
        }
    }

    record CandidateJson(
            String id,
            String name,
            String verdict,
            double score,
            double confidence,
            double utility,
            double serve,
            String live,
            int step,
            String limiting,
            Instead instead,
            List<CriterionJson> criteria,
            List<ServiceJson> services,
            List<String> notes) {

        static CandidateJson of(Candidate candidate) {
            return new CandidateJson(
                    candidate.plant().id(),
                    candidate.plant().name(),
                    candidate.verdict().word(),
                    rounded(candidate.score()),
                    rounded(candidate.confidence()),
                    rounded(candidate.ranked().utility()),
                    rounded(candidate.ranked().serve()),
                    Words.of(candidate.ranked().live()),
                    candidate.ranked().step(),
                    candidate.limiting().map(name -> name.word()).orElse(null),
                    candidate.instead().map(Instead::of).orElse(null),
                    candidate.criteria().stream().map(CriterionJson::of).toList(),
                    candidate.services().stream().map(ServiceJson::of).toList(),
                    Sentences.each(candidate.notes(), UnitSystem.METRIC));
        }
    }

    /** The nearest plant that needs no remedy. */
    record Instead(String id, String name) {

        static Instead of(Cultivar plant) {
            return new Instead(plant.id(), plant.name());
        }
    }

    record CriterionJson(
            String criterion,
            String verdict,
            double score,
            String site,
            String plant,
            String rule,
            String why,
            List<RemedyJson> remedies) {

        static CriterionJson of(Judgement j) {
            return new CriterionJson(
                    j.criterion().word(),
                    j.verdict().word(),
                    rounded(j.score()),
                    Sentences.say(j.site(), UnitSystem.METRIC),
                    Sentences.say(j.plant(), UnitSystem.METRIC),
                    j.rule(),
                    Sentences.say(j.why(), UnitSystem.METRIC),
                    j.remedies().stream().map(RemedyJson::of).toList());
        }
    }

    /** @param worsens criteria that it may make worse */
    record RemedyJson(String action, String text, int minutesPerYear, List<String> worsens) {

        static RemedyJson of(Remedy remedy) {
            return new RemedyJson(
                    remedy.action().word(),
                    Sentences.say(remedy.text(), UnitSystem.METRIC),
                    remedy.minutesPerYear(),
                    remedy.mayWorsen().stream()
                            .map(CriterionName::word)
                            .sorted()
                            .toList());
        }
    }

    private static final Set<String> FIELDS = Set.of("site", "wants", "policy", "limit", "only", "includeNo");

    private final CatalogueStore store;
    private final Json json;

    private final Meters meters;

    FitApi(CatalogueStore store, Json json, Meters meters) {
        this.meters = meters;
        this.store = store;
        this.json = json;
    }

    @Operation(
            summary = "Rank the catalogue for a place, with reasons",
            description =
                    "site, wants, policy (cautious, standard, bold), limit (1–500), only (ids), includeNo; every field may be missing.")
    @PostMapping(consumes = MediaType.ALL_VALUE)
    FitAnswer fit(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        Question question = question(request, problems);
        Catalogue catalogue = store.catalogue(question.policy());
        Scope scope = scope(request, catalogue, problems);
        checkPlants(question, catalogue, problems);
        Json.refuse(problems);
        long start = System.nanoTime();
        meters.fit();
        Fit fit = new Fit(catalogue);
        FitResult result = fit.rank(question, scope);
        long micros = (System.nanoTime() - start) / 1000;
        return new FitAnswer(
                result.considered(),
                micros,
                result.candidates().stream().map(CandidateJson::of).toList(),
                result.first().stream().map(FirstJson::of).toList(),
                result.firstWhy()
                        .map(why -> Sentences.say(why, UnitSystem.METRIC))
                        .orElse(null),
                fit.askNext(question, scope, result.ranked()).stream()
                        .map(AskJson::of)
                        .toList(),
                fit.nothingServes(question, scope, result.ranked())
                        .map(NothingServesJson::of)
                        .orElse(null),
                ignored(request));
    }

    /** The place and the wishes of a request, as several calls take them. */
    static Question question(Map<String, Object> request, List<Problem> problems) {
        return new Question(
                SiteReader.site(Json.member(request, "site", problems), "site.", problems),
                SiteReader.wants(Json.member(request, "wants", problems), "wants.", problems),
                SiteReader.policy(request.get("policy"), problems));
    }

    private static Scope scope(Map<String, Object> request, Catalogue catalogue, List<Problem> problems) {
        InputReader in = new InputReader(request, "", problems);
        Integer limit = limit(in);
        Boolean includeNo = in.yesNo("includeNo");
        List<String> only = in.list("only", id -> {
            if (catalogue.find(id).isEmpty()) {
                throw new Refused("The catalogue has no cultivar with the id “%s”.", id);
            }
            return id;
        });
        boolean named = only != null && !only.isEmpty();
        int usual = named ? Math.min(Scope.MOST, only.size()) : Scope.USUAL;
        return new Scope(
                named ? only.stream().distinct().toList() : List.of(),
                Boolean.TRUE.equals(includeNo) || named,
                limit == null ? usual : limit);
    }

    /** Wishes that name a plant name one that is there; a job names what it needs of the place. */
    private static void checkPlants(Question question, Catalogue catalogue, List<Problem> problems) {
        Like like = question.wants().like();
        if (like != null && catalogue.find(like.id()).isEmpty()) {
            problems.add(new Problem("wants.like.id", "The catalogue has no cultivar with the id “%s”.", like.id()));
        }
        String instead = question.wants().instead();
        boolean genus = instead != null && Character.isUpperCase(instead.charAt(0));
        if (instead != null && !genus && catalogue.find(instead).isEmpty()) {
            problems.add(new Problem(
                    "wants.instead",
                    "“%s” is neither a plant of the catalogue nor a genus; write a genus like Buxus.",
                    Words.shorten(instead)));
        }
    }

    static Integer limit(InputReader in) {
        Double limit = in.number("limit", 1, Scope.MOST, "");
        if (limit != null && limit != Math.rint(limit)) {
            in.problem("limit", "The limit must be a whole number from 1 to %s.", Scope.MOST);
            return null;
        }
        return limit == null ? null : limit.intValue();
    }

    /** Fields that mean nothing here, so that a misspelt one does not go unnoticed. */
    private static List<String> ignored(Map<String, Object> request) {
        Set<String> ignored = new TreeSet<>(request.keySet());
        ignored.removeAll(FIELDS);
        List<Problem> none = new ArrayList<>();
        Json.member(request, "site", none).keySet().stream()
                .filter(name -> !SiteReader.SITE_NAMES.contains(name))
                .forEach(name -> ignored.add("site." + name));
        Json.member(request, "wants", none).keySet().stream()
                .filter(name -> !SiteReader.WANTS_NAMES.contains(name))
                .forEach(name -> ignored.add("wants." + name));
        return List.copyOf(ignored);
    }

    static double rounded(double value) {
        return Math.rint(value * 10_000) / 10_000;
    }
}
