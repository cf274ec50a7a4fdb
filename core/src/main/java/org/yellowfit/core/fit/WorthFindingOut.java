package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Policy;

/**
 * How much the shortlist hangs on what is not known or only guessed of a place: for each such field, the number of
 * plants whose
 * verdict changes within what it may well be.
 *
 * @param field  of the site, by its name in the API
 * @param plants that knowing it would settle
 */
public record WorthFindingOut(String field, int plants) {

    /** What a field that is not known may well be. */
    private static final Map<String, List<?>> LIKELY = likely();

    private static final double SUN_GUESS_H = 1.5;
    private static final double PH_GUESS = 0.7;

    private static Map<String, List<?>> likely() {
        Map<String, List<?>> likely = new LinkedHashMap<>();
        likely.put("zone", List.of("4b", "5b", "6b", "7b", "8b"));
        likely.put("sunHours", List.of(1, 3, 5, 7));
        likely.put("texture", List.of("loamy sand", "loam", "clay"));
        likely.put("drainage", List.of("poor", "slow", "good", "fast"));
        likely.put("moisture", List.of(1.5, 3, 4.5));
        likely.put("ph", List.of(5.5, 6.5, 7.5));
        likely.put("deer", List.of("none", "heavy"));
        likely.put("rabbits", List.of("none", "heavy"));
        likely.put("children", List.of(false, true));
        likely.put("pets", List.of(false, true));
        return likely;
    }

    /**
     * @param site    the place by field, as {@link SiteReader} reads it
     * @param guessed fields of it that are guesses
     * @return fields that matter, the one that settles most first
     */
    public static List<WorthFindingOut> of(
            Catalogue plants, Map<String, ?> site, Wants wants, Policy policy, Set<String> guessed) {
        List<WorthFindingOut> found = new ArrayList<>();
        for (String field : LIKELY.keySet()) {
            boolean known =
                    site.get(field) != null && !String.valueOf(site.get(field)).isBlank()
                            || field.equals("zone") && site.get("minTempC") != null;
            if (!known || guessed.contains(field)) {
                int settled = settled(
                        plants,
                        site,
                        wants,
                        policy,
                        field,
                        known ? around(field, String.valueOf(site.get(field))) : LIKELY.get(field));
                if (settled > 0) {
                    found.add(new WorthFindingOut(field, settled));
                }
            }
        }
        found.sort(Comparator.comparingInt(WorthFindingOut::plants).reversed());
        return found;
    }

    private static int settled(
            Catalogue plants, Map<String, ?> site, Wants wants, Policy policy, String field, List<?> values) {
        List<Marking> questions = values.stream()
                .map(value -> new Marking(plants, question(site, wants, policy, field, value)))
                .toList();
        int settled = 0;
        for (int i = 0; i < plants.size(); i++) {
            int first = band(i, questions.get(0));
            for (int k = 1; k < questions.size(); k++) {
                if (band(i, questions.get(k)) != first) {
                    settled++;
                    break;
                }
            }
        }
        return settled;
    }

    /** 0 ruled out, 1 with a remedy, 2 fits. */
    private static int band(int i, Marking question) {
        double score = question.score(i, Band.NO_TO);
        if (score == Marking.RULED_OUT) {
            return 0;
        }
        return score >= Band.FITS_FROM ? 2 : 1;
    }

    private static Question question(Map<String, ?> site, Wants wants, Policy policy, String field, Object value) {
        Map<String, Object> changed = new HashMap<>(site);
        changed.put(field, value);
        List<Problem> problems = new ArrayList<>();
        return new Question(SiteReader.site(changed, "", problems), wants, policy);
    }

    private static List<?> around(String field, String value) {
        return switch (field) {
            case "zone" -> {
                HardinessZone zone = HardinessZone.parse(value);
                yield List.of(zone.plus(-1).label(), zone.label(), zone.plus(1).label());
            }
            case "sunHours" -> spread(value, SUN_GUESS_H, 0, 24);
            case "ph" -> spread(value, PH_GUESS, 3, 10);
            case "moisture" -> spread(value, 1, 1, 5);
            default -> LIKELY.get(field);
        };
    }

    private static List<Double> spread(String value, double by, double least, double most) {
        double middle = org.yellowfit.core.measure.Numbers.parse(value);
        return List.of(Math.max(least, middle - by), middle, Math.min(most, middle + by));
    }
}
