package org.yellowfit.app.visit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.UnitSystem;

/**
 * Between what a person types into a form, in the visit's units, and the answers. Lists are joined by {@code |}; a
 * list known to be empty is typed {@code none}.
 */
public final class VisitForm {

    private static final Pattern SEPARATOR = Pattern.compile("\\|");
    private static final String NONE = "none";
    /** Lengths are kept to a tenth of a millimetre. */
    private static final double KEPT_PER_M = 10_000;

    /**
     * What came of a form.
     *
     * @param edit     of the fields that are fine
     * @param problems a sentence by field
     */
    public record Checked(Edit edit, Map<String, String> problems) {

        public boolean isFine() {
            return problems.isEmpty();
        }
    }

    private VisitForm() {}

    public static UnitSystem units(Answers answers) {
        return answers.get(VisitFields.UNITS, UnitSystem.METRIC);
    }

    /** An answer as the form shows it, in the visit's units; empty when it is unknown. */
    public static String shown(String key, Answers answers) {
        return VisitFields.named(key)
                .map(field -> shown(field, answers, units(answers)))
                .orElse("");
    }

    public static <T> String shown(VisitField<T> field, Answers answers, UnitSystem units) {
        return shown(field, answers.known(field), units);
    }

    public static <T> String shown(VisitField<T> field, Optional<Known<T>> known, UnitSystem units) {
        return known.map(each -> text(
                        field.field().write(each.value()),
                        field.field().unit(),
                        units,
                        each.from().kind() == Provenance.Kind.TYPED))
                .orElse("");
    }

    /** @param exact with every decimal */
    private static String text(Object written, String unit, UnitSystem units, boolean exact) {
        if (written instanceof Boolean yes) {
            return yes ? "yes" : "no";
        }
        if (written instanceof List<?> list) {
            return list.isEmpty()
                    ? NONE
                    : list.stream().map(each -> text(each, "", units, true)).collect(Collectors.joining("|"));
        }
        if (written instanceof Double number) {
            return switch (unit) {
                case "m" -> length(number, units, exact);
                case "°C" ->
                    units == UnitSystem.US ? Numbers.rounded(number * 9 / 5 + 32, 1) : Numbers.rounded(number, 2);
                case "hours" -> exact ? Numbers.write(number) : Numbers.rounded(number, 1);
                default -> exact ? Numbers.write(number) : Numbers.rounded(number, 2);
            };
        }
        return String.valueOf(written);
    }

    private static String length(double metres, UnitSystem units, boolean exact) {
        if (units == UnitSystem.METRIC) {
            return Numbers.rounded(metres, exact ? 4 : 2) + " m";
        }
        double inches = metres / UnitSystem.INCH_M;
        long feet = (long) Math.floor(inches / 12 + 1e-9);
        String rest = Numbers.rounded(inches - feet * 12, exact ? 2 : 0);
        if (feet == 0) {
            return rest + " in";
        }
        return rest.equals("0") ? feet + " ft" : feet + " ft " + rest + " in";
    }

    /**
     * Checks what was typed, each and together with what was known before. A field left as it was shown stays exactly
     * as it was, its source too; one that is emptied is taken out.
     *
     * @param typed text by field
     */
    public static Checked check(Map<String, String> typed, Answers before) {
        Edit edit = new Edit();
        Map<String, String> problems = new LinkedHashMap<>();
        UnitSystem shownIn = units(before);
        UnitSystem units = unitsTyped(typed).orElse(shownIn);
        typed.forEach((key, text) -> VisitFields.named(key)
                .ifPresent(field -> check(field, text.strip(), before, shownIn, units, edit, problems)));
        takeOutWhatHangsOn(edit, before);
        List<Problem> together = new ArrayList<>();
        SiteFields.checkTogether(
                before.with(edit).values(Section.SITE, SiteFields.ALL),
                new InputReader(Map.of(), Section.SITE.prefix, together));
        together.forEach(problem -> problems.putIfAbsent(problem.field(), Refusals.say(problem)));
        return new Checked(edit, problems);
    }

    /** What stands beside a value that is typed over, and no longer belongs to it. */
    private static void takeOutWhatHangsOn(Edit edit, Answers before) {
        Answers after = before.with(edit);
        if (!after.sameValue(before, VisitFields.site(SiteFields.SUN_HOURS))
                || !after.sameValue(before, VisitFields.SUN_BIAS)) {
            edit.clear(VisitFields.site(SiteFields.HOT_HOURS)).clear(VisitFields.PATCH);
        }
        if (!after.sameValue(before, VisitFields.site(SiteFields.MAX_HEIGHT))) {
            edit.clear(VisitFields.LIMITED_BY);
        }
    }

    private static Optional<UnitSystem> unitsTyped(Map<String, String> typed) {
        String word = typed.getOrDefault(VisitFields.UNITS.key(), "");
        return Optional.ofNullable(VisitFields.UNITS
                .field()
                .read(new InputReader(Map.of(VisitFields.UNITS.name(), word), "", new ArrayList<>())));
    }

    private static <T> void check(
            VisitField<T> field,
            String text,
            Answers before,
            UnitSystem shownIn,
            UnitSystem units,
            Edit edit,
            Map<String, String> problems) {
        if (text.isEmpty()) {
            edit.clear(field);
            return;
        }
        if (units == shownIn && text.equals(shown(field, before, units))) {
            edit.set(field, before.known(field).orElse(null));
            return;
        }
        try {
            List<Problem> found = new ArrayList<>();
            Map<String, Object> one = new HashMap<>();
            one.put(field.name(), plain(field, text, units));
            T value = field.field().read(new InputReader(one, "", found));
            found.forEach(problem -> problems.putIfAbsent(field.key(), Refusals.say(problem)));
            if (found.isEmpty()) {
                edit.set(field, value);
            }
        } catch (IllegalArgumentException e) {
            problems.put(field.key(), Refusals.say(e));
        }
    }

    /** What was typed, in the units of the program. */
    private static Object plain(VisitField<?> field, String text, UnitSystem units) {
        return switch (field.field().unit()) {
            case "m" -> Math.rint(Length.parse(text, units) * KEPT_PER_M) / KEPT_PER_M;
            case "°C" -> {
                double typed = Numbers.parse(text.replace('−', '-'));
                yield Math.rint((units == UnitSystem.US ? (typed - 32) * 5 / 9 : typed) * 100) / 100;
            }
            default -> field.field().isList() ? list(field, text) : notTooLong(field, text);
        };
    }

    private static String notTooLong(VisitField<?> field, String text) {
        int longest = field.equals(VisitFields.NOTE) ? VisitFields.LONGEST_NOTE : VisitFields.LONGEST_NAME;
        if (text.length() > longest) {
            throw new Refused("This is %d characters long; at most %d are kept.", text.length(), longest);
        }
        return text;
    }

    private static List<String> list(VisitField<?> field, String text) {
        return text.equals(NONE)
                ? List.of()
                : SEPARATOR
                        .splitAsStream(text)
                        .filter(each -> !each.isBlank())
                        .map(each -> notTooLong(field, each))
                        .toList();
    }
}
