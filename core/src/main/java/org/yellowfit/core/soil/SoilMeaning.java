package org.yellowfit.core.soil;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;

/** What a soil means for planting (rules C1 to C5). */
public final class SoilMeaning {

    /** Below and above, strict acid lovers or lime lovers have the say; the usual border in gardening books. */
    private static final double ACID = 5.8;

    private static final double ALKALINE = 7.2;
    private static final double DRY_TO = 2;
    private static final double WET_FROM = 4;

    private SoilMeaning() {}

    /** Each value may be null; what is not known says nothing. */
    public static List<Fact> of(TextureClass texture, Drainage drainage, Double moisture, Double ph) {
        List<Fact> told = new ArrayList<>();
        if (texture != null) {
            told.add(Fact.of("soil.means.texture." + Words.of(texture.workability()), texture));
        }
        if (drainage != null) {
            told.add(Fact.of("soil.means.drainage." + Words.of(drainage)));
        }
        if (moisture != null && moisture <= DRY_TO) {
            told.add(Fact.of("soil.means.dry"));
        }
        if (moisture != null && moisture >= WET_FROM) {
            told.add(Fact.of("soil.means.wet"));
        }
        if (ph != null) {
            told.add(Fact.of("soil.means.ph." + range(ph), Amount.ph(ph)));
        }
        return told;
    }

    private static String range(double ph) {
        if (ph < ACID) {
            return "acid";
        }
        return ph > ALKALINE ? "alkaline" : "neutral";
    }
}
