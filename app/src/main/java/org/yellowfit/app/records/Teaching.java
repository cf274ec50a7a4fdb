package org.yellowfit.app.records;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.RecordClaims;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.records.Estimate;
import org.yellowfit.core.records.Opening;

/**
 * Puts what the records say among the catalogue's claims: each measurement, and what all of them together come to. A
 * place that grows everything larger is told from a plant that does, so that one record can move the figure of plants
 * it is not of: those are written anew too.
 */
@Component
class Teaching {

    private static final double LARGEST_M = 100;
    private static final double SMALLEST_M = 0.01;

    private final Lessons lessons;
    private final CatalogueStore catalogue;
    private final RecordClaims claims;

    Teaching(Lessons lessons, CatalogueStore catalogue, RecordClaims claims) {
        this.lessons = lessons;
        this.catalogue = catalogue;
        this.claims = claims;
    }

    /**
     * @param rows    all there are; none where they are not to be used
     * @param touched plants whose rows changed
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void teach(List<Records.Kept> rows, Collection<String> touched) {
        List<Claim> calibrated = calibrated(rows);
        Set<String> taught = new LinkedHashSet<>(touched);
        taught.addAll(changed(calibrated));
        List<Claim> said = new ArrayList<>();
        rows.stream().filter(kept -> taught.contains(kept.row().plant())).forEach(kept -> said.addAll(sizes(kept)));
        calibrated.stream().filter(claim -> taught.contains(claim.id())).forEach(said::add);
        claims.replace(taught, said);
    }

    /** Plants of which something else is said than before. */
    private Set<String> changed(List<Claim> calibrated) {
        Set<Claim> before = Set.copyOf(claims.calibrated());
        Set<Claim> after = Set.copyOf(calibrated);
        Set<String> changed = new LinkedHashSet<>();
        after.stream().filter(claim -> !before.contains(claim)).forEach(claim -> changed.add(claim.id()));
        before.stream().filter(claim -> !after.contains(claim)).forEach(claim -> changed.add(claim.id()));
        return changed;
    }

    private List<Claim> calibrated(List<Records.Kept> rows) {
        List<Claim> said = new ArrayList<>();
        Lessons.Sizes sizes = lessons.sizes(rows);
        sizes(sizes.heights().plants(), Traits.HEIGHT10, said);
        sizes(sizes.spreads().plants(), Traits.SPREAD10, said);
        lessons.openings(rows).forEach((plant, opening) -> opening(plant, opening, said));
        return said;
    }

    /**
     * Where somebody wrote own sizes into the catalogue by hand, those and the records stay each a claim of their
     * own.
     */
    private void sizes(Map<String, Estimate> factors, Trait<Interval> trait, List<Claim> into) {
        Set<String> byHand = claims.writtenByHand(trait);
        factors.forEach((plant, factor) -> catalogue
                .label(plant)
                .filter(label -> !byHand.contains(plant))
                .flatMap(label -> label.get(trait))
                .map(label -> trait.write(rounded(label.scaled(factor.value()))))
                .ifPresent(size -> into.add(claim(plant, trait, size, factor.n()))));
    }

    private void opening(String plant, Opening opening, List<Claim> into) {
        if (opening.isEnough()
                && catalogue.label(plant).filter(Teaching::flowers).isPresent()) {
            String warmth = Traits.BLOOM_GDD.write((double) Math.round(opening.degreeDays()));
            into.add(claim(plant, Traits.BLOOM_GDD, warmth, opening.seasons()));
        }
    }

    private static boolean flowers(Cultivar label) {
        return label.get(Traits.BLOOM).isPresent()
                || label.get(Traits.BLOOM_GDD).isPresent();
    }

    private static Claim claim(String plant, Trait<?> trait, String value, int of) {
        return new Claim(
                plant,
                trait,
                value,
                Sentences.say(trait == Traits.BLOOM_GDD ? "record.source-seasons" : "record.source", of),
                SourceKind.CALIBRATED,
                OptionalDouble.empty(),
                "");
    }

    private static List<Claim> sizes(Records.Kept kept) {
        RecordRow row = kept.row();
        List<Claim> sizes = new ArrayList<>();
        if (Lessons.isMeasured(row) && row.height() != null) {
            sizes.add(measured(kept, Traits.HEIGHT10, row.height()));
        }
        if (Lessons.isMeasured(row) && row.spread() != null) {
            sizes.add(measured(kept, Traits.SPREAD10, row.spread()));
        }
        return sizes;
    }

    /** A customer's place is not named among the claims. */
    private static Claim measured(Records.Kept kept, Trait<Interval> trait, double metres) {
        return new Claim(
                kept.row().plant(),
                trait,
                Numbers.write(metres),
                "Our records, " + kept.row().date(),
                SourceKind.OWN_RECORD,
                OptionalDouble.of(kept.row().age()),
                kept.ownPlace() ? kept.row().place() : "");
    }

    /** To the centimetre, within what a catalogue may hold. */
    private static Interval rounded(Interval size) {
        return new Interval(centimetres(size.low()), centimetres(size.high()));
    }

    private static double centimetres(double metres) {
        return Math.max(SMALLEST_M, Math.min(LARGEST_M, Math.round(metres * 100) / 100.0));
    }
}
