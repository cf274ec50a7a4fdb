package org.yellowfit.app.place;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.TextureTriangle;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
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

    private static final double BAG_LITRES = 40;

    record Take(String what, String text) {}

    static SoilResult of(SoilForm form, UnitSystem units) {
        List<TextureTriangle.Mark> marks = new ArrayList<>();
        List<String> told = new ArrayList<>();
        List<Take> takes = new ArrayList<>();
        form.jar().ifPresent(jar -> {
            marks.add(new TextureTriangle.Mark("J", jar.sand(), jar.clay()));
            told.add(Sentences.say("soil.jar", round(jar.sand()), round(jar.silt()), round(jar.clay()), jar.texture()));
            takes.add(take("jar", Sentences.label(jar.texture())));
        });
        form.feel().ifPresent(texture -> {
            told.add(Sentences.say("soil.feel", texture));
            if (form.jar().isEmpty()) {
                takes.add(take("feel", Sentences.label(texture)));
            } else if (texture != form.jar().get().texture()) {
                told.add(Sentences.say("soil.differ"));
            }
        });
        form.drainage().ifPresent(drainage -> {
            double metres = form.fallCmPerHour() / 100;
            told.add(Sentences.say("soil.hole", units.measured(metres), drainage));
            takes.add(take("hole", Sentences.say("site.soil.drainage", drainage)));
        });
        form.ph().ifPresent(ph -> {
            String value = Sentences.amount(Amount.ph(ph), units);
            told.add(Sentences.say("soil.ph", form.phReadings(), value));
            takes.add(take("ph", value));
        });
        double moisture = form.moisture().moisture();
        boolean reasons = !form.moisture().reasons().isEmpty();
        if (reasons) {
            takes.add(take("moisture", Sentences.say("soil.moisture", Numbers.rounded(moisture, 1))));
        }
        return new SoilResult(
                TextureTriangle.svg(form.texture(), marks),
                told,
                takes,
                reasons ? Sentences.say("soil.moisture.of", Numbers.rounded(moisture, 1), Moisture.of(moisture)) : "",
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

    private static Take take(String what, String value) {
        return new Take(what, Sentences.say("soil.use", value));
    }

    private static List<String> amounts(Amendment amendment, UnitSystem units) {
        List<String> amounts = new ArrayList<>();
        volume(amounts, "soil.organic", amendment.organicM3(), units);
        volume(amounts, "soil.grit", amendment.gritM3(), units);
        volume(amounts, "soil.mulch", amendment.mulchM3(), units);
        mass(amounts, "soil.sulfur", amendment.sulfurKg(), amendment.applications(), units);
        mass(amounts, "soil.lime", amendment.limeKg(), amendment.applications(), units);
        if (amendment.raiseCm() > 0) {
            amounts.add(Sentences.say("soil.raise", units.length(amendment.raiseCm() / 100)));
        }
        return amounts;
    }

    private static void volume(List<String> amounts, String key, double m3, UnitSystem units) {
        if (m3 > 0) {
            long bags = (long) Math.ceil(m3 * 1000 / BAG_LITRES);
            amounts.add(Sentences.say("soil.volume", bags, Sentences.say(key), units.volume(m3)));
        }
    }

    private static void mass(List<String> amounts, String key, double kg, int goes, UnitSystem units) {
        if (kg > 0) {
            amounts.add(Sentences.say("soil.mass", goes, Sentences.say(key), units.mass(kg)));
        }
    }

    private static String round(double value) {
        return Numbers.rounded(value, 0);
    }
}
