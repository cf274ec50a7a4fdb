package org.yellowfit.core.season;

import static org.yellowfit.core.season.SeasonNumber.BUDS_BEFORE;
import static org.yellowfit.core.season.SeasonNumber.CONTINUOUS_SHARE;
import static org.yellowfit.core.season.SeasonNumber.FLUSH_AFTER;
import static org.yellowfit.core.season.SeasonNumber.FLUSH_DAYS;
import static org.yellowfit.core.season.SeasonNumber.FLUSH_SHARE;
import static org.yellowfit.core.season.SeasonNumber.LONGEST_RAMP;
import static org.yellowfit.core.season.SeasonNumber.USUAL_BLOOM;
import static org.yellowfit.core.season.SeasonNumber.WITHERED_AFTER;

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

    private static final int THIRDS_PER_MONTH = Bloom.THIRDS / 12;
    static final double DAYS_PER_THIRD = (double) Seasons.DAYS / Bloom.THIRDS;
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
        return of(plant, zone, seasons, null);
    }

    static Optional<BloomSpell> of(Cultivar plant, GrowingPlace place) {
        return of(plant, place.zone(), place.seasons(), place.acidity());
    }

    private static Optional<BloomSpell> of(Cultivar plant, Optional<HardinessZone> zone, Seasons seasons, Double ph) {
        Rebloom rebloom = plant.get(Traits.REBLOOM).orElse(Rebloom.NONE);
        List<Colour> colours = SoilColour.flowers(plant, ph);
        Optional<Bloom> noted = plant.get(Traits.BLOOM);
        if (noted.isPresent()) {
            BloomMove move = BloomMove.of(plant, noted.get(), zone, seasons);
            return Optional.of(new BloomSpell(move.start(), move.length(), rebloom, seasons.firstFrostDay(), colours));
        }
        double days = plant.get(Traits.BLOOM_DAYS).orElse(USUAL_BLOOM.value());
        return plant.get(Traits.BLOOM_GDD)
                .flatMap(seasons::dayOfDegreeDays)
                .map(start -> new BloomSpell(start, days, rebloom, seasons.firstFrostDay(), colours));
    }

    /** The bloom in thirds of a month as it comes at a place of this zone. */
    public static Optional<Bloom> inThirds(Cultivar plant, Optional<HardinessZone> zone) {
        return of(plant, zone, Seasons.usualFor(zone)).map(BloomSpell::asThirds);
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

    /** Weeks of so many thirds of months. */
    public static double weeksOf(long thirds) {
        return Long.bitCount(thirds) * Seasons.WEEKS_PER_MONTH / THIRDS_PER_MONTH;
    }

    /** First day of the spell; {@code start + length} may pass the end of the year. */
    public double startDay() {
        return start;
    }

    public double lengthDays() {
        return length;
    }

    /** To the nearest thirds. */
    private Bloom asThirds() {
        int first = (int) Math.round((start - 1) / DAYS_PER_THIRD);
        int afterLast = (int) Math.round((start - 1 + length) / DAYS_PER_THIRD);
        int last = Math.max(first, Math.min(first + Bloom.THIRDS, afterLast) - 1);
        return new Bloom(Math.floorMod(first, Bloom.THIRDS), Math.floorMod(last, Bloom.THIRDS));
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
                        start + length + FLUSH_AFTER.value() < frost
                                ? hill(since, length + FLUSH_AFTER.value(), FLUSH_DAYS.value(), FLUSH_SHARE.value())
                                : 0);
            case CONTINUOUS ->
                Math.max(
                        main,
                        frost > start + length
                                ? hill(since, length / 2, frost - start - length / 2, CONTINUOUS_SHARE.value())
                                : 0);
        };
    }

    /**
     * @param open     share of the flowers open that day
     * @param seedDays so long after the last flower heads stand in seed; none at all with 0
     */
    BloomStage stageOn(double day, double open, double seedDays, double cutDay) {
        double since = since(day);
        double before = since - Seasons.DAYS;
        if (before > -BUDS_BEFORE.value() && open <= 0) {
            return new BloomStage(0, 1 + before / BUDS_BEFORE.value(), 0, 0);
        }
        if (since <= length) {
            boolean young = since < length / 2;
            return new BloomStage(open, young ? 1 - open : 0, young ? 0 : 1 - open, 0);
        }
        double over = Math.min(1, (since - length) / WITHERED_AFTER.value());
        double left = 1 - open;
        double untilCut = since(cutDay);
        boolean cut = untilCut > length && since >= untilCut;
        return new BloomStage(open, 0, left * (1 - over), cut ? 0 : left * over * standing(since - length, seedDays));
    }

    private static double standing(double afterwards, double seedDays) {
        return seedDays <= 0 ? 0 : Math.max(0, Math.min(1, 1 - (afterwards - seedDays) / WITHERED_AFTER.value()));
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
        double ramp = Math.max(1, Math.min(LONGEST_RAMP.value(), days / 3));
        double up = (since - from) / ramp;
        double down = (from + days - since) / ramp;
        return top * Math.max(0, Math.min(1, Math.min(up, down)));
    }
}
