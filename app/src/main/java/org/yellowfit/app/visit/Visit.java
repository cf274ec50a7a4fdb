package org.yellowfit.app.visit;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.fit.Uncertainty;
import org.yellowfit.core.fit.Wants;
import org.yellowfit.core.light.HotHours;
import org.yellowfit.core.light.SunBias;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Policy;

/**
 * A visit as the screens see it.
 *
 * @param answers all that was said, by field, in SI units
 * @param chosen  ids of the plants put side by side, in the order they were picked
 * @param version counts the states of the answers
 */
public record Visit(
        UUID id,
        Map<String, String> answers,
        List<String> chosen,
        String advisor,
        boolean finished,
        Instant createdAt,
        Instant changedAt,
        String changedBy,
        long version) {

    /** Most plants side by side. */
    public static final int MOST_CHOSEN = 6;

    public String place() {
        return answers.getOrDefault(Answers.PLACE, "");
    }

    public String customer() {
        return answers.getOrDefault(Answers.CUSTOMER, "");
    }

    public String note() {
        return answers.getOrDefault(Answers.NOTE, "");
    }

    public UnitSystem units() {
        return UnitSystem.valueOf(answers.getOrDefault(Answers.UNITS, UnitSystem.METRIC.name()));
    }

    public Policy policy() {
        return Policy.valueOf(answers.getOrDefault(Answers.POLICY, Policy.STANDARD.name()));
    }

    public String site(String field) {
        return answers.getOrDefault(Answers.SITE + field, "");
    }

    /** Where the place lies, and what stands for it. */
    public String at(String field) {
        return answers.getOrDefault(Answers.AT + field, "");
    }

    /** The things drawn, as GeoJSON by their ids. */
    public Map<String, String> drawn() {
        Map<String, String> drawn = new java.util.TreeMap<>();
        answers.forEach((field, value) -> {
            if (field.startsWith(Answers.DRAW)) {
                drawn.put(field.substring(Answers.DRAW.length()), value);
            }
        });
        return drawn;
    }

    public Provenance from(String field) {
        return Provenance.of(answers, field);
    }

    public String wants(String field) {
        return answers.getOrDefault(Answers.WANTS + field, "");
    }

    /** What the rules are asked. The answers were checked when they were saved. */
    public Question question() {
        List<Problem> problems = new ArrayList<>();
        SiteConditions site = SiteReader.site(siteValues(answers), Answers.SITE, problems);
        Wants wants = SiteReader.wants(values(answers, Answers.WANTS), Answers.WANTS, problems);
        if (!problems.isEmpty()) {
            throw new IllegalStateException("A visit was saved with unchecked answers: " + problems);
        }
        return new Question(site, wants, policy());
    }

    /** The question with some answers about the site changed, as if; what cannot be is left as it was. */
    public Question questionIf(Map<String, String> changed) {
        Map<String, String> all = Answers.with(answers, changed);
        if (changed.containsKey(Answers.SITE + "sunHours") && !changed.containsKey(Answers.SITE + "hotHours")) {
            all.remove(Answers.SITE + "hotHours");
        }
        Visit asIf = new Visit(id, all, chosen, advisor, finished, createdAt, changedAt, changedBy, version);
        List<Problem> problems = new ArrayList<>();
        SiteReader.site(siteValues(all), Answers.SITE, problems);
        return problems.isEmpty() ? asIf.question() : question();
    }

    /** Plants put aside in this visit. */
    public List<String> passed() {
        String passed = answers.getOrDefault("passed", "");
        return passed.isEmpty() ? List.of() : List.of(passed.split("\\|"));
    }

    /** The site by field, as the rules read it. */
    public Map<String, Object> siteValues() {
        return siteValues(answers);
    }

    static Map<String, Object> siteValues(Map<String, String> answers) {
        Map<String, Object> values = values(answers, Answers.SITE);
        if (values.get("exposure") instanceof List<?> list && list.contains("none")) {
            values.put("exposure", List.of());
        }
        String latitude = answers.getOrDefault(Answers.AT + "latitude", "");
        if (!latitude.isBlank()) {
            values.putIfAbsent("latitude", latitude);
        }
        if (Provenance.of(answers, "sunHours").kind() == Provenance.Kind.COMPUTED) {
            values.putIfAbsent("uncertainty", Map.of("sunHours", Uncertainty.COMPUTED_SUN_H));
        }
        Object bias = values.remove("sunBias");
        if (!values.containsKey("hotHours") && values.containsKey("sunHours") && bias != null) {
            estimateHotHours(values, String.valueOf(bias));
        }
        return values;
    }

    private static void estimateHotHours(Map<String, Object> values, String bias) {
        try {
            double hours = Numbers.parse(String.valueOf(values.get("sunHours")));
            values.put("hotHours", HotHours.estimate(hours, Words.parse(SunBias.class, bias)));
        } catch (IllegalArgumentException e) {
            // The hours themselves are out of range: the reader names that field.
            values.remove("hotHours");
        }
    }

    private static Map<String, Object> values(Map<String, String> answers, String prefix) {
        Map<String, Object> values = new HashMap<>();
        answers.forEach((field, value) -> {
            if (field.startsWith(prefix)) {
                String name = field.substring(prefix.length());
                put(values, name, VisitFields.isList(name) ? List.of(value.split("\\|")) : value);
            }
        });
        return values;
    }

    /** {@code neverColours} is the field colours of what is never wanted. */
    @SuppressWarnings("unchecked")
    private static void put(Map<String, Object> values, String name, Object value) {
        if (name.startsWith("never")) {
            String field = Character.toLowerCase(name.charAt(5)) + name.substring(6);
            ((Map<String, Object>) values.computeIfAbsent("never", key -> new HashMap<String, Object>()))
                    .put(field, value);
        } else {
            values.put(name, value);
        }
    }

    static Map<String, Object> wantsValues(Map<String, String> answers) {
        return values(answers, Answers.WANTS);
    }
}
