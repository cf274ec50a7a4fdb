package org.yellowfit.app;

import org.flywaydb.core.Flyway;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A database of its own as an older version of the application left it, to be brought up to this one. */
public final class OldDatabase {

    private final DriverManagerDataSource source;
    private final JdbcTemplate jdbc;

    private OldDatabase(DriverManagerDataSource source) {
        this.source = source;
        this.jdbc = new JdbcTemplate(source);
    }

    /** @param version of the last migration it knows */
    public static OldDatabase at(int version) {
        String server = System.getenv("YF_TEST_DB_URL");
        String password = System.getenv("YF_TEST_DB_PASSWORD");
        String database = "yf_migration_" + System.nanoTime();
        new JdbcTemplate(new DriverManagerDataSource(server + "postgres", "yellowfit", password))
                .execute("create database " + database);
        OldDatabase old = new OldDatabase(new DriverManagerDataSource(server + database, "yellowfit", password));
        Flyway.configure()
                .dataSource(old.source)
                .target(String.valueOf(version))
                .load()
                .migrate();
        return old;
    }

    public JdbcTemplate jdbc() {
        return jdbc;
    }

    public void bringUp() {
        Flyway.configure().dataSource(source).load().migrate();
    }
}
