package org.yellowfit.app.catalogue;

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
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.yellowfit.app.catalogue.ImportReport.CellChange;
import org.yellowfit.app.catalogue.ImportReport.RowProblem;
import org.yellowfit.app.web.KeptText;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnusableFile;

/**
 * A table of plants kept as an open CSV file: written whole, read all or nothing. The first {@code keys} columns name a row,
 * the first of them a plant of the catalogue. What is read again as it was written changes nothing.
 *
 * @param columns in the order they are written
 * @param keys    columns that name a row, all of them needed
 * @param cells   of a row, in the order of the columns
 * @param <R>     of a row
 */
public record OpenTable<R>(List<String> columns, int keys, Function<R, List<String>> cells) {

    private static final int MOST_ROWS = 200_000;
    private static final int MOST_CHANGES = 300;

    /** Reads one row; notes what is wrong with it. */
    public interface Reading<R> {
        Optional<R> read(String plant, InputReader in);
    }

    public String write(List<R> rows) {
        return csv(columns, rows.stream().map(cells).toList());
    }

    /** A header and its rows as every file of the program has them. */
    public static String csv(List<String> header, List<List<String>> rows) {
        StringWriter out = new StringWriter();
        try (CsvWriter csv =
                CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out)) {
            csv.writeRecord(header);
            rows.forEach(csv::writeRecord);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * @param isPlant  whether the catalogue has a plant of this id
     * @param kept     what is there now
     * @param store    takes what is new or differs; not asked for a dry run
     * @param keepGood takes the rows without problems even when others have some
     */
    public ImportReport read(
            String text,
            Function<String, Boolean> isPlant,
            Reading<R> reading,
            Supplier<List<R>> kept,
            Consumer<List<R>> store,
            boolean dryRun,
            boolean keepGood) {
        try {
            CsvTable table = CsvTable.read(text, MOST_ROWS);
            columns.subList(0, keys).forEach(table::needed);
            return new Import(table, isPlant, reading).report(kept.get(), store, dryRun, keepGood);
        } catch (UnusableFile e) {
            List<RowProblem> problems = e.problems().stream()
                    .map(problem -> new RowProblem(problem.line(), problem.column(), Refusals.say(problem)))
                    .toList();
            return new ImportReport(0, 0, 0, 0, List.of(), problems, List.of(), null, false);
        }
    }

    private List<String> key(R row) {
        return cells.apply(row).subList(0, keys);
    }

    private final class Import {

        private final CsvTable table;
        private final Map<List<String>, R> good = new LinkedHashMap<>();
        private final List<RowProblem> problems = new ArrayList<>();
        private final RowsToMend toMend;

        Import(CsvTable table, Function<String, Boolean> isPlant, Reading<R> reading) {
            this.table = table;
            toMend = new RowsToMend(table.header());
            table.rows().forEach(row -> read(row, isPlant, reading));
        }

        private void read(CsvTable.Row row, Function<String, Boolean> isPlant, Reading<R> reading) {
            List<Problem> found = new ArrayList<>();
            Map<String, Object> given = new LinkedHashMap<>();
            for (String column : columns) {
                String cell = CsvTable.cell(row, table.column(column));
                given.put(column, cell);
                KeptText.checkAll(column, cell, found);
            }
            String plant = String.valueOf(given.get(columns.get(0)));
            if (!isPlant.apply(plant)) {
                found.add(new Problem(columns.get(0), "The catalogue has no cultivar with the id “%s”.", plant));
            }
            Optional<R> read = reading.read(plant, new InputReader(given, "", found));
            if (read.isPresent() && good.containsKey(key(read.get()))) {
                found.add(new Problem(columns.get(keys - 1), "An earlier line says something of the same already."));
            }
            if (found.isEmpty()) {
                read.ifPresent(each -> good.put(key(each), each));
                return;
            }
            found.forEach(problem -> problems.add(new RowProblem(row.line(), problem.field(), Refusals.say(problem))));
            toMend.add(row, found);
        }

        ImportReport report(List<R> kept, Consumer<List<R>> store, boolean dryRun, boolean keepGood) {
            Map<List<String>, List<String>> before = new HashMap<>();
            kept.forEach(row -> before.put(key(row), cells.apply(row)));
            List<R> changed = good.values().stream()
                    .filter(row -> !cells.apply(row).equals(before.get(key(row))))
                    .toList();
            boolean stored = !dryRun && (problems.isEmpty() || keepGood);
            if (stored && !changed.isEmpty()) {
                store.accept(changed);
            }
            return new ImportReport(
                    good.size(),
                    (int) changed.stream()
                            .filter(row -> !before.containsKey(key(row)))
                            .count(),
                    changed.size(),
                    toMend.count(),
                    table.header().stream()
                            .filter(name -> !columns.contains(name))
                            .toList(),
                    problems,
                    changes(changed, before),
                    keepGood ? toMend.csv() : null,
                    stored);
        }

        private List<CellChange> changes(List<R> changed, Map<List<String>, List<String>> before) {
            List<CellChange> changes = new ArrayList<>();
            for (R row : changed) {
                List<String> now = cells.apply(row);
                List<String> was = before.get(key(row));
                for (int i = keys; i < columns.size() && changes.size() < MOST_CHANGES; i++) {
                    String from = was == null ? "" : was.get(i);
                    if (!from.equals(now.get(i))) {
                        changes.add(new CellChange(String.join(", ", key(row)), columns.get(i), from, now.get(i)));
                    }
                }
            }
            return changes;
        }
    }
}
