package org.yellowfit.app.takeaway;

import java.util.Map;
import java.util.UUID;

/** How many of each plant stand in a visit's bed; the list knows no bed. */
public interface PlantedCounts {

    /** By the plant's id; empty where nothing has been placed. */
    Map<String, Integer> planted(UUID visitId);
}
