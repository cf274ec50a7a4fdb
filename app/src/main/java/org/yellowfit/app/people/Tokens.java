package org.yellowfit.app.people;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.measure.InvalidInput;

/** Bearer tokens of other programs: each with a role as its scope, a last day, and a trace of when it was last used. */
@Service
public class Tokens {

    /** Days a token may be made for. */
    public static final List<Integer> DAYS = List.of(30, 90, 365);

    /** When a token was last used is known to the minute: it is not written down for every call. */
    private static final Duration USED_TO_WITHIN = Duration.ofMinutes(1);

    /** A token as the settings list it: never the token itself. */
    public record Entry(
            long id,
            String label,
            Role role,
            Instant createdAt,
            String createdBy,
            Instant expiresAt,
            Optional<Instant> usedAt,
            Instant revokedAt) {}

    private final ApiTokenRepository tokens;
    private final Trail trail;
    private final CurrentShop shop;

    Tokens(ApiTokenRepository tokens, Trail trail, CurrentShop shop) {
        this.shop = shop;
        this.trail = trail;
        this.tokens = tokens;
    }

    @Transactional(readOnly = true)
    public List<Entry> all() {
        return tokens.findAllByShopIdOrderByCreatedAtDesc(shop.id()).stream()
                .map(t -> new Entry(
                        t.id(),
                        t.label(),
                        t.role(),
                        t.createdAt(),
                        t.createdBy(),
                        t.expiresAt(),
                        t.usedAt(),
                        t.revokedAt()))
                .toList();
    }

    /**
     * @param days one of {@link #DAYS}
     * @return the token, which is not kept and cannot be shown again
     */
    @Transactional
    public String make(String label, Role role, int days, String by) {
        if (label.isBlank() || label.length() > 120) {
            throw InvalidInput.at("label", "Say what the token is for, in up to 120 letters.");
        }
        if (!DAYS.contains(days)) {
            throw InvalidInput.at("days", "Choose one of what is offered.");
        }
        String token = "yf_" + Digests.random();
        tokens.save(made(token, label.strip(), role, Duration.ofDays(days), by));
        trail.note(Trail.Deed.TOKEN, label.strip());
        return token;
    }

    private ApiToken made(String token, String label, Role role, Duration valid, String by) {
        Instant now = Instant.now();
        return new ApiToken(label, Digests.sha256(token), role, now, now.plus(valid), by, shop.id());
    }

    /** Makes a known token valid, for the demo, whose token comes from outside; one that was revoked stays so. */
    @Transactional
    public void accept(String token, String label, Role role) {
        if (tokens.findByDigest(Digests.sha256(token)).isEmpty()) {
            tokens.save(made(token, label, role, Duration.ofDays(365), label));
        }
    }

    @Transactional
    public void revoke(long id) {
        tokens.findById(id).filter(token -> token.shopId() == shop.id()).ifPresent(token -> {
            token.revoke(Instant.now());
            trail.note(Trail.Deed.TOKEN, token.label());
        });
    }

    /** The token, when it holds today. */
    @Transactional
    Optional<ApiToken> find(String token) {
        Instant now = Instant.now();
        Optional<ApiToken> found = tokens.findByDigest(Digests.sha256(token))
                .filter(each -> each.revokedAt() == null && each.expiresAt().isAfter(now));
        found.filter(each -> each.usedAt()
                        .filter(used -> used.isAfter(now.minus(USED_TO_WITHIN)))
                        .isEmpty())
                .ifPresent(each -> tokens.used(each.id(), now));
        return found;
    }
}
