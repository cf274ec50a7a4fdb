package org.yellowfit.app.plants;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.OwnRecords;
import org.yellowfit.app.drawing.FitStrips;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.plants.ShortlistPage.Card;
import org.yellowfit.app.plants.ShortlistPage.Reason;
import org.yellowfit.app.plants.ShortlistPage.Serves;
import org.yellowfit.app.plants.ShortlistPage.SiteValue;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.web.Meters;
import org.yellowfit.app.words.FitWords;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Judgement;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/** Puts a shortlist into words and drawings. */
@Service
class ShortlistPages {

    private static final int SHOWN = 24;
    private static final int MISSES_FROM = 80;
    private static final int MISSES = 5;
    private static final List<CriterionName> ON_THE_LINE = List.of(
            CriterionName.HARDINESS,
            CriterionName.SUN_LIVE,
            CriterionName.TEXTURE,
            CriterionName.DRAINAGE,
            CriterionName.MOISTURE,
            CriterionName.PH,
            CriterionName.HEIGHT,
            CriterionName.SPREAD);
    private static final int WHY = 4;

    private final CatalogueStore store;
    private final GrowingPlaces growingPlaces;
    private final Fragments fragments;

    private final Meters meters;

    private final OwnRecords records;

    ShortlistPages(
            CatalogueStore store, GrowingPlaces growingPlaces, Fragments fragments, Meters meters, OwnRecords records) {
        this.records = records;
        this.meters = meters;
        this.fragments = fragments;
        this.growingPlaces = growingPlaces;
        this.store = store;
    }

    ShortlistPage of(Visit visit, String why) {
        Question question = visit.question();
        Catalogue catalogue = store.catalogue(question.policy());
        meters.fit();
        Fit fit = new Fit(catalogue);
        List<Candidate> best = fit.rank(question, Scope.best(SHOWN)).candidates();
        List<Candidate> misses = nearMisses(fit, question);
        List<Candidate> asked = asked(fit, catalogue, question, why);
        List<Candidate> all = new ArrayList<>(best);
        all.addAll(misses);
        all.addAll(asked);
        List<CriterionName> rows = FitStrips.rows(all);
        return new ShortlistPage(
                catalogue.size(),
                cards(best.stream().filter(c -> c.verdict() == Verdict.FITS).toList(), rows, question, visit),
                cards(best.stream().filter(c -> c.verdict() == Verdict.FITS_IF).toList(), rows, question, visit),
                cards(misses, rows, question, visit),
                cards(asked, rows, question, visit),
                why.strip(),
                line(fit, question, visit.units()),
                WishChips.of(visit.question().wants(), visit.units()));
    }

    /** What stands over the list: the place's values on the line, and the wishes. */
    ShortlistPage head(Visit visit) {
        return fragments.once(AsItIs.of(visit, store.state(), "head"), () -> newHead(visit));
    }

    private ShortlistPage newHead(Visit visit) {
        Question question = visit.question();
        Catalogue catalogue = store.catalogue(question.policy());
        return new ShortlistPage(
                catalogue.size(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                "",
                line(new Fit(catalogue), question, visit.units()),
                WishChips.of(visit.question().wants(), visit.units()));
    }

    /** One plant in full, as it stands or as it would. */
    ShortlistPage.Card card(Visit visit, String id, Edit changed) {
        return changed.isEmpty()
                ? fragments.once(AsItIs.of(visit, store.state(), "card", id), () -> newCard(visit, id, changed))
                : newCard(visit, id, changed);
    }

    private ShortlistPage.Card newCard(Visit visit, String id, Edit changed) {
        Question question = changed.isEmpty() ? visit.question() : visit.questionIf(changed);
        Fit fit = new Fit(store.catalogue(question.policy()));
        List<Candidate> one = fit.rank(question, Scope.only(List.of(id))).candidates();
        return cards(one, FitStrips.rows(one), question, visit).get(0);
    }

    /** Plants that one remedy would bring in. */
    private static List<Candidate> nearMisses(Fit fit, Question question) {
        return fit.rank(question, new Scope(List.of(), true, MISSES_FROM)).candidates().stream()
                .filter(candidate -> candidate.verdict() == Verdict.NO)
                .filter(candidate -> candidate.criteria().stream()
                                .filter(j -> j.verdict() == Verdict.NO)
                                .count()
                        == 1)
                .filter(candidate -> candidate
                        .limitingJudgement()
                        .filter(j -> !j.remedies().isEmpty())
                        .isPresent())
                .limit(MISSES)
                .toList();
    }

    /** Those whose name is nearest to what was asked come first, however well they fit. */
    private static List<Candidate> asked(Fit fit, Catalogue catalogue, Question question, String why) {
        List<String> ids = PlantNames.find(catalogue.all(), why, WHY).stream()
                .map(Cultivar::id)
                .toList();
        return ids.isEmpty()
                ? List.of()
                : fit.rank(question, Scope.only(ids)).candidates().stream()
                        .sorted(Comparator.comparingInt(
                                candidate -> ids.indexOf(candidate.plant().id())))
                        .toList();
    }

    /** The site's values in the order of the strips. */
    private static List<SiteValue> line(Fit fit, Question question, UnitSystem units) {
        Map<CriterionName, Fact> values = fit.siteValues(question);
        return ON_THE_LINE.stream()
                .filter(values::containsKey)
                .map(name -> new SiteValue(
                        FitWords.criterion(name),
                        Sentences.say(values.get(name), units).replace("pH ", "")))
                .toList();
    }

    private List<Card> cards(List<Candidate> candidates, List<CriterionName> rows, Question question, Visit visit) {
        GrowingPlace place = growingPlaces.of(visit, question);
        Map<String, List<String>> losses = records.losses();
        return candidates.stream()
                .map(candidate -> card(candidate, rows, question, place, visit, losses))
                .toList();
    }

    private static Card card(
            Candidate candidate,
            List<CriterionName> rows,
            Question question,
            GrowingPlace place,
            Visit visit,
            Map<String, List<String>> losses) {
        Cultivar plant = candidate.plant();
        Optional<Judgement> limiting = candidate.limitingJudgement();
        UnitSystem units = visit.units();
        double years = question.site().room().horizonYears();
        PlantGrowth growth = PlantState.growth(plant, place);
        String size = FitWords.size(growth, years, units);
        return new Card(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                candidate.verdict().word(),
                ShortlistWords.dot(candidate.verdict()),
                ShortlistWords.verdict(candidate.verdict()),
                (int) Math.round(candidate.score() * 100),
                (int) Math.round(candidate.confidence() * 100),
                limiting.filter(j -> j.score() < 1)
                        .map(j -> FitWords.criterion(j.criterion()))
                        .orElse(""),
                FitWords.why(candidate, units),
                limiting.map(j -> remedies(j, candidate.verdict() == Verdict.FITS, units))
                        .orElse(List.of()),
                candidate.instead().map(Cultivar::id).orElse(""),
                candidate.instead().map(Cultivar::name).orElse(""),
                candidate.criteria().stream()
                        .map(judgement -> reason(judgement, units))
                        .toList(),
                notes(candidate, losses, units),
                candidate.services().stream()
                        .map(each -> new Serves(
                                ShortlistWords.dot(each),
                                Sentences.say(each.asked(), units),
                                Sentences.say(each.why(), units)))
                        .toList(),
                PlantDrawing.portrait(plant, place, years, PlantDrawing.bestMonth(plant, place), Detail.CARD),
                FitStrips.svg(candidate, rows, question, units),
                visit.chosen().contains(plant.id()),
                size);
    }

    /** What the rules add, and what the shop has lost it to: “we lost four of five”. */
    private static List<String> notes(Candidate candidate, Map<String, List<String>> losses, UnitSystem units) {
        List<String> notes =
                new ArrayList<>(losses.getOrDefault(candidate.plant().id(), List.of()));
        notes.addAll(Sentences.each(candidate.notes(), units));
        return notes;
    }

    private static Reason reason(Judgement judgement, UnitSystem units) {
        return new Reason(
                FitWords.criterion(judgement.criterion()),
                ShortlistWords.dot(judgement.verdict()),
                Sentences.label(judgement.verdict()),
                Sentences.say(judgement.why(), units),
                judgement.rule(),
                remedies(judgement, false, units));
    }

    private static List<String> remedies(Judgement judgement, boolean none, UnitSystem units) {
        return none
                ? List.of()
                : judgement.remedies().stream()
                        .map(remedy -> FitWords.remedy(remedy, units))
                        .toList();
    }
}
