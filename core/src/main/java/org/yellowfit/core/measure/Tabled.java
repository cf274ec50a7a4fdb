package org.yellowfit.core.measure;

/**
 * One number of the rules. Each package of core has an enum of those it applies; docs/rules.md prints them all
 * ({@code NumberTablesTest}), so that nobody has to look for a number in the code.
 */
public interface Tabled {

    double value();

    /** What it is counted in, in words. */
    String unit();

    /** The rule of docs/rules.md it belongs to, and who says so. */
    String source();
}
