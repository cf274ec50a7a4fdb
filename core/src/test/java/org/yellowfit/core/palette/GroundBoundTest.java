package org.yellowfit.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.measure.Interval;

/** The bound against what the ground is really shared into, over random plants of every size. */
class GroundBoundTest {

    private static final int CASES = 20_000;
    private static final double AREA_M2 = 12;

    private final Random random = new Random(7);

    private Member plant(double cellM2, int most, double utility, boolean evergreen) {
        return new Member(
                0,
                0,
                null,
                utility,
                null,
                null,
                0,
                null,
                evergreen,
                cellM2,
                most,
                0,
                0,
                new Interval(1, 5),
                Optional.empty());
    }

    private Member[] plants(int n) {
        List<Member> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double cell = AREA_M2 * Math.exp(Math.log(0.004) + random.nextDouble() * -Math.log(0.004));
            int most = random.nextInt(10) < 7 ? Member.MANY : 1 + random.nextInt(5);
            all.add(plant(cell, most, random.nextDouble(), random.nextInt(3) == 0));
        }
        all.sort(Comparator.comparingDouble((Member each) -> -each.utility()));
        return all.toArray(Member[]::new);
    }

    private static double mean(List<Member> members, Shares shares, double price) {
        double sum = 0;
        for (int i = 0; i < members.size(); i++) {
            Member each = members.get(i);
            sum += shares.areas()[i] * (each.utility() - (each.evergreen() ? price : 0));
        }
        return sum / AREA_M2;
    }

    /**
     * Some of a planting are chosen, the others are among those that may be added: it never serves better than the
     * bound.
     */
    @Test
    void noPlantingServesBetter() {
        double loose = 0;
        double tight = 0;
        int sound = 0;
        for (int i = 0; i < CASES; i++) {
            Member[] items = plants(4 + random.nextInt(10));
            List<Member> members = new ArrayList<>();
            int from = random.nextInt(items.length);
            int chosen = 0;
            for (int k = 0; k < items.length; k++) {
                if (random.nextInt(3) == 0 || members.isEmpty() && k == items.length - 1) {
                    members.add(items[k]);
                    chosen += k < from ? 1 : 0;
                }
            }
            Shares shares = Shares.of(members, new int[members.size()], AREA_M2);
            if (shares.needed() > Scoring.OVERFULL || chosen == members.size()) {
                continue;
            }
            sound++;
            double price = random.nextDouble() * 2 - 1;
            GroundBound bound = new GroundBound(items, AREA_M2);
            List<Member> first = members.subList(0, chosen);
            double quick = bound.loose(first, from, members.size(), price);
            double close = bound.tight(first, from, members.size(), price);
            double really = mean(members, shares, price);
            assertThat(close).as("%d of %s from %d", chosen, members, from).isGreaterThanOrEqualTo(really - 1e-7);
            assertThat(quick).isGreaterThanOrEqualTo(really - 1e-7);
            loose += quick - really;
            tight += Math.min(quick, close) - really;
        }
        assertThat(sound).isGreaterThan(CASES / 4);
        assertThat(tight / loose).as("what the close bound leaves of the slack").isLessThan(0.9);
    }

    /**
     * By hand: of three with a cell of a tenth, two chosen of worth ¼, the third has no more than its third of 1: ½.
     */
    @Test
    void equalsShareEqually() {
        Member[] items = {
            plant(1.2, Member.MANY, 1, false),
            plant(1.2, Member.MANY, 0.25, false),
            plant(1.2, Member.MANY, 0.25, false)
        };
        GroundBound bound = new GroundBound(items, AREA_M2);
        List<Member> chosen = List.of(items[1], items[2]);
        assertThat(bound.loose(chosen, 0, 3, 0)).isGreaterThan(0.85);
        assertThat(bound.tight(chosen, 0, 3, 0)).isBetween(0.5, 0.52);
    }
}
