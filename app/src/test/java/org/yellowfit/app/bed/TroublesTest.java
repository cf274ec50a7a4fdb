package org.yellowfit.app.bed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.bed.BedModel.TroubleView;
import org.yellowfit.core.bed.BedFront;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.bed.BedLimit;
import org.yellowfit.core.bed.BedYear;
import org.yellowfit.core.bed.Existing;
import org.yellowfit.core.bed.PlantedAt;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;

/** What is said of a year in which something is wrong, and what to do about it (H4, D3). */
class TroublesTest {

    private static final double[][] BED = {{0, 0}, {6, 0}, {6, 2}, {0, 2}};
    private static final double[][] LINE = {{0, 1}, {6, 1}};

    /** A shrub that flowers on new wood and takes the saw, one on old wood, one that dies of it, and a perennial. */
    private static final Cultivar NEW = plant("spirea", "shrub", "hard_prune=yes", "flower_wood=new", 1.2);

    private static final Cultivar OLD = plant("lilac", "shrub", "hard_prune=yes", "flower_wood=old", 1.5);
    private static final Cultivar DELICATE = plant("lavender", "shrub", "hard_prune=no", "flower_wood=new", 0.8);
    private static final Cultivar HERB = plant("yarrow", "perennial", "hard_prune=yes", "flower_wood=", 0.6);

    private static Cultivar plant(String name, String kind, String prune, String wood, double spread) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("id", name);
        cells.put("botanical", "Testa " + name);
        cells.put("kind", kind);
        cells.put("habit", "mound");
        cells.put("persistence", kind.equals("perennial") ? "herbaceous" : "deciduous");
        cells.put("height10_m", "1");
        cells.put("spread10_m", String.valueOf(spread));
        cells.put("zone_min", "4a");
        cells.put("leaf_summer", "green#557d3f");
        for (String cell : List.of(prune, wood)) {
            String[] parts = cell.split("=", 2);
            if (!parts[1].isEmpty()) {
                cells.put(parts[0], parts[1]);
            }
        }
        return Cultivar.ofCells(cells);
    }

    private static BedGround ground(Existing... existing) {
        return new BedGround(
                BED,
                BedFront.of(BED, List.of(), List.of()),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(existing),
                null,
                0);
    }

    private static PlantedAt at(Cultivar plant, double x) {
        return new PlantedAt(plant, x, 1, 0, null, 0);
    }

    private static BedYear tooTall(BedYear.TooTall... tall) {
        return new BedYear(7, 0.5, List.of(), List.of(tall), List.of(), List.of(), List.of(), List.of());
    }

    private static BedYear overlaps(BedYear.Overlap... laps) {
        return new BedYear(7, 0.5, List.of(laps), List.of(), List.of(), List.of(), List.of(), List.of());
    }

    private static List<TroubleView> told(BedYear year, List<PlantedAt> plants, boolean pot) {
        List<String> uids = new java.util.ArrayList<>();
        for (int i = 0; i < plants.size(); i++) {
            uids.add("p" + i);
        }
        return Troubles.of(year, ground(), plants, uids, UnitSystem.METRIC, pot);
    }

    private static Cultivar named(String name) {
        return switch (name) {
            case "spirea" -> NEW;
            case "lilac" -> OLD;
            case "lavender" -> DELICATE;
            default -> HERB;
        };
    }

    /** Cut what takes it and flowers on the wood it then makes; anything else is swapped; near a wire nobody cuts. */
    @ParameterizedTest(name = "{0} over {1}: {2}")
    @CsvSource({
        "spirea,   sill, cut it back to 90 cm each year",
        "lilac,    sill, Swap it for one that stays under 90 cm",
        "lavender, sill, Swap it for one that stays under 90 cm",
        "spirea,   roof, cut it back to 90 cm each year",
        "spirea,   wire, Nobody prunes near a wire",
        "lilac,    wire, ask whoever owns the line",
    })
    void tooTallIsCutOrSwapped(String plant, String limit, String advice) {
        BedLimit over = switch (limit) {
            case "sill" -> BedLimit.window("kitchen window", LINE, 0.9);
            case "roof" -> BedLimit.roof("porch", BED, 0.9);
            default -> BedLimit.wire("wire", LINE, 0.9);
        };
        List<TroubleView> told = told(tooTall(new BedYear.TooTall(0, over, 0.4)), List.of(at(named(plant), 1)), false);
        assertThat(told).hasSize(1);
        assertThat(told.get(0).text()).contains("40 cm over", "year 7");
        assertThat(told.get(0).advice()).contains(advice);
    }

    /** Of like plants that meet every other one comes out, or they are divided; of unlike ones the wider is cut. */
    @ParameterizedTest(name = "{0} and {1}: {2}")
    @CsvSource({
        "spirea,   spirea,   Take out every other one in year 7",
        "yarrow,   yarrow,   Lift and divide in year 7",
        "spirea,   lavender, Cut Testa spirea back each year",
        "lavender, spirea,   Cut Testa spirea back each year",
        // the lilac is the wider one, and cutting it costs its flowers
        "lilac,    spirea,   Move them 30 cm apart",
        "lavender, yarrow,   Move them 30 cm apart",
    })
    void whatMeetsIsThinnedCutOrMoved(String one, String other, String advice) {
        List<PlantedAt> plants = List.of(at(named(one), 1), at(named(other), 1.6));
        List<TroubleView> told = told(overlaps(new BedYear.Overlap(0, 1, 0.3)), plants, false);
        assertThat(told).hasSize(1);
        assertThat(told.get(0).text()).contains("30 cm");
        assertThat(told.get(0).advice()).contains(advice);
    }

    @Test
    void theSameInManyPlacesIsToldOnceWithTheWorstAndAllItsPlants() {
        List<PlantedAt> plants = List.of(at(NEW, 1), at(NEW, 2), at(NEW, 3), at(HERB, 4), at(HERB, 4.3));
        List<TroubleView> told = told(
                overlaps(
                        new BedYear.Overlap(0, 1, 0.1),
                        new BedYear.Overlap(1, 2, 0.4),
                        new BedYear.Overlap(0, 2, 0.2),
                        new BedYear.Overlap(3, 4, 0.1)),
                plants,
                false);
        assertThat(told).hasSize(2);
        assertThat(told.get(0).text()).contains("40 cm", "The same in 3 places.");
        assertThat(told.get(0).uids()).containsExactlyInAnyOrder("p0", "p1", "p2");
        assertThat(told.get(1).text()).contains("10 cm").doesNotContain("places");
        assertThat(told.get(1).uids()).containsExactlyInAnyOrder("p3", "p4");
    }

    @Test
    void plantsOfAPotShareIt() {
        List<PlantedAt> plants = List.of(at(NEW, 1), at(HERB, 1.1));
        assertThat(told(overlaps(new BedYear.Overlap(0, 1, 0.3)), plants, true)).isEmpty();
        assertThat(told(overlaps(new BedYear.Overlap(0, 1, 0.3)), plants, false))
                .hasSize(1);
    }

    /** What stands in the way of people or of what cannot be moved comes first; shade, which comes slowly, last. */
    @Test
    void theGravestIsToldFirst() {
        Existing pear = new Existing("old pear", 3, 1, 6, 4, CrownFoliage.DECIDUOUS, null, null);
        BedYear year = new BedYear(
                7,
                0.5,
                List.of(new BedYear.Overlap(0, 1, 0.3)),
                List.of(new BedYear.TooTall(0, BedLimit.window("kitchen window", LINE, 0.9), 0.4)),
                List.of(new BedYear.Outside(1, 0.2)),
                List.of(new BedYear.Shaded(1, 2.5, 4)),
                List.of(new BedYear.IntoExisting(0, 0, 0.5)),
                List.of(new BedYear.OverEdge(0, BedYear.Edge.OVER_PATH, 0.25)));
        List<TroubleView> told = Troubles.of(
                year, ground(pear), List.of(at(NEW, 1), at(HERB, 1.5)), List.of("p0", "p1"), UnitSystem.METRIC, false);
        assertThat(told)
                .extracting(TroubleView::kind)
                .containsExactly("outside", "too-tall", "over-path", "existing", "overlap", "shaded");
        assertThat(told.get(3).text()).contains("old pear");
        assertThat(told.get(5).text()).contains("2.5 h", "4 h");
    }

    @Test
    void feetAndInchesAreSaidWhereTheyAreUsed() {
        List<TroubleView> told = Troubles.of(
                tooTall(new BedYear.TooTall(0, BedLimit.window("window", LINE, 0.9144), 0.3048)),
                ground(),
                List.of(at(NEW, 1)),
                List.of("p0"),
                UnitSystem.US,
                false);
        assertThat(told.get(0).text()).contains("12 in");
        assertThat(told.get(0).advice()).contains("3 ft");
    }
}
