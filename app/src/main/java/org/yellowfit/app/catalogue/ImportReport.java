package org.yellowfit.app.catalogue;

import java.util.List;

/**
 * What an import did, or would do.
 *
 * @param accepted       rows that were read without a problem
 * @param added          of the rows that change something, those that are new
 * @param changed        cultivars (or claims) that are new or differ from what was kept
 * @param rejected       rows with a problem
 * @param unknownColumns columns that are no trait; kept as notes
 * @param problems       the first ten thousand of them
 * @param changes        what would be or was changed, cell by cell; the first few hundred
 * @param rejectedCsv    the rejected rows with a {@code problem} column, only when the good ones were kept
 * @param stored         whether the catalogue was written
 */
public record ImportReport(
        int accepted,
        int added,
        int changed,
        int rejected,
        List<String> unknownColumns,
        List<RowProblem> problems,
        List<CellChange> changes,
        String rejectedCsv,
        boolean stored) {

    /**
     * @param line    the file's line where the record starts, the header being 1
     * @param column  the header's name, may be empty
     * @param value   what the cell held, its beginning when it is long; null when the problem is not one of a cell
     * @param nearest the allowed word nearest to a misspelt one; null when none is near
     */
    public record RowProblem(long line, String column, String message, String value, String nearest) {

        public RowProblem(long line, String column, String message) {
            this(line, column, message, null, null);
        }
    }

    /** @param before blank for a cell that was empty; {@code column} is blank for a row that is new as a whole */
    public record CellChange(String id, String column, String before, String after) {}

    public boolean isRefused() {
        return !problems.isEmpty() && rejectedCsv == null;
    }
}
