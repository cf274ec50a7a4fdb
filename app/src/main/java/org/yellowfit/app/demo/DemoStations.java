package org.yellowfit.app.demo;

import org.springframework.stereotype.Component;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.core.climate.MadeUpStation;
import org.yellowfit.core.light.Location;

/** Two made-up stations with thirty years of made-up days, brought in by the same way as a user's. */
@Component
class DemoStations {

    static final Location HARBOUR = new Location(45.6, -61.4, -4);
    static final Location UPLAND = new Location(45.9, -61.9, -4);
    private static final int FIRST_YEAR = 1995;
    private static final int LAST_YEAR = 2025;

    private final Stations stations;

    DemoStations(Stations stations) {
        this.stations = stations;
    }

    void create() {
        stations.add(
                "Marrow Point harbour",
                HARBOUR,
                18.0,
                true,
                MadeUpStation.HARBOUR.csv(FIRST_YEAR, LAST_YEAR),
                false,
                "Skerry Lane");
        stations.add(
                "Skerry Lane Upland",
                UPLAND,
                310.0,
                true,
                MadeUpStation.UPLAND.csv(FIRST_YEAR, LAST_YEAR),
                false,
                "Skerry Lane");
    }
}
