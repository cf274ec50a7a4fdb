package org.yellowfit.app.visit;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

@Entity
class VisitRevision {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @TenantId
    private Long shopId;

    private UUID visitId;
    private long version;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, Object> answers;

    private Instant changedAt;
    private String changedBy;

    protected VisitRevision() {}

    VisitRevision(Visit visit) {
        visitId = visit.id();
        version = visit.version();
        answers = AnswersJson.write(visit.answers());
        changedAt = visit.changedAt();
        changedBy = visit.changedBy();
    }

    Answers answers() {
        return AnswersJson.read(answers);
    }
}
