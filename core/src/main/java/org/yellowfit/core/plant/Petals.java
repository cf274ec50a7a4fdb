package org.yellowfit.core.plant;

/** The cut of one flower: how many petals it shows, or the shape they make together. */
public enum Petals {
    THREE(3),
    FOUR(4),
    FIVE(5),
    SIX(6),
    EIGHT(8),
    THIRTEEN(13),
    TWENTY_ONE(21),
    /** Double. */
    THIRTY_FOUR(34),
    BELL(5),
    TRUMPET(5),
    TUBE(5),
    TULIP(6),
    FLAG(6),
    RIBBON(4),
    LIPS(2),
    PEA(3),
    FAN(5);

    private final int count;

    Petals(int count) {
        this.count = count;
    }

    public int count() {
        return count;
    }

    /** @param text a number of petals or the word of a shape; blank for flowers too small to count them */
    static Petals parse(String text) {
        if (text.isBlank()) {
            return FIVE;
        }
        for (Petals each : values()) {
            if (each.name().equalsIgnoreCase(text) || String.valueOf(each.count).equals(text)) {
                return each;
            }
        }
        throw new IllegalStateException("The table of genera knows no petals “" + text + "”.");
    }
}
