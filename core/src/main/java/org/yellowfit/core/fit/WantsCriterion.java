package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;

/**
 * What the customer asked for. Another kind of plant is out, so is one that misses a must or is what was never wanted; of the
 * rest, some met is a trade to be offered, none met is no answer to the wish.
 */
final class WantsCriterion implements Criterion {

    @Override
    public CriterionName name() {
        return CriterionName.WANTS;
    }

    @Override
    public String rule() {
        return "G5";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (q.wants().isNothing() && !inPot(q)) {
            return Scale.DOES_NOT_APPLY;
        }
        Cultivar plant = plants.plants[i];
        if (isOtherKind(plant, q.wants()) || isNeverKind(plant, q.wants())) {
            return Scale.no(0);
        }
        if (!unwanted(plant, q).isEmpty()) {
            return Scale.no(0.3);
        }
        return score(wishes(plant, q), q.wants());
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        return q.wants().isNothing() && !inPot(q) ? null : i -> mark(plants, i, q);
    }

    @Override
    public String site(Question q) {
        Wants wants = q.wants();
        List<String> asked = new ArrayList<>();
        wants.kinds().forEach(kind -> asked.add(Words.of(kind)));
        if (wants.evergreen()) {
            asked.add(Phrases.say("wants.evergreen"));
        }
        wants.colours().forEach(colour -> asked.add(colour.text()));
        wants.bloomMonths().forEach(month -> asked.add(Wish.months(List.of(month))));
        wants.uses().forEach(use -> asked.add(Words.of(use)));
        if (wants.screenHeightM() != null) {
            asked.add(Phrases.say("wants.screen", q.length(wants.screenHeightM())));
        }
        Stream.of(
                        wants.fragrance() ? "fragrance" : "",
                        wants.pollinators() ? "pollinators" : "",
                        wants.birds() ? "birds" : "",
                        wants.winterInterest() ? "winter" : "",
                        wants.nativeRegion() != null ? "native" : "",
                        wants.maxCareMinutes() == null ? "" : "care",
                        wants.maxPrice() == null ? "" : "price",
                        inPot(q) ? "pot" : "")
                .filter(key -> !key.isEmpty())
                .forEach(key -> asked.add(Phrases.say("wants." + key)));
        return asked.isEmpty() ? Phrases.say("wants.nothing") : String.join(", ", asked);
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        Cultivar plant = plants.plants[i];
        if (isOtherKind(plant, q.wants()) || isNeverKind(plant, q.wants())) {
            boolean other = isOtherKind(plant, q.wants());
            return Explained.of(
                    Words.of(plant.kind()),
                    rule(),
                    Phrases.say(
                            other ? "wants.kind" : "wants.never.kind",
                            Words.of(plant.kind()),
                            other ? Words.list(q.wants().kinds()) : ""),
                    Strip.reaching(-3));
        }
        List<Wish> unwanted = unwanted(plant, q);
        if (!unwanted.isEmpty()) {
            String named = named(unwanted);
            return Explained.of(named, rule(), Phrases.say("wants.never", named), Strip.reaching(-3));
        }
        List<Wish> wishes = wishes(plant, q);
        String met = named(wishes.stream().filter(Wish::isMet).toList());
        List<Wish> missed = wishes.stream().filter(wish -> !wish.isMet()).toList();
        if (missed.isEmpty()) {
            return Explained.of(met, rule(), Phrases.say("wants.met", met), Strip.reaching(1));
        }
        List<Wish> insisted = missed.stream()
                .filter(wish -> q.wants().must().contains(wish.field()) && !wish.isUnknown())
                .toList();
        String why = !insisted.isEmpty()
                ? Phrases.say("wants.must", named(insisted))
                : met.isEmpty()
                        ? Phrases.say("wants.none", named(missed))
                        : Phrases.say("wants.some", met, named(missed));
        return Explained.of(
                met.isEmpty() ? Phrases.say("wants.plant.none") : met,
                rule(),
                why,
                Strip.reaching(Scale.verdict(mark) == Verdict.NO ? -2 : -0.5));
    }

    private static double score(List<Wish> wishes, Wants wants) {
        double met = 0;
        int fullyMet = 0;
        int known = 0;
        for (Wish wish : wishes) {
            if (!wish.isUnknown()) {
                known++;
                met += wish.met();
                fullyMet += wish.isMet() ? 1 : 0;
                if (!wish.isMet() && wants.must().contains(wish.field())) {
                    return Scale.no(0.6);
                }
            }
        }
        if (known == 0) {
            return wishes.isEmpty() ? Scale.fits(1) : Scale.UNKNOWN;
        }
        if (fullyMet == wishes.size()) {
            return Scale.fits(1);
        }
        if (fullyMet == known) {
            return Scale.UNKNOWN;
        }
        return met > 0 ? Scale.fitsIf(met / known) : Scale.no(0.5);
    }

    /** Wishes asked of a plant here, the pot's among them. */
    static List<Wish> wishes(Cultivar plant, Question q) {
        List<Wish> wishes = Wish.of(plant, q.wants(), q);
        if (inPot(q)) {
            wishes.add(Wish.pot(plant));
        }
        return wishes;
    }

    /** What the plant is or has that was never wanted. */
    static List<Wish> unwanted(Cultivar plant, Question q) {
        Wants never = q.wants().never();
        return never == null || never.wishesNothing()
                ? List.of()
                : Wish.of(plant, never, q).stream().filter(Wish::isMet).toList();
    }

    static boolean isOtherKind(Cultivar plant, Wants wants) {
        return !wants.kinds().isEmpty() && !wants.kinds().contains(plant.kind());
    }

    static boolean isNeverKind(Cultivar plant, Wants wants) {
        return wants.never() != null && wants.never().kinds().contains(plant.kind());
    }

    private static boolean inPot(Question q) {
        return SiteConditions.yes(q.site().container());
    }

    private static String named(List<Wish> wishes) {
        return wishes.stream().map(Wish::words).collect(Collectors.joining(", "));
    }
}
