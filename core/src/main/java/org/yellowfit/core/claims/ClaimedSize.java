package org.yellowfit.core.claims;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/**
 * Sizes that sources give, some of them at other ages than the label's. A size seen at an age is brought to the label's
 * age by the
 * ratio of the seen to the size predicted for that age (D1), and own records move the label by their weight (J3).
 */
final class ClaimedSize {

    /**
     * Spread of plants about their label, and of one record about its plant, as standard deviations of the logarithm
     * (J3).
     */
    static final double PRIOR_SD = Math.log(1.25);

    static final double RECORD_SD = Math.log(1.15);
    private static final List<Trait<Interval>> SIZES =
            List.of(Traits.HEIGHT10, Traits.SPREAD10, Traits.HEIGHT_MAX, Traits.SPREAD_MAX, Traits.FLOWER_HEIGHT);
    /** Sizes of which nothing is claimed keep their proportion to the size at ten years: what is larger then goes on so. */
    static final Map<Trait<Interval>, Trait<Interval>> FOLLOWS = Map.of(
            Traits.HEIGHT_MAX, Traits.HEIGHT10,
            Traits.FLOWER_HEIGHT, Traits.HEIGHT10,
            Traits.SPREAD_MAX, Traits.SPREAD10);

    private static final double LARGEST_M = 100;
    private static final double SMALLEST_M = 0.01;

    private ClaimedSize() {}

    static boolean isSize(Trait<?> trait) {
        return SIZES.stream().anyMatch(size -> size == trait);
    }

    static Trait<Interval> of(Trait<?> trait) {
        return SIZES.stream().filter(size -> size == trait).findFirst().orElseThrow();
    }

    /** The plant with one of its other sizes moved as the sources moved that of ten years (J3). */
    static Cultivar following(Cultivar label, Cultivar resolved, Trait<Interval> size, Trait<Interval> atTen) {
        double factor = resolved.get(atTen).orElseThrow().mid()
                / label.get(atTen).orElseThrow().mid();
        return factor == 1
                ? resolved
                : label.get(size)
                        .map(own -> resolved.with(size, rounded(own.scaled(factor))))
                        .orElse(resolved);
    }

    static ChosenValue chosen(Cultivar label, Trait<Interval> trait, List<Claim> said, Policy policy) {
        if (label.get(trait).isEmpty()) {
            return new ChosenValue(
                    said.stream()
                            .max(Comparator.comparingDouble(
                                    claim -> trait.read(claim.value()).high()))
                            .orElseThrow()
                            .value(),
                    Reason.ONLY_SOURCE);
        }
        Interval labelled = label.get(trait).get();
        if (policy == Policy.CAUTIOUS) {
            Interval largest = labelled;
            for (Claim claim : said) {
                largest = larger(largest, atLabelAge(label, trait, claim));
            }
            Optional<Interval> seen = byOwnRecords(label, trait, said);
            if (seen.isPresent()) {
                largest = larger(largest, seen.get());
            }
            return new ChosenValue(trait.write(largest), Reason.LARGEST);
        }
        return byOwnRecords(label, trait, said)
                .map(size -> new ChosenValue(trait.write(size), Reason.CALIBRATED))
                .orElseGet(() -> new ChosenValue(trait.write(labelled), Reason.LABEL));
    }

    /** What all own records come to where they are kept; else by those of this plant alone. */
    private static Optional<Interval> byOwnRecords(Cultivar label, Trait<Interval> trait, List<Claim> said) {
        Optional<Claim> calibrated = ValueChoice.calibrated(said);
        if (calibrated.isPresent()) {
            return calibrated.map(claim -> trait.read(claim.value()));
        }
        List<Claim> own = ownRecords(said);
        return own.isEmpty()
                ? Optional.empty()
                : Optional.of(rounded(label.get(trait).orElseThrow().scaled(factor(label, trait, own))));
    }

    private static List<Claim> ownRecords(List<Claim> said) {
        return said.stream()
                .filter(claim -> claim.kind() == SourceKind.OWN_RECORD)
                .toList();
    }

    /** Never smaller than either, at neither end. */
    private static Interval larger(Interval one, Interval other) {
        return new Interval(Math.max(one.low(), other.low()), Math.max(one.high(), other.high()));
    }

    /** exp of the posterior mean of ln(seen / predicted): the mean of the records, drawn to the label by the prior. */
    private static double factor(Cultivar label, Trait<Interval> trait, List<Claim> own) {
        double mean = own.stream()
                .mapToDouble(claim -> Math.log(ratio(label, trait, claim)))
                .average()
                .orElseThrow();
        double weight = own.size() * PRIOR_SD * PRIOR_SD / (own.size() * PRIOR_SD * PRIOR_SD + RECORD_SD * RECORD_SD);
        return Math.exp(weight * mean);
    }

    private static Interval atLabelAge(Cultivar label, Trait<Interval> trait, Claim claim) {
        if (claim.atAgeYears().isEmpty()) {
            return trait.read(claim.value());
        }
        return rounded(label.get(trait).orElseThrow().scaled(ratio(label, trait, claim)));
    }

    private static double ratio(Cultivar label, Trait<Interval> trait, Claim claim) {
        double seen = trait.read(claim.value()).mid();
        double predicted = claim.atAgeYears().isEmpty()
                ? label.get(trait).orElseThrow().mid()
                : predicted(label, trait, claim.atAgeYears().getAsDouble());
        return seen / predicted;
    }

    private static double predicted(Cultivar label, Trait<Interval> trait, double age) {
        PlantGrowth growth = PlantGrowth.of(label);
        if (trait == Traits.FLOWER_HEIGHT) {
            return growth.heightInFlower(age).mid();
        }
        return trait == Traits.SPREAD10 || trait == Traits.SPREAD_MAX
                ? growth.spread(age).mid()
                : growth.height(age).mid();
    }

    /** To the centimetre, within what a catalogue may hold. */
    private static Interval rounded(Interval size) {
        return new Interval(centimetres(size.low()), centimetres(size.high()));
    }

    private static double centimetres(double metres) {
        return Math.max(SMALLEST_M, Math.min(LARGEST_M, Math.round(metres * 100) / 100.0));
    }
}
