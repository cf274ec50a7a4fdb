package org.yellowfit.app.records;

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
import org.yellowfit.app.catalogue.ImportReport.RowProblem;
import org.yellowfit.app.catalogue.RowsToMend;
import org.yellowfit.app.web.KeptText;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnusableFile;

/** {@code records.csv}: a row for each plant, place and day. Rows that are there already change nothing. */
@Service
public class RecordFile {

    private static final int MOST_ROWS = 200_000;

    private final Records records;
    private final CatalogueStore catalogue;

    RecordFile(Records records, CatalogueStore catalogue) {
        this.records = records;
        this.catalogue = catalogue;
    }

    public String csv() {
        StringWriter out = new StringWriter();
        try (CsvWriter csv =
                CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out)) {
            csv.writeRecord(RecordRow.COLUMNS);
            records.all().forEach(kept -> csv.writeRecord(kept.row().cells()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** All or nothing, unless {@code keepGood}. */
    @Transactional
    public ImportReport read(String text, boolean dryRun, boolean keepGood, String by) {
        try {
            return read(CsvTable.read(text, MOST_ROWS), dryRun, keepGood, by);
        } catch (UnusableFile e) {
            List<RowProblem> problems = e.problems().stream()
                    .map(problem -> new RowProblem(problem.line(), problem.column(), Refusals.say(problem)))
                    .toList();
            return new ImportReport(0, 0, 0, 0, List.of(), problems, List.of(), null, false);
        }
    }

    private ImportReport read(CsvTable table, boolean dryRun, boolean keepGood, String by) {
        table.needed("plant");
        table.needed("place");
        table.needed("date");
        Map<List<String>, RecordRow> good = new LinkedHashMap<>();
        List<RowProblem> problems = new ArrayList<>();
        RowsToMend toMend = new RowsToMend(table.header());
        for (CsvTable.Row row : table.rows()) {
            List<Problem> found = new ArrayList<>();
            Optional<RecordRow> read = read(table, row, found);
            read.filter(each -> good.containsKey(key(each)))
                    .ifPresent(each -> found.add(
                            new Problem("date", "This plant was noted there on this day on an earlier line already.")));
            if (found.isEmpty()) {
                read.ifPresent(each -> good.put(key(each), each));
            } else {
                found.forEach(
                        problem -> problems.add(new RowProblem(row.line(), problem.field(), Refusals.say(problem))));
                toMend.add(row, found);
            }
        }
        Map<List<String>, RecordRow> before = new HashMap<>();
        records.all().forEach(kept -> before.put(key(kept.row()), kept.row()));
        List<RecordRow> changed = good.values().stream()
                .filter(row -> !row.equals(before.get(key(row))))
                .toList();
        boolean stored = !dryRun && (problems.isEmpty() || keepGood);
        if (stored && !changed.isEmpty()) {
            records.put(changed, by);
        }
        return new ImportReport(
                good.size(),
                (int) changed.stream()
                        .filter(row -> !before.containsKey(key(row)))
                        .count(),
                changed.size(),
                toMend.count(),
                table.header().stream()
                        .filter(name -> !RecordRow.COLUMNS.contains(name))
                        .toList(),
                problems,
                List.of(),
                keepGood ? toMend.csv() : null,
                stored);
    }

    private static List<String> key(RecordRow row) {
        return List.of(row.plant(), row.place(), row.date().toString());
    }

    private Optional<RecordRow> read(CsvTable table, CsvTable.Row row, List<Problem> problems) {
        Map<String, Object> cells = new LinkedHashMap<>();
        for (String column : RecordRow.COLUMNS) {
            String cell = CsvTable.cell(row, table.column(column));
            cells.put(column, cell);
            KeptText.checkAll(column, cell, problems);
        }
        String plant = String.valueOf(cells.get("plant"));
        if (catalogue.label(plant).isEmpty()) {
            problems.add(new Problem("plant", "The catalogue has no cultivar with the id “%s”.", plant));
        }
        return RecordRow.read(plant, new InputReader(cells, "", problems));
    }
}
