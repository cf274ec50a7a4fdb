package org.yellowfit.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Traits;

/**
 * Ranking with all criteria and reasons against plain SQL that only filters the same hard limits over the same rows: as
 * the application
 * keeps them (cells as JSON), and, harder to beat, as typed columns. In one run, in turn, medians and ratios. Started
 * by
 * {@code ./yellowfit compare}, which starts a throwaway PostgreSQL.
 */
public final class FitAgainstSql {

    private static final int CULTIVARS = 100_000;
    private static final int ROUNDS = 41;
    private static final int WARM_UP = 15;
    private static final String JSON_FILTER = """
            select id from as_json where least((cells->>'zone_min_half')::int, 99) <= 12 and (cells->>'sun_live_h')::float8 <= 4.5
              and (cells->>'height10_high')::float8 <= 0.9 and (cells->>'moisture_low')::float8 <= 4 and (cells->>'moisture_high')::float8 >= 2
              and (cells->>'ph_low')::float8 <= 7.3 and (cells->>'ph_high')::float8 >= 6.3 and cells->>'deer' is distinct from 'favourite'
              and coalesce((cells->>'zone_max_half')::int, 99) >= 10 and coalesce((cells->>'sun_max_h')::float8, 99) >= 3.5
              and coalesce(string_to_array(cells->>'drainage', '|') && array['poor', 'slow', 'good'], true)""";
    private static final String TYPED_FILTER = """
            select id from as_columns where zone_min_half <= 12 and sun_live_h <= 4.5 and height10_high <= 0.9 and moisture_low <= 4 and moisture_high >= 2
              and ph_low <= 7.3 and ph_high >= 6.3 and deer is distinct from 'favourite'
              and coalesce(zone_max_half, 99) >= 10 and coalesce(sun_max_h, 99) >= 3.5 and coalesce(string_to_array(drainage, '|') && array['poor', 'slow', 'good'], true)""";

    private FitAgainstSql() {}

    public static void main(String[] args) throws SQLException {
        List<Cultivar> cultivars = GeneratedCatalogue.of(CULTIVARS, 2026);
        Fit fit = new Fit(Catalogue.of(cultivars));
        Question question = question();
        try (Connection connection = DriverManager.getConnection(
                System.getenv("YF_TEST_DB_URL") + "postgres", "yellowfit", System.getenv("YF_TEST_DB_PASSWORD"))) {
            load(connection, cultivars);
            double[] ours = new double[ROUNDS];
            double[] json = new double[ROUNDS];
            double[] typed = new double[ROUNDS];
            int found = 0;
            for (int round = -WARM_UP; round < ROUNDS; round++) {
                double a = millis(() -> fit.rank(question, Scope.best(20)));
                double b = millis(() -> rows(connection, JSON_FILTER));
                double c = millis(() -> rows(connection, TYPED_FILTER));
                if (round >= 0) {
                    ours[round] = a;
                    json[round] = b;
                    typed[round] = c;
                }
                found = rows(connection, TYPED_FILTER);
            }
            System.out.printf("%d cultivars, %d rounds, medians; the filter leaves %d%n", CULTIVARS, ROUNDS, found);
            System.out.printf("rank with all criteria, explain the best 20: %.1f ms%n", median(ours));
            System.out.printf(
                    "SQL filter over the rows as they are kept (JSON cells): %.1f ms, ratio %.1f%n",
                    median(json), median(json) / median(ours));
            System.out.printf(
                    "SQL filter over typed columns: %.1f ms, ratio %.1f%n",
                    median(typed), median(typed) / median(ours));
        }
    }

    private static Question question() {
        List<Problem> problems = new ArrayList<>();
        return new Question(
                SiteReader.site(
                        new HashMap<>(Map.of(
                                "zone",
                                "6b",
                                "sunHours",
                                4.5,
                                "hotHours",
                                1.0,
                                "texture",
                                "clay loam",
                                "drainage",
                                "slow",
                                "ph",
                                6.8,
                                "moisture",
                                3,
                                "deer",
                                "heavy",
                                "children",
                                true,
                                "maxHeightM",
                                0.9)),
                        "",
                        problems),
                SiteReader.wants(Map.of(), "", problems),
                Policy.STANDARD);
    }

    private static void load(Connection connection, List<Cultivar> cultivars) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("create table as_json (id text primary key, cells jsonb not null)");
            statement.execute(
                    "create table as_columns (id text primary key, zone_min_half int, sun_live_h float8, height10_high float8, moisture_low float8, moisture_high float8, ph_low float8, ph_high float8, deer text, zone_max_half int, sun_max_h float8, drainage text)");
        }
        connection.setAutoCommit(false);
        try (PreparedStatement json = connection.prepareStatement("insert into as_json values (?, ?::jsonb)");
                PreparedStatement typed = connection.prepareStatement(
                        "insert into as_columns values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")) {
            int batched = 0;
            for (Cultivar plant : cultivars) {
                add(json, typed, plant);
                if (++batched % 2000 == 0) {
                    json.executeBatch();
                    typed.executeBatch();
                }
            }
            json.executeBatch();
            typed.executeBatch();
        }
        connection.commit();
        connection.setAutoCommit(true);
        try (Statement statement = connection.createStatement()) {
            statement.execute("vacuum analyze");
            statement.execute("set max_parallel_workers_per_gather = 0");
        }
    }

    private static void add(PreparedStatement json, PreparedStatement typed, Cultivar plant) throws SQLException {
        Map<String, String> cells = new HashMap<>(plant.toCells());
        Object[] values = {
            plant.get(Traits.ZONE_MIN).map(zone -> zone.half()).orElse(null),
            plant.get(Traits.SUN_LIVE).orElse(null),
            plant.height10().high(),
            plant.get(Traits.MOISTURE).map(range -> range.low()).orElse(null),
            plant.get(Traits.MOISTURE).map(range -> range.high()).orElse(null),
            plant.get(Traits.PH).map(range -> range.low()).orElse(null),
            plant.get(Traits.PH).map(range -> range.high()).orElse(null),
            plant.write(Traits.DEER).orElse(null),
            plant.get(Traits.ZONE_MAX).map(zone -> zone.half()).orElse(null),
            plant.get(Traits.SUN_MAX).orElse(null),
            plant.write(Traits.DRAINAGE).orElse(null)
        };
        String[] names = {
            "zone_min_half",
            "sun_live_h",
            "height10_high",
            "moisture_low",
            "moisture_high",
            "ph_low",
            "ph_high",
            "deer",
            "zone_max_half",
            "sun_max_h",
            "drainage"
        };
        typed.setString(1, plant.id());
        for (int i = 0; i < values.length; i++) {
            typed.setObject(i + 2, values[i]);
            if (values[i] != null) {
                cells.put(names[i], values[i].toString());
            }
        }
        typed.addBatch();
        StringBuilder text = new StringBuilder("{");
        cells.forEach((name, value) -> text.append(text.length() > 1 ? "," : "")
                .append('"')
                .append(name)
                .append("\":\"")
                .append(value.replace("\\", "\\\\").replace("\"", "\\\""))
                .append('"'));
        json.setString(1, plant.id());
        json.setString(2, text.append('}').toString());
        json.addBatch();
    }

    private interface Work {
        Object run() throws SQLException;
    }

    private static double millis(Work work) throws SQLException {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e6;
    }

    private static int rows(Connection connection, String sql) throws SQLException {
        int rows = 0;
        try (Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery(sql)) {
            while (result.next()) {
                rows++;
            }
        }
        return rows;
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
