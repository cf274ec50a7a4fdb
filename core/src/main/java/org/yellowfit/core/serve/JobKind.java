package org.yellowfit.core.serve;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Words;

/** What a plant can be asked to do (rule L2), with what may be said of each. */
public enum JobKind {
    HEDGE(
            JobFields.CLIPPED,
            JobFields.HEIGHT,
            JobFields.BY_YEAR,
            JobFields.EVERGREEN,
            JobFields.WIDTH,
            JobFields.POT_HEIGHT),
    SCREEN(JobFields.HEIGHT, JobFields.BY_YEAR, JobFields.ALL_YEAR, JobFields.EVERGREEN, JobFields.POT_HEIGHT),
    GROUND_COVER(JobFields.BY_YEAR, JobFields.SLOPE, JobFields.EVERGREEN),
    EDGING(JobFields.EVERGREEN),
    FILL,
    BACK,
    MIDDLE,
    FRONT,
    FOCAL(JobFields.MONTHS),
    COLUMN(JobFields.WIDTH, JobFields.HEIGHT, JobFields.BY_YEAR),
    CLIMB(JobFields.SUPPORT_HEIGHT, JobFields.SUPPORT_WIDTH, JobFields.BY_YEAR, JobFields.EVERGREEN),
    UNDERPLANT(JobFields.OF_CROWN, JobFields.HEIGHT),
    POT_TALL(JobFields.LITRES, JobFields.MONTHS),
    POT_MOUND(JobFields.LITRES, JobFields.MONTHS),
    POT_TRAIL(JobFields.LITRES, JobFields.MONTHS),
    WINTER(JobFields.MONTHS),
    SCENT(JobFields.SCENT_OF, JobFields.MONTHS),
    CUT(JobFields.MONTHS),
    WILDLIFE(JobFields.FEEDS, JobFields.MONTHS);

    private final List<Field<?>> fields;

    JobKind(Field<?>... fields) {
        this.fields = List.of(fields);
    }

    /** What may be said of it, beside where it is. */
    public List<Field<?>> fields() {
        return fields;
    }

    /** What it cannot be judged without. */
    public Optional<Field<?>> needs() {
        return this == HEDGE || this == SCREEN ? Optional.of(JobFields.HEIGHT) : Optional.empty();
    }

    public String word() {
        return Words.of(this);
    }

    /** A part in a mixed pot. */
    public boolean isPot() {
        return this == POT_TALL || this == POT_MOUND || this == POT_TRAIL;
    }

    /** Whether a plant is looked at in it for what it is chiefly grown for. */
    public boolean isForShow() {
        return isPot() || Arrays.asList(FILL, BACK, MIDDLE, FRONT, FOCAL).contains(this);
    }
}
