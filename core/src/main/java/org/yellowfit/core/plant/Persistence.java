package org.yellowfit.core.plant;

/** What stands in winter (rule E3). */
public enum Persistence {
    EVERGREEN,
    SEMI_EVERGREEN,
    DECIDUOUS,
    HERBACEOUS,
    ANNUAL;

    /** Whether the wood above ground lives on, so that the plant adds to its size year by year (D1). */
    public boolean isWoody() {
        return this == EVERGREEN || this == SEMI_EVERGREEN || this == DECIDUOUS;
    }
}
