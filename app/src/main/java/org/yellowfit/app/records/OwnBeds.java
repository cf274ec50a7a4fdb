package org.yellowfit.app.records;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.measure.InvalidInput;

/** The centre's own beds. Each is a visit without a customer, so that every screen of a place serves it. */
@Service
public class OwnBeds {

    private final Records records;
    private final Visits visits;

    OwnBeds(Records records, Visits visits) {
        this.records = records;
        this.visits = visits;
    }

    /**
     * A new bed, or one that so far has only a name.
     *
     * @return the visit that describes it
     * @throws InvalidInput when it has no name, or one that is too long
     */
    @Transactional
    public UUID begin(String typed, String by) {
        String name = typed.strip();
        if (name.isEmpty() || name.length() > RecordRow.LONGEST_PLACE) {
            throw InvalidInput.at("name", "Give the bed a name of at most %d characters.", RecordRow.LONGEST_PLACE);
        }
        long place = records.make(name, true, null);
        return describe(place, by)
                .orElseThrow(() -> InvalidInput.at("name", "A customer’s place has this name already."));
    }

    /** The visit that describes a bed, begun where there is none; empty where the place is no bed of our own. */
    @Transactional
    public Optional<UUID> describe(long place, String by) {
        return records.held(place)
                .filter(Records.Place::own)
                .map(bed -> bed.visitId() == null ? begun(bed, by) : bed.visitId());
    }

    private UUID begun(Records.Place bed, String by) {
        UUID visit =
                visits.create(new Edit().set(VisitFields.PLACE, bed.name()), by).id();
        visits.keepAsOwnBed(visit);
        records.describe(bed.id(), visit);
        return visit;
    }
}
