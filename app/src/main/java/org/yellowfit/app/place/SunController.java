package org.yellowfit.app.place;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.Month;
import java.time.Year;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.shop.LightWords;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.app.visit.Section;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.LineMessage;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.light.LightClass;
import org.yellowfit.core.light.LightLog;
import org.yellowfit.core.light.LightStudy;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.light.SeenSun;
import org.yellowfit.core.light.SunBias;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.Refusal;
import org.yellowfit.core.measure.UnusableFile;
import org.yellowfit.core.site.Drawing;

/** Hours of sun without a drawing: ticked from memory, or out of a light logger's file. */
@Controller
class SunController {

    private static final int LOG_DAYS = 14;
    private static final long LOG_SEED = 77;

    record Hour(int clock, boolean up, boolean ticked) {}

    record Time(int month, String name, List<Hour> hours) {}

    private final LightWords light;
    private final Visits visits;
    private final DrawingStore store;

    SunController(Visits visits, DrawingStore store, LightWords light) {
        this.light = light;
        this.visits = visits;
        this.store = store;
    }

    @GetMapping("/visits/{id}/sun")
    String show(@PathVariable UUID id, Model model) {
        return show(model, visits.open(id), List.of(), null);
    }

    /** Keeps the ticked hours; with {@code use} they become the site's. */
    @PostMapping("/visits/{id}/sun")
    String seen(
            @PathVariable UUID id,
            @RequestParam MultiValueMap<String, String> params,
            @RequestParam(defaultValue = "false") boolean use,
            @RequestParam(defaultValue = "-1") long version,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        Visit visit = visits.open(id);
        Edit edit = new Edit();
        for (int month : SeenSun.TIMES) {
            List<Integer> hours = params.getOrDefault("m" + month, List.of()).stream()
                    .filter(hour -> hour.matches("\\d|1\\d|2[0-3]"))
                    .map(Integer::valueOf)
                    .distinct()
                    .toList();
            edit.set(VisitFields.seenSun(month), hours.isEmpty() ? null : hours);
        }
        Visits.Outcome ticks = visits.save(id, version, edit, me.displayName()).orElseThrow(Visits::gone);
        Optional<Location> where = store.where(visit);
        if (ticks instanceof Visits.Outcome.Saved saved
                && saved.theirs().stream().anyMatch(change -> change.field().section() == Section.SEEN_SUN)) {
            // What both ticked is to be looked at before it becomes the site's.
            flash.addFlashAttribute("told", List.of(Sentences.say("meanwhile.ticked", saved.by())));
            return "redirect:/visits/" + id + "/sun";
        }
        if (!use || where.isEmpty()) {
            return "redirect:/visits/" + id + "/sun";
        }
        SeenSun sun = SeenSun.of(ticked(visit.answers().with(edit)), where.get(), store.seasonMonths(visit));
        put(edit, sun.morning(), sun.afternoon(), sun.hot(), Provenance.computed(Sentences.say("from.seen")));
        boolean used = use(id, version, edit, me, Sentences.say("told.sun", PlaceStudy.hours(sun.hours())), flash);
        return "redirect:/visits/" + id + (used ? "/shortlist" : "/sun");
    }

    /** The hours become the site's, unless somebody else has set others meanwhile. */
    private boolean use(UUID id, long version, Edit edit, SignedIn me, String done, RedirectAttributes flash) {
        Visits.Outcome outcome =
                visits.save(id, version, edit, me.displayName()).orElseThrow(Visits::gone);
        List<String> told = new ArrayList<>(ChangeWords.told(outcome));
        boolean saved = outcome instanceof Visits.Outcome.Saved;
        if (saved) {
            told.add(0, done);
        }
        flash.addFlashAttribute("told", told);
        return saved;
    }

    @PostMapping("/visits/{id}/sun/log")
    String log(
            @PathVariable UUID id,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "-1") long version,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            jakarta.servlet.http.HttpServletResponse response,
            RedirectAttributes flash)
            throws IOException {
        Visit visit = visits.open(id);
        Optional<Location> where = store.where(visit);
        if (file.isEmpty() || where.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(
                    model,
                    visit,
                    List.of(new LineProblem(
                            0,
                            "",
                            file.isEmpty()
                                    ? Refusal.of("Choose the logger’s file.")
                                    : Refusal.of("It is not known where the place lies."))),
                    null);
        }
        try {
            LightLog log = LightLog.read(new String(file.getBytes(), StandardCharsets.UTF_8), where.get());
            if (log.days().isEmpty()) {
                throw UnusableFile.at(
                        0,
                        "",
                        "Every day of the file is overcast, or the logger never saw the sun: no hours can be told from it.");
            }
            Edit edit = new Edit();
            put(
                    edit,
                    log.morning(),
                    log.afternoon(),
                    log.hot(),
                    Provenance.measured(Sentences.say(
                            "from.logger", Fact.of("told.clear-days", log.days().size()))));
            String done = Sentences.say(
                    "told.logger",
                    PlaceStudy.hours(log.hours()),
                    Fact.of("told.clear-days", log.days().size()),
                    log.overcast().isEmpty()
                            ? ""
                            : Fact.of("told.logger.overcast", log.overcast().size()));
            use(id, version, edit, me, done, flash);
            return "redirect:/visits/" + id + "/sun";
        } catch (UnusableFile e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(model, visit, e.problems(), file.getOriginalFilename());
        }
    }

    /** The simulated logger: the file it would write in the middle of the first bed drawn, or in the open. */
    @GetMapping("/visits/{id}/sun/simulated-log.csv")
    ResponseEntity<String> simulated(@PathVariable UUID id) {
        Visit visit = visits.open(id);
        Location where = store.where(visit)
                .orElseThrow(() -> new NotFound("It is not known where the place lies; choose a station first."));
        LocalDate first = LocalDate.of(Year.now().getValue(), where.isSouth() ? 12 : 6, 10);
        Optional<Drawing> drawing =
                store.drawing(visit).filter(each -> !each.beds().isEmpty());
        double[] spot = drawing.map(each -> each.middleOfBed(0)).orElse(new double[] {0, 0});
        LightStudy study = drawing.map(each -> each.study(each.drawnIn()))
                .orElse(new LightStudy(where, 0, first.getYear(), 10, 0, List.of()));
        return Download.csv(
                "simulated-light-log.csv", LightLog.madeUp(study, spot[0], spot[1], first, LOG_DAYS, LOG_SEED));
    }

    private String show(Model model, Visit visit, List<LineProblem> problems, String fileName) {
        Optional<Location> where = store.where(visit);
        model.addAttribute("visit", visit);
        model.addAttribute("problems", LineMessage.of(problems));
        model.addAttribute("fileName", fileName);
        model.addAttribute("known", where.isPresent());
        where.ifPresent(at -> {
            Map<Integer, Set<Integer>> ticked = ticked(visit.answers());
            model.addAttribute(
                    "times",
                    SeenSun.TIMES.stream().map(month -> time(month, ticked, at)).toList());
            model.addAttribute(
                    "clocks", java.util.stream.IntStream.range(4, 22).boxed().toList());
            boolean any = ticked.values().stream().anyMatch(hours -> !hours.isEmpty());
            model.addAttribute(
                    "seen",
                    any
                            ? told(
                                    SeenSun.of(ticked, at, store.seasonMonths(visit)),
                                    PlaceStudy.season(store.seasonMonths(visit)))
                            : null);
        });
        return "place/sun";
    }

    private static Time time(int month, Map<Integer, Set<Integer>> ticked, Location where) {
        List<Integer> up = SeenSun.hoursOf(where, month);
        return new Time(
                month,
                Sentences.say("sun.mid-month", Month.of(month)),
                java.util.stream.IntStream.range(4, 22)
                        .mapToObj(hour -> new Hour(
                                hour,
                                up.contains(hour),
                                ticked.getOrDefault(month, Set.of()).contains(hour)))
                        .toList());
    }

    private String told(SeenSun sun, String season) {
        LightClass seen = light.cutoffs().of(sun.hours());
        return Sentences.say(
                "sun.seen",
                season,
                PlaceStudy.hours(sun.hours()),
                PlaceStudy.words(seen, SunBias.of(sun.morning(), sun.afternoon())),
                PlaceStudy.hours(sun.morning()),
                PlaceStudy.hours(sun.afternoon()),
                PlaceStudy.hours(sun.hot()));
    }

    private static void put(Edit edit, double morning, double afternoon, double hot, Provenance from) {
        edit.set(VisitFields.site(SiteFields.SUN_HOURS), morning + afternoon, from)
                .set(VisitFields.site(SiteFields.HOT_HOURS), hot, from)
                .set(VisitFields.SUN_BIAS, SunBias.of(morning, afternoon), from)
                .clear(VisitFields.PATCH);
    }

    private static Map<Integer, Set<Integer>> ticked(Answers answers) {
        return SeenSun.TIMES.stream()
                .collect(Collectors.toMap(
                        month -> month, month -> new TreeSet<>(answers.get(VisitFields.seenSun(month), List.of()))));
    }
}
