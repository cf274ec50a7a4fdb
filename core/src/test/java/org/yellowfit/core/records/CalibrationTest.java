package org.yellowfit.core.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.records.HardinessCalibration.Winter;
import org.yellowfit.core.records.SizeCalibration.Observation;

/** Section J against closed forms, whole matrices, integrals and simulated gardens. */
class CalibrationTest {

    private static final double P = SizeCalibration.PLANT_VARIANCE;
    private static final double Q = SizeCalibration.PLACE_VARIANCE;
    private static final double E = SizeCalibration.NOISE_VARIANCE;

    private static Observation seen(String plant, String place, double ratio) {
        return new Observation(plant, place, 1, ratio);
    }

    /** One plant in one place: the mean of n ratios, drawn to 1 by how much of their spread is the plant's. */
    @ParameterizedTest(name = "{0} times {1}")
    @CsvSource({"1, 2", "3, 1.5", "10, 0.7"})
    void onePlantInOnePlaceIsAClosedForm(int n, double ratio) {
        List<Observation> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(seen("a", "x", ratio));
        }
        SizeCalibration found = SizeCalibration.of(all);
        double spread = P + Q + E / n;
        assertThat(Math.log(found.plants().get("a").value())).isEqualTo(Math.log(ratio) * P / spread, within(1e-9));
        assertThat(Math.log(found.places().get("x").value())).isEqualTo(Math.log(ratio) * Q / spread, within(1e-9));
        Estimate plant = found.plants().get("a");
        assertThat(Math.log(plant.high() / plant.low()))
                .isEqualTo(2 * Estimate.Z80 * Math.sqrt(P - P * P / spread), within(1e-9));
        Estimate both = found.predict("a", "x");
        assertThat(Math.log(both.high() / both.low()))
                .isEqualTo(2 * Estimate.Z80 * Math.sqrt((P + Q) - (P + Q) * (P + Q) / spread), within(1e-9));
        assertThat(plant.n()).isEqualTo(n);
    }

    /** Random data against the posterior by the covariance of all the observations. */
    @Test
    void manyAreAsTheWholeMatrixHasThem() {
        Random random = new Random(5);
        List<Observation> all = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            all.add(seen("p" + random.nextInt(9), "q" + random.nextInt(14), Math.exp(random.nextGaussian() * 0.3)));
        }
        SizeCalibration found = SizeCalibration.of(all);
        Whole whole = new Whole(all);
        found.plants().forEach((name, told) -> whole.compare(told, whole.plant(name), null));
        found.places().forEach((name, told) -> whole.compare(told, null, whole.place(name)));
        for (String plant : found.plants().keySet()) {
            for (String place : found.places().keySet()) {
                whole.compare(found.predict(plant, place), whole.plant(plant), whole.place(place));
            }
        }
        whole.compare(found.predict("p0", "elsewhere"), whole.plant("p0"), null, Q);
    }

    /** Textbook Gaussian conditioning: mean = k C⁻¹ r, variance = v − k C⁻¹ k. */
    private static final class Whole {
        private final List<Observation> all;
        private final double[][] inverse;

        Whole(List<Observation> all) {
            this.all = all;
            int n = all.size();
            double[][] c = new double[n][n];
            for (int i = 0; i < n; i++) {
                for (int k = 0; k < n; k++) {
                    c[i][k] = (all.get(i).plant().equals(all.get(k).plant()) ? P : 0)
                            + (all.get(i).place().equals(all.get(k).place()) ? Q : 0)
                            + (i == k ? E : 0);
                }
            }
            inverse = inverted(c);
        }

        double[] plant(String name) {
            return all.stream()
                    .mapToDouble(each -> each.plant().equals(name) ? P : 0)
                    .toArray();
        }

        double[] place(String name) {
            return all.stream()
                    .mapToDouble(each -> each.place().equals(name) ? Q : 0)
                    .toArray();
        }

        void compare(Estimate told, double[] plant, double[] place) {
            compare(told, plant, place, 0);
        }

        void compare(Estimate told, double[] plant, double[] place, double more) {
            int n = all.size();
            double[] k = new double[n];
            double prior = more + (plant == null ? 0 : P) + (place == null ? 0 : Q);
            for (int i = 0; i < n; i++) {
                k[i] = (plant == null ? 0 : plant[i]) + (place == null ? 0 : place[i]);
            }
            double mean = 0;
            double variance = prior;
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    mean += k[i] * inverse[i][j] * Math.log(all.get(j).measuredM());
                    variance -= k[i] * inverse[i][j] * k[j];
                }
            }
            assertThat(Math.log(told.value())).isEqualTo(mean, within(1e-8));
            assertThat(Math.log(told.high()) - mean).isEqualTo(Estimate.Z80 * Math.sqrt(variance), within(1e-8));
        }

        private static double[][] inverted(double[][] c) {
            int n = c.length;
            double[][] work = new double[n][2 * n];
            for (int i = 0; i < n; i++) {
                System.arraycopy(c[i], 0, work[i], 0, n);
                work[i][n + i] = 1;
            }
            for (int i = 0; i < n; i++) {
                double by = work[i][i];
                for (int k = 0; k < 2 * n; k++) {
                    work[i][k] /= by;
                }
                for (int j = 0; j < n; j++) {
                    double times = j == i ? 0 : work[j][i];
                    for (int k = 0; k < 2 * n; k++) {
                        work[j][k] -= times * work[i][k];
                    }
                }
            }
            double[][] inverse = new double[n][n];
            for (int i = 0; i < n; i++) {
                System.arraycopy(work[i], n, inverse[i], 0, n);
            }
            return inverse;
        }
    }

    /** Two thousand simulated plants: 80 % of the intervals hold the true factor, three points either way. */
    @Test
    void intervalsHoldTheTruthAsOftenAsTheySay() {
        Random random = new Random(11);
        List<Observation> all = new ArrayList<>();
        double[] plants = new double[2000];
        double[] places = new double[200];
        for (int q = 0; q < places.length; q++) {
            places[q] = random.nextGaussian() * Math.sqrt(Q);
        }
        for (int p = 0; p < plants.length; p++) {
            plants[p] = random.nextGaussian() * Math.sqrt(P);
            for (int i = 0; i < 3; i++) {
                int q = random.nextInt(places.length);
                double r = plants[p] + places[q] + random.nextGaussian() * Math.sqrt(E);
                all.add(seen("p" + p, "q" + q, Math.exp(r)));
            }
        }
        SizeCalibration found = SizeCalibration.of(all);
        long held = 0;
        for (int p = 0; p < plants.length; p++) {
            Estimate told = found.plants().get("p" + p);
            held += told.low() <= Math.exp(plants[p]) && Math.exp(plants[p]) <= told.high() ? 1 : 0;
        }
        assertThat(held / 2000.0).isBetween(0.77, 0.83);
    }

    @Test
    void moreMeasurementsNeverWiden() {
        Random random = new Random(3);
        List<Observation> all = new ArrayList<>();
        double before = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 40; i++) {
            all.add(seen("a", "q" + random.nextInt(6), Math.exp(random.nextGaussian() * 0.2)));
            all.add(seen("p" + random.nextInt(8), "q" + random.nextInt(6), Math.exp(random.nextGaussian() * 0.2)));
            Estimate told = SizeCalibration.of(all).plants().get("a");
            double width = Math.log(told.high() / told.low());
            assertThat(width).isLessThanOrEqualTo(before + 1e-12);
            before = width;
        }
    }

    /** What shares neither plant nor place tells nothing of each other, and the order of the rows nothing at all. */
    @Test
    void partsStandApartAndRowsInAnyOrder() {
        List<Observation> one = List.of(seen("a", "x", 1.4), seen("b", "x", 0.8));
        List<Observation> other = List.of(seen("c", "y", 2.2));
        List<Observation> both = new ArrayList<>(other);
        both.addAll(one);
        assertThat(SizeCalibration.of(both).plants().get("a"))
                .isEqualTo(SizeCalibration.of(one).plants().get("a"));
        Set<String> names =
                new LinkedHashSet<>(SizeCalibration.of(both).plants().keySet());
        assertThat(names).containsExactly("c", "a", "b");
    }

    @ParameterizedTest
    @CsvSource({"0, 1", "1, 0", "-1, 1", "NaN, 1", "1, Infinity"})
    void sizesThatCannotBeAreRefused(double predicted, double measured) {
        assertThatThrownBy(() -> new Observation("a", "x", predicted, measured))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** J5 against a fine integral by the trapezoid rule, of other bounds and another step. */
    @Test
    void hardinessIsTheIntegralItSays() {
        List<List<Winter>> cases = List.of(
                List.of(),
                List.of(new Winter(0, true)),
                List.of(new Winter(0, false), new Winter(-2, false), new Winter(-2, true)),
                java.util.Collections.nCopies(14, new Winter(-1, false)),
                java.util.Collections.nCopies(20, new Winter(3, true)));
        for (List<Winter> winters : cases) {
            double sum = 0;
            double mean = 0;
            for (double d = -12; d <= 12; d += 0.0007) {
                double weight = Math.exp(-d * d / 2);
                for (Winter winter : winters) {
                    double lives = 1 / (1 + Math.exp(-1.5 * (winter.marginHalfZones() + 1.5 + d)));
                    weight *= winter.died() ? 1 - lives : lives;
                }
                sum += weight;
                mean += weight * d;
            }
            Estimate told = HardinessCalibration.shift(winters);
            assertThat(told.value()).isEqualTo(mean / sum, within(1e-3));
            assertThat(told.n()).isEqualTo(winters.size());
            assertThat(told.low()).isLessThan(told.value());
            assertThat(told.high()).isGreaterThan(told.value());
        }
        Estimate nothing = HardinessCalibration.shift(List.of());
        assertThat(nothing.low()).isEqualTo(-1.28155, within(2e-3));
        assertThat(nothing.high()).isEqualTo(1.28155, within(2e-3));
    }

    @Test
    void whatLivesInTheColdIsHardierAndWhatDiesIsNot() {
        List<Estimate> byLosses = java.util.stream.IntStream.rangeClosed(0, 6)
                .mapToObj(lost -> {
                    List<Winter> winters = new ArrayList<>();
                    for (int i = 0; i < 6; i++) {
                        winters.add(new Winter(-1, i < lost));
                    }
                    return HardinessCalibration.shift(winters);
                })
                .toList();
        assertThat(byLosses.stream().map(each -> -each.value()).collect(Collectors.toList()))
                .isSorted();
    }

    /** J6 by hand. */
    @ParameterizedTest(name = "{1} of {0}: {2}, warns {3}")
    @CsvSource({
        "0, 0, 0.1, false",
        "2, 2, 0.25, false",
        "3, 2, 0.230769, false",
        "5, 4, 0.333333, true",
        "40, 10, 0.22, false"
    })
    void lossesWarnFromAQuarterOn(int plants, int lost, double mean, boolean warns) {
        LossRate rate = new LossRate(plants, lost);
        assertThat(rate.mean()).isEqualTo(mean, within(1e-6));
        assertThat(rate.warns()).isEqualTo(warns);
    }

    @Test
    void anUnseenPlantIsAsItsPriorHasIt() {
        Estimate told = SizeCalibration.of(List.of()).predict("new", "elsewhere");
        assertThat(told.value()).isEqualTo(1);
        assertThat(Math.log(told.high())).isEqualTo(Estimate.Z80 * Math.sqrt(P + Q), within(1e-12));
        assertThat(Map.of()).isEmpty();
    }
}
