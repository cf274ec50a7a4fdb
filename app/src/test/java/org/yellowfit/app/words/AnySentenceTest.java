package org.yellowfit.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.app.RandomAsk;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.FitResult;
import org.yellowfit.core.fit.Judgement;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Policy;

/**
 * Whatever place and wishes are told, every sentence about every plant is there and reads as one: a property over random
 * questions, the whole demo catalogue and plants that take one soil only.
 */
class AnySentenceTest {

    private static final int QUESTIONS = 80;
    private static final int MOST_TOLD = 500;

    /** What a sentence of ours never has in it: a place left open, a number as the program writes it, a gap. */
    private static final Pattern ODD =
            Pattern.compile("[{}]|null|NaN|Infinity|\\d\\.0\\b|\\d{3}\\.\\d{3}|  | [.,;]|\\.\\.|\\b[Aa] [aeio]");

    private static Catalogue catalogue;

    @BeforeAll
    static void read() throws IOException {
        List<Cultivar> plants = new ArrayList<>(DemoPlants.all());
        for (String texture : List.of("sand", "loam", "clay")) {
            for (String drainage : List.of("poor", "slow", "good", "fast")) {
                plants.add(Cultivar.ofCells(Map.ofEntries(
                        Map.entry("id", "only-" + texture + "-" + drainage),
                        Map.entry("botanical", "Planta una"),
                        Map.entry("kind", "shrub"),
                        Map.entry("habit", "mound"),
                        Map.entry("persistence", "deciduous"),
                        Map.entry("height10_m", "1"),
                        Map.entry("spread10_m", "1"),
                        Map.entry("zone_min", "2a"),
                        Map.entry("texture", texture),
                        Map.entry("drainage", drainage))));
            }
        }
        catalogue = Catalogue.of(plants);
    }

    static IntStream seeds() {
        return IntStream.range(0, QUESTIONS);
    }

    @ParameterizedTest(name = "question {0}")
    @MethodSource("seeds")
    void everySentenceReadsAsOne(int seed) {
        Random random = new Random(seed);
        Question question = question(random);
        UnitSystem units = random.nextBoolean() ? UnitSystem.METRIC : UnitSystem.US;
        Scope scope = new Scope(List.of(), true, MOST_TOLD);
        Fit fit = new Fit(catalogue);
        FitResult found = fit.rank(question, scope);
        Consumer<List<Fact>> isRead = facts -> facts.forEach(fact -> reads(fact, units, question));

        found.candidates().forEach(candidate -> {
            facts(candidate).forEach(fact -> reads(fact, units, question));
            anAnnualHasNoTenthYear(candidate, units);
        });
        found.first().forEach(first -> isRead.accept(List.of(first.why())));
        fit.askNext(question, scope, found.ranked()).forEach(next -> isRead.accept(List.of(next.ask())));
        fit.nothingServes(question, scope, found.ranked()).ifPresent(nothing -> {
            isRead.accept(List.of(nothing.why()));
            nothing.opens().forEach(opens -> isRead.accept(List.of(opens.change())));
        });
    }

    private static Stream<Fact> facts(Candidate candidate) {
        return Stream.of(
                        candidate.criteria().stream().flatMap(AnySentenceTest::facts),
                        candidate.services().stream().map(service -> service.why()),
                        candidate.notes().stream())
                .flatMap(each -> each);
    }

    private static Stream<Fact> facts(Judgement judgement) {
        return Stream.of(
                        judgement.why().stream(),
                        judgement.remedies().stream().flatMap(remedy -> remedy.text().stream()),
                        Stream.of(judgement.site(), judgement.plant()))
                .flatMap(each -> each);
    }

    private static void reads(Fact fact, UnitSystem units, Question question) {
        assertThat(Sentences.say(fact, units)).as("%s of %s", fact, question).doesNotContainPattern(ODD);
    }

    private static void anAnnualHasNoTenthYear(Candidate candidate, UnitSystem units) {
        if (candidate.plant().kind() != Kind.ANNUAL) {
            return;
        }
        for (CriterionName size : List.of(CriterionName.HEIGHT, CriterionName.SPREAD)) {
            candidate
                    .judgement(size)
                    .ifPresent(judged -> assertThat(Sentences.say(judged.why(), units))
                            .as(candidate.plant().id())
                            .doesNotContain("year"));
        }
    }

    private static Question question(Random random) {
        List<Problem> problems = new ArrayList<>();
        Map<String, Object> site = RandomAsk.site(random);
        Map<String, Object> wants = RandomAsk.wants(random);
        assertThat(SiteReader.SITE_NAMES).as("names that are read").containsAll(site.keySet());
        assertThat(SiteReader.WANTS_NAMES).as("names that are read").containsAll(wants.keySet());
        Question question = new Question(
                SiteReader.site(site, "site.", problems),
                SiteReader.wants(wants, "wants.", problems),
                RandomAsk.one(random, Policy.values()));
        assertThat(problems).isEmpty();
        return question;
    }
}
