package org.yellowfit.app.visit;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "visit")
class VisitEntity {

    @Id
    private UUID id;

    @TenantId
    private Long shopId;

    private String place;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, Object> answers;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> chosen;

    private String advisor;
    private boolean finished;
    /** A bed of the centre itself. */
    private boolean ownBed;

    private Instant createdAt;
    private Instant changedAt;
    private String changedBy;
    /** Counts the states of the answers; set by hand, since two edits are merged rather than refused. */
    private long version;

    protected VisitEntity() {}

    VisitEntity(Answers answers, String by, Instant now) {
        id = UUID.randomUUID();
        advisor = by;
        createdAt = now;
        chosen = List.of();
        answer(answers, by, now);
    }

    void answer(Answers saved, String by, Instant now) {
        answers = AnswersJson.write(saved);
        place = saved.get(VisitFields.PLACE, "");
        changedBy = by;
        changedAt = now;
        version++;
    }

    void choose(List<String> ids, Instant now) {
        chosen = List.copyOf(ids);
        changedAt = now;
    }

    void beOwnBed() {
        ownBed = true;
    }

    void finish(boolean done) {
        finished = done;
    }

    Visit toVisit() {
        return new Visit(
                id,
                AnswersJson.read(answers),
                List.copyOf(chosen),
                advisor,
                finished,
                createdAt,
                changedAt,
                changedBy,
                version);
    }
}
