package org.yellowfit.app.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.measure.InvalidInput;

/** Bearer tokens of other programs. A token is random and long, so a plain SHA-256 digest of it is enough to keep. */
@Service
public class Tokens {

    private static final int RANDOM_BYTES = 32;

    /** A token as the settings list it: never the token itself. */
    public record Entry(long id, String label, Role role, Instant createdAt, String createdBy, Instant revokedAt) {}

    private final ApiTokenRepository tokens;
    private final CurrentShop shop;
    private final SecureRandom random = new SecureRandom();

    Tokens(ApiTokenRepository tokens, CurrentShop shop) {
        this.shop = shop;
        this.tokens = tokens;
    }

    @Transactional(readOnly = true)
    public List<Entry> all() {
        return tokens.findAllByShopIdOrderByCreatedAtDesc(shop.id()).stream()
                .map(t -> new Entry(t.id(), t.label(), t.role(), t.createdAt(), t.createdBy(), t.revokedAt()))
                .toList();
    }

    /** @return the token, which is not kept and cannot be shown again */
    @Transactional
    public String make(String label, Role role, String by) {
        if (label.isBlank() || label.length() > 120) {
            throw InvalidInput.at("label", "Say what the token is for, in up to 120 letters.");
        }
        byte[] bytes = new byte[RANDOM_BYTES];
        random.nextBytes(bytes);
        String token = "yf_" + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        tokens.save(new ApiToken(label.strip(), digest(token), role, Instant.now(), by, shop.id()));
        return token;
    }

    /** Makes a known token valid; for the demo, whose token comes from outside. */
    @Transactional
    public void accept(String token, String label, Role role) {
        if (tokens.findByDigestAndRevokedAtIsNull(digest(token)).isEmpty()) {
            tokens.save(new ApiToken(label, digest(token), role, Instant.now(), label, shop.id()));
        }
    }

    @Transactional
    public void revoke(long id) {
        tokens.findById(id)
                .filter(token -> token.shopId() == shop.id())
                .ifPresent(token -> token.revoke(Instant.now()));
    }

    Optional<ApiToken> find(String token) {
        return tokens.findByDigestAndRevokedAtIsNull(digest(token));
    }

    private static String digest(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
