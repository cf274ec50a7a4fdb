package org.yellowfit.app.catalogue;

import java.util.List;

/** What of a plant stands in the shop's yard, as its page shows it. */
public interface Yard {

    /**
     * One pot.
     *
     * @param price    as it is typed; empty when it is not known
     * @param cost     with the shop's sign
     * @param expected ISO date; empty when none are expected
     * @param version  to be sent back with a change
     */
    record Shelf(
            String pot, String price, String cost, int inStock, String expected, String expectedTold, long version) {}

    List<Shelf> shelves(String plant);
}
