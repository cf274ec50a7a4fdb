package org.yellowfit.app.records;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.records.LossCause;

/** Reads what is typed of a plant that comes back. */
@Component
class TakingsBackForm {

    private static final int MOST = 10_000;
    private static final int LONGEST_NOTE = 500;

    private final CatalogueStore catalogue;

    TakingsBackForm(CatalogueStore catalogue) {
        this.catalogue = catalogue;
    }

    /** Problems are noted by the form's fields. */
    Optional<TakingsBack.Back> read(String plant, Map<String, String> typed, String by, List<Problem> problems) {
        InputReader in = new InputReader(typed, "", problems);
        Double plants = in.number("back_plants", 1, MOST, "plants");
        LocalDate on = in.date("back_on");
        LossCause cause = in.word("back_cause", LossCause.class);
        String instead = in.text("back_instead", text -> named(text).id());
        String note = in.text("back_note", text -> {
            if (text.length() > LONGEST_NOTE) {
                throw new Refused("This is %d characters long; at most %d are kept.", text.length(), LONGEST_NOTE);
            }
            return text;
        });
        if (plants != null && plants != Math.rint(plants)) {
            in.problem("back_plants", "Give whole plants.");
        }
        if (plants == null && problems.isEmpty()) {
            in.problem("back_plants", "Say how many came back.");
        }
        if (on != null && (on.isAfter(LocalDate.now().plusDays(1)) || on.getYear() < RecordRow.EARLIEST_YEAR)) {
            in.problem("back_on", "The day must not lie in the future, nor before 1950.");
        }
        return problems.isEmpty()
                ? Optional.of(new TakingsBack.Back(
                        0,
                        plant,
                        plants.intValue(),
                        on == null ? LocalDate.now() : on,
                        cause,
                        instead,
                        note == null ? "" : note,
                        by))
                : Optional.empty();
    }

    /** By its id, its name, the name of the cultivar, or a part of it that only one has. */
    private Cultivar named(String text) {
        String asked = text.strip().toLowerCase(java.util.Locale.ROOT);
        List<Cultivar> all = catalogue.catalogue(Policy.STANDARD).all();
        return all.stream()
                .filter(plant -> plant.id().equals(asked)
                        || plant.name().equalsIgnoreCase(asked)
                        || plant.get(Traits.CULTIVAR).orElse("").equalsIgnoreCase(asked))
                .findFirst()
                .or(() -> onlyOne(all.stream()
                        .filter(plant ->
                                plant.name().toLowerCase(java.util.Locale.ROOT).contains(asked))
                        .limit(2)
                        .toList()))
                .orElseThrow(() -> new Refused(
                        "“%s” is not one plant of the catalogue; give its whole name.", Words.shorten(text)));
    }

    private static Optional<Cultivar> onlyOne(List<Cultivar> found) {
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }
}
