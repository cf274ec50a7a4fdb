package org.yellowfit.core.measure;

/** A word that is not on the list of those allowed. */
public class UnknownWord extends Refused {

    private final String nearest;

    UnknownWord(String nearest, String sentence, Object... values) {
        super(sentence, values);
        this.nearest = nearest;
    }

    /** The allowed word nearest to it; null when none is near. */
    public String nearest() {
        return nearest;
    }
}
