package org.yellowfit.app.plants;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.plant.Cultivar;

class PlantNamesTest {

    private static final List<Cultivar> PLANTS = List.of(
            plant("hydrangea-bilge-pump", "Hydrangea paniculata", "Bilge Pump", "panicle hydrangea"),
            plant("hydrangea-tide-table", "Hydrangea macrophylla", "Tide Table", "bigleaf hydrangea"),
            plant("geranium-keelson", "Geranium sanguineum", "Keelson", "bloody cranesbill"));

    private static Cultivar plant(String id, String botanical, String cultivar, String common) {
        return Cultivar.ofCells(Map.of(
                "id",
                id,
                "botanical",
                botanical,
                "cultivar",
                cultivar,
                "common",
                common,
                "kind",
                "shrub",
                "habit",
                "mound",
                "persistence",
                "deciduous",
                "height10_m",
                "1",
                "spread10_m",
                "1",
                "zone_min",
                "5"));
    }

    @ParameterizedTest
    @CsvSource({
        "bilge pump, hydrangea-bilge-pump",
        "hidrangea bilge, hydrangea-bilge-pump",
        "geranum, geranium-keelson",
        "CRANESBILL, geranium-keelson",
        "hydrangea-tide-table, hydrangea-tide-table",
        "macrofylla, hydrangea-tide-table"
    })
    void aNameIsFoundAsSaidOrMisspelt(String asked, String id) {
        assertThat(PlantNames.find(PLANTS, asked, 3))
                .first()
                .extracting(Cultivar::id)
                .isEqualTo(id);
    }

    @Test
    void nothingIsFoundForNothingOrForAnotherName() {
        assertThat(PlantNames.find(PLANTS, "  ", 3)).isEmpty();
        assertThat(PlantNames.find(PLANTS, "sequoia", 3)).isEmpty();
        assertThat(PlantNames.find(PLANTS, "hydrangea", 1)).hasSize(1);
    }
}
