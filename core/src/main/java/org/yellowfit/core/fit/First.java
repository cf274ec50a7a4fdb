package org.yellowfit.core.fit;

import java.util.List;
import org.yellowfit.core.measure.Fact;

/**
 * One of the first five (rule L6).
 *
 * @param why     why it stands there, and what it gives up against the first
 * @param givesUp what it meets less than the first does, by five hundredths and more
 */
public record First(Ranked ranked, As as, Fact why, List<GivenUp> givesUp) {

    public First {
        givesUp = List.copyOf(givesUp);
    }

    /**
     * A job or a wish that the first meets better.
     *
     * @param want  its field or word
     * @param met   how far this one meets it, 0–1
     * @param best  how far the first does
     */
    public record GivenUp(String want, double met, double best, Fact asked, Fact why) {}

    /** What it is among the first for. */
    public enum As {
        BEST,
        LEAST_WORK,
        LONGEST_SHOW,
        CHEAPEST,
        UNLIKE
    }
}
