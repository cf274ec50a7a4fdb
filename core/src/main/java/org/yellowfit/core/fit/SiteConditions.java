package org.yellowfit.core.fit;

import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.season.GrowingPlace;

/**
 * What is known of one place, or of one patch of a bed, in groups that check themselves. What is unknown leaves its
 * criteria out.
 *
 * @param upkeep    what is done there for its plants
 * @param uncertainty how exact the numbers are
 */
public record SiteConditions(
        WinterConditions winter,
        LightConditions light,
        SoilConditions soil,
        Room room,
        Surroundings surroundings,
        PlantingSeason season,
        Upkeep upkeep,
        Uncertainty uncertainty) {

    public static final SiteConditions UNKNOWN = new SiteConditions(
            WinterConditions.UNKNOWN,
            LightConditions.UNKNOWN,
            SoilConditions.UNKNOWN,
            Room.UNKNOWN,
            Surroundings.UNKNOWN,
            PlantingSeason.UNKNOWN,
            Upkeep.NONE,
            Uncertainty.TYPED);

    public SiteConditions {
        Objects.requireNonNull(winter);
        Objects.requireNonNull(light);
        Objects.requireNonNull(soil);
        Objects.requireNonNull(room);
        Objects.requireNonNull(surroundings);
        Objects.requireNonNull(season);
        Objects.requireNonNull(upkeep);
        Objects.requireNonNull(uncertainty);
    }

    /** What of it shows in how a plant looks, with the seasons usual for its zone. */
    public GrowingPlace growingPlace() {
        return growingPlace(Seasons.usualFor(Optional.ofNullable(winter.zone())));
    }

    /** The same with the seasons of a record. */
    public GrowingPlace growingPlace(Seasons seasons) {
        Seasons turned = season.isSouth() ? seasons.southern() : seasons;
        Seasons told = season.firstFrost() == null
                ? turned
                : turned.withFirstFrost(season.firstFrost().getDayOfYear());
        GrowingPlace here = GrowingPlace.of(Optional.ofNullable(winter.zone()), told)
                .withSun(light.sunHours())
                .withPh(soil.isContainer() ? null : soil.ph());
        return season.plantingDate() == null
                ? here
                : here.plantedOn(season.plantingDate().getDayOfYear());
    }

    public SiteConditions withWinter(UnaryOperator<WinterConditions> change) {
        return new SiteConditions(change.apply(winter), light, soil, room, surroundings, season, upkeep, uncertainty);
    }

    public SiteConditions withLight(UnaryOperator<LightConditions> change) {
        return new SiteConditions(winter, change.apply(light), soil, room, surroundings, season, upkeep, uncertainty);
    }

    public SiteConditions withSoil(UnaryOperator<SoilConditions> change) {
        return new SiteConditions(winter, light, change.apply(soil), room, surroundings, season, upkeep, uncertainty);
    }

    public SiteConditions withRoom(UnaryOperator<Room> change) {
        return new SiteConditions(winter, light, soil, change.apply(room), surroundings, season, upkeep, uncertainty);
    }

    public SiteConditions withSurroundings(UnaryOperator<Surroundings> change) {
        return new SiteConditions(winter, light, soil, room, change.apply(surroundings), season, upkeep, uncertainty);
    }

    public SiteConditions withUpkeep(UnaryOperator<Upkeep> change) {
        return new SiteConditions(winter, light, soil, room, surroundings, season, change.apply(upkeep), uncertainty);
    }
}
