package org.yellowfit.app.climate;

import java.util.List;
import java.util.UUID;
import org.yellowfit.app.drawing.ClimatePicture;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;

/**
 * A station as it is shown, already in words and pictures.
 *
 * @param span the years of its record
 */
public record StationPage(
        UUID id,
        String name,
        String where,
        String span,
        boolean madeUp,
        boolean usual,
        String zone,
        List<String> told,
        List<String> warnings,
        String winters,
        String frostFree,
        String degreeDays) {

    public static StationPage of(Station station, UnitSystem units) {
        var climate = station.climate();
        String where = degrees(station.where().latitude(), "N", "S") + ", "
                + degrees(station.where().longitude(), "E", "W")
                + (station.elevationM() == null
                        ? ""
                        : ", "
                                + Sentences.say(
                                        "station.above-sea",
                                        units == UnitSystem.US
                                                ? Math.round(station.elevationM() / UnitSystem.FOOT_M) + " ft"
                                                : Math.round(station.elevationM()) + " m"));
        return new StationPage(
                station.id(),
                station.name(),
                where,
                climate.first().getYear() + "–" + climate.last().getYear(),
                station.madeUp(),
                station.usual(),
                climate.zone().map(HardinessZone::label).orElse("?"),
                ClimateWords.of(climate, units),
                Sentences.each(climate.warnings(), units),
                ClimatePicture.winters(climate, units),
                ClimatePicture.frostFree(climate),
                ClimatePicture.degreeDays(climate));
    }

    private static String degrees(double value, String positive, String negative) {
        return Numbers.rounded(Math.abs(value), 2) + "° " + (value < 0 ? negative : positive);
    }
}
