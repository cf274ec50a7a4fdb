package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.season.SoilColour;

/** Which needs a plant's looks and ways can give it, plant by plant. */
class AppearanceTest {

    @ParameterizedTest(name = "{0}: buds through winter {1}")
    @CsvSource({
        // bigleaf hydrangeas open in summer on last year's wood; panicle hydrangeas on this year's
        "bloom=6.2..8.3 flower_wood=old, true",
        "bloom=6.1..8.3 flower_wood=old, true",
        "bloom=9.3..10.2 flower_wood=old, true",
        "bloom=6.2..8.3 flower_wood=new, false",
        // forsythias and witch hazels open before their leaves on hardier buds, magnolias do not
        "bloom=5.3..6.1 flower_wood=old, false",
        "bloom=10.1..11.2 flower_wood=old, false",
        "botanical=Magnolia+stellata bloom=4.1..4.3 flower_wood=old, true",
        "botanical=Magnolia+stellata flower_wood=old, true",
        "botanical=Magnolia+stellata bloom=4.1..4.3 flower_wood=new, false",
        "kind=perennial botanical=Magnolia+stellata flower_wood=old, false",
        "flower_wood=old, false",
    })
    void budsThroughWinter(String plant, boolean buds) {
        assertThat(Appearance.hasWinterBuds(Plants.plant(plant))).isEqualTo(buds);
    }

    @ParameterizedTest(name = "{0}: rests dry {1}")
    @CsvSource({
        "kind=bulb moisture=1..3, true",
        "kind=bulb moisture=2..3, true",
        "kind=bulb moisture=3..5, false",
        "kind=bulb moisture=, false",
        "kind=perennial moisture=1..2, false",
    })
    void restsDry(String plant, boolean rests) {
        assertThat(Appearance.wantsDrySummer(Plants.plant(plant))).isEqualTo(rests);
    }

    @ParameterizedTest(name = "{0}: may be divided {1}")
    @CsvSource({
        "kind=perennial persistence=herbaceous divide_years=4, true",
        "kind=perennial persistence=herbaceous, false",
        "kind=annual persistence=annual divide_years=4, false",
        "kind=shrub divide_years=4, false",
    })
    void divided(String plant, boolean divided) {
        assertThat(Appearance.mayDivide(Plants.plant(plant))).isEqualTo(divided);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "botanical=Hydrangea+macrophylla flower_colours=blue#5a7fc0, true",
        "botanical=Hydrangea+serrata flower_colours=blue#5a7fc0, true",
        "botanical=Hydrangea+macrophylla flower_colours=white#fafafa, false",
        "botanical=Hydrangea+macrophylla flower_colours=white#fafafa|pink#d77fa1, true",
        "botanical=Hydrangea+macrophylla, false",
        "botanical=Hydrangea+paniculata flower_colours=pink#d77fa1, false",
    })
    void flowersFollowThePh(String plant, boolean follow) {
        assertThat(SoilColour.follows(Plants.plant(plant))).isEqualTo(follow);
    }

    @ParameterizedTest(name = "{0}: has a leaf colour to lose {1}")
    @CsvSource({
        "leaf_summer=green#4f7a3a, false",
        "leaf_summer=purple#5a2a45, true",
        "leaf_summer=blue-green#6f9a94, true",
        "leaf_summer=gold#d6c84a, true",
        "leaf_summer=lime#b9d94a, true",
        "leaf_summer=green#4f7a3a|white#f2f2ea, true",
        "leaf_summer=, true",
    })
    void leafColourToLose(String plant, boolean may) {
        assertThat(Appearance.mayLoseColour(Plants.plant(plant))).isEqualTo(may);
    }
}
