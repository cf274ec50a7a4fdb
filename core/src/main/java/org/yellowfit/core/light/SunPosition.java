package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;

import java.time.ZonedDateTime;
import net.e175.klaus.solarpositioning.DeltaT;
import net.e175.klaus.solarpositioning.SPA;
import net.e175.klaus.solarpositioning.SolarPosition;

/**
 * Where the sun stands: geometric, without refraction (rule B4).
 *
 * <p>Source: I. Reda and A. Andreas, “Solar position algorithm for solar radiation applications”, NREL/TP-560-34302
 * (2008), through
 * the library solarpositioning; uncertainty 0.0003° from the year −2000 to 6000. Check values of that report: 17
 * October 2003,
 * 12:30:30, seven hours behind UTC, 39.742476° N, 105.1786° W, 1830.14 m gives a topocentric azimuth of 194.340° and a
 * zenith
 * angle of 50.11162° with refraction, 50.1279° without.
 *
 * @param azimuthDegrees  clockwise from true north, 0 to 360
 * @param altitudeDegrees above the horizon, −90 to 90
 */
public record SunPosition(double azimuthDegrees, double altitudeDegrees) {
    public SunPosition {
        between("The sun’s azimuth", azimuthDegrees, 0, 360, "°");
        between("The sun’s altitude", altitudeDegrees, -90, 90, "°");
    }

    public static SunPosition at(ZonedDateTime time, Location where) {
        return at(time, where, 0);
    }

    /** @param elevationM of the place above the sea, m */
    public static SunPosition at(ZonedDateTime time, Location where, double elevationM) {
        SolarPosition position = SPA.calculateSolarPosition(
                time, where.latitude(), where.longitude(), elevationM, DeltaT.estimate(time.toLocalDate()));
        return new SunPosition(position.azimuth(), 90 - position.zenithAngle());
    }
}
