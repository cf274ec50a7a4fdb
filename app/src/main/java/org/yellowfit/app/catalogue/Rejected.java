package org.yellowfit.app.catalogue;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.yellowfit.app.catalogue.ImportReport.RowProblem;
import org.yellowfit.app.web.KeptText;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;

/**
 * The rows an import cannot take: what is wrong with each, and the rows themselves as a CSV to be mended. Memory is
 * bounded.
 */
final class Rejected {

    private static final int MOST_PROBLEMS = 10_000;
    private static final int MOST_CHARACTERS = 16 * 1024 * 1024;

    private final List<RowProblem> problems = new ArrayList<>();
    private final StringWriter rows = new StringWriter();
    private final CsvWriter csv =
            CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(rows);
    private List<String> header = List.of();
    private int count;
    private long leftOut;

    void header(List<String> columns) {
        header = columns;
        List<String> all = new ArrayList<>(columns);
        all.add("problem");
        csv.writeRecord(all);
    }

    void row(long line, Map<String, String> cells, List<String> fields, List<Problem> found) {
        if (header.isEmpty()) {
            header(List.copyOf(cells.keySet()));
        }
        count++;
        StringBuilder told = new StringBuilder();
        for (Problem problem : found) {
            if (problems.size() < MOST_PROBLEMS) {
                String value = cells.get(problem.field());
                problems.add(new RowProblem(
                        line,
                        problem.field(),
                        Refusals.say(problem),
                        value == null ? null : Words.shorten(KeptText.mended(value)),
                        problem.nearest()));
            }
            told.append(told.isEmpty() ? "" : " ")
                    .append(problem.field())
                    .append(": ")
                    .append(Refusals.say(problem));
        }
        List<String> row = new ArrayList<>(
                fields == null
                        ? header.stream()
                                .map(column -> cells.getOrDefault(column, ""))
                                .toList()
                        : fields);
        if (rows.getBuffer().length() + row.stream().mapToInt(String::length).sum() > MOST_CHARACTERS) {
            leftOut++;
            return;
        }
        while (row.size() < header.size()) {
            row.add("");
        }
        row.add(told.toString());
        csv.writeRecord(row.stream().map(KeptText::mended).toList());
    }

    void broken(CsvRows.Broken broken) {
        problems.add(new RowProblem(broken.line(), "", Refusals.say(broken.why())));
    }

    void problem(RowProblem problem) {
        problems.add(problem);
    }

    List<RowProblem> problems() {
        return problems;
    }

    int count() {
        return count;
    }

    String csv() {
        try {
            csv.flush();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return leftOut == 0 ? rows.toString() : rows + "# " + Sentences.say("import.left-out", leftOut) + "\r\n";
    }
}
