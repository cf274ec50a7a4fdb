package org.yellowfit.app.forms;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.yellowfit.app.forms.FormField.Shape;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Words;

/**
 * Makes the fields of one form. Labels, hints and examples are those of the bundle under {@code field.NAME},
 * {@code field.NAME.hint} and {@code field.NAME.example}.
 *
 * @param typed    text by field, lists joined by {@code |}
 * @param problems a sentence by field
 */
public record FormFields(Map<String, String> typed, Map<String, String> problems) {

    private static final String YES = "yes";
    private static final String NO = "no";

    public FormField text(String name) {
        return typed(name, Shape.TEXT);
    }

    public FormField number(String name) {
        return typed(name, Shape.NUMBER);
    }

    public FormField date(String name) {
        return typed(name, Shape.DATE);
    }

    private FormField typed(String name, Shape shape) {
        return field(name, shape, List.of());
    }

    /** Yes, no, or not known. */
    public FormField yesNo(String name) {
        return one(name, List.of(YES, NO), Sentences::say);
    }

    /** One word of a closed list, or not known. */
    public <E extends Enum<E>> FormField one(String name, Class<E> type) {
        return one(name, Arrays.stream(type.getEnumConstants()).toList());
    }

    public <E extends Enum<E>> FormField one(String name, Collection<E> words) {
        return field(name, Shape.ONE, withUnknown(name, words(name, words)));
    }

    public FormField one(String name, Collection<String> values, Function<String, String> label) {
        return field(name, Shape.ONE, withUnknown(name, options(name, values, label)));
    }

    /** One of a list where something is always chosen. */
    public FormField oneOf(String name, List<Option> options) {
        return field(name, Shape.ONE, options);
    }

    public FormField select(String name, Collection<String> values) {
        return select(name, values, value -> value);
    }

    public FormField select(String name, Collection<String> values, Function<String, String> label) {
        List<Option> options = new ArrayList<>();
        options.add(unknown(name));
        options.addAll(options(name, values, label));
        return field(name, Shape.SELECT, options);
    }

    public <E extends Enum<E>> FormField many(String name, Collection<E> words) {
        return field(name, Shape.MANY, words(name, words));
    }

    public FormField many(String name, Collection<String> values, Function<String, String> label) {
        return field(name, Shape.MANY, options(name, values, label));
    }

    public FormField many(String name, List<Option> options) {
        return field(name, Shape.MANY, options);
    }

    /** Fields that are ticked or not, under one label. */
    public FormField ticks(String label, Collection<String> names) {
        return field(
                label,
                Shape.MANY,
                names.stream()
                        .map(name -> tick(name, Sentences.say("field." + name)))
                        .toList());
    }

    public Option tick(String name, String label) {
        return new Option(name, YES, label, value(name).equals(YES));
    }

    public <E extends Enum<E>> List<Option> words(String name, Collection<E> words) {
        return words.stream()
                .map(word -> option(name, Words.of(word), Sentences.label(word)))
                .toList();
    }

    public Option option(String name, String value, String label) {
        return new Option(
                name, value, label, Arrays.asList(value(name).split("\\|")).contains(value));
    }

    public String value(String name) {
        return typed.getOrDefault(name, "");
    }

    private List<Option> options(String name, Collection<String> values, Function<String, String> label) {
        return values.stream()
                .map(value -> option(name, value, label.apply(value)))
                .toList();
    }

    private List<Option> withUnknown(String name, List<Option> options) {
        List<Option> all = new ArrayList<>(options);
        all.add(unknown(name));
        return all;
    }

    private Option unknown(String name) {
        String label = Sentences.find("field." + name + ".unknown").orElseGet(() -> Sentences.say("unknown"));
        return new Option(name, "", label, value(name).isEmpty());
    }

    private FormField field(String name, Shape shape, List<Option> options) {
        String key = "field." + name;
        return new FormField(
                name.substring(name.lastIndexOf('.') + 1),
                name,
                shape,
                Sentences.say(key),
                Sentences.find(key + ".hint").orElse(""),
                Sentences.find(key + ".example").orElse(""),
                value(name),
                problems.getOrDefault(name, ""),
                options,
                List.of(),
                null);
    }
}
