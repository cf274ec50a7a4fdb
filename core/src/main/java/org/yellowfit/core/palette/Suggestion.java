package org.yellowfit.core.palette;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;

/**
 * The best planting found (rule G9).
 *
 * @param best   empty where no planting keeps all rules
 * @param others two that share at most half their kinds with it and with each other
 * @param bound  no planting of these plants scores more
 * @param gap    what the best may be short of it
 * @param proved whether nothing better is possible
 * @param giveUp where there is none: what would have to be given up
 */
public record Suggestion(
        Optional<Judged> best,
        List<Judged> others,
        double bound,
        double gap,
        boolean proved,
        Fact why,
        List<Fact> giveUp) {}
