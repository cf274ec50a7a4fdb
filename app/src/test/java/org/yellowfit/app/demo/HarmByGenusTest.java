package org.yellowfit.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/** A genus shares its hazards, and what kills one kills its like: common knowledge of the poison and plant-health lists. */
class HarmByGenusTest {

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource({
        "Aconitum, hazards, toxic-people|toxic-pets",
        "Anemone, hazards, toxic-people|toxic-pets|sap",
        "Berberis, hazards, thorns",
        "Buxus, hazards, toxic-pets",
        "Buxus, troubles, moth",
        "Citrus, hazards, thorns|sap",
        "Clematis, hazards, toxic-people|toxic-pets|sap",
        "Euphorbia, hazards, toxic-people|toxic-pets|sap",
        "Gaillardia, hazards, sap",
        "Helenium, hazards, sap",
        "Helleborus, hazards, toxic-people|toxic-pets",
        "Hydrangea, hazards, toxic-pets",
        "Kalmia, hazards, toxic-people|toxic-pets",
        "Lonicera, hazards, toxic-people|toxic-pets",
        "Mahonia, hazards, thorns",
        "Narcissus, hazards, toxic-pets",
        "Nerium, hazards, toxic-people|toxic-pets",
        "Osmanthus heterophyllus, hazards, thorns",
        "Parthenocissus, hazards, toxic-people|toxic-pets|sap",
        "Pelargonium, hazards, toxic-pets|sap",
        "Pieris, hazards, toxic-people|toxic-pets",
        "Prunus laurocerasus, hazards, toxic-people|toxic-pets",
        "Rhododendron, hazards, toxic-people|toxic-pets",
        "Rosa, hazards, thorns",
        "Taxus, hazards, toxic-people|toxic-pets",
        "Wisteria, hazards, toxic-people|toxic-pets"
    })
    void whatAllOfThemHave(String taxon, String column, String words) throws IOException {
        List<Cultivar> plants =
                DemoPlants.all().stream().filter(plant -> plant.isOf(taxon)).toList();
        assertThat(plants).isNotEmpty();
        for (Cultivar plant : plants) {
            assertThat(plant.toCells().getOrDefault(column, "")).as(plant.id()).contains(words.split("\\|"));
        }
    }

    /** What does not stand lime or wet clay dies of it: acid maples, sweet gum and bayberry, Japanese holly. */
    @ParameterizedTest(name = "{0}: at most pH {1}")
    @CsvSource({"Acer × freemanii, 7", "Liquidambar styraciflua, 7", "Morella cerifera, 7", "Citrus, 6.8"})
    void whatTurnsYellowOnLime(String taxon, double highest) throws IOException {
        assertThat(DemoPlants.all())
                .filteredOn(plant -> plant.isOf(taxon))
                .isNotEmpty()
                .allSatisfy(
                        plant -> assertThat(plant.get(Traits.PH).orElseThrow().high())
                                .as(plant.id())
                                .isLessThanOrEqualTo(highest));
    }

    @ParameterizedTest(name = "{0}: not on clay")
    @CsvSource({"Ilex crenata"})
    void whatRotsInClay(String taxon) throws IOException {
        assertThat(DemoPlants.all())
                .filteredOn(plant -> plant.isOf(taxon))
                .isNotEmpty()
                .allSatisfy(plant -> assertThat(plant.toCells().get("texture"))
                        .as(plant.id())
                        .doesNotContain("clay"));
    }
}
