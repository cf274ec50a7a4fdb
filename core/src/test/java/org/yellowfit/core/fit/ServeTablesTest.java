package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Serving;

/** How what is met becomes one (rules L3, L6, L7 and L9), worked by hand: H × E × M, here without M. */
class ServeTablesTest {

    private static final String SUMMER = "5|6|7|8|9";

    private static Serving serving(Cultivar plant, String wishes) {
        return Advice.question("zone=6b", wishes, Policy.STANDARD).serving(Catalogue.of(List.of(plant)));
    }

    /** H × E: evergreen leaves meet their wish 1, half-evergreen ones 0.5, others 0; scented flowers 1. */
    @ParameterizedTest(name = "{0} and {1}: {2}")
    @CsvSource({
        // 2 / (1 / 1 + 1 / 1)
        "persistence=evergreen, '', 1",
        // 2 / (1 / 0.5 + 1)
        "persistence=semi-evergreen, '', 0.6667",
        // 2 / (1 / 0.02 + 1)
        "persistence=deciduous, '', 0.0392",
        // a must counts twice: 3 / (2 / 0.5 + 1)
        "persistence=semi-evergreen, importance=evergreen=must, 0.6",
        // some is no part of H: 1 / 1 × (0.85 + 0.15 × 0)
        "persistence=deciduous, importance=evergreen=some, 0.85",
        "persistence=semi-evergreen, importance=evergreen=some, 0.925"
    })
    void whatIsMetBecomesOne(String cells, String weighed, double serve) {
        Cultivar plant = Plants.plant("kind=shrub fragrance=flower merits=flower:3 bloom=6.1..8.1 " + cells);
        Map<String, Object> wants = weighed.isEmpty()
                ? Map.of("evergreen", true, "fragrance", true)
                : Map.of(
                        "evergreen",
                        true,
                        "fragrance",
                        true,
                        "importance",
                        Map.of("evergreen", weighed.substring(weighed.lastIndexOf('=') + 1)));
        Serving serving = Advice.question("zone=6b", "", Policy.STANDARD)
                .wanting(SiteReader.wants(wants, "", new ArrayList<>()))
                .serving(Catalogue.of(List.of(plant)));
        double scent = serving.met(1, 0);
        assertThat(scent).as("the scented flowers").isEqualTo(1);
        assertThat(serving.of(0) / (0.85 + 0.15 * serving.show(0))).isCloseTo(serve, within(1e-3));
    }

    /** L9 and L6: of five months ten weeks are enough of one plant; under a quarter of it is not doing it. */
    @ParameterizedTest(name = "in flower {0}: met {1}, does it {2}")
    @CsvSource({"6.1..6.1, 0.145, false", "6.1..6.2, 0.290, true", "6.1..8.1, 1, true", "10.1..10.3, 0, false"})
    void weeksInFlowerOfFiveMonths(String bloom, double met, boolean does) {
        Serving serving =
                serving(Plants.plant("merits=flower:2 bloom_zone=6b bloom=" + bloom), "bloomMonths=" + SUMMER);
        assertThat(serving.met(0, 0)).isCloseTo(met, within(1e-3));
        assertThat(serving.doesIt(0)).isEqualTo(does);
    }

    /** L7: worth under 0.4 nothing serves, though it is the nearest and stands first. */
    @ParameterizedTest(name = "in flower {0}: nothing serves {1}")
    @CsvSource({"6.1..6.2, true", "6.1..6.3, true", "6.1..7.1, false"})
    void nothingServesUnderFourTenths(String bloom, boolean nothing) {
        Fit fit = new Fit(Catalogue.of(List.of(Plants.plant("merits=flower:2 bloom_zone=6b bloom=" + bloom))));
        Question question = Advice.question("zone=6b", "bloomMonths=" + SUMMER, Policy.STANDARD);
        FitResult result = fit.rank(question, Scope.best(5));
        assertThat(result.first()).hasSize(1);
        assertThat(fit.nothingServes(question, Scope.best(5), result.ranked()).isPresent())
                .isEqualTo(nothing);
    }

    /**
     * L2, H1: two years late a clump of 0.6 m is 0.461 m wide in the third, 0.808 of what closes at its distance: planted
     * closer that is 0.85 + 0.15 × (0.808 − 0.5) / 0.5 = 0.942 of one that is there.
     */
    @Test
    void whatIsSlowIsPlantedCloser() {
        String clump = "kind=perennial persistence=herbaceous height10_m=0.3 spread10_m=0.6 uses=ground-cover ";
        double there = groundCover(Plants.plant(clump));
        double late = groundCover(Plants.plant(clump + "slow_start_years=2"));
        assertThat(late / there).isCloseTo(0.942, within(0.002));
    }

    private static double groundCover(Cultivar plant) {
        Map<String, Object> wants = Map.of("jobs", List.of("ground-cover byYear=3"));
        return Advice.question("zone=6b", "", Policy.STANDARD)
                .wanting(SiteReader.wants(wants, "", new ArrayList<>()))
                .serving(Catalogue.of(List.of(plant)))
                .met(0, 0);
    }

    /** L6: what needs help stands first only where nothing else does without. */
    @Test
    void helpIsOfferedLast() {
        List<Cultivar> plants = new ArrayList<>();
        for (int k = 0; k < 5; k++) {
            plants.add(Plants.plant("id=well-" + k + " botanical=Aster+a" + k + " merits=leaf:3 care_min_year=20"));
        }
        plants.add(Plants.plant("id=helped botanical=Aster+lazy merits=leaf:3 care_min_year=1 moisture=4..4.5"));
        Question question = Advice.question("zone=6b moisture=3", "", Policy.STANDARD);
        List<First> five =
                new Fit(Catalogue.of(plants)).rank(question, Scope.best(20)).first();
        assertThat(five)
                .extracting(each -> each.ranked().plant().id())
                .hasSize(5)
                .doesNotContain("helped");
        List<First> two = new Fit(Catalogue.of(List.of(plants.get(0), plants.get(5))))
                .rank(question, Scope.best(20))
                .first();
        assertThat(two).extracting(each -> each.ranked().plant().id()).containsExactly("well-0", "helped");
    }

    /** A5: what lives one season shows for what is left of it, in what is told and in what is met. */
    @Test
    void anAnnualServesForWhatIsLeftOfTheSeason() {
        Cultivar annual = Plants.plant("kind=annual persistence=annual merits=flower:3 bloom=6.1..9.3 bloom_zone=6b "
                + "flower_colours=pink#e79ab8");
        String place = "zone=6b plantingDate=2027-09-01 firstFrost=2027-10-12";
        Serving late =
                Advice.question(place, "bloomMonths=" + SUMMER, Policy.STANDARD).serving(Catalogue.of(List.of(annual)));
        assertThat(late.met(0, 0)).as("five weeks of ten").isCloseTo(0.5, within(1e-6));
        assertThat(late.weeksOfShow(0)).isLessThanOrEqualTo(5);
    }
}
