package org.yellowfit.core.soil;

import java.util.List;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refused;

/** What is read off at the tests of a soil, and what of the spot bears on its water. */
public final class SoilTestFields {

    private static final double LONGEST_MINUTES = 48 * 60;

    /** Thickness of the layers in the jar. */
    public static final Field<Double> SAND = Field.number("sandMm", 0, 1000, "mm");

    public static final Field<Double> SILT = Field.number("siltMm", 0, 1000, "mm");
    public static final Field<Double> CLAY = Field.number("clayMm", 0, 1000, "mm");
    public static final Field<Boolean> BALL = Field.yesNo("ball");
    public static final Field<Double> RIBBON = Field.number("ribbonCm", 0, 30, "cm");
    public static final Field<FeelTest.Rubbed> RUBBED = Field.word("rubbed", FeelTest.Rubbed.class);
    /** How far the water in the hole fell, and in what time. */
    public static final Field<Double> FALL = Field.number("fallCm", 0, 200, "cm");

    public static final Field<Double> FALL_MINUTES = Field.number("fallMinutes", 1, LONGEST_MINUTES, "minutes");
    public static final Field<List<Double>> PH_READINGS = Field.list("phReadings", SoilTestFields::ph, ph -> ph);
    public static final Field<Double> RAIN = Field.number("rainMm", 0, 12_000, "mm");
    public static final Field<Double> SLOPE = Field.number("slopePercent", 0, 100, "%");
    public static final Field<Boolean> FOOT_OF_SLOPE = Field.yesNo("footOfSlope");
    public static final Field<Boolean> UNDER_ROOF = Field.yesNo("underRoof");
    public static final Field<MoistureEstimate.Irrigation> IRRIGATION =
            Field.word("irrigation", MoistureEstimate.Irrigation.class);
    public static final Field<Double> TARGET_PH = Field.number("targetPh", 3, 10, "");
    public static final Field<Double> AREA = Field.number("areaM2", 0.05, 100_000, "m²");
    /** How deep it is worked. */
    public static final Field<Double> DEPTH = Field.number("depthM", 0.05, 0.6, "m");

    public static final List<Field<?>> ALL = List.of(
            SAND,
            SILT,
            CLAY,
            BALL,
            RIBBON,
            RUBBED,
            FALL,
            FALL_MINUTES,
            PH_READINGS,
            RAIN,
            SLOPE,
            FOOT_OF_SLOPE,
            UNDER_ROOF,
            IRRIGATION,
            TARGET_PH,
            AREA,
            DEPTH);

    private SoilTestFields() {}

    private static double ph(String text) {
        double ph = Numbers.parse(text);
        if (!(ph >= 3 && ph <= 10)) {
            throw new Refused("%s is out of range; a soil's pH lies between 3 and 10.", Numbers.write(ph));
        }
        return ph;
    }
}
