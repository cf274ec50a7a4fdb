package org.yellowfit.core.care;

/** What is done, as one trip into the garden. */
public enum TaskKind {
    PLANT,
    STAKE,
    WATER,
    PRUNE,
    CLIP,
    CUT_BACK,
    DEADHEAD,
    DIVIDE,
    FEED,
    COVER,
    UNCOVER,
    MULCH,
    CHECK,
    MOVE_IN,
    MOVE_OUT;

    /**
     * Whether a plant's minutes a year are spread over it (rule I9): planting, staking and watering take their own time,
     * faded flowers too, and looking after it takes some only where nothing else does.
     */
    boolean sharesTheYear() {
        return switch (this) {
            case PLANT, STAKE, WATER, DEADHEAD, CHECK -> false;
            default -> true;
        };
    }
}
