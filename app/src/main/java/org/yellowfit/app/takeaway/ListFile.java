package org.yellowfit.app.takeaway;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.app.takeaway.PlantList.Line;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.plant.PotPrice;

/** A list as a file: a row for each plant and pot. */
final class ListFile {

    private static final List<String> COLUMNS =
            List.of("id", "name", "count", "pot", "price", "total", "on_centre_m", "in_stock");

    private ListFile() {}

    static String csv(List<Line> lines) {
        StringWriter out = new StringWriter();
        try (CsvWriter csv =
                CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out)) {
            csv.writeRecord(COLUMNS);
            for (Line line : lines) {
                for (Map.Entry<String, Integer> pot : line.byPot().entrySet()) {
                    csv.writeRecord(row(line, pot.getKey(), pot.getValue()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static List<String> row(Line line, String pot, int count) {
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
