package org.yellowfit.app.place;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Known;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.app.visit.VisitField;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;

/**
 * The site form as it is shown.
 *
 * @param typed    text by field, as typed or as kept in the visit's units
 * @param problems a sentence by field
 * @param told     what somebody else changed meanwhile, in sentences
 */
public record SiteForm(Map<String, String> typed, Map<String, String> problems, List<String> told, long version) {

    static final String GUESS = "guess.";

    /** Fields of the place that the form asks for. */
    private static final List<Field<?>> OF_THE_PLACE = List.of(
            SiteFields.ZONE,
            SiteFields.MIN_TEMP,
            SiteFields.SHELTERED,
            SiteFields.FROST_POCKET,
            SiteFields.HOT_SUMMER,
            SiteFields.SUN_HOURS,
            SiteFields.REFLECTED_HEAT,
            SiteFields.TEXTURE,
            SiteFields.DRAINAGE,
            SiteFields.MOISTURE,
            SiteFields.PH,
            SiteFields.DEPTH,
            SiteFields.LENGTH,
            SiteFields.MAX_HEIGHT,
            SiteFields.SUPPORT_HEIGHT,
            SiteFields.WALL_CLEARANCE,
            SiteFields.PATH_CLEARANCE,
            SiteFields.HORIZON,
            SiteFields.CONTAINER,
            SiteFields.PLANTING_DATE,
            SiteFields.FIRST_FROST,
            SiteFields.CHILDREN,
            SiteFields.PETS,
            SiteFields.STRICTLY_NO_HAZARDS,
            SiteFields.DEER,
            SiteFields.RABBITS,
            SiteFields.EXPOSURE,
            SiteFields.UPKEEP,
            SiteFields.PARTNERS);

    static final List<VisitField<?>> FIELDS = Stream.<VisitField<?>>concat(
                    Stream.of(
                            VisitFields.PLACE,
                            VisitFields.CUSTOMER,
                            VisitFields.NOTE,
                            VisitFields.UNITS,
                            VisitFields.POLICY,
                            VisitFields.SUN_BIAS),
                    OF_THE_PLACE.stream().map(VisitFields::site))
            .toList();

    /** Fields that may be told to be a guess. */
    static final List<Field<?>> GUESSABLE = List.of(
            SiteFields.ZONE,
            SiteFields.SUN_HOURS,
            SiteFields.TEXTURE,
            SiteFields.DRAINAGE,
            SiteFields.MOISTURE,
            SiteFields.PH);

    static SiteForm of(Answers answers, long version) {
        Map<String, String> typed = new HashMap<>();
        FIELDS.forEach(field -> typed.put(field.key(), VisitForm.shown(field.key(), answers)));
        GUESSABLE.forEach(field -> typed.put(GUESS + field.name(), isGuess(answers, field) ? "yes" : ""));
        return new SiteForm(typed, Map.of(), List.of(), version);
    }

    private static boolean isGuess(Answers answers, Field<?> field) {
        return answers.known(VisitFields.site(field))
                .map(Known::from)
                .filter(Provenance.GUESSED::equals)
                .isPresent();
    }

    public String value(String field) {
        return typed.getOrDefault(field, "");
    }

    public boolean has(String field, String value) {
        return List.of(value(field).split("\\|")).contains(value);
    }

    public String problem(String field) {
        return problems.get(field);
    }

    public boolean us() {
        return value(VisitFields.UNITS.key()).equalsIgnoreCase(Words.of(UnitSystem.US));
    }
}
