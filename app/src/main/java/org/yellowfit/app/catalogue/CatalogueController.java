package org.yellowfit.app.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.search.Facet;

/** The catalogue as a list that is searched, narrowed and looked through. */
@Controller
class CatalogueController {

    private static final int PER_PAGE = 24;
    private static final int GROUPS_SHOWN = 9;

    /** One condition less, and how many plants that gives. */
    record WayOut(String label, int count, String link) {}

    record ChipView(String label, boolean wrong, String typed, String link) {}

    record GroupView(String name, int count, boolean chosen, String link) {}

    record FacetBox(String title, List<GroupView> groups, boolean open) {}

    record MonthChoice(int number, String name) {}

    private final CatalogueSearch search;
    private final CatalogueStore store;
    private final CatalogueImport catalogueImport;

    CatalogueController(CatalogueSearch search, CatalogueStore store, CatalogueImport catalogueImport) {
        this.search = search;
        this.store = store;
        this.catalogueImport = catalogueImport;
    }

    @GetMapping("/catalogue")
    String list(@RequestParam Map<String, String> params, Model model) {
        String typed = params.getOrDefault("q", "").strip();
        Map<Facet, Integer> chosen = chosen(params);
        Optional<ColourWish> colour = params.containsKey("byColour")
                ? ColourWish.of(
                        params.getOrDefault("near", ""),
                        params.getOrDefault("part", "flower"),
                        params.getOrDefault("month", ""))
                : Optional.empty();
        CatalogueSearch.Asked asked = new CatalogueSearch.Asked(typed, chosen, colour);
        String page = params.getOrDefault("page", "1");
        int at = page.matches("\\d{1,6}") ? Math.max(1, Integer.parseInt(page)) : 1;
        CatalogueSearch.Found found = search.find(asked, (at - 1) * PER_PAGE, PER_PAGE);
        int pages = Math.max(1, (found.count() + PER_PAGE - 1) / PER_PAGE);
        if (at > pages) {
            at = pages;
            found = search.find(asked, (at - 1) * PER_PAGE, PER_PAGE);
        }
        if (found.count() == 0) {
            model.addAttribute("waysOut", waysOut(found, params, asked));
        }
        model.addAttribute("noPlants", store.labels().isEmpty());
        model.addAttribute("q", typed);
        model.addAttribute("chips", chips(found, params, colour));
        model.addAttribute("facets", facets(found, params));
        model.addAttribute("kept", kept(params));
        model.addAttribute("colour", colour.orElse(null));
        model.addAttribute("near", params.getOrDefault("near", "#8a5aa8"));
        model.addAttribute("months", months());
        model.addAttribute("sight", sight(params.getOrDefault("sight", "")));
        model.addAttribute("count", found.count());
        model.addAttribute("page", at);
        model.addAttribute("pages", pages);
        model.addAttribute("earlier", at > 1 ? link(params, "page", String.valueOf(at - 1)) : null);
        model.addAttribute("later", at < pages ? link(params, "page", String.valueOf(at + 1)) : null);
        model.addAttribute(
                "tiles",
                found.plants().stream()
                        .map(plant -> PlantTile.of(plant, UnitSystem.METRIC))
                        .toList());
        model.addAttribute(
                "labelsLink",
                "/catalogue/labels?ids="
                        + String.join(
                                ",",
                                found.plants().stream().map(plant -> plant.id()).toList()));
        return "catalogue/catalogue";
    }

    @GetMapping("/catalogue/catalogue.csv")
    void csv(@RequestParam(defaultValue = "true") boolean neutral, HttpServletResponse response) throws IOException {
        catalogueImport.download(neutral, response);
    }

    @GetMapping("/catalogue/catalogue.json")
    void json(HttpServletResponse response) throws IOException {
        response.setHeader("Content-Disposition", "attachment; filename=\"catalogue.json\"");
        catalogueImport.downloadJson(response);
    }

    @GetMapping("/catalogue/claims.csv")
    void claims(@RequestParam(defaultValue = "true") boolean neutral, HttpServletResponse response) throws IOException {
        catalogueImport.downloadClaims(neutral, response);
    }

    private List<WayOut> waysOut(CatalogueSearch.Found found, Map<String, String> params, CatalogueSearch.Asked asked) {
        List<WayOut> ways = new ArrayList<>();
        found.chips()
                .forEach(chip -> ways.add(wayOut(
                        Sentences.say("search.without", chip.label()),
                        new CatalogueSearch.Asked(chip.without(), asked.chosen(), asked.colour()),
                        link(params, "q", chip.without()))));
        asked.chosen().forEach((facet, group) -> {
            Map<Facet, Integer> others = new EnumMap<>(asked.chosen());
            others.remove(facet);
            ways.add(wayOut(
                    Sentences.say("search.without", say(facet, group)),
                    new CatalogueSearch.Asked(asked.typed(), others, asked.colour()),
                    link(params, name(facet), null)));
        });
        asked.colour()
                .ifPresent(wish -> ways.add(wayOut(
                        Sentences.say("search.any-colour"),
                        new CatalogueSearch.Asked(asked.typed(), asked.chosen(), Optional.empty()),
                        link(params, "byColour", null))));
        return ways.stream().filter(way -> way.count() > 0).toList();
    }

    private static String say(Facet facet, int group) {
        return Sentences.say(facet.groups().get(group), UnitSystem.METRIC);
    }

    private WayOut wayOut(String label, CatalogueSearch.Asked asked, String link) {
        return new WayOut(label, search.find(asked, 0, 0).count(), link);
    }

    static String sight(String asked) {
        return List.of("protan", "deutan", "tritan").contains(asked) ? asked : "";
    }

    private static Map<Facet, Integer> chosen(Map<String, String> params) {
        Map<Facet, Integer> chosen = new EnumMap<>(Facet.class);
        for (Facet facet : Facet.values()) {
            String group = params.getOrDefault(name(facet), "");
            if (group.matches("\\d{1,2}")
                    && Integer.parseInt(group) < facet.groups().size()) {
                chosen.put(facet, Integer.parseInt(group));
            }
        }
        return chosen;
    }

    private static List<ChipView> chips(
            CatalogueSearch.Found found, Map<String, String> params, Optional<ColourWish> colour) {
        List<ChipView> chips = new ArrayList<>();
        found.chips()
                .forEach(chip -> chips.add(
                        new ChipView(chip.label(), chip.wrong(), chip.typed(), link(params, "q", chip.without()))));
        chosen(params)
                .forEach((facet, group) -> chips.add(new ChipView(
                        Sentences.label(facet).toLowerCase(Locale.ROOT) + ": " + say(facet, group),
                        false,
                        "",
                        link(params, name(facet), null))));
        colour.ifPresent(wish -> {
            String near = wish.leaf() ? "search.near-leaf" : "search.near-flower";
            chips.add(new ChipView(
                    wish.month() == 0
                            ? Sentences.say(near)
                            : Sentences.say(
                                    "search.in-month",
                                    Sentences.say(near),
                                    months().get(wish.month() - 1).name()),
                    false,
                    wish.hex(),
                    link(params, "byColour", null)));
        });
        return chips;
    }

    private static List<FacetBox> facets(CatalogueSearch.Found found, Map<String, String> params) {
        return found.facets().stream()
                .map(view -> new FacetBox(
                        Sentences.label(view.facet()),
                        view.groups().stream()
                                .limit(GROUPS_SHOWN)
                                .map(group -> new GroupView(
                                        group.name(),
                                        group.count(),
                                        group.chosen(),
                                        link(
                                                params,
                                                name(view.facet()),
                                                group.chosen() ? null : String.valueOf(group.group()))))
                                .toList(),
                        view.facet() == Facet.KIND
                                || view.facet() == Facet.SUN
                                || view.groups().stream().anyMatch(CatalogueSearch.Group::chosen)))
                .toList();
    }

    /** What a search form keeps of the page's address besides its own field. */
    private static Map<String, String> kept(Map<String, String> params) {
        Map<String, String> kept = new java.util.LinkedHashMap<>();
        for (Facet facet : Facet.values()) {
            if (params.containsKey(name(facet))) {
                kept.put(name(facet), params.get(name(facet)));
            }
        }
        return kept;
    }

    private static String link(Map<String, String> params, String name, String value) {
        UriComponentsBuilder link = UriComponentsBuilder.fromPath("/catalogue");
        params.forEach((key, kept) -> {
            if (!key.equals(name) && !key.equals("page")) {
                link.queryParam(key, "{" + key + "}");
            }
        });
        Map<String, Object> values = new java.util.HashMap<>(params);
        if (value != null && !value.isBlank()) {
            link.queryParam(name, "{" + name + "}");
            values.put(name, value);
        }
        return link.encode().buildAndExpand(values).toUriString();
    }

    private static String name(Facet facet) {
        return facet.name().toLowerCase(Locale.ROOT);
    }

    static List<MonthChoice> months() {
        return java.util.Arrays.stream(java.time.Month.values())
                .map(month -> new MonthChoice(month.getValue(), Sentences.label(month)))
                .toList();
    }
}
