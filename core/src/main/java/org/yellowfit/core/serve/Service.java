package org.yellowfit.core.serve;

import static org.yellowfit.core.measure.Checks.share;

import org.yellowfit.core.measure.Fact;

/**
 * How far one plant meets one wish or does one job.
 *
 * @param want  the wish's field or the job's word
 * @param asked in words
 * @param met   0–1; what counts for it where it is not known
 */
public record Service(
        String want, Fact asked, double met, boolean known, Importance importance, boolean done, Fact why) {

    public Service {
        share("How far it is met", met);
    }
}
