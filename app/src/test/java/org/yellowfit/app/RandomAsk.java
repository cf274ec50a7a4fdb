package org.yellowfit.app;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.yellowfit.core.fit.Exposure;
import org.yellowfit.core.fit.Pressure;
import org.yellowfit.core.fit.Upkeep;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.serve.JobKind;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/** Places and wishes as anybody might tell them: every field within its range, every word of every list. */
public final class RandomAsk {

    /** Jobs that are not taken without a height. */
    private static final Set<JobKind> HOW_HIGH = Set.of(JobKind.HEDGE, JobKind.SCREEN);

    private RandomAsk() {}

    /** A place, of which about half is told. */
    public static Map<String, Object> site(Random random) {
        Map<String, Object> all = new HashMap<>();
        all.put("zone", (2 + random.nextInt(10)) + (random.nextBoolean() ? "a" : "b"));
        all.put("sheltered", random.nextBoolean());
        all.put("frostPocket", random.nextInt(4) == 0);
        all.put("sunHours", number(random, 0.2, 12));
        all.put("hotHours", number(random, 0, 4));
        all.put("reflectedHeat", random.nextInt(4) == 0);
        all.put("hotSummer", random.nextBoolean());
        all.put("texture", one(random, TextureClass.values()).words());
        all.put("drainage", word(random, Drainage.values()));
        all.put("ph", number(random, 3.5, 9));
        all.put("moisture", number(random, 1, 5));
        all.put("roots", random.nextInt(5) == 0);
        all.put("container", random.nextInt(4) == 0);
        all.put("depthM", number(random, 0.2, 4));
        all.put("lengthM", number(random, 0.5, 20));
        all.put("maxHeightM", number(random, 0.2, 6));
        all.put("horizonYears", 1 + random.nextInt(20));
        all.put("supportHeightM", random.nextInt(3) == 0 ? 0 : number(random, 0.5, 4));
        all.put("slopePercent", random.nextInt(60));
        all.put("exposure", words(random, Exposure.values()));
        all.put("deer", word(random, Pressure.values()));
        all.put("rabbits", word(random, Pressure.values()));
        all.put("children", random.nextBoolean());
        all.put("pets", random.nextBoolean());
        all.put("strictlyNoHazards", random.nextInt(4) == 0);
        all.put("plantingDate", "2027-0" + (3 + random.nextInt(7)) + "-10");
        all.put("firstFrost", "2027-10-1" + random.nextInt(10));
        all.put("practice", random.nextInt(3) == 0 ? words(random, Upkeep.Task.values()) : List.of());
        all.put("latitude", random.nextInt(4) == 0 ? -38 : 45);
        return some(random, all);
    }

    /** Wishes, or none. */
    public static Map<String, Object> wants(Random random) {
        Map<String, Object> all = new HashMap<>();
        all.put("kinds", words(random, Kind.values()));
        all.put("evergreen", random.nextBoolean());
        all.put("colours", List.of(random.nextBoolean() ? "gold" : "blue"));
        all.put("onlyThese", random.nextBoolean());
        all.put("bloomMonths", List.of(1 + random.nextInt(12), 1 + random.nextInt(12)));
        all.put("fragrance", random.nextBoolean());
        all.put("pollinators", random.nextBoolean());
        all.put("birds", random.nextBoolean());
        all.put("berries", random.nextBoolean());
        all.put("winterInterest", random.nextBoolean());
        all.put("maxCareMinutes", random.nextInt(60));
        all.put("maxPrice", random.nextInt(60));
        all.put("uses", words(random, Use.values()));
        all.put("habits", words(random, Habit.values()));
        all.put("heightM", List.of(number(random, 0.1, 0.5), number(random, 0.6, 3)));
        all.put("spreadM", List.of(number(random, 0.1, 0.5), number(random, 0.6, 3)));
        all.put("leafTextures", words(random, LeafTexture.values()));
        all.put("neverGenera", List.of("Buxus"));
        all.put("instead", random.nextBoolean() ? "Buxus" : "abelia-copper-bell-cord");
        all.put("show", words(random, Merit.values()));
        JobKind job = one(random, JobKind.values());
        all.put(
                "jobs",
                List.of(
                        HOW_HIGH.contains(job)
                                ? Map.of("job", Words.of(job), "heightM", number(random, 0.3, 3))
                                : Map.of("job", Words.of(job))));
        Map<String, Object> told = some(random, all);
        return random.nextBoolean() ? Map.of() : told;
    }

    /** About half of what could be told. */
    public static Map<String, Object> some(Random random, Map<String, Object> all) {
        Map<String, Object> told = new HashMap<>(all);
        all.keySet().stream().sorted().filter(any -> random.nextBoolean()).forEach(told::remove);
        return told;
    }

    public static double number(Random random, double least, double most) {
        return Numbers.rounded(least + random.nextDouble() * (most - least), 2).transform(Double::parseDouble);
    }

    public static <E> E one(Random random, E[] values) {
        return values[random.nextInt(values.length)];
    }

    public static String word(Random random, Enum<?>[] values) {
        return Words.of(one(random, values));
    }

    private static List<String> words(Random random, Enum<?>[] values) {
        return Arrays.stream(values)
                .filter(any -> random.nextInt(3) == 0)
                .<String>map(Words::of)
                .toList();
    }
}
