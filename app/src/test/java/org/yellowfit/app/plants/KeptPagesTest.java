package org.yellowfit.app.plants;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;

/** A shortlist's page is drawn up once and shown again; what it hangs on draws it anew. */
@ExtendWith(RunningApp.class)
class KeptPagesTest {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]*)\"");

    private static List<String> tokens(String html) {
        return TOKEN.matcher(html)
                .results()
                .map((MatchResult found) -> found.group(1))
                .distinct()
                .toList();
    }

    private static Visit garden(Screens screens) {
        return screens.visit(
                Map.of("place", "Kept garden", "units", "METRIC", "site.zone", "6b", "site.sunHours", "5.5"));
    }

    private static String page(Screens screens, Visit visit) {
        return text(screens.get("/visits/" + visit.id() + "/shortlist"));
    }

    @Test
    void everybodyGetsTheirOwnNameAndToken(RunningApp app) {
        Screens ada = Screens.of(app);
        Visit visit = garden(ada);
        String first = page(ada, visit);
        String again = page(ada, visit);
        String other = page(ada.as(Screens.OTHER), visit);
        assertThat(first).contains("Ada Quillfeather").doesNotContain("Ben Ottershaw");
        assertThat(other).contains("Ben Ottershaw").doesNotContain("Ada Quillfeather</");
        assertThat(tokens(first)).hasSize(1);
        assertThat(tokens(again)).hasSize(1).doesNotContainAnyElementsOf(tokens(first));
        assertThat(again.replace(tokens(again).get(0), ""))
                .isEqualTo(first.replace(tokens(first).get(0), ""));
    }

    @Test
    void anAnswerDrawsItAnew(RunningApp app) {
        Screens ada = Screens.of(app);
        Visit visit = garden(ada);
        assertThat(page(ada, visit)).contains("<b>5.5 h</b>");
        ada.post("/visits/" + visit.id() + "/what-if", Map.of("version", "" + visit.version(), "sunHours", "2.5"));
        assertThat(page(ada, visit)).contains("<b>2.5 h</b>").doesNotContain("<b>5.5 h</b>");
    }

    private static String withoutToken(String html) {
        return html.replace(tokens(html).get(0), "");
    }
}
