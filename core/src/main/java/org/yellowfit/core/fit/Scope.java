package org.yellowfit.core.fit;

import java.util.List;
import org.yellowfit.core.measure.Refused;

/**
 * Which plants are asked about.
 *
 * @param only      ids to answer for whatever their verdict; empty: the whole catalogue
 * @param includeNo whether plants that do not fit are ranked too
 * @param limit     most candidates given, 1 to 500
 */
public record Scope(List<String> only, boolean includeNo, int limit) {

    public static final int MOST = 500;
    public static final int USUAL = 20;

    public Scope {
        if (!(limit >= 1 && limit <= MOST)) {
            throw new Refused("The limit must lie between 1 and %s.", MOST);
        }
        only = List.copyOf(only);
    }

    public static Scope best(int limit) {
        return new Scope(List.of(), false, limit);
    }

    public static Scope only(List<String> ids) {
        return new Scope(ids, true, Math.max(1, ids.size()));
    }
}
