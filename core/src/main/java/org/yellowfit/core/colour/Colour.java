package org.yellowfit.core.colour;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/** A named plant colour: the catalogue's {@code name#rrggbb}. {@code rgb} is 0xRRGGBB, sRGB. */
public record Colour(String name, int rgb) {

    private static final Pattern TEXT = Pattern.compile("([\\p{L}][\\p{L} '’-]{0,39})#([0-9a-fA-F]{6})");

    public Colour {
        if (!(rgb >= 0 && rgb <= 0xffffff)) {
            throw new Refused("A colour is six hexadecimal digits.");
        }
    }

    public static Colour parse(String text) {
        Matcher matcher = TEXT.matcher(text.strip());
        if (!matcher.matches()) {
            throw new Refused(
                    "“%s” is not a colour; write a name and six hexadecimal digits, like gold#d9b43a.",
                    Words.shorten(text));
        }
        return new Colour(matcher.group(1).strip().toLowerCase(Locale.ROOT), Integer.parseInt(matcher.group(2), 16));
    }

    public OkLab lab() {
        return OkLab.ofRgb(rgb);
    }

    public String hex() {
        return "#%06x".formatted(rgb);
    }

    public String text() {
        return name + hex();
    }
}
