package org.yellowfit.app.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.core.climate.MadeUpStation;

/** Stations: brought in, refused with their lines, standing for a visit's place. */
@ExtendWith(RunningApp.class)
class StationScreensTest {

    private static final Map<String, String> WHERE =
            Map.of("name", "Test hollow", "latitude", "46", "longitude", "-62", "utcOffset", "-4");

    private static Station newest(RunningApp app) {
        return app.bean(Stations.class).all().stream()
                .filter(station -> station.name().equals("Test hollow"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBuyersStationStandsForAVisit(RunningApp app) {
        Screens buyer = Screens.of(app).as(Screens.BUYER);
        byte[] file = MadeUpStation.UPLAND.csv(2000, 2015).getBytes();
        MvcTestResult added = buyer.upload("/stations", "hollow.csv", file, WHERE);
        assertThat(added).hasStatus3xxRedirection();
        Station station = newest(app);
        assertThat(text(buyer.get("/stations/" + station.id()))).contains("Zone", "winters", "Degree days");
        Visit visit = buyer.visit(Map.of("place", "Hollow garden", "units", "US"));
        buyer.post(
                "/visits/" + visit.id() + "/climate",
                Map.of("station", station.id().toString()));
        Visit after = buyer.again(visit.id());
        assertThat(after.question().site().winter().zone())
                .isEqualTo(station.climate().zone().orElseThrow());
        assertThat(after.question().site().winter().springFrosts().springs()).isEqualTo(16);
        assertThat(Screens.kept(after, "at.latitude")).isEqualTo("46");
        assertThat(text(buyer.get("/visits/" + visit.id() + "/climate"))).contains("This visit uses it", "°F");
        assertThat(text(buyer.get("/visits/" + visit.id() + "/card")))
                .contains("growing days without frost", "winters at Test hollow");
        buyer.post("/stations/" + station.id() + "/away", Map.of());
        assertThat(buyer.get("/stations/" + station.id())).hasStatus(404);
        assertThat(buyer.get("/visits/" + visit.id() + "/card")).hasStatusOk();
        assertThat(buyer.get("/visits/" + visit.id() + "/climate")).hasStatusOk();
    }

    @Test
    void aWrongRecordIsToldByLineAndFahrenheitIsOffered(RunningApp app) {
        Screens buyer = Screens.of(app).as(Screens.BUYER);
        MvcTestResult refused = buyer.upload(
                "/stations",
                "x.csv",
                "date,tmin,tmax\n2001-01-01,5,2\n2001-01-01,1,2\n".getBytes(),
                Map.of("name", "Kept name", "latitude", "46", "longitude", "-62", "utcOffset", "-4"));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("Kept name", "above the highest", "stands twice, first in line 2");
        StringBuilder warm = new StringBuilder("date,tmin,tmax\n");
        for (int day = 1; day <= 28; day++) {
            warm.append("2001-07-%02d,60,88\n".formatted(day));
        }
        MvcTestResult hot = buyer.upload("/stations", "x.csv", warm.toString().getBytes(), WHERE);
        assertThat(text(hot)).contains("This looks like Fahrenheit", "the file is in °F; convert it");
        MvcTestResult nowhere = buyer.upload(
                "/stations",
                "x.csv",
                "date,tmin,tmax\n2001-01-01,1,2\n".getBytes(),
                Map.of("name", "", "latitude", "146"));
        assertThat(text(nowhere)).contains("Give the station a name", "146 is out of range", "needed for the sun");
    }

    @Test
    void anAdvisorLooksButDoesNotChange(RunningApp app) {
        Screens advisor = Screens.of(app);
        assertThat(advisor.get("/stations")).hasStatusOk();
        assertThat(text(advisor.get("/stations"))).doesNotContain("Bring in a station");
        assertThat(advisor.upload("/stations", "x.csv", new byte[] {1}, WHERE)).hasStatus(403);
    }
}
