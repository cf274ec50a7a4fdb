package org.yellowfit.app.visit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.light.SunBias;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Policy;

/**
 * The fields of a visit's forms: between what a person types, in the visit's units, and the answers that are kept, in
 * SI units.
 */
public final class VisitFields {

    private static final Set<String> LENGTHS =
            Set.of("depthM", "lengthM", "maxHeightM", "wallClearanceM", "pathClearanceM", "screenHeightM");
    private static final Set<String> TEMPERATURES = Set.of("minTempC");
    private static final Set<String> LISTS = Set.of(
            "exposure",
            "kinds",
            "colours",
            "bloomMonths",
            "colourMonths",
            "uses",
            "springFrosts",
            "must",
            "neverKinds",
            "neverColours",
            "neverUses");
    private static final int LONGEST_NAME = 160;
    private static final int LONGEST_NOTE = 4000;
    /** Lengths are kept to a tenth of a millimetre. */
    private static final double KEPT_PER_M = 10_000;

    /** What came of a form: the answers to keep, or what is wrong by field. */
    public record Checked(Map<String, String> answers, Map<String, String> problems) {

        public boolean isFine() {
            return problems.isEmpty();
        }
    }

    private VisitFields() {}

    static boolean isList(String name) {
        return LISTS.contains(name);
    }

    /** The text of an answer as the form shows it, in the visit's units. */
    public static String shown(String field, String kept, UnitSystem units) {
        String name = field.substring(field.indexOf('.') + 1);
        if (kept.isBlank()) {
            return "";
        }
        if (LENGTHS.contains(name)) {
            return shownLength(Double.parseDouble(kept), units);
        }
        if (TEMPERATURES.contains(name) && units == UnitSystem.US) {
            return Numbers.rounded(Double.parseDouble(kept) * 9 / 5 + 32, 1);
        }
        return kept;
    }

    /**
     * Checks what was typed.
     *
     * @param typed  text by field, lists joined by {@code |}
     * @param before the answers the form was filled from; a length left as it was shown stays exactly as it was
     */
    public static Checked check(Map<String, String> typed, Map<String, String> before) {
        Map<String, String> answers = new LinkedHashMap<>();
        Map<String, String> problems = new LinkedHashMap<>();
        UnitSystem units = units(typed, before);
        typed.forEach((field, text) -> {
            try {
                answers.put(field, kept(field, text.strip(), units, before));
            } catch (IllegalArgumentException e) {
                problems.put(field, e.getMessage());
            }
        });
        List<Problem> found = new ArrayList<>();
        Map<String, String> all = Answers.with(before, answers);
        SiteReader.site(Visit.siteValues(all), Answers.SITE, found);
        SiteReader.wants(Visit.wantsValues(all), Answers.WANTS, found);
        found.forEach(problem -> problems.putIfAbsent(problem.field().replaceAll("\\[\\d+]$", ""), problem.message()));
        return new Checked(answers, problems);
    }

    private static UnitSystem units(Map<String, String> typed, Map<String, String> before) {
        String units = typed.getOrDefault(Answers.UNITS, before.getOrDefault(Answers.UNITS, UnitSystem.METRIC.name()));
        return units.equals(UnitSystem.US.name()) ? UnitSystem.US : UnitSystem.METRIC;
    }

    private static String kept(String field, String text, UnitSystem units, Map<String, String> before) {
        String name = field.substring(field.indexOf('.') + 1);
        String was = before.getOrDefault(field, "");
        UnitSystem shownIn = units(Map.of(), before);
        if (text.isEmpty() || units == shownIn && text.equals(shown(field, was, units))) {
            return text.isEmpty() ? "" : was;
        }
        if (LENGTHS.contains(name)) {
            return Numbers.write(Math.rint(Length.parse(text, units) * KEPT_PER_M) / KEPT_PER_M);
        }
        if (TEMPERATURES.contains(name)) {
            double typed = Numbers.parse(text.replace('−', '-'));
            return Numbers.write(Math.rint((units == UnitSystem.US ? (typed - 32) * 5 / 9 : typed) * 100) / 100);
        }
        return checkedText(field, name, text);
    }

    private static String checkedText(String field, String name, String text) {
        switch (name) {
            case Answers.UNITS -> UnitSystem.valueOf(text);
            case Answers.POLICY -> Policy.valueOf(text);
            case "sunBias" -> Words.parse(SunBias.class, text);
            default -> {
                int longest = field.equals(Answers.NOTE) ? LONGEST_NOTE : LONGEST_NAME;
                if (text.length() > longest) {
                    throw new IllegalArgumentException(
                            "This is %d characters long; at most %d are kept.".formatted(text.length(), longest));
                }
            }
        }
        return text;
    }

    private static String shownLength(double metres, UnitSystem units) {
        if (units == UnitSystem.METRIC) {
            return Numbers.rounded(metres, 4) + " m";
        }
        double inches = metres / UnitSystem.INCH_M;
        long feet = (long) Math.floor(inches / 12 + 1e-9);
        String rest = Numbers.rounded(inches - feet * 12, 2);
        if (feet == 0) {
            return rest + " in";
        }
        return rest.equals("0") ? feet + " ft" : feet + " ft " + rest + " in";
    }
}
