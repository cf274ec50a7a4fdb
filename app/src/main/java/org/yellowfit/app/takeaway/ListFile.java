package org.yellowfit.app.takeaway;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.yellowfit.app.catalogue.OpenTable;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.plant.PotPrice;

/** A list as a file: a row for each plant and pot. */
final class ListFile {

    private static final List<String> COLUMNS =
            List.of("id", "name", "count", "pot", "price", "total", "on_centre_m", "in_stock");

    private ListFile() {}

    static String csv(List<PlantLine> lines) {
        return OpenTable.csv(
                COLUMNS,
                lines.stream()
                        .flatMap(line ->
                                line.byPot().entrySet().stream().map(pot -> row(line, pot.getKey(), pot.getValue())))
                        .toList());
    }

    private static List<String> row(PlantLine line, String pot, int count) {
        Optional<BigDecimal> price = line.pots().stream()
                .filter(each -> each.pot().equals(pot))
                .map(PotPrice::price)
                .findFirst();
        return List.of(
                line.plant().id(),
                line.plant().name(),
                String.valueOf(count),
                pot,
                price.map(BigDecimal::toPlainString).orElse(""),
                price.map(each -> each.multiply(BigDecimal.valueOf(count)).toPlainString())
                        .orElse(""),
                Numbers.rounded(line.count().onCentreM(), 3),
                line.shelves().isEmpty() ? "" : String.valueOf(line.inStock(pot)));
    }
}
