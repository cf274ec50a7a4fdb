package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;
import static org.yellowfit.core.measure.Checks.share;

import java.util.ArrayList;
import java.util.List;

/**
 * Why a spot gets the sun it gets on the 15th of a month: the day cut into spells of sun and of shade, each shade with
 * what casts
 * it (rule B4). Times are those of the wall's clock, hours from 0 to 24.
 */
public final class CellStory {

    private static final int STEP_MINUTES = 5;

    /**
     * @param obstacle what takes most of the sun in this spell; null in the sun
     * @param passes   share of the light that still comes through
     */
    public record Spell(double fromClockH, double toClockH, Obstacle obstacle, double passes) {
        public Spell {
            between("The beginning", fromClockH, -24, 48, "h");
            between("The end", toClockH, -24, 48, "h");
            share("The light that passes", passes);
        }

        public boolean isSun() {
            return obstacle == null;
        }
    }

    private CellStory() {}

    /** The spells of a day in order; empty when the sun never stands high enough. */
    public static List<Spell> of(LightStudy study, double xM, double yM, int month) {
        double half = 0.01;
        CellGrid spot = CellGrid.of(
                new double[][] {
                    {xM - half, yM - half}, {xM + half, yM - half}, {xM + half, yM + half}, {xM - half, yM + half}
                },
                2 * half);
        List<Shadows> each = study.obstacles().stream()
                .map(obstacle -> new Shadows(spot, List.of(obstacle), study.atHeightM()))
                .toList();
        SunDay day = study.day(month);
        List<Spell> spells = new ArrayList<>();
        int cell = spot.cellAt(xM, yM);
        for (SunMoment moment : day.moments(STEP_MINUTES)) {
            Ray ray = Ray.towards(moment.sun(), study.northDegrees());
            Obstacle darkest = null;
            double passes = 1;
            double least = 1;
            for (int i = 0; i < each.size(); i++) {
                double light = each.get(i).cast(ray, month)[cell];
                passes *= light;
                if (light < least) {
                    least = light;
                    darkest = study.obstacles().get(i);
                }
            }
            double half1 = moment.hours() / 2;
            add(
                    spells,
                    new Spell(
                            day.clockHour(moment.fromNoonH() - half1),
                            day.clockHour(moment.fromNoonH() + half1),
                            darkest,
                            passes));
        }
        return spells;
    }

    private static void add(List<Spell> spells, Spell next) {
        Spell last = spells.isEmpty() ? null : spells.get(spells.size() - 1);
        if (last != null && last.obstacle() == next.obstacle()) {
            spells.set(
                    spells.size() - 1,
                    new Spell(
                            last.fromClockH(),
                            next.toClockH(),
                            last.obstacle(),
                            Math.min(last.passes(), next.passes())));
        } else {
            spells.add(next);
        }
    }
}
