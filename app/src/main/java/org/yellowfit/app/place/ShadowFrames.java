package org.yellowfit.app.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.yellowfit.core.light.Obstacle;
import org.yellowfit.core.light.ShadowPicture;
import org.yellowfit.core.light.SunDay;
import org.yellowfit.core.light.SunPosition;
import org.yellowfit.core.site.Drawing;

/** The shadows of a day as paths to be shown one after the other; y runs down, as pictures do. */
record ShadowFrames(int month, int year, List<Frame> frames) {

    private static final double STEP_H = 0.25;

    /** @param sunFrom degrees clockwise from the drawing's up to where the sun stands */
    record Frame(String clock, String solid, String veiled, double altitude, double sunFrom) {}

    static ShadowFrames of(Drawing drawing, int year, int month) {
        List<Obstacle> obstacles = drawing.obstacles(year);
        SunDay day = drawing.study(year).day(month);
        List<Frame> frames = new ArrayList<>();
        double first = Math.ceil((day.clockHour(0) - day.upH()) / STEP_H) * STEP_H;
        for (double clock = first; clock <= day.clockHour(0) + day.downH(); clock += STEP_H) {
            SunPosition sun = SunPosition.at(day.at(day.fromNoon(clock)), drawing.where());
            ShadowPicture picture = ShadowPicture.of(obstacles, sun, drawing.northDegrees(), month);
            frames.add(new Frame(
                    clock(clock),
                    path(picture.solid()),
                    path(picture.veiled()),
                    Math.rint(sun.altitudeDegrees()),
                    Math.rint(sun.azimuthDegrees() + drawing.northDegrees())));
        }
        return new ShadowFrames(month, year, frames);
    }

    /** “07:15”, by the wall's clock. */
    static String clock(double hour) {
        long minutes = Math.round(hour * 60);
        return String.format(Locale.ROOT, "%02d:%02d", Math.floorMod(minutes / 60, 24), Math.floorMod(minutes, 60));
    }

    private static String path(List<double[][]> outlines) {
        StringBuilder out = new StringBuilder();
        for (double[][] outline : outlines) {
            char command = 'M';
            for (double[] corner : outline) {
                out.append(command).append(number(corner[0])).append(' ').append(number(-corner[1]));
                command = 'L';
            }
            out.append('Z');
        }
        return out.toString();
    }

    private static String number(double value) {
        double rounded = Math.rint(value * 100) / 100;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }
}
