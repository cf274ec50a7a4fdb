package org.yellowfit.app.counter;

import java.util.List;
import java.util.UUID;

/** Plantings that are due to be looked at again (rule J4). */
public interface FollowUps {

    /** @param what to look for, in words */
    record Due(UUID visitId, String place, String what, String since) {}

    List<Due> due();
}
