package org.yellowfit.app.catalogue;

import java.util.Optional;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.SoilColour;

/**
 * Addresses of plants’ pictures. What of a place shows in a picture stands in its address, rounded so that places alike
 * share it, and nothing else of a visit: the pictures are anybody’s.
 */
public final class PictureAddress {

    private static final double SUN_STEP_H = 0.5;
    private static final double PH_STEP = 0.5;

    private PictureAddress() {}

    static String portrait(Cultivar plant, GrowingPlace place) {
        return "/drawings/%s/portrait.svg?month=%d%s"
                .formatted(plant.id(), PlantDrawing.bestMonth(plant, place), query(plant, place));
    }

    /** What of a place shows, and the name that changes with the pictures. */
    static String query(Cultivar plant, GrowingPlace place) {
        GrowingPlace shows = SoilColour.follows(plant) ? place : place.withPh(null);
        return query(shows) + "&v=" + PictureName.of(plant);
    }

    /** {@code &zone=6b&sun=4&south=true}; empty for a place of which nothing is known. */
    static String query(GrowingPlace place) {
        StringBuilder query = new StringBuilder();
        place.zone().ifPresent(zone -> query.append("&zone=").append(zone.label()));
        place.sunHours()
                .ifPresent(hours ->
                        query.append("&sun=").append(Numbers.write(Math.rint(hours / SUN_STEP_H) * SUN_STEP_H)));
        place.ph().ifPresent(ph -> query.append("&ph=").append(Numbers.write(Math.rint(ph / PH_STEP) * PH_STEP)));
        if (place.seasons().south()) {
            query.append("&south=true");
        }
        return query.toString();
    }

    /** What cannot be read counts as not known: a picture is drawn for every address. */
    static GrowingPlace place(String zone, String sun, String ph, boolean south) {
        GrowingPlace place =
                GrowingPlace.of(zone(zone)).withSun(within(0, 24, sun)).withPh(within(3, 10, ph));
        return south ? place.southern() : place;
    }

    private static Optional<HardinessZone> zone(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(HardinessZone.parse(text));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static Double within(double least, double most, String text) {
        boolean number = text.matches("\\d{1,2}(\\.\\d)?");
        boolean fine = number && Double.parseDouble(text) >= least && Double.parseDouble(text) <= most;
        return fine ? Double.valueOf(text) : null;
    }
}
