package org.yellowfit.core.takeoff;

/** What is carried home besides plants (rule H5). */
public enum MaterialKind {
    MULCH,
    COMPOST,
    GRIT,
    ACID_MIX,
    POT_FILL,
    STAKE,
    TIE;

    /** Usual bags, l: general for the trade; none of what is counted. */
    public int[] bags() {
        return switch (this) {
            case MULCH -> new int[] {50, 70};
            case COMPOST, POT_FILL -> new int[] {40, 70};
            case GRIT -> new int[] {15};
            case ACID_MIX -> new int[] {40};
            case STAKE, TIE -> new int[0];
        };
    }
}
