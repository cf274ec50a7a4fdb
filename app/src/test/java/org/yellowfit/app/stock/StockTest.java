package org.yellowfit.app.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;
import tools.jackson.databind.JsonNode;

/** The yard: in and out by file, changed on a plant's page, taken down by what is sold. */
@ExtendWith(RunningApp.class)
class StockTest {

    private static final String PLANT = "nepeta-sail-needle";
    private static final String IMPORT = "/api/v1/stock/import";

    private static int inStock(RunningApp app, String pot) {
        return app.bean(Stock.class).of(PLANT).stream()
                .filter(row -> row.pot().equals(pot))
                .mapToInt(StockRow::inStock)
                .sum();
    }

    private static void set(RunningApp app, String pot, int count) {
        String csv = "id,pot,price,in_stock,expected\n" + PLANT + "," + pot + ",9.50," + count + ",\n";
        assertThat(app.post(IMPORT, "text/csv", csv).status()).isEqualTo(200);
    }

    @Test
    void theSameFileTwiceChangesNothingAndComesBackAsItWent(RunningApp app) {
        set(app, "test pot", 3);
        String before = app.get("/api/v1/stock.csv").body();
        assertThat(before).startsWith("id,pot,price,in_stock,expected").contains(PLANT + ",test pot,9.50,3,");
        JsonNode again = app.post(IMPORT, "text/csv", before).json();
        assertThat(again.get("changed").asInt()).isZero();
        assertThat(app.get("/api/v1/stock.csv").body()).isEqualTo(before);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "nobody,2 l,9.50,3, | id",
                "nepeta-sail-needle,2 l,nine,3, | price",
                "nepeta-sail-needle,2 l,-1,3, | price",
                "nepeta-sail-needle,2 l,9.505,3, | price",
                "nepeta-sail-needle,2 l,9.50,-3, | in_stock",
                "nepeta-sail-needle,2 l,9.50,3.5, | in_stock",
                "nepeta-sail-needle,2 l,9.50,, | in_stock",
                "nepeta-sail-needle,,9.50,3, | pot",
                "nepeta-sail-needle,2 l,9.50,3,soon | expected",
                "nepeta-sail-needle,2 l,9.50,3,1900-01-01 | expected",
            })
    void oneWrongRowAndNothingIsTaken(String row, String column, RunningApp app) {
        String before = app.get("/api/v1/stock.csv").body();
        String csv = "id,pot,price,in_stock,expected\nspiraea-oarlock,other pot,1.00,7,\n" + row + "\n";
        RunningApp.Answer answer = app.post(IMPORT, "text/csv", csv);
        assertThat(answer.status()).isEqualTo(422);
        JsonNode problem = answer.json().get("problems").get(0);
        assertThat(problem.get("line").asInt()).isEqualTo(3);
        assertThat(problem.get("column").asString()).isEqualTo(column);
        assertThat(app.get("/api/v1/stock.csv").body()).isEqualTo(before);
    }

    @Test
    void theGoodRowsCanBeKept(RunningApp app) {
        String csv = "id,pot,in_stock\n" + PLANT + ",kept pot,7\nnobody,2 l,1\n";
        JsonNode kept = app.post(IMPORT + "?keepGood=true", "text/csv", csv).json();
        assertThat(kept.get("accepted").asInt()).isEqualTo(1);
        assertThat(kept.get("rejectedCsv").asString()).contains("nobody,2 l,1,").contains("problem");
        assertThat(inStock(app, "kept pot")).isEqualTo(7);
    }

    @Test
    void aPotIsChangedOnThePlantsPageAndNotOverSomebodyElse(RunningApp app) {
        set(app, "page pot", 5);
        Screens buyer = Screens.of(app).as(Screens.MANAGER);
        String version = app.bean(Stock.class).of(PLANT).stream()
                        .filter(row -> row.pot().equals("page pot"))
                        .findFirst()
                        .orElseThrow()
                        .version()
                + "";
        Map<String, String> form =
                Map.of("pot", "page pot", "version", version, "in_stock", "8", "price", "9.50", "expected", "");
        buyer.post("/catalogue/" + PLANT + "/yard", form);
        assertThat(inStock(app, "page pot")).isEqualTo(8);
        buyer.post("/catalogue/" + PLANT + "/yard", form);
        assertThat(text(buyer.get("/catalogue/" + PLANT))).contains("page pot");
        assertThat(inStock(app, "page pot")).isEqualTo(8);
        assertThat(Screens.of(app).post("/catalogue/" + PLANT + "/yard", form)).hasStatus(403);
    }

    @Test
    void aSoldListIsTakenDownAndPutBack(RunningApp app) {
        set(app, "2 l", 10);
        Screens screens = Screens.of(app);
        Visit visit = listOf(screens, 4);
        screens.post("/visits/" + visit.id() + "/list/sold", Map.of());
        assertThat(inStock(app, "2 l")).isEqualTo(6);
        screens.post("/visits/" + visit.id() + "/list/sold", Map.of());
        assertThat(inStock(app, "2 l")).as("once").isEqualTo(6);
        assertThat(text(screens.get("/visits/" + visit.id() + "/list"))).contains("taken out of the yard");
        screens.post("/visits/" + visit.id() + "/list/unsold", Map.of());
        assertThat(inStock(app, "2 l")).isEqualTo(10);
    }

    @Test
    void whatIsShortIsSaidAndSomethingElseOffered(RunningApp app) {
        set(app, "2 l", 1);
        Screens screens = Screens.of(app);
        Visit visit = listOf(screens, 6);
        String page = text(screens.get("/visits/" + visit.id() + "/list"));
        assertThat(page).contains("Short of 5").contains("Take it instead");
        screens.post("/visits/" + visit.id() + "/list/sold", Map.of());
        assertThat(inStock(app, "2 l")).isZero();
        assertThat(text(screens.get("/visits/" + visit.id() + "/list"))).contains("To be ordered: 5 ×");
    }

    /** Six tills, each with a list of its own, and one yard. */
    @Test
    void tillsAtOnceLoseNothing(RunningApp app) throws Exception {
        set(app, "2 l", 20);
        Screens screens = Screens.of(app);
        List<Visit> visits = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            visits.add(listOf(screens, 4));
        }
        ExecutorService tills = Executors.newFixedThreadPool(6);
        List<Future<?>> sold = new ArrayList<>();
        for (Visit visit : visits) {
            sold.add(tills.submit(
                    () -> app.bean(Stock.class).sell(visit.id(), List.of(new Stock.Asked(PLANT, "2 l", 4)), "a till")));
        }
        for (Future<?> each : sold) {
            each.get();
        }
        tills.shutdown();
        int taken = visits.stream()
                .mapToInt(visit -> app.bean(Stock.class)
                        .sale(visit.id())
                        .orElseThrow()
                        .lines()
                        .get(0)
                        .taken())
                .sum();
        assertThat(taken).isEqualTo(20);
        assertThat(inStock(app, "2 l")).isZero();
    }

    private static Visit listOf(Screens screens, int count) {
        Visit visit = screens.visit(Map.of("place", "At the till", "site.zone", "6b", "site.sunHours", "7"));
        screens.post("/visits/" + visit.id() + "/list", Map.of("plant", PLANT));
        String page = text(screens.get("/visits/" + visit.id() + "/list"));
        screens.post(
                page.replaceAll("(?s).*action=\"(/visits/[^\"]+/list/\\d+)\".*", "$1"),
                Map.of(
                        "version",
                        page.replaceAll("(?s).*name=\"version\" value=\"(\\d+)\".*", "$1"),
                        "fill",
                        "NUMBER",
                        "amount",
                        String.valueOf(count),
                        "school",
                        "MATURE",
                        "closeBy",
                        "3",
                        "pot",
                        "2 l"));
        return visit;
    }
}
