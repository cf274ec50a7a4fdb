package org.yellowfit.app.catalogue;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.yellowfit.app.catalogue.ImportReport.RowProblem;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/** The catalogue as a CSV file (RFC 4180, UTF-8): reading with every problem by line and column, and writing. */
final class CatalogueFile {

    private static final int LONGEST_CELL = 64 * 1024;
    private static final int MOST_PROBLEMS = 10_000;
    private static final char BYTE_ORDER_MARK = '\uFEFF';

    /** @param rejectedRows the raw fields of the rows with problems, and what was wrong with each */
    record Read(List<Cultivar> plants, List<RowProblem> problems, List<String> unknownColumns, List<String> header,
                List<RejectedRow> rejectedRows) {

        /** Whether the file itself could not be read to its end, so that no row of it is to be trusted. */
        boolean isBroken() {
            return !problems.isEmpty() && (rejectedRows.isEmpty() || problems.get(problems.size() - 1).line() > rejectedRows.get(rejectedRows.size() - 1).line());
        }
    }

    record RejectedRow(long line, List<String> fields, String problem) {
    }

    private final List<Cultivar> plants = new ArrayList<>();
    private final List<RowProblem> problems = new ArrayList<>();
    private final List<RejectedRow> rejectedRows = new ArrayList<>();
    private final Map<String, Long> lineOfId = new HashMap<>();
    private List<String> header = List.of();

    private CatalogueFile() {
    }

    static Read read(InputStream in) {
        return new CatalogueFile().readAll(in);
    }

    private Read readAll(InputStream in) {
        long lastLine = 0;
        try (Reader decoded = decoded(in); CsvReader<CsvRecord> records = reader(decoded)) {
            for (CsvRecord row : records) {
                lastLine = row.getStartingLineNumber();
                if (header.isEmpty()) {
                    readHeader(row);
                    if (!problems.isEmpty()) {
                        break;
                    }
                } else {
                    readRow(row);
                }
            }
            if (header.isEmpty()) {
                problems.add(new RowProblem(1, "", "The file is empty; the first line must name the columns."));
            }
        } catch (CsvParseException e) {
            problems.add(new RowProblem(lastLine + 1, "", unreadable(e)));
        } catch (CharacterCodingException e) {
            problems.add(new RowProblem(lastLine + 1, "", "The file is not in UTF-8 from here on; save it as “CSV UTF-8”."));
        } catch (UncheckedIOException e) {
            problems.add(new RowProblem(lastLine + 1, "", e.getCause() instanceof CharacterCodingException
                    ? "The file is not in UTF-8 from here on; save it as “CSV UTF-8”."
                    : "The file could not be read from here on."));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Read(plants, problems, unknownColumns(), header, rejectedRows);
    }

    private static Reader decoded(InputStream in) throws IOException {
        Reader reader = new java.io.BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT).onUnmappableCharacter(CodingErrorAction.REPORT)));
        reader.mark(1);
        if (reader.read() != BYTE_ORDER_MARK) {
            reader.reset();
        }
        return reader;
    }

    private static CsvReader<CsvRecord> reader(Reader in) {
        return CsvReader.builder().skipEmptyLines(true).allowExtraFields(true).allowMissingFields(true)
                .maxBufferSize(16 * 1024 * 1024).ofCsvRecord(in);
    }

    private void readHeader(CsvRecord row) {
        header = row.getFields().stream().map(String::strip).toList();
        Set<String> seen = new HashSet<>();
        for (String column : header) {
            if (!column.isEmpty() && !seen.add(column)) {
                problems.add(new RowProblem(row.getStartingLineNumber(), Words.shorten(column), "This column stands in the file twice."));
            }
        }
        for (Trait<?> trait : Traits.ALL) {
            if (trait.isRequired() && !seen.contains(trait.name())) {
                problems.add(new RowProblem(row.getStartingLineNumber(), trait.name(), missing(trait, seen)));
            }
        }
    }

    private static String missing(Trait<?> trait, Set<String> seen) {
        return "This column is required and is missing." + Words.nearest(trait.name(), List.copyOf(seen))
                .filter(near -> Traits.named(near).isEmpty()).map(near -> " Is it the one called “" + Words.shorten(near) + "”?").orElse("");
    }

    private void readRow(CsvRecord row) {
        List<Problem> found = new ArrayList<>();
        Cultivar plant = null;
        Map<String, String> cells = cells(row, found);
        try {
            plant = Cultivar.ofCells(cells);
            Long before = lineOfId.putIfAbsent(plant.id(), row.getStartingLineNumber());
            if (before != null) {
                found.add(new Problem("id", "The id “%s” stands in line %d already.".formatted(plant.id(), before)));
            }
        } catch (InvalidInput e) {
            found.addAll(e.problems());
        }
        if (found.isEmpty()) {
            plants.add(plant);
        } else {
            reject(row, found);
        }
    }

    private Map<String, String> cells(CsvRecord row, List<Problem> found) {
        Map<String, String> cells = new LinkedHashMap<>();
        if (row.getFieldCount() > header.size()) {
            found.add(new Problem("", "This line has %d cells, the header has %d.".formatted(row.getFieldCount(), header.size())));
        }
        for (int i = 0; i < Math.min(row.getFieldCount(), header.size()); i++) {
            String cell = row.getField(i);
            if (cell.length() > LONGEST_CELL) {
                found.add(new Problem(header.get(i), "This cell is longer than 64 KB."));
            } else if (cell.indexOf('\0') >= 0) {
                found.add(new Problem(header.get(i), "This cell holds a NUL character."));
            } else if (!header.get(i).isEmpty()) {
                cells.put(header.get(i), cell);
            }
        }
        return cells;
    }

    private void reject(CsvRecord row, List<Problem> found) {
        StringBuilder told = new StringBuilder();
        for (Problem problem : found) {
            if (problems.size() < MOST_PROBLEMS) {
                problems.add(new RowProblem(row.getStartingLineNumber(), problem.field(), problem.message()));
            }
            told.append(told.isEmpty() ? "" : " ").append(problem.field()).append(": ").append(problem.message());
        }
        rejectedRows.add(new RejectedRow(row.getStartingLineNumber(), row.getFields(), told.toString()));
    }

    private List<String> unknownColumns() {
        return header.stream().filter(column -> !column.isEmpty() && Traits.named(column).isEmpty()).toList();
    }

    private static String unreadable(CsvParseException e) {
        return String.valueOf(e.getMessage()).contains("buffer")
                ? "A cell from here on is far too long, or a quotation mark is never closed."
                : "The file cannot be read as CSV from here on; is a quotation mark left open?";
    }

    /** Every trait as a column, then the columns kept as notes by name. Writing what was read from such a file gives the same bytes. */
    static void write(List<Cultivar> plants, Writer out) throws IOException {
        List<String> columns = new ArrayList<>(Traits.ALL.stream().map(Trait::name).toList());
        Set<String> notes = new TreeSet<>();
        plants.forEach(plant -> notes.addAll(plant.notes().keySet()));
        columns.addAll(notes);
        CsvWriter csv = CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out);
        csv.writeRecord(columns);
        for (Cultivar plant : plants) {
            Map<String, String> cells = plant.toCells();
            csv.writeRecord(columns.stream().map(column -> cells.getOrDefault(column, "")).toList());
        }
        csv.flush();
    }

    static String rejectedCsv(Read read) {
        StringWriter out = new StringWriter();
        List<String> columns = new ArrayList<>(read.header());
        columns.add("problem");
        try (CsvWriter csv = CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(out)) {
            csv.writeRecord(columns);
            for (RejectedRow rejected : read.rejectedRows()) {
                List<String> row = new ArrayList<>(rejected.fields());
                while (row.size() < columns.size() - 1) {
                    row.add("");
                }
                row.add(rejected.problem());
                csv.writeRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
