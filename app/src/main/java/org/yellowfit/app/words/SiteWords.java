package org.yellowfit.app.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.fit.LightConditions;
import org.yellowfit.core.fit.Room;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.SoilConditions;
import org.yellowfit.core.fit.Surroundings;
import org.yellowfit.core.fit.WinterConditions;
import org.yellowfit.core.light.LightCutoffs;
import org.yellowfit.core.light.SunBias;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.soil.Moisture;

/** A place in sentences, one for each side of it. Empty where nothing is known of that side. */
public final class SiteWords {

    private final SiteConditions site;
    private final UnitSystem units;
    private final LightCutoffs cutoffs;

    /** @param cutoffs by which hours of sun are named */
    public SiteWords(SiteConditions site, UnitSystem units, LightCutoffs cutoffs) {
        this.cutoffs = cutoffs;
        this.site = site;
        this.units = units;
    }

    /** Every side of which something is known, in the order of the card. */
    public List<String> known() {
        List<String> known = new ArrayList<>();
        List.of(winter(), sun(null), heat(), soil(false), water(), room(), company())
                .forEach(each -> each.ifPresent(known::add));
        return known;
    }

    /** The place in a breath: zone, light, soil, limit. */
    public String glance() {
        List<String> parts = new ArrayList<>();
        if (site.winter().zone() != null) {
            parts.add(Sentences.say("site.glance.zone", site.winter().zone().label()));
        }
        if (site.light().sunHours() != null) {
            double hours = site.light().sunHours();
            parts.add(Sentences.say("site.glance.sun", cutoffs.of(hours), Amount.hours(hours)));
        }
        if (site.soil().texture() != null) {
            parts.add(Sentences.label(site.soil().texture()));
        }
        if (site.room().maxHeightM() != null) {
            parts.add(
                    Sentences.say("site.glance.height", units.length(site.room().maxHeightM())));
        }
        return parts.isEmpty() ? Sentences.say("site.glance.nothing") : String.join(" · ", parts);
    }

    public Optional<String> winter() {
        WinterConditions winter = site.winter();
        HardinessZone zone = winter.zone();
        if (zone == null) {
            return Optional.empty();
        }
        List<String> spot = new ArrayList<>();
        add(spot, winter.isSheltered(), "site.winter.sheltered");
        add(spot, winter.isFrostPocket(), "site.winter.frost-pocket");
        add(spot, site.surroundings().has(Stress.WIND), "site.winter.wind");
        String changed = spot.isEmpty() ? "" : "; " + String.join(", ", spot);
        return Optional.of(
                Sentences.say("site.winter", zone.label(), units.temperature(zone.lowestCelsius()), changed));
    }

    /** @param bias on which side of noon it comes; null when it is not known */
    public Optional<String> sun(SunBias bias) {
        Double hours = site.light().sunHours();
        return hours == null
                ? Optional.empty()
                : Optional.of(Sentences.say(
                        "site.sun",
                        Amount.hours(hours),
                        cutoffs.of(hours),
                        bias == null ? "" : Sentences.say("site.sun." + Words.of(bias))));
    }

    public Optional<String> heat() {
        LightConditions light = site.light();
        List<String> parts = new ArrayList<>();
        if (light.hotHours() != null) {
            parts.add(Sentences.say("site.heat.hot-hours", Amount.hours(light.hotHours())));
        }
        add(parts, light.isReflected(), "site.heat.reflected");
        if (light.hotSummer() != null) {
            parts.add(Sentences.say(light.hotSummer() ? "site.heat.hot-summer" : "site.heat.cool-summer"));
        }
        return sentence(parts);
    }

    /** @param gapsToo what is not known is said to be so */
    public Optional<String> soil(boolean gapsToo) {
        SoilConditions soil = site.soil();
        List<String> parts = new ArrayList<>();
        if (soil.texture() != null) {
            parts.add(Sentences.label(soil.texture()));
        } else {
            add(parts, gapsToo, "site.soil.texture.unknown");
        }
        if (soil.drainage() != null) {
            parts.add(Sentences.say("site.soil.drainage", soil.drainage()));
        } else {
            add(parts, gapsToo, "site.soil.drainage.unknown");
        }
        if (soil.ph() != null) {
            parts.add(Sentences.amount(Amount.ph(soil.ph()), units));
        } else {
            add(parts, gapsToo, "site.soil.ph.unknown");
        }
        return sentence(parts);
    }

    public Optional<String> water() {
        Double moisture = site.soil().moisture();
        return moisture == null
                ? Optional.empty()
                : Optional.of(Sentences.say("site.water", Numbers.rounded(moisture, 1), Moisture.of(moisture)));
    }

    public Optional<String> room() {
        Room room = site.room();
        List<String> parts = new ArrayList<>();
        addLength(parts, room.lengthM(), "site.room.length");
        addLength(parts, room.depthM(), "site.room.depth");
        addLength(parts, room.maxHeightM(), "site.room.height");
        addLength(parts, room.supportHeightM(), "site.room.support");
        if (!parts.isEmpty()) {
            parts.add(Sentences.say("site.room", Numbers.rounded(room.horizonYears(), 0)));
        }
        return sentence(parts);
    }

    public Optional<String> company() {
        Surroundings around = site.surroundings();
        List<String> parts = new ArrayList<>();
        add(parts, around.isStrict(), "site.company.strict");
        if (around.children() != null) {
            parts.add(Sentences.say(around.children() ? "site.company.children" : "site.company.no-children"));
        }
        if (around.pets() != null) {
            parts.add(Sentences.say(around.pets() ? "site.company.pets" : "site.company.no-pets"));
        }
        if (around.deer() != null) {
            parts.add(Sentences.say("site.company.deer." + Words.of(around.deer())));
        }
        if (around.rabbits() != null) {
            parts.add(Sentences.say("site.company.rabbits." + Words.of(around.rabbits())));
        }
        if (around.exposure() != null && !around.exposure().isEmpty()) {
            parts.add(Sentences.say("site.company.exposed", List.of(exposure(around))));
        }
        if (!site.upkeep().tasks().isEmpty()) {
            parts.add(Sentences.say(
                    "site.upkeep", site.upkeep().tasks().stream().sorted().toList()));
        }
        return sentence(parts);
    }

    private static String exposure(Surroundings around) {
        List<String> words = around.exposure().stream()
                .map(stress -> stress == Stress.SALT && around.roadSalt()
                        ? Sentences.say("site.company.road-salt")
                        : Sentences.label(stress))
                .toList();
        return String.join(", ", words);
    }

    private void addLength(List<String> parts, Double metres, String key) {
        if (metres != null) {
            parts.add(Sentences.say(key, units.length(metres)));
        }
    }

    private static void add(List<String> parts, boolean said, String key) {
        if (said) {
            parts.add(Sentences.say(key));
        }
    }

    private static Optional<String> sentence(List<String> parts) {
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        String text = String.join(", ", parts);
        boolean name = text.startsWith("pH");
        return Optional.of((name ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1)) + ".");
    }
}
