package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Wood that grows towards the light it can reach: each step every branch grows towards the free places nearest to it,
 * and a place that is reached is free no more.
 *
 * <p>Source: A. Runions, B. Lane, P. Prusinkiewicz, “Modeling Trees with a Space Colonization Algorithm” (2007). Widths
 * by the pipe model: the cross-section of a branch is the sum of those it carries (Shinozaki 1964), exponent 2.2.
 */
final class Branches {

    private static final int MOST_NODES = 900;
    private static final int MOST_STEPS = 90;
    /** A node that has sent out so many shoots cannot reach what still draws it. */
    private static final int MOST_SHOOTS = 3;

    private static final double PIPE_EXPONENT = 2.2;

    private double[] xs = new double[256];
    private double[] ys = new double[256];
    private double[] zs = new double[256];
    private int[] parents = new int[256];
    private int count;
    private int[] tips;
    private final int[] shoots = new int[MOST_NODES + 64];

    int count() {
        return count;
    }

    Vec at(int node) {
        return new Vec(xs[node], ys[node], zs[node]);
    }

    /** −1 for a root. */
    int parent(int node) {
        return parents[node];
    }

    /** How many ends of twigs a node carries. */
    int tips(int node) {
        return tips[node];
    }

    /** A width for each node so that the thickest is as given. */
    double width(int node, double thickest, double thinnest) {
        double share = Math.pow(tips[node] / (double) mostTips(), 1 / PIPE_EXPONENT);
        return Math.max(thinnest, thickest * share);
    }

    private int mostTips() {
        int most = 1;
        for (int i = 0; i < count && parents[i] < 0; i++) {
            most = Math.max(most, tips[i]);
        }
        return Math.max(most, count > 0 ? tips[0] : 1);
    }

    /** @return the node's number */
    int add(Vec at, int parent) {
        if (count == xs.length) {
            xs = Arrays.copyOf(xs, 2 * count);
            ys = Arrays.copyOf(ys, 2 * count);
            zs = Arrays.copyOf(zs, 2 * count);
            parents = Arrays.copyOf(parents, 2 * count);
        }
        xs[count] = at.x();
        ys[count] = at.y();
        zs[count] = at.z();
        parents[count] = parent;
        return count++;
    }

    /**
     * Grows until every free place is reached, or no further.
     *
     * @param places  free places
     * @param step    length of one step; a place is reached from within {@code 1.7} steps
     * @param bent    a direction that pulls all growth, with its strength
     */
    void grow(List<Vec> places, double step, Vec bent) {
        Reach reach = new Reach(places, step);
        for (int i = 0; i < count; i++) {
            reach.look(i);
        }
        for (int round = 0; round < MOST_STEPS && count < MOST_NODES; round++) {
            if (!step(reach, step, bent)) {
                break;
            }
        }
        countTips();
    }

    private boolean step(Reach reach, double step, Vec bent) {
        Vec[] pulls = new Vec[count];
        reach.pull(pulls);
        int before = count;
        for (int i = 0; i < before && count < MOST_NODES; i++) {
            if (pulls[i] == null) {
                continue;
            }
            if (++shoots[i] > MOST_SHOOTS) {
                reach.giveUp(i);
                continue;
            }
            Vec next = at(i).plus(pulls[i].unit().plus(bent).unit(), step);
            reach.look(add(next, i));
        }
        return reach.anyLeft();
    }

    private void countTips() {
        tips = new int[count];
        boolean[] carries = new boolean[count];
        for (int i = count - 1; i >= 0; i--) {
            tips[i] = Math.max(1, tips[i]);
            if (parents[i] >= 0) {
                tips[parents[i]] += tips[i];
                carries[parents[i]] = true;
            }
        }
    }

    /** The branches as runs of nodes from where they part to their end, each following its strongest shoot. */
    List<int[]> runs() {
        int[] strongest = new int[count];
        Arrays.fill(strongest, -1);
        for (int i = 0; i < count; i++) {
            int parent = parents[i];
            if (parent >= 0 && (strongest[parent] < 0 || tips[i] > tips[strongest[parent]])) {
                strongest[parent] = i;
            }
        }
        List<int[]> runs = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean starts = parents[i] < 0 || strongest[parents[i]] != i;
            if (starts) {
                runs.add(run(i, strongest));
            }
        }
        return runs;
    }

    private int[] run(int first, int[] strongest) {
        int[] nodes = new int[count + 1];
        int length = 0;
        if (parents[first] >= 0) {
            nodes[length++] = parents[first];
        }
        for (int node = first; node >= 0; node = strongest[node]) {
            nodes[length++] = node;
        }
        return Arrays.copyOf(nodes, length);
    }

    /** The places still free, each with the node nearest to it. */
    private final class Reach {

        private static final double REACHED_STEPS = 1.7;

        private final Vec[] places;
        private final double[] distances;
        private final int[] nearest;
        private final double reached;
        private int left;

        Reach(List<Vec> free, double step) {
            places = free.toArray(new Vec[0]);
            distances = new double[places.length];
            Arrays.fill(distances, Double.MAX_VALUE);
            nearest = new int[places.length];
            reached = REACHED_STEPS * step * REACHED_STEPS * step;
            left = places.length;
        }

        boolean anyLeft() {
            return left > 0;
        }

        void look(int node) {
            for (int p = 0; p < left; p++) {
                double dx = places[p].x() - xs[node];
                double dy = places[p].y() - ys[node];
                double dz = places[p].z() - zs[node];
                double distance = dx * dx + dy * dy + dz * dz;
                if (distance < distances[p]) {
                    distances[p] = distance;
                    nearest[p] = node;
                }
                if (distance < reached) {
                    forget(p--);
                }
            }
        }

        void giveUp(int node) {
            for (int p = 0; p < left; p++) {
                if (nearest[p] == node) {
                    forget(p--);
                }
            }
        }

        private void forget(int p) {
            left--;
            places[p] = places[left];
            distances[p] = distances[left];
            nearest[p] = nearest[left];
        }

        void pull(Vec[] pulls) {
            for (int p = 0; p < left; p++) {
                int node = nearest[p];
                Vec towards = places[p].minus(at(node)).unit();
                pulls[node] = pulls[node] == null ? towards : pulls[node].plus(towards);
            }
        }
    }
}
