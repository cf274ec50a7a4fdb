package org.yellowfit.app.catalogue;

import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.plant.Cultivar;

/** The catalogue for the rest of the application: a snapshot in memory that is rebuilt when any instance has changed it. */
@Service
public class CatalogueStore {

    private record Snapshot(long version, Catalogue catalogue) {
    }

    private final CultivarRepository cultivars;
    private volatile Snapshot snapshot = new Snapshot(-1, Catalogue.of(List.of()));

    CatalogueStore(CultivarRepository cultivars) {
        this.cultivars = cultivars;
    }

    /** All cultivars, ordered by id. */
    public Catalogue catalogue() {
        long version = cultivars.changes();
        Snapshot current = snapshot;
        if (current.version() != version) {
            current = rebuilt(version);
        }
        return current.catalogue();
    }

    public Optional<Cultivar> find(String id) {
        return catalogue().find(id);
    }

    public boolean isEmpty() {
        return cultivars.count() == 0;
    }

    /** Writes new and changed cultivars, all or none of them. */
    @Transactional
    void save(List<Cultivar> plants) {
        Instant now = Instant.now();
        Map<String, CultivarEntity> kept = new HashMap<>();
        cultivars.findAllById(plants.stream().map(Cultivar::id).toList()).forEach(entity -> kept.put(entity.id(), entity));
        for (Cultivar plant : plants) {
            CultivarEntity entity = kept.get(plant.id());
            if (entity == null) {
                cultivars.save(new CultivarEntity(plant, now));
            } else {
                entity.set(plant, now);
            }
        }
        cultivars.countChange();
    }

    private synchronized Snapshot rebuilt(long version) {
        if (snapshot.version() != version) {
            List<Cultivar> plants = cultivars.findAll().stream().map(entity -> Cultivar.ofCells(entity.cells()))
                    .sorted(Comparator.comparing(Cultivar::id)).toList();
            snapshot = new Snapshot(version, Catalogue.of(plants));
        }
        return snapshot;
    }
}
