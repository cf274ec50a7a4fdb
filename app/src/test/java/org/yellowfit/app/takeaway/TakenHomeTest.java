package org.yellowfit.app.takeaway;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.Guest;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;

/** What the customer takes home: the paper read back, the link and what comes back by it. */
@ExtendWith(RunningApp.class)
class TakenHomeTest {

    private static Visit planted(Screens screens, String place, String... plants) {
        Visit visit = screens.visit(Map.of(
                "place",
                place,
                "customer",
                "Odile",
                "site.zone",
                "6b",
                "site.sunHours",
                "6",
                "site.lengthM",
                "6",
                "site.depthM",
                "2",
                "wants.bloomMonths",
                "6|7"));
        for (String plant : plants) {
            screens.post("/visits/" + visit.id() + "/list", Map.of("plant", plant));
        }
        return visit;
    }

    private static byte[] pdf(Screens screens, String address) {
        MvcTestResult result = screens.get(address);
        assertThat(result).hasStatusOk();
        return result.getResponse().getContentAsByteArray();
    }

    @Test
    void thePaperHoldsRealTextBookmarksAndTags(RunningApp app) throws Exception {
        Screens screens = Screens.of(app);
        Visit visit = planted(screens, "For the shed door", "spiraea-oarlock", "geranium-keelson");
        try (PDDocument paper = Loader.loadPDF(pdf(screens, "/visits/" + visit.id() + "/handout.pdf"))) {
            String text = new PDFTextStripper().getText(paper).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains("For the shed door", "Odile", "Oarlock", "Keelson", "Why it is here")
                    .contains("after 10 years", "How to plant", "Soak each pot", "Prune", "Take off faded flowers")
                    .contains("have buried pipes and cables located");
            assertThat(paper.getNumberOfPages()).isBetween(1, 4);
            assertThat(paper.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(paper.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            List<String> marks = new ArrayList<>();
            paper.getDocumentCatalog().getDocumentOutline().children().forEach(each -> marks.add(each.getTitle()));
            assertThat(marks).contains("For the shed door", "The plants", "How to plant", "What to do");
            // A4 is 210 mm wide, at 72 points an inch.
            assertThat(paper.getPage(0).getMediaBox().getWidth()).isBetween(594f, 596f);
        }
        try (PDDocument letter = Loader.loadPDF(pdf(screens, "/visits/" + visit.id() + "/handout.pdf?size=letter"))) {
            assertThat(letter.getPage(0).getMediaBox().getWidth()).isBetween(611f, 613f);
        }
    }

    @Test
    void inBlackInkThereIsNoColour() {
        assertThat(Paper.grey("fill=\"#f3c11f\" stroke=\"#000\" href=\"#plants\""))
                .isEqualTo("fill=\"#c0c0c0\" stroke=\"#000000\" href=\"#plants\"");
    }

    private static String makeLink(RunningApp app, Screens screens, Visit visit) {
        screens.post("/visits/" + visit.id() + "/handout/link", Map.of("months", "12"));
        return app.bean(HandoutLinks.class)
                .of(visit.id())
                .orElseThrow()
                .address()
                .replaceAll("^https?://[^/]+", "");
    }

    @Test
    void theLinkOpensWithoutSigningInAndShowsNothingElse(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = planted(screens, "Read on a phone", "spiraea-oarlock");
        String link = makeLink(app, screens, visit);
        Guest stranger = new Guest(app);
        Guest.Page page = stranger.get(link);
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.text()).contains("Read on a phone", "Oarlock", "Ask us").doesNotContain("/visits/", "Sign out");
        assertThat(stranger.get("/visits/" + visit.id() + "/handout").status()).isEqualTo(302);
        assertThat(stranger.get(link + "/calendar.ics").text()).startsWith("BEGIN:VCALENDAR");
        assertThat(app.bean(JdbcTemplate.class).queryForList("select digest from handout_link", String.class))
                .allSatisfy(digest -> assertThat(link).doesNotContain(digest.strip()));
    }

    @Test
    void aTaskIsTickedOffAndBackOn(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = planted(screens, "Ticked", "spiraea-oarlock");
        String link = makeLink(app, screens, visit);
        Guest stranger = new Guest(app);
        stranger.post(link, link + "/done", Map.of("task", "prune-1", "done", "true"));
        assertThat(app.bean(HandoutLinks.class).ticked(visit.id())).containsExactly("prune-1");
        stranger.post(link, link + "/done", Map.of("task", "prune-1", "done", "false"));
        stranger.post(link, link + "/done", Map.of("task", "<b>", "done", "true"));
        assertThat(app.bean(HandoutLinks.class).ticked(visit.id())).isEmpty();
    }

    @Test
    void whatACustomerSaysIsAtTheCounterUntilItIsSeen(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = planted(screens, "One died", "spiraea-oarlock");
        String link = makeLink(app, screens, visit);
        Guest stranger = new Guest(app);
        stranger.post(
                link,
                link + "/say",
                Map.of("kind", "DIED", "plant", "spiraea-oarlock", "said", "Brown since <script>June</script>"));
        String counter = text(screens.get("/"));
        assertThat(counter).contains("Oarlock’ died. Brown since").doesNotContain("<script>June");
        Long id = app.bean(JdbcTemplate.class)
                .queryForObject("select max(id) from customer_word where visit_id = ?", Long.class, visit.id());
        screens.post("/words/" + id + "/seen", Map.of());
        assertThat(text(screens.get("/"))).doesNotContain("Brown since");
        Guest.Page empty = stranger.post(link, link + "/say", Map.of("kind", "QUESTION", "said", " "));
        assertThat(empty.status()).isEqualTo(422);
        assertThat(empty.text()).contains("Write your question first");
        assertThat(app.bean(JdbcTemplate.class)
                        .queryForObject("select count(*) from spring_session where principal_name is null", Long.class))
                .as("a customer leaves no session")
                .isZero();
    }

    /** What a customer sees by the link is a record like any other, told at the counter; slips are asked about. */
    @Test
    void whatACustomerSeesIsNoted(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = planted(screens, "Seen from the path", "spiraea-oarlock");
        String link = makeLink(app, screens, visit);
        Guest stranger = new Guest(app);
        Guest.Page far = stranger.post(link, link + "/seen", seen("alive", "yes", "height", "70 m"));
        assertThat(far.status()).isEqualTo(422);
        assertThat(far.text()).contains("value=\"70 m\"");
        Guest.Page words = stranger.post(link, link + "/seen", seen("alive", "yes", "height", "knee-high"));
        assertThat(words.status()).isEqualTo(422);
        assertThat(stranger.post(link, link + "/seen", Map.of("plant", "not-mine", "alive", "no"))
                        .status())
                .isEqualTo(422);
        assertThat(app.get("/api/v1/records.csv").body()).doesNotContain("Seen from the path");
        stranger.post(link, link + "/seen", seen("alive", "no", "cause", "wet"));
        assertThat(app.get("/api/v1/records.csv").body())
                .containsPattern("spiraea-oarlock,Seen from the path,[^\\n]*,no,wet,");
        assertThat(text(screens.get("/"))).contains("Oarlock’ died. wet ground");
    }

    private static Map<String, String> seen(String... fields) {
        Map<String, String> seen = new HashMap<>(Map.of("plant", "spiraea-oarlock"));
        for (int i = 0; i < fields.length; i += 2) {
            seen.put(fields[i], fields[i + 1]);
        }
        return seen;
    }

    /** Whatever the reason, the same answer. */
    @Test
    void aGuessedAnEndedAndARevokedLinkAnswerAlike(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit ended = planted(screens, "Ended", "spiraea-oarlock");
        Visit revoked = planted(screens, "Revoked", "spiraea-oarlock");
        String endedLink = makeLink(app, screens, ended);
        String revokedLink = makeLink(app, screens, revoked);
        app.bean(JdbcTemplate.class)
                .update(
                        "update handout_link set expires_on = ? where visit_id = ?",
                        java.sql.Date.valueOf(LocalDate.now().minusDays(1)),
                        ended.id());
        screens.post("/visits/" + revoked.id() + "/handout/link/away", Map.of());
        Guest stranger = new Guest(app);
        Guest.Page guessed = stranger.get("/take/" + "x".repeat(43));
        assertThat(guessed.status()).isEqualTo(404);
        for (String link : List.of(endedLink, revokedLink)) {
            Guest.Page page = stranger.get(link);
            assertThat(page.status()).isEqualTo(404);
            assertThat(page.text().replaceAll("content=\"[^\"]*\"", ""))
                    .isEqualTo(guessed.text().replaceAll("content=\"[^\"]*\"", ""));
            assertThat(stranger.get(link + "/handout.pdf").status()).isEqualTo(404);
        }
    }

    @Test
    void messagesStayInTheOutboxAndGoWithTheVisit(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = planted(screens, "By mail", "spiraea-oarlock");
        String link = makeLink(app, screens, visit);
        screens.post("/visits/" + visit.id() + "/handout/mail", Map.of("to", "no address"));
        assertThat(text(screens.get("/outbox"))).doesNotContain("By mail");
        screens.post("/visits/" + visit.id() + "/handout/mail", Map.of("to", "odile@example.com"));
        assertThat(text(screens.get("/outbox"))).contains("Your planting: By mail", "odile@example.com", link);
        screens.post("/visits/" + visit.id() + "/erase", Map.of());
        assertThat(text(screens.get("/outbox"))).doesNotContain("odile@example.com");
        assertThat(new Guest(app).get(link).status()).isEqualTo(404);
    }

    /** I5: one change of the day moves all that hangs on it. */
    @Test
    void theDayOfPlantingMovesTheCalendar(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = planted(screens, "Moved", "spiraea-oarlock");
        String address = "/visits/" + visit.id() + "/calendar";
        String next = String.valueOf(LocalDate.now().getYear() + 1);
        screens.post(address, Map.of("planting", next + "-05-03"));
        assertThat(text(screens.get(address))).contains("3 May – 16 May");
        screens.post(address, Map.of("planting", next + "-05-10"));
        assertThat(text(screens.get(address))).contains("10 May – 23 May").doesNotContain("3 May – 16 May");
        MvcTestResult refused = screens.post(address, Map.of("planting", "1900-05-10"));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("The day of planting lies between 2000 and", "1900-05-10");
        assertThat(screens.post(address, Map.of("planting", "soon"))).hasStatus(422);
    }

    @Test
    void theBuyerSeesWhatOpenVisitsAskForAndTheYardLacks(RunningApp app) {
        Screens screens = Screens.of(app);
        app.post(
                "/api/v1/stock/import",
                "text/csv",
                "id,pot,price,in_stock,expected\nechinacea-tin-tambour,order pot,5.00,1,\n");
        app.post(
                "/api/v1/visits",
                "{\"place\":\"Asks for twelve\",\"list\":[{\"id\":\"echinacea-tin-tambour\",\"fill\":\"number\","
                        + "\"amount\":12,\"pot\":\"order pot\"}]}");
        assertThat(text(screens.get("/orders"))).contains("Asks for twelve", "order pot");
        assertThat(text(screens.get("/orders.csv"))).contains("order pot,12,0,1,,11,0");
    }
}
