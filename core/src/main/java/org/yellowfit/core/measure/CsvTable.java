package org.yellowfit.core.measure;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A small table from a CSV text (RFC 4180) with a header, for records of instruments. A BOM is dropped; semicolons are
 * taken for
 * commas where the header has no comma. For large files of the catalogue see its own reader.
 *
 * @param header names in lower case
 */
public record CsvTable(List<String> header, List<Row> rows) {

    private static final int LONGEST_CELL = 1000;

    /** @param line of the file where the row starts, the header is 1 */
    public record Row(long line, List<String> cells) {}

    /** @throws UnusableFile when it is no CSV, has no header, or has more rows than {@code mostRows} */
    public static CsvTable read(String text, int mostRows) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        if (plain.indexOf('\0') >= 0) {
            throw UnusableFile.at(
                    1
                            + plain.substring(0, plain.indexOf('\0'))
                                    .chars()
                                    .filter(c -> c == '\n')
                                    .count(),
                    "",
                    "The file holds a NUL character; it is no text file, or was saved as UTF-16.");
        }
        String first = plain.lines().findFirst().orElse("");
        char separator = first.indexOf(',') < 0 && first.indexOf(';') >= 0 ? ';' : ',';
        List<String> header = null;
        List<Row> rows = new ArrayList<>();
        long line = 0;
        try (CsvReader<CsvRecord> records = CsvReader.builder()
                .fieldSeparator(separator)
                .skipEmptyLines(true)
                .allowExtraFields(true)
                .allowMissingFields(true)
                .ofCsvRecord(plain)) {
            for (CsvRecord row : records) {
                line = row.getStartingLineNumber();
                if (header == null) {
                    header = row.getFields().stream()
                            .map(name -> name.strip().toLowerCase(Locale.ROOT))
                            .toList();
                } else {
                    rows.add(checked(row));
                }
                if (rows.size() > mostRows) {
                    throw UnusableFile.at(line, "", "The file has more than %d rows.", mostRows);
                }
            }
        } catch (CsvParseException e) {
            throw UnusableFile.at(
                    line + 1, "", "The file cannot be read as CSV from here on; is a quotation mark left open?");
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        if (header == null) {
            throw UnusableFile.at(1, "", "The file is empty; the first line must name the columns.");
        }
        return new CsvTable(header, rows);
    }

    private static Row checked(CsvRecord row) {
        for (String cell : row.getFields()) {
            if (cell.length() > LONGEST_CELL) {
                throw UnusableFile.at(
                        row.getStartingLineNumber(), "", "A cell here is longer than %d characters.", LONGEST_CELL);
            }
        }
        return new Row(row.getStartingLineNumber(), row.getFields());
    }

    /** The place of a column, −1 when the header does not have it. */
    public int column(String name) {
        return header.indexOf(name);
    }

    /** The place of a column that must be there. */
    public int needed(String name) {
        int column = column(name);
        if (column < 0) {
            throw UnusableFile.at(
                    1,
                    name,
                    "The column “%s” is missing; the header has: %s.",
                    name,
                    Words.shorten(String.join(", ", header)));
        }
        return column;
    }

    /** A cell's text, empty when the row is short or the column is not there. */
    public static String cell(Row row, int column) {
        return column < 0 || column >= row.cells().size()
                ? ""
                : row.cells().get(column).strip();
    }
}
