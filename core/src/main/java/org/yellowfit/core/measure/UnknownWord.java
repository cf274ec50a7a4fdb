package org.yellowfit.core.measure;

/** A word that is not on the list of those allowed. */
public class UnknownWord extends IllegalArgumentException {

    private final String nearest;

    UnknownWord(String message, String nearest) {
        super(message);
        this.nearest = nearest;
    }

    /** The allowed word nearest to it; null when none is near. */
    public String nearest() {
        return nearest;
    }
}
