package org.yellowfit.app.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.light.CellStory.Spell;
import org.yellowfit.core.light.Obstacle;

/** A spot's day as it is told beside the drawing. */
class SpotStoryTest {

    private static final Obstacle HOUSE =
            new Obstacle.Block("house", new double[][] {{0, 0}, {4, 0}, {4, 4}, {0, 4}}, 6);

    @Test
    void sunAndShadeAreToldInOrderWithTheSunLeft() {
        SpotStory story = SpotStory.of(
                List.of(
                        new Spell(6, 9.5, HOUSE, 0),
                        new Spell(9.5, 13, null, 1),
                        new Spell(13, 13.1, HOUSE, 0),
                        new Spell(13.1, 18, HOUSE, 0.3)),
                7);
        // 3.5 h of open sun, and 0.3 of 4.9 h under the leaves
        assertThat(story.title()).isEqualTo("Mid July: 5 h of sun here");
        assertThat(story.told())
                .as("six minutes are not worth a sentence")
                .containsExactly(
                        "In the shade of the house until 09:30.",
                        "Sun 09:30 to 13:00.",
                        "In the shade of the house from 13:06; 30 % comes through.");
    }

    @Test
    void oneSpellLastsAllDayAndNoSunIsSaid() {
        assertThat(SpotStory.of(List.of(new Spell(6, 18, null, 1)), 6))
                .isEqualTo(new SpotStory("Mid June: 12 h of sun here", List.of("Sun all day.")));
        assertThat(SpotStory.of(List.of(), 12))
                .isEqualTo(new SpotStory("In mid December", List.of("The sun never stands high enough to count.")));
    }
}
