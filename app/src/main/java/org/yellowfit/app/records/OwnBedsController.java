package org.yellowfit.app.records;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.InvalidInput;

/**
 * The centre's own beds: places like any other (rule J8), described, drawn and given their climate by the same
 * screens.
 */
@Controller
class OwnBedsController {

    private final OwnBeds beds;

    OwnBedsController(OwnBeds beds) {
        this.beds = beds;
    }

    @PostMapping("/records/beds")
    String begin(
            @RequestParam(defaultValue = "") String name,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        try {
            return "redirect:/visits/" + beds.begin(name, me.displayName()) + "/site";
        } catch (InvalidInput e) {
            flash.addFlashAttribute("bedTyped", name);
            flash.addFlashAttribute("bedProblem", Refusals.say(e.problems().get(0)));
            return "redirect:/records#beds";
        }
    }

    /** A bed that so far has only a name. */
    @PostMapping("/records/beds/{place}")
    String describe(@PathVariable long place, @AuthenticationPrincipal SignedIn me) {
        return beds.describe(place, me.displayName())
                .map(visit -> "redirect:/visits/" + visit + "/site")
                .orElse("redirect:/records");
    }
}
