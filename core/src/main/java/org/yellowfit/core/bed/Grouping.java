package org.yellowfit.core.bed;

/** How the plants of one kind stand to each other (rule G4). */
public enum Grouping {
    /** In drifts of an odd number. */
    GROUP,
    /** Singly, through the planting. */
    SPRINKLED,
    /** By twos, mirrored on the axis of the bed. */
    PAIRED,
    /** All in one. */
    MASSED,
    /** On a straight line, evenly. */
    ROW
}
