package org.yellowfit.app.records;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;

/** What is seen of a visit's planting: its place, sun, pots and age come with it and are not typed. */
@Service
public class PlantingNotes {

    private static final double DAYS_A_YEAR = 365.25;

    private final Records records;

    PlantingNotes(Records records) {
        this.records = records;
    }

    /**
     * One kind of plant looked at.
     *
     * @param typed    by the columns of {@code records.csv}; without a date it was today
     * @param problems filled where something cannot be
     */
    public Optional<RecordRow> read(
            Visit visit, String plant, String pot, Map<String, String> typed, List<Problem> problems) {
        Map<String, Object> cells = new LinkedHashMap<>(TypedSizes.inMetres(typed));
        String day = typed.getOrDefault("date", "").isBlank() ? LocalDate.now().toString() : typed.get("date");
        cells.put("date", day);
        cells.put("place", records.nameOf(visit));
        cells.put("pot", pot);
        Double sun = visit.question().site().light().sunHours();
        cells.put("sun_hours", sun == null ? "" : String.valueOf(sun));
        age(visit.plantedOn(), day).ifPresent(age -> cells.put("age_years", age));
        return RecordRow.read(plant, new InputReader(cells, "", problems));
    }

    /** All of it or nothing. */
    @Transactional
    public void note(Visit visit, List<RecordRow> rows, String by) {
        if (!rows.isEmpty()) {
            records.placeOf(visit);
            records.put(rows, by);
        }
    }

    private static Optional<String> age(LocalDate planted, String day) {
        try {
            double years = ChronoUnit.DAYS.between(planted, LocalDate.parse(day)) / DAYS_A_YEAR;
            return Optional.of(String.valueOf(Math.round(years * 100) / 100.0));
        } catch (java.time.DateTimeException e) {
            return Optional.empty();
        }
    }
}
