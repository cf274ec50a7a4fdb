package org.yellowfit.core.palette;

import java.util.List;

/**
 * How the ground of one patch is shared and how many of each plant stand on it (H2): areas add up to the patch. Those
 * without a count share equally what the others leave, but for one that needs more than its share by itself, and
 * one of which
 * no more are wanted; small groups are odd (G4).
 *
 * @param areas  m², in the order of the members
 * @param needed of ground by the counts, over all the patch has; above 1 where it is crowded
 */
record Shares(double[] areas, int[] counts, double needed) {

    /** From this many on nobody sees whether a group is odd. */
    static final int MANY = 10;

    private static final double ROUNDING = 1e-9;

    /** @param asked counts; 0 where it is left to this */
    static Shares of(List<Member> members, int[] asked, double areaM2) {
        int n = members.size();
        double[] areas = new double[n];
        int[] counts = new int[n];
        boolean[] settled = new boolean[n];
        double free = areaM2;
        int open = 0;
        for (int i = 0; i < n; i++) {
            if (asked[i] > 0) {
                counts[i] = asked[i];
                areas[i] = asked[i] * members.get(i).cellM2();
                free -= areas[i];
                settled[i] = true;
            } else {
                open++;
            }
        }
        while (open > 0) {
            int next = next(members, settled, free / open);
            if (next < 0) {
                break;
            }
            Member each = members.get(next);
            counts[next] = each.cellM2() > free / open ? 1 : each.most();
            areas[next] = counts[next] * each.cellM2();
            free -= areas[next];
            settled[next] = true;
            open--;
        }
        for (int i = 0; i < n; i++) {
            if (!settled[i]) {
                areas[i] = free / open;
                counts[i] = odd((int) Math.floor(areas[i] / members.get(i).cellM2() + ROUNDING));
            }
        }
        return scaled(areas, counts, areaM2);
    }

    /** One that needs more than an equal share by itself; else one of which no more are wanted than take less. */
    private static int next(List<Member> members, boolean[] settled, double share) {
        int capped = -1;
        for (int i = 0; i < settled.length; i++) {
            if (!settled[i] && members.get(i).cellM2() > share + ROUNDING) {
                return i;
            }
            if (capped < 0
                    && !settled[i]
                    && members.get(i).most() * members.get(i).cellM2() < share - ROUNDING) {
                capped = i;
            }
        }
        return capped;
    }

    private static int odd(int count) {
        return count >= 2 && count < MANY && count % 2 == 0 ? count - 1 : Math.max(1, count);
    }

    private static Shares scaled(double[] areas, int[] counts, double areaM2) {
        double sum = 0;
        for (double area : areas) {
            sum += area;
        }
        double[] shared = new double[areas.length];
        for (int i = 0; i < areas.length && sum > 0; i++) {
            shared[i] = areas[i] * areaM2 / sum;
        }
        return new Shares(shared, counts, sum / areaM2);
    }
}
