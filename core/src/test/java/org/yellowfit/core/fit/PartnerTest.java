package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.WatchList;

/**
 * Who sets the berries of a female that flowers from mid May to early June (F6): a male of her group, open while she
 * is.
 */
class PartnerTest {

    private static final Cultivar FEMALE =
            Plants.plant("id=her cultivar=Her partner_group=winterberry sex=female bloom=5.2..6.1");

    @ParameterizedTest(name = "{0} of {1} in flower {2}: {3}")
    @CsvSource({
        "male,   winterberry, 5.2..6.1,   named",
        "male,   winterberry, 5.1..5.2,   named",
        "male,   winterberry, 6.1..6.3,   named",
        "both,   winterberry, 5.1..9.1,   named",
        "male,   winterberry, '',         named",
        "male,   winterberry, 6.2..7.1,   none",
        "male,   winterberry, 4.1..5.1,   none",
        "female, winterberry, 5.2..6.1,   none",
        "male,   blue-holly,  5.2..6.1,   none",
    })
    void whoIsNamed(String sex, String group, String bloom, String named) {
        Cultivar other = Plants.plant("id=him cultivar=Him sex=" + sex + " partner_group=" + group + " bloom=" + bloom);
        assertThat(remedy(List.of(other)))
                .containsExactly(
                        named.equals("named")
                                ? Fact.of("remedy.partner.named", "winterberry", other.name())
                                : Fact.of("remedy.partner", "winterberry"));
    }

    private static List<Fact> remedy(List<Cultivar> others) {
        List<Cultivar> all = new ArrayList<>(others);
        all.add(FEMALE);
        return new Fit(Catalogue.of(all, WatchList.EMPTY))
                .rank(Advice.question("zone=6b", "", Policy.STANDARD), Scope.only(List.of(FEMALE.id())))
                .candidates()
                .get(0)
                .judgement(CriterionName.PARTNER)
                .orElseThrow()
                .remedies()
                .get(0)
                .text();
    }
}
