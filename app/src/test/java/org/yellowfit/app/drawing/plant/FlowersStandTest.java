package org.yellowfit.app.drawing.plant;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.measure.Interval;

/** Where flowers sit on a plant, and how many there are: as on the plant, and not on stalks of the program's own. */
class FlowersStandTest {

    private static Figure figure(String id, int month, Detail detail) throws IOException {
        return Drawn.figure(id, 5, month, detail);
    }

    private static double high(Figure figure) {
        double leaves =
                figure.leaves.stream().mapToDouble(leaf -> leaf.at().y()).max().orElse(0);
        return Math.max(
                leaves,
                figure.blades.stream()
                        .mapToDouble(blade -> blade.tip().y())
                        .max()
                        .orElse(0));
    }

    /** Of the height of the leaves, how high the lowest and the highest head stands, and how many there are. */
    @ParameterizedTest(name = "{0} in month {1}: {2} to {3}, {4} heads")
    @CsvSource({
        // all over a mound or hanging in it
        "impatiens-wash-tub-rose, 8, 0..0.4,   0.7..1.2, 10..110",
        "fuchsia-bell-pull,       7, 0..0.45,  0.6..1.1, 10..110",
        "hydrangea-tide-table,    7, 0..0.45,  0.8..1.2, 5..40",
        "rosa-net-mender,         6, 0..0.4,   0.8..1.3, 20..110",
        // above the leaves
        "astilbe-spindle-shelf,   7, 0.8..1.6, 1..2,     5..44",
        "heuchera-pea-soup-lantern, 9, 0.8..2, 1.1..2.6, 5..44",
        "armeria-buoy-line,       6, 0.8..2,   1.2..3,   5..44",
        // a candelabra or two, a goblet, drops
        "yucca-sextant,           7, 0.9..2,   1..2.6,   1..2",
        "crocus-butter-pat-lane,  3, 0.6..1.2, 0.7..1.3, 1..4",
        "galanthus-linen-tag,     2, 0.5..1.2, 0.6..1.3, 1..4",
    })
    void headsStandWhereTheyDoInLife(String id, int month, String lowest, String highest, String count)
            throws IOException {
        Figure figure = figure(id, month, Detail.CARD);
        double high = high(figure);
        within(
                lowest,
                figure.heads.stream().mapToDouble(head -> head.at().y()).min().orElseThrow() / high);
        within(
                highest,
                figure.heads.stream().mapToDouble(head -> head.at().y()).max().orElseThrow() / high);
        within(count, figure.heads.size());
    }

    private static void within(String range, double value) {
        Interval wanted = Interval.parse(range);
        assertThat(value).isBetween(wanted.low(), wanted.high());
    }

    @Test
    void bellsHang() throws IOException {
        for (String id : List.of("fuchsia-bell-pull", "galanthus-linen-tag")) {
            int month = id.startsWith("fuchsia") ? 7 : 2;
            assertThat(figure(id, month, Detail.CARD).heads)
                    .as(id)
                    .isNotEmpty()
                    .allSatisfy(head -> assertThat(head.to().y()).isNegative());
        }
    }

    /** Flowers of wood are spread over the whole plant, so that no side goes without. */
    @Test
    void noSideOfAShrubInFlowerGoesWithout() throws IOException {
        for (String id : List.of("rosa-net-mender", "hydrangea-tide-table", "weigela-thimble-rack")) {
            Figure figure = figure(id, 6 + (id.startsWith("h") ? 1 : 0), Detail.CARD);
            long left = figure.heads.stream().filter(head -> head.at().x() < 0).count();
            assertThat((double) left / figure.heads.size()).as(id).isBetween(0.3, 0.7);
        }
    }

    /** A small picture shows fewer heads and a large one more, none more than the plant has room for. */
    @Test
    void headsGrowInNumberWithThePicture() throws IOException {
        for (String id : List.of("rosa-net-mender", "salvia-match-tin", "echinacea-kettle-drum-row")) {
            int month = id.startsWith("rosa") ? 6 : 8;
            int small = figure(id, month, Detail.SMALL).heads.size();
            int card = figure(id, month, Detail.CARD).heads.size();
            int page = figure(id, month, Detail.PAGE).heads.size();
            assertThat(small).as(id).isLessThanOrEqualTo(card);
            assertThat(card).as(id).isLessThanOrEqualTo(page).isGreaterThan(8);
        }
    }

    /** Heads that do not stand the winter fall apart; coneflowers and hydrangeas keep theirs until they are cut. */
    @ParameterizedTest(name = "{0} in month {1}: {2}")
    @CsvSource({
        "armeria-buoy-line,          6, true",
        "armeria-buoy-line,          9, false",
        "bergenia-boot-sole,         8, false",
        "echinacea-kettle-drum-row, 11, true",
        "echinacea-kettle-drum-row,  1, true",
        "echinacea-kettle-drum-row,  4, false",
        "hydrangea-tide-table,       1, true",
        "hydrangea-tide-table,       5, false",
    })
    void headsStandInSeedAsLongAsTheyDo(String id, int month, boolean any) throws IOException {
        assertThat(figure(id, month, Detail.CARD).heads.isEmpty()).isEqualTo(!any);
    }
}
