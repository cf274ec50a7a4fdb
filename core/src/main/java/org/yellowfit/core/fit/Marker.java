package org.yellowfit.core.fit;

import java.util.Arrays;

/** A criterion made ready for one question: what of it is the same for every plant is worked out once. For one thread. */
interface Marker {

    double mark(int i);

    /** For a mark that hangs on one small number of the plant only: worked out once for each. */
    static Marker byKey(int[] keys, int most, Marker slow) {
        double[] known = new double[most];
        Arrays.fill(known, Double.NaN);
        return i -> {
            double mark = known[keys[i]];
            if (Double.isNaN(mark)) {
                mark = slow.mark(i);
                known[keys[i]] = mark;
            }
            return mark;
        };
    }

    /** The same for a number from −1 up. */
    static Marker byKey(byte[] keys, int most, Marker slow) {
        double[] known = new double[most + 1];
        Arrays.fill(known, Double.NaN);
        return i -> {
            double mark = known[keys[i] + 1];
            if (Double.isNaN(mark)) {
                mark = slow.mark(i);
                known[keys[i] + 1] = mark;
            }
            return mark;
        };
    }
}
