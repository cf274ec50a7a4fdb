package org.yellowfit.app.plants;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.util.MultiValueMap;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.serve.Importance;
import org.yellowfit.core.serve.Job;
import org.yellowfit.core.serve.JobFields;
import org.yellowfit.core.serve.JobKind;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.serve.Weighing;
import org.yellowfit.core.serve.WishFields;

/**
 * The jobs as the sentence with blanks has them: {@code job.0.kind}, {@code job.0.heightM} …, in the visit's units.
 *
 * @param typed    text by blank, one map a job
 * @param problems a sentence by blank, one map a job
 */
record JobForm(List<Map<String, String>> typed, List<Map<String, String>> problems) {

    static final String KIND = "kind";
    static final String IMPORTANCE = "importance";
    private static final int MOST = 8;
    private static final double KEPT_PER_M = 10_000;

    /** As the visit has them. */
    static JobForm of(Visit visit) {
        Wants wants = visit.wants();
        List<Map<String, String>> typed = new ArrayList<>();
        for (Job job : wants.jobs()) {
            Map<String, String> blanks = new LinkedHashMap<>();
            blanks.put(KIND, job.kind().word());
            job.asMap().forEach((name, value) -> {
                if (!name.equals("job")) {
                    blanks.put(name, shown(name, value, visit.units()));
                }
            });
            blanks.put(IMPORTANCE, Words.of(wants.importance(job.kind().word())));
            typed.add(blanks);
        }
        return new JobForm(
                typed, typed.stream().map(each -> Map.<String, String>of()).toList());
    }

    private static String shown(String name, Object value, UnitSystem units) {
        if (value instanceof Boolean yes) {
            return yes ? "yes" : "no";
        }
        if (value instanceof List<?> list) {
            return list.stream().map(String::valueOf).collect(Collectors.joining(","));
        }
        if (value instanceof Double number) {
            return isLength(name) ? units.length(number) : Numbers.rounded(number, 2);
        }
        return String.valueOf(value);
    }

    /** As they were sent; a blank kind is no job. */
    static JobForm read(MultiValueMap<String, String> params, UnitSystem units) {
        List<Map<String, String>> typed = new ArrayList<>();
        List<Map<String, String>> problems = new ArrayList<>();
        for (int k = 0; k < MOST; k++) {
            String kind = value(params, k, KIND);
            if (!kind.isEmpty()) {
                Map<String, String> blanks = blanks(params, k, kind);
                typed.add(blanks);
                problems.add(problems(blanks, units));
            }
        }
        return new JobForm(typed, problems);
    }

    private static Map<String, String> blanks(MultiValueMap<String, String> params, int k, String kind) {
        Map<String, String> blanks = new LinkedHashMap<>();
        blanks.put(KIND, kind);
        for (Field<?> field : fields(kind)) {
            String text = value(params, k, field.name());
            if (!text.isEmpty()) {
                blanks.put(field.name(), text);
            }
        }
        blanks.put(IMPORTANCE, value(params, k, IMPORTANCE));
        return blanks;
    }

    /** What may be said of a job, and where it is; of a job that is none, nothing. */
    static List<Field<?>> fields(String kind) {
        for (JobKind each : JobKind.values()) {
            if (each.word().equals(kind)) {
                List<Field<?>> fields = new ArrayList<>(each.fields());
                fields.add(JobFields.AT);
                return fields;
            }
        }
        return List.of();
    }

    private static String value(MultiValueMap<String, String> params, int k, String name) {
        List<String> values = params.getOrDefault("job." + k + "." + name, List.of());
        return values.stream()
                .filter(text -> !text.isBlank())
                .collect(Collectors.joining(","))
                .strip();
    }

    private static Map<String, String> problems(Map<String, String> blanks, UnitSystem units) {
        Map<String, String> told = new LinkedHashMap<>();
        read(blanks, units, told);
        return told;
    }

    /** @param told gets a sentence by blank for what is wrong */
    private static Job read(Map<String, String> blanks, UnitSystem units, Map<String, String> told) {
        Map<String, Object> plain = new LinkedHashMap<>();
        blanks.forEach((name, text) -> {
            try {
                if (name.equals(KIND)) {
                    plain.put("job", text);
                } else if (!name.equals(IMPORTANCE)) {
                    plain.put(name, plain(name, text, units));
                }
            } catch (IllegalArgumentException e) {
                told.put(name, Refusals.say(e));
            }
        });
        List<Problem> problems = new ArrayList<>();
        List<Job> jobs =
                WishFields.JOBS.read(new InputReader(Map.of(WishFields.JOBS.name(), List.of(plain)), "", problems));
        problems.forEach(problem -> told.putIfAbsent(
                problem.field().substring(problem.field().lastIndexOf('.') + 1).replace("job", KIND),
                Refusals.say(problem)));
        return jobs == null || jobs.isEmpty() ? null : jobs.get(0);
    }

    private static Object plain(String name, String text, UnitSystem units) {
        if (isLength(name)) {
            return Math.rint(Length.parse(text, units) * KEPT_PER_M) / KEPT_PER_M;
        }
        boolean many = fieldNamed(name).isList();
        return many ? List.of(text.split(",")) : text;
    }

    private static boolean isLength(String name) {
        return fieldNamed(name).unit().equals("m");
    }

    private static Field<?> fieldNamed(String name) {
        return JobFields.named(name);
    }

    boolean isFine() {
        return problems.stream().allMatch(Map::isEmpty);
    }

    /** As the field of the visit takes them. */
    String jobs(UnitSystem units) {
        return typed.stream()
                .map(blanks -> read(blanks, units, new LinkedHashMap<>()).text())
                .collect(Collectors.joining("|"));
    }

    /** What is not of the usual importance, as the field of the visit takes it. */
    List<String> importance() {
        return typed.stream()
                .filter(blanks -> !blanks.getOrDefault(IMPORTANCE, "").isEmpty())
                .filter(blanks -> !blanks.get(IMPORTANCE).equals(Words.of(Importance.MUCH)))
                .map(blanks ->
                        new Weighing(blanks.get(KIND), Words.parse(Importance.class, blanks.get(IMPORTANCE))).text())
                .distinct()
                .toList();
    }
}
