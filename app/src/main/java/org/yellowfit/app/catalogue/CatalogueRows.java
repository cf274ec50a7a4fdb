package org.yellowfit.app.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import org.yellowfit.app.catalogue.ImportReport.RowProblem;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refusal;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/** Turns the rows of a catalogue file into cultivars and passes them on; those with problems go to the rejected. */
final class CatalogueRows implements RowReader {

    private final Consumer<Cultivar> good;
    private final Rejected rejected;
    private final ImportProgress progress;
    private final Map<String, Long> lineOfId = new HashMap<>();
    private final Set<String> unknownColumns = new TreeSet<>();
    private List<String> header;
    private boolean usable = true;
    private boolean trusted = true;
    private int accepted;

    CatalogueRows(Consumer<Cultivar> good, Rejected rejected, ImportProgress progress) {
        this.good = good;
        this.rejected = rejected;
        this.progress = progress;
    }

    int accepted() {
        return accepted;
    }

    /** In the order of the file; for JSON, which has no header, by name. */
    List<String> unknownColumns() {
        return header == null
                ? List.copyOf(unknownColumns)
                : header.stream().filter(unknownColumns::contains).toList();
    }

    @Override
    public void header(List<String> columns) {
        header = columns;
        rejected.header(columns);
        Set<String> seen = new HashSet<>();
        for (String column : columns) {
            if (!column.isEmpty() && !seen.add(column)) {
                refuseHeader(column, Refusal.of("This column stands in the file twice."));
            }
            note(column);
        }
        for (Trait<?> trait : Traits.ALL) {
            if (trait.isRequired() && !seen.contains(trait.name())) {
                refuseHeader(trait.name(), missing(trait, seen));
            }
        }
    }

    private void refuseHeader(String column, Refusal why) {
        rejected.problem(new RowProblem(1, Words.shorten(column), Refusals.say(why)));
        usable = false;
    }

    private static Refusal missing(Trait<?> trait, Set<String> seen) {
        return Words.nearest(trait.name(), List.copyOf(seen))
                .filter(near -> Traits.named(near).isEmpty())
                .map(near -> Refusal.of(
                        "This column is required and is missing. Is it the one called “%s”?", Words.shorten(near)))
                .orElse(Refusal.of("This column is required and is missing."));
    }

    private void note(String column) {
        if (!column.isEmpty() && Traits.named(column).isEmpty()) {
            unknownColumns.add(column);
        }
    }

    @Override
    public void row(long line, Map<String, String> cells, List<String> fields, List<Problem> problems) {
        progress.row();
        if (!usable) {
            return;
        }
        if (header == null) {
            cells.keySet().forEach(this::note);
        }
        List<Problem> found = new ArrayList<>(problems);
        Cultivar plant = null;
        try {
            plant = Cultivar.ofCells(cells);
            Long before = lineOfId.putIfAbsent(plant.id(), line);
            if (before != null) {
                found.add(new Problem("id", "The id “%s” stands in line %d already.", plant.id(), before));
            }
        } catch (InvalidInput e) {
            e.problems().stream()
                    .filter(problem ->
                            problems.stream().noneMatch(known -> known.field().equals(problem.field())))
                    .forEach(found::add);
        }
        // In the wrong encoding the other rows may be misread without a sign.
        trusted &= problems.stream().noneMatch(problem -> problem.refusal().equals(CsvRows.NOT_UTF8));
        if (found.isEmpty()) {
            accepted++;
            good.accept(plant);
        } else {
            rejected.row(line, cells, fields, found);
        }
    }

    boolean isUsable() {
        return usable && trusted;
    }
}
