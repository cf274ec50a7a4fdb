package org.yellowfit.core.bed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.palette.Weaving;

/**
 * Plants of several kinds put into a bed (rule H8). What is exact is worked out exactly (rows, pairs); the rest is a
 * bounded search: a few tries from the same seed, of which the one that leaves fewest over is kept. What does not fit
 * is told, not squeezed in.
 */
public final class Placing {

    /** A bed of many plants gets fewer tries, so that it stays within its time. */
    private static final int PLANTS_TRIED = 700;
    /** Of the ground, what is planted where no counts are said: the rest is lost to edges and clearances. */
    private static final double FILLED = 0.8;

    private static final double FORWARD = 0.15;
    /**
     * Try by try, how much of half their spread plants stand within the edge at least: well within where all find room
     * so, less where they do not, and on the edge itself only as the last way.
     */
    private static final double[] WITHIN_EDGE = {0.7, 0.7, 0.4, 0.4, 0, 0};

    /** What fills a pot hangs over its rim and is no worse for it. */
    private static final double[] WITHIN_RIM = {0.7, 0.7, 0, 0, 0, 0};

    // Of the way from the rim of a pot to its middle.
    private static final double NEARLY_AS_TALL = 0.9;
    private static final int MOST_IN_MIDDLE = 2;
    private static final double MIDDLE_OF_POT = 0.85;
    private static final double ABOUT_MIDDLE_OF_POT = 0.5;
    private static final double ROUND_THE_MIDDLE = 0.6;

    private final BedGround ground;
    private final BedAims aims;
    private final List<Lot> lots = new ArrayList<>();
    private final Clearance clearance;
    private final Spots spots;
    private final Frontage frontage;
    private final boolean[][] allowed;

    private final Clearance.Bar[] worst;

    private Placing(BedGround ground, List<ToPlace> plants, BedAims aims) {
        this.ground = ground;
        this.aims = aims;
        clearance = new Clearance(ground, aims.horizonYears());
        spots = new Spots(ground, aims.seed());
        frontage = new Frontage(ground, aims.pot(), spots.x, spots.y);
        spots.seen(frontage, ground);
        for (ToPlace each : plants) {
            lots.add(new Lot(each, lots.size(), aims));
        }
        countOpen();
        if (aims.pot()) {
            tallestInTheMiddle();
        } else {
            setDepths();
        }
        allowed = new boolean[lots.size()][spots.size()];
        worst = new Clearance.Bar[lots.size()];
        lots.forEach(this::look);
    }

    public static Placement place(BedGround ground, List<ToPlace> plants, BedAims aims) {
        return new Placing(ground, plants, aims).place();
    }

    /** Those without a count share the ground the others leave, each the same. */
    private void countOpen() {
        double taken =
                lots.stream().mapToDouble(lot -> lot.count * lot.groundM2()).sum();
        List<Lot> open = lots.stream().filter(lot -> lot.asked.count() == null).toList();
        double each = Math.max(0, FILLED * ground.areaM2() - taken) / Math.max(1, open.size());
        for (Lot lot : open) {
            int count = (int) Math.max(1, Math.min(ToPlace.MOST, Math.floor(each / lot.groundM2())));
            boolean twos = lot.asked.grouping() == Grouping.PAIRED;
            lot.count = twos ? Math.max(2, count - count % 2) : count;
        }
    }

    /** The depth of each layer: by the ground its plants take, the lowest at the front (G1). */
    private void setDepths() {
        double all =
                lots.stream().mapToDouble(lot -> lot.count * lot.groundM2()).sum();
        double front = 0;
        for (Layer layer : List.of(Layer.FRONT, Layer.MIDDLE, Layer.BACK)) {
            double share = lots.stream()
                            .filter(lot -> depthOf(lot) == layer)
                            .mapToDouble(lot -> lot.count * lot.groundM2())
                            .sum()
                    / Math.max(1e-9, all);
            for (Lot lot : lots) {
                if (depthOf(lot) == layer) {
                    lot.front = lot.isSeenThrough() ? Math.min(FORWARD, front) : front;
                    lot.back = lot.isSeenThrough() ? 1 : front + share;
                }
            }
            front += share;
        }
    }

    /** In a pot (G7): the tall one or two in the middle, what mounds and trails round them. */
    private void tallestInTheMiddle() {
        double tallest = lots.stream().mapToDouble(lot -> lot.heightThen).max().orElse(0);
        for (Lot lot : lots) {
            boolean tall = lot.heightThen >= NEARLY_AS_TALL * tallest && lot.count <= MOST_IN_MIDDLE;
            lot.front = 0;
            if (tall) {
                lot.front = lot.count == 1 ? MIDDLE_OF_POT : ABOUT_MIDDLE_OF_POT;
            }
            lot.back = tall ? 1 : ROUND_THE_MIDDLE;
        }
    }

    /** What covers the ground stands in front. */
    private static Layer depthOf(Lot lot) {
        return lot.layer == Layer.GROUND_COVER ? Layer.FRONT : lot.layer;
    }

    private void look(Lot lot) {
        int[] barred = new int[Clearance.Bar.values().length];
        for (int i = 0; i < spots.size(); i++) {
            Clearance.Bar bar = clearance.bar(lot, spots.x[i], spots.y[i]);
            allowed[lot.number][i] = bar == Clearance.Bar.NONE;
            barred[bar.ordinal()]++;
        }
        if (barred[Clearance.Bar.NONE.ordinal()] == 0) {
            worst[lot.number] = Clearance.Bar.DOES_NOT_LIVE;
            for (Clearance.Bar bar : Clearance.Bar.values()) {
                if (barred[bar.ordinal()] > barred[worst[lot.number].ordinal()]) {
                    worst[lot.number] = bar;
                }
            }
        }
    }

    private Placement place() {
        int plants = lots.stream().mapToInt(lot -> lot.count).sum();
        double[] edges = aims.pot() ? WITHIN_RIM : WITHIN_EDGE;
        int tries = plants > PLANTS_TRIED ? 1 : edges.length;
        Attempt best = null;
        for (int k = 0; k < tries && (best == null || best.leftInAll() > 0); k++) {
            Attempt attempt = new Attempt(
                            ground,
                            lots,
                            clearance,
                            spots,
                            frontage,
                            within(edges[k]),
                            new Attempt.Way(aims.layers() == Weaving.STEPPED, k % 2 == 1, aims.pot()),
                            aims.seed() * 1_000_003 + k)
                    .plant(inOrder(k));
            if (best == null || attempt.leftInAll() < best.leftInAll()) {
                best = attempt;
            }
        }
        return told(best);
    }

    /** Of the spots allowed those from which a plant reaches no farther over the edge. */
    private boolean[][] within(double share) {
        if (share <= 0) {
            return allowed;
        }
        boolean[][] within = new boolean[lots.size()][spots.size()];
        for (Lot lot : lots) {
            for (int i = 0; i < spots.size(); i++) {
                within[lot.number][i] = allowed[lot.number][i] && spots.toEdge[i] >= share * lot.spread10 / 2;
            }
        }
        return within;
    }

    /** The widest first; on later tries those that stand at the back. */
    private List<Lot> inOrder(int attempt) {
        Comparator<Lot> widest = Comparator.comparingDouble((Lot lot) -> -lot.width());
        Comparator<Lot> order = attempt % 2 == 0
                ? widest
                : Comparator.comparingInt((Lot lot) -> lot.layer.ordinal()).thenComparing(widest);
        return lots.stream().sorted(order).toList();
    }

    private Placement told(Attempt best) {
        List<PlantedAt> placed = new ArrayList<>();
        List<Placement.Left> left = new ArrayList<>();
        for (Attempt.Stand stand : best == null ? List.<Attempt.Stand>of() : best.stands()) {
            placed.add(new PlantedAt(
                    stand.lot().plant,
                    stand.x(),
                    stand.y(),
                    stand.group(),
                    stand.lot().asked.potHeightM(),
                    0));
        }
        for (Lot lot : lots) {
            int over = best == null ? lot.count : best.left(lot);
            if (over > 0) {
                left.add(new Placement.Left(lot.plant.id(), over, why(lot, over)));
            }
        }
        return new Placement(placed, left, coverage(placed));
    }

    private Fact why(Lot lot, int over) {
        if (worst[lot.number] != null) {
            return Clearance.why(worst[lot.number]);
        }
        boolean single = lot.asked.grouping() == Grouping.PAIRED && over == 1 && lot.count % 2 == 1;
        return Fact.of(single ? "bed.left.single" : "bed.left.room");
    }

    private Map<Integer, Double> coverage(List<PlantedAt> placed) {
        TreeSet<Integer> years = new TreeSet<>(List.of(1, aims.closeByYear(), (int) Math.round(aims.horizonYears())));
        Map<Integer, Double> coverage = new LinkedHashMap<>();
        Cover cover = new Cover(ground);
        Grower grower = new Grower();
        years.forEach(year -> coverage.put(year, cover.share(placed, grower.at(placed, year))));
        return coverage;
    }
}
