package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Fragrance;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.plant.Wildlife;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.season.BloomSpell;
import org.yellowfit.core.season.DayLook;
import org.yellowfit.core.season.PlantYear;
import org.yellowfit.core.season.Standing;

/**
 * One wish and how a plant meets it.
 *
 * @param field by its name in the API
 * @param key   of its words
 * @param asked what exactly, in words
 * @param met   wholly 1, in part, not at all 0; unknown NaN
 */
record Wish(String field, String key, String asked, double met) {

    private static final List<org.yellowfit.core.plant.Trait<List<Colour>>> LEAVES =
            List.of(Traits.LEAF_SPRING, Traits.LEAF_SUMMER, Traits.LEAF_AUTUMN, Traits.LEAF_WINTER);
    private static final int[] WINTER = {11, 12, 1, 2, 3};

    String words() {
        return Phrases.say("wish." + key, asked);
    }

    boolean isMet() {
        return met >= 1;
    }

    boolean isUnknown() {
        return Double.isNaN(met);
    }

    /** Every wish, in the order they are told. */
    static List<Wish> of(Cultivar plant, Wants wants, Question q) {
        List<Wish> wishes = new ArrayList<>();
        if (wants.evergreen()) {
            wishes.add(new Wish("evergreen", "evergreen", "", evergreen(plant)));
        }
        if (!wants.colours().isEmpty()) {
            wishes.add(new Wish("colours", "colour", colourWords(wants), coloured(plant, wants, q)));
        }
        if (!wants.bloomMonths().isEmpty()) {
            wishes.add(new Wish(
                    "bloomMonths", "bloom", months(wants.bloomMonths()), blooms(plant, wants.bloomMonths(), q)));
        }
        if (!wants.uses().isEmpty()) {
            wishes.add(new Wish("uses", "use", Words.list(wants.uses()).replace('-', ' '), used(plant, wants)));
        }
        if (wants.screenHeightM() != null) {
            wishes.add(new Wish(
                    "screenHeightM",
                    "screen",
                    q.length(wants.screenHeightM()) + " by year " + wants.screenByYear(),
                    screens(plant, wants)));
        }
        if (wants.fragrance()) {
            wishes.add(new Wish(
                    "fragrance",
                    "fragrance",
                    "",
                    known(plant.get(Traits.FRAGRANCE).map(list -> !list.contains(Fragrance.NONE)))));
        }
        if (wants.pollinators()) {
            wishes.add(new Wish(
                    "pollinators",
                    "pollinators",
                    "",
                    known(plant.get(Traits.WILDLIFE).map(Wish::feedsPollinators))));
        }
        if (wants.birds()) {
            wishes.add(new Wish(
                    "birds", "birds", "", known(plant.get(Traits.WILDLIFE).map(fed -> fed.contains(Wildlife.BIRDS)))));
        }
        if (wants.winterInterest()) {
            wishes.add(new Wish("winterInterest", "winter", "", showsInWinter(plant, q) ? 1 : 0));
        }
        if (wants.nativeRegion() != null) {
            wishes.add(new Wish(
                    "nativeRegion",
                    "native",
                    wants.nativeRegion(),
                    known(plant.get(Traits.NATIVE_REGION)
                            .map(region -> region.toLowerCase(java.util.Locale.ROOT)
                                    .contains(wants.nativeRegion().toLowerCase(java.util.Locale.ROOT))))));
        }
        if (wants.maxCareMinutes() != null) {
            wishes.add(new Wish(
                    "maxCareMinutes",
                    "care",
                    Numbers.rounded(wants.maxCareMinutes(), 0),
                    known(plant.get(Traits.CARE_MIN_YEAR).map(minutes -> minutes <= wants.maxCareMinutes()))));
        }
        if (wants.maxPrice() != null) {
            wishes.add(new Wish(
                    "maxPrice",
                    "price",
                    Numbers.rounded(wants.maxPrice(), 2),
                    known(plant.get(Traits.SIZES_SOLD)
                            .map(sold ->
                                    sold.stream().anyMatch(pot -> pot.price().doubleValue() <= wants.maxPrice())))));
        }
        return wishes;
    }

    /** In a pot a plant has to be suited to one: asked for by the place itself. */
    static Wish pot(Cultivar plant) {
        return new Wish("container", "pot", "", known(plant.get(Traits.POT_OK).map(ok -> ok == YesNo.YES)));
    }

    private static double evergreen(Cultivar plant) {
        return plant.persistence() == Persistence.EVERGREEN
                ? 1
                : plant.persistence() == Persistence.SEMI_EVERGREEN ? 0.5 : 0;
    }

    private static String colourWords(Wants wants) {
        String colours = wants.colours().stream().map(WantedColour::text).collect(Collectors.joining("/"));
        String of = wants.colourOf() == Wants.ColourOf.ANY
                ? ""
                : wants.colourOf() == Wants.ColourOf.LEAF ? " leaves" : " flowers";
        return colours + of + (wants.colourMonths().isEmpty() ? "" : " in " + months(wants.colourMonths()));
    }

    private static double coloured(Cultivar plant, Wants wants, Question q) {
        if (!wants.colourMonths().isEmpty()) {
            PlantYear year = PlantYear.of(plant, Optional.ofNullable(q.site().zone()));
            return wants.colourMonths().stream().map(year::month).anyMatch(look -> shows(look, wants)) ? 1 : 0;
        }
        List<Colour> colours = new ArrayList<>();
        if (wants.colourOf() != Wants.ColourOf.FLOWER) {
            LEAVES.forEach(trait -> colours.addAll(plant.colours(trait)));
        }
        if (wants.colourOf() != Wants.ColourOf.LEAF) {
            colours.addAll(plant.colours(Traits.FLOWER_COLOURS));
        }
        if (colours.isEmpty()) {
            return wants.colourOf() == Wants.ColourOf.FLOWER && !Appearance.mayFlower(plant) ? 0 : Double.NaN;
        }
        return colours.stream().anyMatch(colour -> answers(colour, wants)) ? 1 : 0;
    }

    private static boolean shows(DayLook look, Wants wants) {
        boolean leaf = wants.colourOf() != Wants.ColourOf.FLOWER
                && look.leafShare() > 0.3
                && look.leaves().stream().anyMatch(colour -> answers(colour, wants));
        return leaf
                || wants.colourOf() != Wants.ColourOf.LEAF
                        && look.flowerShare() > 0.05
                        && look.flower()
                                .filter(colour -> answers(colour, wants))
                                .isPresent();
    }

    private static boolean answers(Colour colour, Wants wants) {
        return wants.colours().stream().anyMatch(wanted -> wanted.answeredBy(colour));
    }

    /**
     * In flower here in any of the months asked for: a customer who names three wants something to open in each, not one plant that
     * flowers through all. A plant without a known bloom is unknown.
     */
    private static double blooms(Cultivar plant, List<Integer> months, Question q) {
        Optional<Bloom> bloom =
                BloomSpell.inThirds(plant, Optional.ofNullable(q.site().zone()));
        if (bloom.isEmpty()) {
            return Appearance.mayFlower(plant) ? Double.NaN : 0;
        }
        if (months.stream().anyMatch(month -> inBloom(bloom.get(), month))) {
            return 1;
        }
        boolean again = plant.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE;
        PlantYear year =
                again ? PlantYear.of(plant, Optional.ofNullable(q.site().zone())) : null;
        return again && months.stream().anyMatch(month -> year.month(month).flowerShare() > 0) ? 1 : 0;
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
        if (uses.isEmpty()) {
            return Double.NaN;
        }
        // A climber screens only what holds it up; who has a trellis asks for a climber too.
        boolean unheld = plant.kind() == Kind.CLIMBER && !wants.uses().contains(Use.CLIMBER);
        return Collections.disjoint(uses.get(), wants.uses()) ? 0 : unheld ? 0.5 : 1;
    }

    /** Share of the height reached by the year, by the usual growth. */
    private static double screens(Cultivar plant, Wants wants) {
        return Math.min(1, PlantGrowth.of(plant).height(wants.screenByYear()).mid() / wants.screenHeightM() + 1e-9);
    }

    private static boolean feedsPollinators(List<Wildlife> fed) {
        return fed.contains(Wildlife.BEES) || fed.contains(Wildlife.BUTTERFLIES) || fed.contains(Wildlife.HUMMINGBIRDS);
    }

    /** Leaves, coloured stems, fruit, flowers or standing straw in the dark months. */
    private static boolean showsInWinter(Cultivar plant, Question q) {
        if (plant.persistence() == Persistence.EVERGREEN
                || plant.get(Traits.STEM_WINTER).isPresent()
                || plant.is(Traits.STANDS_WINTER, YesNo.YES)) {
            return true;
        }
        PlantYear year = PlantYear.of(plant, Optional.ofNullable(q.site().zone()));
        for (int month : WINTER) {
            DayLook look = year.month(month);
            if (look.flowerShare() > 0.1
                    || look.fruit().isPresent()
                    || look.standing() == Standing.STRAW && plant.is(Traits.STANDS_WINTER, YesNo.YES)) {
                return true;
            }
        }
        return false;
    }

    private static double known(Optional<Boolean> met) {
        return met.map(yes -> yes ? 1.0 : 0.0).orElse(Double.NaN);
    }

    static String months(List<Integer> months) {
        return months.stream()
                .map(month -> java.time.Month.of(month)
                        .getDisplayName(java.time.format.TextStyle.FULL, java.util.Locale.ENGLISH))
                .collect(Collectors.joining("/"));
    }
}
