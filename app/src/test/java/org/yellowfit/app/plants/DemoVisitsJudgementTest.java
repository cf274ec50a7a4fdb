package org.yellowfit.app.plants;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Judgement;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Ranked;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Browsing;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.soil.Drainage;

/**
 * The made-up visits read as a sceptical practitioner reads them: nothing that fits may lack what the place asks for.
 */
@ExtendWith(RunningApp.class)
class DemoVisitsJudgementTest {

    private static final int READ = 20;

    /** What every plant that fits must be, said as the trade says it. */
    private static final Map<String, Predicate<Cultivar>> ASKED = Map.ofEntries(
            Map.entry("stands walnut", plant -> plant.has(Traits.STANDS, Stress.JUGLONE)),
            Map.entry(
                    "lives on 2 h",
                    plant -> plant.get(Traits.SUN_LIVE)
                            .filter(hours -> hours <= 2)
                            .isPresent()),
            Map.entry(
                    "lives on 3 h",
                    plant -> plant.get(Traits.SUN_LIVE)
                            .filter(hours -> hours <= 3)
                            .isPresent()),
            Map.entry("2 m by year 6", plant -> PlantGrowth.of(plant).height(6).mid() >= 1.99),
            Map.entry("no deer's favourite", plant -> !plant.is(Traits.DEER, Browsing.FAVOURITE)),
            Map.entry("deer leave it", plant -> plant.is(Traits.DEER, Browsing.RESISTANT)),
            Map.entry("hurts nobody", plant -> plant.has(Traits.HAZARDS, Hazard.NONE)),
            Map.entry(
                    "wet feet",
                    plant -> plant.has(Traits.DRAINAGE, Drainage.POOR)
                            && plant.get(Traits.MOISTURE)
                                    .filter(range -> range.contains(4))
                                    .isPresent()),
            Map.entry(
                    "no poison to pets",
                    plant -> plant.get(Traits.HAZARDS)
                            .filter(hazards -> !hazards.contains(Hazard.TOXIC_PETS))
                            .isPresent()),
            Map.entry(
                    "under 1 m",
                    plant -> PlantGrowth.of(plant).heightInFlower(10).high() <= 1.001),
            Map.entry(
                    "under 90 cm",
                    plant -> PlantGrowth.of(plant).heightInFlower(10).high() <= 0.901),
            Map.entry("evergreen", plant -> plant.persistence() == Persistence.EVERGREEN),
            Map.entry("stands salt", plant -> plant.has(Traits.STANDS, Stress.SALT)),
            Map.entry("stands wind", plant -> plant.has(Traits.STANDS, Stress.WIND)),
            Map.entry(
                    "hardy to 4b",
                    plant -> plant.get(Traits.ZONE_MIN)
                            .filter(zone -> zone.label().compareTo("4b") <= 0)
                            .isPresent()),
            Map.entry(
                    "clay",
                    plant -> plant.has(Traits.TEXTURE, org.yellowfit.core.soil.TextureGroup.CLAY)
                            || plant.has(Traits.TEXTURE, org.yellowfit.core.soil.TextureGroup.LOAM)));

    private record Read(Visit visit, Question question, Catalogue catalogue, List<Candidate> best) {

        static Read of(RunningApp app, String place) {
            Visit visit = app.bean(Visits.class).latest(200).stream()
                    .filter(each -> each.place().equals(place))
                    .findFirst()
                    .orElseThrow();
            Question question = visit.question();
            Catalogue catalogue = app.bean(CatalogueStore.class).catalogue(question.policy());
            Fit fit = new Fit(catalogue);
            List<Ranked> order = fit.order(question, READ);
            return new Read(visit, question, catalogue, fit.explain(question, order));
        }

        List<Candidate> fitting() {
            return best.stream()
                    .filter(candidate -> candidate.verdict() == Verdict.FITS)
                    .toList();
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "The upland cottage,              hardy to 4b",
        "The upland cottage,              deer leave it",
        "The walnut yard,                 stands walnut",
        "The walnut yard,                 lives on 3 h",
        "The chapel hedge,                2 m by year 6",
        "The chapel hedge,                deer leave it",
        "The nursery-school rain garden,  hurts nobody",
        "The nursery-school rain garden,  wet feet",
        "The brick square café,           no poison to pets",
        "The ferry terrace,               evergreen",
        "The ferry terrace,               stands salt",
        "The ferry terrace,               stands wind",
        "The ferry terrace,               under 1 m",
        "The chandler’s side strip,       under 90 cm",
        "The chandler’s side strip,       clay",
    })
    void whatFitsIsWhatThePlaceAsksFor(String place, String asked, RunningApp app) {
        Read read = Read.of(app, place);
        assertThat(read.fitting()).as("something fits").isNotEmpty();
        assertThat(read.fitting())
                .allSatisfy(candidate -> assertThat(ASKED.get(asked))
                        .as("%s is to be: %s", candidate.plant().name(), asked)
                        .accepts(candidate.plant()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "The schoolyard cottage, three seasons on",
                "The upland cottage",
                "The walnut yard",
                "The long bank",
                "The chapel hedge",
                "The nursery-school rain garden",
                "The brick square café",
                "The ferry terrace",
                "The chandler’s side strip"
            })
    void everyReasonHoldsTogether(String place, RunningApp app) {
        Read read = Read.of(app, place);
        for (Candidate candidate : read.best()) {
            for (Judgement judgement : candidate.criteria()) {
                assertThat(Sentences.say(judgement.why(), UnitSystem.METRIC))
                        .as("%s: %s", candidate.plant().name(), judgement.criterion())
                        .matches("(?s)\\p{Lu}.*[.?]")
                        .doesNotContain("{", "null", "NaN");
                assertThat(judgement.rule()).matches("[A-HL][0-9]");
                if (judgement.verdict() == Verdict.FITS_IF && judgement.criterion() != CriterionName.WANTS) {
                    assertThat(judgement.remedies())
                            .as("%s can be helped: %s", candidate.plant().name(), judgement.why())
                            .isNotEmpty();
                }
            }
            Optional<Judgement> limiting = candidate.limitingJudgement();
            double lowest = candidate.criteria().stream()
                    .mapToDouble(Judgement::score)
                    .min()
                    .orElseThrow();
            assertThat(limiting.map(Judgement::score)).isEqualTo(lowest < 1 ? Optional.of(lowest) : Optional.empty());
        }
    }

    /** Ten of a kind are no choice. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "The upland cottage",
                "The walnut yard",
                "The long bank",
                "The nursery-school rain garden",
                "The ferry terrace",
                "The chandler’s side strip"
            })
    void theFirstTwentyAreAChoice(String place, RunningApp app) {
        Read read = Read.of(app, place);
        long genera = read.best().stream()
                .map(candidate -> candidate.plant().botanical().split(" ")[0])
                .distinct()
                .count();
        assertThat(genera)
                .as("genera among %d", read.best().size())
                .isGreaterThanOrEqualTo(Math.min(6, read.best().size() / 2));
    }

    @Test
    void everyPlantOfTheCatalogueFitsSomewhereAmongManyPlaces(RunningApp app) {
        Catalogue catalogue = app.bean(CatalogueStore.class).catalogue(org.yellowfit.core.plant.Policy.STANDARD);
        HashSet<String> placed = new HashSet<>();
        for (String zone : List.of("3b", "5b", "6b", "8a", "10a")) {
            for (double sun : new double[] {1.5, 3, 5, 8}) {
                for (String ground : List.of(
                        "texture=sandy+loam drainage=good moisture=2.5 ph=6.5",
                        "texture=loam drainage=good moisture=3 ph=6.2",
                        "texture=clay+loam drainage=slow moisture=4 ph=5.2",
                        "texture=loamy+sand drainage=fast moisture=1.5 ph=7",
                        "texture=clay drainage=poor moisture=5 ph=6.4",
                        "texture=loamy+sand drainage=good moisture=3 ph=4.9")) {
                    new Fit(catalogue)
                            .order(question(zone, sun, ground), 500).stream()
                                    .filter(ranked -> ranked.verdict() == Verdict.FITS)
                                    .forEach(ranked -> placed.add(ranked.plant().id()));
                }
            }
        }
        // What is sold for a season, and females that wait for a male, fit only if.
        List<String> nowhere = catalogue.all().stream()
                .filter(plant -> !plant.isAnnual() && !plant.is(Traits.SEX, org.yellowfit.core.plant.Sex.FEMALE))
                .map(Cultivar::id)
                .filter(id -> !placed.contains(id))
                .toList();
        assertThat(nowhere).hasSizeLessThan(catalogue.size() / 50);
    }

    private static Question question(String zone, double sun, String ground) {
        Map<String, Object> site = new java.util.HashMap<>(Map.of("zone", zone, "sunHours", sun));
        for (String field : ground.split(" ")) {
            site.put(field.split("=")[0], field.split("=")[1].replace('+', ' '));
        }
        List<org.yellowfit.core.measure.Problem> problems = new ArrayList<>();
        Question question = new Question(
                org.yellowfit.core.fit.SiteReader.site(site, "", problems),
                org.yellowfit.core.fit.SiteReader.wants(Map.of(), "", problems),
                org.yellowfit.core.plant.Policy.STANDARD);
        assertThat(problems).isEmpty();
        return question;
    }
}
