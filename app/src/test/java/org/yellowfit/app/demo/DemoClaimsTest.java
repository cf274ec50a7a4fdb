package org.yellowfit.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;

/**
 * What the demo's sources say beside the labels: of enough plants and traits, above the label and below it, and nothing
 * that cannot be.
 */
class DemoClaimsTest {

    private record Size(String id, String column, String place, int age, double metres) {}

    private static final Map<String, Cultivar> PLANTS = new HashMap<>();
    private static final List<NamedCsvRecord> CLAIMS = new ArrayList<>();
    private static final List<Size> OWN_SIZES = new ArrayList<>();

    @BeforeAll
    static void read() throws IOException {
        rows("/demo/catalogue.csv")
                .forEach(row -> PLANTS.put(row.getField("id"), Cultivar.ofCells(new HashMap<>(row.getFieldsAsMap()))));
        CLAIMS.addAll(rows("/demo/claims.csv"));
        CLAIMS.stream()
                .filter(row -> row.getField("source_kind").equals("own-record")
                        && !row.getField("at_age_years").isEmpty())
                .map(row -> new Size(
                        row.getField("id"),
                        row.getField("column"),
                        row.getField("place"),
                        Integer.parseInt(row.getField("at_age_years")),
                        Double.parseDouble(row.getField("value"))))
                .forEach(OWN_SIZES::add);
    }

    private static List<NamedCsvRecord> rows(String file) throws IOException {
        try (InputStream in = DemoClaimsTest.class.getResourceAsStream(file);
                CsvReader<NamedCsvRecord> rows =
                        CsvReader.builder().ofNamedCsvRecord(new String(in.readAllBytes(), StandardCharsets.UTF_8))) {
            return rows.stream().toList();
        }
    }

    @Test
    void fortyPlantsHaveTwoOwnRecordsOrMore() {
        Map<String, Long> records = OWN_SIZES.stream().collect(Collectors.groupingBy(Size::id, Collectors.counting()));
        assertThat(records.values().stream().filter(count -> count >= 2).count())
                .isGreaterThanOrEqualTo(40);
    }

    @Test
    void everyTraitThatIsDisputedInPracticeIsDisputedHere() {
        Set<String> columns = new HashSet<>();
        CLAIMS.forEach(row -> columns.add(row.getField("column")));
        assertThat(columns)
                .contains(
                        "zone_min", "zone_max", "height10_m", "spread10_m", "bloom", "ph", "deer", "stands", "hazards");
    }

    /**
     * Seasons, soil and hand make plants both larger and smaller than their label, and no honest record is all one way.
     */
    @Test
    void recordsLieOnBothSidesOfTheLabelAndWithinReach() {
        List<Double> ratios = OWN_SIZES.stream()
                .map(size -> {
                    PlantGrowth growth = PlantGrowth.of(PLANTS.get(size.id()));
                    return size.metres()
                            / (size.column().startsWith("spread")
                                            ? growth.spread(size.age())
                                            : growth.height(size.age()))
                                    .mid();
                })
                .toList();
        assertThat(ratios).allSatisfy(ratio -> assertThat(ratio).isBetween(0.45, 2.5));
        assertThat(ratios.stream().filter(ratio -> ratio > 1.05).count()).isGreaterThan(20);
        assertThat(ratios.stream().filter(ratio -> ratio < 0.95).count()).isGreaterThan(20);
    }

    @Test
    void noPlantShrinksInItsBed() {
        Map<String, List<Size>> beds =
                OWN_SIZES.stream().collect(Collectors.groupingBy(size -> size.id() + size.column() + size.place()));
        assertThat(beds.values()).allSatisfy(bed -> {
            List<Double> byAge = bed.stream()
                    .sorted(Comparator.comparingInt(Size::age))
                    .map(Size::metres)
                    .toList();
            assertThat(byAge).isSorted();
        });
    }
}
