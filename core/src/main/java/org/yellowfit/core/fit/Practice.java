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
public record Practice(Set<Measure> measures, Set<String> partners) {

    /** One thing done for the plants. */
    public enum Measure {
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

    public static final Practice NONE = new Practice(Set.of(), Set.of());

    public Practice {
        measures = measures.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(measures));
        partners = Set.copyOf(partners);
    }

    public boolean does(Measure measure) {
        return measures.contains(measure);
    }

    public Practice with(Measure measure) {
        EnumSet<Measure> more = EnumSet.of(measure);
        more.addAll(measures);
        return new Practice(more, partners);
    }

    public Practice withPartner(String group) {
        Set<String> more = new HashSet<>(partners);
        more.add(group);
        return new Practice(measures, more);
    }
}
