package org.yellowfit.app.plants;

import java.util.List;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.NothingServes;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.UnitSystem;

/**
 * The shortlist seen at once: a line a plant, threads and all.
 *
 * @param entering names that a what-if brings in, {@code leaving} those it takes out
 * @param five     the first five, which differ
 * @param nothing  what to say when nothing serves; null where something does
 * @param conflict what to say when nothing meets everything; empty otherwise
 */
record DenseList(
        List<Group> groups,
        int fitting,
        int fittingIf,
        int considered,
        List<String> entering,
        List<String> leaving,
        List<Missing> missing,
        List<String> opens,
        List<String> conflict,
        List<Passed> passed,
        String first,
        List<Five> five,
        String fiveWhy,
        Nothing nothing) {

    /** @param title empty when the list is not divided */
    record Group(String title, List<Row> rows) {}

    /**
     * @param isNew when a what-if brought it in
     * @param limits what limits it, in a few words
     * @param begins a step of equals
     * @param step  at the first of several that are as good as each other: how many they are; empty otherwise
     */
    record Row(
            String id,
            String botanical,
            String cultivar,
            String dot,
            String verdict,
            String size,
            String limits,
            String picture,
            String threads,
            boolean picked,
            boolean isNew,
            boolean begins,
            String step) {

        /** The same as the first of its step. */
        Row beginning(String words) {
            return new Row(
                    id, botanical, cultivar, dot, verdict, size, limits, picture, threads, picked, isNew, true, words);
        }
    }

    /** One of the first five, with its sentence. */
    record Five(
            String id,
            String botanical,
            String cultivar,
            String as,
            String why,
            String dot,
            String verdict,
            String picture) {}

    /** What is said when nothing serves. */
    record Nothing(String why, List<String> opens) {

        static Nothing of(NothingServes nothing, UnitSystem units) {
            return new Nothing(
                    Sentences.say(nothing.why(), units),
                    nothing.opens().stream()
                            .map(opens -> Sentences.say(
                                    Fact.of("unmet.opens", opens.change(), Fact.of("unmet.plants", opens.plants())),
                                    units))
                            .toList());
        }
    }

    /** Plants that lack one thing only. */
    record Missing(String thing, int plants, List<Name> best) {}

    record Name(String id, String name) {}

    record Passed(String id, String name) {}

    public boolean isEmpty() {
        return groups.stream().allMatch(group -> group.rows().isEmpty());
    }
}
