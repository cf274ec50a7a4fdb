package org.yellowfit.app.catalogue;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/**
 * One change by hand: what was there, what is there now, who made it, when and why. A claim is written as its cells in
 * JSON.
 */
@Entity
@Table(name = "trait_change")
class TraitChange {

    enum What {
        VALUE,
        CLAIM_ADDED,
        CLAIM_REMOVED
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String cultivarId;
    private String trait;

    @Enumerated(EnumType.STRING)
    private What what;

    private String beforeValue;
    private String afterValue;
    private String why;
    private String changedBy;
    private Instant changedAt;
    private String undoneBy;
    private Instant undoneAt;

    protected TraitChange() {}

    TraitChange(
            String cultivarId,
            String trait,
            What what,
            String beforeValue,
            String afterValue,
            String why,
            String changedBy,
            Instant changedAt) {
        this.cultivarId = cultivarId;
        this.trait = trait;
        this.what = what;
        this.beforeValue = beforeValue;
        this.afterValue = afterValue;
        this.why = why;
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    void undo(String by, Instant when) {
        undoneBy = by;
        undoneAt = when;
    }

    String cultivarId() {
        return cultivarId;
    }

    String trait() {
        return trait;
    }

    What what() {
        return what;
    }

    String before() {
        return beforeValue;
    }

    String after() {
        return afterValue;
    }

    String why() {
        return why;
    }

    String by() {
        return changedBy;
    }

    Instant at() {
        return changedAt;
    }

    boolean isUndone() {
        return undoneAt != null;
    }

    String undoneBy() {
        return undoneBy;
    }
}
