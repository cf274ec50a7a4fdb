package org.yellowfit.core.search;

import static org.yellowfit.core.search.TraitConditions.has;
import static org.yellowfit.core.search.TraitConditions.is;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.ColourWord;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Browsing;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.CutStem;
import org.yellowfit.core.plant.FlowerWood;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.plant.Wildlife;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.season.Interest;
import org.yellowfit.core.season.Merits;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureGroup;

/** The phrases a search understands, the longer and more special before the shorter. */
final class Phrasebook {

    interface Reading {
        /** Null when the phrase is none after all. */
        Condition read(Matcher matcher);
    }

    record Phrase(Pattern pattern, Reading reading) {}

    private static final String START = "(?<![\\p{L}\\p{N}-])(?<not>(?:not|no|without|un-?)\\s+)?(?:";
    private static final String END = ")(?![\\p{L}\\p{N}-])";
    private static final String COLOURS =
            Arrays.stream(ColourWord.values()).map(Words::of).collect(Collectors.joining("|")) + "|gray";
    private static final String MONTHS =
            "january|february|march|april|may|june|july|august|september|october|november|december";
    private static final String LENGTH =
            "(?<n>\\d+(?:[.,]\\d+)?)\\s*(?<unit>cm|mm|metres?|meters?|m|inch(?:es)?|in|\"|feet|foot|ft|')?";
    private static final String SIDE = "(?:\\s*(?<side>wide|across|broad|spread|high|tall))?";

    private static final List<Phrase> LIST = new ArrayList<>();
    static final List<Phrase> PHRASES;

    static {
        sizes();
        merits();
        colours();
        light();
        soil();
        stresses();
        kinds();
        looks();
        uses();
        PHRASES = List.copyOf(LIST);
    }

    private Phrasebook() {}

    private static void sizes() {
        add(
                "(?:under|below|less than|up to|at most|max(?:imum)?|no more than|smaller than|shorter than|<)\\s*"
                        + LENGTH + SIDE,
                m -> TraitConditions.size(m, true));
        add(
                "(?:over|above|more than|at least|min(?:imum)?|taller than|larger than|from|>)\\s*" + LENGTH + SIDE,
                m -> TraitConditions.size(m, false));
        add(
                "(?:hardy (?:to|in)\\s+)?zone\\s*(?<zone>1[0-3][ab]?|[1-9][ab]?)|hardy (?:to|in)\\s+(?<bare>1[0-3][ab]?|[1-9][ab]?)",
                m -> {
                    HardinessZone zone =
                            HardinessZone.parse(m.group("zone") == null ? m.group("bare") : m.group("zone"));
                    return said(
                            Fact.of("search.hardy-in-zone", zone.label()),
                            plant -> plant.get(Traits.ZONE_MIN)
                                            .filter(least -> least.compareTo(zone) <= 0)
                                            .isPresent()
                                    && plant.get(Traits.ZONE_MAX)
                                            .filter(most -> most.compareTo(zone) < 0)
                                            .isEmpty());
                });
        words("dwarf|low", "at-most-60-cm-high", plant -> TraitConditions.height(plant) <= 0.6);
    }

    private static void merits() {
        outstanding("flowers?|blooms?|blossom", Merit.FLOWER);
        outstanding("leaf|leaves|foliage", Merit.LEAF);
        outstanding("(?:autumn|fall)(?: colou?r| leaves| foliage)?", Merit.AUTUMN);
        outstanding("berries|berry|fruits?|hips", Merit.FRUIT);
        outstanding("(?:winter )?(?:stems?|bark|twigs)", Merit.STEM);
        outstanding("form|shape|habit|outline", Merit.FORM);
        outstanding("scent|fragrance|perfume", Merit.SCENT);
        outstanding("ground[ -]?cover", Merit.COVER);
        words("(?:for )?drying|dried flowers?|everlasting", "for-drying", has(Traits.CUT, CutStem.DRIED));
        words(
                "(?:for )?cutting|cut[ -]flowers?|(?:for )?(?:a |the )?vase",
                "for-cutting",
                has(Traits.CUT, CutStem.FRESH).or(has(Traits.CUT, CutStem.DRIED)));
    }

    private static void outstanding(String words, Merit merit) {
        meaning(
                "(?:outstanding|best|superb|brilliant|excellent|showy|great) (?:" + words + ")",
                Fact.of("search.outstanding", merit),
                plant -> Merits.of(plant).grade(merit) >= Merits.OUTSTANDING);
    }

    private static void colours() {
        add(
                "(?<colour>" + COLOURS + ")[ -](?:leaf|leaves|leaved|leafed|foliage)|(?:leaf|leaves|foliage) (?<after>"
                        + COLOURS + ")",
                m -> TraitConditions.coloured(colour(m), TraitConditions.LEAVES, "search.leaves-of"));
        add(
                "(?<colour>" + COLOURS
                        + ")[ -](?:flowers?|flowered|flowering|blooms?|blooming|blossom)|flowers? (?<after>" + COLOURS
                        + ")",
                m -> TraitConditions.coloured(colour(m), List.of(Traits.FLOWER_COLOURS), "search.flowers-of"));
        add("(?<colour>" + COLOURS + ")[ -](?:berries|berry|fruit)", m -> {
            ColourWord word = ColourWord.parse(m.group("colour"));
            return said(
                    Fact.of("search.fruit-of", word),
                    plant -> plant.get(Traits.FRUIT).filter(word::answeredBy).isPresent());
        });
        add("(?<colour>" + COLOURS + ")[ -](?:stems?|bark|twigs)(?: in winter)?", m -> {
            ColourWord word = ColourWord.parse(m.group("colour"));
            return said(
                    Fact.of("search.stems-of", word),
                    plant -> plant.get(Traits.STEM_WINTER)
                            .filter(word::answeredBy)
                            .isPresent());
        });
        words("autumn colou?r|fall colou?r", "autumn-colour", TraitConditions::turnsInAutumn);
        words(
                "variegated|variegation",
                "variegated",
                plant -> plant.colours(Traits.LEAF_SUMMER).size() > 1);
        words(
                "winter stems?|coloured stems?|bark interest",
                "winter-stems",
                plant -> plant.get(Traits.STEM_WINTER).isPresent() && !TraitConditions.plainStem(plant));
        words("winter interest", "something-in-winter", plant -> Interest.showsInWinter(plant, Optional.empty()));
        add(
                "(?:bloom(?:s|ing)?|flower(?:s|ing)?)?\\s*(?:in )?(?<month>" + MONTHS + ")",
                m -> TraitConditions.blooms(m.group("month")));
        words(
                "rebloom(?:s|ing)?|repeat[ -](?:flower(?:s|ing)?|bloom(?:s|ing)?)|repeat(?:s|ing)?",
                "flowers-again",
                plant -> plant.get(Traits.REBLOOM)
                        .filter(again -> again != Rebloom.NONE)
                        .isPresent());
        words("new wood", "flowers-on-new-wood", is(Traits.FLOWER_WOOD, FlowerWood.NEW));
        words("old wood", "flowers-on-old-wood", is(Traits.FLOWER_WOOD, FlowerWood.OLD));
    }

    private static void light() {
        words("full sun|sunny|hot sun", "full-sun", plant -> TraitConditions.stands(plant, 8));
        words("deep shade|full shade|heavy shade", "deep-shade", plant -> TraitConditions.lives(plant, 1));
        words(
                "part(?:ial)?[ -](?:shade|sun)|half[ -]shade|semi[ -]shade|dappled shade",
                "part-shade",
                plant -> TraitConditions.lives(plant, 4) && TraitConditions.stands(plant, 4));
        words(
                "dry shade",
                "dry-shade",
                plant -> TraitConditions.lives(plant, 2) && TraitConditions.moisture(plant, 1.5));
        words("shade|shady|north[ -](?:wall|side|facing)", "shade", plant -> TraitConditions.lives(plant, 2));
        words("sun", "sun", plant -> TraitConditions.stands(plant, 6));
    }

    private static void soil() {
        words(
                "wet clay",
                "wet-clay",
                has(Traits.TEXTURE, TextureGroup.CLAY).and(plant -> TraitConditions.moisture(plant, 4)));
        words("clay|clayey", "clay", has(Traits.TEXTURE, TextureGroup.CLAY));
        words("sandy?|gravel", "sand", has(Traits.TEXTURE, TextureGroup.SAND));
        words("loam|loamy", "loam", has(Traits.TEXTURE, TextureGroup.LOAM));
        words("wet|boggy|soggy|waterlogged|rain garden", "wet-ground", plant -> TraitConditions.moisture(plant, 4));
        words(
                "dry|drought(?:[ -](?:tolerant|proof|resistant))?",
                "dry-ground",
                plant -> TraitConditions.moisture(plant, 1.5) || plant.is(Traits.DROUGHT, YesNo.YES));
        words("moist|damp", "moist-ground", plant -> TraitConditions.moisture(plant, 3.5));
        words("poor drainage|badly drained", "poor-drainage", has(Traits.DRAINAGE, Drainage.POOR));
        words("acid(?:ic)?|ericaceous", "acid-soil", plant -> TraitConditions.ph(plant, 5.2));
        words("lime|limy|chalk|chalky|alkaline", "alkaline-soil", plant -> TraitConditions.ph(plant, 7.6));
    }

    private static void stresses() {
        words("salt(?:[ -]tolerant)?|seaside|coastal|sea wind|sea", "stands-salt", has(Traits.STANDS, Stress.SALT));
        words("wind(?:y|[ -]tolerant)?|exposed", "stands-wind", has(Traits.STANDS, Stress.WIND));
        words("(?:black )?walnut|juglone", "stands-walnut", has(Traits.STANDS, Stress.JUGLONE));
        words("pollution|city|street|roadside", "stands-city-air", has(Traits.STANDS, Stress.POLLUTION));
        words("reflected heat|hot wall", "stands-reflected-heat", has(Traits.STANDS, Stress.REFLECTED_HEAT));
        words("humid(?:ity)?", "stands-humidity", has(Traits.STANDS, Stress.HUMIDITY));
        words("heat", "stands-heat", has(Traits.STANDS, Stress.HEAT));
        words("deer(?:[ -](?:resistant|proof|tolerant))?", "deer-mostly-leave-it", is(Traits.DEER, Browsing.RESISTANT));
        words(
                "rabbits?(?:[ -](?:resistant|proof|tolerant))?",
                "rabbits-mostly-leave-it",
                is(Traits.RABBIT, Browsing.RESISTANT));
        words("thornless|spineless", "no-thorns", TraitConditions.free(Hazard.THORNS));
        words("thorns?|thorny|spiny|prickly", "thorns", has(Traits.HAZARDS, Hazard.THORNS));
        words(
                "non-?toxic|not poisonous|non-?poisonous|safe|pet[ -]safe|child[ -]safe",
                "not-known-as-poisonous",
                TraitConditions.free(Hazard.TOXIC_PEOPLE).and(TraitConditions.free(Hazard.TOXIC_PETS)));
        words(
                "toxic|poisonous",
                "poisonous",
                has(Traits.HAZARDS, Hazard.TOXIC_PEOPLE).or(has(Traits.HAZARDS, Hazard.TOXIC_PETS)));
    }

    private static void kinds() {
        named(
                "semi-?evergreen",
                Persistence.SEMI_EVERGREEN,
                plant -> plant.persistence() == Persistence.SEMI_EVERGREEN);
        named("evergreens?", Persistence.EVERGREEN, plant -> plant.persistence() == Persistence.EVERGREEN);
        named("deciduous", Persistence.DECIDUOUS, plant -> plant.persistence() == Persistence.DECIDUOUS);
        named("herbaceous", Persistence.HERBACEOUS, plant -> plant.persistence() == Persistence.HERBACEOUS);
        kind("trees?", Kind.TREE);
        kind("shrubs?|bush(?:es)?", Kind.SHRUB);
        kind("conifers?", Kind.CONIFER);
        kind("perennials?", Kind.PERENNIAL);
        kind("grass(?:es)?|sedges?", Kind.GRASS);
        kind("ferns?", Kind.FERN);
        kind("bulbs?", Kind.BULB);
        kind("climbers?|vines?", Kind.CLIMBER);
        named("annuals?|bedding", Kind.ANNUAL, Cultivar::isAnnual);
    }

    private static void looks() {
        for (Habit habit : Habit.values()) {
            named(Words.of(habit).replace("-", "[ -]"), habit, plant -> plant.habit() == habit);
        }
        named("narrow|slim|pillar", Habit.COLUMNAR, plant -> plant.habit() == Habit.COLUMNAR);
        named("round(?:ed)?|ball", Habit.GLOBE, plant -> plant.habit() == Habit.GLOBE);
        words("(?:bold|large|big) (?:leaf|leaves|leaved)", "bold-leaves", is(Traits.LEAF_TEXTURE, LeafTexture.BOLD));
        words("(?:fine|small|tiny) (?:leaf|leaves|leaved)", "fine-leaves", is(Traits.LEAF_TEXTURE, LeafTexture.FINE));
        words(
                "berries|berry|fruit(?:s|ing)?",
                "fruit",
                plant -> plant.get(Traits.FRUIT).isPresent());
    }

    private static void uses() {
        words("hedges?|hedging", "for-a-hedge", has(Traits.USES, Use.HEDGE));
        words("screens?|screening|privacy", "for-a-screen", has(Traits.USES, Use.SCREEN));
        words("ground[ -]?covers?|groundcover", "covers-the-ground", has(Traits.USES, Use.GROUND_COVER));
        words("edging|edge", "for-an-edge", has(Traits.USES, Use.EDGING));
        words("specimen|focal point", "as-a-specimen", has(Traits.USES, Use.SPECIMEN));
        words("see-?through|airy", "see-through", has(Traits.USES, Use.WOVEN));
        words("pots?|containers?|tubs?", "for-pots", is(Traits.POT_OK, YesNo.YES));
        words("fragran(?:t|ce)|scent(?:ed)?|perfumed", "fragrant", TraitConditions::isFragrant);
        words("bees?|pollinators?", "feeds-bees", has(Traits.WILDLIFE, Wildlife.BEES));
        words("butterfl(?:y|ies)", "feeds-butterflies", has(Traits.WILDLIFE, Wildlife.BUTTERFLIES));
        words("hummingbirds?", "feeds-hummingbirds", has(Traits.WILDLIFE, Wildlife.HUMMINGBIRDS));
        words("birds?", "feeds-birds", has(Traits.WILDLIFE, Wildlife.BIRDS));
        words(
                "native to (?:north )?america|american natives?|natives?",
                "native-to-north-america",
                plant -> plant.get(Traits.NATIVE_REGION)
                        .filter(region -> region.toLowerCase(Locale.ROOT).contains("north america"))
                        .isPresent());
        add(
                "(?<colour>" + COLOURS + ")",
                m -> TraitConditions.coloured(ColourWord.parse(m.group("colour")), TraitConditions.ANYWHERE, "value"));
    }

    private static ColourWord colour(Matcher m) {
        return ColourWord.parse(m.group("colour") == null ? m.group("after") : m.group("colour"));
    }

    private static void kind(String words, Kind kind) {
        named(words, kind, plant -> plant.kind() == kind);
    }

    /** @param key of the sentence that says what it means */
    private static void words(String words, String key, Predicate<Cultivar> holds) {
        meaning(words, Fact.of("search." + key), holds);
    }

    /** A phrase that means one word of a closed list. */
    private static void named(String words, Enum<?> word, Predicate<Cultivar> holds) {
        meaning(words, Fact.of("value", word), holds);
    }

    private static void meaning(String words, Fact meaning, Predicate<Cultivar> holds) {
        Condition condition = said(meaning, holds);
        add(words, m -> condition);
    }

    private static void add(String words, Reading reading) {
        LIST.add(new Phrase(Pattern.compile(START + words + END), reading));
    }

    private static Condition said(Fact meaning, Predicate<Cultivar> holds) {
        return new Condition("", meaning, holds);
    }
}
