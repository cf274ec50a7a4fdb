package org.yellowfit.app.settings;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.shop.ShopSettings;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Numbers;

/** What the shop decides for everybody. */
@Controller
class ShopController {

    private final ShopSettings shop;
    private final Trail trail;

    ShopController(ShopSettings shop, Trail trail) {
        this.shop = shop;
        this.trail = trail;
    }

    /** @param eraseAfter months; blank for never */
    @PostMapping("/settings/shop")
    String save(
            @RequestParam(defaultValue = "") String eraseAfter,
            @RequestParam(defaultValue = "false") boolean secondFactor,
            RedirectAttributes flash) {
        String told = Sentences.say("told.shop");
        try {
            shop.eraseAfter(months(eraseAfter));
            shop.needSecondFactor(secondFactor);
            trail.note(
                    Trail.Deed.SETTING,
                    "eraseAfterMonths=" + (eraseAfter.isBlank() ? "never" : eraseAfter.strip()) + " secondFactor="
                            + secondFactor);
        } catch (InvalidInput e) {
            told = Refusals.say(e.problems().get(0));
        }
        flash.addFlashAttribute("told", List.of(told));
        return "redirect:/settings";
    }

    private static Optional<Integer> months(String text) {
        try {
            return text.isBlank() ? Optional.empty() : Optional.of((int) Numbers.parse(text));
        } catch (IllegalArgumentException e) {
            return Optional.of(0); // refused with what is taken
        }
    }
}
