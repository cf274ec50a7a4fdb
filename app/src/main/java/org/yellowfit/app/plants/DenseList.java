package org.yellowfit.app.plants;

import java.util.List;

/**
 * The shortlist seen at once: a line a plant, threads and all.
 *
 * @param entering names that a what-if brings in, {@code leaving} those it takes out
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
        String first) {

    /** @param title empty when the list is not divided */
    record Group(String title, List<Row> rows) {}

    /** @param state new when a what-if brought it in; {@code short_} what limits it, in a few words */
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
            boolean isNew) {}

    /** Plants that lack one thing only. */
    record Missing(String thing, int plants, List<Name> best) {}

    record Name(String id, String name) {}

    record Passed(String id, String name) {}

    public boolean isEmpty() {
        return groups.stream().allMatch(group -> group.rows().isEmpty());
    }
}
