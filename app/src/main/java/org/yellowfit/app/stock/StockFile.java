package org.yellowfit.app.stock;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.ImportReport;
import org.yellowfit.app.catalogue.ImportReport.CellChange;
import org.yellowfit.app.catalogue.ImportReport.RowProblem;
import org.yellowfit.app.catalogue.RowsToMend;
import org.yellowfit.app.web.KeptText;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnusableFile;

/** {@code stock.csv}: one row for each plant and pot. Bringing it in sets the rows it has and leaves the others. */
@Service
public class StockFile {

    private static final int MOST_ROWS = 200_000;
    private static final int MOST_CHANGES = 300;

    private final Stock stock;
    private final CatalogueStore catalogue;

    StockFile(Stock stock, CatalogueStore catalogue) {
        this.stock = stock;
        this.catalogue = catalogue;
    }

    public String csv() {
        StringWriter out = new StringWriter();
        try (CsvWriter csv =
                CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out)) {
            csv.writeRecord(StockRow.COLUMNS);
            stock.all().forEach(row -> csv.writeRecord(row.cells()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * All or nothing.
     *
     * @param dryRun   only tell what would change
     * @param keepGood take the rows without problems even when others have some
     */
    @Transactional
    public ImportReport read(String text, boolean dryRun, boolean keepGood) {
        try {
            return read(CsvTable.read(text, MOST_ROWS), dryRun, keepGood);
        } catch (UnusableFile e) {
            List<RowProblem> problems =
                    e.problems().stream().map(StockFile::told).toList();
            return new ImportReport(0, 0, 0, 0, List.of(), problems, List.of(), null, false);
        }
    }

    private static RowProblem told(LineProblem problem) {
        return new RowProblem(problem.line(), problem.column(), Refusals.say(problem));
    }

    private ImportReport read(CsvTable table, boolean dryRun, boolean keepGood) {
        table.needed("id");
        table.needed("pot");
        table.needed("in_stock");
        Map<List<String>, StockRow> good = new LinkedHashMap<>();
        List<RowProblem> problems = new ArrayList<>();
        RowsToMend toMend = new RowsToMend(table.header());
        for (CsvTable.Row row : table.rows()) {
            List<Problem> found = new ArrayList<>();
            Optional<StockRow> read = read(table, row, found);
            read.filter(each -> good.containsKey(List.of(each.plant(), each.pot())))
                    .ifPresent(each ->
                            found.add(new Problem("pot", "This plant stands in this pot on an earlier line already.")));
            if (found.isEmpty()) {
                read.ifPresent(each -> good.put(List.of(each.plant(), each.pot()), each));
            } else {
                found.forEach(
                        problem -> problems.add(new RowProblem(row.line(), problem.field(), Refusals.say(problem))));
                toMend.add(row, found);
            }
        }
        boolean stored = !dryRun && (problems.isEmpty() || keepGood);
        return stored(List.copyOf(good.values()), table, problems, toMend, stored, keepGood);
    }

    private ImportReport stored(
            List<StockRow> good,
            CsvTable table,
            List<RowProblem> problems,
            RowsToMend toMend,
            boolean stored,
            boolean keepGood) {
        Map<List<String>, StockRow> before = new HashMap<>();
        stock.all().forEach(row -> before.put(List.of(row.plant(), row.pot()), row));
        List<StockRow> changed = good.stream()
                .filter(row -> {
                    StockRow was = before.get(List.of(row.plant(), row.pot()));
                    return was == null || !was.sameAs(row);
                })
                .toList();
        long added = changed.stream()
                .filter(row -> !before.containsKey(List.of(row.plant(), row.pot())))
                .count();
        if (stored) {
            stock.setAll(changed);
        }
        return new ImportReport(
                good.size(),
                (int) added,
                changed.size(),
                toMend.count(),
                table.header().stream()
                        .filter(name -> !StockRow.COLUMNS.contains(name))
                        .toList(),
                problems,
                changes(changed, before),
                keepGood ? toMend.csv() : null,
                stored);
    }

    private static List<CellChange> changes(List<StockRow> changed, Map<List<String>, StockRow> before) {
        List<CellChange> changes = new ArrayList<>();
        for (StockRow row : changed) {
            StockRow was = before.get(List.of(row.plant(), row.pot()));
            for (int i = 2; i < StockRow.COLUMNS.size() && changes.size() < MOST_CHANGES; i++) {
                String from = was == null ? "" : was.cells().get(i);
                if (!from.equals(row.cells().get(i))) {
                    changes.add(new CellChange(
                            row.plant() + ", " + row.pot(),
                            StockRow.COLUMNS.get(i),
                            from,
                            row.cells().get(i)));
                }
            }
        }
        return changes;
    }

    private Optional<StockRow> read(CsvTable table, CsvTable.Row row, List<Problem> problems) {
        Map<String, Object> cells = new LinkedHashMap<>();
        for (String column : StockRow.COLUMNS) {
            String cell = CsvTable.cell(row, table.column(column));
            cells.put(column, cell);
            KeptText.checkAll(column, cell, problems);
        }
        String id = String.valueOf(cells.get("id"));
        if (catalogue.label(id).isEmpty()) {
            problems.add(new Problem("id", "The catalogue has no cultivar with the id “%s”.", id));
        }
        return StockRow.read(id, new InputReader(cells, "", problems));
    }
}
