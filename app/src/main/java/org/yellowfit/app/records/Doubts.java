package org.yellowfit.app.records;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;

/** What is hard to believe of a measurement, and is asked about before it is taken. */
@Component
public class Doubts {

    /** A plant that is this much smaller than it was is asked about. */
    private static final double SHRUNK = 0.6;
    /** So many times the size it should have: probably a slip of the pen. */
    private static final double FAR_OFF = 4;

    private final Records records;
    private final CatalogueStore catalogue;

    Doubts(Records records, CatalogueStore catalogue) {
        this.records = records;
        this.catalogue = catalogue;
    }

    /** A size ten times too large, or a plant that shrank; empty where it can be so. */
    public Optional<String> about(RecordRow row, UnitSystem units) {
        return catalogue
                .label(row.plant())
                .flatMap(label -> farOff(label, row, units))
                .or(() -> shrank(row, units));
    }

    private static Optional<String> farOff(Cultivar label, RecordRow row, UnitSystem units) {
        if (row.age() == null) {
            return Optional.empty();
        }
        PlantGrowth growth = Lessons.growth(label, row);
        // In its first year a plant may still be as small as it was bought.
        boolean young = row.age() < Lessons.LEAST_AGE;
        double age = Math.max(Lessons.LEAST_AGE, row.age());
        return farOff(row.height(), growth.height(age).mid(), young, units)
                .or(() -> farOff(row.spread(), growth.spread(age).mid(), young, units));
    }

    private static Optional<String> farOff(Double measured, double predicted, boolean young, UnitSystem units) {
        boolean far = measured != null && (measured > predicted * FAR_OFF || !young && measured < predicted / FAR_OFF);
        return far
                ? Optional.of(Sentences.say("records.far-off", units.length(measured), units.length(predicted)))
                : Optional.empty();
    }

    private Optional<String> shrank(RecordRow row, UnitSystem units) {
        if (row.height() == null || row.isLoss()) {
            return Optional.empty();
        }
        return records.of(row.plant()).stream()
                .map(Records.Kept::row)
                .filter(before -> before.place().equals(row.place())
                        && before.date().isBefore(row.date())
                        && before.height() != null
                        && row.height() < before.height() * SHRUNK)
                .findFirst()
                .map(before -> Sentences.say(
                        "records.shrank",
                        units.length(before.height()),
                        Sentences.date("date.short", before.date()),
                        units.length(row.height())));
    }
}
