package org.yellowfit.app.forms;

import java.util.List;

/**
 * A field of a form as a page shows it, all of it in words.
 *
 * @param id        unique in its page
 * @param hint      behind the label; empty for none
 * @param example   in the empty field; empty for none
 * @param value     as typed or as kept
 * @param problem   what is wrong with it; empty for nothing
 * @param options   what may be chosen; empty for a field to type into
 * @param shortcuts texts that a tap puts into the field
 * @param guess     the tick that makes it a guess; null where there is none
 */
public record FormField(
        String id,
        String name,
        Shape shape,
        String label,
        String hint,
        String example,
        String value,
        String problem,
        List<Option> options,
        List<Option> shortcuts,
        Option guess) {

    /** How a field is put on the page. */
    public enum Shape {
        TEXT,
        NUMBER,
        DATE,
        /** A list that opens. */
        SELECT,
        /** One of a few, all in sight. */
        ONE,
        /** Any of a few. */
        MANY
    }

    public boolean isTyped() {
        return shape == Shape.TEXT || shape == Shape.NUMBER || shape == Shape.DATE;
    }

    /** Of an HTML input. */
    public String inputType() {
        return shape == Shape.DATE ? "date" : "text";
    }

    public String inputMode() {
        return shape == Shape.NUMBER ? "decimal" : "text";
    }

    /** Of the options of this field. */
    public String optionType() {
        return shape == Shape.ONE ? "radio" : "checkbox";
    }

    public boolean isWrong() {
        return !problem.isEmpty();
    }

    public FormField withHint(String other) {
        return new FormField(id, name, shape, label, other, example, value, problem, options, shortcuts, guess);
    }

    public FormField withShortcuts(List<Option> others) {
        return new FormField(id, name, shape, label, hint, example, value, problem, options, others, guess);
    }

    public FormField withGuess(Option tick) {
        return new FormField(id, name, shape, label, hint, example, value, problem, options, shortcuts, tick);
    }
}
