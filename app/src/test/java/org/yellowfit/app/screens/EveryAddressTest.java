package org.yellowfit.app.screens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;

/** Whatever is typed into an address by hand, the answer is a page or a sentence, never a fault of the server. */
@ExtendWith(RunningApp.class)
class EveryAddressTest {

    private static final List<String> ODD = List.of(
            "",
            "0",
            "-1",
            "999999999999999999999",
            "1e9",
            "NaN",
            "null",
            "%00",
            "%3Cscript%3E",
            "%27%20or%201=1",
            "..%2F..%2Fetc",
            "%F0%9F%8C%BF",
            "x".repeat(2000),
            "a,b,c",
            "%25");

    private static void isAnswered(MvcTestResult result, String address) {
        int status = result.getResponse().getStatus();
        assertThat(status).as(address).isBetween(200, 499);
        if (status == 200
                && String.valueOf(result.getResponse().getContentType()).startsWith("text/html")) {
            assertThat(text(result)).as(address).doesNotContain("<script>", "java.lang", "Exception");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/catalogue?q={odd}",
                "/catalogue?page={odd}",
                "/catalogue?kind={odd}",
                "/catalogue?height={odd}&zone={odd}",
                "/catalogue?byColour=1&near={odd}",
                "/catalogue?byColour=1&near=%238a5aa8&part={odd}&month={odd}",
                "/catalogue?sight={odd}",
                "/catalogue/labels?ids={odd}",
                "/drawings/hosta-mixing-bowl/portrait.svg?month={odd}",
                "/drawings/hosta-mixing-bowl/stage.svg?age={odd}",
                "/drawings/hosta-mixing-bowl/group.svg?age={odd}&half={odd}",
                "/drawings/hosta-mixing-bowl/plan.svg?age={odd}&sun={odd}",
                "/drawings/hosta-mixing-bowl/stage.svg?half={odd}&zone={odd}&units={odd}",
                "/catalogue/hosta-mixing-bowl?visit={odd}",
                "/catalogue/catalogue.csv?neutral={odd}"
            })
    void theCatalogue(String address, RunningApp app) {
        Screens screens = Screens.of(app);
        ODD.forEach(odd -> isAnswered(
                screens.get(java.net.URI.create(address.replace("{odd}", odd)).toString()), address + " with " + odd));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/visits/{id}/shortlist?why={odd}",
                "/visits/{id}/shortlist?group={odd}&view={odd}",
                "/visits/{id}/shortlist?plant={odd}",
                "/visits/{id}/shortlist/list?sunHours={odd}",
                "/visits/{id}/shortlist/list?ph={odd}&moisture={odd}",
                "/visits/{id}/shortlist/list?maxHeightM={odd}&group={odd}",
                "/visits/{id}/shortlist/list?nonsense={odd}",
                "/visits/{id}/shortlist/plants/hosta-mixing-bowl?sunHours={odd}",
                "/visits/{id}/side-by-side?age={odd}&month={odd}",
                "/visits/{id}/side-by-side?ids={odd}",
                "/visits/{id}/side-by-side?behind={odd}",
                "/visits/{id}/instead/hosta-mixing-bowl?but={odd}",
                "/visits/{id}/place/shadows.json?month={odd}",
                "/visits/{id}/place/why.json?x={odd}&y={odd}",
                "/visits/{id}/place/study.json?year={odd}",
                "/visits/{id}/sun/simulated-log.csv?x={odd}&y={odd}"
            })
    void aVisit(String address, RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Odd addresses", "site.zone", "6b", "site.sunHours", "5"));
        ODD.forEach(odd -> isAnswered(
                screens.get(java.net
                        .URI
                        .create(address.replace("{id}", visit.id().toString()).replace("{odd}", odd))
                        .toString()),
                address + " with " + odd));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/visits/{id}/site",
                "/visits/{id}/wishes",
                "/visits/{id}/what-if",
                "/visits/{id}/soil",
                "/visits/{id}/sun",
                "/visits/{id}/climate",
                "/visits/{id}/finished",
                "/visits/{id}/list",
                "/visits/{id}/list/back",
                "/visits/{id}/side-by-side/none",
                "/visits/{id}/passed/none",
                "/visits/{id}/place/patch",
                "/visits/{id}/soil/try"
            })
    void aFormThatSendsNothingOrNonsense(String address, RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Odd forms", "site.zone", "6b", "site.sunHours", "5"));
        String path = address.replace("{id}", visit.id().toString());
        isAnswered(screens.post(path, Map.of()), address);
        for (String odd : List.of("x", "-1", "<script>", "999999999999999999999", "\u0000")) {
            isAnswered(
                    screens.post(
                            path,
                            Map.of(
                                    "version",
                                    odd,
                                    "done",
                                    odd,
                                    "plant",
                                    odd,
                                    "patch",
                                    odd,
                                    "station",
                                    odd,
                                    "site.zone",
                                    odd,
                                    "sunHours",
                                    odd,
                                    "amount",
                                    odd,
                                    "place",
                                    odd)),
                    address + " with " + odd);
        }
        assertThat(screens.get("/visits/" + visit.id() + "/shortlist"))
                .as("the visit is still sound")
                .hasStatusOk();
    }
}
