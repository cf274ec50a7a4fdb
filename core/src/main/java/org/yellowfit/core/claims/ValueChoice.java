package org.yellowfit.core.claims;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.yellowfit.core.plant.Browsing;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/**
 * Which of several values of a trait is used: cautious takes the narrowest hardiness and the largest size, bold the
 * widest
 * hardiness, standard the label unless own records outweigh it. docs/rules.md lists what each policy does to each
 * trait.
 */
final class ValueChoice {

    /**
     * One plant in one place is an anecdote: fewer own records than this leave the label standing, except for browsing
     * (F3).
     */
    private static final int ENOUGH_RECORDS = 2;

    private static final Set<Trait<?>> SUN_NEEDS = Set.of(Traits.SUN_LIVE, Traits.SUN_FLOWER, Traits.SUN_COLOUR);
    private static final Set<Trait<?>> SUN_LIMITS = Set.of(Traits.SUN_MAX, Traits.HOT_SUN_MAX);

    private ValueChoice() {}

    static ChosenValue of(Cultivar label, Trait<?> trait, List<Claim> said, Policy policy) {
        List<String> cells = cells(label, trait, said);
        boolean atOtherAge = ClaimedSize.isSize(trait)
                && said.stream().anyMatch(claim -> claim.atAgeYears().isPresent());
        if (cells.stream().distinct().count() == 1 && !atOtherAge) {
            return new ChosenValue(cells.get(0), label.write(trait).isPresent() ? Reason.LABEL : Reason.ONLY_SOURCE);
        }
        if (ClaimedSize.isSize(trait)) {
            return ClaimedSize.chosen(label, ClaimedSize.of(trait), said, policy);
        }
        if (trait == Traits.HAZARDS) {
            return new ChosenValue(allHazards(cells), Reason.ALL_HAZARDS);
        }
        if (policy == Policy.CAUTIOUS) {
            return cautious(label, trait, cells, said);
        }
        if (policy == Policy.BOLD && trait == Traits.ZONE_MIN) {
            return new ChosenValue(least(cells, Traits.ZONE_MIN), Reason.HARDIEST);
        }
        if (policy == Policy.BOLD && trait == Traits.ZONE_MAX) {
            return new ChosenValue(most(cells, Traits.ZONE_MAX), Reason.HARDIEST);
        }
        return standard(label, trait, said);
    }

    private static ChosenValue cautious(Cultivar label, Trait<?> trait, List<String> cells, List<Claim> said) {
        if (trait == Traits.ZONE_MIN) {
            return new ChosenValue(most(cells, Traits.ZONE_MIN), Reason.LEAST_HARDY);
        }
        if (trait == Traits.ZONE_MAX) {
            return new ChosenValue(least(cells, Traits.ZONE_MAX), Reason.LEAST_HARDY);
        }
        if (SUN_NEEDS.contains(trait)) {
            return new ChosenValue(most(cells, number(trait)), Reason.NEEDS_MOST_SUN);
        }
        if (SUN_LIMITS.contains(trait)) {
            return new ChosenValue(least(cells, number(trait)), Reason.STANDS_LEAST_SUN);
        }
        if (trait == Traits.DEER || trait == Traits.RABBIT) {
            return new ChosenValue(most(cells, browsing(trait)), Reason.MOST_EATEN);
        }
        return standard(label, trait, said);
    }

    /** The label, unless enough own records agree against it; without a label the best source there is. */
    private static ChosenValue standard(Cultivar label, Trait<?> trait, List<Claim> said) {
        Optional<Claim> calibrated = calibrated(said);
        if (calibrated.isPresent()) {
            return new ChosenValue(calibrated.get().value(), Reason.CALIBRATED);
        }
        List<Claim> own = said.stream()
                .filter(claim -> claim.kind() == SourceKind.OWN_RECORD)
                .toList();
        boolean browsing = trait == Traits.DEER || trait == Traits.RABBIT;
        if (own.size() >= (browsing ? 1 : ENOUGH_RECORDS)) {
            Map<String, Long> counts = own.stream().collect(Collectors.groupingBy(Claim::value, Collectors.counting()));
            Map.Entry<String, Long> most = counts.entrySet().stream()
                    .max(Map.Entry.<String, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                    .orElseThrow();
            if (most.getValue() * 2 > own.size()) {
                return new ChosenValue(most.getKey(), Reason.OWN_RECORDS);
            }
        }
        return label.write(trait)
                .map(cell -> new ChosenValue(cell, Reason.LABEL))
                .orElseGet(() -> new ChosenValue(
                        best(said).value(),
                        best(said).kind() == SourceKind.OWN_RECORD ? Reason.OWN_RECORDS : Reason.ONLY_SOURCE));
    }

    /** What all own records together come to, worked out where they are kept. */
    static Optional<Claim> calibrated(List<Claim> said) {
        return said.stream()
                .filter(claim -> claim.kind() == SourceKind.CALIBRATED)
                .findFirst();
    }

    private static Claim best(List<Claim> said) {
        List<SourceKind> order =
                List.of(SourceKind.LABEL, SourceKind.OWN_RECORD, SourceKind.REFERENCE, SourceKind.GROWER);
        return said.stream()
                .min(Comparator.comparingInt(claim -> order.indexOf(claim.kind())))
                .orElseThrow();
    }

    static List<String> cells(Cultivar label, Trait<?> trait, List<Claim> said) {
        List<String> cells = new ArrayList<>();
        label.write(trait).ifPresent(cells::add);
        said.forEach(claim -> cells.add(claim.value()));
        return cells;
    }

    private static String allHazards(List<String> cells) {
        List<Hazard> all = cells.stream()
                .flatMap(cell -> Traits.HAZARDS.read(cell).stream())
                .distinct()
                .sorted()
                .toList();
        List<Hazard> real = all.stream().filter(hazard -> hazard != Hazard.NONE).toList();
        return Traits.HAZARDS.write(real.isEmpty() ? List.of(Hazard.NONE) : real);
    }

    private static <T extends Comparable<? super T>> String most(List<String> cells, Trait<T> trait) {
        return cells.stream()
                .map(trait::read)
                .max(Comparator.naturalOrder())
                .map(trait::write)
                .orElseThrow();
    }

    private static <T extends Comparable<? super T>> String least(List<String> cells, Trait<T> trait) {
        return cells.stream()
                .map(trait::read)
                .min(Comparator.naturalOrder())
                .map(trait::write)
                .orElseThrow();
    }

    private static Trait<Double> number(Trait<?> trait) {
        return SUN.get(trait.name());
    }

    private static Trait<Browsing> browsing(Trait<?> trait) {
        return trait == Traits.DEER ? Traits.DEER : Traits.RABBIT;
    }

    private static final Map<String, Trait<Double>> SUN =
            List.of(Traits.SUN_LIVE, Traits.SUN_FLOWER, Traits.SUN_COLOUR, Traits.SUN_MAX, Traits.HOT_SUN_MAX).stream()
                    .collect(Collectors.toMap(Trait::name, Function.identity()));
}
