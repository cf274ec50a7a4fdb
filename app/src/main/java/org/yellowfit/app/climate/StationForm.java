package org.yellowfit.app.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

/** Where a new station stands, as it was typed. */
record StationForm(String name, Location where, Double elevationM) {

    /** @throws InvalidInput with every problem by field */
    static StationForm read(Map<String, String> typed) {
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(typed, "", problems);
        String name = in.text("name", text -> text);
        if (name == null) {
            in.problem("name", "Give the station a name, so that it is found again.");
        }
        Double latitude = needed(
                in,
                "latitude",
                -90,
                90,
                "Its latitude decides which half of the year is winter, and the sun’s height.");
        Double longitude = needed(in, "longitude", -180, 180, "Its longitude is needed for the sun’s way.");
        Double offset = needed(
                in, "utcOffset", -14, 14, "How many hours the clock there is ahead of UTC; behind it with a minus.");
        Double elevation = in.number("elevation", -500, 9000, "m");
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems.stream()
                    .collect(Collectors.toMap(Problem::field, p -> p, (a, b) -> a, java.util.LinkedHashMap::new))
                    .values()
                    .stream()
                    .toList());
        }
        return new StationForm(name, new Location(latitude, longitude, offset), elevation);
    }

    private static Double needed(InputReader in, String field, double least, double most, String message) {
        Double value = in.number(field, least, most, field.equals("utcOffset") ? "hours" : "degrees");
        if (value == null) {
            in.problem(field, message);
        }
        return value;
    }
}
