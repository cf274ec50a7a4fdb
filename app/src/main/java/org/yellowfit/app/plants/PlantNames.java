package org.yellowfit.app.plants;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/** Finds plants by a name as somebody says or misspells it. */
final class PlantNames {

    private static final double NEAR_ENOUGH = 0.88;
    private static final JaroWinklerSimilarity SIMILARITY = new JaroWinklerSimilarity();

    private record Found(Cultivar plant, double likeness) {}

    private PlantNames() {}

    static List<Cultivar> find(List<Cultivar> plants, String asked, int most) {
        String name = asked.strip().toLowerCase(Locale.ROOT);
        if (name.isEmpty()) {
            return List.of();
        }
        return plants.stream()
                .map(plant -> new Found(plant, likeness(plant, name)))
                .filter(found -> found.likeness() >= NEAR_ENOUGH)
                .sorted(Comparator.comparingDouble(Found::likeness)
                        .reversed()
                        .thenComparing(found -> found.plant().id()))
                .limit(most)
                .map(Found::plant)
                .toList();
    }

    private static double likeness(Cultivar plant, String asked) {
        String full = (plant.botanical() + " " + plant.get(Traits.CULTIVAR).orElse("") + " "
                        + plant.get(Traits.COMMON).orElse(""))
                .toLowerCase(Locale.ROOT);
        if (plant.id().equals(asked)) {
            return 2;
        }
        if (full.contains(asked)) {
            return 1.5;
        }
        return word(full, asked);
    }

    /** The least likely of the asked words, each by the word of the name it is most like. */
    private static double word(String full, String asked) {
        double least = 1;
        for (String word : asked.split("\\s+")) {
            double best = 0;
            for (String part : full.split("\\s+")) {
                best = Math.max(best, SIMILARITY.apply(part, word));
            }
            least = Math.min(least, best);
        }
        return least;
    }
}
