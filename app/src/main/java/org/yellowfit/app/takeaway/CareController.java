package org.yellowfit.app.takeaway;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.SiteFields;

/** The calendar of care of a visit. */
@Controller
class CareController {

    private static final int EARLIEST_YEAR = 2000;
    private static final int YEARS_AHEAD = 20;

    private final Visits visits;
    private final PlantList list;
    private final CarePages pages;
    private final CarePlans plans;

    CareController(Visits visits, PlantList list, CarePages pages, CarePlans plans) {
        this.visits = visits;
        this.list = list;
        this.pages = pages;
        this.plans = plans;
    }

    @GetMapping("/visits/{id}/calendar")
    String show(@PathVariable UUID id, Model model) {
        return page(visits.open(id), model);
    }

    /** One change of the day moves all. */
    @PostMapping("/visits/{id}/calendar")
    String plantOn(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String planting,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response) {
        Visit visit = visits.open(id);
        String key = VisitFields.site(SiteFields.PLANTING_DATE).key();
        VisitForm.Checked checked = VisitForm.check(Map.of(key, planting), visit.answers());
        String problem = checked.isFine()
                ? outOfRange(planting.strip())
                : checked.problems().values().iterator().next();
        if (!problem.isEmpty()) {
            response.setStatus(422);
            model.addAttribute("plantingTyped", planting);
            model.addAttribute("plantingProblem", problem);
            return page(visit, model);
        }
        visits.put(id, checked.edit(), me.displayName());
        return "redirect:/visits/" + id + "/calendar";
    }

    private static String outOfRange(String planting) {
        if (planting.isEmpty()) {
            return "";
        }
        int year = LocalDate.parse(planting).getYear();
        int latest = LocalDate.now().getYear() + YEARS_AHEAD;
        return year < EARLIEST_YEAR || year > latest
                ? Sentences.say("care.day-out-of-range", String.valueOf(EARLIEST_YEAR), String.valueOf(latest))
                : "";
    }

    @GetMapping("/visits/{id}/calendar.ics")
    ResponseEntity<byte[]> file(@PathVariable UUID id) {
        Visit visit = visits.open(id);
        return Download.calendar(
                "care.ics", CalendarFile.write(plans.of(visit, list.of(id)).calendar(), visit.place(), visit.units()));
    }

    private String page(Visit visit, Model model) {
        List<PlantLine> lines = list.of(visit.id());
        model.addAttribute("visit", visit);
        model.addAttribute("care", lines.isEmpty() ? null : pages.of(visit, lines));
        return "takeaway/calendar";
    }
}
