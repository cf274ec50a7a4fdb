package org.yellowfit.app.takeaway;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.app.stock.StockRow;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.takeoff.Count;
import org.yellowfit.core.takeoff.Spacing;

/**
 * One line of a list, worked out.
 *
 * @param count    by the school chosen; {@code mature} and {@code quick} are both schools, to be shown side by side
 * @param unit     price of one plant in the pot chosen; empty when it is not priced
 * @param larger   the pot some of them come in; empty when all come in one
 * @param shelves  what the yard has of it
 */
public record PlantLine(
        long id,
        long version,
        Cultivar plant,
        Count count,
        Count mature,
        Count quick,
        List<PotPrice> pots,
        String pot,
        Optional<BigDecimal> unit,
        Optional<PotPrice> larger,
        int largerCount,
        List<StockRow> shelves,
        String fill,
        double amount,
        boolean endsClear,
        int closeBy) {

    public Optional<BigDecimal> total() {
        return totalOf(count);
    }

    public Optional<BigDecimal> totalOf(Count other) {
        int large = Math.min(largerCount, other.plants());
        BigDecimal more = larger.map(pot -> pot.price().multiply(BigDecimal.valueOf(large)))
                .orElse(BigDecimal.ZERO);
        return unit.map(price ->
                price.multiply(BigDecimal.valueOf(other.plants() - large)).add(more));
    }

    /** So many in each pot. */
    public Map<String, Integer> byPot() {
        Map<String, Integer> byPot = new LinkedHashMap<>();
        int large = larger.isPresent() ? Math.min(largerCount, count.plants()) : 0;
        if (count.plants() > large) {
            byPot.put(pot, count.plants() - large);
        }
        larger.filter(any -> large > 0).ifPresent(other -> byPot.merge(other.pot(), large, Integer::sum));
        return byPot;
    }

    /** How many of a pot the yard has. */
    public int inStock(String ofPot) {
        return shelves.stream()
                .filter(row -> row.pot().equals(ofPot))
                .mapToInt(StockRow::inStock)
                .sum();
    }

    /** Plants the list asks for beyond what is there. */
    public int missing() {
        return byPot().entrySet().stream()
                .mapToInt(each -> Math.max(0, each.getValue() - inStock(each.getKey())))
                .sum();
    }

    /** What of the ground it takes, m². */
    public double groundM2() {
        return count.plants() * Spacing.groundM2(count.onCentreM());
    }
}
