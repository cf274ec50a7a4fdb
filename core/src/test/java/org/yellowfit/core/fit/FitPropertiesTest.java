package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;

/** What holds for every plant at every place, tried on random ones. */
class FitPropertiesTest {

    private static final List<Cultivar> PLANTS = Plants.random(250, 42);

    static Question randomQuestion(Random r) {
        StringBuilder site = new StringBuilder();
        maybe(r, site, "zone=" + (3 + r.nextInt(8)) + Plants.one(r, "a", "b"));
        maybe(r, site, "sunHours=" + r.nextInt(12) + " hotHours=" + r.nextInt(4));
        maybe(r, site, "reflectedHeat=" + Plants.one(r, "yes", "no"));
        maybe(r, site, "hotSummer=" + Plants.one(r, "yes", "no"));
        maybe(r, site, "texture=" + Plants.one(r, "sand", "loam", "clay+loam", "clay"));
        maybe(r, site, "drainage=" + Plants.one(r, "poor", "slow", "good", "fast"));
        maybe(r, site, "ph=" + (4 + r.nextInt(40) / 10.0));
        maybe(r, site, "moisture=" + (1 + r.nextInt(9) / 2.0));
        maybe(r, site, "sheltered=yes");
        maybe(r, site, "exposure=" + Plants.one(r, "wind", "salt|wind", "juglone", "pollution", ""));
        maybe(r, site, "deer=" + Plants.one(r, "none", "some", "heavy"));
        maybe(r, site, "rabbits=" + Plants.one(r, "none", "some", "heavy"));
        maybe(r, site, "children=" + Plants.one(r, "yes", "no") + " strictlyNoHazards=" + Plants.one(r, "yes", "no"));
        maybe(r, site, "maxHeightM=" + (0.5 + r.nextInt(30) / 10.0) + " horizonYears=" + (1 + r.nextInt(20)));
        maybe(r, site, "depthM=" + (0.5 + r.nextInt(30) / 10.0));
        String wants = r.nextBoolean()
                ? ""
                : Plants.one(
                        r,
                        "kinds=shrub|tree",
                        "evergreen=yes",
                        "colours=pink|gold",
                        "bloomMonths=6|7 uses=hedge",
                        "maxCareMinutes=20");
        return Advice.question(site.toString(), wants, Policy.values()[r.nextInt(3)]);
    }

    private static void maybe(Random r, StringBuilder site, String fields) {
        if (r.nextInt(3) > 0) {
            site.append(fields).append(' ');
        }
    }

    private static List<Candidate> all(Question question) {
        return new Fit(Catalogue.of(PLANTS))
                .rank(question, new Scope(List.of(), true, Scope.MOST))
                .candidates();
    }

    @Test
    void aPlantsVerdictIsItsWorstAndTheLimitingCriterionHasTheLowestScore() {
        Random random = new Random(1);
        for (int i = 0; i < 20; i++) {
            for (Candidate candidate : all(randomQuestion(random))) {
                if (candidate.criteria().isEmpty()) {
                    continue;
                }
                double lowest = candidate.criteria().stream()
                        .mapToDouble(Judgement::score)
                        .min()
                        .orElseThrow();
                assertThat(candidate.limitingJudgement().map(Judgement::score))
                        .isEqualTo(lowest < 1 ? Optional.of(lowest) : Optional.empty());
                Verdict worst = candidate.criteria().stream()
                        .map(Judgement::verdict)
                        .filter(v -> v != Verdict.UNKNOWN)
                        .max(Comparator.naturalOrder())
                        .orElse(Verdict.FITS);
                boolean findOut = candidate.criteria().stream()
                        .anyMatch(j -> j.verdict() == Verdict.UNKNOWN && j.score() < Band.NEUTRAL);
                Verdict expected = worst == Verdict.FITS && findOut ? Verdict.FITS_IF : worst;
                assertThat(candidate.verdict()).as("%s", candidate.plant()).isEqualTo(expected);
            }
        }
    }

    @Test
    void theCountsAreOfTheWholeCatalogueAndTheBestAreTheFirstOfTheRanking() {
        Random random = new Random(12);
        for (int i = 0; i < 30; i++) {
            Question question = randomQuestion(random);
            List<Candidate> all = all(question);
            Fit fit = new Fit(Catalogue.of(PLANTS));
            assertThat(fit.counts(question).fit()).isEqualTo((int)
                    all.stream().filter(c -> c.verdict() == Verdict.FITS).count());
            assertThat(fit.counts(question).fitIf()).isEqualTo((int)
                    all.stream().filter(c -> c.verdict() == Verdict.FITS_IF).count());
            List<Candidate> wanted = all.stream()
                    .filter(c -> c.verdict() != Verdict.NO)
                    .limit(60)
                    .toList();
            List<Ranked> order = fit.order(question, 60);
            assertThat(order)
                    .extracting(Ranked::plant, Ranked::verdict)
                    .containsExactlyElementsOf(wanted.stream()
                            .map(c -> tuple(c.plant(), c.verdict()))
                            .toList());
            assertThat(fit.explain(question, order))
                    .extracting(
                            Candidate::plant,
                            Candidate::score,
                            c -> c.criteria().stream().map(Judgement::why).toList())
                    .containsExactlyElementsOf(wanted.stream()
                            .map(c -> tuple(
                                    c.plant(),
                                    c.score(),
                                    c.criteria().stream().map(Judgement::why).toList()))
                            .toList());
        }
    }

    /** L4, L5: never up in steps, never up by more than a step in utility; what does not live comes last. */
    @Test
    void theRankingNeverGoesUp() {
        Random random = new Random(2);
        for (int i = 0; i < 20; i++) {
            List<Candidate> candidates = all(randomQuestion(random));
            assertThat(candidates).extracting(c -> c.ranked().step()).isSorted();
            assertThat(candidates).extracting(c -> c.verdict() == Verdict.NO).isSorted();
            for (int k = 1; k < candidates.size(); k++) {
                assertThat(candidates.get(k).ranked().utility())
                        .isLessThanOrEqualTo(candidates.get(k - 1).ranked().utility() + 0.02 + 1e-9);
            }
            assertThat(candidates).allSatisfy(candidate -> {
                assertThat(candidate.score()).isBetween(0.0, 1.0);
                assertThat(candidate.confidence()).isBetween(0.0, 1.0);
                assertThat(candidate.criteria())
                        .allSatisfy(j -> assertThat(j.why()).isNotEmpty());
            });
        }
    }

    @Test
    void theQuickPassLeavesOutJustThoseThatDoNotFit() {
        Random random = new Random(3);
        for (int i = 0; i < 20; i++) {
            Question question = randomQuestion(random);
            List<Candidate> quick = new Fit(Catalogue.of(PLANTS))
                    .rank(question, Scope.best(Scope.MOST))
                    .candidates();
            List<Candidate> slow = all(question).stream()
                    .filter(candidate -> candidate.verdict() != Verdict.NO)
                    .toList();
            assertThat(quick)
                    .extracting(c -> c.plant().id())
                    .containsExactlyElementsOf(
                            slow.stream().map(c -> c.plant().id()).toList());
        }
    }

    /** L5: what comes first must not hang on where a row stands in the catalogue. */
    @Test
    void theOrderDoesNotHangOnTheOrderOfTheRows() {
        Random random = new Random(14);
        List<Cultivar> shuffled = new ArrayList<>(PLANTS);
        for (int i = 0; i < 10; i++) {
            Question question = randomQuestion(random);
            java.util.Collections.shuffle(shuffled, random);
            assertThat(new Fit(Catalogue.of(shuffled)).order(question, 20))
                    .extracting(ranked -> ranked.plant().id())
                    .containsExactlyElementsOf(new Fit(Catalogue.of(PLANTS))
                            .order(question, 20).stream()
                                    .map(ranked -> ranked.plant().id())
                                    .toList());
        }
    }

    /**
     * L3, L4: of two that fit alike, the one that gives more to look at comes first; with a wish, the one that meets
     * it.
     */
    @Test
    void amongThoseThatFitTheMeritDecidesAndAWishBeforeIt() {
        Cultivar plain = Plants.plant("id=a-plain merits=leaf:1 fragrance=flower");
        Cultivar showy = Plants.plant("id=showy merits=flower:3 bloom=5.1..9.3 fragrance=none");
        Fit fit = new Fit(Catalogue.of(List.of(plain, showy)));
        assertThat(fit.order(Advice.question("zone=6b", "", Policy.STANDARD), 2))
                .extracting(Ranked::plant)
                .containsExactly(showy, plain);
        assertThat(fit.order(Advice.question("zone=6b", "fragrance=yes", Policy.STANDARD), 2))
                .extracting(Ranked::plant)
                .startsWith(plain);
    }

    /** The few that are asked for are the first of all, whatever is left unjudged on the way. */
    @Test
    void theFewAreTheFirstOfAll() {
        Random random = new Random(44);
        Fit fit = new Fit(Catalogue.of(PLANTS));
        for (int i = 0; i < 200; i++) {
            Question question = randomQuestion(random);
            List<Ranked> all = fit.order(question, Scope.MOST);
            for (int few : new int[] {1, 3, 10}) {
                assertThat(fit.order(question, few))
                        .as("%s", question)
                        .isEqualTo(all.subList(0, Math.min(few, all.size())));
            }
        }
    }

    @Test
    void aLimitKeepsTheBest() {
        Question question = randomQuestion(new Random(4));
        List<String> ids = all(question).stream().map(c -> c.plant().id()).toList();
        List<Candidate> five = new Fit(Catalogue.of(PLANTS))
                .rank(question, new Scope(List.of(), true, 5))
                .candidates();
        assertThat(five).extracting(c -> c.plant().id()).isEqualTo(ids.subList(0, 5));
    }

    @Test
    void moreSunNeverHurtsThoseWhoNeedItAndMoreRoomNeverHurtsAnybody() {
        for (Cultivar plant : PLANTS) {
            assertRising(
                    plant,
                    CriterionName.SUN_LIVE,
                    IntStream.range(0, 13).mapToObj(h -> "sunHours=" + h).toList());
            assertRising(
                    plant,
                    CriterionName.SUN_FLOWER,
                    IntStream.range(0, 13).mapToObj(h -> "sunHours=" + h).toList());
            assertRising(
                    plant,
                    CriterionName.HEIGHT,
                    IntStream.range(1, 60)
                            .mapToObj(h -> "maxHeightM=" + h / 5.0)
                            .toList());
            assertRising(
                    plant,
                    CriterionName.SPREAD,
                    IntStream.range(1, 40).mapToObj(h -> "depthM=" + h / 10.0).toList());
            assertRising(
                    plant,
                    CriterionName.HARDINESS,
                    IntStream.range(1, 14).mapToObj(z -> "zone=" + z).toList());
        }
    }

    private static void assertRising(Cultivar plant, CriterionName criterion, List<String> sites) {
        double before = -1;
        for (String site : sites) {
            Candidate candidate = Advice.ask(plant, Advice.question(site, "", Policy.STANDARD));
            double score = candidate.judgement(criterion).map(Judgement::score).orElse(before);
            assertThat(score).as("%s of %s at %s", criterion, plant, site).isGreaterThanOrEqualTo(before - 1e-12);
            before = score;
        }
    }

    @Test
    void theBolderThePolicyTheBetterTheHardiness() {
        for (Cultivar plant : PLANTS) {
            for (String site : List.of("zone=5a", "zone=6b", "zone=6b container=yes", "zone=8a frostPocket=yes")) {
                double before = -1;
                for (Policy policy : Policy.values()) {
                    Verdict verdict = Advice.ask(plant, Advice.question(site, "", policy))
                            .judgement(CriterionName.HARDINESS)
                            .orElseThrow()
                            .verdict();
                    double rank = verdict == Verdict.FITS ? 2 : verdict == Verdict.FITS_IF ? 1 : 0;
                    assertThat(rank).as("%s at %s, %s", plant, site, policy).isGreaterThanOrEqualTo(before);
                    before = rank;
                }
            }
        }
    }

    @Test
    void theScoreIsTheWeightedMeanUnderTheLimitingCriterion() {
        // Two criteria by hand: hardiness 7a at 6b short by one half scores 0.5 (weight 3); heat 1.0 (weight 1.5):
        // 0.5^0.6 · 1^0.4.
        Candidate candidate = Advice.ask(Plants.plant("zone_min=7a"), Advice.question("zone=6b", "", Policy.STANDARD));
        assertThat(candidate.score()).isCloseTo(Math.pow(0.5, 0.6), within(1e-9));
    }

    @Test
    void whatBarelyFitsEverywhereStillComesBeforeWhatNeedsARemedyOnce() {
        Cultivar barely = Plants.plant(
                "id=barely zone_min=6b zone_max=6b sun_live_h=4 sun_flower_h=4 sun_max_h=4 ph=6..8 moisture=3..4 height10_m=0.9");
        Cultivar onceShort = Plants.plant(
                "id=once-short zone_min=3a zone_max=9b sun_live_h=1 sun_flower_h=4.6 sun_max_h=14 ph=4.5..7.5 moisture=2..4 height10_m=0.2");
        Question question = Advice.question("zone=6b sunHours=4 ph=6 moisture=3 maxHeightM=0.9", "", Policy.STANDARD);
        List<Candidate> candidates = new Fit(Catalogue.of(List.of(onceShort, barely)))
                .rank(question, Scope.best(10))
                .candidates();
        assertThat(candidates).extracting(c -> c.plant().id()).containsExactly("barely", "once-short");
        assertThat(candidates).extracting(Candidate::verdict).containsExactly(Verdict.FITS, Verdict.FITS_IF);
    }

    @Test
    void aPlantThatNeedsARemedyComesWithTheNearestThatNeedsNone() {
        Cultivar tender = Plants.plant("id=tender zone_min=7a");
        Cultivar twin = Plants.plant("id=twin zone_min=4a");
        Cultivar other = Plants.plant("id=other zone_min=4a kind=tree height10_m=9 spread10_m=6 habit=columnar");
        List<Candidate> candidates = new Fit(Catalogue.of(List.of(tender, other, twin)))
                .rank(Advice.question("zone=6b", "", Policy.STANDARD), Scope.best(10))
                .candidates();
        assertThat(candidates)
                .filteredOn(c -> c.plant() == tender)
                .singleElement()
                .satisfies(c -> assertThat(c.instead()).contains(twin));
        assertThat(candidates)
                .filteredOn(c -> c.plant() == twin)
                .singleElement()
                .satisfies(c -> assertThat(c.instead()).isEmpty());
    }

    /** Right at the border of fitting: nothing is known but what is neutral, in any number of criteria. */
    @Test
    void aScoreAtTheVeryBorderCountsOnTheSideOfItsVerdict() {
        for (String site : List.of(
                "ph=6.5",
                "ph=6.5 moisture=3",
                "ph=6.5 moisture=3 texture=loam",
                "ph=6.5 moisture=3 texture=loam drainage=good",
                "ph=6.5 deer=heavy",
                "ph=6.5 moisture=3 deer=heavy rabbits=heavy",
                "ph=6.5 moisture=3 texture=loam drainage=good deer=heavy rabbits=heavy children=yes")) {
            Question question = Advice.question(site, "", Policy.STANDARD);
            Cultivar unknown = Plants.plant("ph= moisture= texture= drainage= deer= rabbit= hazards=");
            Fit fit = new Fit(Catalogue.of(List.of(unknown)));
            Verdict said = fit.rank(question, Scope.best(1)).candidates().get(0).verdict();
            assertThat(fit.order(question, 1))
                    .as(site)
                    .extracting(Ranked::verdict)
                    .containsExactly(said);
            assertThat(fit.counts(question).fit()).as(site).isEqualTo(said == Verdict.FITS ? 1 : 0);
        }
    }
}
