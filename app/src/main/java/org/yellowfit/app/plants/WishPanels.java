package org.yellowfit.app.plants;

import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.yellowfit.app.forms.FormField;
import org.yellowfit.app.forms.FormFields;
import org.yellowfit.app.forms.Option;
import org.yellowfit.app.plants.SentencePage.Panel;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.colour.ColourWord;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.serve.Like;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.serve.WishFields;

/** The blanks of the sentence that open: each with what stands in it now, and the fields that set it. */
final class WishPanels {

    /** Colours customers ask for, in the order of the wheel. */
    private static final List<ColourWord> COLOURS = List.of(
            ColourWord.WHITE,
            ColourWord.YELLOW,
            ColourWord.GOLD,
            ColourWord.ORANGE,
            ColourWord.RED,
            ColourWord.PINK,
            ColourWord.PURPLE,
            ColourWord.BLUE,
            ColourWord.SILVER,
            ColourWord.BURGUNDY,
            ColourWord.CHARTREUSE);

    private static final List<Kind> NEVER_KINDS =
            List.of(Kind.TREE, Kind.CONIFER, Kind.GRASS, Kind.CLIMBER, Kind.ANNUAL);

    private static final List<Field<Boolean>> TICKS = List.of(
            WishFields.EVERGREEN,
            WishFields.FRAGRANCE,
            WishFields.POLLINATORS,
            WishFields.BIRDS,
            WishFields.BERRIES,
            WishFields.WINTER_INTEREST);

    private final FormFields fields;
    private final List<Panel> panels = new ArrayList<>();

    private WishPanels(FormFields fields) {
        this.fields = fields;
    }

    /**
     * @param typed   by the names of {@link WishForm}
     * @param regions a native plant may come from
     */
    static List<Panel> of(Map<String, String> typed, Map<String, String> problems, List<String> regions) {
        WishPanels all = new WishPanels(new FormFields(typed, problems));
        all.kinds();
        all.colours();
        all.bloom();
        all.also();
        all.shape();
        all.limits(regions);
        all.instead();
        all.never();
        all.weights();
        return all.panels;
    }

    private void add(String id, List<String> said, List<FormField> inside) {
        boolean wrong = inside.stream().anyMatch(FormField::isWrong);
        String value = said.isEmpty() ? Sentences.say("panel." + id + ".open") : String.join(", ", said);
        panels.add(new Panel(id, Sentences.say("panel." + id), value, !said.isEmpty(), wrong, inside));
    }

    private List<String> chosen(FormField... from) {
        return Stream.of(from)
                .flatMap(field -> field.options().stream())
                .filter(option -> option.chosen() && !option.value().isEmpty())
                .map(Option::label)
                .toList();
    }

    private void kinds() {
        FormField kinds = fields.many(key(WishFields.KINDS), List.of(Kind.values()));
        add("kinds", chosen(kinds), List.of(kinds));
    }

    private void colours() {
        FormField colours = fields.many(key(WishFields.COLOURS), COLOURS);
        FormField of = fields.oneOf(key(WishFields.COLOUR_OF), colourOf());
        FormField only = fields.ticks("wants.flowers", List.of(key(WishFields.ONLY_THESE)));
        List<String> said = chosen(colours);
        boolean where =
                !said.isEmpty() && !fields.value(key(WishFields.COLOUR_OF)).isEmpty();
        List<String> all =
                where ? Stream.concat(said.stream(), chosen(of).stream()).toList() : said;
        add("colours", all, List.of(colours, of, only));
    }

    private List<Option> colourOf() {
        String name = key(WishFields.COLOUR_OF);
        List<Option> options = new ArrayList<>();
        boolean any = fields.value(name).isEmpty() || fields.value(name).equals(Words.of(Wants.ColourOf.ANY));
        options.add(new Option(name, "", Sentences.label(Wants.ColourOf.ANY), any));
        Stream.of(Wants.ColourOf.values())
                .filter(each -> each != Wants.ColourOf.ANY)
                .forEach(each -> options.add(fields.option(name, Words.of(each), Sentences.label(each))));
        return options;
    }

    private void bloom() {
        FormField months = fields.many(
                key(WishFields.BLOOM_MONTHS),
                Stream.of(Month.values())
                        .map(month -> String.valueOf(month.getValue()))
                        .toList(),
                number -> Sentences.shortMonth(Month.of(Integer.parseInt(number))));
        add("bloom", chosen(months), List.of(months));
    }

    private void also() {
        FormField ticks =
                fields.ticks("wants.also", TICKS.stream().map(WishForm::key).toList());
        FormField show = fields.many(key(WishFields.SHOW), List.of(Merit.values()));
        FormField uses = fields.many(key(WishFields.USES), List.of(Use.values()));
        List<FormField> inside = new ArrayList<>(List.of(ticks, show, uses));
        List<String> said = new ArrayList<>(chosen(ticks, show, uses));
        String screen = fields.value(key(WishFields.SCREEN_HEIGHT));
        if (!screen.isEmpty()) {
            inside.add(fields.text(key(WishFields.SCREEN_HEIGHT)));
            inside.add(fields.number(key(WishFields.SCREEN_BY)));
            said.add(Sentences.say("wish.screen", screen));
        }
        add("also", said, inside);
    }

    private void shape() {
        FormField habits = fields.many(key(WishFields.HABITS), List.of(Habit.values()));
        FormField leaves = fields.many(key(WishFields.LEAF_TEXTURES), List.of(LeafTexture.values()));
        FormField from = fields.text(WishForm.HEIGHT_FROM);
        FormField to = fields.text(WishForm.HEIGHT_TO);
        List<String> said = new ArrayList<>(chosen(habits));
        chosen(leaves).forEach(each -> said.add(Sentences.say("panel.shape.leaves", each)));
        if (!from.value().isEmpty() || !to.value().isEmpty()) {
            said.add((from.value() + "–" + to.value()).strip());
        }
        add("shape", said, List.of(habits, leaves, from, to));
    }

    private void limits(List<String> regions) {
        FormField care = fields.number(key(WishFields.MAX_CARE));
        FormField price = fields.number(key(WishFields.MAX_PRICE));
        FormField region = fields.select(key(WishFields.NATIVE_REGION), regions);
        List<String> said = new ArrayList<>();
        addIf(said, care, "wish.care");
        addIf(said, price, "wish.price");
        addIf(said, region, "wish.native");
        add("limits", said, List.of(care, price, region));
    }

    private static void addIf(List<String> said, FormField field, String key) {
        if (!field.value().isEmpty()) {
            said.add(Sentences.say(key, field.value()));
        }
    }

    private void instead() {
        FormField instead = fields.text(key(WishFields.INSTEAD));
        FormField like = fields.text(WishForm.LIKE);
        FormField but = fields.many(WishForm.BUT, List.of(Like.But.values()));
        List<String> said = new ArrayList<>();
        addIf(said, instead, "wish.instead");
        if (!like.value().isEmpty()) {
            List<String> buts = chosen(but);
            said.add(
                    buts.isEmpty()
                            ? Sentences.say("wish.like.any", like.value())
                            : Sentences.say("wish.like", like.value(), String.join(", ", buts)));
        }
        add("instead", said, List.of(instead, like, but));
    }

    private void never() {
        String kinds = VisitFields.never(WishFields.KINDS).key();
        String colours = VisitFields.never(WishFields.COLOURS).key();
        List<Option> options = Stream.concat(
                        fields.words(kinds, NEVER_KINDS).stream(), fields.words(colours, COLOURS).stream())
                .toList();
        FormField never = fields.many(kinds, options);
        add("never", chosen(never), List.of(never));
    }

    private void weights() {
        List<String> wishes = WishFields.WEIGHED.stream()
                .filter(wish -> Sentences.find("must." + wish).isPresent())
                .toList();
        FormField must = fields.many(key(WishFields.MUST), wishes, wish -> Sentences.say("must." + wish));
        FormField some = fields.many(WishForm.SOME, wishes, wish -> Sentences.say("must." + wish));
        String policy = VisitFields.POLICY.key();
        FormField weighed = fields.oneOf(policy, policies(policy));
        List<String> said = new ArrayList<>();
        chosen(must).forEach(each -> said.add(Sentences.say("panel.weights.must", each)));
        chosen(some).forEach(each -> said.add(Sentences.say("panel.weights.some", each)));
        add("weights", said, List.of(must, some, weighed));
    }

    private List<Option> policies(String name) {
        String now = fields.value(name).isEmpty() ? Words.of(Policy.STANDARD) : fields.value(name);
        return Arrays.stream(Policy.values())
                .map(policy -> new Option(
                        name,
                        Words.of(policy),
                        Sentences.label(policy),
                        Words.of(policy).equalsIgnoreCase(now)))
                .toList();
    }

    private static String key(Field<?> field) {
        return WishForm.key(field);
    }
}
