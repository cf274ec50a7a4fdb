package org.yellowfit.core.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** From which side a bed of 6 m by 2 m is looked at. */
class BedFrontTest {

    private static final double[][] BED = RandomBeds.rectangle(6, 2);
    private static final double[][] NORTH = {{-1, 2}, {7, 2}};
    private static final double[][] SOUTH = {{-1, 0}, {7, 0}};

    private static double north(double[][] front) {
        assertThat(Math.abs(front[1][0] - front[0][0]))
                .as("along its long side")
                .isEqualTo(6, within(1e-9));
        assertThat(front[0][1]).isEqualTo(front[1][1], within(1e-9));
        return front[0][1];
    }

    @Test
    void fromTheSouthWhereNothingDecides() {
        assertThat(north(BedFront.of(BED, List.of(), List.of()))).isEqualTo(-1, within(1e-9));
    }

    @Test
    void withItsWallBehind() {
        assertThat(north(BedFront.of(BED, List.<double[][]>of(NORTH), List.of())))
                .isEqualTo(-1, within(1e-9));
        assertThat(north(BedFront.of(BED, List.<double[][]>of(SOUTH), List.of())))
                .isEqualTo(3, within(1e-9));
    }

    @Test
    void fromItsPath() {
        BedPath path = new BedPath(NORTH, 1.2);
        assertThat(north(BedFront.of(BED, List.of(), List.of(path)))).isEqualTo(3, within(1e-9));
    }

    @Test
    void aBedThatLiesAskewIsSeenAlongItsOwnSide() {
        double[][] askew = new double[4][];
        for (int i = 0; i < 4; i++) {
            double angle = Math.toRadians(30);
            askew[i] = new double[] {
                BED[i][0] * Math.cos(angle) - BED[i][1] * Math.sin(angle),
                BED[i][0] * Math.sin(angle) + BED[i][1] * Math.cos(angle)
            };
        }
        double[][] front = BedFront.of(askew, List.of(), List.of());
        double slope = (front[1][1] - front[0][1]) / (front[1][0] - front[0][0]);
        assertThat(Math.toDegrees(Math.atan(slope))).isEqualTo(30, within(1e-6));
    }
}
