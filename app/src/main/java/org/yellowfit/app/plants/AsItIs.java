package org.yellowfit.app.plants;

import java.util.List;
import java.util.UUID;
import org.yellowfit.app.visit.Visit;

/**
 * All that a part of a shortlist hangs on while nothing is tried out: equal ones stand for the same markup.
 *
 * @param catalogue counts the changes to the catalogue
 * @param part      which part, like {@code card} and the plant it is of
 */
record AsItIs(UUID visit, long version, List<String> chosen, long catalogue, List<String> part) {

    static AsItIs of(Visit visit, long catalogue, String... part) {
        return new AsItIs(visit.id(), visit.version(), visit.chosen(), catalogue, List.of(part));
    }
}
