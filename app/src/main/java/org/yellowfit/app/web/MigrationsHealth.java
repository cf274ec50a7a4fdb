package org.yellowfit.app.web;

import org.flywaydb.core.Flyway;
import org.springframework.boot.health.contributor.AbstractHealthIndicator;
import org.springframework.boot.health.contributor.Health;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Whether the tables are those that this version was made for, or newer ones that it can live with. */
@Component("migrations")
class MigrationsHealth extends AbstractHealthIndicator {

    private final JdbcTemplate jdbc;
    private final int wanted;

    MigrationsHealth(JdbcTemplate jdbc, Flyway flyway) {
        this.jdbc = jdbc;
        this.wanted = flyway.info().all().length;
    }

    @Override
    protected void doHealthCheck(Health.Builder health) {
        Integer there = jdbc.queryForObject("select count(*) from flyway_schema_history where success", Integer.class);
        boolean enough = there != null && there >= wanted;
        (enough ? health.up() : health.down())
                .withDetail("applied", String.valueOf(there))
                .withDetail("wanted", wanted);
    }
}
