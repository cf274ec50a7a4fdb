package org.yellowfit.core.measure;

/**
 * One number of the rules. Each package of core has an enum of those it applies; docs/rules.md prints them all
 * ({@code NumberTablesTest}), so that nobody has to look for a number in the code.
 */
public interface Tabled {

    /**
     * What the table holds of it.
     *
     * @param unit   what it is counted in, in words
     * @param source the rule of docs/rules.md it belongs to, and who says so
     */
    record Line(double value, String unit, String source) {}

    Line line();

    default double value() {
        return line().value();
    }
}
