package org.yellowfit.core.season;

import org.yellowfit.core.measure.Tabled;

/** Every number of how bloom moves and leaves green (rules B2, E2 and E6) that is no day of the year. */
public enum SeasonNumber implements Tabled {
    BLOOM_MOVES_TO(18, "thirds of months from 1 January", "E6, before July a date moves with the zone"),
    BLOOM_KEEPS_FROM(22, "thirds of months from 1 January", "E6, from mid August it keeps its date"),
    LONG_BLOOM(9, "thirds of months", "E6, what may bloom until frost; our reading"),
    ENDED_BY_FROST(10, "days before the first frost where it was noted", "E6, an end so late is the frost’s; ours"),
    SHORTEST_BLOOM(0.5, "of the length noted", "E6, so that a bloom over the turn of the year stays one; ours"),
    USUAL_BLOOM(25, "days", "E2, where degree days are known and the length is not; general"),
    LONGEST_RAMP(10, "days", "from the first flower to all of them; general"),
    FLUSH_AFTER(28, "days after the first flush", "general for trimmed perennials and shrubs"),
    FLUSH_DAYS(30, "days", "the second flush; general"),
    FLUSH_SHARE(0.4, "of the flowers", "the second flush; our estimate"),
    CONTINUOUS_SHARE(0.5, "of the flowers", "what goes on after the first; our estimate"),
    BLUE_TO(5.5, "pH", "C4, blue below"),
    PINK_FROM(6.5, "pH", "C4, pink above"),
    READS_GREEN(0.5, "of the way to green", "B2, from here on it is nearer to green than to its own"),
    LEAST_FLOWERS(0.15, "of the flowers", "B2, in however little sun; our estimate"),
    BUDS_BEFORE(16, "days", "buds are seen before the first opens; general"),
    WITHERED_AFTER(14, "days", "withered flowers are seen; general"),
    IN_FLOWER(0.2, "of the flowers open", "from here on a week is in flower; our estimate"),
    LEAVES_SEEN(0.4, "of the leaves", "from here on their colour shows; our estimate");

    private final Line line;

    SeasonNumber(double value, String unit, String source) {
        line = new Line(value, unit, source);
    }

    @Override
    public Line line() {
        return line;
    }
}
