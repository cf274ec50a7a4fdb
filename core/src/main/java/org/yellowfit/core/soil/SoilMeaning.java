package org.yellowfit.core.soil;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Numbers;

/** What a soil means for planting, in sentences (rules C1 to C5). */
public final class SoilMeaning {

    private static final double ACID = 5.8;
    private static final double ALKALINE = 7.2;

    private SoilMeaning() {}

    /** Each value may be null; what is not known says nothing. */
    public static List<String> of(TextureClass texture, Drainage drainage, Double moisture, Double ph) {
        List<String> told = new ArrayList<>();
        if (texture != null) {
            told.add(texture(texture));
        }
        if (drainage != null) {
            told.add(drainage(drainage));
        }
        if (moisture != null && moisture <= 2) {
            told.add(
                    "Plants that ask for moist ground go short here unless they are watered; look for those that look good dry, not only survive it.");
        }
        if (moisture != null && moisture >= 4) {
            told.add("Plants from dry hillsides rot here in winter; look for those of streamsides and wet meadows.");
        }
        if (ph != null) {
            told.add(ph(ph));
        }
        return told;
    }

    private static String texture(TextureClass texture) {
        boolean sand = texture == TextureClass.SAND_CLASS || texture == TextureClass.LOAMY_SAND;
        boolean clay = texture == TextureClass.CLAY_CLASS
                || texture == TextureClass.SILTY_CLAY
                || texture == TextureClass.SANDY_CLAY;
        String start = Character.toUpperCase(texture.words().charAt(0))
                + texture.words().substring(1);
        return sand
                ? start + " warms early, lets water and food go, and is dug in any weather."
                : clay
                        ? start
                                + " feeds well, is slow to warm and to drain, and is not to be trodden or dug while it sticks."
                        : start + " holds water and food and drains what is too much: nearly everything roots in it.";
    }

    private static String drainage(Drainage drainage) {
        return switch (drainage) {
            case POOR -> "Water stands in the hole: set crowns high or take plants that stand wet feet.";
            case SLOW -> "It drains slowly: most plants of heavy ground are at home, those of dry hillsides are not.";
            case GOOD -> "It drains well: no need for grit or raised crowns.";
            case FAST ->
                "Water runs away: mulch, water through the first two summers, or take plants that stand drought.";
        };
    }

    private static String ph(double ph) {
        String number = "pH " + Numbers.rounded(ph, 1);
        return ph < ACID
                ? number
                        + " is acid: rhododendrons, heathers and blue hydrangeas are at home; lavender and clematis less so."
                : ph > ALKALINE
                        ? number
                                + " is alkaline: lavender, clematis and yew take it; acid lovers turn yellow, and hydrangeas turn pink."
                        : number + " suits nearly everything; only strict acid lovers want it lower.";
    }
}
