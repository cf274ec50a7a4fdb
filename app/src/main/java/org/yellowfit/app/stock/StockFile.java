package org.yellowfit.app.stock;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.ImportReport;
import org.yellowfit.app.catalogue.OpenTable;

/** {@code stock.csv}: one row for each plant and pot. Bringing it in sets the rows it has and leaves the others. */
@Service
public class StockFile {

    private static final OpenTable<StockRow> TABLE = new OpenTable<>(StockRow.COLUMNS, 2, StockRow::cells);

    private final Stock stock;
    private final CatalogueStore catalogue;

    StockFile(Stock stock, CatalogueStore catalogue) {
        this.stock = stock;
        this.catalogue = catalogue;
    }

    public String csv() {
        return TABLE.write(stock.all());
    }

    /**
     * All or nothing.
     *
     * @param dryRun   only tell what would change
     * @param keepGood take the rows without problems even when others have some
     */
    @Transactional
    public ImportReport read(String text, boolean dryRun, boolean keepGood) {
        return TABLE.read(
                text,
                id -> catalogue.label(id).isPresent(),
                StockRow::read,
                stock::all,
                stock::setAll,
                dryRun,
                keepGood);
    }
}
