package org.yellowfit.core.serve;

import org.yellowfit.core.measure.Fact;

/** How far a job is done: half of it is the least that a must asks; the rest is how well. */
abstract class JobMeasure extends Measure {

    private static final double DONE = 0.5;

    JobMeasure(String want, Importance importance, Fact asked) {
        super(want, importance, asked);
    }

    @Override
    double enough() {
        return DONE;
    }
}
