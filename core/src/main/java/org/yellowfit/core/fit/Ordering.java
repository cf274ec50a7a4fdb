package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import org.yellowfit.core.serve.Serving;

/**
 * Merit order (rules L4 and L5): by live × serve in steps; within a step the specialist first, then less work, then by
 * name, never by id or by place in the catalogue. What cannot reach the plants asked for any more is dropped as soon as
 * that is known. For one question and one thread.
 */
final class Ordering {

    private static final double STEP = RuleNumber.STEP_OF_WORTH.value;
    private static final double ROUNDING = 1e-9;

    private final Catalogue plants;
    private final Question question;
    private final Marking marking;
    private final Serving serving;
    private final float[] breadth;

    Ordering(Catalogue plants, Question question) {
        this.plants = plants;
        this.question = question;
        marking = new Marking(plants, question);
        serving = question.serving(plants);
        breadth = plants.breadth();
    }

    Serving serving() {
        return serving;
    }

    /** The best of the whole catalogue that live there, and after them, when asked for, the nearest that do not. */
    List<Ranked> best(boolean includeNo, int most) {
        Found found = search(includeNo, most);
        List<Ranked> first = inSteps(found.kept, most);
        if (includeNo && first.size() < most) {
            found.no.sort(byScore());
            int last = first.isEmpty() ? 0 : first.get(first.size() - 1).step();
            found.no.stream().limit(most - first.size()).forEach(each -> first.add(onStep(each, last + 1)));
        }
        return first;
    }

    /** What a search has found: those that live, and where they are asked for those that do not. */
    private record Found(Kept kept, List<Ranked> no) {}

    private Found search(boolean includeNo, int most) {
        Kept kept = new Kept(most);
        List<Ranked> no = new ArrayList<>();
        for (int i = 0; i < plants.size(); i++) {
            double least = kept.least();
            if (!includeNo && kept.isFull() && !comesBeforeLast(i, kept)) {
                continue;
            }
            // What the place rules out at a glance goes first; then how it serves, which is told sooner than all of how
            // it lives.
            if (!includeNo && !marking.mayLive(i)) {
                continue;
            }
            double serve = serving.of(i, least);
            if (serve == Serving.TOO_LITTLE && !includeNo) {
                continue;
            }
            boolean onlyWhatFits = serve * Live.FITS_IF.share() < least;
            double floor = onlyWhatFits ? Band.FITS_IF_TO : Band.NO_TO;
            double score = marking.score(i, includeNo ? Marking.ANY : floor);
            if (score == Marking.RULED_OUT) {
                continue;
            }
            Live live = marking.live(score);
            if (live == Live.NO) {
                no.add(new Ranked(i, plants.plants[i], score, 0, live, 0));
            } else if (serve != Serving.TOO_LITTLE && live.share() * serve >= least) {
                kept.add(i, score, Math.min(1, serve), live);
            }
        }
        return new Found(kept, no);
    }

    /** Among the best there can be, enough of which are kept: whether it would come before the last of those. */
    private boolean comesBeforeLast(int i, Kept kept) {
        int last = kept.lastOfBest(this::compare);
        return last < 0 || compare(i, last) < 0;
    }

    /** Those of the indices that live there and serve at least so well, in order. */
    List<Ranked> these(List<Integer> indices) {
        Kept kept = new Kept(Math.max(1, indices.size()));
        List<Ranked> no = new ArrayList<>();
        for (int i : indices) {
            double score = marking.score(i);
            Live live = marking.live(score);
            if (live == Live.NO) {
                no.add(new Ranked(i, plants.plants[i], score, 0, live, 0));
            } else {
                kept.add(i, score, Math.min(1, serving.of(i)), live);
            }
        }
        List<Ranked> all = inSteps(kept, Math.max(1, indices.size()));
        no.sort(byScore());
        int last = all.isEmpty() ? 0 : all.get(all.size() - 1).step();
        no.forEach(each -> all.add(onStep(each, last + 1)));
        return all;
    }

    /** What was found so far, and what a plant has to reach to be of any use: the step of the last one asked for. */
    private static final class Kept {
        /** No plant can serve better. */
        private static final int FEW = 512;

        private static final double PERFECT = 1 - 1e-12;

        private final int most;
        private int[] index = new int[FEW];
        private double[] score = new double[FEW];
        private double[] serve = new double[FEW];
        private double[] utility = new double[FEW];
        private Live[] live = new Live[FEW];
        private int size;
        /** The best utilities, the least of them first: a heap. */
        private final PriorityQueue<Double> best;

        private double floor;
        private double top;
        /** The best so many of the first step when that is the best there can be, the last of them first. */
        private PriorityQueue<Integer> perfect;

        Kept(int most) {
            this.most = most;
            best = new PriorityQueue<>(Math.max(1, most));
        }

        double least() {
            return floor;
        }

        /** Whether the first step is the best there can be, and holds as many as are asked for. */
        boolean isFull() {
            return top >= PERFECT && floor >= PERFECT - 2 * STEP && best.peek() >= top - STEP;
        }

        /** The last in order of the first step's best; −1 while they are not told apart yet. */
        int lastOfBest(java.util.Comparator<Integer> order) {
            if (perfect == null) {
                perfect = new PriorityQueue<>(order.reversed());
                for (int k = 0; k < size; k++) {
                    addPerfect(k);
                }
            }
            return perfect.size() < most ? -1 : perfect.peek();
        }

        private void addPerfect(int k) {
            if (utility[k] >= top - STEP - ROUNDING) {
                perfect.add(index[k]);
                if (perfect.size() > most) {
                    perfect.poll();
                }
            }
        }

        private void grow() {
            int more = 2 * size;
            index = Arrays.copyOf(index, more);
            score = Arrays.copyOf(score, more);
            serve = Arrays.copyOf(serve, more);
            utility = Arrays.copyOf(utility, more);
            live = Arrays.copyOf(live, more);
        }

        void add(int i, double scored, double serves, Live lives) {
            if (size == index.length) {
                grow();
            }
            index[size] = i;
            score[size] = scored;
            serve[size] = serves;
            live[size] = lives;
            utility[size] = lives.share() * serves;
            top = Math.max(top, utility[size]);
            if (best.size() < most) {
                best.add(utility[size]);
            } else if (utility[size] > best.peek()) {
                best.poll();
                best.add(utility[size]);
            }
            if (best.size() >= most) {
                floor = Math.max(0, best.peek() - STEP - ROUNDING);
            }
            if (perfect != null) {
                addPerfect(size);
            }
            size++;
        }

        Ranked ranked(int k, Catalogue plants, int step) {
            return new Ranked(index[k], plants.plants[index[k]], score[k], serve[k], live[k], step);
        }
    }

    /** L5: those within two hundredths of the best of their step are one step; as many as are asked for. */
    private List<Ranked> inSteps(Kept kept, int most) {
        Integer[] sorted = new Integer[kept.size];
        int n = 0;
        for (int k = 0; k < kept.size; k++) {
            if (kept.utility[k] >= kept.floor) {
                sorted[n++] = k;
            }
        }
        Arrays.sort(sorted, 0, n, Comparator.comparingDouble(k -> -kept.utility[k]));
        Comparator<Integer> order = (a, b) -> compare(kept.index[a], kept.index[b]);
        List<Ranked> ordered = new ArrayList<>(Math.min(n, most));
        int from = 0;
        int step = 0;
        while (from < n && ordered.size() < most) {
            int to = from + 1;
            double top = kept.utility[sorted[from]];
            while (to < n && top - kept.utility[sorted[to]] <= STEP + ROUNDING) {
                to++;
            }
            step++;
            for (Integer k : first(sorted, from, to, most - ordered.size(), order)) {
                ordered.add(kept.ranked(k, plants, step));
            }
            from = to;
        }
        return ordered;
    }

    /** The first so many of a part, in order, the rest of it left unsorted. */
    private static List<Integer> first(Integer[] all, int from, int to, int most, Comparator<Integer> order) {
        if (to - from <= most) {
            Arrays.sort(all, from, to, order);
            return Arrays.asList(all).subList(from, to);
        }
        PriorityQueue<Integer> best = new PriorityQueue<>(most + 1, order.reversed());
        for (int k = from; k < to; k++) {
            if (best.size() < most) {
                best.add(all[k]);
            } else if (order.compare(all[k], best.peek()) < 0) {
                best.poll();
                best.add(all[k]);
            }
        }
        List<Integer> sorted = new ArrayList<>(best);
        sorted.sort(order);
        return sorted;
    }

    private static Ranked onStep(Ranked each, int step) {
        return new Ranked(each.index(), each.plant(), each.score(), each.serve(), each.live(), step);
    }

    /** Within a step: the specialist, less work, the name; the id only where all that is the same. */
    private int compare(int a, int b) {
        int by = breadth == null ? 0 : Float.compare(breadth[a], breadth[b]);
        by = by == 0 ? Double.compare(plants.care[a], plants.care[b]) : by;
        by = by == 0 ? plants.name[a].compareTo(plants.name[b]) : by;
        return by == 0 ? plants.plants[a].id().compareTo(plants.plants[b].id()) : by;
    }

    private Comparator<Ranked> byScore() {
        return Comparator.comparingDouble((Ranked each) -> -each.score())
                .thenComparing((a, b) -> compare(a.index(), b.index()));
    }
}
