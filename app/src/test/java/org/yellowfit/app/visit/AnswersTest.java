package org.yellowfit.app.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.measure.UnitSystem;

class AnswersTest {

    private static final VisitField<HardinessZone> ZONE = VisitFields.site(SiteFields.ZONE);
    private static final VisitField<Double> DEPTH = VisitFields.site(SiteFields.DEPTH);

    @ParameterizedTest
    @CsvSource({
        // base, theirs, mine, merged, in conflict
        "6a, 6a, 6b, 6b, false",
        "6a, 6b, 6a, 6b, false",
        "6a, 6b, 6b, 6b, false",
        "6a, 6b, 7a, 7a, true",
        "'', 6b, '', 6b, false",
        "6a, '', 6a, '', false",
        "6a, '', 6b, 6b, true"
    })
    void twoEditsOfOneFieldComeTogether(String base, String theirs, String mine, String merged, boolean conflict) {
        Merge merge = Merge.of(zone(base), zone(theirs), zone(mine));
        assertThat(merge.merged().get(ZONE).map(HardinessZone::label).orElse(""))
                .isEqualTo(merged);
        assertThat(merge.conflicts().isEmpty()).isEqualTo(!conflict);
    }

    private static Answers zone(String zone) {
        return zone.isEmpty() ? Answers.NONE : Answers.NONE.with(new Edit().set(ZONE, HardinessZone.parse(zone)));
    }

    @ParameterizedTest(name = "theirs {0}, mine {1}: {2}")
    @CsvSource({"false, false, TYPED", "true, false, GUESSED", "false, true, GUESSED"})
    void aGuessOfOneIsKeptBesideTheOthersUntouchedValue(boolean theirs, boolean mine, Provenance.Kind merged) {
        Answers base = zone("6a");
        Answers guessed = base.with(new Edit().set(ZONE, HardinessZone.parse("6a"), Provenance.GUESSED));
        Merge merge = Merge.of(base, theirs ? guessed : base, mine ? guessed : base);
        assertThat(merge.merged().known(ZONE).orElseThrow().from().kind()).isEqualTo(merged);
        assertThat(merge.conflicts()).isEmpty();
    }

    @Test
    void whatWasTypedInFeetIsKeptInMetresAndShownBack() {
        Answers before = Answers.NONE.with(new Edit().set(VisitFields.UNITS, UnitSystem.US));
        VisitForm.Checked checked =
                VisitForm.check(Map.of("units", "US", "site.depthM", "2 ft 6 in", "site.minTempC", "-5"), before);
        assertThat(checked.problems()).isEmpty();
        Answers after = before.with(checked.edit());
        assertThat(after.get(DEPTH)).contains(0.762);
        assertThat(after.get(VisitFields.site(SiteFields.MIN_TEMP))).contains(-20.56);
        assertThat(VisitForm.shown(DEPTH, after, UnitSystem.US)).isEqualTo("2 ft 6 in");
        assertThat(VisitForm.shown(DEPTH, after, UnitSystem.METRIC)).isEqualTo("0.762 m");
    }

    @Test
    void aLengthLeftAsItWasShownStaysExactlyAsItWasAndWhereItCameFrom() {
        Provenance drawn = Provenance.computed("from the drawing");
        Answers before = Answers.NONE.with(
                new Edit().set(VisitFields.UNITS, UnitSystem.US).set(DEPTH, 0.70123456, drawn));
        String shown = VisitForm.shown(DEPTH, before, UnitSystem.US);
        Answers after = before.with(VisitForm.check(Map.of("units", "US", "site.depthM", shown), before)
                .edit());
        assertThat(after.known(DEPTH)).contains(new Known<>(0.70123456, drawn));
        Answers over = before.with(
                VisitForm.check(Map.of("site.depthM", "3 ft"), before).edit());
        assertThat(over.known(DEPTH)).contains(Known.typed(0.9144));
    }

    @Test
    void problemsStandAtTheirFields() {
        VisitForm.Checked checked = VisitForm.check(
                Map.of("site.ph", "70", "site.depthM", "wide", "wants.maxCareMinutes", "-3", "place", "x".repeat(200)),
                Answers.NONE);
        assertThat(checked.problems()).containsOnlyKeys("site.ph", "site.depthM", "wants.maxCareMinutes", "place");
    }

    @Test
    void hoursTypedOverTakeThePatchAndItsHotHoursAway() {
        Answers patch = Answers.NONE.with(new Edit()
                .set(VisitFields.site(SiteFields.SUN_HOURS), 4.04, Provenance.computed("patch A"))
                .set(VisitFields.site(SiteFields.HOT_HOURS), 1.0)
                .set(VisitFields.PATCH, "A"));
        Answers typed =
                patch.with(VisitForm.check(Map.of("site.sunHours", "6"), patch).edit());
        assertThat(typed.get(VisitFields.site(SiteFields.HOT_HOURS))).isEmpty();
        assertThat(typed.get(VisitFields.PATCH)).isEmpty();
        Answers left =
                patch.with(VisitForm.check(Map.of("site.sunHours", "4"), patch).edit());
        assertThat(left.get(VisitFields.site(SiteFields.SUN_HOURS))).contains(4.04);
        assertThat(left.get(VisitFields.PATCH)).contains("A");
    }

    /** A text for every field of the registry, as a form would send it. */
    static Stream<Map.Entry<String, String>> texts() {
        return Stream.of(
                        "place=The strip",
                        "customer=Odile",
                        "note=below the windows",
                        "policy=bold",
                        "passed=a-b|c-d",
                        "site.zone=6b",
                        "site.minTempC=-20",
                        "site.sheltered=yes",
                        "site.sunBias=morning",
                        "site.sunHours=4.5",
                        "site.texture=clay loam",
                        "site.drainage=slow",
                        "site.exposure=wind|road-salt",
                        "site.deer=heavy",
                        "site.plantingDate=2027-05-01",
                        "site.springFrosts=120.5|80",
                        "site.practice=watered|pruned-to-size",
                        "site.partners=holly",
                        "site.supportHeightM=2.5 m",
                        "wants.kinds=shrub|tree",
                        "wants.colours=blue|#8040ff",
                        "wants.bloomMonths=5|6",
                        "wants.must=colours",
                        "wants.never.kinds=conifer",
                        "wants.screenHeightM=1.8 m",
                        "at.latitude=44.2",
                        "at.station=6f1c0f9e-4b1e-4a53-9a5e-0a5a3cbb4f10",
                        "at.limitedBy=window",
                        "soil.phReadings=6.2|6.4",
                        "soil.rubbed=gritty",
                        "seen.6=8|9|10")
                .map(each -> Map.entry(each.split("=", 2)[0], each.split("=", 2)[1]));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("texts")
    void whatIsKeptIsReadBackTheSame(Map.Entry<String, String> typed) {
        VisitForm.Checked checked =
                VisitForm.check(Map.of("units", "METRIC", typed.getKey(), typed.getValue()), Answers.NONE);
        assertThat(checked.problems()).isEmpty();
        Answers answers = Answers.NONE.with(checked.edit());
        Answers again = AnswersJson.read(AnswersJson.write(answers));
        assertThat(again).isEqualTo(answers);
        if (!typed.getKey().equals("units")) {
            assertThat(VisitForm.shown(typed.getKey(), again)).isEqualTo(typed.getValue());
        }
    }

    @Test
    void whatCannotBeReadIsLeftOutAndTheRestStays() {
        Answers read = AnswersJson.read(Map.of(
                "site",
                Map.of(
                        "ph", Map.of("value", 77, "from", "typed"),
                        "zone", Map.of("value", "6b", "from", "measured", "by", "a record"),
                        "tide", Map.of("value", 1, "from", "typed"),
                        "moisture", Map.of("value", 3, "from", "rumour")),
                "wishes",
                List.of()));
        assertThat(read.fields()).containsExactlyInAnyOrder(ZONE, VisitFields.site(SiteFields.MOISTURE));
        assertThat(read.known(ZONE).orElseThrow().from()).isEqualTo(Provenance.measured("a record"));
    }
}
