package org.yellowfit.app.place;

import java.util.List;
import java.util.Map;
import org.yellowfit.app.forms.FormField;
import org.yellowfit.app.forms.FormFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.soil.FeelTest;
import org.yellowfit.core.soil.MoistureEstimate;
import org.yellowfit.core.soil.SoilTestFields;

/**
 * The questions about a soil, test by test.
 *
 * @param jar layers from the top down
 * @param ph  its readings, and the pH wanted
 */
record SoilPage(
        List<FormField> jar,
        List<FormField> feel,
        List<FormField> hole,
        FormField phReadings,
        FormField targetPh,
        List<FormField> water) {

    static SoilPage of(Map<String, String> typed, Map<String, String> problems) {
        FormFields fields = new FormFields(typed, problems);
        return new SoilPage(
                List.of(
                        fields.number(SoilTestFields.CLAY.name()),
                        fields.number(SoilTestFields.SILT.name()),
                        fields.number(SoilTestFields.SAND.name())),
                List.of(
                        fields.oneOf(
                                SoilTestFields.BALL.name(),
                                List.of(
                                        fields.option(SoilTestFields.BALL.name(), "yes", Sentences.say("yes")),
                                        fields.option(SoilTestFields.BALL.name(), "no", Sentences.say("no")),
                                        fields.option(SoilTestFields.BALL.name(), "", Sentences.say("not-tried")))),
                        fields.number(SoilTestFields.RIBBON.name()),
                        fields.oneOf(
                                SoilTestFields.RUBBED.name(),
                                fields.words(SoilTestFields.RUBBED.name(), List.of(FeelTest.Rubbed.values())))),
                List.of(fields.number(SoilTestFields.FALL.name()), fields.number(SoilTestFields.FALL_MINUTES.name())),
                fields.text(SoilTestFields.PH_READINGS.name()),
                fields.number(SoilTestFields.TARGET_PH.name()),
                List.of(
                        fields.number(SoilTestFields.RAIN.name()),
                        fields.number(SoilTestFields.SLOPE.name()),
                        fields.ticks(
                                "gathers",
                                List.of(SoilTestFields.FOOT_OF_SLOPE.name(), SoilTestFields.UNDER_ROOF.name())),
                        fields.oneOf(
                                SoilTestFields.IRRIGATION.name(),
                                fields.words(
                                        SoilTestFields.IRRIGATION.name(),
                                        List.of(MoistureEstimate.Irrigation.values()))),
                        fields.number(SoilTestFields.AREA.name()),
                        fields.text(SoilTestFields.DEPTH.name())));
    }
}
