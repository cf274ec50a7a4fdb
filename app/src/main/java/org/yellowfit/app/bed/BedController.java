package org.yellowfit.app.bed;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.yellowfit.app.bed.BedModel.LeftView;
import org.yellowfit.app.bed.BedModel.YearView;
import org.yellowfit.app.forms.Option;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.JsonBody;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.bed.BedAims;
import org.yellowfit.core.bed.Grouping;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.takeoff.School;
import tools.jackson.databind.json.JsonMapper;

/** The bed of a visit: placed, looked at, changed by hand. */
@Controller
class BedController {

    /** What the page's script brings in, fetched beside it rather than after it. */
    private static final List<String> SCRIPTS = Stream.concat(
                    Stream.of(
                                    "geometry",
                                    "front",
                                    "plan",
                                    "hands",
                                    "panel",
                                    "model",
                                    "looks",
                                    "ink",
                                    "lengths",
                                    "standing",
                                    "sun")
                            .map(name -> "js/bed/" + name + ".js"),
                    Stream.of("js/place/units.js"))
            .toList();

    private static final String UNREADABLE = "The change could not be read.";

    /** What a change comes to: the bed as it stands now, and what goes wrong in it. */
    record Answer(Beds.State state, List<YearView> years, List<LeftView> left, List<String> problems) {}

    private final Visits visits;
    private final Beds beds;
    private final BedPages pages;
    private final BedPlacing placing;
    private final JsonMapper json;

    BedController(Visits visits, Beds beds, BedPages pages, BedPlacing placing, JsonMapper json) {
        this.placing = placing;
        this.visits = visits;
        this.beds = beds;
        this.pages = pages;
        this.json = json;
    }

    @GetMapping("/visits/{id}/bed")
    String show(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me, Model model) {
        Visit visit = visits.open(id);
        model.addAttribute("visit", visit);
        BedModel given = pages.model(visit, me.username());
        model.addAttribute("given", json.writeValueAsString(given).replace("<", "\\u003c"));
        model.addAttribute(
                "beds", given.beds().stream().map(BedModel.BedView::name).toList());
        model.addAttribute("scripts", SCRIPTS);
        model.addAttribute("kinds", given.kinds().size());
        model.addAttribute(
                "groupings",
                Arrays.stream(Grouping.values())
                        .map(each -> new Option("", Words.of(each), Sentences.label(each), false))
                        .toList());
        return "bed/bed";
    }

    /** Nothing where it is still as it was; else the bed as somebody has left it meanwhile. */
    @GetMapping("/visits/{id}/bed/state.json")
    @ResponseBody
    ResponseEntity<Answer> state(
            @PathVariable UUID id, @RequestParam long version, @AuthenticationPrincipal SignedIn me) {
        Visit visit = visits.open(id);
        return beds.state(id, me.username()).version() == version
                ? ResponseEntity.noContent().build()
                : changed(visit, me, List.of());
    }

    /** What goes wrong, with what neighbours take of the sun. */
    @GetMapping("/visits/{id}/bed/years.json")
    @ResponseBody
    List<YearView> years(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        return pages.years(visits.open(id), me.username(), true);
    }

    @PostMapping(value = "/visits/{id}/bed/steps", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    ResponseEntity<Answer> step(@PathVariable UUID id, @RequestBody String body, @AuthenticationPrincipal SignedIn me) {
        Visit visit = visits.open(id);
        try {
            List<BedChange> changes = changes(JsonBody.of(json, body, UNREADABLE));
            pages.check(visit, changes);
            beds.change(id, now -> changes, me.username());
            return changed(visit, me, List.of());
        } catch (InvalidInput e) {
            return refused(visit, me, e);
        }
    }

    @PostMapping("/visits/{id}/bed/undo")
    @ResponseBody
    ResponseEntity<Answer> undo(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        Visit visit = visits.open(id);
        beds.undo(id, me.username());
        return changed(visit, me, List.of());
    }

    @PostMapping("/visits/{id}/bed/redo")
    @ResponseBody
    ResponseEntity<Answer> redo(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        Visit visit = visits.open(id);
        beds.redo(id, me.username());
        return changed(visit, me, List.of());
    }

    /** The planting put into the bed: what is locked stays. */
    @PostMapping(value = "/visits/{id}/bed/place", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    ResponseEntity<Answer> place(
            @PathVariable UUID id, @RequestBody String body, @AuthenticationPrincipal SignedIn me) {
        Visit visit = visits.open(id);
        try {
            Map<String, Object> asked = JsonBody.of(json, body, UNREADABLE);
            List<Problem> problems = new ArrayList<>();
            BedAims aims = aims(new InputReader(asked, "", problems));
            Map<String, Grouping> groupings = groupings(JsonBody.object(asked.get("groupings")), problems);
            if (!problems.isEmpty()) {
                throw new InvalidInput(problems);
            }
            return changed(visit, me, placing.place(visit, aims, groupings, me.username()));
        } catch (InvalidInput e) {
            return refused(visit, me, e);
        }
    }

    private static BedAims aims(InputReader in) {
        School school = in.word("school", School.class);
        Weaving layers = in.word("layers", Weaving.class);
        Double closeBy = in.number("closeByYear", 1, 30, "years");
        Double seed = in.number("seed", 0, 1e9, "");
        return new BedAims(
                school == null ? BedPlacing.USUAL_SCHOOL : school,
                closeBy == null ? BedPlacing.USUAL_CLOSE_BY : (int) Math.round(closeBy),
                layers == null ? Weaving.STEPPED : layers,
                BedAims.USUAL_HORIZON,
                seed == null ? BedPlacing.USUAL_SEED : Math.round(seed));
    }

    private static Map<String, Grouping> groupings(Map<String, Object> said, List<Problem> problems) {
        Map<String, Grouping> groupings = new LinkedHashMap<>();
        InputReader in = new InputReader(said, "groupings.", problems);
        said.keySet().forEach(id -> {
            Grouping grouping = in.word(id, Grouping.class);
            if (grouping != null) {
                groupings.put(id, grouping);
            }
        });
        return groupings;
    }

    private static List<BedChange> changes(Map<String, Object> asked) {
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(asked, "", problems);
        List<BedChange> changes = in.items("changes", Beds.MOST_PLANTS, (given, from, at) -> {
            InputReader one = from.within(at, JsonBody.object(given));
            String uid = one.text("uid", text -> text);
            if (uid == null) {
                one.problem("uid", "A plant of the bed has no proper name.");
                return null;
            }
            return Boolean.TRUE.equals(one.yesNo("gone")) ? new BedChange(uid, null, null) : moved(uid, one, at);
        });
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return changes == null ? List.of() : changes;
    }

    private static BedChange moved(String uid, InputReader one, String at) {
        int before = one.problems().size();
        String id = one.text("id", text -> text);
        Double x = one.number("x", -5000, 5000, "m");
        Double y = one.number("y", -5000, 5000, "m");
        Double group = one.number("group", 0, 1e6, "");
        Boolean locked = one.yesNo("locked");
        Double after = one.number("afterYears", 0, 30, "years");
        Double pot = one.number("potHeightM", 0, 20, "m");
        if (id == null || x == null || y == null) {
            if (one.problems().size() == before) {
                one.problem("x", "Say where it stands, in m.");
            }
            return null;
        }
        try {
            return new BedChange(
                    uid,
                    null,
                    new BedPlant(
                            uid,
                            id,
                            x,
                            y,
                            group == null ? 0 : group.intValue(),
                            Boolean.TRUE.equals(locked),
                            after == null ? 0 : after,
                            pot == null ? 0 : pot));
        } catch (IllegalArgumentException e) {
            one.refuse("uid", e);
            return null;
        }
    }

    private ResponseEntity<Answer> changed(Visit visit, SignedIn me, List<LeftView> left) {
        return ResponseEntity.ok(answer(visit, me, left, List.of()));
    }

    private Answer answer(Visit visit, SignedIn me, List<LeftView> left, List<String> problems) {
        return new Answer(pages.state(visit, me.username()), pages.years(visit, me.username(), false), left, problems);
    }

    private ResponseEntity<Answer> refused(Visit visit, SignedIn me, InvalidInput e) {
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                .body(answer(
                        visit,
                        me,
                        List.of(),
                        e.problems().stream().map(Refusals::say).toList()));
    }
}
