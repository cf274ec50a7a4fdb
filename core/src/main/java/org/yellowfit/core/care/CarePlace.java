package org.yellowfit.core.care;

import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yellowfit.core.climate.Frosts;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.soil.TextureClass;
import org.yellowfit.core.soil.TextureGroup;

/**
 * What of a place dates the work and measures the water.
 *
 * @param growing       its seasons, which move the blooms
 * @param rainMm        usual rain of each month, January first, mm; null when it is not known
 * @param soil          null when it is not known
 * @param moisture      1 (dry) to 5 (wet); null when it is not known
 * @param container     the plants stay in pots
 * @param containerL    litres of such a pot; null when they are not known
 */
public record CarePlace(
        GrowingPlace growing,
        Frosts frosts,
        double[] rainMm,
        TextureGroup soil,
        Double moisture,
        boolean container,
        Double containerL) {

    public CarePlace {
        if (rainMm != null && rainMm.length != 12) {
            throw new Refused("Rain is told for each of the twelve months.");
        }
        rainMm = rainMm == null ? null : rainMm.clone();
    }

    /**
     * The kind of soil a texture counts as for water; null when it is not known. What counts as two of them is loam.
     *
     * @param texture null when it is not known
     */
    public static TextureGroup soilOf(TextureClass texture) {
        if (texture == null) {
            return null;
        }
        return texture.groups().contains(TextureGroup.LOAM)
                ? TextureGroup.LOAM
                : texture.groups().iterator().next();
    }

    public Optional<HardinessZone> zone() {
        return growing.zone();
    }

    public Seasons seasons() {
        return growing.seasons();
    }

    @Override
    public double[] rainMm() {
        return rainMm == null ? null : rainMm.clone();
    }

    boolean rainKnown() {
        return rainMm != null;
    }

    /** Usual rain of a week of this month, mm; 0 when it is not known. */
    double rainOfWeekMm(YearMonth month) {
        return rainMm == null ? 0 : rainMm[month.getMonthValue() - 1] * 7 / month.lengthOfMonth();
    }

    /** What had to be estimated, to be said beside the dates. */
    List<Fact> estimates() {
        List<Fact> told = new ArrayList<>();
        if (frosts.estimated()) {
            told.add(
                    zone().isPresent()
                            ? Fact.of("care-note.frosts", zone().get().label())
                            : Fact.of("care-note.no-zone"));
        }
        if (!rainKnown() && !container) {
            told.add(Fact.of("care-note.no-rain"));
        }
        return told;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof CarePlace that
                && growing.equals(that.growing)
                && frosts.equals(that.frosts)
                && Arrays.equals(rainMm, that.rainMm)
                && soil == that.soil
                && Objects.equals(moisture, that.moisture)
                && container == that.container
                && Objects.equals(containerL, that.containerL);
    }

    @Override
    public int hashCode() {
        return Objects.hash(growing, frosts, Arrays.hashCode(rainMm), soil, moisture, container);
    }
}
