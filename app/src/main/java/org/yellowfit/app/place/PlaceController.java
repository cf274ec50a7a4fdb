package org.yellowfit.app.place;

import java.time.Year;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.forms.Option;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.shop.LightWords;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitField;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.JsonBody;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.FieldMessage;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.light.CellStory;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.site.BedPatch;
import org.yellowfit.core.site.FeatureKind;
import org.yellowfit.core.site.SiteStudy;
import tools.jackson.databind.json.JsonMapper;

/** The drawing of a visit's place. The page draws and asks; what is computed is computed here. */
@Controller
class PlaceController {

    record KindView(String word, String name, String shape, List<MeasureView> measures) {}

    record MeasureView(
            String field, String words, String unit, double least, double most, Double usual, boolean length) {}

    /** What came of saving a drawing: nothing is stored while there are problems. */
    record Saved(
            boolean stored,
            long version,
            List<FieldMessage> problems,
            List<String> told,
            List<Object> features,
            PlaceStudy study) {}

    /** In the order they are reached for. */
    private static final List<FeatureKind> TOOLS = List.of(
            FeatureKind.BED,
            FeatureKind.BLOCK,
            FeatureKind.WALL,
            FeatureKind.FENCE,
            FeatureKind.HEDGE,
            FeatureKind.TREE,
            FeatureKind.SHRUB,
            FeatureKind.ROOF,
            FeatureKind.WINDOW,
            FeatureKind.PATH,
            FeatureKind.VIEW,
            FeatureKind.SIGHT,
            FeatureKind.WIRE,
            FeatureKind.SLOPE,
            FeatureKind.TAP,
            FeatureKind.SPOT);

    /** The beginnings of {@code place/starts.json}, in its order. */
    private static final List<String> STARTS =
            List.of("strip", "corner", "island", "front-door", "hedge-line", "courtyard", "slope");

    private final LightWords light;
    private final Visits visits;
    private final DrawingStore store;
    private final PatchChoice patches;
    private final JsonMapper json;

    PlaceController(Visits visits, DrawingStore store, PatchChoice patches, JsonMapper json, LightWords light) {
        this.light = light;
        this.visits = visits;
        this.store = store;
        this.patches = patches;
        this.json = json;
    }

    @GetMapping("/visits/{id}/place")
    String show(@PathVariable UUID id, Model model) throws java.io.IOException {
        Visit visit = visits.open(id);
        Optional<Location> where = store.where(visit);
        Map<String, Object> given = new LinkedHashMap<>();
        given.put("version", visit.version());
        given.put("features", DrawingStore.geoJson(visit));
        given.put("kinds", kinds());
        given.put("starts", json.readValue(new ClassPathResource("place/starts.json").getInputStream(), Object.class));
        given.put("us", visit.units() == org.yellowfit.core.measure.UnitSystem.US);
        given.put("thisYear", Year.now().getValue());
        given.put("at", position(visit, where));
        model.addAttribute("visit", visit);
        model.addAttribute("given", json.writeValueAsString(given).replace("<", "\\u003c"));
        model.addAttribute("tools", TOOLS.stream().map(PlaceController::tool).toList());
        model.addAttribute(
                "starts",
                STARTS.stream()
                        .map(each -> Sentences.say("place.start." + each))
                        .toList());
        model.addAttribute("patch", visit.answers().get(VisitFields.PATCH, ""));
        return "place/place";
    }

    /** As its fields show it; what the visit does not say is that of the station. */
    private static Map<String, String> position(Visit visit, Optional<Location> where) {
        Map<String, String> position = new LinkedHashMap<>();
        where.ifPresent(at -> {
            position.put("latitude", Numbers.write(at.latitude()));
            position.put("longitude", Numbers.write(at.longitude()));
            position.put("utcOffset", Numbers.write(at.utcOffsetHours()));
        });
        position.put("north", Numbers.write(visit.answers().get(VisitFields.NORTH, 0.0)));
        position.put("drawnIn", String.valueOf(DrawingStore.drawnIn(visit)));
        for (VisitField<?> field : DrawingStore.POSITION) {
            String told = VisitForm.shown(field.key(), visit.answers());
            if (told.isEmpty()) {
                position.putIfAbsent(field.name(), "");
            } else {
                position.put(field.name(), told);
            }
        }
        return position;
    }

    private static Option tool(FeatureKind kind) {
        return new Option("add", Words.of(kind), Sentences.say("place.tool." + Words.of(kind)), false);
    }

    private static List<KindView> kinds() {
        List<KindView> kinds = new ArrayList<>();
        for (FeatureKind kind : FeatureKind.values()) {
            kinds.add(new KindView(
                    Words.of(kind),
                    Sentences.label(kind),
                    kind.shape().name().toLowerCase(Locale.ROOT),
                    kind.measures().stream()
                            .map(m -> new MeasureView(
                                    m.field(),
                                    Sentences.label(m),
                                    m.unit(),
                                    m.least(),
                                    m.most(),
                                    kind.usual(m),
                                    m.isLength()))
                            .toList()));
        }
        return kinds;
    }

    @PostMapping(value = "/visits/{id}/place", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    ResponseEntity<Saved> save(@PathVariable UUID id, @RequestBody String body, @AuthenticationPrincipal SignedIn me) {
        Visit visit = visits.open(id);
        Map<String, Object> request;
        long version = visit.version();
        Edit edit;
        try {
            request = JsonBody.of(json, body, "The drawing could not be read.");
            version = request.get("version") instanceof Number number ? number.longValue() : version;
            edit = store.edit(
                    request.get("features") instanceof List<?> list ? list : List.of(),
                    JsonBody.object(request.get("at")),
                    visit);
        } catch (InvalidInput e) {
            return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                    .body(new Saved(false, version, FieldMessage.of(e.problems()), List.of(), List.of(), null));
        }
        Visits.Outcome outcome =
                visits.save(id, version, edit, me.displayName()).orElseThrow(Visits::gone);
        if (outcome instanceof Visits.Outcome.Conflict conflict) {
            // Both moved the same thing: theirs stands, and is sent back; undo here still holds what was drawn here.
            List<String> told = List.of(
                    Sentences.say("meanwhile.drawing", conflict.current().changedBy()));
            return ResponseEntity.status(HttpStatus.CONFLICT)
                    .body(new Saved(
                            false,
                            conflict.current().version(),
                            List.of(),
                            told,
                            DrawingStore.geoJson(conflict.current()),
                            study(conflict.current(), 0)));
        }
        Visits.Outcome.Saved saved = (Visits.Outcome.Saved) outcome;
        List<String> told =
                saved.theirs().isEmpty() ? List.of() : List.of(Sentences.say("meanwhile.drew-too", saved.by()));
        int year = request.get("year") instanceof Number number ? number.intValue() : 0;
        return ResponseEntity.ok(new Saved(
                true,
                saved.visit().version(),
                List.of(),
                told,
                told.isEmpty() ? List.of() : DrawingStore.geoJson(saved.visit()),
                study(saved.visit(), year)));
    }

    @GetMapping("/visits/{id}/place/study.json")
    @ResponseBody
    ResponseEntity<PlaceStudy> study(@PathVariable UUID id, @RequestParam(defaultValue = "0") int year) {
        PlaceStudy study = study(visits.open(id), checked(year));
        return study == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(study);
    }

    @GetMapping("/visits/{id}/place/shadows.json")
    @ResponseBody
    ResponseEntity<ShadowFrames> shadows(
            @PathVariable UUID id, @RequestParam int month, @RequestParam(defaultValue = "0") int year) {
        if (month < 1 || month > 12) {
            return ResponseEntity.badRequest().build();
        }
        return found(store.drawing(visits.open(id))
                .map(drawing -> ShadowFrames.of(drawing, year == 0 ? drawing.drawnIn() : checked(year), month)));
    }

    /** Which obstacle takes which hours of a spot. */
    @GetMapping("/visits/{id}/place/why.json")
    @ResponseBody
    ResponseEntity<SpotStory> why(
            @PathVariable UUID id,
            @RequestParam double x,
            @RequestParam double y,
            @RequestParam int month,
            @RequestParam(defaultValue = "0") int year) {
        if (month < 1 || month > 12 || !(Math.abs(x) < 2000 && Math.abs(y) < 2000)) {
            return ResponseEntity.badRequest().build();
        }
        return found(store.drawing(visits.open(id))
                .map(drawing -> SpotStory.of(
                        CellStory.of(drawing.study(year == 0 ? drawing.drawnIn() : checked(year)), x, y, month),
                        month)));
    }

    /** Nothing drawn yet is no error. */
    private static <T> ResponseEntity<T> found(Optional<T> answer) {
        return answer.map(ResponseEntity::ok)
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    /** The drawing as GeoJSON, metres in a frame of its own (docs/drawing-format.md). */
    @GetMapping("/visits/{id}/place.geojson")
    ResponseEntity<String> export(@PathVariable UUID id) {
        Visit visit = visits.open(id);
        Map<String, Object> collection = new LinkedHashMap<>();
        collection.put("type", "FeatureCollection");
        Map<String, Object> at = new LinkedHashMap<>();
        DrawingStore.POSITION.forEach(
                field -> visit.answers().get(field).ifPresent(value -> at.put(field.name(), value)));
        collection.put("place", at);
        collection.put("features", DrawingStore.geoJson(visit));
        return Download.geoJson(
                "place.geojson", json.writerWithDefaultPrettyPrinter().writeValueAsString(collection));
    }

    /** Goes on with one patch: its light, room and limit become the site's. */
    @PostMapping("/visits/{id}/place/patch")
    String patch(
            @PathVariable UUID id,
            @RequestParam String patch,
            @RequestParam(defaultValue = "0") int year,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        BedPatch chosen = patches.of(visits.open(id), checked(year)).stream()
                .filter(each -> each.name().equals(patch))
                .findFirst()
                .orElseThrow(() -> new NotFound(
                        "The drawing has changed, and this patch is not there any more. Look at the drawing again."));
        try {
            patches.goOnWith(id, chosen, me.displayName());
        } catch (InvalidInput e) {
            flash.addFlashAttribute(
                    "told",
                    List.of(Sentences.say(
                            "told.patch.not",
                            chosen.name(),
                            Refusals.say(e.problems().get(0)))));
            return "redirect:/visits/" + id + "/site";
        }
        flash.addFlashAttribute(
                "told",
                List.of(Sentences.say(
                        "told.patch",
                        chosen.name(),
                        PlaceStudy.words(
                                chosen.light().lightClass(), chosen.light().bias()),
                        PlaceStudy.hours(chosen.light().hours()))));
        return "redirect:/visits/" + id + "/shortlist";
    }

    private PlaceStudy study(Visit visit, int year) {
        return store.drawing(visit)
                .filter(drawing -> !drawing.beds().isEmpty())
                .map(drawing -> PlaceStudy.of(
                        SiteStudy.of(
                                drawing,
                                year == 0 ? drawing.drawnIn() : checked(year),
                                store.seasonMonths(visit),
                                light.cutoffs()),
                        visit.units()))
                .orElse(null);
    }

    private static int checked(int year) {
        return year == 0 ? 0 : Math.max(1900, Math.min(2200, year));
    }
}
