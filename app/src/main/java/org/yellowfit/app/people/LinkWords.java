package org.yellowfit.app.people;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.Base64;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The words of private links: worked out of the installation's secret and a random number that is kept, so that a link can be
 * printed again while only its digest stands in the database. Whoever has the database without the secret cannot make one.
 */
@Component
public class LinkWords {

    private static final String ALGORITHM = "HmacSHA256";

    private final SecretKeySpec key;

    LinkWords(@Value("${yellowfit.secret}") String secret) {
        key = new SecretKeySpec(("links|" + secret).getBytes(StandardCharsets.UTF_8), ALGORITHM);
    }

    /** A number for a new link. */
    public String nonce() {
        return Digests.random();
    }

    /** 256 bits, 43 letters. */
    public String word(String nonce) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(key);
            return Base64.getUrlEncoder()
                    .withoutPadding()
                    .encodeToString(mac.doFinal(nonce.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("Every Java has HMAC-SHA256.", e);
        }
    }

    public String digest(String word) {
        return Digests.sha256(word);
    }
}
