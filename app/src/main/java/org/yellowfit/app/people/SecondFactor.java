package org.yellowfit.app.people;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Base64;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.security.crypto.encrypt.Encryptors;
import org.springframework.stereotype.Component;

/**
 * A code of the hour beside the password, from any program that makes them (TOTP, RFC 6238: six digits, 30 s, HMAC with
 * SHA-1, which is what those programs all know).
 */
@Component
class SecondFactor {

    private static final int SECRET_BYTES = 20;
    /** A clock may be half a minute wrong, and a code takes a while to type (RFC 6238, 5.2). */
    private static final int STEPS_BESIDE = 1;
    /** Of the encryption at rest; the secret itself is the machine's own. */
    private static final String SALT = "79656c6c6f772d66";

    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
    private final SecureRandom random = new SecureRandom();
    private final BytesEncryptor atRest;

    SecondFactor(@Value("${yellowfit.secret}") String secret) {
        if (secret.length() < 16) {
            throw new IllegalArgumentException("yellowfit.secret (YF_SECRET) needs at least 16 characters.");
        }
        atRest = Encryptors.stronger(secret, SALT);
    }

    /** A new secret as it is typed into a telephone, Base32. */
    String newSecret() {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        return new Base32().encodeAsString(bytes);
    }

    String encrypted(String secret) {
        return Base64.getEncoder().encodeToString(atRest.encrypt(secret.getBytes(StandardCharsets.UTF_8)));
    }

    private String decrypted(String kept) {
        return new String(atRest.decrypt(Base64.getDecoder().decode(kept)), StandardCharsets.UTF_8);
    }

    /** What the telephone's camera reads: the key URI that those programs agree on. */
    static String uri(String secret, String username) {
        return "otpauth://totp/Yellow%20Fit:" + URLEncoder.encode(username, StandardCharsets.UTF_8) + "?secret="
                + secret + "&issuer=Yellow%20Fit";
    }

    /**
     * @param kept  the secret, encrypted
     * @param after the last step whose code was used; the same code does not count twice
     * @return the step of the code; empty when it is wrong
     */
    OptionalLong step(String kept, String code, long after, Instant now) {
        return stepOf(decrypted(kept), code, after, now);
    }

    OptionalLong stepOf(String secret, String code, long after, Instant now) {
        String digits = code.replaceAll("\\s", "");
        long step = codes.getTimeStep().getSeconds();
        for (int beside = -STEPS_BESIDE; beside <= STEPS_BESIDE; beside++) {
            Instant then = now.plusSeconds(beside * step);
            long at = then.getEpochSecond() / step;
            if (at > after && code(secret, then).equals(digits)) {
                return OptionalLong.of(at);
            }
        }
        return OptionalLong.empty();
    }

    String code(String secret, Instant at) {
        try {
            SecretKeySpec key = new SecretKeySpec(new Base32().decode(secret), codes.getAlgorithm());
            return codes.generateOneTimePasswordString(key, at);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException("A secret of our own making is no key.", e);
        }
    }
}
