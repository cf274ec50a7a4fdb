package org.yellowfit.core.fit;

import java.util.Arrays;
import org.yellowfit.core.growth.Grown;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;

/**
 * Height in flower and spread of every plant at one age, in metres; worked out for a plant when it is first asked for.
 * Threads that meet on one plant work out the same numbers.
 */
final class Sizes {

    private final Cultivar[] plants;
    private final double years;
    /** NaN where it is not known. */
    private final double sunHours;

    private final double[] heightMid;
    private final double[] heightHigh;
    private final double[] spreadMid;
    private final double[] spreadHigh;

    Sizes(Cultivar[] plants, double years, double sunHours) {
        this.plants = plants;
        this.years = years;
        this.sunHours = sunHours;
        heightMid = unknown();
        heightHigh = unknown();
        spreadMid = unknown();
        spreadHigh = unknown();
    }

    boolean isAt(double otherYears, double otherHours) {
        return years == otherYears && Double.compare(sunHours, otherHours) == 0;
    }

    double heightMid(int i) {
        return worked(heightMid, i);
    }

    double heightHigh(int i) {
        return worked(heightHigh, i);
    }

    double spreadMid(int i) {
        return worked(spreadMid, i);
    }

    double spreadHigh(int i) {
        return worked(spreadHigh, i);
    }

    private double worked(double[] column, int i) {
        if (Double.isNaN(column[i])) {
            workOut(i);
        }
        return column[i];
    }

    private void workOut(int i) {
        PlantGrowth free = PlantGrowth.of(plants[i]);
        PlantGrowth growth = Double.isNaN(sunHours) ? free : free.inSun(sunHours);
        Grown height = growth.heightInFlower(years);
        Grown spread = growth.spread(years);
        heightMid[i] = height.mid();
        heightHigh[i] = height.high();
        spreadMid[i] = spread.mid();
        spreadHigh[i] = spread.high();
    }

    private double[] unknown() {
        double[] column = new double[plants.length];
        Arrays.fill(column, Double.NaN);
        return column;
    }
}
