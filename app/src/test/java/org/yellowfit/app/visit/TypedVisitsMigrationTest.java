package org.yellowfit.app.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.yellowfit.app.OldDatabase;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Stress;
import tools.jackson.databind.json.JsonMapper;

/** Visits of a shop as they were before their answers had types, brought to the tables of today. */
class TypedVisitsMigrationTest {

    private static final String FULL = "79ca3a60-9787-414d-aa79-86013e53d116";

    private static JdbcTemplate jdbc;
    private static final Map<String, Map<String, String>> BEFORE = new LinkedHashMap<>();
    private static final JsonMapper JSON = new JsonMapper();

    @BeforeAll
    static void migrate() throws IOException {
        OldDatabase old = OldDatabase.at(4);
        jdbc = old.jdbc();
        String dump = new ClassPathResource("migration/visits-at-v4.sql").getContentAsString(StandardCharsets.UTF_8);
        dump.lines().forEach(jdbc::execute);
        jdbc.query("select id, answers from visit", row -> {
            BEFORE.put(row.getString(1), strings(row.getString(2)));
        });
        old.bringUp();
    }

    @SuppressWarnings("unchecked")
    private static Map<String, String> strings(String json) {
        return JSON.readValue(json, Map.class);
    }

    @SuppressWarnings("unchecked")
    private static Answers after(String id) {
        String json = jdbc.queryForObject("select answers from visit where id = ?::uuid", String.class, id);
        return AnswersJson.read(JSON.readValue(json, Map.class));
    }

    @Test
    void noAnswerIsLostAndEachSaysWhatItSaid() {
        assertThat(BEFORE).hasSize(11);
        BEFORE.forEach((id, old) -> {
            Answers after = after(id);
            List<String> wrong = new ArrayList<>();
            old.forEach((key, text) -> {
                if (!key.startsWith("from.") && !key.startsWith("draw.") && !same(text, after, today(key))) {
                    wrong.add(key + ": " + text + " became " + VisitForm.shown(today(key), after));
                }
            });
            assertThat(wrong).as(old.get("place")).isEmpty();
            assertThat(after.fields().stream().filter(field -> field.section() == Section.DRAWING))
                    .hasSize((int) old.keySet().stream()
                            .filter(key -> key.startsWith("draw."))
                            .count());
        });
    }

    private static String today(String key) {
        return key.startsWith("wants.never")
                ? "wants.never." + Character.toLowerCase(key.charAt(11)) + key.substring(12)
                : key;
    }

    private static boolean same(String text, Answers after, String key) {
        VisitField<?> field = VisitFields.named(key).orElseThrow();
        Object written = after.written(field);
        if (written instanceof Number number) {
            String metres = text.equals("1 ft") ? "0.3048" : text;
            return number.doubleValue() == Double.parseDouble(metres);
        }
        if (written instanceof List<?> list) {
            String joined = text.equals("none") ? "" : text.replace(' ', '|');
            return String.join(
                            "|",
                            list.stream().map(TypedVisitsMigrationTest::plain).toList())
                    .equals(joined);
        }
        if (written instanceof Boolean yes) {
            return text.equals(yes ? "yes" : "no");
        }
        return text.equalsIgnoreCase(String.valueOf(written));
    }

    private static String plain(Object value) {
        return value instanceof Double number && number == Math.rint(number)
                ? String.valueOf(number.intValue())
                : String.valueOf(value);
    }

    @Test
    void whereAnswersComeFromIsKept() {
        Answers full = after(FULL);
        assertThat(full.known(VisitFields.site(org.yellowfit.core.fit.SiteFields.PH))
                        .orElseThrow()
                        .from())
                .isEqualTo(Provenance.measured("by 3 readings"));
        assertThat(full.known(VisitFields.SUN_BIAS).orElseThrow().from())
                .isEqualTo(Provenance.computed("from the hours seen in sun"));
        assertThat(full.known(VisitFields.PLACE).orElseThrow().value()).isEqualTo("yes");
        assertThat(full.get(VisitFields.UNITS)).contains(UnitSystem.US);
    }

    @Test
    void theRulesAreAskedTheSame() {
        String chandler = BEFORE.entrySet().stream()
                .filter(each -> each.getValue().get("place").startsWith("The chandler"))
                .findFirst()
                .orElseThrow()
                .getKey();
        Map<String, String> old = BEFORE.get(chandler);
        Visit visit = new Visit(
                java.util.UUID.fromString(chandler), after(chandler), List.of(), "", false, null, null, "", 1);
        SiteConditions site = visit.question().site();
        assertThat(site.light().sunHours()).isEqualTo(Double.parseDouble(old.get("site.sunHours")));
        assertThat(site.room().maxHeightM()).isEqualTo(Double.parseDouble(old.get("site.maxHeightM")));
        assertThat(site.soil().texture().words()).isEqualTo(old.get("site.texture"));
        assertThat(site.season().latitude()).isEqualTo(Double.parseDouble(old.get("at.latitude")));
        assertThat(visit.drawn()).isNotEmpty();
        assertThat(visit.answers().get(VisitFields.LIMITED_BY)).contains(org.yellowfit.core.site.FeatureKind.WINDOW);
        Visit full = new Visit(java.util.UUID.fromString(FULL), after(FULL), List.of(), "", false, null, null, "", 1);
        assertThat(full.question().site().surroundings().exposure())
                .containsExactlyInAnyOrder(Stress.WIND, Stress.SALT);
        assertThat(full.question().wants().never().fragrance()).isTrue();
    }

    @Test
    void everyRowBelongsToTheFirstShopAndRevisionsAreReadToo() {
        assertThat(jdbc.queryForList(
                        "select shop_id from visit union select shop_id from visit_revision union select shop_id from list_line",
                        Long.class))
                .containsExactly(1L);
        List<String> revisions =
                jdbc.queryForList("select answers::text from visit_revision order by version", String.class);
        assertThat(revisions).hasSize(6).allSatisfy(json -> {
            @SuppressWarnings("unchecked")
            Answers read = AnswersJson.read(JSON.readValue(json, Map.class));
            assertThat(read.get(VisitFields.PLACE)).isPresent();
        });
    }
}
