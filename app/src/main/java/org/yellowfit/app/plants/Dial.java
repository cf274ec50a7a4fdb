package org.yellowfit.app.plants;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Known;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Numbers;

/**
 * One number of the site that may be tried out, and between which ends.
 *
 * @param label its key
 * @param unit  as it is shown, or the key of that
 */
record Dial(Field<Double> field, String label, String unit, double least, double most, double step) {

    private static final String OF_FIVE = "dial.of-five";

    private static final List<Dial> ALL = List.of(
            new Dial(SiteFields.SUN_HOURS, "dial.sun", "h", 0, 12, 0.5),
            new Dial(SiteFields.MOISTURE, "dial.moisture", OF_FIVE, 1, 5, 0.5),
            new Dial(SiteFields.PH, "dial.ph", "", 4.5, 8.5, 0.1),
            new Dial(SiteFields.MAX_HEIGHT, "dial.nothing-above", "m", 0.2, 4, 0.1),
            new Dial(SiteFields.DEPTH, "dial.depth", "m", 0.2, 4, 0.1));

    /** @param value where it stands now; null when it is not known; {@code shown} in the visit's units */
    record View(
            String field,
            String label,
            String unit,
            double least,
            double most,
            double step,
            Double value,
            String shown) {}

    static List<View> of(Visit visit) {
        return ALL.stream().map(dial -> dial.view(visit)).toList();
    }

    private View view(Visit visit) {
        Double value = visit.site(field).map(Known::value).orElse(null);
        return new View(field.name(), Sentences.say(label), unit(), least, most, step, value, shown(value, visit));
    }

    @Override
    public String unit() {
        return unit.equals(OF_FIVE) ? Sentences.say(OF_FIVE) : unit;
    }

    private String shown(Double value, Visit visit) {
        if (value == null) {
            return Sentences.say("not-known");
        }
        return unit.equals("m") ? visit.units().length(value) : (Numbers.rounded(value, 1) + " " + unit()).strip();
    }

    /** What the dials are set to, each held within its ends. */
    static Edit tried(Map<String, String> params) {
        Edit edit = new Edit();
        for (Dial dial : ALL) {
            dial.read(params).ifPresent(value -> edit.set(VisitFields.site(dial.field), value));
        }
        return edit;
    }

    /** The same as a form would send it. */
    static Map<String, String> typed(Map<String, String> params) {
        Map<String, String> typed = new LinkedHashMap<>();
        for (Dial dial : ALL) {
            dial.read(params)
                    .ifPresent(value -> typed.put(
                            VisitFields.site(dial.field).key(),
                            (Numbers.write(value) + " " + (dial.unit.equals("m") ? "m" : "")).strip()));
        }
        return typed;
    }

    private Optional<Double> read(Map<String, String> params) {
        String text = params.getOrDefault(field.name(), "");
        return text.matches("\\d{1,3}(\\.\\d{1,3})?")
                ? Optional.of(Math.max(least, Math.min(most, Double.parseDouble(text))))
                : Optional.empty();
    }
}
