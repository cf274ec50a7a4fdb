package org.yellowfit.app.catalogue;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/** Writes the open files. Writing what was read from such a file gives the same bytes. */
final class CatalogueFiles {

    private CatalogueFiles() {}

    /**
     * Every trait as a column, then the columns kept as notes by name.
     *
     * @param neutral cells that a spreadsheet would take for formulas are written so that it does not
     */
    static void write(List<Cultivar> plants, boolean neutral, Writer out) throws IOException {
        List<String> columns =
                new ArrayList<>(Traits.ALL.stream().map(Trait::name).toList());
        Set<String> notes = new TreeSet<>();
        plants.forEach(plant -> notes.addAll(plant.notes().keySet()));
        columns.addAll(notes);
        CsvWriter csv = CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out);
        csv.writeRecord(columns.stream().map(column -> cell(column, neutral)).toList());
        for (Cultivar plant : plants) {
            Map<String, String> cells = plant.toCells();
            csv.writeRecord(columns.stream()
                    .map(column -> cell(cells.getOrDefault(column, ""), neutral))
                    .toList());
        }
        csv.flush();
    }

    static void writeClaims(List<Claim> claims, boolean neutral, Writer out) throws IOException {
        CsvWriter csv = CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out);
        csv.writeRecord(Claim.COLUMNS);
        for (Claim claim : claims) {
            Map<String, String> cells = claim.toCells();
            csv.writeRecord(Claim.COLUMNS.stream()
                    .map(column -> cell(cells.get(column), neutral))
                    .toList());
        }
        csv.flush();
    }

    private static String cell(String text, boolean neutral) {
        return neutral && text != null ? SafeCells.written(text) : text;
    }
}
