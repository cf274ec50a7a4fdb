package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/**
 * How much the shortlist hangs on what is not known or only guessed of a place: for each such field, the number of
 * plants whose verdict changes within what it may well be.
 *
 * @param plants that knowing it would settle
 */
public record WorthFindingOut(Field<?> field, int plants) {

    private static final double SUN_GUESS_H = 1.5;
    private static final double PH_GUESS = 0.7;

    /** What a field that is not known may well be. */
    private static final Map<Field<?>, List<?>> LIKELY = likely();

    private static Map<Field<?>, List<?>> likely() {
        Map<Field<?>, List<?>> likely = new LinkedHashMap<>();
        put(
                likely,
                SiteFields.ZONE,
                Stream.of("4b", "5b", "6b", "7b", "8b")
                        .map(HardinessZone::parse)
                        .toList());
        put(likely, SiteFields.SUN_HOURS, List.of(1.0, 3.0, 5.0, 7.0));
        put(
                likely,
                SiteFields.TEXTURE,
                List.of(TextureClass.LOAMY_SAND, TextureClass.LOAM_CLASS, TextureClass.CLAY_CLASS));
        put(likely, SiteFields.DRAINAGE, List.of(Drainage.values()));
        put(likely, SiteFields.MOISTURE, List.of(1.5, 3.0, 4.5));
        put(likely, SiteFields.PH, List.of(5.5, 6.5, 7.5));
        put(likely, SiteFields.DEER, List.of(Pressure.NONE, Pressure.HEAVY));
        put(likely, SiteFields.RABBITS, List.of(Pressure.NONE, Pressure.HEAVY));
        put(likely, SiteFields.CHILDREN, List.of(false, true));
        put(likely, SiteFields.PETS, List.of(false, true));
        return likely;
    }

    private static <T> void put(Map<Field<?>, List<?>> likely, Field<T> field, List<T> values) {
        likely.put(field, values);
    }

    /**
     * @param told    what is known of the place
     * @param guessed fields of it that are guesses
     * @return fields that matter, the one that settles most first
     */
    public static List<WorthFindingOut> of(
            Catalogue plants, FieldValues told, Wants wants, Policy policy, Set<Field<?>> guessed) {
        List<WorthFindingOut> found = new ArrayList<>();
        for (Field<?> field : LIKELY.keySet()) {
            boolean known = told.has(field) || field == SiteFields.ZONE && told.has(SiteFields.MIN_TEMP);
            if (!known || guessed.contains(field)) {
                int settled = settled(plants, questions(told, field, wants, policy));
                if (settled > 0) {
                    found.add(new WorthFindingOut(field, settled));
                }
            }
        }
        found.sort(Comparator.comparingInt(WorthFindingOut::plants).reversed());
        return found;
    }

    private static <T> List<Question> questions(FieldValues told, Field<T> field, Wants wants, Policy policy) {
        @SuppressWarnings("unchecked") // put() takes values of the field's own type only
        List<T> values = (List<T>) (told.has(field) ? around(told, field) : LIKELY.get(field));
        return values.stream()
                .map(value -> new Question(SiteFields.conditions(told.with(field, value)), wants, policy))
                .toList();
    }

    private static int settled(Catalogue plants, List<Question> questions) {
        List<Marking> markings = questions.stream()
                .map(question -> new Marking(plants, question))
                .toList();
        int settled = 0;
        for (int i = 0; i < plants.size(); i++) {
            int plant = i;
            if (markings.stream()
                            .mapToInt(marking -> band(plant, marking))
                            .distinct()
                            .count()
                    > 1) {
                settled++;
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

    private static List<?> around(FieldValues told, Field<?> field) {
        if (field == SiteFields.ZONE) {
            HardinessZone zone = told.get(SiteFields.ZONE);
            return List.of(zone.plus(-1), zone, zone.plus(1));
        }
        if (field == SiteFields.SUN_HOURS) {
            return spread(told.get(SiteFields.SUN_HOURS), SUN_GUESS_H, 0, 24);
        }
        if (field == SiteFields.PH) {
            return spread(told.get(SiteFields.PH), PH_GUESS, 3, 10);
        }
        if (field == SiteFields.MOISTURE) {
            return spread(told.get(SiteFields.MOISTURE), 1, 1, 5);
        }
        return LIKELY.get(field);
    }

    private static List<Double> spread(double middle, double by, double least, double most) {
        return List.of(Math.max(least, middle - by), middle, Math.min(most, middle + by));
    }
}
