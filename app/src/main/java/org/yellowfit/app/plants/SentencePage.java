package org.yellowfit.app.plants;

import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.yellowfit.app.forms.FormField;
import org.yellowfit.app.forms.Option;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Wildlife;
import org.yellowfit.core.serve.Importance;
import org.yellowfit.core.serve.JobFields;
import org.yellowfit.core.serve.JobKind;

/**
 * The sentence with blanks: what the plants are for, and what else is wished for.
 *
 * @param jobs   those asked for, and one more to add
 * @param panels wishes that open from a blank
 * @param ready  made-up sentences for the commonest asks; empty where something is asked for
 */
record SentencePage(List<Slot> jobs, List<Panel> panels, List<Option> ready) {

    /** One job of the sentence. */
    record Slot(int number, List<Option> kinds, boolean added, String problem, List<Blank> blanks) {}

    /**
     * A blank of a job.
     *
     * @param label for who hears the page
     * @param kinds the jobs that have it, with blanks between
     * @param unit  after the blank; empty for none
     */
    record Blank(
            String id,
            String name,
            String label,
            String before,
            String unit,
            String value,
            String example,
            String problem,
            String kinds,
            boolean shown,
            boolean optional,
            List<Option> options) {

        public boolean isChosen() {
            return !options.isEmpty();
        }

        public boolean isWrong() {
            return !problem.isEmpty();
        }
    }

    /** A wish that opens from a blank of the sentence. */
    record Panel(String id, String before, String value, boolean said, boolean wrong, List<FormField> fields) {}

    private static final List<String> SEASONS = List.of("3,4,5", "6,7,8", "9,10,11", "11,12,1,2,3");
    private static final List<Field<?>> SELDOM =
            List.of(JobFields.POT_HEIGHT, JobFields.SLOPE, JobFields.AT, JobFields.ALL_YEAR);
    private static final List<String> WITH_MONTHS = Stream.of(JobKind.SCENT, JobKind.CUT, JobKind.WILDLIFE)
            .map(JobKind::word)
            .toList();
    static final List<String> READY = List.of("knee-hedge", "carpet", "summer");

    /** @param patches that a job may be asked of; empty where nothing is drawn */
    static List<Slot> slots(JobForm form, List<String> patches) {
        List<Slot> slots = new ArrayList<>();
        for (int k = 0; k <= form.typed().size(); k++) {
            boolean more = k == form.typed().size();
            Map<String, String> typed = more ? Map.of() : form.typed().get(k);
            Map<String, String> problems = more ? Map.of() : form.problems().get(k);
            slots.add(slot(k, typed, problems, patches));
        }
        return slots;
    }

    private static Slot slot(int k, Map<String, String> typed, Map<String, String> problems, List<String> patches) {
        String kind = typed.getOrDefault(JobForm.KIND, "");
        List<Option> kinds = new ArrayList<>();
        String name = "job." + k + ".kind";
        kinds.add(new Option(
                name, "", Sentences.say(kind.isEmpty() ? "blank.no-job" : "blank.drop-job"), kind.isEmpty()));
        for (JobKind each : JobKind.values()) {
            kinds.add(new Option(
                    name, each.word(), Sentences.label(each), each.word().equals(kind)));
        }
        List<Blank> blanks = new ArrayList<>();
        for (Field<?> field : JobFields.all()) {
            if (field != JobFields.AT || !patches.isEmpty()) {
                blanks.add(blank(k, field, kind, typed, problems, patches));
            }
        }
        blanks.add(importance(k, kind, typed));
        return new Slot(k, kinds, !kind.isEmpty(), problems.getOrDefault(JobForm.KIND, ""), blanks);
    }

    private static Blank blank(
            int k,
            Field<?> field,
            String kind,
            Map<String, String> typed,
            Map<String, String> problems,
            List<String> patches) {
        String name = "job." + k + "." + field.name();
        String value = typed.getOrDefault(field.name(), "");
        List<String> kinds = Stream.of(JobKind.values())
                .filter(each -> field == JobFields.AT || each.fields().contains(field))
                .map(JobKind::word)
                .toList();
        return new Blank(
                "job-" + k + "-" + field.name(),
                name,
                label(field.name()),
                Sentences.say("blank." + field.name()),
                Sentences.find("blank." + field.name() + ".unit").orElse(""),
                value,
                Sentences.find("blank." + field.name() + ".example").orElse("…"),
                problems.getOrDefault(field.name(), ""),
                String.join(" ", kinds),
                kinds.contains(kind),
                value.isEmpty() && isOptional(field, kind),
                options(field, name, value, patches));
    }

    /** For who hears the page: the words before a blank, or a name of its own where there are none. */
    private static String label(String blank) {
        return Sentences.find("blank." + blank + ".label").orElseGet(() -> Sentences.say("blank." + blank));
    }

    private static Blank importance(int k, String kind, Map<String, String> typed) {
        String name = "job." + k + "." + JobForm.IMPORTANCE;
        String value = typed.getOrDefault(JobForm.IMPORTANCE, Words.of(Importance.MUCH));
        List<Option> options = new ArrayList<>();
        for (Importance each : List.of(Importance.MUCH, Importance.MUST, Importance.SOME)) {
            options.add(new Option(
                    name, Words.of(each), Sentences.label(each), Words.of(each).equals(value)));
        }
        List<String> all = Arrays.stream(JobKind.values()).map(JobKind::word).toList();
        return new Blank(
                "job-" + k + "-importance",
                name,
                label(JobForm.IMPORTANCE),
                Sentences.say("blank.importance"),
                "",
                value,
                "",
                "",
                String.join(" ", all),
                !kind.isEmpty(),
                false,
                options);
    }

    /** What is seldom said opens behind the job. */
    private static boolean isOptional(Field<?> field, String kind) {
        boolean months = field == JobFields.MONTHS && !WITH_MONTHS.contains(kind);
        boolean width = field == JobFields.WIDTH && !kind.equals(JobKind.COLUMN.word());
        boolean height = field == JobFields.HEIGHT && kind.equals(JobKind.UNDERPLANT.word());
        return months || width || height || SELDOM.contains(field);
    }

    /** What may be chosen for a blank; empty for one that is typed. */
    private static List<Option> options(Field<?> field, String name, String value, List<String> patches) {
        if (field == JobFields.CLIPPED || field == JobFields.EVERGREEN || field == JobFields.ALL_YEAR) {
            return chosen(
                    name, value, List.of("yes", "no"), each -> Sentences.say("blank." + field.name() + "." + each));
        }
        if (field == JobFields.MONTHS) {
            List<String> months = SEASONS.contains(value) || value.isEmpty() ? SEASONS : added(SEASONS, value);
            return chosen(name, value, months, SentencePage::months);
        }
        if (field == JobFields.SCENT_OF) {
            return chosen(
                    name,
                    value,
                    words(JobFields.ScentOf.values()),
                    each -> Sentences.label(Words.parse(JobFields.ScentOf.class, each)));
        }
        if (field == JobFields.OF_CROWN) {
            return chosen(
                    name,
                    value,
                    words(JobFields.Crown.values()),
                    each -> Sentences.label(Words.parse(JobFields.Crown.class, each)));
        }
        if (field == JobFields.FEEDS) {
            List<String> usual = List.of("bees,butterflies", "bees", "butterflies", "birds", "hummingbirds");
            List<String> kinds = usual.contains(value) || value.isEmpty() ? usual : added(usual, value);
            return chosen(name, value, kinds, SentencePage::animals);
        }
        return field == JobFields.AT
                ? chosen(name, value, patches, each -> Sentences.say("blank.at.patch", each))
                : List.of();
    }

    private static List<String> added(List<String> usual, String value) {
        return Stream.concat(usual.stream(), Stream.of(value)).toList();
    }

    private static List<String> words(Enum<?>[] values) {
        return Arrays.stream(values).map(Words::of).toList();
    }

    private static String months(String numbers) {
        return Sentences.find("blank.months." + numbers.replace(',', '-'))
                .orElseGet(() -> String.join(
                        ", ",
                        Arrays.stream(numbers.split(","))
                                .map(number -> Sentences.shortMonth(Month.of(Integer.parseInt(number))))
                                .toList()));
    }

    private static String animals(String words) {
        return String.join(
                " + ",
                Arrays.stream(words.split(","))
                        .map(each -> Sentences.label(Words.parse(Wildlife.class, each)))
                        .toList());
    }

    private static List<Option> chosen(
            String name, String value, List<String> values, java.util.function.Function<String, String> label) {
        List<Option> options = new ArrayList<>();
        options.add(new Option(name, "", Sentences.say("blank.unsaid"), value.isEmpty()));
        values.forEach(each -> options.add(new Option(name, each, label.apply(each), each.equals(value))));
        return options;
    }

    static List<Option> readyMade() {
        return READY.stream()
                .map(each -> new Option("ready", each, Sentences.say("ready." + each), false))
                .toList();
    }
}
