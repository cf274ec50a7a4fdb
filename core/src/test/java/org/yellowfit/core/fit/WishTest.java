package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Service;

/** Each wish of a customer: which plants meet it, which do not, of which it is not known (rule G5). */
class WishTest {

    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "evergreen=yes                          ; persistence=evergreen                        ; yes",
                "evergreen=yes                          ; persistence=semi-evergreen                   ; half",
                "evergreen=yes                          ; persistence=deciduous                        ; no",
                "colours=gold                           ; leaf_summer=gold#d9b43a                      ; yes",
                "colours=gold                           ; leaf_summer=green#4f7a3a flower_colours=gold#d9b43a ; some",
                "colours=gold colourOf=leaf             ; leaf_summer=green#4f7a3a flower_colours=gold#d9b43a ; no",
                "colours=gold colourOf=flower           ; leaf_summer=gold#d9b43a flower_colours=pink#e39bb5  ; no",
                "colours=pink colourOf=flower           ; kind=fern flower_colours=                    ; no",
                "colours=gold colourOf=leaf             ; leaf_summer=                                 ; unknown",
                "colours=gold|pink                      ; flower_colours=pink#e39bb5                   ; some",
                "colours=#d9b43a                        ; leaf_summer=gold#d9b43a                      ; yes",
                "colours=#d9b43a                        ; leaf_summer=green#4f7a3a                     ; no",
                "bloomMonths=7                          ; bloom=7.1..8.2 bloom_zone=6b                 ; yes",
                "bloomMonths=7|10                       ; bloom=7.1..8.2 bloom_zone=6b                 ; some",
                "bloomMonths=5                          ; bloom=7.1..8.2 bloom_zone=6b                 ; no",
                "bloomMonths=1                          ; bloom=12.1..2.1 bloom_zone=6b                ; yes",
                "bloomMonths=7                          ; bloom= flower_colours=pink#e39bb5            ; unknown",
                "bloomMonths=7                          ; kind=fern bloom=                             ; no",
                "uses=hedge                             ; uses=hedge|screen                            ; yes",
                "uses=hedge|edging                      ; uses=edging                                  ; yes",
                "uses=hedge                             ; uses=specimen                                ; no",
                "uses=hedge                             ; uses=                                        ; unknown",
                "uses=screen                            ; kind=climber uses=screen                     ; half",
                "uses=screen|climber                    ; kind=climber uses=screen|climber             ; yes",
                "uses=hedge                             ; kind=climber uses=screen                     ; no",
                "fragrance=yes                          ; fragrance=flower                             ; yes",
                "fragrance=yes                          ; fragrance=leaf                               ; half",
                "fragrance=yes                          ; fragrance=none                               ; no",
                "fragrance=yes                          ; fragrance=                                   ; unknown",
                "pollinators=yes                        ; wildlife=hummingbirds                        ; yes",
                "pollinators=yes                        ; wildlife=birds                               ; no",
                "birds=yes                              ; wildlife=birds                               ; yes",
                "birds=yes                              ; wildlife=bees                                ; no",
                "birds=yes                              ; wildlife=                                    ; unknown",
                "winterInterest=yes                     ; persistence=evergreen                        ; some",
                "winterInterest=yes                     ; stem_winter=red#b03030                       ; some",
                "winterInterest=yes                     ; stands_winter=yes                            ; some",
                "winterInterest=yes                     ; bloom=1.1..2.3 flower_colours=yellow#e8cf3e  ; some",
                "winterInterest=yes                     ; bloom=7.1..8.2 flower_colours=yellow#e8cf3e  ; no",
                "nativeRegion=america                   ; native_region=eastern+North+America          ; yes",
                "nativeRegion=america                   ; native_region=East+Asia                      ; no",
                "nativeRegion=america                   ; native_region=                               ; unknown",
                "maxCareMinutes=20                      ; care_min_year=20                             ; yes",
                "maxCareMinutes=20                      ; care_min_year=21                             ; some",
                "maxCareMinutes=20                      ; care_min_year=                               ; unknown",
            })
    void aWishAndAPlant(String wants, String cells, String met) {
        Service wish = asked(wants, cells);
        assertThat(wish.known()).as("%s", wish).isEqualTo(!met.equals("unknown"));
        switch (met) {
            case "yes" -> assertThat(wish.met()).as("%s", wish).isEqualTo(1);
            case "half" -> assertThat(wish.met()).as("%s", wish).isEqualTo(0.5);
            case "some" -> assertThat(wish.met()).as("%s", wish).isStrictlyBetween(0.0, 1.0);
            case "no" -> assertThat(wish.met()).as("%s", wish).isZero();
            default -> assertThat(wish.met()).as("what is not known").isEqualTo(0.3);
        }
        assertThat(wish.asked().key()).matches("wish\\..*|job\\.winter");
    }

    private static Service asked(String wants, String cells) {
        return Advice.ask(Plants.plant(cells), Advice.question("zone=6b", wants, Policy.STANDARD))
                .services()
                .get(0);
    }

    /**
     * Chapman–Richards with p = 1.5: a shrub of 2 m at ten years and 3 m in the end stands at 1.29 m after five (worked
     * in GrowthTest's way).
     */
    @Test
    void aScreenIsMetByTheShareOfItsHeightThatIsReachedInTime() {
        String tall = "height10_m=2 height_max_m=3";
        assertThat(asked("screenHeightM=2 screenByYear=10", tall).met()).isEqualTo(1);
        assertThat(asked("screenHeightM=2 screenByYear=5", tall).met()).isBetween(0.5, 0.75);
        assertThat(asked("screenHeightM=2 screenByYear=10", "height10_m=1 height_max_m=1.4")
                        .met())
                .isCloseTo(0.5, within(0.01));
    }

    /** L3: wishes lower how a plant serves, never the verdict; a must that is missed is a no. */
    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "persistence=evergreen fragrance=flower ; evergreen=yes fragrance=yes                ; FITS",
                "persistence=deciduous fragrance=none   ; evergreen=yes fragrance=yes                ; FITS",
                "persistence=deciduous fragrance=flower ; evergreen=yes fragrance=yes must=evergreen ; NO",
                "persistence=evergreen fragrance=       ; evergreen=yes fragrance=yes must=fragrance ; FITS_IF",
                "kind=grass                             ; kinds=shrub                                ; NO",
                "kind=grass                             ; kinds=shrub importance=kinds=some          ; FITS",
            })
    void wishesRuleNothingOutUnlessTheyAreMusts(String cells, String wants, Verdict verdict) {
        Advice.on(Plants.plant(cells), "zone=6b", wants, Policy.STANDARD).says(CriterionName.WANTS, verdict);
    }

    private static Question wanting(Map<String, ?> wants) {
        List<Problem> problems = new ArrayList<>();
        Question question = new Question(
                SiteReader.site(Map.of("zone", "6b"), "", problems),
                SiteReader.wants(wants, "wants.", problems),
                Policy.STANDARD);
        assertThat(problems).isEmpty();
        return question;
    }

    @Test
    void whatIsInsistedOnIsOutWhenMissedAndWhatIsNeverWantedIsOutWhenMet() {
        Question must = wanting(Map.of("evergreen", true, "fragrance", true, "must", List.of("evergreen")));
        assertThat(Advice.ask(Plants.plant("persistence=deciduous fragrance=flower"), must)
                        .judgement(CriterionName.WANTS)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(Verdict.NO);
        Question never = wanting(Map.of("never", Map.of("colours", List.of("orange"), "kinds", List.of("conifer"))));
        assertThat(Advice.ask(Plants.plant("flower_colours=orange#e8a040"), never)
                        .verdict())
                .isEqualTo(Verdict.NO);
        assertThat(Advice.ask(Plants.plant("kind=conifer"), never).verdict()).isEqualTo(Verdict.NO);
        assertThat(Advice.ask(Plants.plant("flower_colours=blue#4c68c0"), never).verdict())
                .isNotEqualTo(Verdict.NO);
    }

    @ParameterizedTest(name = "{0} = {1}: {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "kinds          ; hedgehog ; wants.kinds",
                "colours        ; beige-ish ; wants.colours",
                "bloomMonths    ; 13       ; wants.bloomMonths",
                "bloomMonths    ; 0        ; wants.bloomMonths",
                "uses           ; shading  ; wants.uses",
                "must           ; sun      ; wants.must",
                "maxCareMinutes ; -1       ; wants.maxCareMinutes",
                "maxPrice       ; lots     ; wants.maxPrice",
                "screenHeightM  ; 31       ; wants.screenHeightM",
                "screenByYear   ; 0        ; wants.screenByYear",
                "evergreen      ; perhaps  ; wants.evergreen",
                "never          ; orange   ; wants.never",
            })
    void whatCannotBeReadIsToldAtItsField(String field, String value, String told) {
        List<Problem> problems = new ArrayList<>();
        boolean list =
                List.of("kinds", "colours", "bloomMonths", "uses", "must").contains(field);
        SiteReader.wants(Map.of(field, list ? List.of(value) : value), "wants.", problems);
        assertThat(problems)
                .extracting(Problem::field)
                .allMatch(at -> at.startsWith(told))
                .isNotEmpty();
        assertThat(problems.get(0).message()).hasSizeGreaterThan(10);
    }
}
