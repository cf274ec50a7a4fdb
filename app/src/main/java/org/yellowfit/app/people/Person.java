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
class Person {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String username;
    private String displayName;
    private String passwordHash;

    @Enumerated(EnumType.STRING)
    private Role role;

    private boolean active = true;
    private long shopId;

    @org.hibernate.annotations.JdbcTypeCode(org.hibernate.type.SqlTypes.CHAR)
    private String invitation;

    private Instant invitedUntil;
    private String secondFactor;
    private long secondStep;
    private Instant signedInAt;

    protected Person() {}

    Person(String username, String displayName, String passwordHash, Role role, long shopId) {
        this.shopId = shopId;
        this.username = username;
        this.displayName = displayName;
        this.passwordHash = passwordHash;
        this.role = role;
    }

    Long id() {
        return id;
    }

    String username() {
        return username;
    }

    String displayName() {
        return displayName;
    }

    /** Empty for who has been invited and has not set one yet. */
    Optional<String> passwordHash() {
        return Optional.ofNullable(passwordHash);
    }

    Optional<String> secondFactor() {
        return Optional.ofNullable(secondFactor);
    }

    long secondStep() {
        return secondStep;
    }

    Optional<Instant> signedInAt() {
        return Optional.ofNullable(signedInAt);
    }

    boolean isInvited(Instant now) {
        return invitation != null && invitedUntil.isAfter(now);
    }

    void invite(String digest, Instant until) {
        invitation = digest;
        invitedUntil = until;
    }

    void setSecondFactor(String encrypted) {
        secondFactor = encrypted;
        secondStep = 0;
    }

    void used(long step) {
        secondStep = step;
    }

    void signedIn(Instant now) {
        signedInAt = now;
    }

    Role role() {
        return role;
    }

    long shopId() {
        return shopId;
    }

    boolean isActive() {
        return active;
    }

    void setActive(boolean active) {
        this.active = active;
    }

    /** Whoever holds an old invitation comes too late from here on. */
    void setPasswordHash(String passwordHash) {
        this.passwordHash = passwordHash;
        invitation = null;
        invitedUntil = null;
    }
}
