package org.yellowfit.app.site;

import java.util.List;
import java.util.Map;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.core.measure.UnitSystem;

/**
 * The site form as it is shown.
 *
 * @param typed    text by field, as typed or as kept in the visit's units
 * @param problems a sentence by field
 * @param told     what somebody else changed meanwhile, in sentences
 */
public record SiteForm(Map<String, String> typed, Map<String, String> problems, List<String> told, long version) {

    static final List<String> FIELDS = List.of(
            Answers.PLACE,
            Answers.CUSTOMER,
            Answers.NOTE,
            Answers.UNITS,
            Answers.POLICY,
            "site.zone",
            "site.minTempC",
            "site.sheltered",
            "site.frostPocket",
            "site.hotSummer",
            "site.sunHours",
            "site.sunBias",
            "site.reflectedHeat",
            "site.texture",
            "site.drainage",
            "site.moisture",
            "site.ph",
            "site.depthM",
            "site.lengthM",
            "site.maxHeightM",
            "site.wallClearanceM",
            "site.pathClearanceM",
            "site.horizonYears",
            "site.container",
            "site.plantingDate",
            "site.firstFrost",
            "site.children",
            "site.pets",
            "site.strictlyNoHazards",
            "site.deer",
            "site.rabbits",
            "site.exposure");

    /** Fields that may be told to be a guess. */
    static final List<String> GUESSABLE = List.of("zone", "sunHours", "texture", "drainage", "moisture", "ph");

    static SiteForm of(Map<String, String> answers, long version) {
        UnitSystem units = UnitSystem.valueOf(answers.getOrDefault(Answers.UNITS, "METRIC"));
        Map<String, String> typed = new java.util.HashMap<>();
        FIELDS.forEach(field -> typed.put(field, VisitFields.shown(field, answers.getOrDefault(field, ""), units)));
        GUESSABLE.forEach(field -> typed.put(
                "guess." + field, answers.getOrDefault(Answers.FROM + field, "").startsWith("GUESSED") ? "yes" : ""));
        return new SiteForm(typed, Map.of(), List.of(), version);
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
        return value(Answers.UNITS).equals(UnitSystem.US.name());
    }
}
