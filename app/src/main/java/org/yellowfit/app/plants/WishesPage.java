package org.yellowfit.app.plants;

import java.time.Month;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.yellowfit.app.forms.FormField;
import org.yellowfit.app.forms.FormFields;
import org.yellowfit.app.forms.Option;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.colour.ColourWord;
import org.yellowfit.core.fit.Wants;
import org.yellowfit.core.fit.WishFields;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Use;

/**
 * The questions about what is wished for.
 *
 * @param small fields that stand side by side
 */
record WishesPage(List<FormField> first, List<FormField> small, List<FormField> last) {

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
            ColourWord.SILVER);

    private static final List<Kind> NEVER_KINDS =
            List.of(Kind.TREE, Kind.CONIFER, Kind.GRASS, Kind.CLIMBER, Kind.ANNUAL);

    /** Wishes that can be insisted on. */
    private static final List<Field<?>> INSISTED = List.of(
            WishFields.EVERGREEN,
            WishFields.COLOURS,
            WishFields.BLOOM_MONTHS,
            WishFields.USES,
            WishFields.FRAGRANCE,
            WishFields.POLLINATORS,
            WishFields.BERRIES,
            WishFields.SCREEN_HEIGHT,
            WishFields.MAX_CARE,
            WishFields.MAX_PRICE);

    /** @param regions a native plant may come from */
    static WishesPage of(Map<String, String> typed, Map<String, String> problems, List<String> regions) {
        FormFields fields = new FormFields(typed, problems);
        return new WishesPage(first(fields), small(fields, regions), last(fields));
    }

    private static List<FormField> first(FormFields fields) {
        return List.of(
                fields.many(key(WishFields.KINDS), List.of(Kind.values())),
                fields.many(key(WishFields.COLOURS), COLOURS),
                fields.many(
                        key(WishFields.BLOOM_MONTHS),
                        Stream.of(Month.values())
                                .map(month -> String.valueOf(month.getValue()))
                                .toList(),
                        WishesPage::month),
                fields.many(key(WishFields.USES), List.of(Use.values())),
                fields.ticks("wants.also", keys(WishFields.EVERGREEN, WishFields.FRAGRANCE, WishFields.POLLINATORS)),
                fields.oneOf(key(WishFields.COLOUR_OF), colourOf(fields)),
                fields.ticks("wants.and", keys(WishFields.BIRDS, WishFields.BERRIES, WishFields.WINTER_INTEREST)));
    }

    private static List<Option> colourOf(FormFields fields) {
        String name = key(WishFields.COLOUR_OF);
        boolean any = fields.value(name).isEmpty() || fields.value(name).equals(Words.of(Wants.ColourOf.ANY));
        return List.of(
                new Option(name, "", Sentences.label(Wants.ColourOf.ANY), any),
                fields.option(name, Words.of(Wants.ColourOf.LEAF), Sentences.label(Wants.ColourOf.LEAF)),
                fields.option(name, Words.of(Wants.ColourOf.FLOWER), Sentences.label(Wants.ColourOf.FLOWER)));
    }

    private static List<FormField> small(FormFields fields, List<String> regions) {
        return List.of(
                fields.text(key(WishFields.SCREEN_HEIGHT)),
                fields.number(key(WishFields.SCREEN_BY)),
                fields.number(key(WishFields.MAX_PRICE)),
                fields.select(key(WishFields.NATIVE_REGION), regions));
    }

    private static List<FormField> last(FormFields fields) {
        String neverKinds = VisitFields.never(WishFields.KINDS).key();
        String neverColours = VisitFields.never(WishFields.COLOURS).key();
        List<Option> never = Stream.concat(
                        fields.words(neverKinds, NEVER_KINDS).stream(),
                        fields
                                .words(
                                        neverColours,
                                        COLOURS.stream()
                                                .filter(colour -> colour != ColourWord.GOLD)
                                                .filter(colour -> colour != ColourWord.SILVER)
                                                .toList())
                                .stream())
                .toList();
        String policy = VisitFields.POLICY.key();
        return List.of(
                fields.many(
                        key(WishFields.MUST),
                        INSISTED.stream().map(Field::name).toList(),
                        name -> Sentences.say("must." + name)),
                fields.many(neverKinds, never),
                fields.number(key(WishFields.MAX_CARE)),
                fields.oneOf(policy, policies(fields, policy)));
    }

    private static List<Option> policies(FormFields fields, String name) {
        String now = fields.value(name).isEmpty() ? Words.of(Policy.STANDARD) : fields.value(name);
        return Arrays.stream(Policy.values())
                .map(policy -> new Option(
                        name,
                        Words.of(policy),
                        Sentences.label(policy),
                        Words.of(policy).equalsIgnoreCase(now)))
                .toList();
    }

    private static List<String> keys(Field<?>... fields) {
        return Stream.of(fields).map(WishesPage::key).toList();
    }

    private static String key(Field<?> field) {
        return VisitFields.wish(field).key();
    }

    private static String month(String number) {
        return Sentences.shortMonth(Month.of(Integer.parseInt(number)));
    }
}
