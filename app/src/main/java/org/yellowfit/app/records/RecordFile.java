package org.yellowfit.app.records;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.ImportReport;
import org.yellowfit.app.catalogue.OpenTable;

/** {@code records.csv}: a row for each plant, place and day. Rows that are there already change nothing. */
@Service
public class RecordFile {

    private static final OpenTable<RecordRow> TABLE = new OpenTable<>(RecordRow.COLUMNS, 3, RecordRow::cells);

    private final Records records;
    private final CatalogueStore catalogue;

    RecordFile(Records records, CatalogueStore catalogue) {
        this.records = records;
        this.catalogue = catalogue;
    }

    public String csv() {
        return TABLE.write(records.all().stream().map(Records.Kept::row).toList());
    }

    /** All or nothing, unless {@code keepGood}. */
    @Transactional
    public ImportReport read(String text, boolean dryRun, boolean keepGood, String by) {
        return TABLE.read(
                text,
                id -> catalogue.label(id).isPresent(),
                RecordRow::read,
                () -> records.all().stream().map(Records.Kept::row).toList(),
                rows -> records.put(rows, by),
                dryRun,
                keepGood);
    }
}
