package org.yellowfit.core.fit;

import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.serve.Hedges;
import org.yellowfit.core.serve.Job;
import org.yellowfit.core.serve.JobFields;
import org.yellowfit.core.serve.JobKind;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.takeoff.PlantingSpace;
import org.yellowfit.core.takeoff.Spacing;

/**
 * How many plants a place and its jobs ask for (rule H2): a row, an area, a pair, or one where nothing says how
 * many.
 */
final class Filling {

    /** Widest spacing of a clipped hedge, m: trade practice of two or three to the metre. */
    private static final double CLIPPED_APART_M = 0.5;
    /** Plants of one kind are bought for no more ground than this; larger ones are shared by several kinds. */
    private static final double MOST_GROUND_M2 = 400;

    private static final int MOST_TOLD = 60;

    private final Room room;
    private final Job row;
    private final boolean covers;
    private final boolean pair;

    Filling(Question question) {
        room = question.site().room();
        Wants wants = question.wants();
        row = wants.jobs().stream()
                .filter(job -> job.kind() == JobKind.HEDGE || job.kind() == JobKind.SCREEN)
                .findFirst()
                .orElse(null);
        pair = has(wants, JobKind.COLUMN);
        boolean single = pair
                || has(wants, JobKind.FOCAL)
                || has(wants, JobKind.CLIMB)
                || wants.jobs().stream().anyMatch(job -> job.kind().isPot())
                || question.inPot();
        covers = !single && room.areaM2() != null && row == null;
    }

    private static boolean has(Wants wants, JobKind kind) {
        return wants.jobs().stream().anyMatch(job -> job.kind() == kind);
    }

    /** A number of plants follows from the place. */
    private boolean isCounted() {
        return covers || pair || row != null && room.lengthM() != null;
    }

    /** Whether so many of one kind would be planted there, so that the number says something. */
    boolean isTold(Cultivar plant) {
        return isCounted() && (row != null || pair || plants(plant) <= MOST_TOLD);
    }

    int plants(Cultivar plant) {
        double spread = plant.spread10().mid();
        if (row != null && room.lengthM() != null) {
            boolean clipped = row.get(JobFields.CLIPPED, false) && Hedges.mayBeClipped(plant);
            return Spacing.plants(
                    new PlantingSpace.Row(room.lengthM(), false), clipped ? Math.min(spread, CLIPPED_APART_M) : spread);
        }
        if (covers) {
            return Spacing.plants(new PlantingSpace.Area(Math.min(MOST_GROUND_M2, room.areaM2())), spread);
        }
        return pair ? 2 : 1;
    }
}
