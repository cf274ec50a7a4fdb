package org.yellowfit.app.visit;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.OpenPlaces;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

/** The visits: kept, merged, taken out and erased. */
@Service
public class Visits implements OpenPlaces {

    /** What came of saving an edit. */
    public sealed interface Outcome {

        /** @param theirs what somebody else had changed meanwhile, and what is kept of it; by whom in {@code by} */
        record Saved(Visit visit, List<Merge.Change<?>> theirs, String by) implements Outcome {}

        /** Nothing was saved: both changed the same fields. {@code merged} holds what was typed here with all else of theirs. */
        record Conflict(Visit current, Answers merged, List<Merge.Change<?>> conflicts, List<Merge.Change<?>> theirs)
                implements Outcome {}
    }

    private final VisitRepository visits;
    private final VisitRevisionRepository revisions;
    private final GrowingPlaces growingPlaces;
    private final Trail trail;

    Visits(VisitRepository visits, VisitRevisionRepository revisions, GrowingPlaces growingPlaces, Trail trail) {
        this.trail = trail;
        this.growingPlaces = growingPlaces;
        this.visits = visits;
        this.revisions = revisions;
    }

    @Transactional(readOnly = true)
    public List<Visit> latest(int most) {
        return visits.findAllByOrderByChangedAtDesc(Limit.of(most)).stream()
                .map(VisitEntity::toVisit)
                .toList();
    }

    @Transactional(readOnly = true)
    public Optional<Visit> find(UUID id) {
        return visits.one(id).map(VisitEntity::toVisit);
    }

    /** @throws NotFound when there is no such visit */
    @Transactional(readOnly = true)
    public Visit open(UUID id) {
        return find(id).orElseThrow(Visits::gone);
    }

    public static NotFound gone() {
        return new NotFound("There is no such visit; it may have been erased.");
    }

    @Override
    @Transactional(readOnly = true)
    public List<Place> latestPlaces(int most) {
        return latest(most).stream().map(this::place).toList();
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Place> place(UUID id) {
        return find(id).map(this::place);
    }

    private Place place(Visit visit) {
        return new Place(visit.id(), visit.place(), visit.question(), visit.units(), growingPlaces.of(visit));
    }

    /** @throws InvalidInput when the answers cannot stand together */
    @Transactional
    public Visit create(Edit given, String by) {
        VisitEntity entity = visits.save(new VisitEntity(Answers.NONE.with(given), by, Instant.now()));
        Visit visit = sound(entity, List.of());
        revisions.save(new VisitRevision(visit));
        return visit;
    }

    /**
     * Saves the fields of one form.
     *
     * @param version the state the form was filled from
     * @param given   what the form sets and takes out; the fields of other forms stay as they are
     * @throws InvalidInput when the answers cannot stand together with those of other forms and people
     */
    @Transactional
    public Optional<Outcome> save(UUID id, long version, Edit given, String by) {
        return visits.lock(id).map(entity -> {
            Visit current = entity.toVisit();
            Answers base = asOf(current, version);
            Merge merge = Merge.of(base, current.answers(), base.with(given));
            if (!merge.conflicts().isEmpty()) {
                return new Outcome.Conflict(current, merge.merged(), merge.conflicts(), merge.theirs());
            }
            if (!merge.merged().equals(current.answers())) {
                entity.answer(merge.merged(), by, Instant.now());
                revisions.save(new VisitRevision(sound(entity, current.problems())));
            }
            return new Outcome.Saved(entity.toVisit(), merge.theirs(), current.changedBy());
        });
    }

    /**
     * Sets some answers whatever else has changed. For values that a study or an instrument
     * gives.
     *
     * @throws InvalidInput when they cannot stand together with the others
     */
    @Transactional
    public Optional<Visit> put(UUID id, Edit given, String by) {
        return change(id, visit -> given, by);
    }

    /**
     * Changes some answers by what they are now: two people who each add to a list have both added.
     *
     * @throws InvalidInput when they cannot stand together with the others
     */
    @Transactional
    public Optional<Visit> change(UUID id, Function<Visit, Edit> given, String by) {
        return visits.lock(id).map(entity -> {
            Visit before = entity.toVisit();
            Answers answers = before.answers().with(given.apply(before));
            if (!answers.equals(before.answers())) {
                entity.answer(answers, by, Instant.now());
                revisions.save(new VisitRevision(sound(entity, before.problems())));
            }
            return entity.toVisit();
        });
    }

    /**
     * The visit, held for whoever changes what hangs on it until their transaction ends: others wait.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Optional<Visit> held(UUID id) {
        return visits.lock(id).map(VisitEntity::toVisit);
    }

    /** The answers a form was filled from; those of now when that state is not known. */
    @Transactional(readOnly = true)
    public Answers asOf(Visit visit, long version) {
        return version == visit.version()
                ? visit.answers()
                : revisions
                        .findByVisitIdAndVersion(visit.id(), version)
                        .map(VisitRevision::answers)
                        .orElse(visit.answers());
    }

    /** The visit as it now stands, when nothing is wrong with it that was not wrong before. */
    private static Visit sound(VisitEntity entity, List<Problem> before) {
        Visit visit = entity.toVisit();
        List<Problem> problems = visit.problems();
        if (!before.containsAll(problems)) {
            throw new InvalidInput(problems);
        }
        return visit;
    }

    /**
     * Puts a plant side by side with the others picked; the oldest pick gives way when there are too many.
     *
     * @return the picks that gave way
     */
    @Transactional
    public List<String> choose(UUID id, String cultivarId) {
        List<String> madeRoom = new ArrayList<>();
        visits.lock(id).ifPresent(entity -> {
            List<String> chosen = new ArrayList<>(entity.toVisit().chosen());
            if (!chosen.contains(cultivarId)) {
                chosen.add(cultivarId);
            }
            while (chosen.size() > Visit.MOST_CHOSEN) {
                madeRoom.add(chosen.remove(0));
            }
            entity.choose(chosen, Instant.now());
        });
        return madeRoom;
    }

    @Transactional
    public void unchoose(UUID id, String cultivarId) {
        visits.lock(id).ifPresent(entity -> {
            List<String> chosen = new ArrayList<>(entity.toVisit().chosen());
            chosen.remove(cultivarId);
            entity.choose(chosen, Instant.now());
        });
    }

    @Transactional
    public void finish(UUID id, boolean done) {
        visits.lock(id).ifPresent(entity -> entity.finish(done));
    }

    /** Takes out the visit with everything that hangs on it. */
    /** A bed of the centre's own: it is no customer's, and is not erased after a time. */
    @Transactional
    public void keepAsOwnBed(UUID id) {
        visits.lock(id).orElseThrow(Visits::gone).beOwnBed();
    }

    @Transactional(readOnly = true)
    public Set<UUID> ownBeds() {
        return Set.copyOf(visits.ownBeds());
    }

    @Transactional
    public void erase(UUID id) {
        visits.deleteById(id);
        trail.note(Trail.Deed.ERASED, "visit " + id);
    }
}
