package org.yellowfit.app.people;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import me.gosimple.nbvcxz.Nbvcxz;
import me.gosimple.nbvcxz.resources.ConfigurationBuilder;
import me.gosimple.nbvcxz.resources.Dictionary;
import me.gosimple.nbvcxz.resources.DictionaryBuilder;
import org.springframework.stereotype.Component;
import org.yellowfit.core.measure.InvalidInput;

/**
 * Which passwords are taken: 10 to 72 bytes of any kind, none that is common or easily guessed from common ones, from
 * words or from the name of whoever it is for (OWASP ASVS 4.0.3, 2.1; NIST SP 800-63B, 5.1.1.2).
 */
@Component
class Passwords {

    private static final int SHORTEST = 10;
    /** What bcrypt takes, in bytes of UTF-8; it would leave out the rest. */
    private static final int LONGEST_BYTES = 72;
    /** Guesses as a power of two. What is below falls in an hour to a machine that has stolen the bcrypt digests. */
    private static final double LEAST_ENTROPY = 30;
    /** Guessing at how a password is made up takes long for long ones, which are not in the lists. */
    private static final int LOOKED_AT = 30;

    void check(String password, String username) {
        if (password.codePointCount(0, password.length()) < SHORTEST
                || password.getBytes(StandardCharsets.UTF_8).length > LONGEST_BYTES) {
            throw InvalidInput.at(
                    "password",
                    "Use %d to %d characters; a letter with an accent counts twice, a picture up to four times.",
                    SHORTEST,
                    LONGEST_BYTES);
        }
        if (entropy(password, username) < LEAST_ENTROPY) {
            throw InvalidInput.at(
                    "password", "This one would be guessed soon: it is on lists of common passwords, or nearly.");
        }
    }

    static double entropy(String password, String username) {
        Dictionary own = new DictionaryBuilder()
                .setDictionaryName("own")
                .setExclusion(true)
                .addWord(username, 0)
                .addWord("yellow fit", 0)
                .createDictionary();
        List<Dictionary> all = new java.util.ArrayList<>(ConfigurationBuilder.getDefaultDictionaries());
        all.add(own);
        Nbvcxz guesser = new Nbvcxz(new ConfigurationBuilder()
                .setDictionaries(all)
                .setLocale(Locale.ENGLISH)
                .createConfiguration());
        String looked = password.substring(0, Math.min(password.length(), LOOKED_AT));
        return guesser.estimate(looked).getEntropy();
    }
}
