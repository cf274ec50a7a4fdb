package org.yellowfit.app.catalogue;

import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.Problem;

/** Takes the rows of a file one by one, as they are read, so that no file is ever held as a whole. */
interface RowReader {

    /** @throws org.yellowfit.core.measure.InvalidInput when the columns cannot be used */
    void header(List<String> columns);

    /**
     * @param line     where the row starts
     * @param cells    by column
     * @param problems already found in the row's form
     */
    void row(long line, Map<String, String> cells, List<String> fields, List<Problem> problems);
}
