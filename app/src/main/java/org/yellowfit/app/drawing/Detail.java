package org.yellowfit.app.drawing;

/** How much a sketch holds: a mark beside a name, a card, or the plant large on the screen. */
public enum Detail {
    SMALL(190, 1),
    MEDIUM(420, 2),
    RICH(1150, 3);

    final int leaves;
    /** Levels of branching. */
    final int branching;

    Detail(int leaves, int branching) {
        this.leaves = leaves;
        this.branching = branching;
    }
}
