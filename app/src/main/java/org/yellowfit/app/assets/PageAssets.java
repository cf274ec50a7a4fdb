package org.yellowfit.app.assets;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Which styles and scripts each screen takes, beside what every page has; by the screen's name in the layout. */
@Component("pageAssets")
class PageAssets {

    private static final String ALPINE = "vendor/alpine/alpine-csp.min.js";
    private static final String WORDS = "js/words.js";
    private static final List<String> EVERY_STYLE =
            List.of("vendor/bootstrap/bootstrap-reboot.min.css", "css/base.css");

    private static final Map<String, List<String>> STYLES = Map.ofEntries(
            Map.entry("counter", List.of("css/counter.css")),
            Map.entry("site", List.of("css/place.css")),
            Map.entry("card", List.of("css/place.css")),
            Map.entry("soil", List.of("css/place.css")),
            Map.entry("climate", List.of("css/place.css", "css/shop.css")),
            Map.entry("sun", List.of("css/place.css")),
            Map.entry("place", List.of("css/place.css")),
            Map.entry("shortlist", List.of("css/plants.css")),
            Map.entry("instead", List.of("css/plants.css")),
            Map.entry("bench", List.of("css/plants.css")),
            Map.entry("together", List.of("css/planting.css")),
            Map.entry("bed", List.of("css/bed.css")),
            Map.entry("set-out", List.of("css/bed.css")),
            Map.entry("list", List.of("css/takeaway.css")),
            Map.entry("records", List.of("css/shop.css", "css/records.css")),
            Map.entry("season", List.of("css/shop.css", "css/records.css")),
            Map.entry("afterwards", List.of("css/takeaway.css", "css/records.css")),
            Map.entry("outbox", List.of("css/shop.css")),
            Map.entry("taken", List.of("css/takeaway.css")),
            Map.entry("calendar", List.of("css/takeaway.css")),
            Map.entry("handout", List.of("css/plants.css", "css/takeaway.css")),
            Map.entry("catalogue", List.of("css/plants.css", "css/catalogue.css")),
            Map.entry("labels", List.of("css/catalogue.css")),
            Map.entry("stations", List.of("css/place.css", "css/shop.css")),
            Map.entry("settings", List.of("css/shop.css")),
            Map.entry("account", List.of("css/shop.css")),
            Map.entry("yard", List.of("css/shop.css")),
            Map.entry("orders", List.of("css/takeaway.css", "css/shop.css")));

    private static final Map<String, List<String>> SCRIPTS = Map.ofEntries(
            Map.entry("site", List.of("js/site-form.js")),
            Map.entry("soil", List.of("js/soil.js")),
            Map.entry("place", List.of(WORDS)),
            Map.entry("shortlist", List.of(WORDS, "js/site-form.js", "js/sentence.js", "js/shortlist.js")),
            Map.entry("together", List.of(WORDS, "js/together.js")),
            Map.entry("bed", List.of(WORDS)),
            Map.entry("list", List.of("js/site-form.js")),
            Map.entry("handout", List.of("js/site-form.js")),
            Map.entry("labels", List.of("js/site-form.js")),
            Map.entry("catalogue", List.of(WORDS, "js/plant-stage.js")),
            Map.entry("records", List.of("js/records.js")),
            Map.entry("afterwards", List.of("js/records.js")));

    private final Assets assets;

    PageAssets(Assets assets) {
        this.assets = assets;
    }

    public List<String> styles(String screen) {
        return Stream.concat(EVERY_STYLE.stream(), STYLES.getOrDefault(screen, List.of()).stream())
                .map(assets::url)
                .toList();
    }

    /** Alpine comes last, when the components it starts are there, and only where there are any. */
    public List<String> scripts(String screen) {
        List<String> own = SCRIPTS.getOrDefault(screen, List.of());
        boolean components = own.stream().anyMatch(script -> !script.equals(WORDS));
        Stream<String> alpine = components ? Stream.of(ALPINE) : Stream.empty();
        return Stream.of(Stream.of("js/keys.js", "js/stages.js"), own.stream(), alpine)
                .flatMap(files -> files)
                .map(assets::url)
                .toList();
    }
}
