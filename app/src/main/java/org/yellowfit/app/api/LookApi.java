package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.DayLook;
import org.yellowfit.core.season.LookOfYear;

/** How a plant looks at a place, month by month. */
@RestController
@RequestMapping(value = "/api/v1", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
class LookApi {

    private static final double USUAL_YEAR = 10;
    private static final double LAST_YEAR = 200;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("MM-dd");
    private static final int COMMON_YEAR = 2001;

    /** Colours as {@code #rrggbb}; null where there is none to see. Lengths in metres, as on the middle day. */
    record MonthJson(
            int month,
            String leaf,
            String leafName,
            List<String> flower,
            String fruit,
            String stem,
            double inFlower,
            List<String> shows,
            double heightM,
            double spreadM) {

        static MonthJson of(LookOfYear.Month month) {
            DayLook look = month.state().look();
            Optional<Colour> leaf = look.leaves().stream().findFirst();
            return new MonthJson(
                    month.month(),
                    leaf.map(Colour::hex).orElse(null),
                    leaf.map(Colour::name).orElse(null),
                    look.flower().stream().map(Colour::hex).toList(),
                    look.fruit().map(Colour::hex).orElse(null),
                    look.stem().map(Colour::hex).orElse(null),
                    FitApi.rounded(month.inFlower()),
                    month.shows().stream().map(Words::of).toList(),
                    FitApi.rounded(month.state().heightInFlowerM()),
                    FitApi.rounded(month.state().spreadM()));
        }
    }

    /** Days at the place, {@code MM-DD}. */
    record SpellJson(String from, String to) {
        static SpellJson of(LookOfYear.Spell spell) {
            return new SpellJson(day(spell.from()), day(spell.to()));
        }

        private static String day(int ofYear) {
            return LocalDate.ofYearDay(COMMON_YEAR, ofYear).format(DAY);
        }
    }

    record LookJson(String id, List<MonthJson> months, int weeksInFlower, int weeksOfShow, List<SpellJson> bloom) {}

    private final CatalogueStore store;
    private final Json json;

    LookApi(CatalogueStore store, Json json) {
        this.store = store;
        this.json = json;
    }

    @Operation(summary = "How a plant looks at a place, month by month", description = "id, site, months, year")
    @PostMapping("/look")
    LookJson look(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        Cultivar plant = PlantsRead.named(in, store);
        List<Integer> months = in.list("months", LookApi::month);
        Double year = in.number("year", 0, LAST_YEAR, "years");
        Question question = FitApi.question(request, problems);
        Json.refuse(problems);
        LookOfYear look = new LookOfYear(plant, question.site().growingPlace());
        List<Integer> asked = months == null || months.isEmpty()
                ? IntStream.rangeClosed(1, 12).boxed().toList()
                : months;
        return new LookJson(
                plant.id(),
                asked.stream()
                        .map(month -> MonthJson.of(look.month(month, year == null ? USUAL_YEAR : year)))
                        .toList(),
                look.weeksInFlower(),
                look.weeksOfShow(),
                look.bloom().stream().map(SpellJson::of).toList());
    }

    private static int month(String text) {
        double month = Numbers.parse(text);
        if (!(month >= 1 && month <= 12 && month == Math.rint(month))) {
            throw new Refused("Months are whole numbers from 1 to 12.");
        }
        return (int) month;
    }
}
