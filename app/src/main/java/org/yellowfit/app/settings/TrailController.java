package org.yellowfit.app.settings;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.words.Sentences;

/** What was done, by whom, when and from where. */
@Controller
class TrailController {

    private static final int SHOWN = 300;

    record Row(String at, String who, String address, String what, String about) {}

    private final Trail trail;

    TrailController(Trail trail) {
        this.trail = trail;
    }

    @GetMapping("/settings/trail")
    String show(Model model) {
        model.addAttribute(
                "rows",
                trail.latest(SHOWN).stream()
                        .map(entry -> new Row(
                                Times.minute(entry.at()),
                                entry.who(),
                                entry.address(),
                                Sentences.label(entry.what()),
                                entry.about()))
                        .toList());
        model.addAttribute("shown", SHOWN);
        return "settings/trail";
    }
}
