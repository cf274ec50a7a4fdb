package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.BloomSpell;

/** What sets a few plants apart at a place: who opens first, who outgrows it when, and who meets each wish best. No overall crown. */
public final class SideBySide {

    /**
     * When a plant flowers at the place. Days are those of the place's calendar year, 1–365.
     *
     * @param from first day, {@code to} last day; both empty when it is not known or does not flower
     */
    public record BloomDates(Cultivar plant, Optional<Integer> from, Optional<Integer> to) {}

    /** The best by one wish or measure; several when they are even. */
    public record Winner(String by, List<Cultivar> plants, String value) {}

    private static final int HALF_YEAR = 182;
    private static final double EVEN = 1e-9;

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
        return BloomSpell.of(plant, Optional.ofNullable(question.site().zone()), seasons)
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
        PlantGrowth growth = PlantGrowth.of(plant);
        double years = Math.min(
                site.maxHeightM() == null ? Double.POSITIVE_INFINITY : growth.yearsToHeight(site.maxHeightM()),
                site.roomM() == null ? Double.POSITIVE_INFINITY : growth.yearsToSpread(site.roomM()));
        return Double.isFinite(years) ? Optional.of(Math.max(1, (int) Math.ceil(years))) : Optional.empty();
    }

    /** The best by each wish, by the fit, by care and by price; only where they differ. */
    public static List<Winner> winners(List<Candidate> candidates, Question question) {
        List<Winner> winners = new ArrayList<>();
        best(
                winners,
                Phrases.say("winner.fit"),
                candidates,
                candidate -> candidate.score(),
                score -> Phrases.say("winner.fit.value"));
        List<Cultivar> plants = candidates.stream().map(Candidate::plant).toList();
        for (Wish wish : Wish.of(plants.get(0), question.wants(), question)) {
            best(
                    winners,
                    wish.words(),
                    candidates,
                    candidate -> Wish.of(candidate.plant(), question.wants(), question).stream()
                            .filter(each -> each.field().equals(wish.field()))
                            .mapToDouble(each -> each.isUnknown() ? -1 : each.met())
                            .findFirst()
                            .orElse(-1),
                    met -> met >= 1 ? Phrases.say("winner.met") : Phrases.say("winner.part"));
        }
        best(
                winners,
                Phrases.say("winner.care"),
                candidates,
                candidate -> -candidate.plant().get(Traits.CARE_MIN_YEAR).orElse(Double.MAX_VALUE),
                minutes -> Phrases.say("winner.care.value", Numbers.rounded(-minutes, 0)));
        best(
                winners,
                Phrases.say("winner.hardy"),
                candidates,
                candidate -> -candidate
                        .plant()
                        .get(Traits.ZONE_MIN)
                        .map(zone -> zone.half())
                        .orElse(99),
                half -> Phrases.say("winner.hardy.value", org.yellowfit.core.climate.HardinessZone.label((int) -half)));
        best(
                winners,
                Phrases.say("winner.bloom"),
                candidates,
                candidate -> BloomSpell.inThirds(
                                candidate.plant(),
                                Optional.ofNullable(question.site().zone()))
                        .map(bloom -> (double) bloom.lengthThirds())
                        .orElse(0.0),
                thirds -> Phrases.say("winner.bloom.value", Numbers.rounded(thirds / 3 * 30.4, 0)));
        return winners;
    }

    private static void best(
            List<Winner> winners,
            String by,
            List<Candidate> candidates,
            java.util.function.ToDoubleFunction<Candidate> measure,
            java.util.function.DoubleFunction<String> value) {
        double most = candidates.stream().mapToDouble(measure).max().orElse(0);
        double least = candidates.stream().mapToDouble(measure).min().orElse(0);
        if (most > least + EVEN) {
            winners.add(new Winner(
                    by,
                    candidates.stream()
                            .filter(candidate -> measure.applyAsDouble(candidate) >= most - EVEN)
                            .map(Candidate::plant)
                            .toList(),
                    value.apply(most)));
        }
    }
}
