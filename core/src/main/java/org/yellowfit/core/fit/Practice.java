package org.yellowfit.core.fit;

import java.util.Set;

/**
 * What is done at a place for its plants beyond planting them: what a remedy sets when it is taken up.
 *
 * @param winterCover     crowns mulched and wrapped in winter, and covered on nights of late frost
 * @param frostFreeWinter pots wintered free of frost
 * @param oneSeason       planted anew each spring
 * @param afternoonShade  shaded through the hot hours, and watered through hot spells
 * @param watered         watered through every dry spell
 * @param plantedHigh     crown above the ground, gravel around it
 * @param prunedToSize    cut back each year to what there is room for
 * @param contained       spreaders kept within an edge in the ground, and cut before they seed
 * @param partners        groups of which a male stands within 15 m
 */
public record Practice(
        boolean winterCover,
        boolean frostFreeWinter,
        boolean oneSeason,
        boolean afternoonShade,
        boolean watered,
        boolean plantedHigh,
        boolean prunedToSize,
        boolean contained,
        Set<String> partners) {

    public static final Practice NONE = new Practice(false, false, false, false, false, false, false, false, Set.of());

    public Practice {
        partners = Set.copyOf(partners);
    }

    Practice withWinterCover() {
        return new Practice(
                true,
                frostFreeWinter,
                oneSeason,
                afternoonShade,
                watered,
                plantedHigh,
                prunedToSize,
                contained,
                partners);
    }

    Practice withFrostFreeWinter() {
        return new Practice(
                winterCover, true, oneSeason, afternoonShade, watered, plantedHigh, prunedToSize, contained, partners);
    }

    Practice withOneSeason() {
        return new Practice(
                winterCover,
                frostFreeWinter,
                true,
                afternoonShade,
                watered,
                plantedHigh,
                prunedToSize,
                contained,
                partners);
    }

    Practice withAfternoonShade() {
        return new Practice(
                winterCover, frostFreeWinter, oneSeason, true, watered, plantedHigh, prunedToSize, contained, partners);
    }

    Practice withWater() {
        return new Practice(
                winterCover,
                frostFreeWinter,
                oneSeason,
                afternoonShade,
                true,
                plantedHigh,
                prunedToSize,
                contained,
                partners);
    }

    Practice withHighPlanting() {
        return new Practice(
                winterCover,
                frostFreeWinter,
                oneSeason,
                afternoonShade,
                watered,
                true,
                prunedToSize,
                contained,
                partners);
    }

    Practice withPruning() {
        return new Practice(
                winterCover,
                frostFreeWinter,
                oneSeason,
                afternoonShade,
                watered,
                plantedHigh,
                true,
                contained,
                partners);
    }

    Practice withBounds() {
        return new Practice(
                winterCover,
                frostFreeWinter,
                oneSeason,
                afternoonShade,
                watered,
                plantedHigh,
                prunedToSize,
                true,
                partners);
    }

    Practice withPartner(String group) {
        Set<String> more = new java.util.HashSet<>(partners);
        more.add(group);
        return new Practice(
                winterCover,
                frostFreeWinter,
                oneSeason,
                afternoonShade,
                watered,
                plantedHigh,
                prunedToSize,
                contained,
                more);
    }
}
