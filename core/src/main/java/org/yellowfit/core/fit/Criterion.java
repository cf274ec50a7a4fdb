package org.yellowfit.core.fit;

/** One rule of the fit: a quick mark for every plant, and the words for the few that are shown. */
interface Criterion {

    CriterionName name();

    /** The rule it stands on when nothing more special applies. */
    String rule();

    /** A score of {@link Scale}, or one of its marks that are no scores. */
    double mark(Catalogue plants, int i, Question question);

    /** The same, made ready for many plants; null where no plant can be marked, since the place says nothing of it. */
    default Marker marker(Catalogue plants, Question question) {
        return i -> mark(plants, i, question);
    }

    /** The site's value in words. Asked only where the site's value is known. */
    String site(Question question);

    /** @param mark the score that {@link #mark} gave */
    Explained explain(Catalogue plants, int i, Question question, double mark);
}
