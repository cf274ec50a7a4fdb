package org.yellowfit.app.catalogue;

import java.util.List;

/**
 * What an import did, or would do.
 *
 * @param accepted       rows that were read without a problem
 * @param changed        cultivars that are new or differ from what was kept
 * @param rejected       rows with a problem
 * @param unknownColumns columns that are no trait; kept as notes
 * @param rejectedCsv    the rejected rows with a {@code problem} column, only when the good ones were kept
 * @param stored         whether the catalogue was written
 */
public record ImportReport(int accepted, int changed, int rejected, List<String> unknownColumns, List<RowProblem> problems,
                           String rejectedCsv, boolean stored) {

    /** @param line the file's line where the record starts, the header being 1; {@code column} the header's name, may be empty */
    public record RowProblem(long line, String column, String message) {
    }

    public boolean isRefused() {
        return !problems.isEmpty() && rejectedCsv == null;
    }
}
