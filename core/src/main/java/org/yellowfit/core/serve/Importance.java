package org.yellowfit.core.serve;

/** How much a wish counts (rule L3). */
public enum Importance {
    MUST(2),
    MUCH(1),
    SOME(0.5);

    private final double weight;

    Importance(double weight) {
        this.weight = weight;
    }

    /** In the mean of what is met. */
    public double weight() {
        return weight;
    }
}
