package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import net.e175.klaus.solarpositioning.DeltaT;
import net.e175.klaus.solarpositioning.SPA;
import net.e175.klaus.solarpositioning.SunriseResult;
import org.yellowfit.core.measure.Refused;

/**
 * One day's sun above {@link #LEAST_ALTITUDE} at a place (rule B4). The spans of {@link #moments} begin at solar noon and run
 * outwards, the outermost cut where the sun passes that altitude; so an open field gets exactly the day.
 *
 * @param noon solar noon
 * @param upH  from rising above that altitude to noon, h; 0 when it never does, 12 when it never sinks below
 * @param downH from noon to sinking below it, h
 */
public record SunDay(Location where, ZonedDateTime noon, double upH, double downH) {
    public SunDay {
        between("The forenoon", upH, 0, 24, "h");
        between("The afternoon", downH, 0, 24, "h");
    }

    /** Lower sun is taken by what stands on every horizon, degrees (B4). */
    public static final double LEAST_ALTITUDE = 5;

    private static final double HALF_DAY_H = 12;

    public static SunDay of(Location where, LocalDate date) {
        // The search starts from the place's own midnight by the sun, so that the transit found is that day's.
        ZoneOffset solar = ZoneOffset.ofTotalSeconds((int) Math.round(where.longitude() * 240));
        ZonedDateTime day = date.atStartOfDay(solar);
        SunriseResult result = SPA.calculateSunriseTransitSet(
                day, where.latitude(), where.longitude(), DeltaT.estimate(date), LEAST_ALTITUDE);
        if (result instanceof SunriseResult.RegularDay regular) {
            return new SunDay(
                    where,
                    regular.transit(),
                    hours(regular.sunrise(), regular.transit()),
                    hours(regular.transit(), regular.sunset()));
        }
        double half = result instanceof SunriseResult.AllDay ? HALF_DAY_H : 0;
        return new SunDay(where, result.transit(), half, half);
    }

    /** Hours the sun stands above that altitude. */
    public double hours() {
        return upH + downH;
    }

    /** @param stepMinutes length of a span, 1 to 60 */
    public List<SunMoment> moments(int stepMinutes) {
        if (!(stepMinutes >= 1 && stepMinutes <= 60)) {
            throw new Refused("A step must be 1 to 60 minutes long.");
        }
        List<SunMoment> moments = new ArrayList<>();
        double step = stepMinutes / 60.0;
        for (double from = Math.ceil(upH / step - 1e-9) * step; from > 1e-9; from -= step) {
            moments.add(moment(-Math.min(from, upH), -(from - step)));
        }
        for (double from = 0; from < downH - 1e-9; from += step) {
            moments.add(moment(from, Math.min(from + step, downH)));
        }
        return moments;
    }

    private SunMoment moment(double fromH, double toH) {
        double middle = (fromH + toH) / 2;
        double hot = Math.max(0, Math.min(toH, HotHours.TO_AFTER_NOON_H) - Math.max(fromH, HotHours.FROM_AFTER_NOON_H));
        return new SunMoment(middle, toH - fromH, hot, SunPosition.at(at(middle), where));
    }

    /** The time so many hours after solar noon. */
    public ZonedDateTime at(double fromNoonH) {
        return noon.plusNanos(Math.round(fromNoonH * 3.6e12));
    }

    /** The hour on the wall's clock so many hours after solar noon, 0 to 24. */
    public double clockHour(double fromNoonH) {
        double utc = noon.withZoneSameInstant(ZoneOffset.UTC).toLocalTime().toSecondOfDay() / 3600.0 + fromNoonH;
        double hour = utc + where.utcOffsetHours();
        return hour - 24 * Math.floor(hour / 24);
    }

    /** {@link #clockHour} turned round. */
    public double fromNoon(double clockHour) {
        double from = clockHour - clockHour(0);
        return from - 24 * Math.floor((from + HALF_DAY_H) / 24);
    }

    private static double hours(ZonedDateTime from, ZonedDateTime to) {
        double hours = Duration.between(from, to).toNanos() / 3.6e12;
        // Near the date line the library may give a rising of the day before or after.
        return hours - 24 * Math.floor(hours / 24);
    }
}
