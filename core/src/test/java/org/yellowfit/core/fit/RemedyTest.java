package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;

/** Every remedy that is offered is taken up, and has to do what it says. */
class RemedyTest {

    private static final List<Cultivar> PLANTS = Plants.random(120, 7);
    private static final WatchList WATCHED =
            WatchList.read("plant,level\nGenus species3,watch\nGenus species40,watch\nGenus species77,avoid\n");

    @Test
    void everyRemedyBringsItsCriterionInAndHurtsNoOtherUnlessItSaysSo() {
        Random random = new Random(12);
        Map<Remedy.Action, Integer> tried = new EnumMap<>(Remedy.Action.class);
        for (int i = 0; i < 30; i++) {
            Question question = FitPropertiesTest.randomQuestion(random);
            List<Candidate> all = new Fit(Catalogue.of(PLANTS, WATCHED))
                    .rank(question, new Scope(List.of(), true, Scope.MOST))
                    .candidates();
            for (Candidate candidate : all) {
                for (Judgement judgement : candidate.criteria()) {
                    for (Remedy remedy : judgement.remedies()) {
                        tried.merge(remedy.action(), 1, Integer::sum);
                        holds(candidate, judgement, remedy, question);
                    }
                }
            }
        }
        assertThat(tried).as("every action came up").containsKeys(Remedy.Action.values());
    }

    private static void holds(Candidate before, Judgement judgement, Remedy remedy, Question question) {
        Candidate after = Advice.ask(before.plant(), WATCHED, remedy.taken(question));
        String what = "%s: %s of %s at %s, %s"
                .formatted(
                        judgement.criterion(),
                        remedy.text(),
                        before.plant().toCells(),
                        question.site(),
                        question.policy());
        after.judgement(judgement.criterion())
                .ifPresent(
                        now -> assertThat(now.verdict()).as(what).isIn(Verdict.FITS, stillUnknown(before, judgement)));
        for (Judgement other : before.criteria()) {
            if (other.criterion() != judgement.criterion()
                    && !remedy.mayWorsen().contains(other.criterion())) {
                after.judgement(other.criterion())
                        .filter(now -> now.verdict() != Verdict.UNKNOWN)
                        .ifPresent(now -> assertThat(now.score())
                                .as("%s made worse by %s", other.criterion(), what)
                                .isGreaterThanOrEqualTo(other.score() - 1e-9));
            }
        }
    }

    /** With one of the two limits of sun unknown, the other being kept does not vouch for it. */
    private static Verdict stillUnknown(Candidate candidate, Judgement judgement) {
        boolean half = judgement.criterion() == CriterionName.HOT_SUN
                && (candidate.plant().get(Traits.SUN_MAX).isEmpty()
                        || candidate.plant().get(Traits.HOT_SUN_MAX).isEmpty());
        return half ? Verdict.UNKNOWN : Verdict.FITS;
    }

    @Test
    void whatFitsIfHasARemedyButForWishes() {
        Random random = new Random(5);
        for (int i = 0; i < 20; i++) {
            Question question = FitPropertiesTest.randomQuestion(random);
            for (Candidate candidate : new Fit(Catalogue.of(PLANTS))
                    .rank(question, new Scope(List.of(), true, Scope.MOST))
                    .candidates()) {
                assertThat(candidate.criteria())
                        .filteredOn(j -> j.verdict() == Verdict.FITS_IF && j.criterion() != CriterionName.WANTS)
                        .allSatisfy(j -> assertThat(j.remedies())
                                .as("%s of %s", j, candidate.plant())
                                .isNotEmpty());
            }
        }
    }

    /**
     * A8: lost in as many springs as had come so far at their last damaging frost; ten springs by hand, buds breaking
     * at 120 degree days.
     */
    @ParameterizedTest(name = "{0} springs lost, {1}: {2}")
    @CsvSource({
        "0,STANDARD,FITS",
        "1,CAUTIOUS,FITS",
        "2,CAUTIOUS,FITS_IF",
        "3,STANDARD,FITS",
        "4,STANDARD,FITS_IF",
        "5,BOLD,FITS",
        "6,BOLD,FITS_IF"
    })
    void winterBuds(int lost, Policy policy, Verdict verdict) {
        String springs = "150|".repeat(lost) + "40|".repeat(10 - lost);
        Question question =
                Advice.question("zone=6b springFrosts=" + springs.substring(0, springs.length() - 1), "", policy);
        Cultivar bigleaf = Plants.plant("zone_min=5b flower_wood=old bloom=6.2..8.1 bloom_zone=6b");
        Judgement judgement =
                Advice.ask(bigleaf, question).judgement(CriterionName.HARDINESS).orElseThrow();
        assertThat(judgement.verdict()).isEqualTo(verdict);
        assertThat(judgement.rule()).isEqualTo("A8");
        assertThat(judgement.why())
                .contains(lost == 0 ? Fact.of("hardiness.buds.safe") : Fact.of("hardiness.buds", 10L - lost));
        assertThat(Advice.ask(Plants.plant("zone_min=5b flower_wood=new bloom=6.2..8.1"), question)
                        .judgement(CriterionName.HARDINESS)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(Verdict.FITS);
        assertThat(Advice.ask(Plants.plant("zone_min=5b flower_wood=old bloom=4.1..4.3"), question)
                        .judgement(CriterionName.HARDINESS)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(Verdict.FITS);
    }

    @ParameterizedTest
    @CsvSource({"5.2,blue", "6.0,mixed", "7.0,pink"})
    void hydrangeasFollowThePh(double ph, String colour) {
        Cultivar bigleaf = Plants.plant("botanical=Hydrangea+macrophylla ph=4.5..7.5 flower_colours=blue#5b74c8");
        assertThat(Advice.ask(bigleaf, Advice.question("ph=" + ph, "", Policy.STANDARD))
                        .judgement(CriterionName.PH)
                        .orElseThrow()
                        .why())
                .contains(Fact.of("ph.colour." + colour));
        Cultivar white = Plants.plant("botanical=Hydrangea+macrophylla ph=4.5..7.5 flower_colours=white#f7f5ec");
        assertThat(Advice.ask(white, Advice.question("ph=" + ph, "", Policy.STANDARD))
                        .judgement(CriterionName.PH)
                        .orElseThrow()
                        .why())
                .hasSize(1);
    }

    /** D5: of two that fit a narrow strip equally, the column comes first; in a wide bed they are even. */
    @Test
    void columnsComeFirstInANarrowStrip() {
        Cultivar column = Plants.plant("id=a-column habit=columnar spread10_m=0.5");
        Cultivar mound = Plants.plant("id=mound habit=mound spread10_m=0.5");
        Fit fit = new Fit(Catalogue.of(List.of(mound, column)));
        assertThat(fit.rank(Advice.question("depthM=0.7", "", Policy.STANDARD), Scope.best(2))
                        .candidates())
                .extracting(Candidate::plant)
                .containsExactly(column, mound);
        List<Candidate> wide = fit.rank(Advice.question("depthM=3", "", Policy.STANDARD), Scope.best(2))
                .candidates();
        assertThat(wide.get(0).score()).isEqualTo(wide.get(1).score());
    }
}
