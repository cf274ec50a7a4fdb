package org.yellowfit.app.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yellowfit.app.climate.ClimateWords;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Pressure;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.light.LightClass;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.soil.Moisture;

/** The eight sentences of the site card. What is not known is said to be so. */
final class SiteCard {

    /**
     * @param about what it is about
     * @param text  the sentence, numbers in it
     * @param from  where its numbers come from, one for each
     */
    record Sentence(String about, String text, List<Tag> from) {}

    /** @param kind measured, computed, typed, guessed or unknown */
    record Tag(String kind, String text) {}

    private final Visit visit;
    private final Question question;
    private final SiteConditions site;
    private final Optional<Station> station;

    private SiteCard(Visit visit, Optional<Station> station) {
        this.visit = visit;
        this.question = visit.question();
        this.site = question.site();
        this.station = station;
    }

    static List<Sentence> of(Visit visit, Optional<Station> station) {
        SiteCard card = new SiteCard(visit, station);
        return List.of(
                card.winter(),
                card.season(),
                card.sun(),
                card.heat(),
                card.soil(),
                card.water(),
                card.room(),
                card.company());
    }

    private Sentence winter() {
        if (site.winter().zone() == null) {
            return unknown("Winter", "How cold the winters get is not known.");
        }
        List<String> spot = new ArrayList<>();
        if (Boolean.TRUE.equals(site.winter().sheltered())) {
            spot.add("a warm wall shelters it by half a zone");
        }
        if (Boolean.TRUE.equals(site.winter().frostPocket())) {
            spot.add("a frost pocket takes half a zone");
        }
        if (site.surroundings().exposure() != null
                && site.surroundings().exposure().contains(Stress.WIND)) {
            spot.add("the wind takes half a zone from evergreens");
        }
        String text = "Winters of zone %s, down to %s in a usual year%s."
                .formatted(
                        site.winter().zone().label(),
                        visit.units().temperature(site.winter().zone().lowestCelsius()),
                        spot.isEmpty() ? "" : "; " + String.join(", ", spot));
        return new Sentence(
                "Winter",
                text,
                tags("zone", visit.site(SiteFields.ZONE).isEmpty() ? SiteFields.MIN_TEMP : SiteFields.ZONE));
    }

    private Sentence season() {
        if (station.isPresent() && station.get().climate().frostFreeDays().p50().isPresent()) {
            var climate = station.get().climate();
            return new Sentence(
                    "Season",
                    "%d growing days without frost, from about %s to about %s."
                            .formatted(
                                    (int) climate.frostFreeDays().p50().getAsDouble(),
                                    ClimateWords.day(climate.lastSpringFrost().p50()),
                                    ClimateWords.day(climate.firstAutumnFrost().p50())),
                    List.of(new Tag(
                            "computed", "from the record of " + station.get().name())));
        }
        return site.season().firstFrost() == null
                ? unknown("Season", "When frosts come is not known; a station’s record tells.")
                : new Sentence(
                        "Season",
                        "The first autumn frost comes about %s."
                                .formatted(site.season().firstFrost()),
                        tags("first frost", SiteFields.FIRST_FROST));
    }

    private Sentence sun() {
        if (site.light().sunHours() == null) {
            return unknown("Sun", "How much sun it gets is not known.");
        }
        String bias = visit.answers().get(VisitFields.SUN_BIAS).map(Words::of).orElse("");
        return new Sentence(
                "Sun",
                "%s of direct sun a day in the growing season: %s%s."
                        .formatted(
                                hours(site.light().sunHours()),
                                Sentences.label(LightClass.ofHours(site.light().sunHours())),
                                bias.isEmpty()
                                        ? ""
                                        : bias.equals("even") ? ", spread over the day" : ", mostly in the " + bias),
                tags("hours", SiteFields.SUN_HOURS));
    }

    private Sentence heat() {
        if (site.light().hotHours() == null
                && site.light().hotSummer() == null
                && site.light().reflectedHeat() == null) {
            return unknown("Heat", "How hot it gets is not known.");
        }
        List<String> parts = new ArrayList<>();
        List<Tag> tags = new ArrayList<>();
        if (site.light().hotHours() != null) {
            parts.add("%s of that in the hot hours after noon"
                    .formatted(hours(site.light().hotHours())));
            tags.addAll(
                    visit.site(SiteFields.HOT_HOURS).isEmpty()
                            ? List.of(new Tag("guessed", "hot hours estimated from the day’s"))
                            : tags("hot hours", SiteFields.HOT_HOURS));
        }
        if (Boolean.TRUE.equals(site.light().reflectedHeat())) {
            parts.add("masonry throws heat back, half as much again");
        }
        if (site.light().hotSummer() != null) {
            parts.add(site.light().hotSummer() ? "summers are hot" : "summers are not hot");
            tags.addAll(tags("summers", SiteFields.HOT_SUMMER));
        }
        return new Sentence("Heat", upper(String.join("; ", parts)) + ".", tags);
    }

    private Sentence soil() {
        List<String> parts = new ArrayList<>();
        parts.add(
                site.soil().texture() == null
                        ? "the texture is not known"
                        : site.soil().texture().words());
        parts.add(
                site.soil().drainage() == null
                        ? "drainage not known"
                        : Words.of(site.soil().drainage()) + " drainage");
        parts.add(
                site.soil().ph() == null
                        ? "pH not known"
                        : "pH " + Numbers.rounded(site.soil().ph(), 1));
        return new Sentence(
                "Soil",
                upper(String.join(", ", parts)) + ".",
                Stream.of(
                                tags("texture", SiteFields.TEXTURE),
                                tags("drainage", SiteFields.DRAINAGE),
                                tags("pH", SiteFields.PH))
                        .flatMap(List::stream)
                        .toList());
    }

    private Sentence water() {
        return site.soil().moisture() == null
                ? unknown("Water", "How moist it is is not known.")
                : new Sentence(
                        "Water",
                        "Moisture %s of 5: %s."
                                .formatted(
                                        Numbers.rounded(site.soil().moisture(), 1),
                                        Sentences.label(Moisture.of(site.soil().moisture()))),
                        tags("moisture", SiteFields.MOISTURE));
    }

    private Sentence room() {
        List<String> parts = new ArrayList<>();
        if (site.room().lengthM() != null) {
            parts.add(visit.units().length(site.room().lengthM()) + " long");
        }
        if (site.room().depthM() != null) {
            parts.add(visit.units().length(site.room().depthM()) + " deep");
        }
        if (site.room().maxHeightM() != null) {
            parts.add("nothing above " + visit.units().length(site.room().maxHeightM()));
        }
        return parts.isEmpty()
                ? unknown("Room", "How much room there is is not known.")
                : new Sentence(
                        "Room",
                        upper(String.join(", ", parts))
                                + ", judged after %s years."
                                        .formatted(Numbers.rounded(site.room().horizonYears(), 0)),
                        Stream.of(
                                        tags("depth", SiteFields.DEPTH),
                                        site.room().maxHeightM() == null
                                                ? List.<Tag>of()
                                                : tags("limit", SiteFields.MAX_HEIGHT))
                                .flatMap(List::stream)
                                .toList());
    }

    private Sentence company() {
        List<String> parts = new ArrayList<>();
        if (Boolean.TRUE.equals(site.surroundings().strictlyNoHazards())) {
            parts.add("strictly nothing that hurts");
        }
        if (site.surroundings().children() != null) {
            parts.add(site.surroundings().children() ? "children" : "no children");
        }
        if (site.surroundings().pets() != null) {
            parts.add(site.surroundings().pets() ? "pets" : "no pets");
        }
        if (site.surroundings().deer() != null) {
            parts.add(
                    site.surroundings().deer() == Pressure.NONE
                            ? "no deer"
                            : Words.of(site.surroundings().deer()).equals("heavy") ? "many deer" : "some deer");
        }
        if (site.surroundings().exposure() != null
                && !site.surroundings().exposure().isEmpty()) {
            parts.add("exposed to "
                    + site.surroundings().exposure().stream()
                            .map(SiteCard::stress)
                            .collect(Collectors.joining(", ")));
        }
        return parts.isEmpty()
                ? unknown("Company", "Whether children, pets or deer come here is not known.")
                : new Sentence("Company", upper(String.join(", ", parts)) + ".", List.of(new Tag("typed", "as told")));
    }

    private static String stress(Stress stress) {
        return switch (stress) {
            case JUGLONE -> "walnut roots";
            case POLLUTION -> "city air";
            default -> Words.of(stress).replace('-', ' ');
        };
    }

    private Sentence unknown(String about, String text) {
        return new Sentence(about, text, List.of(new Tag("unknown", "")));
    }

    private List<Tag> tags(String what, Field<?> field) {
        return List.of(visit.from(field)
                .map(from -> new Tag(Words.of(from.kind()), (what + " " + from.by()).strip()))
                .orElse(new Tag("unknown", what)));
    }

    private static String hours(double hours) {
        return Numbers.rounded(hours, 1) + " h";
    }

    private static String upper(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
