package org.yellowfit.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.yellowfit.core.records.Estimate;
import org.yellowfit.core.records.HardinessCalibration;
import org.yellowfit.core.records.SizeCalibration;

/**
 * A made-up town: gardens with a height limit and winters of their own, plants whose labels are noisy about their true growth
 * and hardiness. For three seasons every garden is planted by the label and what comes is recorded. Then two advisors plant
 * the same gardens: one goes on reading labels, one uses the records as the program does (rules J3 and J5). Counted over ten
 * winters: plants lost, and plants that outgrow their limit by year five.
 */
public final class Town {

    private static final int SEEDS = 20;
    private static final int KINDS = 150;
    private static final int GARDENS = 60;
    private static final int PLANTS = 6;
    private static final int SEASONS = 3;
    private static final int WINTERS = 10;
    private static final double PLANT_SD = Math.log(1.25);
    private static final double PLACE_SD = Math.log(1.15);
    private static final double NOISE_SD = Math.log(1.15);
    /** Half-zones a winter's lowest varies about the mean of its place. */
    private static final double WINTER_SD = 1.2;
    /** The program's advisor plants what lives through ten winters this often, by all that is recorded. */
    private static final double LIVES = 0.85;

    private record Kind(double labelM, double trueFactor, double labelHalf, double trueShift) {}

    private record Garden(String name, double limitM, double half, double trueFactor) {}

    private record Harm(int planted, int lost, int outgrown) {}

    private final Random random;
    private final List<Kind> kinds = new ArrayList<>();
    private final List<Garden> gardens = new ArrayList<>();
    private final List<SizeCalibration.Observation> measured = new ArrayList<>();
    private final Map<Integer, List<HardinessCalibration.Winter>> winters = new HashMap<>();

    private Town(long seed) {
        random = new Random(seed);
        for (int i = 0; i < KINDS; i++) {
            kinds.add(new Kind(
                    0.3 + 2.2 * random.nextDouble(),
                    Math.exp(random.nextGaussian() * PLANT_SD),
                    8 + random.nextInt(5),
                    random.nextGaussian()));
        }
        for (int g = 0; g < GARDENS; g++) {
            gardens.add(new Garden(
                    "garden " + g,
                    0.6 + 1.8 * random.nextDouble(),
                    10 + 2 * random.nextDouble(),
                    Math.exp(random.nextGaussian() * PLACE_SD)));
        }
    }

    public static void main(String[] arguments) {
        double[] losses = new double[SEEDS];
        double[] outgrown = new double[SEEDS];
        System.out.println("seed  lost by label  by records   outgrown by label  by records");
        for (int seed = 0; seed < SEEDS; seed++) {
            Harm[] harm = new Town(seed).run();
            losses[seed] = ratio(harm[1].lost(), harm[0].lost());
            outgrown[seed] = ratio(harm[1].outgrown(), harm[0].outgrown());
            System.out.printf(
                    "%4d  %6d/%d  %6d/%d  %8d  %8d%n",
                    seed,
                    harm[0].lost(),
                    harm[0].planted(),
                    harm[1].lost(),
                    harm[1].planted(),
                    harm[0].outgrown(),
                    harm[1].outgrown());
        }
        told("losses, records to label", losses);
        told("outgrown, records to label", outgrown);
    }

    private static double ratio(int one, int other) {
        return other == 0 ? 1 : (double) one / other;
    }

    private static void told(String what, double[] ratios) {
        Arrays.sort(ratios);
        System.out.printf(
                "%s: median %.2f, 80 %% of the towns %.2f to %.2f%n",
                what, ratios[SEEDS / 2], ratios[SEEDS / 10], ratios[SEEDS - 1 - SEEDS / 10]);
    }

    private Harm[] run() {
        for (int season = 0; season < SEASONS; season++) {
            for (Garden garden : gardens) {
                byLabel(garden).forEach(kind -> record(kind, garden));
            }
        }
        SizeCalibration sizes = SizeCalibration.of(measured);
        Map<Integer, Estimate> shifts = new HashMap<>();
        winters.forEach((kind, seen) -> shifts.put(kind, HardinessCalibration.shift(seen)));
        Harm label = new Harm(0, 0, 0);
        Harm records = new Harm(0, 0, 0);
        for (Garden garden : gardens) {
            label = grown(byLabel(garden), garden, label);
            records = grown(byRecords(garden, sizes, shifts), garden, records);
        }
        return new Harm[] {label, records};
    }

    /** Hardy and low enough by the label; of those, any. */
    private List<Integer> byLabel(Garden garden) {
        List<Integer> fit = new ArrayList<>();
        for (int k = 0; k < KINDS; k++) {
            Kind kind = kinds.get(k);
            if (kind.labelHalf() <= Math.floor(garden.half()) && kind.labelM() <= garden.limitM()) {
                fit.add(k);
            }
        }
        return some(fit);
    }

    /** The same, by what is known of plant and place: low enough nine times in ten, and living through as often as not. */
    private List<Integer> byRecords(Garden garden, SizeCalibration sizes, Map<Integer, Estimate> shifts) {
        List<Integer> fit = new ArrayList<>();
        for (int k = 0; k < KINDS; k++) {
            Kind kind = kinds.get(k);
            Estimate factor = sizes.predict("kind " + k, garden.name());
            double shift = shifts.containsKey(k) ? shifts.get(k).value() : 0;
            double margin = Math.floor(garden.half()) - kind.labelHalf();
            double lives = Math.pow(HardinessCalibration.survival(margin, shift), WINTERS);
            boolean hardy = margin >= 0 && lives >= LIVES;
            if (hardy && kind.labelM() * factor.high() <= garden.limitM()) {
                fit.add(k);
            }
        }
        return some(fit);
    }

    private List<Integer> some(List<Integer> fit) {
        List<Integer> chosen = new ArrayList<>();
        while (chosen.size() < PLANTS && !fit.isEmpty()) {
            chosen.add(fit.remove(random.nextInt(fit.size())));
        }
        return chosen;
    }

    /** Planted, measured after three years, each of its winters seen. */
    private void record(int k, Garden garden) {
        Kind kind = kinds.get(k);
        boolean died = false;
        for (int winter = 0; winter < SEASONS && !died; winter++) {
            double margin = garden.half() + random.nextGaussian() * WINTER_SD - kind.labelHalf();
            died = random.nextDouble() >= HardinessCalibration.survival(margin, kind.trueShift());
            winters.computeIfAbsent(k, any -> new ArrayList<>()).add(new HardinessCalibration.Winter(margin, died));
        }
        if (!died) {
            double noise = Math.exp(random.nextGaussian() * NOISE_SD);
            measured.add(new SizeCalibration.Observation(
                    "kind " + k,
                    garden.name(),
                    kind.labelM(),
                    kind.labelM() * kind.trueFactor() * garden.trueFactor() * noise));
        }
    }

    private Harm grown(List<Integer> planted, Garden garden, Harm so) {
        int lost = 0;
        int outgrown = 0;
        for (int k : planted) {
            Kind kind = kinds.get(k);
            boolean lives = true;
            for (int winter = 0; winter < WINTERS && lives; winter++) {
                double margin = garden.half() + random.nextGaussian() * WINTER_SD - kind.labelHalf();
                lives = random.nextDouble() < HardinessCalibration.survival(margin, kind.trueShift());
            }
            lost += lives ? 0 : 1;
            double size = kind.labelM() * kind.trueFactor() * garden.trueFactor();
            outgrown += size > garden.limitM() * 1.02 ? 1 : 0;
        }
        return new Harm(so.planted() + planted.size(), so.lost() + lost, so.outgrown() + outgrown);
    }
}
