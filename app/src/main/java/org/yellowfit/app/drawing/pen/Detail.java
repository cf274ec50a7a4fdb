package org.yellowfit.app.drawing.pen;

/** How large a drawing is seen, and so how much of the plant it holds: one model, with more of it the larger it is. */
public enum Detail {
    /** Beside a word. */
    MARK(24, 70, 3),
    /** In a row of a list. */
    SMALL(40, 110, 4),
    /** On a card. */
    CARD(150, 430, 7),
    LARGE(300, 1000, 9),
    /** A page of its own. */
    PAGE(600, 2400, 12);

    private final int units;
    private final int leaves;
    private final int slabs;

    Detail(int units, int leaves, int slabs) {
        this.units = units;
        this.leaves = leaves;
        this.slabs = slabs;
    }

    /** @param size of the drawing, in units as large as a pixel */
    public static Detail forSize(double size) {
        for (Detail each : values()) {
            if (size <= each.units * 1.4) {
                return each;
            }
        }
        return PAGE;
    }

    /** So many of a thing: on what is smaller than a card, on a card, and on what is larger. */
    public int of(int small, int card, int large) {
        if (isAtLeast(LARGE)) {
            return large;
        }
        return isAtLeast(CARD) ? card : small;
    }

    public boolean isAtLeast(Detail other) {
        return units >= other.units;
    }

    /** Units along the longer side of the drawing: about the pixels it is shown at. */
    public int units() {
        return units;
    }

    /** Leaves or sprays of leaves at most, about. */
    public int leaves() {
        return leaves;
    }

    /** Slices in depth, painted from the back to the front. */
    public int slabs() {
        return slabs;
    }
}
