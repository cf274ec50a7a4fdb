package org.yellowfit.app.place;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.yellowfit.app.forms.FormField;
import org.yellowfit.app.forms.FormFields;
import org.yellowfit.app.forms.Option;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.fit.Exposure;
import org.yellowfit.core.fit.Pressure;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.fit.Upkeep;
import org.yellowfit.core.light.SunBias;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.Moisture;
import org.yellowfit.core.soil.TextureClass;

/**
 * The questions about a place, in the order they are asked.
 *
 * @param visit  who and what it is for
 * @param steps  the taps that say what the place is like
 * @param policy as it is sent along
 * @param told   what somebody else changed meanwhile
 * @param wrong  how many answers need a look, in a sentence; empty for none
 */
record SitePage(List<FormField> visit, List<Step> steps, String policy, List<String> told, String wrong, long version) {

    record Step(String title, List<FormField> fields) {}

    /** Hours a day that a tap puts in for each class of light. */
    private static final List<String> USUAL_HOURS = List.of("1", "3", "5", "8");

    /** @param partnerGroups groups of plants that need each other to bear fruit */
    static SitePage of(SiteForm form, Collection<String> partnerGroups) {
        FormFields fields = new FormFields(form.typed(), form.problems());
        Questions ask = new Questions(fields, Sentences.say(form.us() ? "unit.length.us" : "unit.length.metric"));
        return new SitePage(
                ask.visit(form.us()),
                List.of(
                        ask.step("cold", ask.cold(form.us())),
                        ask.step("sun", ask.sun()),
                        ask.step("ground", ask.ground()),
                        ask.step("room", ask.room()),
                        ask.step("company", ask.company(partnerGroups))),
                form.value(VisitFields.POLICY.key()),
                form.told(),
                form.problems().isEmpty()
                        ? ""
                        : Sentences.say("form.wrong", form.problems().size()),
                form.version());
    }

    private record Questions(FormFields fields, String lengths) {

        Step step(String name, List<FormField> asked) {
            return new Step(Sentences.say("site.step." + name), asked);
        }

        List<FormField> visit(boolean us) {
            String units = VisitFields.UNITS.key();
            return List.of(
                    fields.text(VisitFields.PLACE.key()),
                    fields.text(VisitFields.CUSTOMER.key()),
                    fields.text(VisitFields.NOTE.key()),
                    fields.oneOf(
                            units,
                            List.of(
                                    new Option(
                                            units, UnitSystem.METRIC.name(), Sentences.label(UnitSystem.METRIC), !us),
                                    new Option(units, UnitSystem.US.name(), Sentences.label(UnitSystem.US), us))));
        }

        List<FormField> cold(boolean us) {
            List<String> zones = IntStream.rangeClosed(HardinessZone.COLDEST, HardinessZone.WARMEST)
                    .mapToObj(HardinessZone::label)
                    .toList();
            return List.of(
                    guessable(fields.select(key(SiteFields.ZONE), zones), SiteFields.ZONE),
                    fields.text(key(SiteFields.MIN_TEMP)).withHint(us ? "°F" : "°C"),
                    fields.ticks("site.shelter", List.of(key(SiteFields.SHELTERED), key(SiteFields.FROST_POCKET))),
                    fields.yesNo(key(SiteFields.HOT_SUMMER)));
        }

        List<FormField> sun() {
            String hours = key(SiteFields.SUN_HOURS);
            List<Option> usual = USUAL_HOURS.stream()
                    .map(each -> new Option(hours, each, Sentences.say("light.about." + each), false))
                    .toList();
            return List.of(
                    guessable(fields.number(hours).withShortcuts(usual), SiteFields.SUN_HOURS),
                    fields.one(VisitFields.SUN_BIAS.key(), SunBias.class),
                    fields.yesNo(key(SiteFields.REFLECTED_HEAT)));
        }

        List<FormField> ground() {
            List<String> textures = Arrays.stream(TextureClass.values())
                    .map(TextureClass::words)
                    .toList();
            return List.of(
                    guessable(
                            fields.select(
                                    key(SiteFields.TEXTURE),
                                    textures,
                                    text -> Sentences.label(TextureClass.parse(text))),
                            SiteFields.TEXTURE),
                    guessable(fields.one(key(SiteFields.DRAINAGE), Drainage.class), SiteFields.DRAINAGE),
                    guessable(moisture(), SiteFields.MOISTURE),
                    guessable(fields.number(key(SiteFields.PH)), SiteFields.PH));
        }

        /** The five steps; a moisture between two of them stands beside them as its number. */
        private FormField moisture() {
            String name = key(SiteFields.MOISTURE);
            List<String> steps = IntStream.rangeClosed((int) Moisture.LEAST, (int) Moisture.MOST)
                    .mapToObj(String::valueOf)
                    .toList();
            String now = fields.value(name);
            boolean between = !now.isEmpty() && !steps.contains(now);
            return fields.one(
                    name,
                    between ? Stream.concat(steps.stream(), Stream.of(now)).toList() : steps,
                    value -> steps.contains(value) ? Sentences.label(Moisture.of(Integer.parseInt(value))) : value);
        }

        List<FormField> room() {
            Stream<FormField> lengths = Stream.of(
                            SiteFields.LENGTH,
                            SiteFields.DEPTH,
                            SiteFields.MAX_HEIGHT,
                            SiteFields.SUPPORT_HEIGHT,
                            SiteFields.WALL_CLEARANCE,
                            SiteFields.PATH_CLEARANCE)
                    .map(field -> fields.text(key(field)).withHint(lengths()));
            return Stream.concat(
                            lengths,
                            Stream.of(
                                    fields.number(key(SiteFields.HORIZON)),
                                    fields.yesNo(key(SiteFields.CONTAINER)),
                                    fields.date(key(SiteFields.PLANTING_DATE)),
                                    fields.date(key(SiteFields.FIRST_FROST))))
                    .toList();
        }

        List<FormField> company(Collection<String> partnerGroups) {
            String exposure = key(SiteFields.EXPOSURE);
            List<Option> exposures = Stream.concat(
                            fields.words(exposure, List.of(Exposure.values())).stream(),
                            Stream.of(fields.option(exposure, "none", Sentences.say("none-of-these"))))
                    .toList();
            List<FormField> asked = List.of(
                    fields.yesNo(key(SiteFields.CHILDREN)),
                    fields.yesNo(key(SiteFields.PETS)),
                    fields.yesNo(key(SiteFields.STRICTLY_NO_HAZARDS)),
                    fields.one(key(SiteFields.DEER), Pressure.class),
                    fields.one(key(SiteFields.RABBITS), Pressure.class),
                    fields.many(exposure, exposures),
                    fields.many(key(SiteFields.UPKEEP), List.of(Upkeep.Task.values())));
            return partnerGroups.isEmpty()
                    ? asked
                    : Stream.concat(
                                    asked.stream(),
                                    Stream.of(fields.many(
                                            key(SiteFields.PARTNERS), partnerGroups, group -> group.replace('-', ' '))))
                            .toList();
        }

        private FormField guessable(FormField field, Field<?> of) {
            return field.withGuess(fields.tick(SiteForm.GUESS + of.name(), Sentences.say("a-guess")));
        }

        private static String key(Field<?> field) {
            return VisitFields.site(field).key();
        }
    }
}
