package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;

/** What keeps plants out, wishes that do not go together, musts and nevers, substitutes, and who is first by what. */
class UnmetDemandsTest {

    private static final Cultivar TALL = Plants.plant("id=tall height10_m=3 persistence=evergreen bloom=6.1..6.3");
    private static final Cultivar SHADE = Plants.plant("id=shade sun_live_h=1 persistence=deciduous bloom=4.1..4.3");
    private static final Cultivar SUNNY = Plants.plant("id=sunny sun_live_h=6 persistence=deciduous bloom=7.1..8.3");
    private static final Cultivar BOTH =
            Plants.plant("id=both sun_live_h=6 height10_m=3 persistence=evergreen bloom=7.1..8.3");
    private static final Catalogue FOUR = Catalogue.of(List.of(TALL, SHADE, SUNNY, BOTH));

    @Test
    void plantsThatLackOneThingOnlyAreCountedByIt() {
        UnmetDemands lacking = UnmetDemands.of(FOUR, Advice.question("sunHours=4 maxHeightM=2", "", Policy.STANDARD));
        assertThat(lacking.meetingAll()).isEqualTo(1);
        assertThat(lacking.openings())
                .extracting(opening -> opening.demand().key() + " " + opening.plants())
                .containsExactlyInAnyOrder("height 1", "sun-live 1");
        assertThat(lacking.openings().get(0).demand().without()).isNotNull();
    }

    /** A pot asks for plants that are suited to one, though nothing is wished for. */
    @Test
    void inAPotWhatIsNotSuitedToOneLacksJustThat() {
        Catalogue plants = Catalogue.of(List.of(
                Plants.plant("id=yes pot_ok=yes zone_min=1a"),
                Plants.plant("id=no pot_ok=no zone_min=1a"),
                Plants.plant("id=unknown zone_min=1a")));
        UnmetDemands lacking = UnmetDemands.of(plants, Advice.question("zone=6b container=yes", "", Policy.STANDARD));
        assertThat(lacking.meetingAll()).isEqualTo(2);
        assertThat(lacking.openings())
                .extracting(opening ->
                        opening.demand().key() + " " + opening.best().get(0).id())
                .containsExactly("wants.container no");
    }

    /** Each demand as the slow marks of the criteria have it, over random plants and places. */
    @Test
    void whatIsLackingIsWhatTheCriteriaRuleOut() {
        List<Cultivar> plants = Plants.random(150, 23);
        Catalogue catalogue = Catalogue.of(plants);
        java.util.Random random = new java.util.Random(31);
        for (int round = 0; round < 25; round++) {
            Question question = FitPropertiesTest.randomQuestion(random);
            long none = new Fit(catalogue)
                    .rank(question, new Scope(List.of(), true, Scope.MOST)).candidates().stream()
                            .filter(candidate -> candidate.criteria().stream()
                                    .noneMatch(judgement -> judgement.verdict() == Verdict.NO))
                            .count();
            assertThat(UnmetDemands.of(catalogue, question).meetingAll()).isEqualTo((int) none);
        }
    }

    /** Evergreen and under 2 m: both evergreens reach 3 m; either demand alone is met by some. */
    @Test
    void ofWishesThatNoPlantMeetsTogetherThePairIsNamed() {
        UnmetDemands lacking =
                UnmetDemands.insisting(FOUR, Advice.question("maxHeightM=2", "evergreen=yes", Policy.STANDARD));
        assertThat(lacking.meetingAll()).isZero();
        UnmetDemands.Conflict conflict = lacking.conflict().orElseThrow();
        assertThat(Set.of(conflict.one().key(), conflict.other().key()))
                .containsExactlyInAnyOrder("height", "wants.evergreen");
        assertThat(conflict.opensOne() + conflict.opensOther()).isEqualTo(4);
    }

    /** Evergreen, in flower in January, 0.2 m, zone 2: nothing is left, and something is said all the same. */
    @Test
    void theImpossibleIsToldWithTheNearestWayOut() {
        Question question = Advice.question("zone=2a maxHeightM=0.2", "evergreen=yes bloomMonths=1", Policy.STANDARD);
        UnmetDemands lacking = UnmetDemands.insisting(FOUR, question);
        assertThat(lacking.meetingAll()).isZero();
        assertThat(
                        lacking.openings().isEmpty()
                                ? lacking.fewestTogether()
                                : lacking.openings().stream().findFirst())
                .isPresent();
    }

    private static Question wanting(Map<String, Object> wants) {
        List<Problem> problems = new ArrayList<>();
        Question question = new Question(
                SiteReader.site(Map.of("zone", "6b"), "", problems),
                SiteReader.wants(new HashMap<>(wants), "wants.", problems),
                Policy.STANDARD);
        assertThat(problems).isEmpty();
        return question;
    }

    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource({"evergreen,'',FITS", "evergreen,evergreen,NO", "bloomMonths,'',FITS", "bloomMonths,bloomMonths,FITS"})
    void aMustRulesOutWhereAWishLowersOnlyHowItServes(String missed, String must, Verdict verdict) {
        Map<String, Object> wants =
                new HashMap<>(Map.of("bloomMonths", List.of(7), "must", must.isEmpty() ? List.of() : List.of(must)));
        if (missed.equals("evergreen")) {
            wants.put("evergreen", true);
        }
        Judgement judgement =
                Advice.ask(SUNNY, wanting(wants)).judgement(CriterionName.WANTS).orElseThrow();
        assertThat(judgement.verdict()).isEqualTo(verdict);
    }

    @ParameterizedTest(name = "never {0}: {1}")
    @CsvSource({
        "'{kinds=shrub}',NO",
        "'{colours=pink}',NO",
        "'{colours=blue}',FITS",
        "'{evergreen=true}',FITS",
        "'{bloomMonths=7}',NO"
    })
    void whatWasNeverWantedIsOut(String never, Verdict verdict) {
        String[] field = never.replaceAll("[{}]", "").split("=");
        Object value = field[0].equals("evergreen") ? (Object) true : List.of(field[1]);
        Cultivar pink = Plants.plant("persistence=deciduous flower_colours=pink#e79ab8 bloom=7.1..8.3");
        Question question = wanting(Map.of("bloomMonths", List.of(7), "never", Map.of(field[0], value)));
        assertThat(Advice.ask(pink, question)
                        .judgement(CriterionName.WANTS)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(verdict);
    }

    /** D1 by hand: 3 m at ten years from 0.3 m, S∞ 4.2 m, p 1.5 gives 1.23 m at four years and 2.75 m at nine. */
    @ParameterizedTest
    @CsvSource({"2,4,false", "2,9,true", "1.2,4,true"})
    void aScreenIsReachedByItsYear(double height, int year, boolean reached) {
        Cultivar hedge = Plants.plant("height10_m=3 height_max_m=4.2 uses=screen");
        Judgement judgement = Advice.ask(
                        hedge,
                        wanting(Map.of(
                                "screenHeightM", height, "screenByYear", year, "must", List.of("screenHeightM"))))
                .judgement(CriterionName.WANTS)
                .orElseThrow();
        assertThat(judgement.verdict() == Verdict.FITS).isEqualTo(reached);
    }

    @Test
    void whatCannotBeWantedIsNamed() {
        List<Problem> problems = new ArrayList<>();
        SiteReader.wants(
                Map.of("must", List.of("evergren"), "never", List.of("x"), "colourOf", "bark", "screenHeightM", 99),
                "wants.",
                problems);
        assertThat(problems)
                .extracting(Problem::field)
                .containsExactlyInAnyOrder("wants.must[0]", "wants.never", "wants.colourOf", "wants.screenHeightM");
    }

    @Test
    void aSubstituteIsLikeAndSaysHowItFitsBesideTheOneAskedFor() {
        Cultivar asked = Plants.plant("id=asked height10_m=3 flower_colours=pink#e79ab8 bloom=7.1..8.3");
        Cultivar twin = Plants.plant("id=twin height10_m=1 flower_colours=pink#e79ab8 bloom=7.1..8.3");
        Cultivar far = Plants.plant(
                "id=far kind=tree habit=columnar height10_m=1.2 flower_colours=white#ffffff bloom=4.1..4.2");
        Cultivar dead = Plants.plant("id=dead height10_m=1 zone_min=9a flower_colours=pink#e79ab8 bloom=7.1..8.3");
        Catalogue plants = Catalogue.of(List.of(asked, twin, far, dead));
        List<Substitutes.Offer> offers =
                Substitutes.of(plants, asked, Advice.question("zone=6b maxHeightM=1.5", "", Policy.STANDARD), true, 5);
        assertThat(offers).extracting(offer -> offer.plant().id()).containsExactly("twin", "far");
        assertThat(offers.get(0).fits()).isEqualTo(Substitutes.Fits.BETTER);
        assertThat(offers.get(0).said().likeness()).isBetween(0.5, 1.0);
        assertThat(Substitutes.of(plants, twin, Advice.question("", "", Policy.STANDARD), false, 5))
                .extracting(offer -> offer.fits())
                .containsOnly(Substitutes.Fits.UNJUDGED);
    }

    @Test
    void likenessIsSymmetricOneForItselfAndWeighsWhatIsWished() {
        List<Cultivar> plants = Plants.random(40, 3);
        for (Cultivar one : plants) {
            assertThat(Likeness.between(one, one)).isEqualTo(1);
            for (Cultivar other : plants) {
                assertThat(Likeness.between(one, other))
                        .isCloseTo(Likeness.between(other, one), org.assertj.core.api.Assertions.within(1e-12))
                        .isBetween(0.0, 1.0);
            }
        }
        assertThat(Substitutes.weights(Advice.question("maxHeightM=1", "evergreen=yes", Policy.STANDARD))
                        .get(Likeness.Aspect.LEAVES))
                .isGreaterThan(Likeness.usual().get(Likeness.Aspect.LEAVES));
    }

    @Test
    void bloomComesInTheOrderOfThePlaceAndLaterWhereSpringIsLate() {
        Seasons usual = Seasons.usualFor(java.util.Optional.empty());
        List<SideBySide.BloomDates> order =
                SideBySide.bloomOrder(List.of(SUNNY, SHADE, TALL), Advice.question("", "", Policy.STANDARD), usual);
        assertThat(order).extracting(each -> each.plant().id()).containsExactly("shade", "tall", "sunny");
        assertThat(order.get(0).from())
                .hasValueSatisfying(day -> assertThat(day).isBetween(88, 95));
        int cold = SideBySide.bloomOrder(
                        List.of(Plants.plant("bloom=6.1..6.3 bloom_zone=6b")),
                        Advice.question("zone=4b", "", Policy.STANDARD),
                        usual)
                .get(0)
                .from()
                .orElseThrow();
        int warm = SideBySide.bloomOrder(
                        List.of(Plants.plant("bloom=6.1..6.3 bloom_zone=6b")),
                        Advice.question("zone=8b", "", Policy.STANDARD),
                        usual)
                .get(0)
                .from()
                .orElseThrow();
        assertThat(cold).isGreaterThan(warm + 20);
    }

    @Test
    void theYearAPlaceIsOutgrownAndWhoIsFirstByWhat() {
        Question question = Advice.question("maxHeightM=2 zone=6b", "evergreen=yes", Policy.STANDARD);
        assertThat(SideBySide.outgrown(TALL, question.site()))
                .hasValueSatisfying(year -> assertThat(year).isBetween(4, 9));
        assertThat(SideBySide.outgrown(SHADE, question.site())).isEmpty();
        List<Candidate> two = new Fit(FOUR)
                .rank(question, Scope.only(List.of("tall", "shade")))
                .candidates();
        assertThat(SideBySide.winners(two, question)).anySatisfy(winner -> {
            assertThat(winner.by()).hasToString("wish.evergreen");
            assertThat(winner.plants()).containsExactly(TALL);
        });
    }
}
