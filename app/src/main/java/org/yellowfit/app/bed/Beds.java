package org.yellowfit.app.bed;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.takeaway.PlantList;
import org.yellowfit.app.takeaway.PlantedCounts;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.measure.InvalidInput;

/**
 * The beds of visits, changed plant by plant: two people who change different plants lose nothing, and each takes back
 * their own steps.
 */
@Service
class Beds implements PlantedCounts {

    static final int MOST_PLANTS = 2000;

    /** The bed as it stands, and whether somebody has something to take back or to make again. */
    record State(long version, List<BedPlant> plants, boolean canUndo, boolean canRedo) {}

    private final BedRepository beds;
    private final BedStepRepository steps;
    private final Visits visits;
    private final PlantList list;

    Beds(BedRepository beds, BedStepRepository steps, Visits visits, PlantList list) {
        this.list = list;
        this.beds = beds;
        this.steps = steps;
        this.visits = visits;
    }

    @Transactional(readOnly = true)
    public State state(UUID visitId, String who) {
        return told(beds.findById(visitId).orElseGet(() -> new BedEntity(visitId)), visitId, who);
    }

    @Override
    @Transactional(readOnly = true)
    public Map<String, Integer> planted(UUID visitId) {
        return beds.findById(visitId).map(bed -> counts(bed.plants().values())).orElse(Map.of());
    }

    private static Map<String, Integer> counts(Collection<BedPlant> plants) {
        Map<String, Integer> counts = new TreeMap<>();
        plants.forEach(plant -> counts.merge(plant.id(), 1, Integer::sum));
        return counts;
    }

    /** @param wanted works out from the plants there are what shall become of some of them */
    @Transactional
    public State change(UUID visitId, Function<Map<String, BedPlant>, List<BedChange>> wanted, String who) {
        BedEntity bed = held(visitId);
        Map<String, BedPlant> plants = bed.plants();
        List<BedChange> made = new ArrayList<>();
        for (BedChange each : wanted.apply(plants)) {
            BedPlant from = plants.get(each.uid());
            if (!Objects.equals(from, each.to())) {
                made.add(new BedChange(each.uid(), from, each.to()));
                put(plants, each);
            }
        }
        if (plants.size() > MOST_PLANTS) {
            throw InvalidInput.at("changes", "A bed takes at most %s plants; here are %s.", MOST_PLANTS, plants.size());
        }
        if (!made.isEmpty()) {
            set(bed, plants);
            // Who does something new has nothing left to make again.
            steps.deleteByVisitIdAndMadeByAndUndone(visitId, who, true);
            steps.save(new BedStep(visitId, bed.version(), who, Instant.now(), made));
        }
        return told(bed, visitId, who);
    }

    @Transactional
    public State undo(UUID visitId, String who) {
        BedEntity bed = held(visitId);
        Optional<BedStep> step = steps.findFirstByVisitIdAndMadeByAndUndoneOrderByNumberDesc(visitId, who, false);
        step.ifPresent(last -> {
            apply(bed, last.changes().stream().map(BedChange::reversed).toList());
            last.undone(true);
        });
        return told(bed, visitId, who);
    }

    @Transactional
    public State redo(UUID visitId, String who) {
        BedEntity bed = held(visitId);
        Optional<BedStep> step = steps.findFirstByVisitIdAndMadeByAndUndoneOrderByNumberAsc(visitId, who, true);
        step.ifPresent(next -> {
            apply(bed, next.changes());
            next.undone(false);
        });
        return told(bed, visitId, who);
    }

    /** What somebody else has changed since stays as they left it. */
    private void apply(BedEntity bed, List<BedChange> changes) {
        Map<String, BedPlant> plants = bed.plants();
        for (BedChange each : changes) {
            if (Objects.equals(plants.get(each.uid()), each.from())) {
                put(plants, each);
            }
        }
        set(bed, plants);
    }

    /** Counts follow onto the list with the bed, or neither is changed. */
    private void set(BedEntity bed, Map<String, BedPlant> plants) {
        Map<String, Integer> before = counts(bed.plants().values());
        Map<String, Integer> after = counts(plants.values());
        Map<String, Integer> moved = new TreeMap<>(after);
        before.keySet().forEach(kind -> moved.putIfAbsent(kind, 0));
        moved.keySet().removeIf(kind -> Objects.equals(before.get(kind), after.get(kind)));
        bed.set(plants);
        if (!moved.isEmpty()) {
            list.follow(bed.visitId(), moved);
        }
    }

    private static void put(Map<String, BedPlant> plants, BedChange change) {
        if (change.to() == null) {
            plants.remove(change.uid());
        } else {
            plants.put(change.uid(), change.to());
        }
    }

    private BedEntity held(UUID visitId) {
        visits.held(visitId).orElseThrow(Visits::gone);
        return beds.findById(visitId).orElseGet(() -> beds.save(new BedEntity(visitId)));
    }

    private State told(BedEntity bed, UUID visitId, String who) {
        return new State(
                bed.version(),
                List.copyOf(bed.plants().values()),
                steps.existsByVisitIdAndMadeByAndUndone(visitId, who, false),
                steps.existsByVisitIdAndMadeByAndUndone(visitId, who, true));
    }
}
