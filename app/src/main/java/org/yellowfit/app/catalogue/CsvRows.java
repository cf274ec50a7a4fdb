package org.yellowfit.app.catalogue;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.BufferedInputStream;
import java.io.BufferedReader;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.app.web.KeptText;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refusal;

/** Reads a CSV file (RFC 4180, UTF-8) row by row, and tells where it cannot be read. */
final class CsvRows {

    static final Refusal NOT_UTF8 =
            Refusal.of("This cell holds characters that are not in UTF-8; save the file as “CSV UTF-8”.");
    private static final int LONGEST_CELL = 64 * 1024;
    /** Three times what the open format has. */
    private static final int MOST_COLUMNS = 200;

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_RECORD = 16 * 1024 * 1024;
    private static final char BYTE_ORDER_MARK = '\uFEFF';
    private static final char UNREADABLE = '\uFFFD';

    /** The file, or the rest of it, cannot be read at all. */
    record Broken(long line, Refusal why) {

        Broken(long line, String sentence) {
            this(line, Refusal.of(sentence));
        }
    }

    private CsvRows() {}

    static Optional<Broken> read(InputStream in, RowReader rows) {
        long lastLine = 0;
        List<String> header = null;
        try (BufferedInputStream bytes = new BufferedInputStream(in)) {
            if (isUtf16(bytes)) {
                return Optional.of(new Broken(1, "The file is in UTF-16; save it as “CSV UTF-8”."));
            }
            QuoteCounter decoded = decoded(bytes);
            try (CsvReader<CsvRecord> records = CsvReader.builder()
                    .skipEmptyLines(true)
                    .allowExtraFields(true)
                    .allowMissingFields(true)
                    .maxBufferSize(LONGEST_RECORD)
                    .ofCsvRecord(decoded)) {
                for (CsvRecord row : records) {
                    lastLine = row.getStartingLineNumber();
                    if (header == null) {
                        header = row.getFields().stream()
                                .map(String::strip)
                                .map(SafeCells::read)
                                .toList();
                        Optional<Broken> wrong = wrongIn(header);
                        if (wrong.isPresent()) {
                            return wrong;
                        }
                        rows.header(header);
                    } else {
                        row(row, header, rows);
                    }
                }
            }
            if (decoded.isOdd()) {
                return Optional.of(new Broken(lastLine, "A quotation mark is opened in this record and never closed."));
            }
        } catch (CsvParseException e) {
            return Optional.of(new Broken(lastLine + 1, unreadable(e)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return header == null
                ? Optional.of(new Broken(1, "The file is empty; the first line must name the columns."))
                : Optional.empty();
    }

    private static void row(CsvRecord row, List<String> header, RowReader rows) {
        List<Problem> found = new ArrayList<>();
        Map<String, String> cells = new LinkedHashMap<>();
        if (row.getFieldCount() > header.size()) {
            found.add(
                    new Problem("", "This line has %d cells, the header has %d.", row.getFieldCount(), header.size()));
        }
        for (int i = 0; i < Math.min(row.getFieldCount(), header.size()); i++) {
            String cell = row.getField(i);
            Refusal wrong = wrongIn(cell);
            if (wrong != null) {
                found.add(new Problem(header.get(i), wrong, null));
            } else if (!header.get(i).isEmpty()) {
                cells.put(header.get(i), SafeCells.read(cell));
            }
        }
        rows.row(row.getStartingLineNumber(), cells, row.getFields(), found);
    }

    private static Optional<Broken> wrongIn(List<String> header) {
        if (header.size() > MOST_COLUMNS) {
            return Optional.of(new Broken(
                    1, Refusal.of("The header names %s columns; at most %s are taken.", header.size(), MOST_COLUMNS)));
        }
        for (int i = 0; i < header.size(); i++) {
            if (header.get(i).length() > LONGEST_NAME || !KeptText.isFine(header.get(i))) {
                return Optional.of(new Broken(
                        1,
                        Refusal.of(
                                "The name of column %s is longer than %s characters, or holds one that is none.",
                                i + 1, LONGEST_NAME)));
            }
        }
        return Optional.empty();
    }

    /** What is wrong with the name of a cell in a file that names each; null when nothing is. */
    static Refusal wrongInName(String name) {
        return name.length() > LONGEST_NAME || !KeptText.isFine(name)
                ? Refusal.of("A name here is longer than %s characters, or holds one that is none.", LONGEST_NAME)
                : null;
    }

    /** What is wrong in a cell; null when nothing is. */
    static Refusal wrongIn(String cell) {
        if (cell.length() > LONGEST_CELL) {
            return Refusal.of("This cell is longer than 64 KB.");
        }
        if (!KeptText.isFine(cell)) {
            return Refusal.of("This cell holds a character that is none (NUL, or half of one).");
        }
        return cell.indexOf(UNREADABLE) >= 0 ? NOT_UTF8 : null;
    }

    private static Refusal unreadable(CsvParseException e) {
        return String.valueOf(e.getMessage()).contains("buffer")
                ? Refusal.of("A cell from here on is far too long, or a quotation mark is never closed.")
                : Refusal.of("The file cannot be read as CSV from here on; is a quotation mark left open?");
    }

    private static boolean isUtf16(BufferedInputStream bytes) throws IOException {
        bytes.mark(2);
        int first = bytes.read();
        int second = bytes.read();
        bytes.reset();
        return first == 0xff && second == 0xfe || first == 0xfe && second == 0xff;
    }

    private static QuoteCounter decoded(InputStream in) throws IOException {
        Reader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
        reader.mark(1);
        if (reader.read() != BYTE_ORDER_MARK) {
            reader.reset();
        }
        return new QuoteCounter(reader);
    }

    /** A file without an open quotation mark holds an even number of them. */
    private static final class QuoteCounter extends FilterReader {

        private boolean odd;

        QuoteCounter(Reader in) {
            super(in);
        }

        boolean isOdd() {
            return odd;
        }

        @Override
        public int read() throws IOException {
            int c = super.read();
            odd ^= c == '"';
            return c;
        }

        @Override
        public int read(char[] chars, int from, int length) throws IOException {
            int read = super.read(chars, from, length);
            for (int i = from; i < from + read; i++) {
                odd ^= chars[i] == '"';
            }
            return read;
        }
    }
}
