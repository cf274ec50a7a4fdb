package org.yellowfit.app.records;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.records.LossCause;

/**
 * What was noted of one kind of plant at one place on one day (rule J1). Null is not noted.
 *
 * @param age    years since planting
 * @param height in leaf, m; {@code flowerHeight} and {@code spread}, m
 * @param alive  false for one that was lost, of {@code cause}
 */
public record RecordRow(
        String plant,
        String place,
        LocalDate date,
        Double age,
        Double height,
        Double flowerHeight,
        Double spread,
        LocalDate firstBloom,
        LocalDate lastBloom,
        Boolean alive,
        LossCause cause,
        Boolean browsed,
        String pot,
        Double sunHours,
        String note) {

    static final List<String> COLUMNS = List.of(
            "plant",
            "place",
            "date",
            "age_years",
            "height_m",
            "flower_height_m",
            "spread_m",
            "first_bloom",
            "last_bloom",
            "alive",
            "cause",
            "browsed",
            "pot",
            "sun_hours",
            "note");

    private static final double OLDEST_YEARS = 200;
    private static final double SMALLEST_M = 0.01;
    private static final double LARGEST_M = 120;
    static final int LONGEST_PLACE = 160;
    private static final int LONGEST_POT = 80;
    private static final int LONGEST_NOTE = 2000;
    static final int EARLIEST_YEAR = 1950;

    /** Problems are noted in {@code in}, by the columns' names. */
    public static Optional<RecordRow> read(String plant, InputReader in) {
        int before = in.problems().size();
        String place = in.text("place", text -> shorter(text, LONGEST_PLACE));
        LocalDate date = in.date("date");
        RecordRow row = new RecordRow(
                plant,
                place,
                date,
                in.number("age_years", 0, OLDEST_YEARS, "years"),
                size(in, "height_m"),
                size(in, "flower_height_m"),
                size(in, "spread_m"),
                in.date("first_bloom"),
                in.date("last_bloom"),
                in.yesNo("alive"),
                in.word("cause", LossCause.class),
                in.yesNo("browsed"),
                orEmpty(in.text("pot", text -> shorter(text, LONGEST_POT))),
                in.number("sun_hours", 0, 24, "hours"),
                orEmpty(in.text("note", text -> shorter(text, LONGEST_NOTE))));
        if (in.problems().size() == before) {
            row.checkTogether(in);
        }
        return in.problems().size() > before ? Optional.empty() : Optional.of(row);
    }

    /** A bare number of metres: another unit is refused rather than guessed. */
    private static Double size(InputReader in, String field) {
        return in.text(field, text -> {
            double metres;
            try {
                metres = Numbers.parse(text);
            } catch (IllegalArgumentException e) {
                throw new Refused("“%s” is not a size; write it in metres, like 1.25.", Words.shorten(text));
            }
            if (!(metres >= SMALLEST_M && metres <= LARGEST_M)) {
                throw new Refused("%s m cannot be; a size lies between 0.01 and 120 m.", Numbers.write(metres));
            }
            return metres;
        });
    }

    private void checkTogether(InputReader in) {
        if (place == null) {
            in.problem("place", "Name the place.");
        }
        if (date == null) {
            in.problem("date", "Say on which day.");
        } else if (date.isAfter(LocalDate.now().plusDays(1)) || date.getYear() < EARLIEST_YEAR) {
            in.problem("date", "The day must not lie in the future, nor before 1950.");
        }
        if (date != null && age != null && age > 0 && firstBloom != null) {
            LocalDate planted = date.minusDays(Math.round(age * 365.25));
            if (firstBloom.isBefore(planted.minusDays(1))) {
                in.problem("first_bloom", "It flowered before it was planted; one of the dates is wrong.");
            }
        }
        if (firstBloom != null && lastBloom != null && lastBloom.isBefore(firstBloom)) {
            in.problem("last_bloom", "The last bloom comes before the first.");
        }
        if (cause != null && !Boolean.FALSE.equals(alive)) {
            in.problem("cause", "A cause belongs to a plant that is dead.");
        }
    }

    private static String shorter(String text, int most) {
        if (text.length() > most) {
            throw new Refused("This is %d characters long; at most %d are kept.", text.length(), most);
        }
        return text;
    }

    private static String orEmpty(String text) {
        return text == null ? "" : text;
    }

    /** Text by column, the form {@link #read} takes. */
    List<String> cells() {
        List<String> cells = new ArrayList<>();
        cells.add(plant);
        cells.add(place);
        cells.add(date.toString());
        for (Double number : new Double[] {age, height, flowerHeight, spread}) {
            cells.add(number == null ? "" : Numbers.write(number));
        }
        cells.add(firstBloom == null ? "" : firstBloom.toString());
        cells.add(lastBloom == null ? "" : lastBloom.toString());
        cells.add(yesNo(alive));
        cells.add(cause == null ? "" : Words.of(cause));
        cells.add(yesNo(browsed));
        cells.add(pot);
        cells.add(sunHours == null ? "" : Numbers.write(sunHours));
        cells.add(note);
        return cells;
    }

    private static String yesNo(Boolean value) {
        if (value == null) {
            return "";
        }
        return value ? "yes" : "no";
    }

    public boolean isLoss() {
        return Boolean.FALSE.equals(alive);
    }
}
