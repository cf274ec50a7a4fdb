package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleFunction;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.BloomSpell;

/**
 * What sets a few plants apart at a place: who opens first, who outgrows it when, and who meets each wish best. No
 * overall crown.
 */
public final class SideBySide {

    /**
     * When a plant flowers at the place. Days are those of the place's calendar year, 1–365.
     *
     * @param from first day, {@code to} last day; both empty when it is not known or does not flower
     */
    public record BloomDates(Cultivar plant, Optional<Integer> from, Optional<Integer> to) {}

    /** The best by one wish or measure; several when they are even. */
    public record Winner(Fact by, List<Cultivar> plants, Fact value) {}

    private static final int HALF_YEAR = 182;
    private static final double EVEN = 1e-9;
    private static final double DAYS_PER_THIRD = 365.0 / Bloom.THIRDS;
    /** Warmer than any: what is not known is not the hardiest. */
    private static final int UNKNOWN_ZONE = 99;

    private SideBySide() {}

    /** In the order in which they open at the place; those without a known bloom last. */
    public static List<BloomDates> bloomOrder(List<Cultivar> plants, Question question, Seasons seasons) {
        return plants.stream()
                .map(plant -> bloom(plant, question, seasons))
                .sorted(Comparator.comparing(
                        each -> each.from().map(day -> seasonal(day, seasons)).orElse(Integer.MAX_VALUE)))
                .toList();
    }

    private static BloomDates bloom(Cultivar plant, Question question, Seasons seasons) {
        return BloomSpell.of(plant, Optional.ofNullable(question.site().winter().zone()), seasons)
                .map(spell -> new BloomDates(
                        plant,
                        Optional.of(local(spell.startDay(), seasons)),
                        Optional.of(local(spell.startDay() + spell.lengthDays() - 1, seasons))))
                .orElse(new BloomDates(plant, Optional.empty(), Optional.empty()));
    }

    private static int local(double northernDay, Seasons seasons) {
        int day = (int) Math.round(northernDay) + (seasons.south() ? HALF_YEAR : 0);
        return Math.floorMod(day - 1, Seasons.DAYS) + 1;
    }

    private static int seasonal(int day, Seasons seasons) {
        return seasons.northernDay(day);
    }

    /** Year in which the usual size passes the limit or the room; empty when it never does, or neither is known. */
    public static Optional<Integer> outgrown(Cultivar plant, SiteConditions site) {
        PlantGrowth growth = PlantGrowth.of(plant).inSunOf(site.light().sunHours());
        double years = Math.min(
                site.room().maxHeightM() == null
                        ? Double.POSITIVE_INFINITY
                        : growth.yearsToHeight(site.room().maxHeightM()),
                site.room().widthM() == null
                        ? Double.POSITIVE_INFINITY
                        : growth.yearsToSpread(site.room().widthM()));
        return Double.isFinite(years) ? Optional.of(Math.max(1, (int) Math.ceil(years))) : Optional.empty();
    }

    /** The best by each wish, by the fit, by care and by price; only where they differ. */
    public static List<Winner> winners(List<Candidate> candidates, Question question) {
        List<Winner> winners = new ArrayList<>();
        best(winners, Fact.of("winner.fit"), candidates, Candidate::score, score -> Fact.of("winner.fit.value"));
        for (int k = 0; k < candidates.get(0).services().size(); k++) {
            int asked = k;
            best(
                    winners,
                    candidates.get(0).services().get(k).asked(),
                    candidates,
                    candidate -> candidate.services().get(asked).met(),
                    met -> Fact.of(met >= 1 - EVEN ? "winner.met" : "winner.part"));
        }
        best(
                winners,
                Fact.of("winner.care"),
                candidates,
                candidate -> -candidate.plant().get(Traits.CARE_MIN_YEAR).orElse(Double.MAX_VALUE),
                minutes -> Fact.of("winner.care.value", Amount.minutes(-minutes)));
        best(
                winners,
                Fact.of("winner.hardy"),
                candidates,
                candidate -> -candidate
                        .plant()
                        .get(Traits.ZONE_MIN)
                        .map(HardinessZone::half)
                        .orElse(UNKNOWN_ZONE),
                half -> Fact.of("winner.hardy.value", HardinessZone.label((int) -half)));
        best(
                winners,
                Fact.of("winner.bloom"),
                candidates,
                candidate -> thirdsInFlower(candidate.plant(), question),
                thirds -> Fact.of("winner.bloom.value", Math.round(thirds * DAYS_PER_THIRD)));
        return winners;
    }

    private static double thirdsInFlower(Cultivar plant, Question question) {
        return BloomSpell.inThirds(
                        plant, Optional.ofNullable(question.site().winter().zone()))
                .map(Bloom::lengthThirds)
                .orElse(0);
    }

    private static void best(
            List<Winner> winners,
            Fact by,
            List<Candidate> candidates,
            ToDoubleFunction<Candidate> measure,
            DoubleFunction<Fact> value) {
        double most = candidates.stream().mapToDouble(measure).max().orElse(0);
        double least = candidates.stream().mapToDouble(measure).min().orElse(0);
        if (most > least + EVEN) {
            List<Cultivar> best = candidates.stream()
                    .filter(candidate -> measure.applyAsDouble(candidate) >= most - EVEN)
                    .map(Candidate::plant)
                    .toList();
            winners.add(new Winner(by, best, value.apply(most)));
        }
    }
}
