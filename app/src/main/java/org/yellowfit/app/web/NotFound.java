package org.yellowfit.app.web;

import org.yellowfit.core.measure.Refusal;

/** What was asked for is not there, or not any more. The sentence is shown to the person. */
public class NotFound extends RuntimeException {

    private final transient Refusal refusal;

    /** @see Refusal#of(String, Object...) */
    public NotFound(String sentence, Object... values) {
        this(Refusal.of(sentence, values));
    }

    public NotFound(Refusal refusal) {
        super(refusal.toString());
        this.refusal = refusal;
    }

    public Refusal refusal() {
        return refusal;
    }
}
