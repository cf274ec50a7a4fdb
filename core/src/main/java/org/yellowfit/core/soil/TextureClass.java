package org.yellowfit.core.soil;

import static org.yellowfit.core.soil.TextureGroup.CLAY;
import static org.yellowfit.core.soil.TextureGroup.LOAM;
import static org.yellowfit.core.soil.TextureGroup.SAND;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/**
 * The twelve texture classes of the US Department of Agriculture (rule C1), by mass of sand, silt and clay in per cent.
 *
 * <p>Source: USDA Soil Survey Manual (Handbook 18, 2017), chapter 3, the written limits of the texture triangle.
 * Check values: 40/40/20 is loam; 20/15/65 is clay; 90/5/5 is sand; 10/85/5 is silt.
 */
public enum TextureClass {
    SAND_CLASS("sand", SAND),
    LOAMY_SAND("loamy sand", SAND),
    SANDY_LOAM("sandy loam", SAND, LOAM),
    LOAM_CLASS("loam", LOAM),
    SILT_LOAM("silt loam", LOAM),
    SILT("silt", LOAM),
    SANDY_CLAY_LOAM("sandy clay loam", LOAM),
    CLAY_LOAM("clay loam", LOAM, CLAY),
    SILTY_CLAY_LOAM("silty clay loam", LOAM, CLAY),
    SANDY_CLAY("sandy clay", CLAY),
    SILTY_CLAY("silty clay", CLAY),
    CLAY_CLASS("clay", CLAY);

    private static final double SUM_TOLERANCE = 1.0;

    private final String words;
    private final Set<TextureGroup> groups;

    TextureClass(String words, TextureGroup first, TextureGroup... rest) {
        this.words = words;
        this.groups = java.util.Collections.unmodifiableSet(EnumSet.of(first, rest));
    }

    public String words() {
        return words;
    }

    /** The words of the catalogue that cover this class. */
    public Set<TextureGroup> groups() {
        return groups;
    }

    public static TextureClass parse(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(each -> each.words.equals(wanted))
                .findFirst()
                .orElseThrow(() -> Words.unknown(
                        text, Arrays.stream(values()).map(TextureClass::words).toList()));
    }

    /** How it behaves: the loams beside sand and clay lie between them and pure loam. */
    public Workability workability() {
        return switch (this) {
            case SAND_CLASS, LOAMY_SAND -> Workability.SAND;
            case SANDY_LOAM -> Workability.LIGHT_LOAM;
            case CLAY_LOAM, SILTY_CLAY_LOAM -> Workability.HEAVY_LOAM;
            case SANDY_CLAY, SILTY_CLAY, CLAY_CLASS -> Workability.CLAY;
            default -> Workability.LOAM;
        };
    }

    /** @param sand per cent; {@code silt} and {@code clay} likewise; together 100 within 1 */
    public static TextureClass of(double sand, double silt, double clay) {
        if (!(sand >= 0 && silt >= 0 && clay >= 0 && Math.abs(sand + silt + clay - 100) <= SUM_TOLERANCE)) {
            throw new Refused("Sand, silt and clay must be 0 or more and add up to 100 %.");
        }
        if (silt + 1.5 * clay < 15) {
            return SAND_CLASS;
        }
        if (silt + 2 * clay < 30) {
            return LOAMY_SAND;
        }
        return clay < 27 ? lowClay(sand, silt, clay) : highClay(sand, silt, clay);
    }

    private static TextureClass lowClay(double sand, double silt, double clay) {
        if (clay >= 20 && silt < 28 && sand > 45) {
            return SANDY_CLAY_LOAM;
        }
        if (silt >= 80 && clay < 12) {
            return SILT;
        }
        if (silt >= 50) {
            return SILT_LOAM;
        }
        boolean loam = clay >= 7 && silt >= 28 && sand <= 52;
        return loam ? LOAM_CLASS : SANDY_LOAM;
    }

    private static TextureClass highClay(double sand, double silt, double clay) {
        if (sand > 45) {
            return clay >= 35 ? SANDY_CLAY : SANDY_CLAY_LOAM;
        }
        if (clay < 40) {
            return sand > 20 ? CLAY_LOAM : SILTY_CLAY_LOAM;
        }
        return silt >= 40 ? SILTY_CLAY : CLAY_CLASS;
    }
}
