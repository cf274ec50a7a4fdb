package org.yellowfit.app.plants;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.drawing.FitStrips;
import org.yellowfit.app.place.PatchChoice;
import org.yellowfit.app.plants.DenseList.Group;
import org.yellowfit.app.plants.DenseList.Missing;
import org.yellowfit.app.plants.DenseList.Name;
import org.yellowfit.app.plants.DenseList.Row;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.web.Meters;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.First;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Ranked;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.UnmetDemands;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.site.BedPatch;

/** Puts the dense shortlist together, as it is or as it would be. */
@Service
class DenseLists {

    static final List<String> GROUPINGS = List.of("none", "layer", "kind", "patch");
    private static final int SHOWN = 20;
    private static final int RANKED = 60;
    private static final int OF_A_SPECIES = 2;
    private static final int A_PATCH = 8;
    private static final int OPENINGS = 3;
    private static final int MISSING = 5;

    private final CatalogueStore store;
    private final PatchChoice patches;
    private final GrowingPlaces growingPlaces;
    private final Fragments fragments;

    private final Meters meters;

    DenseLists(
            CatalogueStore store,
            PatchChoice patches,
            GrowingPlaces growingPlaces,
            Fragments fragments,
            Meters meters) {
        this.meters = meters;
        this.fragments = fragments;
        this.growingPlaces = growingPlaces;
        this.store = store;
        this.patches = patches;
    }

    /** A list and the markup of its rows. */
    record Drawn(DenseList list, String rows) {}

    /** The list as it is; one by patches hangs on the station too and is drawn up each time. */
    Drawn drawn(Visit visit, String grouping) {
        return grouping.equals("patch")
                ? tried(visit, new Edit(), grouping)
                : fragments.once(
                        AsItIs.of(visit, store.state(), "list", grouping), () -> tried(visit, new Edit(), grouping));
    }

    /** The list as it would be. */
    Drawn tried(Visit visit, Edit changed, String grouping) {
        DenseList list = of(visit, changed, grouping);
        return new Drawn(list, fragments.draw("plants/dense", "rows", Map.of("list", list)));
    }

    /** @param changed taken as if; empty for the place as it is */
    private DenseList of(Visit visit, Edit changed, String grouping) {
        Question own = visit.question();
        Question question = changed.isEmpty() ? own : visit.questionIf(changed);
        Catalogue catalogue = store.catalogue(question.policy());
        meters.fit();
        Fit fit = new Fit(catalogue);
        List<Ranked> ranked = ranked(fit, question, visit);
        Set<String> before = changed.isEmpty() ? null : before(fit, own, visit);
        List<Group> groups = grouping.equals("patch")
                ? byPatch(visit, fit)
                : grouped(fit.explain(question, first(ranked, SHOWN)), ranked, grouping, question, visit, before);
        Fit.Counts counts = fit.counts(question);
        UnmetDemands lacking = UnmetDemands.of(catalogue, question);
        List<UnmetDemands.Opening> openings = lacking.openings();
        List<First> first = grouping.equals("patch") ? List.of() : fit.firstFive(question, ranked);
        return new DenseList(
                groups,
                counts.fit(),
                counts.fitIf(),
                catalogue.size(),
                names(catalogue, minus(ids(ranked), before)),
                names(catalogue, minus(before, ids(ranked))),
                missing(openings, visit.units()),
                opens(openings, visit.units()),
                ranked.isEmpty() ? conflict(catalogue, question, visit.units()) : List.of(),
                visit.passed().stream()
                        .map(store::find)
                        .flatMap(Optional::stream)
                        .map(plant -> new DenseList.Passed(plant.id(), plant.name()))
                        .toList(),
                groups.stream()
                        .flatMap(group -> group.rows().stream())
                        .map(Row::id)
                        .findFirst()
                        .orElse(""),
                five(first, question, visit),
                fit.firstWhy(question, first, ranked)
                        .filter(why -> !grouping.equals("patch"))
                        .map(why -> Sentences.say(why, visit.units()))
                        .orElse(""),
                fit.nothingServes(question, Scope.best(SHOWN), ranked)
                        .map(nothing -> DenseList.Nothing.of(nothing, visit.units()))
                        .orElse(null));
    }

    private Set<String> before(Fit fit, Question own, Visit visit) {
        return fragments.once(AsItIs.of(visit, store.state(), "before"), () -> ids(ranked(fit, own, visit)));
    }

    /** Within a step, no more than two of one species before the others of it: ten of a kind are no choice. */
    private static List<Ranked> ranked(Fit fit, Question question, Visit visit) {
        List<Ranked> all = byMerit(fit, question, visit);
        List<Ranked> ordered = new ArrayList<>();
        int from = 0;
        while (from < all.size()) {
            int step = all.get(from).step();
            Map<String, Integer> seen = new HashMap<>();
            List<Ranked> later = new ArrayList<>();
            int to = from;
            while (to < all.size() && all.get(to).step() == step) {
                Ranked each = all.get(to++);
                boolean many = seen.merge(each.plant().botanical(), 1, Integer::sum) > OF_A_SPECIES;
                (many ? later : ordered).add(each);
            }
            ordered.addAll(later);
            from = to;
        }
        return ordered;
    }

    private static List<Ranked> byMerit(Fit fit, Question question, Visit visit) {
        return fit.order(question, RANKED + visit.passed().size()).stream()
                .filter(candidate -> !visit.passed().contains(candidate.plant().id()))
                .limit(RANKED)
                .toList();
    }

    /** What is seen without scrolling: entering and leaving are told of these. */
    private static Set<String> ids(List<Ranked> ranked) {
        return first(ranked, SHOWN).stream()
                .map(candidate -> candidate.plant().id())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static List<Ranked> first(List<Ranked> ranked, int most) {
        return ranked.subList(0, Math.min(most, ranked.size()));
    }

    private static Set<String> minus(Set<String> one, Set<String> other) {
        if (one == null || other == null) {
            return Set.of();
        }
        Set<String> left = new LinkedHashSet<>(one);
        left.removeAll(other);
        return left;
    }

    private static List<String> names(Catalogue catalogue, Set<String> ids) {
        return ids.stream()
                .map(catalogue::find)
                .flatMap(Optional::stream)
                .map(Cultivar::name)
                .toList();
    }

    private List<Group> byPatch(Visit visit, Fit fit) {
        List<Group> groups = new ArrayList<>();
        for (BedPatch patch : patches.of(visit, 0)) {
            Question question = patches.question(visit, patch);
            List<Ranked> best = first(ranked(fit, question, visit), A_PATCH);
            groups.add(new Group(
                    Sentences.say(
                            "patch.group",
                            patch.name(),
                            patch.light().lightClass(),
                            Amount.hours(patch.light().hours())),
                    rows(fit.explain(question, best), question, visit, null)));
        }
        return groups;
    }

    private List<Group> grouped(
            List<Candidate> shown,
            List<Ranked> ranked,
            String grouping,
            Question question,
            Visit visit,
            Set<String> before) {
        if (!grouping.equals("layer") && !grouping.equals("kind")) {
            return List.of(new Group("", inSteps(rows(shown, question, visit, before), shown, ranked)));
        }
        Function<Candidate, String> title = grouping.equals("kind")
                ? candidate -> Sentences.say(
                        "grouping.kinds." + Words.of(candidate.plant().kind()))
                : candidate -> Sentences.label(layer(candidate.plant(), question));
        Map<String, List<Candidate>> divided = new LinkedHashMap<>();
        List<Candidate> ordered = grouping.equals("layer")
                ? shown.stream()
                        .sorted(Comparator.comparing(candidate -> layer(candidate.plant(), question)))
                        .toList()
                : shown;
        ordered.forEach(candidate -> divided.computeIfAbsent(title.apply(candidate), key -> new ArrayList<>())
                .add(candidate));
        return divided.entrySet().stream()
                .map(each -> new Group(each.getKey(), rows(each.getValue(), question, visit, before)))
                .toList();
    }

    /** L5: how many are as good as each other is told at the first of them. */
    private static List<Row> inSteps(List<Row> rows, List<Candidate> shown, List<Ranked> ranked) {
        Map<Integer, Long> sizes = ranked.stream().collect(Collectors.groupingBy(Ranked::step, Collectors.counting()));
        List<Row> marked = new ArrayList<>();
        int last = 0;
        for (int k = 0; k < rows.size(); k++) {
            int step = shown.get(k).ranked().step();
            long equals = sizes.getOrDefault(step, 1L);
            boolean cutOff = ranked.size() >= RANKED
                    && step == ranked.get(ranked.size() - 1).step();
            String words = equals > 1 ? Sentences.say(cutOff ? "step.more" : "step.of", equals) : "";
            marked.add(step == last ? rows.get(k) : rows.get(k).beginning(words));
            last = step;
        }
        return marked;
    }

    private List<DenseList.Five> five(List<First> chosen, Question question, Visit visit) {
        GrowingPlace place = growingPlaces.of(visit, question);
        return chosen.stream()
                .map(first -> {
                    Cultivar plant = first.ranked().plant();
                    return new DenseList.Five(
                            plant.id(),
                            plant.botanical(),
                            plant.get(Traits.CULTIVAR).orElse(""),
                            Sentences.label(first.as()),
                            Sentences.say(first.why(), visit.units()),
                            ShortlistWords.dot(first.ranked().verdict()),
                            ShortlistWords.verdict(first.ranked().verdict()),
                            store.portrait(plant, place));
                })
                .toList();
    }

    /** By its height at the horizon. */
    private static Layer layer(Cultivar plant, Question question) {
        return Layer.of(PlantGrowth.of(plant)
                .inSunOf(question.site().light().sunHours())
                .height(question.site().room().horizonYears())
                .mid());
    }

    private List<Row> rows(List<Candidate> candidates, Question question, Visit visit, Set<String> before) {
        List<CriterionName> threads = FitStrips.rows(candidates);
        GrowingPlace place = growingPlaces.of(visit, question);
        return candidates.stream()
                .map(candidate -> row(candidate, threads, question, place, visit, before))
                .toList();
    }

    private Row row(
            Candidate candidate,
            List<CriterionName> threads,
            Question question,
            GrowingPlace place,
            Visit visit,
            Set<String> before) {
        Cultivar plant = candidate.plant();
        double years = question.site().room().horizonYears();
        PlantGrowth growth = PlantState.growth(plant, place);
        String limits = candidate.verdict() == Verdict.FITS
                ? ""
                : candidate
                        .limiting()
                        .map(name -> "if: " + ShortlistWords.remedied(candidate, name))
                        .orElse("");
        return new Row(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                ShortlistWords.dot(candidate.verdict()),
                ShortlistWords.verdict(candidate.verdict()),
                visit.units()
                        .glance(
                                growth.heightInFlower(years).mid(),
                                growth.spread(years).mid()),
                limits,
                store.portrait(plant, place),
                FitStrips.thin(candidate, threads),
                visit.chosen().contains(plant.id()),
                before != null && !before.contains(plant.id()),
                false,
                "");
    }

    private static List<Missing> missing(List<UnmetDemands.Opening> openings, UnitSystem units) {
        return openings.stream()
                .limit(MISSING)
                .map(opening -> new Missing(
                        Sentences.say(opening.demand().words(), units),
                        opening.plants(),
                        opening.best().stream()
                                .limit(4)
                                .map(plant -> new Name(plant.id(), plant.name()))
                                .toList()))
                .toList();
    }

    /** Which single change would open most. */
    private static List<String> opens(List<UnmetDemands.Opening> openings, UnitSystem units) {
        return openings.stream()
                .limit(OPENINGS)
                .map(opening -> Sentences.say(
                        Fact.of(
                                "unmet.opens",
                                opening.demand().without(),
                                Fact.of("unmet.more-plants", opening.plants())),
                        units))
                .toList();
    }

    /** Nothing is left: which demands do not go together, and what giving each up would open. */
    private static List<String> conflict(Catalogue catalogue, Question question, UnitSystem units) {
        List<Fact> told = new ArrayList<>();
        UnmetDemands lacking = UnmetDemands.insisting(catalogue, question);
        lacking.conflict().ifPresent(conflict -> {
            Fact one = conflict.one().words();
            Fact other = conflict.other().words();
            told.add(Fact.of("unmet.conflict", one, other));
            told.add(Fact.of(
                    "unmet.giving-up-either", one, plants(conflict.opensOne()), other, plants(conflict.opensOther())));
        });
        lacking.openings().stream().limit(OPENINGS).forEach(opening -> told.add(givingUp("unmet.giving-up", opening)));
        if (lacking.openings().isEmpty()) {
            lacking.fewestTogether().ifPresent(opening -> told.add(givingUp("unmet.nearest-way", opening)));
        }
        return Sentences.each(told, units);
    }

    private static Fact givingUp(String key, UnmetDemands.Opening opening) {
        return Fact.of(
                key,
                opening.demand().words(),
                plants(opening.plants()),
                opening.best().get(0).name());
    }

    private static Fact plants(int count) {
        return count == 0 ? Fact.of("unmet.none") : Fact.of("unmet.plants", count);
    }

    private static String upper(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
