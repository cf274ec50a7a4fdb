package org.yellowfit.app.bed;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** One step of somebody's in a bed, that can be taken back and made again. */
@Entity
@Table(name = "bed_step")
class BedStep {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private UUID visitId;

    @TenantId
    private Long shopId;

    private long number;
    private String madeBy;
    private Instant madeAt;
    private boolean undone;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> changes;

    protected BedStep() {}

    BedStep(UUID visitId, long number, String madeBy, Instant madeAt, List<BedChange> changes) {
        this.visitId = visitId;
        this.number = number;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
        this.changes = changes.stream().map(BedChange::text).toList();
    }

    List<BedChange> changes() {
        return changes.stream().map(BedChange::parse).toList();
    }

    void undone(boolean now) {
        undone = now;
    }
}
