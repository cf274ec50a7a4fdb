package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.MeritGrade;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.serve.Importance;
import org.yellowfit.core.serve.Job;
import org.yellowfit.core.serve.Service;
import org.yellowfit.core.serve.Serving;
import org.yellowfit.core.serve.Weighing;
import org.yellowfit.core.serve.WishFields;

/** What holds of how plants serve, for every plant and every ask (rules L3 to L6), tried on random ones. */
class ServePropertiesTest {

    private static final List<String> JOBS = List.of(
            "hedge clipped=yes heightM=0.6 byYear=5",
            "hedge clipped=no heightM=1.2",
            "screen heightM=2 byYear=6",
            "ground-cover byYear=3",
            "edging",
            "middle",
            "back",
            "focal",
            "winter",
            "scent months=6,7",
            "cut",
            "wildlife kinds=bees",
            "underplant",
            "column widthM=1",
            "pot-mound litres=20");

    private static final List<Cultivar> PLANTS = plants();
    private static final Catalogue CATALOGUE = Catalogue.of(PLANTS);
    private static final Fit FIT = new Fit(CATALOGUE);

    private static List<Cultivar> plants() {
        Random random = new Random(77);
        List<Cultivar> plants = new ArrayList<>();
        for (Cultivar plant : Plants.random(250, 43)) {
            List<MeritGrade> merits = new ArrayList<>();
            for (Merit merit : Merit.values()) {
                if (random.nextInt(3) == 0) {
                    merits.add(new MeritGrade(merit, 1 + random.nextInt(3)));
                }
            }
            plants.add(merits.isEmpty() ? plant : plant.with(Traits.MERITS, merits));
        }
        return plants;
    }

    private static Question question(Random random) {
        Question place = FitPropertiesTest.randomQuestion(random);
        Map<String, Object> wants = new HashMap<>();
        List<String> jobs = new ArrayList<>();
        for (int k = random.nextInt(4); k > 0; k--) {
            jobs.add(JOBS.get(random.nextInt(JOBS.size())));
        }
        wants.put("jobs", jobs);
        if (random.nextBoolean()) {
            wants.put("bloomMonths", List.of(1 + random.nextInt(12)));
        }
        return place.wanting(SiteReader.wants(wants, "", new ArrayList<>()));
    }

    @Test
    void utilityIsLivingTimesServingAndNeverRisesByMoreThanAStep() {
        Random random = new Random(5);
        for (int k = 0; k < 60; k++) {
            Question question = question(random);
            double before = 1;
            for (Candidate candidate :
                    FIT.rank(question, Scope.best(Scope.MOST)).candidates()) {
                Ranked ranked = candidate.ranked();
                assertThat(ranked.utility()).isEqualTo(ranked.live().share() * ranked.serve());
                assertThat(ranked.utility()).isLessThanOrEqualTo(before + 0.02 + 1e-9);
                before = Math.min(before, ranked.utility());
                assertThat(candidate.services())
                        .allSatisfy(service -> assertThat(service.met()).isBetween(0.0, 1.0));
            }
        }
    }

    /** L3: a wish added never raises what does not meet it, and never lowers it below what is left of a miss. */
    @Test
    void aWishAddedNeverRaisesWhatDoesNotMeetIt() {
        Random random = new Random(6);
        int missed = 0;
        for (int k = 0; k < 60; k++) {
            Question before = question(random);
            if (!before.serving(CATALOGUE).isAnythingAsked()) {
                continue;
            }
            Map<String, Double> worth = new HashMap<>();
            FIT.order(before, Scope.MOST).forEach(each -> worth.put(each.plant().id(), each.serve()));
            Question after = before.wanting(WishFields.EVERGREEN, true);
            for (Candidate candidate : FIT.rank(after, Scope.best(Scope.MOST)).candidates()) {
                if (met(candidate) == 0 && worth.containsKey(candidate.plant().id())) {
                    missed++;
                    assertThat(candidate.ranked().serve())
                            .as(candidate.plant().name())
                            .isLessThanOrEqualTo(worth.get(candidate.plant().id()) + 1e-9);
                }
            }
        }
        assertThat(missed).as("plants that miss it").isPositive();
    }

    private static double met(Candidate candidate) {
        return candidate.services().stream()
                .filter(service -> service.want().equals("evergreen"))
                .mapToDouble(Service::met)
                .findFirst()
                .orElseThrow();
    }

    private static Map<String, Integer> places(Question question) {
        Map<String, Integer> places = new HashMap<>();
        FIT.order(question, Scope.MOST).forEach(each -> places.put(each.plant().id(), places.size()));
        return places;
    }

    @Test
    void moreMeritNeverRanksLower() {
        Random random = new Random(7);
        for (int k = 0; k < 40; k++) {
            Question question = question(random);
            int i = random.nextInt(PLANTS.size());
            Cultivar plant = PLANTS.get(i);
            List<Cultivar> more = new ArrayList<>(PLANTS);
            List<MeritGrade> merits = new ArrayList<>();
            for (Merit merit : Merit.values()) {
                int grade = plant.get(Traits.MERITS).orElse(List.of()).stream()
                        .filter(each -> each.merit() == merit)
                        .mapToInt(MeritGrade::grade)
                        .findFirst()
                        .orElse(0);
                if (grade > 0) {
                    merits.add(new MeritGrade(merit, Math.min(3, grade + 1)));
                }
            }
            if (merits.isEmpty()) {
                continue;
            }
            more.set(i, plant.with(Traits.MERITS, merits));
            double before = serve(FIT, question, plant.id());
            double after = serve(new Fit(Catalogue.of(more)), question, plant.id());
            assertThat(after).as("%s: %s", plant.id(), question.wants().jobs()).isGreaterThanOrEqualTo(before - 1e-9);
        }
    }

    private static double serve(Fit fit, Question question, String id) {
        Candidate candidate =
                fit.rank(question, Scope.only(List.of(id))).candidates().get(0);
        return candidate.verdict() == Verdict.NO ? 0 : candidate.ranked().serve();
    }

    /** What is not known counts less than what is known to be met. */
    @Test
    void theUnknownNeverComesBeforeTheKnown() {
        Cultivar known =
                Plants.plant("id=known cut=fresh fragrance=flower wildlife=bees care_min_year=5 sizes_sold=1+l:5");
        Cultivar unknown = Plants.plant("id=a-unknown cut= fragrance= wildlife= care_min_year= sizes_sold=");
        for (String wish : List.of("fragrance=yes", "pollinators=yes", "maxCareMinutes=10", "maxPrice=10")) {
            Fit fit = new Fit(Catalogue.of(List.of(unknown, known)));
            List<Ranked> order = fit.order(Advice.question("zone=6b", wish, Policy.STANDARD), 2);
            assertThat(order.get(0).plant()).as(wish).isEqualTo(known);
            assertThat(order.get(1).serve()).as(wish).isLessThan(order.get(0).serve());
        }
    }

    @Test
    void theOrderHangsNeitherOnTheIdsNorOnTheRows() {
        Random random = new Random(8);
        List<Cultivar> renamed = new ArrayList<>();
        Map<String, String> old = new HashMap<>();
        List<Integer> numbers = new ArrayList<>();
        for (int i = 0; i < PLANTS.size(); i++) {
            numbers.add(i);
        }
        Collections.shuffle(numbers, random);
        for (int i = 0; i < PLANTS.size(); i++) {
            String id = "other-" + numbers.get(i);
            old.put(id, PLANTS.get(i).id());
            renamed.add(PLANTS.get(i).with(Traits.ID, id));
        }
        Collections.shuffle(renamed, random);
        Catalogue one = Catalogue.of(PLANTS);
        Catalogue two = Catalogue.of(renamed);
        one.findSpecialists(null);
        two.findSpecialists(null);
        for (int k = 0; k < 20; k++) {
            Question question = question(random);
            assertThat(new Fit(two).order(question, 40))
                    .extracting(each -> old.get(each.plant().id()))
                    .containsExactlyElementsOf(new Fit(one)
                            .order(question, 40).stream()
                                    .map(each -> each.plant().id())
                                    .toList());
        }
    }

    @Test
    void permutingJobsAfterTheFirstChangesNothing() {
        Random random = new Random(9);
        for (int k = 0; k < 30; k++) {
            Question question = question(random);
            List<Job> jobs = new ArrayList<>(question.wants().jobs());
            Collections.shuffle(jobs.subList(Math.min(1, jobs.size()), jobs.size()), random);
            Question other = question.wanting(WishFields.JOBS, jobs);
            assertThat(FIT.order(other, 60)).isEqualTo(FIT.order(question, 60));
            assertThat(FIT.rank(other, Scope.best(5)).first())
                    .isEqualTo(FIT.rank(question, Scope.best(5)).first());
        }
    }

    /** L6: only what does it stands first, a second of a species only where no other does it, and fewer say why. */
    @Test
    void theFirstFiveDoItAndAreOfFiveSpeciesWhereFiveDo() {
        Random random = new Random(10);
        for (int k = 0; k < 60; k++) {
            Question question = question(random);
            Serving serving = question.serving(CATALOGUE);
            List<Ranked> doing = FIT.order(question, Scope.MOST).stream()
                    .filter(each -> serving.doesIt(each.index()))
                    .toList();
            List<Ranked> open = doing.stream()
                    .filter(each -> each.utility() >= 0.6 * doing.get(0).utility())
                    .toList();
            long species = open.stream()
                    .map(each -> each.plant().botanical())
                    .distinct()
                    .count();
            FitResult result = FIT.rank(question, Scope.best(20));
            List<First> first = result.first();
            assertThat(first).hasSize(Math.min(5, open.size()));
            assertThat(first).extracting(First::ranked).allMatch(open::contains);
            assertThat(first.stream()
                            .map(each -> each.ranked().plant().botanical())
                            .distinct())
                    .hasSize((int) Math.min(5, species));
            assertThat(first).extracting(First::as).doesNotHaveDuplicates();
            boolean says = first.size() < 5 && !FIT.order(question, 1).isEmpty();
            assertThat(result.firstWhy().isPresent()).isEqualTo(says);
        }
    }

    private static Question asking(String job) {
        Map<String, Object> wants = Map.of("jobs", List.of(job), "evergreen", true);
        return Advice.question("zone=6b", "", Policy.STANDARD).wanting(SiteReader.wants(wants, "", new ArrayList<>()));
    }

    /** L3 by hand: what is met .5 and 1 of a first job (2) and a wish (1): 3 / (2 / .5 + 1) = .6, and merit on top. */
    @Test
    void nothingIsAveragedAway() {
        Cultivar plant = Plants.plant("id=half merits=flower:3 height10_m=0.5 spread10_m=0.5 kind=tree "
                + "persistence=evergreen habit=columnar propagation=clone");
        Catalogue one = Catalogue.of(List.of(plant));
        Question asked = asking("column widthM=0.8 heightM=1 byYear=10");
        Serving serving = asked.serving(one);
        assertThat(serving.met(0, 0)).isCloseTo(0.5, within(0.01));
        double merit = 0.85 + 0.15 * serving.show(0);
        assertThat(serving.of(0)).isCloseTo(0.6 * merit, within(0.01));
        Serving some = asked.wanting(WishFields.IMPORTANCE, List.of(new Weighing("evergreen", Importance.SOME)))
                .serving(one);
        assertThat(some.of(0)).isCloseTo(0.5 * merit, within(0.01));
    }

    /** L3: raising what is met of one thing never lowers how it serves; L6: what misses its job is never first. */
    @Test
    void whatMissesItsJobIsNeverFirst() {
        List<Cultivar> plants = List.of(
                Plants.plant("id=low kind=shrub persistence=evergreen height10_m=0.4 merits=flower:3 uses=hedge"),
                Plants.plant("id=lower kind=shrub persistence=evergreen height10_m=0.3 merits=flower:3 uses=hedge"));
        FitResult result = new Fit(Catalogue.of(plants)).rank(asking("screen heightM=2.5 byYear=5"), Scope.best(20));
        assertThat(result.first()).isEmpty();
        assertThat(result.firstWhy().orElseThrow().toString())
                .contains("first.few.none", "Testa plana", "serve.reaches-part(");
    }

    /** What the first has even more of, the second is not said to have most of; a month less of show is told. */
    @Test
    void aSuperlativeIsTrueOfTheFirstToo() {
        List<Cultivar> plants = List.of(
                Plants.plant("id=best botanical=Aster+unus merits=flower:3 care_min_year=2 sizes_sold=1+l:4 "
                        + "flower_colours=white#ffffff bloom=6.1..8.3"),
                Plants.plant("id=second botanical=Aster+duo merits=flower:3 care_min_year=3 sizes_sold=1+l:5 "
                        + "flower_colours=white#ffffff bloom=6.1..7.3"),
                Plants.plant("id=third botanical=Aster+tres merits=flower:3 care_min_year=4 sizes_sold=1+l:6 "
                        + "flower_colours=white#ffffff bloom=6.1..7.3"),
                Plants.plant("id=fourth botanical=Aster+quattuor merits=flower:3 care_min_year=5 sizes_sold=1+l:7 "
                        + "flower_colours=white#ffffff bloom=6.1..7.3"));
        List<First> first = new Fit(Catalogue.of(plants))
                .rank(Advice.question("zone=6b", "bloomMonths=6|7|8", Policy.STANDARD), Scope.best(20))
                .first();
        assertThat(first)
                .extracting(each -> each.as() + ": " + each.why())
                .satisfiesExactly(
                        best -> assertThat(best).startsWith("BEST: first.best("),
                        work -> assertThat(work)
                                .startsWith("LEAST_WORK: first.against(first.least-work.others(3 minutes), ")
                                .contains("first.gives-up(wish.bloom("),
                        show -> assertThat(show)
                                .startsWith("LONGEST_SHOW: first.against(first.longest-show.others(9), "),
                        price -> assertThat(price)
                                .startsWith("CHEAPEST: first.against(first.cheapest.others(7 money), "));
    }

    /** L6 where the best hundred are of two species only. */
    @Test
    void theFirstFiveLookBeyondASpeciesOfHundreds() {
        List<Cultivar> plants = new ArrayList<>();
        for (int i = 0; i < 150; i++) {
            plants.add(Plants.plant("id=hosta-" + i + " botanical=Hosta+fortunei merits=leaf:3"));
        }
        for (String genus : List.of("Astilbe", "Carex", "Dryopteris", "Epimedium")) {
            plants.add(Plants.plant(
                    "id=" + genus.toLowerCase(java.util.Locale.ROOT) + " botanical=" + genus + "+alba merits=leaf:2"));
        }
        List<First> first = new Fit(Catalogue.of(plants))
                .rank(Advice.question("zone=6b", "", Policy.STANDARD), Scope.best(20))
                .first();
        assertThat(first)
                .extracting(each -> each.ranked().plant().botanical())
                .hasSize(5)
                .doesNotHaveDuplicates();
    }

    /** L5: of plants that serve alike, the one that lives in few places comes before the one that lives everywhere. */
    @Test
    void theSpecialistComesFirstAmongEquals() {
        Cultivar easy = Plants.plant("id=easy botanical=Aa+everywhere moisture=1..5 ph=4..8 zone_min=2a sun_live_h=0");
        Cultivar special = Plants.plant("id=special botanical=Zz+rara moisture=4..5 ph=4.5..5.5 zone_min=6a");
        Catalogue catalogue = Catalogue.of(List.of(easy, special));
        Question bog = Advice.question("zone=6b moisture=4.5 ph=5 sunHours=6", "", Policy.STANDARD);
        assertThat(new Fit(catalogue).order(bog, 2).get(0).plant()).isEqualTo(easy);
        catalogue.findSpecialists(null);
        assertThat(new Fit(catalogue).order(bog, 2).get(0).plant()).isEqualTo(special);
    }
}
