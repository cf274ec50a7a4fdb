package org.yellowfit.core.plant;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.Refusal;
import org.yellowfit.core.measure.UnusableFile;
import org.yellowfit.core.measure.Words;

/**
 * The plants an advisor watches at a place because they run wild there (rule F2). It never stands in for the law on
 * invasive plants;
 * it is where the advisor notes down what the law, or the neighbours' gardens, say. Immutable.
 */
public final class WatchList {

    public static final WatchList EMPTY = new WatchList(List.of());
    private static final int MOST = 5000;

    /** How a plant is watched. */
    public enum Level {
        /** Sold when it is kept within bounds. */
        WATCH,
        /** Not sold at this place. */
        AVOID
    }

    /**
     * One row of the list.
     *
     * @param plant a genus, a species, a cultivar's full name or its id in the catalogue
     * @param note  why, in the advisor's words; may be empty
     */
    public record Entry(String plant, Level level, String note) {}

    private final List<Entry> entries;
    private final Map<String, Entry> byName = new HashMap<>();

    private WatchList(List<Entry> entries) {
        this.entries = List.copyOf(entries);
        entries.forEach(entry -> byName.put(plain(entry.plant()), entry));
    }

    public static WatchList of(List<Entry> entries) {
        return entries.isEmpty() ? EMPTY : new WatchList(entries);
    }

    /**
     * Reads {@code plant,level,note}; the column {@code note} may be missing.
     *
     * @throws UnusableFile with every problem by line and column
     */
    public static WatchList read(String csv) {
        CsvTable table = CsvTable.read(csv, MOST);
        int plant = table.needed("plant");
        int level = table.needed("level");
        int note = table.column("note");
        List<LineProblem> problems = new ArrayList<>();
        Map<String, Entry> read = new LinkedHashMap<>();
        for (CsvTable.Row row : table.rows()) {
            String name = CsvTable.cell(row, plant);
            if (plain(name).isEmpty()) {
                problems.add(new LineProblem(row.line(), "plant", "Name a genus, a species, a cultivar or its id."));
                continue;
            }
            try {
                Entry entry =
                        new Entry(name, Words.parse(Level.class, CsvTable.cell(row, level)), CsvTable.cell(row, note));
                if (read.putIfAbsent(plain(name), entry) != null) {
                    problems.add(new LineProblem(
                            row.line(), "plant", "“%s” stands on the list already.", Words.shorten(name)));
                }
            } catch (IllegalArgumentException e) {
                problems.add(new LineProblem(row.line(), "level", Refusal.of(e)));
            }
        }
        if (!problems.isEmpty()) {
            throw new UnusableFile(problems);
        }
        return of(List.copyOf(read.values()));
    }

    public List<Entry> entries() {
        return entries;
    }

    /** The list as {@link #read} takes it. */
    public String csv() {
        StringWriter text = new StringWriter();
        try (CsvWriter csv =
                CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(text)) {
            csv.writeRecord("plant", "level", "note");
            entries.forEach(entry -> csv.writeRecord(entry.plant(), Words.of(entry.level()), entry.note()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** The row that speaks of a plant: its own before its species', its species' before its genus'. */
    public Optional<Entry> entry(Cultivar plant) {
        if (entries.isEmpty()) {
            return Optional.empty();
        }
        String botanical = plain(plant.botanical());
        int genus = botanical.indexOf(' ');
        for (String name : List.of(
                plant.id(), plain(plant.name()), botanical, genus < 0 ? botanical : botanical.substring(0, genus))) {
            Entry entry = byName.get(name);
            if (entry != null) {
                return Optional.of(entry);
            }
        }
        return Optional.empty();
    }

    /** Lower case, one kind of quotation mark, single spaces. */
    private static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT).replaceAll("[‘’`\"]", "'").replaceAll("\\s+", " ");
    }
}
