package org.yellowfit.app.catalogue;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.web.KeptText;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.measure.Problem;

/** The rows that cannot be taken, as a file to be mended. */
public final class RowsToMend {

    private final StringWriter out = new StringWriter();
    private final CsvWriter csv =
            CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out);
    private int count;

    public RowsToMend(List<String> header) {
        List<String> all = new ArrayList<>(header);
        all.add("problem");
        csv.writeRecord(all);
    }

    public void add(CsvTable.Row row, List<Problem> problems) {
        List<String> cells = new ArrayList<>(row.cells());
        cells.add(problems.stream()
                .map(problem -> problem.field() + ": " + Refusals.say(problem))
                .reduce((one, other) -> one + " " + other)
                .orElse(""));
        csv.writeRecord(cells.stream().map(KeptText::mended).toList());
        count++;
    }

    public int count() {
        return count;
    }

    public String csv() {
        try {
            csv.flush();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
