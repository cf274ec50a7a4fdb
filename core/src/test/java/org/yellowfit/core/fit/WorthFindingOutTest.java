package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Wants;

/** Which answer about the place would settle most plants. */
class WorthFindingOutTest {

    private static final Wants NOTHING =
            Advice.question("", "", Policy.STANDARD).wants();

    private static List<WorthFindingOut> of(Catalogue plants, Map<String, ?> site, Set<String> guessed) {
        List<Problem> problems = new ArrayList<>();
        FieldValues told = SiteReader.siteValues(site, "", problems);
        assertThat(problems).isEmpty();
        Set<Field<?>> guesses = SiteFields.ALL.stream()
                .filter(field -> guessed.contains(field.name()))
                .collect(Collectors.toSet());
        return WorthFindingOut.of(plants, told, NOTHING, Policy.STANDARD, guesses);
    }

    /** Two plants live or die by the sun, one of them by the drainage too; the third takes everything. */
    @Test
    void theFieldThatSettlesMostComesFirst() {
        Catalogue plants = Catalogue.of(
                List.of(
                        Plants.plant(
                                "id=sun sun_live_h=6 zone_min=1a zone_max=13b drainage=poor|slow|good|fast moisture=1..5 ph=4..9"),
                        Plants.plant(
                                "id=dry sun_live_h=6 zone_min=1a zone_max=13b drainage=fast moisture=1..5 ph=4..9"),
                        Plants.plant(
                                "id=all sun_live_h=0 sun_flower_h=0 sun_max_h=24 hot_sun_max_h=24 zone_min=1a zone_max=13b drainage=poor|slow|good|fast moisture=1..5 ph=4..9")));
        assertThat(of(plants, Map.of("zone", "6b"), Set.of()).stream()
                        .filter(found -> Set.of("sunHours", "drainage")
                                .contains(found.field().name())))
                .extracting(found -> found.field().name(), found -> found.plants())
                .containsExactly(tuple("sunHours", 2), tuple("drainage", 1));
    }

    @ParameterizedTest(name = "{0}={1}, a guess: {2}, plant {3}: settled {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "sunHours | 6   | true  | sun_live_h=5                 | 1",
                "sunHours | 9   | true  | sun_live_h=3 sun_flower_h=3  | 0",
                "sunHours | 6   | false | sun_live_h=5                 | 0",
                "zone     | 6b  | true  | zone_min=6b                  | 1",
                "zone     | 6b  | true  | zone_min=4a                  | 0",
                "zone     | 6b  | false | zone_min=6b                  | 0",
                "ph       | 6.5 | true  | ph=5..6.5                    | 1",
                "ph       | 6.5 | true  | ph=5..8                      | 0",
                "moisture | 3   | true  | moisture=3..5                | 1",
                "moisture | 3   | true  | moisture=1..5                | 0",
            })
    void aGuessMattersWhenWhatItMayWellBeChangesAVerdict(
            String field, String value, boolean guess, String cells, int settled) {
        Catalogue one = Catalogue.of(List.of(Plants.plant(cells)));
        int found = of(one, Map.of(field, value), guess ? Set.of(field) : Set.of()).stream()
                .filter(each -> each.field().name().equals(field))
                .mapToInt(WorthFindingOut::plants)
                .sum();
        assertThat(found).isEqualTo(settled);
    }

    @Test
    void aMeasuredTemperatureStandsForTheZone() {
        Catalogue one = Catalogue.of(List.of(Plants.plant("zone_min=6b")));
        assertThat(of(one, Map.of("minTempC", -19), Set.of()))
                .extracting(found -> found.field().name())
                .doesNotContain("zone");
        assertThat(of(one, Map.of(), Set.of()))
                .extracting(found -> found.field().name())
                .contains("zone");
    }

    @Test
    void anEmptyCatalogueHangsOnNothing() {
        assertThat(of(Catalogue.of(List.of()), Map.of(), Set.of())).isEmpty();
    }
}
