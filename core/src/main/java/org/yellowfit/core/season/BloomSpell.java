package org.yellowfit.core.season;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;

/**
 * When a plant flowers at a place, and how much of it is open on each day (rule E2). Days are those of the northern
 * year and may run over its end.
 */
public final class BloomSpell {

    private static final double DAYS_PER_THIRD = (double) Seasons.DAYS / Bloom.THIRDS;
    private static final double USUAL_DAYS = 25;
    private static final double LONGEST_RAMP = 10;
    /** A second flush opens about a month after the first and is weaker: general for trimmed perennials and shrubs. */
    private static final double FLUSH_AFTER = 28;

    private static final double FLUSH_DAYS = 30;
    private static final double FLUSH_SHARE = 0.4;
    private static final double CONTINUOUS_SHARE = 0.5;

    private static final int FIRST_OF_JULY = 18;
    private static final int MID_AUGUST = 22;

    private final double start;
    private final double length;
    private final Rebloom rebloom;
    private final double frost;
    private final List<Colour> colours;

    private BloomSpell(double start, double length, Rebloom rebloom, double frost, List<Colour> colours) {
        this.start = start;
        this.length = length;
        this.rebloom = rebloom;
        this.frost = frost;
        this.colours = colours;
    }

    /** Empty when the bloom is not known, or the year here is too short for it. */
    public static Optional<BloomSpell> of(Cultivar plant, Optional<HardinessZone> zone, Seasons seasons) {
        Rebloom rebloom = plant.get(Traits.REBLOOM).orElse(Rebloom.NONE);
        List<Colour> colours = plant.colours(Traits.FLOWER_COLOURS);
        Optional<Bloom> noted = plant.get(Traits.BLOOM);
        if (noted.isPresent()) {
            double start = byDegreeDays(plant, noted.get(), seasons)
                    .orElseGet(() -> noted.get().startThird() * DAYS_PER_THIRD + 1 + daysLater(plant, zone));
            return Optional.of(new BloomSpell(
                    start, noted.get().lengthThirds() * DAYS_PER_THIRD, rebloom, seasons.firstFrostDay(), colours));
        }
        double days = plant.get(Traits.BLOOM_DAYS).orElse(USUAL_DAYS);
        return plant.get(Traits.BLOOM_GDD)
                .flatMap(seasons::dayOfDegreeDays)
                .map(start -> new BloomSpell(start, days, rebloom, seasons.firstFrostDay(), colours));
    }

    /**
     * Where the place's own warmth is on record, a bloom of spring opens by it (E2, A9) rather than by the zone; from
     * July on the length of the day has its say (E6), and degree days are no guide.
     */
    private static Optional<Double> byDegreeDays(Cultivar plant, Bloom noted, Seasons seasons) {
        return seasons.ofRecord() && noted.startThird() < FIRST_OF_JULY
                ? plant.get(Traits.BLOOM_GDD).flatMap(seasons::dayOfDegreeDays)
                : Optional.empty();
    }

    /** The bloom in thirds of a month as it comes at a place of this zone. */
    public static Optional<Bloom> inThirds(Cultivar plant, Optional<HardinessZone> zone) {
        return plant.get(Traits.BLOOM)
                .map(noted -> noted.movedByDays(daysLater(plant, zone)))
                .or(() -> of(plant, zone, Seasons.usualFor(zone)).map(BloomSpell::asThirds));
    }

    /**
     * The thirds of a month in which it is in flower at a place of this zone, its main bloom and when it flowers again:
     * bit 0 for early January, 36 bits. Empty when its bloom is not known.
     */
    public static OptionalLong openThirds(Cultivar plant, Optional<HardinessZone> zone) {
        Optional<Bloom> main = inThirds(plant, zone);
        if (main.isEmpty()) {
            return OptionalLong.empty();
        }
        long open = 0;
        for (int third = 0; third < Bloom.THIRDS; third++) {
            open |= main.get().isOpenInThird(third) ? 1L << third : 0;
        }
        boolean again = plant.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE;
        Optional<BloomSpell> spell = again ? of(plant, zone, Seasons.usualFor(zone)) : Optional.empty();
        for (int third = 0; third < Bloom.THIRDS && spell.isPresent(); third++) {
            open |= spell.get().shareOn((third + 0.5) * DAYS_PER_THIRD) > 0 ? 1L << third : 0;
        }
        return OptionalLong.of(open);
    }

    /** First day of the spell; {@code start + length} may pass the end of the year. */
    public double startDay() {
        return start;
    }

    public double lengthDays() {
        return length;
    }

    private Bloom asThirds() {
        int first = (int) Math.floor((start - 1) / DAYS_PER_THIRD);
        int last = (int) Math.floor((start - 1 + length - 0.5) / DAYS_PER_THIRD);
        return new Bloom(Math.floorMod(first, Bloom.THIRDS), Math.floorMod(last, Bloom.THIRDS));
    }

    private static double daysLater(Cultivar plant, Optional<HardinessZone> zone) {
        if (zone.isEmpty() || plant.get(Traits.BLOOM_ZONE).isEmpty()) {
            return 0;
        }
        int colder = plant.get(Traits.BLOOM_ZONE).get().half() - zone.get().half();
        return Seasons.DAYS_PER_HALF_ZONE * colder * movedShare(plant.get(Traits.BLOOM));
    }

    /**
     * E6: openings before July move with the zone, those from mid August on keep their date, those between move in
     * part.
     */
    private static double movedShare(Optional<Bloom> bloom) {
        int opens = bloom.map(Bloom::startThird).orElse(0);
        if (opens < FIRST_OF_JULY) {
            return 1;
        }
        return Math.max(0, 1 - (opens - FIRST_OF_JULY) / (double) (MID_AUGUST - FIRST_OF_JULY));
    }

    /** Share of the flowers open, 0–1. */
    double shareOn(double day) {
        double since = since(day);
        double main = hill(since, 0, length, 1);
        return switch (rebloom) {
            case NONE -> main;
            case FLUSH ->
                Math.max(
                        main,
                        start + length + FLUSH_AFTER < frost
                                ? hill(since, length + FLUSH_AFTER, FLUSH_DAYS, FLUSH_SHARE)
                                : 0);
            case CONTINUOUS ->
                Math.max(
                        main,
                        frost > start + length
                                ? hill(since, length / 2, frost - start - length / 2, CONTINUOUS_SHARE)
                                : 0);
        };
    }

    /** Buds are seen from so many days before the first opens, and withered flowers so many after the last; general. */
    private static final double BUD_DAYS = 16;

    private static final double WITHERED_DAYS = 14;

    /**
     * @param open     share of the flowers open that day
     * @param seedDays so long after the last flower heads stand in seed; none at all with 0
     */
    BloomStage stageOn(double day, double open, double seedDays, double cutDay) {
        double since = since(day);
        double before = since - Seasons.DAYS;
        if (before > -BUD_DAYS && open <= 0) {
            return new BloomStage(0, 1 + before / BUD_DAYS, 0, 0);
        }
        if (since <= length) {
            boolean young = since < length / 2;
            return new BloomStage(open, young ? 1 - open : 0, young ? 0 : 1 - open, 0);
        }
        double over = Math.min(1, (since - length) / WITHERED_DAYS);
        double left = 1 - open;
        double untilCut = since(cutDay);
        boolean cut = untilCut > length && since >= untilCut;
        return new BloomStage(open, 0, left * (1 - over), cut ? 0 : left * over * standing(since - length, seedDays));
    }

    private static double standing(double afterwards, double seedDays) {
        return seedDays <= 0 ? 0 : Math.max(0, Math.min(1, 1 - (afterwards - seedDays) / WITHERED_DAYS));
    }

    /** The flowers' colour by their age; between two colours a mix that carries the nearer one's name. */
    Optional<Colour> colourOn(double day) {
        if (colours.isEmpty()) {
            return Optional.empty();
        }
        double at = Math.max(0, Math.min(colours.size() - 1.0, since(day) / length * colours.size() - 0.5));
        int first = (int) at;
        return Optional.of(
                first + 1 < colours.size()
                        ? Tint.between(colours.get(first), colours.get(first + 1), at - first)
                        : colours.get(first));
    }

    private double since(double day) {
        double since = day - start;
        return since - Seasons.DAYS * Math.floor(since / Seasons.DAYS);
    }

    /** Rising from 0 at the start and falling to 0 at the end. */
    private static double hill(double since, double from, double days, double top) {
        double ramp = Math.max(1, Math.min(LONGEST_RAMP, days / 3));
        double up = (since - from) / ramp;
        double down = (from + days - since) / ramp;
        return top * Math.max(0, Math.min(1, Math.min(up, down)));
    }
}
