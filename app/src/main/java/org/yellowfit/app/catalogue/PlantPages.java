package org.yellowfit.app.catalogue;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.yellowfit.app.drawing.FitStrips;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.YearStrip;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.words.FitWords;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.care.CareSummary;
import org.yellowfit.core.care.Cautions;
import org.yellowfit.core.claims.Sources;
import org.yellowfit.core.claims.TraitSources;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Ranked;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.pair.Companion;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.PotPrice;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/** Puts a plant's page together. */
@Service
class PlantPages {

    private static final List<Integer> AGES = List.of(1, 3, 5, 10, 20, 30);
    private static final int COMPANY = 4;
    private static final int VISITS = 12;

    record Age(int years, String height, String spread) {}

    record Fact(String column, String name, String value) {}

    /** @param id of a claim that can be taken out; null where records say it, which are changed where they are kept */
    record Said(Long id, String value, String source, String kind, String detail) {}

    record Dispute(
            String column,
            String name,
            String label,
            List<Said> said,
            boolean disagrees,
            String cautious,
            String standard,
            String bold,
            String reason) {}

    record Change(String what, String by, String when, String why, String undone) {}

    record Against(String visitId, String place, String verdict, String why, String strips) {}

    record Pot(String name, String price) {}

    /** @param halfMonth 0–23, the half month in which the plant shows most */
    record Page(
            PlantTile tile,
            String year,
            int halfMonth,
            String place,
            String units,
            List<Age> ages,
            String care,
            List<String> cautions,
            String tellApart,
            List<PlantTile> like,
            List<PlantTile> company,
            List<Pot> pots,
            List<Fact> facts,
            List<Fact> notes,
            List<Dispute> disputes,
            List<Change> changes,
            boolean canUndo,
            Against against,
            List<OpenPlaces.Place> visits,
            String chosenVisit) {}

    private final CatalogueStore store;
    private final ClaimRepository claims;
    private final TraitEditor editor;
    private final OpenPlaces places;
    private final Shop shop;

    PlantPages(CatalogueStore store, ClaimRepository claims, TraitEditor editor, OpenPlaces places, Shop shop) {
        this.store = store;
        this.claims = claims;
        this.editor = editor;
        this.places = places;
        this.shop = shop;
    }

    Page of(Cultivar label, Optional<OpenPlaces.Place> visit) {
        Cultivar plant = store.find(label.id()).orElse(label);
        UnitSystem units = visit.map(v -> v.units()).orElse(UnitSystem.METRIC);
        GrowingPlace place = visit.map(OpenPlaces.Place::growing).orElse(GrowingPlace.ANYWHERE);
        int best = PlantDrawing.bestMonth(plant, place);
        List<TraitChange> history = editor.history(label.id());
        return new Page(
                PlantTile.at(plant, place, units),
                YearStrip.svg(plant, place, best),
                (best - 1) * 2 + 1,
                PictureAddress.query(plant, place),
                units == UnitSystem.US ? "us" : "metric",
                AGES.stream().map(years -> age(plant, place, years, units)).toList(),
                Sentences.say(CareSummary.inFull(plant), units),
                Sentences.each(Cautions.of(plant, store.watchList()), units),
                plant.get(Traits.TELL_APART).orElse(""),
                lookAlikes(plant, units),
                company(plant, units, visit),
                pots(plant),
                facts(label),
                notes(label),
                disputes(label),
                history.stream().map(PlantPages::change).toList(),
                history.stream().anyMatch(change -> !change.isUndone()),
                visit.map(v -> against(v, plant)).orElse(null),
                places.latestPlaces(VISITS),
                visit.map(v -> v.id().toString()).orElse(""));
    }

    private static Age age(Cultivar plant, GrowingPlace place, int years, UnitSystem units) {
        PlantGrowth growth = PlantState.growth(plant, place);
        return new Age(
                years,
                units.length(growth.heightInFlower(years).mid()),
                units.length(growth.spread(years).mid()));
    }

    private List<PlantTile> lookAlikes(Cultivar plant, UnitSystem units) {
        return plant.get(Traits.LIKE).orElse(List.of()).stream()
                .map(store::find)
                .flatMap(Optional::stream)
                .map(other ->
                        PlantTile.of(other, units, other.get(Traits.TELL_APART).orElse("")))
                .toList();
    }

    /** Of the whole catalogue, or of what lives at a visit's place. */
    private List<PlantTile> company(Cultivar plant, UnitSystem units, Optional<OpenPlaces.Place> visit) {
        List<Cultivar> others = visit.map(OpenPlaces.Place::question)
                .map(question -> {
                    Catalogue catalogue = store.catalogue(question.policy());
                    return new Fit(catalogue)
                            .order(question, catalogue.size()).stream()
                                    .map(Ranked::plant)
                                    .toList();
                })
                .orElseGet(() -> store.catalogue(Policy.STANDARD).all());
        return Companion.of(plant, others, COMPANY).stream()
                .map(each -> PlantTile.of(each.plant(), units, Sentences.say(each.why(), units)))
                .toList();
    }

    private List<Pot> pots(Cultivar plant) {
        return plant.get(Traits.SIZES_SOLD).orElse(List.of()).stream()
                .map((PotPrice pot) -> new Pot(pot.pot(), shop.money(pot.price())))
                .toList();
    }

    private static List<Fact> facts(Cultivar plant) {
        return Traits.ALL.stream()
                .filter(trait -> plant.write(trait).isPresent()
                        && trait != Traits.LIKE
                        && trait != Traits.ID
                        && trait != Traits.TELL_APART
                        && trait != Traits.SIZES_SOLD)
                .map(trait -> new Fact(
                        trait.name(),
                        TraitWords.name(trait),
                        TraitWords.value(trait, plant.write(trait).orElseThrow())))
                .toList();
    }

    private static List<Fact> notes(Cultivar plant) {
        return plant.notes().entrySet().stream()
                .map(note -> new Fact(note.getKey(), note.getKey(), note.getValue()))
                .toList();
    }

    private List<Dispute> disputes(Cultivar label) {
        List<Claim> heard = store.claims(label.id());
        Sources sources = Sources.of(label, heard);
        Map<Claim, Long> kept = new LinkedHashMap<>();
        claims.findByCultivarIdOrderById(label.id()).forEach(entity -> kept.put(entity.claim(), entity.id()));
        heard.forEach(claim -> kept.putIfAbsent(claim, null));
        List<TraitSources> cautious = sources.standpoints(Policy.CAUTIOUS);
        List<TraitSources> standard = sources.standpoints(Policy.STANDARD);
        List<TraitSources> bold = sources.standpoints(Policy.BOLD);
        List<Dispute> disputes = new ArrayList<>();
        for (int i = 0; i < standard.size(); i++) {
            TraitSources point = standard.get(i);
            disputes.add(new Dispute(
                    point.trait().name(),
                    TraitWords.name(point.trait()),
                    TraitWords.value(point.trait(), point.label()),
                    kept.entrySet().stream()
                            .filter(each -> each.getKey().trait() == point.trait())
                            .map(each -> said(each.getKey(), each.getValue()))
                            .toList(),
                    point.disagrees(),
                    TraitWords.value(point.trait(), cautious.get(i).used()),
                    TraitWords.value(point.trait(), point.used()),
                    TraitWords.value(point.trait(), bold.get(i).used()),
                    Sentences.label(point.reason())));
        }
        return disputes;
    }

    private static Said said(Claim claim, Long id) {
        List<String> detail = new ArrayList<>();
        claim.atAgeYears().ifPresent(age -> detail.add(Sentences.say("source.at-age", Numbers.write(age))));
        if (!claim.place().isEmpty()) {
            detail.add(claim.place());
        }
        return new Said(
                id,
                TraitWords.value(claim.trait(), claim.value()),
                claim.source(),
                Sentences.label(claim.kind()),
                String.join(", ", detail));
    }

    private static Change change(TraitChange change) {
        String name = TraitWords.name(Traits.named(change.trait()).orElseThrow());
        String what = switch (change.what()) {
            case VALUE -> Sentences.say("change.value", name, known(change.before()), known(change.after()));
            case CLAIM_ADDED -> Sentences.say("change.claim-added", name);
            case CLAIM_REMOVED -> Sentences.say("change.claim-removed", name);
        };
        return new Change(
                what,
                change.by(),
                Sentences.date("date.time", change.at().atZone(ZoneId.systemDefault())),
                change.why(),
                change.isUndone() ? Sentences.say("change.undone", change.undoneBy()) : "");
    }

    private static String known(String value) {
        return value.isEmpty() ? Sentences.say("not-known") : value;
    }

    private Against against(OpenPlaces.Place visit, Cultivar plant) {
        Question question = visit.question();
        Candidate candidate = new Fit(store.catalogue(question.policy()))
                .rank(question, Scope.only(List.of(plant.id())))
                .candidates()
                .get(0);
        String why = FitWords.why(candidate, visit.units());
        return new Against(
                visit.id().toString(),
                visit.place(),
                candidate.verdict().word(),
                why,
                FitStrips.svg(candidate, FitStrips.rows(List.of(candidate)), question, visit.units()));
    }
}
