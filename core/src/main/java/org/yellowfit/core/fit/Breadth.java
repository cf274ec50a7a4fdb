package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Wants;

/**
 * How widely a plant fits (rule L5): the share of a fixed set of made-up places. Gardens are not evenly spread over all
 * that is possible; these are drawn as gardens lie, most of them of middling sun, soil and winter.
 */
final class Breadth {

    private static final int PLACES = 400;
    private static final long SEED = 20_260_401L;
    private static final List<Question> QUESTIONS = places();

    private Breadth() {}

    static float[] of(Catalogue plants, Catalogue before) {
        float[] breadth = new float[plants.size()];
        List<Integer> open = new ArrayList<>();
        Map<Cultivar, Float> known = known(before);
        for (int i = 0; i < breadth.length; i++) {
            Float had = known.get(plants.plants[i]);
            if (had == null) {
                open.add(i);
            } else {
                breadth[i] = had;
            }
        }
        for (Question question : QUESTIONS) {
            Marking marking = new Marking(plants, question);
            for (int i : open) {
                boolean fits = marking.score(i, Band.FITS_IF_TO) != Marking.RULED_OUT;
                breadth[i] += fits ? 1f / PLACES : 0;
            }
        }
        return breadth;
    }

    /** By the plant itself: one that was changed is another. */
    private static Map<Cultivar, Float> known(Catalogue before) {
        Map<Cultivar, Float> known = new IdentityHashMap<>();
        float[] had = before == null ? null : before.breadth();
        for (int i = 0; had != null && i < had.length; i++) {
            known.put(before.plants[i], had[i]);
        }
        return known;
    }

    private static List<Question> places() {
        Random random = new Random(SEED);
        List<Question> places = new ArrayList<>(PLACES);
        for (int k = 0; k < PLACES; k++) {
            places.add(new Question(place(random), Wants.NOTHING, Policy.STANDARD));
        }
        return List.copyOf(places);
    }

    private static SiteConditions place(Random random) {
        java.util.Map<String, Object> site = new java.util.HashMap<>();
        site.put("zone", (3 + bell(random, 8)) + (random.nextBoolean() ? "a" : "b"));
        double sun = bell(random, 10);
        site.put("sunHours", sun);
        site.put("hotHours", Math.min(4, sun * random.nextDouble() / 2));
        site.put("hotSummer", random.nextInt(4) == 0);
        site.put(
                "texture",
                List.of("sand", "sandy loam", "loam", "clay loam", "clay").get(bell(random, 5)));
        site.put("drainage", List.of("poor", "slow", "good", "fast").get(bell(random, 4)));
        site.put("moisture", 1 + bell(random, 9) / 2.0);
        site.put("ph", 4.5 + bell(random, 8) / 2.0);
        site.put("deer", List.of("none", "some", "heavy").get(random.nextInt(3)));
        if (random.nextInt(4) == 0) {
            site.put("exposure", List.of(List.of("wind", "salt", "pollution").get(random.nextInt(3))));
        }
        return SiteReader.site(site, "", new ArrayList<>());
    }

    /** 0 to {@code below − 1}, the middle most often. */
    private static int bell(Random random, int below) {
        return (random.nextInt(below) + random.nextInt(below)) / 2;
    }
}
