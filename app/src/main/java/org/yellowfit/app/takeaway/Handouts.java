package org.yellowfit.app.takeaway;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.drawing.BedScene;
import org.yellowfit.app.drawing.FitStrips;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.YearStrip;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.shop.LightWords;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.app.words.SiteWords;
import org.yellowfit.core.care.Cautions;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Judgement;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.palette.Background;
import org.yellowfit.core.palette.PlantingFields;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.serve.Service;

/** All that a customer takes home of a visit, in words and pictures: for the screen, the paper and the link. */
@Component
class Handouts {

    /** @param ifs what was accepted for it to fit, told once */
    record Entry(
            String id,
            String botanical,
            String cultivar,
            String common,
            String sketch,
            String year,
            String strips,
            int plants,
            String onCentre,
            String pot,
            String total,
            String size,
            List<String> why,
            List<String> ifs) {}

    record Handout(
            String place,
            String customer,
            String shop,
            String advisor,
            String today,
            String scene,
            String placeTold,
            List<Entry> entries,
            int plants,
            String total,
            boolean unpriced,
            List<PlanSheets.Plan> plans,
            List<String> steps,
            CarePages.Page care,
            List<CarePages.Month> firstYear,
            List<String> cautions) {

        Handout with(List<PlanSheets.Plan> others) {
            return new Handout(
                    place, customer, shop, advisor, today, scene, placeTold, entries, plants, total, unpriced, others,
                    steps, care, firstYear, cautions);
        }
    }

    /** All that a handout hangs on but its plans. */
    private record HandoutKey(UUID visit, long version, List<String> lines, long catalogue, LocalDate today) {}

    private static final double YEARS_AHEAD = 5;
    private static final double USUAL_AREA_M2 = 4;
    private static final int REASONS = 2;
    private static final double MET = 0.5;
    private static final int STEPS = 7;

    private final PlantList list;
    private final CatalogueStore store;
    private final Shop shop;
    private final GrowingPlaces growingPlaces;
    private final LightWords light;
    private final CarePages care;
    private final PlanSheets plans;
    private final Fragments fragments;

    Handouts(
            PlantList list,
            CatalogueStore store,
            Shop shop,
            GrowingPlaces growingPlaces,
            LightWords light,
            CarePages care,
            PlanSheets plans,
            Fragments fragments) {
        this.fragments = fragments;
        this.list = list;
        this.store = store;
        this.shop = shop;
        this.growingPlaces = growingPlaces;
        this.light = light;
        this.care = care;
        this.plans = plans;
    }

    /** How plants come into the page: by their addresses, or drawn in it. */
    enum Pictures {
        BY_ADDRESS,
        DRAWN
    }

    /** What a drawn plant hangs on. */
    private record PortraitKey(String plant, long catalogue, GrowingPlace place, double years) {}

    /** What the drawn planting hangs on. */
    private record SceneKey(
            List<BedScene.Kind> kinds,
            long catalogue,
            GrowingPlace place,
            double area,
            Double depth,
            String behind,
            UnitSystem units) {}

    /** Empty where the list is. */
    Optional<Handout> of(Visit visit, Pictures pictures) {
        List<PlantLine> lines = list.of(visit.id());
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        // The paper's drawings are many times a page's size; they are kept one by one.
        Handout handout = pictures == Pictures.DRAWN
                ? made(visit, lines, pictures)
                : fragments.once(key(visit, lines), () -> made(visit, lines, pictures));
        // A plant moved in its bed changes the plan and nothing else.
        return Optional.of(handout.with(plans.plans(visit)));
    }

    private HandoutKey key(Visit visit, List<PlantLine> lines) {
        return new HandoutKey(
                visit.id(),
                visit.version(),
                lines.stream().map(line -> line.id() + ":" + line.version()).toList(),
                store.edition(),
                LocalDate.now());
    }

    private Handout made(Visit visit, List<PlantLine> lines, Pictures pictures) {
        Question question = visit.question();
        List<Candidate> judged = new Fit(store.catalogue(question.policy()))
                .rank(
                        question,
                        Scope.only(lines.stream().map(line -> line.plant().id()).toList()))
                .candidates();
        List<CriterionName> rows = FitStrips.rows(judged);
        GrowingPlace place = growingPlaces.of(visit);
        CarePages.Page calendar = care.of(visit, lines);
        return new Handout(
                visit.place(),
                visit.customer(),
                shop.name(),
                visit.advisor(),
                Sentences.date("date.full", LocalDate.now()),
                scene(visit, lines, place),
                String.join(" ", new SiteWords(question.site(), visit.units(), light.cutoffs()).known()),
                lines.stream()
                        .map(line -> entry(line, judged, rows, question, place, visit.units(), pictures))
                        .toList(),
                lines.stream().mapToInt(line -> line.count().plants()).sum(),
                total(lines),
                lines.stream().anyMatch(line -> line.total().isEmpty()),
                List.of(),
                steps(question.site()),
                calendar,
                firstYear(calendar.months()),
                Sentences.each(
                        Cautions.of(lines.stream().map(PlantLine::plant).toList(), store.watchList()), visit.units()));
    }

    /** The planting as it will stand in five years, in the month it shows most. */
    private String scene(Visit visit, List<PlantLine> lines, GrowingPlace place) {
        SiteConditions site = visit.question().site();
        double ground = lines.stream().mapToDouble(PlantLine::groundM2).sum();
        double area = site.room().areaM2() == null || site.room().areaM2() <= 0
                ? ground
                : site.room().areaM2();
        List<BedScene.Kind> kinds = lines.stream()
                .map(line -> new BedScene.Kind(
                        line.plant(),
                        Layer.of(PlantState.growth(line.plant(), place)
                                .height(YEARS_AHEAD)
                                .mid()),
                        line.count().plants(),
                        line.groundM2()))
                .toList();
        String behind = visit.answers()
                .get(VisitFields.planting(PlantingFields.BACKGROUND))
                .map(Background::hex)
                .orElse("");
        Double depth = site.room().depthM();
        return fragments.once(
                new SceneKey(kinds, store.edition(), place, area, depth, behind, visit.units()),
                () -> scene(kinds, lines, place, area, depth, behind, visit.units()));
    }

    private static String scene(
            List<BedScene.Kind> kinds,
            List<PlantLine> lines,
            GrowingPlace place,
            double area,
            Double depth,
            String behind,
            UnitSystem units) {
        int month = PlantDrawing.bestMonth(
                lines.stream()
                        .max(Comparator.comparingDouble(PlantLine::groundM2))
                        .orElseThrow()
                        .plant(),
                place);
        BedScene.Stretch stretch = new BedScene.Stretch("", area > 0 ? area : USUAL_AREA_M2, depth, place, kinds);
        return BedScene.band(List.of(stretch), YEARS_AHEAD, month, behind, units);
    }

    /** How to plant, in order. */
    private static List<String> steps(SiteConditions site) {
        String where = site.soil().isContainer() ? "handout.pot-step." : "handout.step.";
        List<String> steps = new ArrayList<>();
        for (int step = 1; step <= STEPS; step++) {
            Sentences.find(where + step).ifPresent(steps::add);
        }
        return steps;
    }

    /** What comes in the first twelve months, and of the second year what is new in it. */
    private static List<CarePages.Month> firstYear(List<CarePages.Month> months) {
        Set<String> seen = new HashSet<>();
        List<CarePages.Month> kept = new ArrayList<>();
        for (CarePages.Month month : months) {
            List<CarePages.Task> fresh = month.tasks().stream()
                    .filter(task -> seen.add(task.sameAs()))
                    .toList();
            if (!fresh.isEmpty()) {
                kept.add(new CarePages.Month(month.name(), fresh));
            }
        }
        return kept;
    }

    private Entry entry(
            PlantLine line,
            List<Candidate> judged,
            List<CriterionName> rows,
            Question question,
            GrowingPlace place,
            UnitSystem units,
            Pictures pictures) {
        Cultivar plant = line.plant();
        Candidate candidate = judged.stream()
                .filter(c -> c.plant().id().equals(plant.id()))
                .findFirst()
                .orElseThrow();
        double years = question.site().room().horizonYears();
        PlantGrowth growth = PlantState.growth(plant, place);
        return new Entry(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                pictures == Pictures.DRAWN ? drawn(plant, place, years) : picture(plant, place),
                YearStrip.svg(plant, place, 0),
                FitStrips.svg(candidate, rows, question, units),
                line.count().plants(),
                units.length(line.count().onCentreM()),
                pots(line),
                line.total().map(shop::money).orElse(Sentences.say("not-priced")),
                Sentences.say(
                        "handout.size",
                        units.length(growth.heightInFlower(years).mid()),
                        units.length(growth.spread(years).mid()),
                        Math.round(years)),
                why(candidate, units),
                ifs(candidate, units));
    }

    private String picture(Cultivar plant, GrowingPlace place) {
        return "<img src=\"" + PlantDrawing.escaped(store.portrait(plant, place)) + "\" alt=\""
                + PlantDrawing.escaped(plant.name()) + "\" width=\"135\" height=\"135\" loading=\"lazy\" />";
    }

    private String drawn(Cultivar plant, GrowingPlace place, double years) {
        return fragments.once(
                new PortraitKey(plant.id(), store.edition(), place, years),
                () -> PlantDrawing.portrait(plant, place, years, PlantDrawing.bestMonth(plant, place), Detail.CARD));
    }

    private static String pots(PlantLine line) {
        return line.byPot().size() <= 1
                ? line.pot()
                : String.join(
                        ", ",
                        line.byPot().entrySet().stream()
                                .map(each -> each.getValue() + " × " + each.getKey())
                                .toList());
    }

    /** What it is here for: the wishes and jobs it does best. */
    private static List<String> why(Candidate candidate, UnitSystem units) {
        return candidate.services().stream()
                .filter(service -> service.known() && service.met() >= MET)
                .sorted(Comparator.comparingDouble(Service::met).reversed())
                .limit(REASONS)
                .map(service -> Sentences.say(
                        "handout.why", Sentences.say(service.asked(), units), Sentences.say(service.why(), units)))
                .toList();
    }

    /** What has to be done for it to fit, and what speaks against it. */
    private static List<String> ifs(Candidate candidate, UnitSystem units) {
        List<String> ifs = new ArrayList<>();
        for (Judgement judgement : candidate.criteria()) {
            if (judgement.verdict() == Verdict.FITS_IF || judgement.verdict() == Verdict.NO) {
                ifs.add(Sentences.say(judgement.why(), units)
                        + judgement.remedies().stream()
                                .findFirst()
                                .map(remedy -> " " + Sentences.say(remedy.text(), units))
                                .orElse(""));
            }
        }
        return ifs;
    }

    private String total(List<PlantLine> lines) {
        return shop.money(lines.stream()
                .map(PlantLine::total)
                .flatMap(Optional::stream)
                .reduce(BigDecimal.ZERO, BigDecimal::add));
    }
}
