package org.yellowfit.core.serve;

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

    /** OKLab distance within which a colour asked for exactly reads the same; our judgement. */
    private static final double READS_THE_SAME = 0.1;
    /** Beyond what reads the same, so much further away nothing of it is left; our judgement. */
    private static final double FADES_OVER = 0.05;

    public boolean answeredBy(Colour colour) {
        return nearness(colour) >= 1;
    }

    /** 1 for a colour that reads as the one asked for, falling to 0 beyond it. */
    double nearness(Colour colour) {
        if (text.startsWith("#")) {
            OkLab wanted = OkLab.ofRgb(Integer.parseInt(text.substring(1), 16));
            return fading(wanted.distanceTo(colour.lab()) - READS_THE_SAME);
        }
        ColourWord word = ColourWord.parse(text);
        return word.answeredBy(colour) ? 1 : fading(word.beyond(colour));
    }

    private static double fading(double beyond) {
        return Math.max(0, Math.min(1, 1 - beyond / FADES_OVER));
    }
}
