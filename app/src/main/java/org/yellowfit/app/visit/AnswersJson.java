package org.yellowfit.app.visit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;

/**
 * Answers as they are stored: an object for each section, in it the fields by name. An answer about the site is an
 * object of its value and where it comes from; every other is its value.
 */
final class AnswersJson {

    private static final Logger LOG = LoggerFactory.getLogger(AnswersJson.class);
    private static final String VALUE = "value";
    private static final String FROM = "from";
    private static final String BY = "by";

    private AnswersJson() {}

    static Map<String, Object> write(Answers answers) {
        Map<Section, Map<String, Object>> sections = new EnumMap<>(Section.class);
        for (VisitField<?> field : answers.fields()) {
            sections.computeIfAbsent(field.section(), section -> new LinkedHashMap<>())
                    .put(field.name(), stored(answers, field));
        }
        Map<String, Object> written = new LinkedHashMap<>();
        sections.forEach((section, fields) -> written.put(name(section), fields));
        return written;
    }

    private static <T> Object stored(Answers answers, VisitField<T> field) {
        Object value = answers.written(field);
        if (field.section() != Section.SITE) {
            return value;
        }
        Provenance from = answers.known(field).map(Known::from).orElse(Provenance.TYPED);
        Map<String, Object> stored = new LinkedHashMap<>();
        stored.put(VALUE, value);
        stored.put(FROM, Words.of(from.kind()));
        if (!from.by().isEmpty()) {
            stored.put(BY, from.by());
        }
        return stored;
    }

    /** What cannot be read any more is left out and logged: one wrong value closes no visit. */
    static Answers read(Map<String, ?> stored) {
        Edit edit = new Edit();
        List<Problem> problems = new ArrayList<>();
        for (Section section : Section.values()) {
            if (stored.get(name(section)) instanceof Map<?, ?> fields) {
                fields.forEach((name, value) -> read(section, String.valueOf(name), value, edit, problems));
            }
        }
        if (!problems.isEmpty()) {
            LOG.warn("Answers of a visit that cannot be read are left out: {}", problems);
        }
        return Answers.NONE.with(edit);
    }

    private static void read(Section section, String name, Object stored, Edit edit, List<Problem> problems) {
        Optional<VisitField<?>> field = VisitFields.named(section.prefix + name);
        if (field.isEmpty()) {
            problems.add(new Problem(section.prefix + name, "No visit holds this."));
        } else if (section == Section.SITE && stored instanceof Map<?, ?> site) {
            read(field.get(), site.get(VALUE), provenance(site), edit, problems);
        } else {
            read(field.get(), stored, Provenance.TYPED, edit, problems);
        }
    }

    private static <T> void read(
            VisitField<T> field, Object value, Provenance from, Edit edit, List<Problem> problems) {
        Map<String, Object> one = new LinkedHashMap<>();
        one.put(field.name(), value);
        T read = field.field().read(new InputReader(one, field.section().prefix, problems));
        if (read != null) {
            edit.set(field, new Known<>(read, from));
        }
    }

    /** A source that is no longer known counts as told. */
    private static Provenance provenance(Map<?, ?> site) {
        String kind = String.valueOf(site.get(FROM));
        Object by = site.get(BY);
        return Arrays.stream(Provenance.Kind.values())
                .filter(each -> Words.of(each).equals(kind))
                .findFirst()
                .map(each -> new Provenance(each, by == null ? "" : String.valueOf(by)))
                .orElse(Provenance.TYPED);
    }

    private static String name(Section section) {
        return section.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
