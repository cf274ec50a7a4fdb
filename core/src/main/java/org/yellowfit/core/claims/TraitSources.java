package org.yellowfit.core.claims;

import java.util.List;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Trait;

/**
 * One trait with all that is said of it, and the value used.
 *
 * @param label  the cell of the catalogue; blank when it is empty
 * @param claims beside the label's
 * @param used   the value a policy uses, as a cell
 */
public record TraitSources(Trait<?> trait, String label, List<Claim> claims, String used, Reason reason) {

    /** Whether not all sources give the same value. */
    public boolean disagrees() {
        return !label.isEmpty()
                        && claims.stream().anyMatch(claim -> !claim.value().equals(label))
                || claims.stream().map(Claim::value).distinct().count() > 1;
    }
}
