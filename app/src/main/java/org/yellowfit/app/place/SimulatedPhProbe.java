package org.yellowfit.app.place;

import java.util.Random;
import org.springframework.stereotype.Component;
import org.yellowfit.app.words.Sentences;

/**
 * Stands in for a probe: each place has its own pH between 5 and 7.6, and readings stray by a tenth or two, the same
 * ones each time.
 */
@Component
class SimulatedPhProbe implements PhProbe {

    private static final double LEAST = 5.0;
    private static final double SPAN = 2.6;
    private static final double STRAYS = 0.12;

    @Override
    public double read(String spot, int reading) {
        double own = LEAST + SPAN * new Random(spot.hashCode()).nextDouble();
        double stray = STRAYS * new Random(spot.hashCode() * 31L + reading).nextGaussian();
        return Math.rint((own + stray) * 100) / 100;
    }

    @Override
    public String name() {
        return Sentences.say("soil.probe");
    }
}
