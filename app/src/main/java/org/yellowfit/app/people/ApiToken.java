package org.yellowfit.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;

@Entity
class ApiToken {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String label;

    @org.hibernate.annotations.JdbcTypeCode(org.hibernate.type.SqlTypes.CHAR)
    private String digest;

    @Enumerated(EnumType.STRING)
    private Role role;

    private long shopId;
    private Instant createdAt;
    private String createdBy;
    private Instant revokedAt;
    private Instant expiresAt;
    private Instant usedAt;

    protected ApiToken() {}

    ApiToken(
            String label,
            String digest,
            Role role,
            Instant createdAt,
            Instant expiresAt,
            String createdBy,
            long shopId) {
        this.shopId = shopId;
        this.label = label;
        this.digest = digest;
        this.role = role;
        this.createdAt = createdAt;
        this.createdBy = createdBy;
        this.expiresAt = expiresAt;
    }

    Long id() {
        return id;
    }

    String label() {
        return label;
    }

    long shopId() {
        return shopId;
    }

    Role role() {
        return role;
    }

    Instant createdAt() {
        return createdAt;
    }

    String createdBy() {
        return createdBy;
    }

    Instant revokedAt() {
        return revokedAt;
    }

    Instant expiresAt() {
        return expiresAt;
    }

    Optional<Instant> usedAt() {
        return Optional.ofNullable(usedAt);
    }

    void revoke(Instant at) {
        if (revokedAt == null) {
            revokedAt = at;
        }
    }
}
