package org.yellowfit.app.climate;

import java.util.UUID;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.light.Location;

/**
 * A weather station and what its record says.
 *
 * @param elevationM above the sea, m; null when not known
 * @param madeUp     a simulated one that ships with the application
 * @param usual      the one a new visit starts with
 */
public record Station(
        UUID id,
        String name,
        Location where,
        Double elevationM,
        boolean madeUp,
        boolean usual,
        ClimateSummary climate) {}
