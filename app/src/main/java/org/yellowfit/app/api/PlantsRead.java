package org.yellowfit.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.core.care.ToCareFor;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;

/** Reads {@code plants} with their counts and pots, as several calls take them. */
final class PlantsRead {

    private PlantsRead() {}

    /** The cultivar of the field {@code id}; null, with a problem noted, where there is none. */
    static Cultivar named(InputReader in, CatalogueStore store) {
        String id = in.text("id", text -> text);
        if (id == null) {
            in.problem("id", "The id of a cultivar is needed.");
            return null;
        }
        Optional<Cultivar> plant = store.find(id);
        if (plant.isEmpty()) {
            in.problem("id", "The catalogue has no cultivar with the id “%s”.", Words.shorten(id));
        }
        return plant.orElse(null);
    }

    /** Empty where none are named. */
    static List<ToCareFor> of(Map<String, Object> body, CatalogueStore store, List<Problem> problems, int most) {
        Object value = body.get("plants");
        if (value == null) {
            return List.of();
        }
        InputReader in = new InputReader(body, "", problems);
        if (!(value instanceof List<?> list) || list.size() > most) {
            in.problem("plants", "Name at most %s kinds of plants, each with its id and count.", most);
            return List.of();
        }
        List<ToCareFor> plants = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            String at = "plants[" + i + "]";
            if (list.get(i) instanceof Map<?, ?> given) {
                @SuppressWarnings("unchecked") // the keys of an object are text
                Map<String, Object> one = (Map<String, Object>) given;
                one(one, new InputReader(one, at + ".", problems), store).ifPresent(plants::add);
            } else {
                in.problem(at, "An object is expected here, like {\"id\": \"…\", \"count\": 5}.");
            }
        }
        return plants;
    }

    private static Optional<ToCareFor> one(Map<String, Object> given, InputReader in, CatalogueStore store) {
        String id = in.text("id", text -> text);
        Optional<Cultivar> plant = id == null ? Optional.empty() : store.find(id);
        if (plant.isEmpty()) {
            in.problem("id", "The catalogue has no cultivar with the id “%s”.", id == null ? "" : Words.shorten(id));
        }
        Double count = in.number("count", 1, ToCareFor.MOST, "plants");
        if (count != null && count != Math.rint(count)) {
            in.problem("count", "The number of plants must be a whole number from 1 to %s.", ToCareFor.MOST);
        }
        String pot = in.text("pot", text -> text);
        Boolean clipped = in.yesNo("clipped");
        return plant.map(cultivar -> new ToCareFor(
                cultivar,
                count == null ? 1 : (int) Math.round(count),
                pot == null ? "" : pot,
                Boolean.TRUE.equals(clipped)));
    }
}
