package org.yellowfit.app.catalogue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HexFormat;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.yellowfit.core.plant.Cultivar;

/**
 * A name for all pictures of a plant that changes when a picture could: a digest of what the catalogue says of
 * the plant
 * and of the program that draws it. What stands under such a name stays the same, so a browser keeps it for good.
 */
final class PictureName {

    private static final int DIGITS = 12;
    /** What a picture hangs on: the pens, the growth, the year, the colours. */
    private static final String[] DRAWN_BY = {
        "classpath*:org/yellowfit/app/drawing/**/*.class",
        "classpath*:org/yellowfit/core/plant/*",
        "classpath*:org/yellowfit/core/season/*",
        "classpath*:org/yellowfit/core/growth/*",
        "classpath*:org/yellowfit/core/colour/*"
    };

    private static final byte[] EDITION = edition();

    private PictureName() {}

    static String of(Cultivar plant) {
        MessageDigest digest = digest();
        digest.update(EDITION);
        plant.toCells()
                .forEach((column, value) ->
                        digest.update((column + '\t' + value + '\n').getBytes(StandardCharsets.UTF_8)));
        return HexFormat.of().formatHex(digest.digest()).substring(0, DIGITS);
    }

    private static byte[] edition() {
        MessageDigest digest = digest();
        try {
            for (String pattern : DRAWN_BY) {
                Resource[] parts = new PathMatchingResourcePatternResolver().getResources(pattern);
                Arrays.sort(parts, Comparator.comparing(PictureName::address));
                for (Resource part : parts) {
                    if (part.isReadable()) {
                        digest.update(part.getContentAsByteArray());
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own files cannot be read.", e);
        }
        return digest.digest();
    }

    private static String address(Resource part) {
        try {
            return part.getURL().toString();
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own files cannot be found.", e);
        }
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
