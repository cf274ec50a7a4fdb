package org.yellowfit.core.colour;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.yellowfit.core.measure.Words;

/**
 * The colour words customers ask for, each with a typical plant colour. A plant colour answers to a word when it
 * carries the
 * word in its own name or lies near one of the word's typical colours in OKLab.
 */
public enum ColourWord {
    WHITE(0xf6f4ec, 0xffffff),
    CREAM(0xf3e9c8),
    YELLOW(0xf2d63c, 0xe8c82e),
    GOLD(0xd9b43a, 0xc9b23c),
    ORANGE(0xe8862e),
    APRICOT(0xf0b48a),
    RED(0xc0282d, 0xa3222c),
    CRIMSON(0x9b1b3a),
    PINK(0xe79ab8, 0xf0bccb),
    MAGENTA(0xc2317f),
    PURPLE(0x6d3f83, 0x5a2b45, 0x8a5aa8),
    VIOLET(0x6a4fb0),
    LAVENDER(0xa79ad2),
    BLUE(0x4f6fc0, 0x7d9bd6),
    SILVER(0xb9c2bd, 0xa9b8b4),
    GREY(0x9aa39c),
    GREEN(0x4f7a3a, 0x6b9447, 0x35592f),
    CHARTREUSE(0xc3d14a, 0xb7cc55),
    LIME(0xb4d04c),
    BRONZE(0x7a5230, 0x8a5a3a),
    BROWN(0x6b4a2f),
    BLACK(0x2a1f27),
    BURGUNDY(0x5e1f31);

    /** Colours nearer than this read as the same word to most eyes; chosen by trying it on the made-up catalogue. */
    static final double NEAR = 0.085;

    private static final int MOST_ANSWERS_KEPT = 4000;

    private final List<OkLab> typical;
    /** Answers given before: a catalogue has few colours and many plants. */
    private final Map<Colour, Boolean> answers = new ConcurrentHashMap<>();

    ColourWord(int... typicalRgb) {
        this.typical = Arrays.stream(typicalRgb).mapToObj(OkLab::ofRgb).toList();
    }

    public static ColourWord parse(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        if (wanted.equals("gray")) {
            return GREY;
        }
        return Words.parse(ColourWord.class, wanted);
    }

    public boolean answeredBy(Colour colour) {
        Boolean known = answers.get(colour);
        if (known == null) {
            known = isAnswer(colour);
            if (answers.size() < MOST_ANSWERS_KEPT) {
                answers.put(colour, known);
            }
        }
        return known;
    }

    /** Whether a colour carries this word in its own name. */
    public boolean names(Colour colour) {
        return Arrays.asList(colour.name().split("[ -]")).contains(Words.of(this));
    }

    /** How much further away a colour lies, in OKLab, than reads as this word. */
    public double beyond(Colour colour) {
        return typical.stream()
                        .mapToDouble(lab -> lab.distanceTo(colour.lab()))
                        .min()
                        .orElseThrow()
                - NEAR;
    }

    private boolean isAnswer(Colour colour) {
        return names(colour) || typical.stream().anyMatch(lab -> lab.distanceTo(colour.lab()) < NEAR);
    }
}
