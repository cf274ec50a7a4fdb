package org.yellowfit.core.care;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.climate.Frosts;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Growth;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.PruneGroup;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Wildlife;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.season.BloomSpell;

/**
 * When and how a plant is cut (rules I1 to I3): by the wood it flowers on, by its own bloom at the place, and by the
 * place's frosts. Days are those of the northern year; those without another source are zone 6b's, general for the kind of
 * plant, moved to the place by {@link Seasons#dayHere}.
 */
final class Cutting {

    /** Growth set off by a cut has to ripen before frost: six weeks, the usual advice of extension services. */
    private static final int RIPENS_DAYS = 42;
    /** From so warm on, the worst frost is past before the year ends and wood is cut through winter: zone 8a. */
    private static final int MILD_HALF = 14;

    private static final int BEFORE_LAST_FROST_FROM = 42;
    private static final int BEFORE_LAST_FROST_TO = 14;
    private static final int LATE_AUTUMN_AFTER_FROST = 30;
    private static final int AFTER_FLOWER_DAYS = 21;
    private static final int BUD_DAYS = 21;
    private static final int BROWNED_AFTER_FROST = 14;
    private static final int BROWNED_DAYS = 30;
    private static final int BULB_LEAVES_DAYS = 45;
    private static final int FORTNIGHT = 14;
    private static final int MOST_ROUNDS = 6;

    private static final double SPRING_CUT_FROM = 70;
    private static final double SPRING_CUT_TO = 100;
    private static final double EARLIEST_CUT = 25;
    private static final double BROWNED = 305;
    private static final double CANDLES_FROM = 140;
    private static final double CANDLES_TO = 165;
    private static final double TRIM_FROM = 150;
    private static final double TRIM_TO = 213;
    private static final double CLIP_EARLY = 155;
    private static final double CLIP_LATE = 222;
    private static final double HIPS_FROM = 227;

    private final CareSpan span;
    private final Seasons seasons;
    private final Frosts frosts;
    private final Optional<HardinessZone> zone;
    private final ToCareFor plants;
    private final Cultivar plant;
    private final Optional<BloomSpell> bloom;
    private final List<Chore> told = new ArrayList<>();

    private Cutting(CarePlace place, CareSpan span, ToCareFor plants) {
        this.span = span;
        this.plants = plants;
        seasons = place.seasons();
        frosts = place.frosts();
        zone = place.zone();
        plant = plants.plant();
        bloom = BloomSpell.of(plant, place.zone(), place.seasons());
    }

    static List<Chore> of(CarePlace place, CareSpan span, ToCareFor plants) {
        Cutting cutting = new Cutting(place, span, plants);
        if (plants.clipped() && plants.plant().isWoody()) {
            cutting.clip();
        } else {
            cutting.cut();
        }
        cutting.fadedFlowers();
        return cutting.told;
    }

    private void cut() {
        switch (group()) {
            case NEW_WOOD -> dormant("prune.new-wood");
            case AFTER_FLOWER -> afterFlower();
            case LIGHT_EVERGREEN -> trim();
            case CONIFER_CANDLES -> add(TaskKind.PRUNE, here(CANDLES_FROM), here(CANDLES_TO), "prune.candles", "I1");
            case CUT_TO_GROUND -> cutDown();
            case COMB -> late(SPRING_CUT_FROM, SPRING_CUT_TO, "cut-back.comb", "I2");
            case NONE, DEADHEAD_ONLY -> {}
        }
    }

    /** What is not known of a plant that dies down is that it has to be cleared. */
    private PruneGroup group() {
        return plant.get(Traits.PRUNE_GROUP)
                .orElse(
                        plant.persistence() == Persistence.HERBACEOUS && plant.kind() != Kind.BULB
                                ? PruneGroup.CUT_TO_GROUND
                                : PruneGroup.NONE);
    }

    private void dormant(String says) {
        boolean mild = zone.isPresent() && zone.get().half() >= MILD_HALF;
        double to = frosts.spring().middle() - BEFORE_LAST_FROST_TO;
        double from = mild
                ? frosts.autumn().middle() + LATE_AUTUMN_AFTER_FROST - Seasons.DAYS
                : frosts.spring().middle() - BEFORE_LAST_FROST_FROM;
        add(TaskKind.PRUNE, Math.min(from, to), to, says, "I1");
    }

    private void afterFlower() {
        if (setsFruit()) {
            dormant("prune.fruiting");
            return;
        }
        double over = bloomOver();
        if (Double.isNaN(over) || over > lastSafeCut() && over < Seasons.DAYS) {
            dormant(Double.isNaN(over) ? "prune.unknown-bloom" : "prune.late-flowering");
        } else {
            add(TaskKind.PRUNE, over, over + AFTER_FLOWER_DAYS, "prune.after-flower", "I1");
        }
    }

    private boolean setsFruit() {
        return plant.get(Traits.FRUIT).isPresent()
                && plant.get(Traits.FRUIT_MONTHS).isPresent();
    }

    /** Once a year after the first growth, out of its bloom. */
    private void trim() {
        String says = plant.is(Traits.HARD_PRUNE, YesNo.YES) ? "prune.evergreen" : "prune.evergreen-soft";
        double over = bloomOver();
        boolean blooms = !Double.isNaN(over);
        double start = blooms ? bloom.get().startDay() : Double.NaN;
        if (blooms && over >= here(60) && over <= here(TRIM_FROM)) {
            add(TaskKind.PRUNE, over, over + 2 * FORTNIGHT, says, "I1");
        } else if (!blooms || start > here(TRIM_TO) + BUD_DAYS && over <= Seasons.DAYS + here(60) || over < here(60)) {
            add(TaskKind.PRUNE, here(TRIM_FROM), here(TRIM_TO), says, "I1");
        } else if (over <= lastSafeCut()) {
            add(TaskKind.PRUNE, over, Math.min(over + 2 * FORTNIGHT, lastSafeCut()), says, "I1");
        } else {
            add(TaskKind.PRUNE, frosts.spring().middle(), frosts.spring().middle() + AFTER_FLOWER_DAYS, says, "I1");
        }
    }

    private void clip() {
        boolean oldWood = plant.is(Traits.PRUNE_GROUP, PruneGroup.AFTER_FLOWER) && !Double.isNaN(bloomOver());
        if (oldWood && bloomOver() <= lastSafeCut()) {
            add(TaskKind.CLIP, bloomOver(), bloomOver() + AFTER_FLOWER_DAYS, "clip.after-flower", "I1");
            return;
        }
        double late = Math.min(here(CLIP_LATE), lastSafeCut() - FORTNIGHT);
        String says = plant.is(Traits.HARD_PRUNE, YesNo.YES) ? "clip.hard" : "clip.soft";
        if (plant.is(Traits.GROWTH, Growth.FAST)) {
            add(TaskKind.CLIP, here(CLIP_EARLY), here(CLIP_EARLY) + AFTER_FLOWER_DAYS, says, "I1");
        }
        add(TaskKind.CLIP, late, late + FORTNIGHT, says, "I1");
    }

    private void cutDown() {
        if (plant.kind() == Kind.BULB && !Double.isNaN(bloomOver())) {
            double yellow = bloomOver() + BULB_LEAVES_DAYS;
            add(TaskKind.CUT_BACK, yellow, yellow + 2 * FORTNIGHT, "cut-back.bulb", "I2");
            return;
        }
        String says = springWords();
        if (!says.isEmpty()) {
            late(SPRING_CUT_FROM, SPRING_CUT_TO, says, "I2");
            return;
        }
        double browned = Math.max(frosts.autumn().middle() + BROWNED_AFTER_FROST, here(BROWNED));
        if (inBloom(browned, browned + BROWNED_DAYS)) {
            late(SPRING_CUT_FROM, SPRING_CUT_TO, "cut-back.spring", "I2");
        } else {
            add(TaskKind.CUT_BACK, browned, browned + BROWNED_DAYS, "cut-back.browned", "I2");
        }
    }

    /** Why it is left standing until spring; empty where nothing speaks for it. */
    private String springWords() {
        if (plant.is(Traits.LATE_RISER, YesNo.YES)) {
            return "cut-back.stubs";
        }
        if (plant.kind() == Kind.GRASS) {
            return "cut-back.grass";
        }
        if (plant.isWoody()) {
            return "cut-back.woody";
        }
        boolean stands = plant.is(Traits.STANDS_WINTER, YesNo.YES)
                || plant.has(Traits.WILDLIFE, Wildlife.BIRDS)
                || plant.persistence() != Persistence.HERBACEOUS
                || atColdEdge();
        return stands ? "cut-back.spring" : "";
    }

    private boolean atColdEdge() {
        return zone.isPresent()
                && plant.get(Traits.ZONE_MIN)
                        .filter(coldest -> coldest.half() >= zone.get().half())
                        .isPresent();
    }

    /** A cut of late winter, brought forward where buds would be in its way and put off where flowers are. */
    private void late(double reference, double referenceTo, String says, String rule) {
        double from = here(reference);
        double to = here(referenceTo);
        if (inBloom(from, to)) {
            double buds = bloom.get().startDay() - BUD_DAYS;
            if (buds - (to - from) >= here(EARLIEST_CUT)) {
                from = buds - (to - from);
                to = buds;
            } else {
                from = bloomOver() + 7;
                to = from + AFTER_FLOWER_DAYS;
            }
        }
        add(TaskKind.CUT_BACK, from, to, says, rule);
    }

    private void fadedFlowers() {
        double minutes = plant.get(Traits.DEADHEAD_MIN).orElse(0.0);
        if (minutes <= 0 || bloom.isEmpty()) {
            return;
        }
        double start = bloom.get().startDay();
        boolean toFrost = plant.is(Traits.REBLOOM, Rebloom.CONTINUOUS);
        double end = toFrost ? Math.max(bloomOver(), frosts.autumn().middle() - FORTNIGHT) : bloomOver();
        if (setsFruit()) {
            end = Math.min(end, Math.max(start + FORTNIGHT, here(HIPS_FROM)));
        }
        int rounds = (int) Math.max(1, Math.min(MOST_ROUNDS, Math.round((end - start) / FORTNIGHT)));
        double apart = (end - start) / rounds;
        boolean flush = plant.is(Traits.REBLOOM, Rebloom.FLUSH);
        for (int round = 1; round <= rounds; round++) {
            boolean shear = flush && round == rounds;
            double from = start + round * apart;
            for (Window window : span.each(from, from + FORTNIGHT - 1)) {
                told.add(Chore.of(TaskKind.DEADHEAD, window, plants, shear ? "deadhead.flush" : "deadhead.faded", "I3")
                        .taking(plants.count() * minutes / rounds));
            }
        }
    }

    /** The last day of the main bloom; NaN where it is not known, or the year is too short for it. */
    private double bloomOver() {
        return bloom.map(spell -> spell.startDay() + spell.lengthDays()).orElse(Double.NaN);
    }

    /** In bud or flower on one of these days. */
    private boolean inBloom(double from, double to) {
        if (bloom.isEmpty()) {
            return false;
        }
        double buds = bloom.get().startDay() - BUD_DAYS;
        double over = bloomOver();
        return meets(buds, over, from, to)
                || meets(buds - Seasons.DAYS, over - Seasons.DAYS, from, to)
                || meets(buds + Seasons.DAYS, over + Seasons.DAYS, from, to);
    }

    private static boolean meets(double from, double to, double otherFrom, double otherTo) {
        return from <= otherTo && otherFrom <= to;
    }

    private double lastSafeCut() {
        return frosts.autumn().middle() - RIPENS_DAYS;
    }

    private double here(double reference) {
        return seasons.dayHere(reference);
    }

    private void add(TaskKind kind, double from, double to, String says, String rule) {
        span.each(from, to).forEach(window -> told.add(Chore.of(kind, window, plants, says, rule)));
    }
}
