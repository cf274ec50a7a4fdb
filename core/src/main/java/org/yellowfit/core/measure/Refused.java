package org.yellowfit.core.measure;

/** Input that is refused, with a sentence that can be said in any language. */
public class Refused extends IllegalArgumentException {

    private final transient Refusal refusal;

    /** @see Refusal#of(String, Object...) */
    public Refused(String sentence, Object... values) {
        this(Refusal.of(sentence, values), null);
    }

    public Refused(Refusal refusal, Throwable cause) {
        super(refusal.toString(), cause);
        this.refusal = refusal;
    }

    public Refusal refusal() {
        return refusal;
    }
}
