package org.yellowfit.core.takeoff;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.plant.PotSize;

/**
 * One way to spend on a list (rule H6, D7): what its pots cost, and how much of the ground they cover as the years go by.
 *
 * @param cost     of what is priced
 * @param covered  share of the list's ground under crowns after each year asked for, 0–1
 */
public record Spending(BigDecimal cost, List<Double> covered) {

    /** So many of a plant in a pot. */
    public record Bought(Cultivar plant, String pot, BigDecimal price, int count) {}

    /** @param groundM2 all of them are planted on, above 0 */
    public static Spending of(List<Bought> list, double groundM2, List<Integer> years) {
        BigDecimal cost = list.stream()
                .map(each -> each.price().multiply(BigDecimal.valueOf(each.count())))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        List<Double> covered = years.stream()
                .map(year -> Math.min(
                        1, list.stream().mapToDouble(each -> crowns(each, year)).sum() / groundM2))
                .toList();
        return new Spending(cost, covered);
    }

    private static double crowns(Bought each, int year) {
        double spread = growth(each.plant(), each.pot()).spread(year).mid();
        return each.count() * Math.PI / 4 * spread * spread;
    }

    /** How a plant grows on from a pot. */
    public static PlantGrowth growth(Cultivar plant, String pot) {
        PlantGrowth usual = PlantGrowth.of(plant);
        return PotSize.heightM(plant, pot).isPresent()
                ? usual.fromPot(PotSize.heightM(plant, pot).getAsDouble())
                : usual;
    }

    /** The smallest pot by its price, or the largest. */
    public static PotPrice pot(List<PotPrice> pots, boolean large) {
        return large
                ? pots.stream().max(Comparator.comparing(PotPrice::price)).orElseThrow()
                : pots.stream().min(Comparator.comparing(PotPrice::price)).orElseThrow();
    }
}
