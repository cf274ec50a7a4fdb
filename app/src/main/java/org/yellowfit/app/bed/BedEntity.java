package org.yellowfit.app.bed;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** The bed of a visit as it stands. Whoever changes it holds the visit. */
@Entity
@Table(name = "bed")
class BedEntity {

    @Id
    private UUID visitId;

    @TenantId
    private Long shopId;

    private long version;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> plants = new ArrayList<>();

    protected BedEntity() {}

    BedEntity(UUID visitId) {
        this.visitId = visitId;
    }

    UUID visitId() {
        return visitId;
    }

    long version() {
        return version;
    }

    /** By their own names, in order. */
    Map<String, BedPlant> plants() {
        Map<String, BedPlant> all = new LinkedHashMap<>();
        plants.stream().map(BedPlant::parse).forEach(plant -> all.put(plant.uid(), plant));
        return all;
    }

    void set(Map<String, BedPlant> now) {
        plants = now.values().stream().map(BedPlant::text).toList();
        version++;
    }
}
