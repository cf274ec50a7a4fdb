package org.yellowfit.app.place;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.TextureTriangle;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.soil.Amendment;
import org.yellowfit.core.soil.Moisture;
import org.yellowfit.core.soil.SoilMeaning;

/**
 * What a soil's tests come to, as it is shown.
 *
 * @param takes what may be taken over into the site: field and button text
 */
record SoilResult(
        String triangle,
        List<String> told,
        List<Take> takes,
        String moisture,
        String moistureWhy,
        List<String> meaning,
        List<String> amounts,
        List<String> advice) {

    private static final double YARD_M3 = 0.764555;
    private static final double POUND_KG = 0.45359237;
    private static final double BAG_LITRES = 40;

    record Take(String what, String text) {}

    static SoilResult of(SoilForm form, UnitSystem units) {
        List<TextureTriangle.Mark> marks = new ArrayList<>();
        List<String> told = new ArrayList<>();
        List<Take> takes = new ArrayList<>();
        form.jar().ifPresent(jar -> {
            marks.add(new TextureTriangle.Mark("J", jar.sand(), jar.clay()));
            told.add("Jar: %s %% sand, %s %% silt, %s %% clay, that is %s."
                    .formatted(
                            round(jar.sand()),
                            round(jar.silt()),
                            round(jar.clay()),
                            jar.texture().words()));
            takes.add(new Take("jar", "Use " + jar.texture().words()));
        });
        form.feel().ifPresent(texture -> {
            told.add("By feel: %s.".formatted(texture.words()));
            if (form.jar().isEmpty()) {
                takes.add(new Take("feel", "Use " + texture.words()));
            } else if (texture != form.jar().get().texture()) {
                told.add("Jar and feel differ; the jar is the better of the two.");
            }
        });
        form.drainage().ifPresent(drainage -> {
            told.add("Hole: the water falls %s an hour, that is %s drainage."
                    .formatted(
                            units == UnitSystem.US
                                    ? Numbers.rounded(form.fallCmPerHour() / 2.54, 1) + " in"
                                    : Numbers.rounded(form.fallCmPerHour(), 1) + " cm",
                            Words.of(drainage)));
            takes.add(new Take("hole", "Use " + Words.of(drainage) + " drainage"));
        });
        form.ph().ifPresent(ph -> {
            told.add(
                    form.phReadings() == 1
                            ? "pH %s, one reading.".formatted(Numbers.rounded(ph, 1))
                            : "pH %s, the middle of %d readings.".formatted(Numbers.rounded(ph, 1), form.phReadings()));
            takes.add(new Take("ph", "Use pH " + Numbers.rounded(ph, 1)));
        });
        double moisture = form.moisture().moisture();
        boolean reasons = !form.moisture().reasons().isEmpty();
        if (reasons) {
            takes.add(new Take("moisture", "Use moisture " + Numbers.rounded(moisture, 1)));
        }
        return new SoilResult(
                TextureTriangle.svg(form.texture(), marks),
                told,
                takes,
                reasons
                        ? "%s of 5, %s".formatted(Numbers.rounded(moisture, 1), Sentences.label(Moisture.of(moisture)))
                        : "",
                String.join(", ", Sentences.each(form.moisture().reasons(), units)),
                Sentences.each(
                                SoilMeaning.of(
                                        form.texture(),
                                        form.drainage().orElse(null),
                                        reasons ? moisture : null,
                                        form.knownPh()),
                                units)
                        .stream()
                        .map(SoilResult::upper)
                        .toList(),
                form.amendment().map(amendment -> amounts(amendment, units)).orElse(List.of()),
                form.amendment()
                        .map(amendment -> Sentences.each(amendment.advice(), units))
                        .orElse(List.of()));
    }

    private static String upper(String text) {
        return text.startsWith("pH") ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static List<String> amounts(Amendment amendment, UnitSystem units) {
        List<String> amounts = new ArrayList<>();
        volume(amounts, "Compost or leaf mould worked in", amendment.organicM3(), units);
        volume(amounts, "Coarse grit worked in", amendment.gritM3(), units);
        volume(amounts, "Mulch on top", amendment.mulchM3(), units);
        mass(amounts, "Elemental sulfur", amendment.sulfurKg(), amendment.applications(), units);
        mass(amounts, "Ground limestone", amendment.limeKg(), amendment.applications(), units);
        if (amendment.raiseCm() > 0) {
            amounts.add("Crowns set %s above the ground".formatted(units.length(amendment.raiseCm() / 100)));
        }
        return amounts;
    }

    private static void volume(List<String> amounts, String what, double m3, UnitSystem units) {
        if (m3 > 0) {
            String volume = units == UnitSystem.US
                    ? Numbers.rounded(m3 / YARD_M3, 2) + " cu yd"
                    : m3 < 0.1 ? Numbers.rounded(m3 * 1000, 0) + " l" : Numbers.rounded(m3, 2) + " m³";
            amounts.add(
                    "%s: %s, about %d bags of 40 l".formatted(what, volume, (long) Math.ceil(m3 * 1000 / BAG_LITRES)));
        }
    }

    private static void mass(List<String> amounts, String what, double kg, int goes, UnitSystem units) {
        if (kg > 0) {
            String mass = units == UnitSystem.US
                    ? Numbers.rounded(kg / POUND_KG, 1) + " lb"
                    : kg < 1 ? Numbers.rounded(kg * 1000, 0) + " g" : Numbers.rounded(kg, 1) + " kg";
            amounts.add("%s: %s in all%s".formatted(what, mass, goes > 1 ? ", in " + goes + " goes" : ""));
        }
    }

    private static String round(double value) {
        return Numbers.rounded(value, 0);
    }
}
