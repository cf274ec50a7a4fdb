package org.yellowfit.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;

/** The words of the counter: what each is taken for, on one plant that answers to it and one that does not. */
class VocabularyTest {

    @ParameterizedTest(name = "“{0}” is “{1}”")
    @CsvSource(
            delimiter = ';',
            value = {
                // size
                "at most 3 ft tall        ; at most 3 ft high           ; height10_m=0.9                       ; height10_m=0.95",
                "less than 24 inches      ; at most 24 in high          ; height10_m=0.6                       ; height10_m=0.62",
                "max 2 metres             ; at most 2 m high            ; height10_m=2                         ; height10_m=2.1",
                "up to 45                 ; at most 45 cm high          ; height10_m=0.45                      ; height10_m=0.46",
                "taller than 2 m          ; at least 2 m high           ; height10_m=2..3                      ; height10_m=1.9",
                "over 150 cm wide         ; at least 150 cm wide        ; spread10_m=1.6                       ; spread10_m=1.4",
                "under 400 mm             ; at most 400 mm high         ; height10_m=0.4                       ; height10_m=0.41",
                "dwarf                    ; at most 60 cm high          ; height10_m=0.6                       ; height10_m=0.61",
                // zones
                "hardy in zone 4b         ; hardy in zone 4b            ; zone_min=4b                          ; zone_min=5a",
                "hardy to 3               ; hardy in zone 3a            ; zone_min=3a                          ; zone_min=3b",
                "zone 10                  ; hardy in zone 10a           ; zone_min=9a zone_max=10a             ; zone_min=9a zone_max=9b",
                // colour
                "gold foliage             ; gold leaves                 ; leaf_summer=gold#d9b43a              ; leaf_summer=green#4f7a3a flower_colours=gold#d9b43a",
                "leaves purple            ; purple leaves               ; leaf_spring=purple#5a2f52            ; leaf_summer=green#4f7a3a",
                "pink-flowered            ; pink flowers                ; flower_colours=pink#e39bb5           ; flower_colours=blue#4c68c0",
                "red berries              ; red fruit                   ; fruit=red#c22b2b                     ; fruit=black#22222a",
                "red stems                ; red winter stems            ; stem_winter=red#b03030               ; stem_winter=brown#6b5a45",
                "fall color               ; autumn colour               ; leaf_autumn=scarlet#cc3a26           ; leaf_autumn=green#4f7a3a",
                "variegated               ; variegated                  ; leaf_summer=green#4f7a3a|cream#efe6c0 ; leaf_summer=green#4f7a3a",
                // merits
                "outstanding autumn colour; outstanding autumn          ; merits=autumn:3                      ; merits=autumn:2",
                "superb scent             ; outstanding scent           ; merits=scent:3                       ; merits=flower:3",
                "best ground cover        ; outstanding cover           ; merits=cover:3                       ; merits=cover:1",
                "showy bark               ; outstanding stem            ; merits=stem:3                        ; merits=leaf:3",
                "for cutting              ; for cutting                 ; cut=fresh                            ; cut=none",
                "cut flowers              ; for cutting                 ; cut=dried                            ; cut=",
                "for drying               ; for drying                  ; cut=fresh|dried                      ; cut=fresh",
                // bloom
                "flowering in march       ; in flower in March          ; bloom=3.1..3.3                       ; bloom=4.1..4.3",
                "january                  ; in flower in January        ; bloom=12.1..1.2                      ; bloom=2.1..2.3",
                "repeat flowering         ; flowers again               ; rebloom=flush                        ; rebloom=none",
                "new wood                 ; flowers on new wood         ; flower_wood=new                      ; flower_wood=old",
                "old wood                 ; flowers on old wood         ; flower_wood=old                      ; flower_wood=new",
                // light
                "sunny                    ; full sun                    ; sun_max_h=8                          ; sun_max_h=7.5",
                "deep shade               ; deep shade                  ; sun_live_h=1                         ; sun_live_h=1.5",
                "dappled shade            ; part shade                  ; sun_live_h=4 sun_max_h=4             ; sun_live_h=4.5",
                "north wall               ; shade                       ; sun_live_h=2                         ; sun_live_h=2.5",
                "sun                      ; sun                         ; sun_max_h=6                          ; sun_max_h=5.5",
                // ground
                "clayey                   ; clay                        ; texture=clay                         ; texture=sand",
                "sandy                    ; sand                        ; texture=sand                         ; texture=clay",
                "loamy                    ; loam                        ; texture=loam                         ; texture=clay",
                "boggy                    ; wet ground                  ; moisture=3..4                        ; moisture=2..3.5",
                "drought tolerant         ; dry ground                  ; moisture=2..4 drought=yes            ; moisture=2..4",
                "damp                     ; moist ground                ; moisture=3..4                        ; moisture=1..3",
                "badly drained            ; poor drainage               ; drainage=poor                        ; drainage=good",
                "ericaceous               ; acid soil                   ; ph=4.5..5.5                          ; ph=5.5..7",
                "chalky                   ; alkaline soil               ; ph=6..8                              ; ph=5.5..7.5",
                // stresses and browsers
                "seaside                  ; stands salt                 ; stands=salt                          ; stands=wind",
                "exposed                  ; stands wind                 ; stands=wind                          ; stands=salt",
                "black walnut             ; stands walnut               ; stands=juglone                       ; stands=salt",
                "street                   ; stands city air             ; stands=pollution                     ; stands=salt",
                "hot wall                 ; stands reflected heat       ; stands=reflected-heat                ; stands=salt",
                "humidity                 ; stands humidity             ; stands=humidity                      ; stands=salt",
                "deer-proof               ; deer mostly leave it        ; deer=resistant                       ; deer=sometimes",
                "rabbit resistant         ; rabbits mostly leave it     ; rabbit=resistant                     ; rabbit=favourite",
                "thornless                ; no thorns                   ; hazards=none                         ; hazards=thorns",
                "prickly                  ; thorns                      ; hazards=thorns                       ; hazards=none",
                "pet safe                 ; not known as poisonous      ; hazards=thorns                       ; hazards=toxic-pets",
                "poisonous                ; poisonous                   ; hazards=toxic-people                 ; hazards=sap",
                // kinds and habits
                "vine                     ; climber                     ; kind=climber                         ; kind=shrub",
                "sedges                   ; grass                       ; kind=grass                           ; kind=fern",
                "bush                     ; shrub                       ; kind=shrub                           ; kind=tree",
                "bulbs                    ; bulb                        ; kind=bulb                            ; kind=perennial",
                "bedding                  ; annual                      ; kind=annual persistence=annual       ; kind=perennial",
                "herbaceous               ; herbaceous                  ; persistence=herbaceous               ; persistence=deciduous",
                "slim                     ; columnar                    ; habit=columnar                       ; habit=mound",
                "ball                     ; globe                       ; habit=globe                          ; habit=mound",
                "weeping                  ; weeping                     ; habit=weeping                        ; habit=upright",
                "big leaves               ; bold leaves                 ; leaf_texture=bold                    ; leaf_texture=fine",
                "tiny leaf                ; fine leaves                 ; leaf_texture=fine                    ; leaf_texture=bold",
                // uses and guests
                "hedging                  ; for a hedge                 ; uses=hedge                           ; uses=specimen",
                "privacy                  ; for a screen                ; uses=screen                          ; uses=hedge",
                "groundcover              ; covers the ground           ; uses=ground-cover                    ; uses=hedge",
                "focal point              ; as a specimen               ; uses=specimen                        ; uses=hedge",
                "airy                     ; see-through                 ; uses=woven                           ; uses=hedge",
                "tub                      ; for pots                    ; pot_ok=yes                           ; pot_ok=no",
                "perfumed                 ; fragrant                    ; fragrance=flower                     ; fragrance=none",
                "pollinators              ; feeds bees                  ; wildlife=bees                        ; wildlife=birds",
                "butterflies              ; feeds butterflies           ; wildlife=butterflies                 ; wildlife=bees",
                "birds                    ; feeds birds                 ; wildlife=birds                       ; wildlife=bees",
                "natives                  ; native to North America     ; native_region=eastern+North+America  ; native_region=East+Asia",
                // turned round
                "without thorns           ; not thorns                  ; hazards=none                         ; hazards=thorns",
                "not evergreen            ; not evergreen               ; persistence=deciduous                ; persistence=evergreen",
                "no birds                 ; not feeds birds             ; wildlife=bees                        ; wildlife=birds",
            })
    void aWordOfTheCounter(String typed, String label, String answers, String doesNot) {
        Understood understood = Understanding.of(typed);
        assertThat(understood.conditions().stream().map(condition -> words(condition.meaning())))
                .containsExactly(plain(label));
        assertThat(understood.words()).isEmpty();
        assertThat(understood.holdsFor(Plants.plant(answers)))
                .as("answers: %s", answers)
                .isTrue();
        assertThat(understood.holdsFor(Plants.plant(doesNot)))
                .as("does not: %s", doesNot)
                .isFalse();
    }

    private static String word(Object value) {
        if (value instanceof Fact fact) {
            return words(fact);
        }
        return value instanceof Enum<?> word ? Words.of(word) : String.valueOf(value);
    }

    /** What a condition means, without capitals and hyphens; the program's own words are tested beside its bundle. */
    private static String words(Fact meaning) {
        List<Object> values = meaning.values();
        String value = values.isEmpty() ? "" : word(values.get(0));
        return plain(
                switch (meaning.key()) {
                    case "value" -> value;
                    case "search.leaves-of" -> value + " leaves";
                    case "search.flowers-of" -> value + " flowers";
                    case "search.fruit-of" -> value + " fruit";
                    case "search.stems-of" -> value + " winter stems";
                    case "search.at-most.high" -> "at most " + value + " high";
                    case "search.at-most.wide" -> "at most " + value + " wide";
                    case "search.at-least.high" -> "at least " + value + " high";
                    case "search.at-least.wide" -> "at least " + value + " wide";
                    default -> (meaning.key().replace("search.", "") + " " + value).strip();
                });
    }

    private static String plain(String words) {
        return words.toLowerCase(Locale.ROOT).replace('-', ' ');
    }
}
