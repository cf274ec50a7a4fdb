package org.yellowfit.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Exposure;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.FitResult;
import org.yellowfit.core.fit.Judgement;
import org.yellowfit.core.fit.Pressure;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.fit.Upkeep;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.serve.JobKind;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/**
 * Whatever place and wishes are told, every sentence about every plant is there and reads as one: a property over random
 * questions, the whole demo catalogue and plants that take one soil only.
 */
class AnySentenceTest {

    /** Jobs that are not taken without a height. */
    private static final Set<JobKind> HOW_HIGH = Set.of(JobKind.HEDGE, JobKind.SCREEN);

    private static final int QUESTIONS = 80;
    private static final int MOST_TOLD = 500;

    /** What a sentence of ours never has in it: a place left open, a number as the program writes it, a gap. */
    private static final Pattern ODD =
            Pattern.compile("[{}]|null|NaN|Infinity|\\d\\.0\\b|\\d{3}\\.\\d{3}|  | [.,;]|\\.\\.");

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
        Question question = new Question(
                SiteReader.site(site(random), "site.", problems),
                SiteReader.wants(wants(random), "wants.", problems),
                one(random, Policy.values()));
        assertThat(problems).isEmpty();
        return question;
    }

    private static Map<String, Object> site(Random random) {
        Map<String, Object> all = new HashMap<>();
        all.put("zone", (2 + random.nextInt(10)) + (random.nextBoolean() ? "a" : "b"));
        all.put("sheltered", random.nextBoolean());
        all.put("frostPocket", random.nextInt(4) == 0);
        all.put("sunHours", number(random, 0.2, 12));
        all.put("hotHours", number(random, 0, 4));
        all.put("reflectedHeat", random.nextInt(4) == 0);
        all.put("hotSummer", random.nextBoolean());
        all.put("texture", one(random, TextureClass.values()).words());
        all.put("drainage", word(random, Drainage.values()));
        all.put("ph", number(random, 3.5, 9));
        all.put("moisture", number(random, 1, 5));
        all.put("roots", random.nextInt(5) == 0);
        all.put("container", random.nextInt(4) == 0);
        all.put("depthM", number(random, 0.2, 4));
        all.put("lengthM", number(random, 0.5, 20));
        all.put("maxHeightM", number(random, 0.2, 6));
        all.put("horizonYears", 1 + random.nextInt(20));
        all.put("supportHeightM", random.nextInt(3) == 0 ? 0 : number(random, 0.5, 4));
        all.put("slopePercent", random.nextInt(60));
        all.put("exposure", words(random, Exposure.values()));
        all.put("deer", word(random, Pressure.values()));
        all.put("rabbits", word(random, Pressure.values()));
        all.put("children", random.nextBoolean());
        all.put("pets", random.nextBoolean());
        all.put("strictlyNoHazards", random.nextInt(4) == 0);
        all.put("plantingDate", "2027-0" + (3 + random.nextInt(7)) + "-10");
        all.put("firstFrost", "2027-10-1" + random.nextInt(10));
        all.put("upkeep", random.nextInt(3) == 0 ? words(random, Upkeep.Task.values()) : List.of());
        return some(random, all);
    }

    private static Map<String, Object> wants(Random random) {
        Map<String, Object> all = new HashMap<>();
        all.put("kinds", words(random, Kind.values()));
        all.put("evergreen", random.nextBoolean());
        all.put("colours", List.of(random.nextBoolean() ? "gold" : "blue"));
        all.put("onlyThese", random.nextBoolean());
        all.put("bloomMonths", List.of(1 + random.nextInt(12), 1 + random.nextInt(12)));
        all.put("fragrance", random.nextBoolean());
        all.put("pollinators", random.nextBoolean());
        all.put("birds", random.nextBoolean());
        all.put("berries", random.nextBoolean());
        all.put("winterInterest", random.nextBoolean());
        all.put("maxCareMinutes", random.nextInt(60));
        all.put("maxPrice", random.nextInt(60));
        all.put("uses", words(random, Use.values()));
        all.put("habits", words(random, Habit.values()));
        all.put("heightM", List.of(number(random, 0.1, 0.5), number(random, 0.6, 3)));
        all.put("spreadM", List.of(number(random, 0.1, 0.5), number(random, 0.6, 3)));
        all.put("leafTextures", words(random, LeafTexture.values()));
        all.put("neverGenera", List.of("Buxus"));
        all.put("instead", random.nextBoolean() ? "Buxus" : "abelia-copper-bell-cord");
        all.put("show", words(random, Merit.values()));
        JobKind job = one(random, JobKind.values());
        all.put(
                "jobs",
                List.of(
                        HOW_HIGH.contains(job)
                                ? Map.of("job", Words.of(job), "heightM", number(random, 0.3, 3))
                                : Map.of("job", Words.of(job))));
        Map<String, Object> told = some(random, all);
        return random.nextBoolean() ? Map.of() : told;
    }

    /** About half of what could be told. */
    private static Map<String, Object> some(Random random, Map<String, Object> all) {
        Map<String, Object> told = new HashMap<>(all);
        all.keySet().stream().sorted().filter(any -> random.nextBoolean()).forEach(told::remove);
        return told;
    }

    private static double number(Random random, double least, double most) {
        return Numbers.rounded(least + random.nextDouble() * (most - least), 2).transform(Double::parseDouble);
    }

    private static <E> E one(Random random, E[] values) {
        return values[random.nextInt(values.length)];
    }

    private static String word(Random random, Enum<?>[] values) {
        return Words.of(one(random, values));
    }

    private static List<String> words(Random random, Enum<?>[] values) {
        return Arrays.stream(values)
                .filter(any -> random.nextInt(3) == 0)
                .<String>map(Words::of)
                .toList();
    }
}
