package org.yellowfit.app.drawing.plant;

/** Which of a plant's colours a leaf has. */
enum Hue {
    /** As the day has it. */
    LEAF,
    /** At the tips, which lead the season: young in spring, first to turn in autumn. */
    TIP,
    /** Inside, where the season comes later. */
    INNER,
    /** The second colour of a variegated plant. */
    SECOND;

    /** Of a leaf at the tip, inside, or between the two. */
    static Hue of(boolean tip, boolean inner) {
        if (tip) {
            return TIP;
        }
        return inner ? INNER : LEAF;
    }
}
