package org.yellowfit.app.catalogue;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/** A cultivar as the database keeps it: its cells, and beside them what lists are sorted and found by. */
@Entity
@Table(name = "cultivar")
class CultivarEntity {

    @Id
    private String id;

    private String botanical;
    private String name;
    private String common;
    private String kind;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, String> cells;

    private Instant changedAt;
    private long changedVersion;

    protected CultivarEntity() {}

    void set(Cultivar plant, Instant now, long version) {
        botanical = plant.botanical();
        name = plant.name();
        common = plant.get(Traits.COMMON).orElse("");
        kind = Words.of(plant.kind());
        cells = plant.toCells();
        changedAt = now;
        changedVersion = version;
    }

    Cultivar plant() {
        return Cultivar.ofCells(cells);
    }

    String id() {
        return id;
    }
}
