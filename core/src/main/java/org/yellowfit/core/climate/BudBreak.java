package org.yellowfit.core.climate;

/**
 * When the winter buds of summer-flowering shrubs on old wood break, in degree days (base 5 °C) from the start of the
 * year (rule
 * A8). Our estimate from phenology tables, in which leaf-out of such shrubs falls between about 80 and 160.
 */
public final class BudBreak {

    public static final double USUAL_DEGREE_DAYS = 120;

    private BudBreak() {}
}
