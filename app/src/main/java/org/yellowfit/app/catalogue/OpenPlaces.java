package org.yellowfit.app.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.season.GrowingPlace;

/** The places customers have described, against which a plant’s page can be held. */
public interface OpenPlaces {

    /** One place: what it is called, and what the rules would be asked for it, how plants look there. */
    record Place(UUID id, String place, Question question, UnitSystem units, GrowingPlace growing) {}

    /** The latest first. */
    List<Place> latestPlaces(int most);

    Optional<Place> place(UUID id);
}
