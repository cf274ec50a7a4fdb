package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.claims.Sources;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;

/**
 * Cautious is never easier than standard, nor standard than bold, on any criterion of any plant (“The shape of every
 * answer”): over random plants, whose sources disagree about sizes at every age, hardiness, sun and browsing, at random places
 * and ages.
 */
class PolicyPropertiesTest {

    private static final double ROUNDING = 1e-9;
    private static final List<String> SIZES =
            List.of("height10_m", "spread10_m", "height_max_m", "spread_max_m", "flower_height_m");
    private static final Map<Policy, Fit> FITS = new EnumMap<>(Policy.class);

    @BeforeAll
    static void resolve() {
        Random random = new Random(11);
        Map<Policy, List<Cultivar>> under = new EnumMap<>(Policy.class);
        for (Cultivar label : Plants.random(300, 12)) {
            Sources sources = Sources.of(label, claims(random, label));
            for (Policy policy : Policy.values()) {
                under.computeIfAbsent(policy, any -> new ArrayList<>()).add(sources.under(policy));
            }
        }
        Catalogue usual = Catalogue.of(under.get(Policy.STANDARD));
        FITS.put(Policy.STANDARD, new Fit(usual));
        FITS.put(Policy.BOLD, new Fit(Catalogue.of(under.get(Policy.BOLD))));
        FITS.put(
                Policy.CAUTIOUS,
                new Fit(Catalogue.of(under.get(Policy.CAUTIOUS)).noSmallerThan(usual)));
    }

    private static List<Claim> claims(Random random, Cultivar label) {
        List<Claim> said = new ArrayList<>();
        for (int k = random.nextInt(4); k > 0; k--) {
            String size = Plants.one(random, SIZES.toArray(String[]::new));
            double about = size.startsWith("spread")
                    ? label.spread10().mid()
                    : label.height10().mid();
            String metres =
                    String.valueOf(Math.max(0.02, Math.round(about * (0.4 + 2 * random.nextDouble()) * 100) / 100.0));
            String age = random.nextBoolean() ? "" : String.valueOf(1 + random.nextInt(12));
            said.add(claim(random, label, size, metres, age));
        }
        said.add(claim(random, label, "zone_min", (1 + random.nextInt(8)) + "b", ""));
        said.add(claim(random, label, "sun_live_h", String.valueOf(random.nextInt(6)), ""));
        said.add(claim(random, label, "hot_sun_max_h", String.valueOf(random.nextInt(6)), ""));
        said.add(claim(random, label, "deer", Plants.one(random, "resistant", "sometimes", "favourite"), ""));
        return said;
    }

    private static Claim claim(Random random, Cultivar label, String column, String value, String age) {
        return Claim.ofCells(Map.of(
                "id",
                label.id(),
                "column",
                column,
                "value",
                value,
                "source",
                "somebody",
                "source_kind",
                Plants.one(random, "reference", "grower", "own-record"),
                "at_age_years",
                age));
    }

    static IntStream places() {
        return IntStream.range(0, 60);
    }

    @ParameterizedTest(name = "place {0}")
    @MethodSource("places")
    void theBolderTheEasier(int seed) {
        Random random = new Random(seed);
        String site =
                "zone=%d%s sunHours=%.1f hotHours=%.1f depthM=%.2f maxHeightM=%.2f horizonYears=%d deer=%s container=%s"
                        .formatted(
                                3 + random.nextInt(7),
                                Plants.one(random, "a", "b"),
                                random.nextDouble() * 9,
                                random.nextDouble() * 4,
                                0.2 + random.nextDouble() * 3,
                                0.2 + random.nextDouble() * 4,
                                1 + random.nextInt(25),
                                Plants.one(random, "none", "some", "heavy"),
                                Plants.one(random, "yes", "no"));
        Map<Policy, Map<String, Double>> scores = new EnumMap<>(Policy.class);
        FITS.forEach((policy, fit) -> scores.put(policy, scores(fit, Advice.question(site, "", policy))));
        for (String criterion : scores.get(Policy.STANDARD).keySet()) {
            assertThat(scores.get(Policy.CAUTIOUS).get(criterion))
                    .as("%s, cautious, at %s", criterion, site)
                    .isLessThanOrEqualTo(scores.get(Policy.STANDARD).get(criterion) + ROUNDING);
            assertThat(scores.get(Policy.BOLD).get(criterion))
                    .as("%s, bold, at %s", criterion, site)
                    .isGreaterThanOrEqualTo(scores.get(Policy.STANDARD).get(criterion) - ROUNDING);
        }
    }

    /** By plant and criterion. */
    private static Map<String, Double> scores(Fit fit, Question question) {
        Map<String, Double> scores = new HashMap<>();
        fit.rank(question, new Scope(List.of(), true, Scope.MOST))
                .candidates()
                .forEach(candidate -> candidate
                        .criteria()
                        .forEach(judged ->
                                scores.put(candidate.plant().id() + " " + judged.criterion(), judged.score())));
        return scores;
    }
}
