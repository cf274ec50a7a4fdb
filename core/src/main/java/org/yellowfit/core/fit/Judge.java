package org.yellowfit.core.fit;

import java.util.Optional;
import org.yellowfit.core.measure.Fact;

/**
 * A rule made ready for one question: what is the same for every plant is worked out once, the rest is decided here and
 * nowhere
 * else. Score, verdict, sentence, strip and remedies follow from the outcome and its margin. For one thread.
 */
interface Judge {

    /** Decides about one plant of the catalogue. */
    void judge(int plant, Ruling into);

    /** The site's value. */
    Fact site();

    /** What nobody asked for and does not count, but is good to know; asked of every ruling. */
    default Optional<Fact> note(int plant, Ruling ruling) {
        return Optional.empty();
    }

    /** What is to be said of a ruling that {@link #judge} gave; never asked of what is unknown. */
    Finding explain(int plant, Ruling ruling);
}
