package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;

/** What each shop reads of the catalogue as it changes. */
class EditionsTest {

    private static final long HERE = 1;
    private static final long THERE = 2;
    private static Cultivar one;
    private static Cultivar other;

    @BeforeAll
    static void read() throws IOException {
        List<Cultivar> plants = DemoPlants.all();
        one = plants.get(0);
        other = plants.get(1);
    }

    private static Claim calibrated(Cultivar plant, String height) {
        return new Claim(
                plant.id(), Traits.HEIGHT10, height, "Our records", SourceKind.CALIBRATED, OptionalDouble.empty(), "");
    }

    private static Claim reference(Cultivar plant, String value) {
        return new Claim(
                plant.id(), Traits.BLOOM_GDD, value, "A book", SourceKind.REFERENCE, OptionalDouble.empty(), "");
    }

    private static Editions begun() {
        Editions.Said said = new Editions.Said();
        said.add(null, reference(one, "300"));
        said.add(HERE, calibrated(one, "9..9"));
        return Editions.NONE.with(1, List.of(one, other), said, WatchList.EMPTY);
    }

    private static Interval height(Editions editions, long shop, Cultivar plant) {
        return editions.of(shop)
                .under(Policy.STANDARD)
                .find(plant.id())
                .orElseThrow()
                .get(Traits.HEIGHT10)
                .orElseThrow();
    }

    @Test
    void aShopReadsItsOwnRecordsAndNobodyElseDoes() {
        Editions editions = begun();
        assertThat(height(editions, HERE, one)).isEqualTo(new Interval(9, 9));
        assertThat(height(editions, THERE, one)).isEqualTo(one.height10());
        assertThat(editions.of(HERE).claims(one.id())).hasSize(2);
        assertThat(editions.of(THERE).claims(one.id())).containsExactly(reference(one, "300"));
    }

    @Test
    void shopsWithoutRecordsReadTheSameEdition() {
        Editions editions = begun();
        assertThat(editions.of(THERE)).isSameAs(editions.of(3));
        assertThat(editions.of(HERE)).isSameAs(editions.of(HERE)).isNotSameAs(editions.of(THERE));
        assertThat(editions.of(HERE).number()).isNotEqualTo(editions.of(THERE).number());
        assertThat(editions.of(HERE).labels()).isSameAs(editions.of(THERE).labels());
    }

    @Test
    void whatIsSaidOfAChangedPlantTakesThePlaceOfAllThatWas() {
        Editions.Said said = new Editions.Said();
        said.add(THERE, calibrated(one, "2..2"));
        Editions next = begun().with(2, List.of(one), said, WatchList.EMPTY);
        assertThat(next.version()).isEqualTo(2);
        assertThat(height(next, HERE, one)).isEqualTo(one.height10());
        assertThat(height(next, THERE, one)).isEqualTo(new Interval(2, 2));
        assertThat(next.of(HERE).claims(one.id())).isEmpty();
    }

    @Test
    void otherPlantsKeepWhatWasSaidOfThem() {
        Editions.Said said = new Editions.Said();
        said.add(HERE, calibrated(other, "4..4"));
        Editions next = begun().with(2, List.of(other), said, WatchList.EMPTY);
        assertThat(height(next, HERE, one)).isEqualTo(new Interval(9, 9));
        assertThat(height(next, HERE, other)).isEqualTo(new Interval(4, 4));
        assertThat(next.of(HERE).claims(one.id())).hasSize(2);
        assertThat(next.of(HERE).labels().all()).hasSize(2);
    }
}
