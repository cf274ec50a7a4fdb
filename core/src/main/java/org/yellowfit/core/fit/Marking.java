package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The quick pass: all criteria of one plant, ready for one question, marked into one score. The limiting criterion
 * carries {@link RuleNumber#LIMITING_SHARE} of the weight, the others share the rest by their own weights (a weighted
 * geometric mean under the law of the minimum). The share is so chosen that, with the bands of {@link Band}, no plant
 * that needs a remedy outranks one that fits, and no plant that does not fit outranks one that needs a remedy.
 *
 * <p>No plant scores more than its lowest criterion to the power of that share. A plant that cannot reach the ranking
 * any more is dropped at the first criterion that says so, before a logarithm is taken. For one thread.
 */
final class Marking {

    /** Given for a plant that does not pass the floor. */
    static final double RULED_OUT = -1;
    /** No score has to be passed. */
    static final double ANY = -1;

    private static final double LIMITING_SHARE = RuleNumber.LIMITING_SHARE.value;

    /** Plants after which it is known which judges are worth asking first. */
    private static final int TRIED = 1024;
    /** A judge that says no to a smaller share of those is not asked first any more; measured. */
    private static final double WORTH_ASKING = 0.08;

    private final Judge[] judges;
    /**
     * Those that say no so often that they are asked before anything else is looked at, with their noes of the
     * trial.
     */
    private Judge[] gates;

    private final int[] noes;
    private int tried;
    private final double[] weightOf;
    private final double[] scores;
    private final double[] weights;
    private final Ruling ruling = new Ruling();
    private boolean close;

    Marking(Catalogue plants, Question question) {
        List<Judge> ready = new ArrayList<>();
        List<Rule> rules = new ArrayList<>();
        for (Rule rule : Rules.BY_TURN) {
            if (rule.isAsked(question)) {
                rule.judge(plants, question).ifPresent(judge -> {
                    ready.add(judge);
                    rules.add(rule);
                });
            }
        }
        judges = ready.toArray(Judge[]::new);
        gates = judges.clone();
        noes = new int[judges.length];
        weightOf = rules.stream().mapToDouble(rule -> rule.name().weight()).toArray();
        scores = new double[judges.length];
        weights = new double[judges.length];
    }

    /**
     * The score that every criterion has to pass.
     *
     * @param above the plant's score that has to be passed; {@link #ANY} for none
     */
    static double floor(boolean includeNo, double above) {
        return Math.max(includeNo ? -1 : Band.NO_TO, above < 0 ? -1 : Math.pow(above, 1 / LIMITING_SHARE));
    }

    /** False where the place rules the plant out by what rules most plants out there; true where that is left open. */
    boolean mayLive(int i) {
        if (tried < TRIED) {
            return mayLiveOnTrial(i);
        }
        for (Judge gate : gates) {
            gate.judge(i, ruling);
            if (ruling.verdict() == Verdict.NO) {
                return false;
            }
        }
        return true;
    }

    private boolean mayLiveOnTrial(int i) {
        boolean may = true;
        for (int c = 0; c < judges.length; c++) {
            judges[c].judge(i, ruling);
            if (ruling.verdict() == Verdict.NO) {
                noes[c]++;
                may = false;
            }
        }
        tried++;
        if (tried == TRIED) {
            gates = IntStream.range(0, judges.length)
                    .filter(c -> noes[c] >= WORTH_ASKING * TRIED)
                    .boxed()
                    .sorted(Comparator.comparingInt(c -> -noes[c]))
                    .map(c -> judges[c])
                    .toArray(Judge[]::new);
        }
        return may;
    }

    /** One plant's score, whatever its verdict. */
    double score(int i) {
        return score(i, floor(true, ANY));
    }

    /**
     * @param floor see {@link #floor}
     * @return the score, or {@link #RULED_OUT} when a criterion does not pass it
     */
    double score(int i, double floor) {
        double lowest = 2;
        int limiting = -1;
        int n = 0;
        close = false;
        for (int c = 0; c < judges.length; c++) {
            judges[c].judge(i, ruling);
            if (!ruling.isTold()) {
                continue;
            }
            double score = ruling.score();
            if (score <= floor) {
                return RULED_OUT;
            }
            close |= ruling.outcome().isClose();
            if (score < lowest) {
                lowest = score;
                limiting = n;
            }
            scores[n] = score;
            weights[n++] = weightOf[c];
        }
        return n == 0 ? Band.NEUTRAL : combined(n, limiting);
    }

    /** How the plant scored last lives here. */
    Live live(double score) {
        return Live.of(score, close);
    }

    private double combined(int n, int limiting) {
        if (scores[limiting] <= 0) {
            return 0;
        }
        double log = 0;
        double sum = 0;
        for (int k = 0; k < n; k++) {
            if (k != limiting) {
                sum += weights[k];
                log += scores[k] < 1 ? weights[k] * Math.log(scores[k]) : 0;
            }
        }
        double lowestLog = Math.log(scores[limiting]);
        double others = sum == 0 ? lowestLog : log / sum;
        double mean = Math.exp(LIMITING_SHARE * lowestLog + (1 - LIMITING_SHARE) * others);
        // No mean lies below the lowest, but for the last digit of a logarithm, which must not move a plant over the
        // border of fitting.
        return Math.max(scores[limiting], mean);
    }
}
