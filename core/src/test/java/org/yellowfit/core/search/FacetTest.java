package org.yellowfit.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;

/** In which heaps a plant lies, and that heaps are counted right. */
class FacetTest {

    @ParameterizedTest(name = "{0} of {1}: {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "HEIGHT ; height10_m=0.29                          ; under 30 cm",
                "HEIGHT ; height10_m=0.3                           ; 30–60 cm",
                "HEIGHT ; height10_m=0.6                           ; 60 cm–1.2 m",
                "HEIGHT ; height10_m=1.2                           ; 1.2–2.5 m",
                "HEIGHT ; height10_m=2.5                           ; 2.5–6 m",
                "HEIGHT ; height10_m=6                             ; over 6 m",
                "HEIGHT ; height10_m=0.2..0.5                      ; 30–60 cm",
                "SUN    ; sun_live_h=0 sun_max_h=14                ; deep shade, shade, part sun, full sun",
                "SUN    ; sun_live_h=2 sun_max_h=14                ; shade, part sun, full sun",
                "SUN    ; sun_live_h=6                             ; full sun",
                "SUN    ; sun_live_h=1 sun_max_h=3.9               ; deep shade, shade",
                "SUN    ; sun_live_h=1 sun_max_h=4                 ; deep shade, shade, part sun",
                "SUN    ; sun_live_h=                              ; ''",
                "ZONE   ; zone_min=3a zone_max=4b                  ; 3, 4",
                "ZONE   ; zone_min=4b zone_max=5a                  ; 4, 5",
                "ZONE   ; zone_min=2a zone_max=3a                  ; 3",
                "ZONE   ; zone_min=9b zone_max=12a                 ; 9, 10",
                "ZONE   ; zone_min=8a zone_max=                    ; 8, 9, 10",
                "FLOWER ; flower_colours=cream#f3ecd2              ; white",
                "FLOWER ; flower_colours=gold#d9b43a               ; yellow",
                "FLOWER ; flower_colours=white#ffffff|pink#e39bb5  ; white, pink",
                "FLOWER ; flower_colours=                          ; ''",
                "BLOOM  ; bloom=2.3..3.1                           ; Jan–Feb, Mar–Apr",
                "BLOOM  ; bloom=7.1..7.3                           ; Jul–Aug",
                "BLOOM  ; bloom=12.2..1.1                          ; Jan–Feb, Nov–Dec",
                "BLOOM  ; bloom=                                   ; ''",
                "USE    ; uses=hedge|screen                        ; hedge, screen",
                "KIND   ; kind=conifer                             ; conifer",
                "LEAVES ; persistence=semi-evergreen               ; semi evergreen",
            })
    void aPlantLiesInItsHeaps(Facet facet, String cells, String heaps) {
        long bits = facet.of(Plants.plant(cells));
        List<String> in = new ArrayList<>();
        for (int i = 0; i < facet.heaps().size(); i++) {
            if ((bits >> i & 1) == 1) {
                in.add(facet.heaps().get(i));
            }
        }
        assertThat(in).containsExactlyInAnyOrder(heaps.isEmpty() ? new String[0] : heaps.split(", "));
    }

    @Test
    void countingManyAtOnceIsCountingThemOneByOne() {
        List<Cultivar> plants = Plants.random(333, 19);
        FacetIndex index = new FacetIndex(plants);
        Random random = new Random(5);
        for (int round = 0; round < 20; round++) {
            BitSet asked = new BitSet();
            random.ints(random.nextInt(400), 0, plants.size()).forEach(asked::set);
            for (Facet facet : Facet.values()) {
                int[] slow = new int[facet.heaps().size()];
                asked.stream().forEach(i -> {
                    for (int heap = 0; heap < slow.length; heap++) {
                        slow[heap] += facet.of(plants.get(i)) >> heap & 1;
                    }
                });
                assertThat(index.counts(asked, facet)).as("%s", facet).isEqualTo(slow);
                int heap = random.nextInt(slow.length);
                assertThat(index.narrowed(asked, Map.of(facet, heap)).cardinality())
                        .as("narrowed by %s", facet)
                        .isEqualTo(slow[heap]);
            }
        }
    }
}
