package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Fragrance;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.plant.Wildlife;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.season.BloomSpell;
import org.yellowfit.core.season.PlantYear;

/**
 * What the customer asked for. Another kind of plant is out; of the rest, some met is a trade to be offered, none met is no
 * answer to the wish.
 */
final class WantsCriterion implements Criterion {

    private static final List<org.yellowfit.core.plant.Trait<List<Colour>>> COLOURED =
            List.of(Traits.LEAF_SPRING, Traits.LEAF_SUMMER, Traits.LEAF_AUTUMN, Traits.LEAF_WINTER, Traits.FLOWER_COLOURS);

    /** How one wish is met: wholly 1, in part, not at all 0; unknown NaN. */
    private record Wish(String key, String asked, double met) {
    }

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
        boolean inPot = SiteConditions.yes(q.site().container());
        if (q.wants().isNothing() && !inPot) {
            return Scale.DOES_NOT_APPLY;
        }
        Cultivar plant = plants.plants[i];
        if (isOtherKind(plant, q.wants())) {
            return Scale.no(0);
        }
        return score(wishes(plant, q));
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
        wants.bloomMonths().forEach(month -> asked.add(month(month)));
        wants.uses().forEach(use -> asked.add(Words.of(use)));
        Stream.of(wants.fragrance() ? "fragrance" : "", wants.pollinators() ? "pollinators" : "",
                        wants.maxCareMinutes() == null ? "" : "care", SiteConditions.yes(q.site().container()) ? "pot" : "")
                .filter(key -> !key.isEmpty()).forEach(key -> asked.add(Phrases.say("wants." + key)));
        return asked.isEmpty() ? Phrases.say("wants.nothing") : String.join(", ", asked);
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        Cultivar plant = plants.plants[i];
        if (isOtherKind(plant, q.wants())) {
            String kinds = Words.list(q.wants().kinds());
            return Explained.of(Words.of(plant.kind()), rule(), Phrases.say("wants.kind", Words.of(plant.kind()), kinds), Strip.reaching(-3));
        }
        List<Wish> wishes = wishes(plant, q);
        String met = named(wishes, true);
        String missed = named(wishes, false);
        if (missed.isEmpty()) {
            return Explained.of(met, rule(), Phrases.say("wants.met", met), Strip.reaching(1));
        }
        String why = met.isEmpty() ? Phrases.say("wants.none", missed) : Phrases.say("wants.some", met, missed);
        return Explained.of(met.isEmpty() ? Phrases.say("wants.plant.none") : met, rule(), why,
                Strip.reaching(Scale.verdict(mark) == Verdict.NO ? -2 : -0.5));
    }

    private static double score(List<Wish> wishes) {
        double met = 0;
        double fullyMet = 0;
        int known = 0;
        for (Wish wish : wishes) {
            if (!Double.isNaN(wish.met())) {
                known++;
                met += wish.met();
                fullyMet += wish.met() >= 1 ? 1 : 0;
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

    private static boolean isOtherKind(Cultivar plant, Wants wants) {
        return !wants.kinds().isEmpty() && !wants.kinds().contains(plant.kind());
    }

    private static List<Wish> wishes(Cultivar plant, Question q) {
        Wants wants = q.wants();
        List<Wish> wishes = new ArrayList<>();
        if (wants.evergreen()) {
            wishes.add(new Wish("evergreen", "", evergreen(plant)));
        }
        if (!wants.colours().isEmpty()) {
            wishes.add(new Wish("colour", wants.colours().stream().map(WantedColour::text).collect(Collectors.joining("/")), coloured(plant, wants)));
        }
        if (!wants.bloomMonths().isEmpty()) {
            wishes.add(new Wish("bloom", wants.bloomMonths().stream().map(WantsCriterion::month).collect(Collectors.joining("/")), blooms(plant, q)));
        }
        if (!wants.uses().isEmpty()) {
            wishes.add(new Wish("use", Words.list(wants.uses()), used(plant, wants)));
        }
        if (wants.fragrance()) {
            wishes.add(new Wish("fragrance", "", known(plant.get(Traits.FRAGRANCE).map(list -> !list.contains(Fragrance.NONE)))));
        }
        if (wants.pollinators()) {
            wishes.add(new Wish("pollinators", "", known(plant.get(Traits.WILDLIFE).map(WantsCriterion::feedsPollinators))));
        }
        if (wants.maxCareMinutes() != null) {
            wishes.add(new Wish("care", Numbers.rounded(wants.maxCareMinutes(), 0),
                    known(plant.get(Traits.CARE_MIN_YEAR).map(minutes -> minutes <= wants.maxCareMinutes()))));
        }
        if (SiteConditions.yes(q.site().container())) {
            wishes.add(new Wish("pot", "", known(plant.get(Traits.POT_OK).map(ok -> ok == YesNo.YES))));
        }
        return wishes;
    }

    private static double evergreen(Cultivar plant) {
        return plant.persistence() == Persistence.EVERGREEN ? 1 : plant.persistence() == Persistence.SEMI_EVERGREEN ? 0.5 : 0;
    }

    private static double coloured(Cultivar plant, Wants wants) {
        List<Colour> colours = COLOURED.stream().flatMap(trait -> plant.colours(trait).stream()).toList();
        if (colours.isEmpty()) {
            return Double.NaN;
        }
        return colours.stream().anyMatch(colour -> wants.colours().stream().anyMatch(wanted -> wanted.answeredBy(colour))) ? 1 : 0;
    }

    /** Share of the months asked for in which the plant is in flower here; a plant without a known bloom is unknown. */
    private static double blooms(Cultivar plant, Question q) {
        Optional<Bloom> bloom = BloomSpell.inThirds(plant, Optional.ofNullable(q.site().zone()));
        if (bloom.isEmpty()) {
            return Appearance.mayFlower(plant) ? Double.NaN : 0;
        }
        boolean again = plant.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE;
        PlantYear year = PlantYear.of(plant, Optional.ofNullable(q.site().zone()));
        long met = q.wants().bloomMonths().stream().filter(month -> inBloom(bloom.get(), month) || again && year.month(month).flowerShare() > 0).count();
        return (double) met / q.wants().bloomMonths().size();
    }

    private static boolean inBloom(Bloom bloom, int month) {
        for (int third = (month - 1) * 3; third < month * 3; third++) {
            if (Math.floorMod(third - bloom.startThird(), Bloom.THIRDS) < bloom.lengthThirds()) {
                return true;
            }
        }
        return false;
    }

    private static double used(Cultivar plant, Wants wants) {
        Optional<List<Use>> uses = plant.get(Traits.USES);
        return uses.isEmpty() ? Double.NaN : Collections.disjoint(uses.get(), wants.uses()) ? 0 : 1;
    }

    private static boolean feedsPollinators(List<Wildlife> fed) {
        return fed.contains(Wildlife.BEES) || fed.contains(Wildlife.BUTTERFLIES) || fed.contains(Wildlife.HUMMINGBIRDS);
    }

    private static double known(Optional<Boolean> met) {
        return met.map(yes -> yes ? 1.0 : 0.0).orElse(Double.NaN);
    }

    private static String month(int month) {
        return java.time.Month.of(month).getDisplayName(java.time.format.TextStyle.FULL, java.util.Locale.ENGLISH);
    }

    private static String named(List<Wish> wishes, boolean met) {
        return wishes.stream().filter(wish -> met == (wish.met() >= 1))
                .map(wish -> Phrases.say("wish." + wish.key(), wish.asked())).collect(Collectors.joining(", "));
    }
}
