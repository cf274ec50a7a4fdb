package org.yellowfit.app.catalogue;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.jdbc.core.JdbcTemplate;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads from the database what has changed since. Rows are read in portions, so that a large catalogue needs
 * no second copy.
 */
final class SnapshotLoader {

    private static final int PORTION = 500;

    private final JdbcTemplate jdbc;
    private final ObjectReader reader;

    SnapshotLoader(JdbcTemplate jdbc, JsonMapper mapper) {
        this.jdbc = jdbc;
        this.reader = mapper.readerForMapOf(String.class);
    }

    Editions renewed(Editions before, long version) {
        List<Cultivar> changed = new ArrayList<>();
        String last = "";
        int found = PORTION;
        while (found == PORTION) {
            List<Cultivar> portion = portion(before.version(), last);
            changed.addAll(portion);
            found = portion.size();
            last = found == 0 ? last : portion.get(found - 1).id();
        }
        return before.with(version, changed, said(before.version()), WatchLists.kept(jdbc));
    }

    private List<Cultivar> portion(long since, String after) {
        return jdbc.query(
                "select cells::text from cultivar where changed_version > ? and id > ? order by id limit " + PORTION,
                (row, i) -> Cultivar.ofCells(reader.readValue(row.getString(1))),
                since,
                after);
    }

    private Editions.Said said(long since) {
        Editions.Said said = new Editions.Said();
        jdbc.query(
                "select k.cultivar_id, k.trait, k.value, k.source, k.source_kind, k.at_age_years, k.place, k.shop_id"
                        + " from claim k join cultivar c on c.id = k.cultivar_id where c.changed_version > ?",
                row -> {
                    said.add(row.getObject(8, Long.class), claim(row));
                },
                since);
        return said;
    }

    private static Claim claim(ResultSet row) throws SQLException {
        Trait<?> trait =
                Traits.named(row.getString(2)).orElseThrow(() -> new IllegalStateException("A claim about no trait."));
        double age = row.getDouble(6);
        OptionalDouble atAge = row.wasNull() ? OptionalDouble.empty() : OptionalDouble.of(age);
        return new Claim(
                row.getString(1),
                trait,
                row.getString(3),
                row.getString(4),
                SourceKind.valueOf(row.getString(5)),
                atAge,
                row.getString(7));
    }
}
