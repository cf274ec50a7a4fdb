package org.yellowfit.app.catalogue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.yellowfit.app.catalogue.ImportReport.CellChange;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import tools.jackson.databind.json.JsonMapper;

/**
 * The rows of a catalogue file on their way in: they stream into a table of the transaction, and are merged in one
 * statement at
 * its end. A stopped or killed import leaves nothing behind.
 */
final class StagedRows implements AutoCloseable {

    private static final String COPY = "copy staged_cultivar (id, botanical, name, common, kind, cells) from stdin";
    private static final int BUFFER = 64 * 1024;
    private static final int CHANGES_TOLD = 300;

    private final JdbcTemplate jdbc;
    private final JsonMapper mapper;
    private final CopyIn copy;
    private final StringBuilder buffer = new StringBuilder(BUFFER + 8192);
    private boolean ended;

    /** Within a transaction. */
    StagedRows(JdbcTemplate jdbc, JsonMapper mapper) {
        this.jdbc = jdbc;
        this.mapper = mapper;
        jdbc.execute(
                "create temporary table staged_cultivar (id varchar(80), botanical text, name text, common text, kind varchar(20), cells jsonb) on commit drop");
        Connection connection = DataSourceUtils.getConnection(jdbc.getDataSource());
        try {
            copy = connection.unwrap(PGConnection.class).getCopyAPI().copyIn(COPY);
        } catch (SQLException e) {
            throw new IllegalStateException("The database takes no bulk rows.", e);
        }
    }

    void add(Cultivar plant) {
        field(plant.id(), '\t');
        field(plant.botanical(), '\t');
        field(plant.name(), '\t');
        field(plant.get(Traits.COMMON).orElse(""), '\t');
        field(Words.of(plant.kind()), '\t');
        field(mapper.writeValueAsString(plant.toCells()), '\n');
        if (buffer.length() > BUFFER) {
            flush();
        }
    }

    /** COPY's text form: backslash, tab and line ends are escaped. */
    private void field(String text, char end) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '\\' -> buffer.append("\\\\");
                case '\t' -> buffer.append("\\t");
                case '\n' -> buffer.append("\\n");
                case '\r' -> buffer.append("\\r");
                default -> buffer.append(c);
            }
        }
        buffer.append(end);
    }

    private void flush() {
        byte[] bytes = buffer.toString().getBytes(StandardCharsets.UTF_8);
        try {
            copy.writeToCopy(bytes, 0, bytes.length);
        } catch (SQLException e) {
            throw new IllegalStateException("The database took no more rows.", e);
        }
        buffer.setLength(0);
    }

    /** Ends the stream of rows; the table can be asked from here on. */
    void end() {
        flush();
        ended = true;
        try {
            copy.endCopy();
        } catch (SQLException e) {
            throw new IllegalStateException("The database did not take the rows.", e);
        }
        jdbc.execute("create unique index on staged_cultivar (id)");
        jdbc.execute("analyze staged_cultivar");
    }

    int added() {
        return count(
                "select count(*) from staged_cultivar s where not exists (select 1 from cultivar c where c.id = s.id)");
    }

    int differing() {
        return count("select count(*) from staged_cultivar s join cultivar c on c.id = s.id where c.cells <> s.cells");
    }

    /** New rows by id, and changed ones cell by cell. */
    List<CellChange> changes() {
        List<CellChange> changes = new ArrayList<>();
        jdbc.query(
                "select s.id, s.name, c.cells::text before, s.cells::text after from staged_cultivar s left join cultivar c on c.id = s.id "
                        + "where c.id is null or c.cells <> s.cells order by (c.id is null), s.id limit "
                        + CHANGES_TOLD,
                row -> {
                    String before = row.getString("before");
                    if (before == null) {
                        changes.add(new CellChange(row.getString("id"), "", "", row.getString("name")));
                    } else {
                        addCells(changes, row.getString("id"), cells(before), cells(row.getString("after")));
                    }
                });
        return changes.stream().limit(CHANGES_TOLD).toList();
    }

    /** Writes what is new or differs. */
    void merge(long version) {
        jdbc.update(
                "insert into cultivar (id, botanical, name, common, kind, cells, changed_at, changed_version) "
                        + "select id, botanical, name, common, kind, cells, now(), ? from staged_cultivar "
                        + "on conflict (id) do update set botanical = excluded.botanical, name = excluded.name, common = excluded.common, kind = excluded.kind, "
                        + "cells = excluded.cells, changed_at = excluded.changed_at, changed_version = excluded.changed_version where cultivar.cells <> excluded.cells",
                version);
        jdbc.update(
                "insert into catalogue_word select distinct left(w, 80) from cultivar, regexp_split_to_table("
                        + "lower(name || ' ' || common || ' ' || coalesce(cells ->> 'synonyms', '')), "
                        + "'[^[:alnum:]×]+') w "
                        + "where changed_version = ? and w <> '' on conflict do nothing",
                version);
    }

    /** Ends the stream without its rows, when it was not ended. */
    @Override
    public void close() {
        if (!ended) {
            ended = true;
            try {
                copy.cancelCopy();
            } catch (SQLException e) {
                throw new UncheckedIOException(new IOException("The stream of rows could not be broken off.", e));
            }
        }
    }

    @SuppressWarnings("unchecked")
    private Map<String, String> cells(String json) {
        return new LinkedHashMap<>(mapper.readValue(json, Map.class));
    }

    private static void addCells(
            List<CellChange> changes, String id, Map<String, String> before, Map<String, String> after) {
        TreeSet<String> columns = new TreeSet<>(before.keySet());
        columns.addAll(after.keySet());
        for (String column : columns) {
            String was = before.getOrDefault(column, "");
            String is = after.getOrDefault(column, "");
            if (!was.equals(is)) {
                changes.add(new CellChange(id, column, Words.shorten(was), Words.shorten(is)));
            }
        }
    }

    private int count(String sql) {
        Integer count = jdbc.queryForObject(sql, Integer.class);
        return count == null ? 0 : count;
    }
}
