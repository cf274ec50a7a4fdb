package org.yellowfit.app.plants;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.TraitWords;
import org.yellowfit.app.drawing.Backdrop;
import org.yellowfit.app.drawing.FitStrips;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.PlantSketch;
import org.yellowfit.app.drawing.ScaleScene;
import org.yellowfit.app.drawing.YearStrip;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.plant.CloseUp;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.FitWords;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.SideBySide;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.pair.TraitRow;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.site.Feature;
import org.yellowfit.core.site.FeatureKind;

/** Puts the side-by-side page into words and drawings. */
@Service
class SideBySidePages {

    private static final double PLACE_WIDTH_PX = 1090;
    private static final double PLACE_HEIGHT_PX = 330;
    private static final double USUAL_FENCE_M = 1.8;
    private static final double USUAL_WALL_M = 2.7;

    /** @param sizeSaid what label and other sources say of its height */
    record Column(
            String id,
            String botanical,
            String cultivar,
            String common,
            String scene,
            String leaf,
            String flower,
            String strip,
            String threads,
            String size,
            String sizeSaid,
            String outgrown,
            String verdict,
            String why,
            String tellApart,
            String care,
            String price) {}

    record Row(String trait, List<String> values) {}

    record Opening(String name, String dates) {}

    record Win(String by, String who, String value) {}

    record Page(
            String person,
            List<Column> columns,
            List<Row> differ,
            List<Row> agree,
            List<Opening> openings,
            List<Win> wins) {}

    private final CatalogueStore store;
    private final GrowingPlaces growingPlaces;
    private final Shop shop;

    SideBySidePages(CatalogueStore store, GrowingPlaces growingPlaces, Shop shop) {
        this.store = store;
        this.growingPlaces = growingPlaces;
        this.shop = shop;
    }

    Page of(List<Cultivar> plants, Visit visit, int years, int month, Backdrop.Material behind) {
        Question question = visit.question();
        UnitSystem units = visit.units();
        GrowingPlace place = growingPlaces.of(visit);
        List<PlantSketch> sketches = plants.stream()
                .map(plant -> PlantDrawing.sketch(plant, place, years, month, Detail.LARGE))
                .toList();
        ScaleScene scene = new ScaleScene(
                        sketches,
                        PLACE_WIDTH_PX / plants.size() / PLACE_HEIGHT_PX,
                        units,
                        question.site().room().maxHeightM())
                .before(backdrop(behind, visit));
        List<String> drawn = scene.plants();
        List<Candidate> judged = judged(plants, question);
        List<CriterionName> threads = FitStrips.rows(judged);
        CloseUps closeUps = CloseUps.of(plants);
        List<Column> columns = new ArrayList<>();
        for (int i = 0; i < plants.size(); i++) {
            columns.add(column(
                    plants.get(i),
                    drawn.get(i),
                    closeUps,
                    judged.get(i),
                    threads,
                    question,
                    place,
                    units,
                    years,
                    month));
        }
        List<TraitRow> rows = TraitRow.of(plants);
        return new Page(
                scene.person(),
                columns,
                rows.stream()
                        .filter(row -> !row.agrees())
                        .map(SideBySidePages::row)
                        .toList(),
                rows.stream().filter(TraitRow::agrees).map(SideBySidePages::row).toList(),
                openings(plants, place, question),
                plants.size() < 2
                        ? List.of()
                        : SideBySide.winners(judged, question).stream()
                                .map(win -> new Win(
                                        Sentences.say(win.by(), units),
                                        win.plants().stream()
                                                .map(SideBySidePages::shortName)
                                                .collect(Collectors.joining(" " + Sentences.say("and") + " ")),
                                        Sentences.say(win.value(), units)))
                                .toList());
    }

    /** In the order of the plants. */
    private List<Candidate> judged(List<Cultivar> plants, Question question) {
        List<Candidate> candidates = new Fit(store.catalogue(question.policy()))
                .rank(question, Scope.only(plants.stream().map(Cultivar::id).toList()))
                .candidates();
        return plants.stream()
                .map(plant -> candidates.stream()
                        .filter(c -> c.plant().id().equals(plant.id()))
                        .findFirst()
                        .orElseThrow())
                .toList();
    }

    /** What the drawing has near: a wall with a window, a fence, a hedge; nothing when nothing is drawn. */
    Backdrop.Material usualBackdrop(Visit visit) {
        Set<FeatureKind> drawn = visit.drawn().stream().map(Feature::kind).collect(Collectors.toSet());
        if (drawn.contains(FeatureKind.BLOCK) || drawn.contains(FeatureKind.WALL)) {
            return Backdrop.Material.PALE;
        }
        if (drawn.contains(FeatureKind.FENCE)) {
            return Backdrop.Material.FENCE;
        }
        return drawn.contains(FeatureKind.HEDGE) ? Backdrop.Material.HEDGE : Backdrop.Material.NONE;
    }

    private static Backdrop backdrop(Backdrop.Material kind, Visit visit) {
        boolean wall = kind == Backdrop.Material.PALE || kind == Backdrop.Material.BRICK;
        Double sill = wall && visit.answers().get(VisitFields.LIMITED_BY).equals(Optional.of(FeatureKind.WINDOW))
                ? visit.question().site().room().maxHeightM()
                : null;
        return kind == Backdrop.Material.NONE
                ? Backdrop.NONE
                : new Backdrop(kind, wall ? USUAL_WALL_M : USUAL_FENCE_M, sill);
    }

    /** One scale for the leaves of all, and one for their flowers. */
    private record CloseUps(double leafCm, double flowerCm) {

        static CloseUps of(List<Cultivar> plants) {
            return new CloseUps(
                    plants.stream().mapToDouble(CloseUp::leafCm).max().orElse(1),
                    plants.stream().mapToDouble(CloseUp::flowerCm).max().orElse(1));
        }
    }

    private Column column(
            Cultivar plant,
            String drawn,
            CloseUps closeUps,
            Candidate candidate,
            List<CriterionName> threads,
            Question question,
            GrowingPlace place,
            UnitSystem units,
            int years,
            int month) {
        PlantGrowth growth = PlantState.growth(plant, place);
        String size = FitWords.size(growth, years, units);
        String outgrown = outgrown(plant, question.site());
        return new Column(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                drawn,
                CloseUp.leaf(plant, closeUps.leafCm()),
                CloseUp.flower(plant, closeUps.flowerCm()),
                YearStrip.svg(plant, place, month),
                FitStrips.thin(candidate, threads),
                size,
                sizeSaid(plant, units),
                outgrown,
                Words.of(candidate.verdict()),
                FitWords.why(candidate, units),
                plant.get(Traits.TELL_APART).orElse(""),
                plant.get(Traits.CARE_MIN_YEAR)
                        .map(minutes -> Sentences.say("side-by-side.care", Numbers.rounded(minutes, 0)))
                        .orElse(Sentences.say("side-by-side.care-unknown")),
                plant.get(Traits.SIZES_SOLD)
                        .map(sold -> sold.stream()
                                .map((PotPrice pot) -> pot.pot() + " " + shop.money(pot.price()))
                                .collect(Collectors.joining(", ")))
                        .orElse(Sentences.say("not-priced")));
    }

    /** Label, other sources and own records side by side, where they say more than one thing. */
    private String sizeSaid(Cultivar plant, UnitSystem units) {
        List<Claim> claims = store.claims(plant.id()).stream()
                .filter(claim -> claim.trait() == Traits.HEIGHT10)
                .toList();
        String label = store.label(plant.id())
                .map(each -> Sentences.say("source.label", units.length(each.height10())))
                .orElse("");
        return claims.isEmpty()
                ? Sentences.say("source.no-other", label)
                : label + "; "
                        + claims.stream()
                                .map(claim -> claim.atAgeYears().isPresent()
                                        ? Sentences.say(
                                                "source.size-at-age",
                                                claim.kind(),
                                                units.length(Traits.HEIGHT10.read(claim.value())),
                                                Numbers.write(claim.atAgeYears().getAsDouble()))
                                        : Sentences.say(
                                                "source.size",
                                                claim.kind(),
                                                units.length(Traits.HEIGHT10.read(claim.value()))))
                                .collect(Collectors.joining("; "))
                        + ".";
    }

    private List<Opening> openings(List<Cultivar> plants, GrowingPlace place, Question question) {
        return SideBySide.bloomOrder(plants, question, place.seasons()).stream()
                .map(each -> new Opening(
                        shortName(each.plant()),
                        each.from().isEmpty()
                                ? Sentences.say("side-by-side.no-flowers")
                                : Sentences.say(
                                        "side-by-side.in-flower",
                                        day(each.from().get()),
                                        day(each.to().orElseThrow()))))
                .toList();
    }

    private static String outgrown(Cultivar plant, SiteConditions site) {
        boolean anyRoom = site.room().maxHeightM() != null || site.room().widthM() != null;
        return SideBySide.outgrown(plant, site)
                .map(year -> Sentences.say("plant.outgrown", year))
                .orElse(anyRoom ? Sentences.say("plant.never-outgrown") : "");
    }

    private static String day(int dayOfYear) {
        return Sentences.date("date.day-short", LocalDate.ofYearDay(2001, dayOfYear));
    }

    private static String shortName(Cultivar plant) {
        return plant.get(Traits.CULTIVAR).map(name -> "‘" + name + "’").orElse(plant.botanical());
    }

    private static Row row(TraitRow row) {
        return new Row(
                TraitWords.name(row.trait()),
                row.values().stream()
                        .map(value -> TraitWords.value(row.trait(), value))
                        .toList());
    }
}
