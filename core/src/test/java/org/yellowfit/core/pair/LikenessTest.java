package org.yellowfit.core.pair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.pair.Likeness.Aspect;
import org.yellowfit.core.plant.Cultivar;

/** How alike two plants are, by Gower's coefficient over what matters (rule H7). */
class LikenessTest {

    private static Map<Aspect, Double> only(Aspect aspect) {
        Map<Aspect, Double> weights = new EnumMap<>(Aspect.class);
        weights.put(aspect, 1.0);
        return weights;
    }

    /** Sizes by their ratio, an eightfold one being wholly unlike: 1 − |ln(a/b)| / ln 8. */
    @ParameterizedTest(name = "{0} m beside {1} m: {2}")
    @CsvSource({"1, 1, 1", "1, 2, 0.6667", "2, 1, 0.6667", "1, 8, 0", "1, 20, 0", "0.5, 0.7, 0.8382", "3, 4, 0.8617"})
    void sizesByTheirRatio(double one, double other, double alike) {
        Cultivar a = Plants.plant("id=a height10_m=" + one);
        Cultivar b = Plants.plant("id=b height10_m=" + other);
        assertThat(Likeness.between(a, b, only(Aspect.HEIGHT))).isCloseTo(alike, within(0.0005));
    }

    @ParameterizedTest(name = "{0}: {1} beside {2} is {3}")
    @CsvSource(
            delimiter = ';',
            value = {
                "KIND;          kind=shrub;                     kind=shrub;                     1",
                "KIND;          kind=shrub;                     kind=grass;                     0",
                "HABIT;         habit=mound;                    habit=mound;                    1",
                "HABIT;         habit=mound;                    habit=columnar;                 0",
                "GENUS;         botanical=Testa+plana;          botanical=Testa+alba;           1",
                "GENUS;         botanical=Testa+plana;          botanical=Alia+alba;            0",
                "FLOWER_COLOUR; flower_colours=red#c83232;      flower_colours=red#c83232;      1",
                "FLOWER_COLOUR; flower_colours=red#ff0000;      flower_colours=blue#0000ff;     0",
                "BLOOM;         bloom=6.1..7.1;                 bloom=6.1..7.1;                 1",
                "LEAF_SIZE;     leaf_texture=fine;              leaf_texture=fine;              1",
            })
    void oneAspectAlone(Aspect aspect, String one, String other, double alike) {
        assertThat(Likeness.between(Plants.plant("id=a " + one), Plants.plant("id=b " + other), only(aspect)))
                .isCloseTo(alike, within(1e-9));
    }

    @Test
    void itIsSymmetricBetweenNoneAndAllAndWholeForItself() {
        List<Cultivar> plants = Plants.random(40, 11);
        for (Cultivar one : plants) {
            assertThat(Likeness.between(one, one)).isCloseTo(1, within(1e-9));
            for (Cultivar other : plants) {
                double alike = Likeness.between(one, other);
                assertThat(alike).isBetween(0.0, 1.0).isCloseTo(Likeness.between(other, one), within(1e-12));
            }
        }
    }

    @Test
    void whatIsNotKnownOfEitherIsLeftOut() {
        Cultivar known = Plants.plant("id=a kind=shrub leaf_texture=fine");
        Map<Aspect, Double> two = only(Aspect.KIND);
        two.put(Aspect.LEAF_SIZE, 5.0);
        assertThat(Likeness.between(known, Plants.plant("id=b kind=shrub leaf_texture="), two))
                .isCloseTo(1, within(1e-9));
        assertThat(Likeness.between(known, Plants.plant("id=c kind=shrub leaf_texture=bold"), two))
                .isLessThan(0.7);
        Map<Aspect, Double> flowers = only(Aspect.FLOWER_COLOUR);
        assertThat(Likeness.between(
                        Plants.plant("id=a flower_colours=red#ff0000"), Plants.plant("id=b flower_colours="), flowers))
                .as("one shows flowers, the other none")
                .isZero();
    }

    @Test
    void aHeavierAspectDrawsTheAnswerItsWay() {
        Cultivar one = Plants.plant("id=a kind=shrub habit=mound");
        Cultivar other = Plants.plant("id=b kind=shrub habit=columnar");
        double before = 1;
        for (double weight : new double[] {0.5, 1, 2, 4}) {
            Map<Aspect, Double> weights = only(Aspect.KIND);
            weights.put(Aspect.HABIT, weight);
            double alike = Likeness.between(one, other, weights);
            assertThat(alike).isCloseTo(1 / (1 + weight), within(1e-9)).isLessThan(before);
            before = alike;
        }
    }

    @Test
    void everyAspectHasItsWeightAndItsWords() {
        assertThat(Likeness.usual()).containsOnlyKeys(Aspect.values()).allSatisfy((aspect, weight) -> {
            assertThat(weight).isPositive();
            assertThat(aspect.words()).doesNotContain("_").isLowerCase();
        });
    }
}
