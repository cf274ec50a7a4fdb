package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Policy;

/** How near a size is to its room, worked by hand; what that is worth in points stands in docs/rules.md. */
class RoomScoreTest {

    @ParameterizedTest(name = "{0} where there are {1}: {2}, {3}")
    @CsvSource({
        // a twentieth of the room is left; 1 / 20
        "height10_m=0.95, 1, STANDARD, ROOM_ENOUGH, 0.05",
        "height10_m=1.9, 2, STANDARD, ROOM_ENOUGH, 0.05",
        // nothing is left
        "height10_m=2, 2, STANDARD, ROOM_ENOUGH, 0",
        // a bold advisor counts the usual size, the middle of 1.7 and 2.1 m
        "height10_m=1.7..2.1, 2, BOLD, ROOM_ENOUGH, 0.05",
        // 2.5 m against 2 m: a quarter to be cut
        "height10_m=2.5 hard_prune=yes, 2, STANDARD, TO_BE_CUT, 0.25",
        "height10_m=3 hard_prune=yes, 2, STANDARD, TO_BE_CUT, 0.5",
        // usually 1.8 m, at most 2.2 m: 2 m is half of the way
        "height10_m=1.4..2.2, 2, STANDARD, MAY_STAY_WITHIN, 0.5",
        "height10_m=1.6..2.4, 2, STANDARD, MAY_STAY_WITHIN, 0",
        // 2.5 m against 2 m, and nothing may be cut
        "height10_m=2.5, 2, STANDARD, TOO_LARGE, 0.25",
        "height10_m=1.4..2.5, 2, CAUTIOUS, TOO_LARGE, 0.25",
    })
    void height(String plant, double room, Policy policy, Outcome outcome, double margin) {
        Judgement judged =
                Advice.on(Plants.plant(plant), "maxHeightM=" + room, "", policy).judgement(CriterionName.HEIGHT);
        assertThat(judged.score()).isCloseTo(outcome.score(margin), within(1e-6));
        assertThat(judged.verdict()).isEqualTo(outcome.verdict());
    }
}
