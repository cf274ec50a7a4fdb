package org.yellowfit.core.light;

import org.yellowfit.core.measure.Refused;

/**
 * Where on earth a place lies.
 *
 * @param latitude       degrees, north positive, −90 to 90
 * @param longitude      degrees, east positive, −180 to 180
 * @param utcOffsetHours what the clock on the wall is ahead of UTC, −14 to 14
 */
public record Location(double latitude, double longitude, double utcOffsetHours) {

    public Location {
        check("latitude", latitude, 90);
        check("longitude", longitude, 180);
        check("offset from UTC", utcOffsetHours, 14);
    }

    public boolean isSouth() {
        return latitude < 0;
    }

    private static void check(String what, double value, double most) {
        if (!(value >= -most && value <= most)) {
            throw new Refused("The %s must lie between −%d and %d.", what, (int) most, (int) most);
        }
    }
}
