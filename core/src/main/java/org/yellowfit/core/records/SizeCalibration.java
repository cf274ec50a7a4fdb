package org.yellowfit.core.records;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;
import org.yellowfit.core.measure.Refused;

/**
 * How large plants really grow, by plant and by place (rule J3): for each measurement r = ln(measured / predicted) =
 * plant + place + noise, plant ~ N(0, (ln 1.25)²), place ~ N(0, (ln 1.15)²), noise ~ N(0, (ln 1.15)²), all independent. The
 * posterior is a normal distribution and exact.
 *
 * <p>The precision matrix is diagonal over the plants and over the places, with the counts of a plant at a place between
 * them. The larger of the two is eliminated (the Schur complement; e.g. Boyd and Vandenberghe, “Convex Optimization”, 2004,
 * A.5.5), so that only a matrix of the smaller is factored, by EJML's Cholesky. Parts of the data that share neither plant nor
 * place are worked out apart.
 *
 * <p>Check values: one plant measured once at twice its predicted size in one place: r = 0.6931, variances 0.0498, 0.0195 and
 * 0.0195; the plant's mean is r · 0.0498 / 0.0888 = 0.3886, a factor of 1.475; the place's 0.1524, a factor of 1.165.
 */
public final class SizeCalibration {

    static final double PLANT_VARIANCE = squared(Math.log(1.25));
    static final double PLACE_VARIANCE = squared(Math.log(1.15));
    static final double NOISE_VARIANCE = squared(Math.log(1.15));

    /** Plants, or places, that hang together; a matrix of this side is factored in seconds. */
    private static final int LARGEST_SIDE = 3000;

    /** One measurement, both m and above 0. */
    public record Observation(String plant, String place, double predictedM, double measuredM) {
        public Observation {
            if (!(predictedM > 0 && measuredM > 0 && predictedM < 1000 && measuredM < 1000)) {
                throw new Refused("Sizes must be above 0 and under 1000 m.");
            }
        }

        double logRatio() {
            return Math.log(measuredM / predictedM);
        }
    }

    private final Map<String, Side> plants = new LinkedHashMap<>();
    private final Map<String, Side> places = new LinkedHashMap<>();

    /** One plant or place: what was seen of it, and its posterior. */
    private static final class Side {
        private final boolean isPlant;
        private final Map<Side, Integer> with = new LinkedHashMap<>();
        private int n;
        private double sum;
        private double mean;
        private double variance;
        private Part part;
        private int index;

        Side(boolean isPlant) {
            this.isPlant = isPlant;
        }

        double precision() {
            return n / NOISE_VARIANCE + 1 / (isPlant ? PLANT_VARIANCE : PLACE_VARIANCE);
        }
    }

    private SizeCalibration() {}

    /** @throws IllegalArgumentException when more than three thousand plants and places hang together */
    public static SizeCalibration of(List<Observation> observations) {
        SizeCalibration calibration = new SizeCalibration();
        for (Observation each : observations) {
            Side plant = calibration.plants.computeIfAbsent(each.plant(), any -> new Side(true));
            Side place = calibration.places.computeIfAbsent(each.place(), any -> new Side(false));
            plant.with.merge(place, 1, Integer::sum);
            place.with.merge(plant, 1, Integer::sum);
            for (Side side : List.of(plant, place)) {
                side.n++;
                side.sum += each.logRatio();
            }
        }
        calibration.plants.values().stream().filter(side -> side.part == null).forEach(side -> new Part(side).solve());
        return calibration;
    }

    /** By plant, in the order they were first seen: how many times as large as predicted it grows. */
    public Map<String, Estimate> plants() {
        return told(plants);
    }

    /** By place: how many times as large as elsewhere plants grow there. */
    public Map<String, Estimate> places() {
        return told(places);
    }

    private static Map<String, Estimate> told(Map<String, Side> sides) {
        Map<String, Estimate> told = new LinkedHashMap<>();
        sides.forEach((name, side) -> told.put(name, Estimate.factor(side.mean, side.variance, side.n)));
        return told;
    }

    /** Of a plant at a place, without the noise of a single measurement; one not seen yet is as its prior has it. */
    public Estimate predict(String plantName, String placeName) {
        Side plant = plants.getOrDefault(plantName, unseen(true));
        Side place = places.getOrDefault(placeName, unseen(false));
        double covariance = plant.part != null && plant.part == place.part ? plant.part.covariance(plant, place) : 0;
        int together = plant.with.getOrDefault(place, 0);
        return Estimate.factor(plant.mean + place.mean, plant.variance + place.variance + 2 * covariance, together);
    }

    private static Side unseen(boolean isPlant) {
        Side side = new Side(isPlant);
        side.variance = isPlant ? PLANT_VARIANCE : PLACE_VARIANCE;
        return side;
    }

    private static double squared(double value) {
        return value * value;
    }

    /** Plants and places that hang together. */
    private static final class Part {

        private final List<Side> kept = new ArrayList<>();
        private final List<Side> eliminated = new ArrayList<>();
        private final boolean plantsEliminated;
        /** Covariance of the kept ones. */
        private DMatrixRMaj inverse;

        Part(Side first) {
            List<Side> ours = new ArrayList<>();
            List<Side> theirs = new ArrayList<>();
            List<Side> waiting = new ArrayList<>(List.of(first));
            first.part = this;
            while (!waiting.isEmpty()) {
                Side side = waiting.remove(waiting.size() - 1);
                (side.isPlant ? ours : theirs).add(side);
                for (Side next : side.with.keySet()) {
                    if (next.part == null) {
                        next.part = this;
                        waiting.add(next);
                    }
                }
            }
            boolean keepPlaces = theirs.size() <= ours.size();
            plantsEliminated = keepPlaces;
            kept.addAll(keepPlaces ? theirs : ours);
            eliminated.addAll(keepPlaces ? ours : theirs);
            if (kept.size() > LARGEST_SIDE) {
                throw new Refused(
                        "%s plants and %s places hang together here; at most %s of the fewer are worked out at once.",
                        ours.size(), theirs.size(), LARGEST_SIDE);
            }
        }

        void solve() {
            int size = kept.size();
            for (int i = 0; i < size; i++) {
                kept.get(i).index = i;
            }
            double[] schur = new double[size * size];
            double[] right = new double[size];
            for (Side side : kept) {
                schur[side.index * size + side.index] += side.precision();
                right[side.index] += side.sum / NOISE_VARIANCE;
            }
            eliminated.forEach(side -> eliminate(side, schur, right, size));
            inverse = inverted(schur, size);
            for (Side side : kept) {
                double mean = 0;
                for (int k = 0; k < size; k++) {
                    mean += inverse.unsafe_get(side.index, k) * right[k];
                }
                side.mean = mean;
                side.variance = inverse.unsafe_get(side.index, side.index);
            }
            eliminated.forEach(this::substituteBack);
        }

        /** Takes one out of the equations of the others. */
        private static void eliminate(Side side, double[] schur, double[] right, int size) {
            int[] at = new int[side.with.size()];
            double[] link = new double[at.length];
            int filled = 0;
            for (Map.Entry<Side, Integer> each : side.with.entrySet()) {
                at[filled] = each.getKey().index;
                link[filled++] = each.getValue() / NOISE_VARIANCE;
            }
            double own = side.precision();
            for (int i = 0; i < at.length; i++) {
                right[at[i]] -= link[i] / own * side.sum / NOISE_VARIANCE;
                for (int k = 0; k < at.length; k++) {
                    schur[at[i] * size + at[k]] -= link[i] * link[k] / own;
                }
            }
        }

        private static DMatrixRMaj inverted(double[] schur, int size) {
            DMatrixRMaj matrix = DMatrixRMaj.wrap(size, size, schur);
            LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.symmPosDef(size);
            if (!solver.setA(matrix)) {
                throw new IllegalStateException("A precision matrix is positive definite.");
            }
            DMatrixRMaj inverse = new DMatrixRMaj(size, size);
            solver.invert(inverse);
            return inverse;
        }

        private void substituteBack(Side side) {
            double own = side.precision();
            double mean = side.sum / NOISE_VARIANCE;
            double through = 0;
            for (Map.Entry<Side, Integer> each : side.with.entrySet()) {
                double link = each.getValue() / NOISE_VARIANCE;
                mean -= link * each.getKey().mean;
                for (Map.Entry<Side, Integer> other : side.with.entrySet()) {
                    through += link
                            * other.getValue()
                            / NOISE_VARIANCE
                            * inverse.unsafe_get(each.getKey().index, other.getKey().index);
                }
            }
            side.mean = mean / own;
            side.variance = 1 / own + through / (own * own);
        }

        double covariance(Side plant, Side place) {
            Side out = plantsEliminated ? plant : place;
            Side in = out == plant ? place : plant;
            double through = 0;
            for (Map.Entry<Side, Integer> each : out.with.entrySet()) {
                through += each.getValue() / NOISE_VARIANCE * inverse.unsafe_get(each.getKey().index, in.index);
            }
            return -through / out.precision();
        }
    }
}
