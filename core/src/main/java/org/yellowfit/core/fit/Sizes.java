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
    /** The same plants by other sources: no size is under theirs. */
    private final Cultivar[] least;

    private final double years;
    /** NaN where it is not known. */
    private final double sunHours;

    private final double[] heightMid;
    private final double[] heightHigh;
    private final double[] spreadMid;
    private final double[] spreadHigh;

    Sizes(Cultivar[] plants, Cultivar[] least, double years, double sunHours) {
        this.plants = plants;
        this.least = least;
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

    /** How a plant grows in this light. */
    private PlantGrowth growth(Cultivar plant) {
        PlantGrowth free = PlantGrowth.of(plant);
        return Double.isNaN(sunHours) ? free : free.inSun(sunHours);
    }

    private double worked(double[] column, int i) {
        if (Double.isNaN(column[i])) {
            workOut(i);
        }
        return column[i];
    }

    private void workOut(int i) {
        PlantGrowth growth = growth(plants[i]);
        Grown height = growth.heightInFlower(years);
        Grown spread = growth.spread(years);
        if (least[i] != plants[i]) {
            PlantGrowth other = growth(least[i]);
            height = height.atLeast(other.heightInFlower(years));
            spread = spread.atLeast(other.spread(years));
        }
        heightMid[i] = height.mid();
        heightHigh[i] = height.high();
        spreadMid[i] = spread.mid();
        spreadHigh[i] = spread.high();
    }

    /** The first year in which the usual height in flower passes a limit; infinite when it never does. */
    double yearsToHeight(int i, double limitM) {
        return Math.min(
                growth(plants[i]).yearsToHeight(limitM), growth(least[i]).yearsToHeight(limitM));
    }

    double yearsToSpread(int i, double limitM) {
        return Math.min(
                growth(plants[i]).yearsToSpread(limitM), growth(least[i]).yearsToSpread(limitM));
    }

    private double[] unknown() {
        double[] column = new double[plants.length];
        Arrays.fill(column, Double.NaN);
        return column;
    }
}
