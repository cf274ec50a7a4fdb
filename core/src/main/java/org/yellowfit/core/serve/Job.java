package org.yellowfit.core.serve;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;

/**
 * One job a plant is asked to do (rule L2), as {@code {"job": "hedge", "clipped": true, "heightM": 0.5}} or in text as
 * {@code hedge clipped=yes heightM=0.5}.
 *
 * @param said what was said of it, of {@link JobFields}
 */
public record Job(JobKind kind, FieldValues said) {

    private static final String JOB = "job";

    public <T> T get(Field<T> field, T otherwise) {
        return said.get(field, otherwise);
    }

    /** Null when it was not said. */
    public <T> T get(Field<T> field) {
        return said.get(field);
    }

    public <T> Job with(Field<T> field, T value) {
        return new Job(kind, said.with(field, value));
    }

    /** The patch or spot it is asked of; empty for the whole place. */
    public Optional<String> at() {
        return Optional.ofNullable(get(JobFields.AT));
    }

    /** What it still needs to be judged. */
    public Optional<Field<?>> missing() {
        return kind.needs().filter(field -> !said.has(field));
    }

    /** The one form in which it is written; equal jobs have equal texts. */
    public String text() {
        return kind.word()
                + JobFields.ALL.stream()
                        .filter(said::has)
                        .map(field -> " " + field.name() + "=" + written(field))
                        .collect(Collectors.joining());
    }

    private <T> String written(Field<T> field) {
        Object written = field.write(said.get(field));
        if (written instanceof List<?> list) {
            return list.stream().map(String::valueOf).collect(Collectors.joining(","));
        }
        if (written instanceof Boolean yes) {
            return yes ? "yes" : "no";
        }
        return written instanceof Double number ? Numbers.write(number) : String.valueOf(written);
    }

    /** In the plain form of JSON. */
    public Map<String, Object> asMap() {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put(JOB, kind.word());
        JobFields.ALL.stream().filter(said::has).forEach(field -> map.put(field.name(), plain(field)));
        return map;
    }

    private <T> Object plain(Field<T> field) {
        return field.write(said.get(field));
    }

    /** Reads an object or its text; null, with the problems noted in {@code in}, when it is none. */
    static Job read(Object given, InputReader in, String field) {
        Map<String, Object> values = values(given);
        int before = in.problems().size();
        InputReader of = in.within(field, values);
        JobKind kind = of.word(JOB, JobKind.class);
        if (kind == null && in.problems().size() == before) {
            of.problem(JOB, "A job has a name, like {\"job\": \"hedge\"}.");
        }
        FieldValues said = FieldValues.read(JobFields.ALL, of);
        values.keySet().stream()
                .filter(name -> !name.equals(JOB) && !JobFields.BY_NAME.containsKey(name))
                .forEach(name -> of.problem(Words.shorten(name), "A job has nothing of this name."));
        if (in.problems().size() > before) {
            return null;
        }
        Job job = new Job(kind, said);
        job.missing().ifPresent(needed -> of.problem(needed.name(), asked(kind)));
        return job.missing().isPresent() ? null : job;
    }

    private static String asked(JobKind kind) {
        return kind == JobKind.HEDGE ? "A hedge: how high?" : "A screen: how high?";
    }

    private static Map<String, Object> values(Object given) {
        Map<String, Object> values = new LinkedHashMap<>();
        if (given instanceof Map<?, ?> map) {
            map.forEach((name, value) -> values.put(String.valueOf(name), value));
            return values;
        }
        String[] parts = String.valueOf(given).strip().split("\\s+");
        values.put(JOB, parts[0]);
        for (int i = 1; i < parts.length; i++) {
            String[] pair = parts[i].split("=", 2);
            Object value = pair.length == 1 ? "yes" : pair[1];
            boolean many = JobFields.BY_NAME.containsKey(pair[0])
                    && JobFields.BY_NAME.get(pair[0]).isList();
            values.put(pair[0], many ? List.of(String.valueOf(value).split(",")) : value);
        }
        return values;
    }

    @Override
    public String toString() {
        return text();
    }
}
