package org.yellowfit.app.catalogue;

import java.util.ArrayList;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.people.Trail;
import org.yellowfit.core.plant.WatchList;

/**
 * The shop's watch list. It is replaced as a whole; the change counts as one of the catalogue, so that every instance
 * judges by it from then on.
 */
@Service
public class WatchLists {

    private final JdbcTemplate jdbc;
    private final CatalogueStore store;
    private final Trail trail;

    WatchLists(JdbcTemplate jdbc, CatalogueStore store, Trail trail) {
        this.trail = trail;
        this.jdbc = jdbc;
        this.store = store;
    }

    @Transactional
    public void replace(WatchList list) {
        store.nextVersion();
        jdbc.update("delete from watch_entry");
        List<Object[]> rows = new ArrayList<>();
        list.entries()
                .forEach(entry -> rows.add(
                        new Object[] {rows.size(), entry.plant(), entry.level().name(), entry.note()}));
        jdbc.batchUpdate("insert into watch_entry (position, plant, level, note) values (?, ?, ?, ?)", rows);
        trail.note(Trail.Deed.SETTING, "watch list");
    }

    static WatchList kept(JdbcTemplate jdbc) {
        return WatchList.of(jdbc.query(
                "select plant, level, note from watch_entry order by position",
                (row, i) -> new WatchList.Entry(
                        row.getString(1), WatchList.Level.valueOf(row.getString(2)), row.getString(3))));
    }
}
