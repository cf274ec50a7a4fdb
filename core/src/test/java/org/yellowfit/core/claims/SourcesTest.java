package org.yellowfit.core.claims;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Traits;

/** Claims and policies: which of the values that sources give is used. */
class SourcesTest {

    private static final String PLANT =
            "zone_min=5a zone_max=8b height10_m=1..1.4 height_max_m=2.5 sun_flower_h=5 hot_sun_max_h=4 deer=resistant hazards=none moisture=2..4";

    private static Claim calibrated(String column, String value) {
        return new Claim(
                "test-plant",
                Traits.named(column).orElseThrow(),
                value,
                "5 measurements of our records",
                SourceKind.CALIBRATED,
                OptionalDouble.empty(),
                "");
    }

    /** What all records come to stands for each of them; it is worked out, and comes in no file. */
    @Test
    void whatAllRecordsComeToIsUsedRatherThanEachOfThem() {
        List<Claim> sizes = new ArrayList<>(claims("height10_m", "own-record@1.8"));
        sizes.add(calibrated("height10_m", "1.1..1.5"));
        assertThat(used(sizes, Policy.STANDARD, "height10_m")).isEqualTo("1.1..1.5");
        assertThat(used(sizes, Policy.BOLD, "height10_m")).isEqualTo("1.1..1.5");
        assertThat(used(sizes, Policy.CAUTIOUS, "height10_m")).isEqualTo("1.8");
        List<Claim> blooms = List.of(calibrated("bloom_gdd", "410"));
        for (Policy policy : Policy.values()) {
            assertThat(used(blooms, policy, "bloom_gdd")).as("%s", policy).isEqualTo("410");
        }
        assertThatThrownBy(() -> claim("column=height10_m value=1 source_kind=calibrated"))
                .isInstanceOf(InvalidInput.class);
    }

    private static String used(List<Claim> said, Policy policy, String column) {
        Cultivar plant = Sources.of(Plants.plant(PLANT), said).under(policy);
        return plant.write(Traits.named(column).orElseThrow()).orElseThrow();
    }

    private static Claim claim(String text) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("id", "test-plant");
        for (String part : text.trim().split("\\s+")) {
            cells.put(part.split("=", 2)[0], part.split("=", 2)[1].replace('+', ' '));
        }
        cells.putIfAbsent("source", "somebody");
        return Claim.ofCells(cells);
    }

    private static List<Claim> claims(String column, String said) {
        List<Claim> claims = new ArrayList<>();
        for (String each : said.split(";")) {
            String[] parts = each.trim().split("@");
            claims.add(claim("column=" + column + " value=" + parts[1] + " source_kind=" + parts[0]
                    + (parts.length > 2 ? " at_age_years=" + parts[2] : "")));
        }
        return claims;
    }

    @ParameterizedTest(name = "{0}: {1} → cautious {2}, standard {3}, bold {4}")
    @CsvSource({
        // the narrowest hardiness, the label, the widest
        "zone_min,      reference@4a,                                 5a,       5a,       4a",
        "zone_min,      reference@6a,                                 6a,       5a,       5a",
        "zone_min,      grower@4b; reference@5b,                      5b,       5a,       4b",
        "zone_max,      reference@9b; grower@7b,                      7b,       8b,       9b",
        // one own record is an anecdote, two that agree outweigh the label
        "zone_min,      own-record@6a,                                6a,       5a,       5a",
        "zone_min,      own-record@6a; own-record@6a,                 6a,       6a,       5a",
        "zone_min,      own-record@6a; own-record@5b,                 6a,       5a,       5a",
        // the largest size; own records move the label by n·σp²/(n·σp²+σn²): one by 0.718, ln 1.5 × 0.718 → × 1.338
        "height10_m,    reference@1.6..2,                             1.6..2,   1..1.4,   1..1.4",
        "height10_m,    own-record@1.8,                               1.8..1.87, 1.34..1.87, 1.34..1.87",
        "height10_m,    own-record@1.8; own-record@1.8,               1.8..1.96, 1.4..1.96, 1.4..1.96",
        "height10_m,    reference@0.8,                                1..1.4,   1..1.4,   1..1.4",
        "sun_flower_h,  reference@6,                                  6,        5,        5",
        "hot_sun_max_h, grower@2.5,                                   2.5,      4,        4",
        // own records outrank the label on browsing, from the first on (F3)
        "deer,          own-record@favourite,                         favourite, favourite, favourite",
        "deer,          reference@sometimes,                          sometimes, resistant, resistant",
        "hazards,       reference@toxic-pets; grower@sap,             toxic-pets|sap, toxic-pets|sap, toxic-pets|sap",
        "moisture,      reference@3..5,                               2..4,     2..4,     2..4"
    })
    void whatEachPolicyUses(String column, String said, String cautious, String standard, String bold) {
        Sources sources = Sources.of(Plants.plant(PLANT), claims(column, said));
        assertThat(used(sources, Policy.CAUTIOUS, column)).as("cautious").isEqualTo(cautious);
        assertThat(used(sources, Policy.STANDARD, column)).as("standard").isEqualTo(standard);
        assertThat(used(sources, Policy.BOLD, column)).as("bold").isEqualTo(bold);
    }

    private static String used(Sources sources, Policy policy, String column) {
        return sources.under(policy).toCells().get(column);
    }

    @Test
    void aSizeSeenAtAnotherAgeIsBroughtToTenYears() {
        // The label says 1 to 1.4 m at ten years; the curve predicts 0.80 m at five. A plant of 1.2 m at five is 1.5
        // times
        // that.
        Cultivar plant = Plants.plant(PLANT);
        double atFive =
                org.yellowfit.core.growth.PlantGrowth.of(plant).height(5).mid();
        Sources sources =
                Sources.of(plant, claims("height10_m", "own-record@" + Math.round(atFive * 150) / 100.0 + "@5"));
        assertThat(sources.under(Policy.CAUTIOUS).height10().high()).isBetween(2.07, 2.13);
        assertThat(sources.under(Policy.STANDARD).height10().mid()).isBetween(1.58, 1.63);
    }

    /** J3: a plant that grows half as large again does so in flower and in old age, unless somebody measured that too. */
    @Test
    void whatNobodyMeasuredKeepsItsProportion() {
        Cultivar plant =
                Plants.plant("height10_m=1 spread10_m=1 height_max_m=1.6 spread_max_m=1.4 flower_height_m=1.2");
        Cultivar cautious =
                Sources.of(plant, claims("height10_m", "reference@1.5")).under(Policy.CAUTIOUS);
        assertThat(cautious.toCells())
                .containsEntry("height10_m", "1.5")
                .containsEntry("height_max_m", "2.4")
                .containsEntry("flower_height_m", "1.8")
                .containsEntry("spread_max_m", "1.4");
        List<Claim> both = new ArrayList<>(claims("height10_m", "reference@1.5"));
        both.addAll(claims("height_max_m", "reference@1.8"));
        assertThat(Sources.of(plant, both).under(Policy.CAUTIOUS).toCells())
                .containsEntry("height_max_m", "1.8")
                .containsEntry("flower_height_m", "1.8");
    }

    @Test
    void aBlankCellIsFilledByTheBestSource() {
        Sources sources = Sources.of(Plants.plant("ph="), claims("ph", "grower@5..6;reference@5.5..7"));
        assertThat(sources.under(Policy.STANDARD).get(Traits.PH))
                .map(ph -> ph.text())
                .contains("5.5..7");
        assertThat(sources.standpoints(Policy.STANDARD).get(0).disagrees()).isTrue();
    }

    @Test
    void agreementIsNoDisagreement() {
        TraitSources point = Sources.of(Plants.plant(PLANT), claims("zone_min", "reference@5"))
                .standpoints(Policy.CAUTIOUS)
                .get(0);
        assertThat(point.disagrees()).isFalse();
        assertThat(point.used()).isEqualTo("5a");
    }

    @Test
    void everyProblemOfAClaimIsTold() {
        assertThatThrownBy(() -> Claim.ofCells(Map.of(
                        "id",
                        "x",
                        "column",
                        "hieght10_m",
                        "value",
                        "3..1",
                        "source_kind",
                        "hearsay",
                        "at_age_years",
                        "old")))
                .isInstanceOfSatisfying(
                        InvalidInput.class,
                        e -> assertThat(e.problems())
                                .extracting("field")
                                .containsExactlyInAnyOrder("source", "column", "source_kind", "at_age_years"));
        assertThatThrownBy(() -> claim("column=height10_m value=3..1 source_kind=label"))
                .hasMessageContaining("reversed");
        assertThatThrownBy(() -> claim("column=hieght10_m value=1 source_kind=label"))
                .hasMessageContaining("height10_m");
    }

    @Test
    void cautiousIsNeverHardierNorSmallerThanBold() {
        Random random = new Random(5);
        for (Cultivar plant : Plants.random(200, 3)) {
            List<Claim> said = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                String kind = Plants.one(random, "reference", "grower", "own-record");
                said.addAll(claims("zone_min", kind + "@" + (1 + random.nextInt(9)) + "b"));
                said.addAll(claims("height10_m", kind + "@" + (0.2 + random.nextInt(60) / 10.0)));
            }
            Sources sources = Sources.of(plant, said);
            Cultivar cautious = sources.under(Policy.CAUTIOUS);
            Cultivar bold = sources.under(Policy.BOLD);
            assertThat(cautious.get(Traits.ZONE_MIN).orElseThrow())
                    .isGreaterThanOrEqualTo(bold.get(Traits.ZONE_MIN).orElseThrow());
            assertThat(cautious.height10().high())
                    .isGreaterThanOrEqualTo(plant.height10().high());
        }
    }
}
