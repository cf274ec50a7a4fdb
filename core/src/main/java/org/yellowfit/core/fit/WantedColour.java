package org.yellowfit.core.fit;

import java.util.regex.Pattern;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.ColourWord;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.measure.Words;

/** A colour as the customer asks for it: a word, or an exact {@code #rrggbb}. */
public record WantedColour(String text) {

    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

    public WantedColour {
        text = HEX.matcher(text.strip()).matches() ? text.strip() : Words.of(ColourWord.parse(text));
    }

    boolean answeredBy(Colour colour) {
        if (text.startsWith("#")) {
            OkLab wanted = OkLab.ofRgb(Integer.parseInt(text.substring(1), 16));
            return wanted.distanceTo(colour.lab()) < RuleNumber.READS_THE_SAME.value;
        }
        return ColourWord.parse(text).answeredBy(colour);
    }
}
