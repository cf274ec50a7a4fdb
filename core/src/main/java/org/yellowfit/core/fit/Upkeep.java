package org.yellowfit.core.fit;

import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;

/**
 * What is done at a place for its plants beyond planting them: what an advisor is told is done anyway, and what a
 * remedy sets
 * when it is taken up.
 *
 * @param partners groups of which a male stands within 15 m
 */
public record Upkeep(Set<Task> tasks, Set<String> partners) {

    /** One thing done for the plants. */
    public enum Task {
        /** Crowns mulched and wrapped in winter, and covered on nights of late frost. */
        WINTER_COVER,
        /** Pots wintered free of frost. */
        FROST_FREE_WINTER,
        /** Planted anew each spring. */
        ONE_SEASON,
        /** Shaded through the hot hours, and watered through hot spells. */
        AFTERNOON_SHADE,
        /** Watered through every dry spell. */
        WATERED,
        /** Crown above the ground, gravel around it. */
        PLANTED_HIGH,
        /** Cut back each year to what there is room for. */
        PRUNED_TO_SIZE,
        /** Spreaders kept within an edge in the ground, and cut before they seed. */
        CONTAINED
    }

    public static final Upkeep NONE = new Upkeep(Set.of(), Set.of());

    public Upkeep {
        tasks = tasks.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(tasks));
        partners = Set.copyOf(partners);
    }

    public boolean does(Task task) {
        return tasks.contains(task);
    }

    public Upkeep with(Task task) {
        EnumSet<Task> more = EnumSet.of(task);
        more.addAll(tasks);
        return new Upkeep(more, partners);
    }

    public Upkeep withPartner(String group) {
        Set<String> more = new HashSet<>(partners);
        more.add(group);
        return new Upkeep(tasks, more);
    }
}
