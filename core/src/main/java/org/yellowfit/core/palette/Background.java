package org.yellowfit.core.palette;

import java.util.Locale;
import java.util.Map;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/**
 * What a planting is seen against: a word or any colour, {@code #rrggbb}.
 *
 * @param text as it was said
 * @param rgb  0xRRGGBB
 */
public record Background(String text, int rgb) {

    /** Usual colours of what stands behind beds. */
    private static final Map<String, Integer> KNOWN =
            Map.of("pale", 0xe9e2d2, "brick", 0x9a5a48, "dark-hedge", 0x24382a, "fence", 0x8d7355);

    public static Background parse(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        if (wanted.matches("#[0-9a-f]{6}")) {
            return new Background(wanted, Integer.parseInt(wanted.substring(1), 16));
        }
        Integer known = KNOWN.get(wanted);
        if (known == null) {
            throw new Refused(
                    "“%s” is not a background known here; write pale, brick, dark-hedge, fence or a colour like #c8b9a0.",
                    Words.shorten(text));
        }
        return new Background(wanted, known);
    }

    OkLab lab() {
        return OkLab.ofRgb(rgb);
    }

    public String hex() {
        return "#%06x".formatted(rgb);
    }
}
