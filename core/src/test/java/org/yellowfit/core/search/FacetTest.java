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
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;

/** In which groups a plant lies, and that groups are counted right. */
class FacetTest {

    @ParameterizedTest(name = "{0} of {1}: {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "HEIGHT ; height10_m=0.29                          ; facet.height.1",
                "HEIGHT ; height10_m=0.3                           ; facet.height.2",
                "HEIGHT ; height10_m=0.6                           ; facet.height.3",
                "HEIGHT ; height10_m=1.2                           ; facet.height.4",
                "HEIGHT ; height10_m=2.5                           ; facet.height.5",
                "HEIGHT ; height10_m=6                             ; facet.height.6",
                "HEIGHT ; height10_m=0.2..0.5                      ; facet.height.2",
                "SUN    ; sun_live_h=0 sun_max_h=14                ; deep-shade, shade, part, full-sun",
                "SUN    ; sun_live_h=2 sun_max_h=14                ; shade, part, full-sun",
                "SUN    ; sun_live_h=6                             ; full-sun",
                "SUN    ; sun_live_h=1 sun_max_h=3.9               ; deep-shade, shade",
                "SUN    ; sun_live_h=1 sun_max_h=4                 ; deep-shade, shade, part",
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
                "BLOOM  ; bloom=2.3..3.1                           ; facet.bloom.1, facet.bloom.2",
                "BLOOM  ; bloom=7.1..7.3                           ; facet.bloom.4",
                "BLOOM  ; bloom=12.2..1.1                          ; facet.bloom.1, facet.bloom.6",
                "BLOOM  ; bloom=                                   ; ''",
                "USE    ; uses=hedge|screen                        ; hedge, screen",
                "MERIT  ; merits=flower:3|leaf:2|scent:3           ; flower, scent",
                "CUT    ; cut=dried                                ; dried",
                "CUT    ; cut=none                                 ; ''",
                "KIND   ; kind=conifer                             ; conifer",
                "LEAVES ; persistence=semi-evergreen               ; semi-evergreen",
            })
    void aPlantLiesInItsGroups(Facet facet, String cells, String groups) {
        long bits = facet.of(Plants.plant(cells));
        List<String> in = new ArrayList<>();
        for (int i = 0; i < facet.groups().size(); i++) {
            if ((bits >> i & 1) == 1) {
                in.add(name(facet.groups().get(i)));
            }
        }
        assertThat(in).containsExactlyInAnyOrder(groups.isEmpty() ? new String[0] : groups.split(", "));
    }

    private static String name(Fact group) {
        Object value = group.values().isEmpty() ? group.key() : group.values().get(0);
        return value instanceof Enum<?> word ? Words.of(word) : String.valueOf(value);
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
                int[] slow = new int[facet.groups().size()];
                asked.stream().forEach(i -> {
                    for (int group = 0; group < slow.length; group++) {
                        slow[group] += facet.of(plants.get(i)) >> group & 1;
                    }
                });
                assertThat(index.counts(asked, facet)).as("%s", facet).isEqualTo(slow);
                int group = random.nextInt(slow.length);
                assertThat(index.narrowed(asked, Map.of(facet, group)).cardinality())
                        .as("narrowed by %s", facet)
                        .isEqualTo(slow[group]);
            }
        }
    }
}
