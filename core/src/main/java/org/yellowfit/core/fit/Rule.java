package org.yellowfit.core.fit;

import java.util.Optional;

/** One rule of the fit. */
interface Rule {

    CriterionName name();

    /** Whether it is asked at this place at all; what is not asked does not lower the confidence. */
    default boolean isAsked(Question question) {
        return true;
    }

    /** Empty where the place says nothing of what the rule needs. */
    Optional<Judge> judge(Catalogue plants, Question question);
}
