package org.yellowfit.app.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yellowfit.app.climate.ClimateWords;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.app.words.SiteWords;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.light.LightCutoffs;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Words;

/** The eight sentences of the site card. What is not known is said to be so. */
final class SiteCard {

    private static final String UNKNOWN = "unknown";

    /**
     * @param about what it is about
     * @param text  the sentence, numbers in it
     * @param from  where its numbers come from, one for each
     */
    record Sentence(String about, String text, List<Tag> from) {}

    /** @param kind measured, computed, typed, guessed or unknown */
    record Tag(String kind, String text) {}

    private final Visit visit;
    private final SiteConditions site;
    private final SiteWords words;

    private SiteCard(Visit visit, LightCutoffs cutoffs) {
        this.visit = visit;
        this.site = visit.question().site();
        this.words = new SiteWords(site, visit.units(), cutoffs);
    }

    static List<Sentence> of(Visit visit, Optional<Station> station, LightCutoffs cutoffs) {
        SiteCard card = new SiteCard(visit, cutoffs);
        return List.of(
                card.sentence(
                        "winter",
                        card.words.winter(),
                        card.tag(
                                "zone", visit.site(SiteFields.ZONE).isEmpty() ? SiteFields.MIN_TEMP : SiteFields.ZONE)),
                card.season(station),
                card.sentence(
                        "sun",
                        card.words.sun(visit.answers().get(VisitFields.SUN_BIAS).orElse(null)),
                        card.tag("hours", SiteFields.SUN_HOURS)),
                card.sentence("heat", card.words.heat(), card.heatTags()),
                card.sentence(
                        "soil",
                        card.words.soil(true),
                        card.tag("texture", SiteFields.TEXTURE),
                        card.tag("drainage", SiteFields.DRAINAGE),
                        card.tag("ph", SiteFields.PH)),
                card.sentence("water", card.words.water(), card.tag("moisture", SiteFields.MOISTURE)),
                card.sentence("room", card.words.room(), card.roomTags()),
                card.sentence("company", card.words.company(), new Tag("typed", Sentences.say("tag.as-told"))));
    }

    private Sentence season(Optional<Station> station) {
        Optional<String> record = station.filter(
                        each -> each.climate().frostFreeDays().p50().isPresent())
                .map(each -> growingDays(each.climate()));
        if (record.isPresent()) {
            return sentence(
                    "season",
                    record,
                    new Tag(
                            "computed",
                            Sentences.say("tag.record", station.get().name())));
        }
        Optional<String> frost = Optional.ofNullable(site.season().firstFrost())
                .map(day -> Sentences.say("site.season.frost", day.toString()));
        return sentence("season", frost, tag("first-frost", SiteFields.FIRST_FROST));
    }

    private static String growingDays(ClimateSummary climate) {
        return Sentences.say(
                "site.season.record",
                (int) climate.frostFreeDays().p50().getAsDouble(),
                ClimateWords.day(climate.lastSpringFrost().p50()),
                ClimateWords.day(climate.firstAutumnFrost().p50()));
    }

    private Tag[] heatTags() {
        List<Tag> tags = new ArrayList<>();
        if (site.light().hotHours() != null) {
            tags.add(
                    visit.site(SiteFields.HOT_HOURS).isEmpty()
                            ? new Tag("guessed", Sentences.say("tag.hot-hours.estimated"))
                            : tag("hot-hours", SiteFields.HOT_HOURS));
        }
        if (site.light().hotSummer() != null) {
            tags.add(tag("summers", SiteFields.HOT_SUMMER));
        }
        return tags.toArray(Tag[]::new);
    }

    private Tag[] roomTags() {
        return Stream.concat(
                        Stream.of(tag("depth", SiteFields.DEPTH)),
                        site.room().maxHeightM() == null
                                ? Stream.empty()
                                : Stream.of(tag("limit", SiteFields.MAX_HEIGHT)))
                .toArray(Tag[]::new);
    }

    private Sentence sentence(String about, Optional<String> text, Tag... from) {
        String name = Sentences.say("site.about." + about);
        return text.map(known -> new Sentence(name, known, List.of(from)))
                .orElseGet(() ->
                        new Sentence(name, Sentences.say("site.unknown." + about), List.of(new Tag(UNKNOWN, ""))));
    }

    private Tag tag(String about, Field<?> field) {
        String what = Sentences.say("card.tag." + about);
        return visit.from(field)
                .map(from -> new Tag(Words.of(from.kind()), (what + " " + from.by()).strip()))
                .orElse(new Tag(UNKNOWN, what));
    }
}
