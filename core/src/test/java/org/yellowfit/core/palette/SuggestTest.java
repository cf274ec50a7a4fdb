package org.yellowfit.core.palette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.Plants;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.plant.Cultivar;

/** The best planting against all there are, on small made-up catalogues. */
class SuggestTest {

    private static final int TRIES = 150;
    /** Also where much else runs. */
    private static final double LONG_ENOUGH_S = 5;

    private static List<Cultivar> plants(Random chance, int count) {
        List<Cultivar> plants = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int month = 3 + chance.nextInt(7);
            plants.add(Beds.plant(
                    "p" + i,
                    "persistence=" + Plants.one(chance, "herbaceous", "evergreen") + " height10_m="
                            + Plants.one(chance, "0.15", "0.4", "0.9", "1.8") + " spread10_m="
                            + Plants.one(chance, "0.3", "0.6", "1.2") + " moisture="
                            + Plants.one(chance, "1..2", "2..4", "4..5") + " leaf_texture="
                            + Plants.one(chance, "fine", "medium", "bold") + " leaf_shape="
                            + Plants.one(chance, "ovate", "lance") + " merits=flower:"
                            + (1 + chance.nextInt(3)) + " bloom=" + month + ".1.." + (month + 1) + ".3 flower_colours="
                            + Plants.one(chance, "white#ffffff", "red#c0282d", "blue#4f6fc0")));
        }
        return plants;
    }

    private static Aims aims(Random chance) {
        return Beds.aims(
                "months",
                List.of(5, 6, 7, 8, 9),
                "evergreenShare",
                chance.nextInt(10) / 10.0,
                "kinds",
                List.of(1 + chance.nextInt(2), 3),
                "layers",
                List.of("back", "middle", "front"),
                chance.nextBoolean() ? "colours" : "ignored",
                List.of("white", "blue"),
                chance.nextBoolean() ? "budget" : "ignored",
                40 + chance.nextInt(200));
    }

    @Test
    void nothingIsBetterThanWhatIsProved() {
        Random chance = new Random(5);
        int found = 0;
        for (int i = 0; i < TRIES; i++) {
            List<Cultivar> plants = plants(chance, 8);
            Aims aims = aims(chance);
            List<Plot> grounds = List.of(Beds.ground("A", 2 + chance.nextInt(10)));
            Palettes palettes = new Palettes(Catalogue.of(plants));
            Suggestion suggestion = palettes.suggest(grounds, aims, Set.of(), List.of(), 20);
            double best = bruteForce(palettes, grounds, plants, aims);
            assertThat(suggestion.best().isPresent()).as("try %d", i).isEqualTo(best >= 0);
            if (best >= 0) {
                found++;
                assertThat(suggestion.proved()).as("try %d", i).isTrue();
                assertThat(suggestion.best().get().score()).as("try %d", i).isEqualTo(best, within(1e-9));
                assertThat(suggestion.bound()).as("try %d", i).isGreaterThanOrEqualTo(best);
            }
        }
        assertThat(found).isGreaterThan(TRIES / 2);
    }

    /** By itself, with nothing found before: what its bounds rule out is never the best. */
    @Test
    void theProofFindsTheBestAlone() {
        Random chance = new Random(17);
        for (int i = 0; i < TRIES / 3; i++) {
            List<Cultivar> plants = plants(chance, 8);
            Aims aims = aims(chance);
            List<Plot> grounds = List.of(Beds.ground("A", 2 + chance.nextInt(10)));
            Catalogue catalogue = Catalogue.of(plants);
            List<Member> pool = Member.numbered(Pool.of(catalogue, grounds, aims, Set.of()));
            Scoring scoring = new Scoring(grounds, aims, pool.size());
            Proof proof = new Proof(scoring, pool, List.of(), null, Long.MAX_VALUE).run();
            double best = bruteForce(new Palettes(catalogue), grounds, plants, aims);
            assertThat(proof.best() == null ? -1 : proof.best().score())
                    .as("try %d", i)
                    .isEqualTo(best, within(1e-9));
        }
    }

    /** Every one to three of them, by the same judge; −1 when each breaks something. */
    private static double bruteForce(Palettes palettes, List<Plot> grounds, List<Cultivar> plants, Aims aims) {
        double best = -1;
        for (int mask = 1; mask < 1 << plants.size(); mask++) {
            if (Integer.bitCount(mask) <= aims.mostKinds()) {
                List<Planted> planted = new ArrayList<>();
                for (int i = 0; i < plants.size(); i++) {
                    if ((mask >> i & 1) == 1) {
                        planted.add(Beds.planted(plants.get(i).id(), 0));
                    }
                }
                Judged judged = palettes.judge(grounds, planted, aims);
                best = judged.breaks().isEmpty() ? Math.max(best, judged.score()) : best;
            }
        }
        return best;
    }

    @Test
    void judgingWhatIsSuggestedSaysTheSameToTheLastDigit() {
        Random chance = new Random(8);
        for (int i = 0; i < 20; i++) {
            List<Cultivar> plants = plants(chance, 30);
            Aims aims = aims(chance);
            List<Plot> grounds = List.of(Beds.ground("A", 6), Beds.ground("B", 4, Map.of("moisture", 3)));
            Palettes palettes = new Palettes(Catalogue.of(plants));
            Suggestion suggestion = palettes.suggest(grounds, aims, Set.of(), List.of(), 0.15);
            suggestion.best().ifPresent(best -> {
                List<Planted> again = best.plants().stream()
                        .map(each -> new Planted(each.plant().id(), each.patch(), null))
                        .toList();
                Judged judged = palettes.judge(grounds, again, aims);
                assertThat(judged.score()).isEqualTo(best.score());
                assertThat(judged.breaks()).isEmpty();
                assertThat(suggestion.bound()).isGreaterThanOrEqualTo(best.score());
            });
        }
    }

    @Test
    void whatWasChosenStaysAndTheOthersDiffer() {
        List<Cultivar> plants = plants(new Random(3), 40);
        Aims aims = Beds.aims("months", List.of(4, 5, 6, 7, 8, 9), "kinds", List.of(4, 6));
        List<Planted> keep = List.of(Beds.planted("p7", 0));
        Suggestion suggestion = new Palettes(Catalogue.of(plants))
                .suggest(List.of(Beds.ground("A", 12)), aims, Set.of(), keep, LONG_ENOUGH_S);
        List<String> best = ids(suggestion.best().orElseThrow());
        assertThat(best).contains("p7");
        assertThat(suggestion.others()).hasSize(2);
        for (Judged other : suggestion.others()) {
            List<String> ids = ids(other);
            assertThat(ids).contains("p7");
            assertThat(ids.stream().filter(best::contains).count())
                    .isLessThanOrEqualTo(Math.max(1, Math.min(ids.size(), best.size()) / 2));
        }
    }

    private static List<String> ids(Judged judged) {
        return judged.plants().stream().map(each -> each.plant().id()).toList();
    }

    @Test
    void aimsThatCannotBeMetTogetherAreToldWithWhatToGiveUp() {
        List<Cultivar> plants = plants(new Random(3), 20);
        Suggestion suggestion = new Palettes(Catalogue.of(plants))
                .suggest(List.of(Beds.ground("A", 12)), Beds.aims("budget", 1), Set.of(), List.of(), 0.2);
        assertThat(suggestion.best()).isEmpty();
        assertThat(suggestion.giveUp())
                .anySatisfy(fact -> assertThat(fact.key()).isEqualTo("palette.give-up.budget"));
    }

    /** A plant that breaks nothing and shows in a month never makes the season worse. */
    @Test
    void oneMoreShowingPlantNeverLowersTheSeason() {
        Random chance = new Random(11);
        Aims aims = Beds.aims("months", List.of(3, 4, 5, 6, 7, 8, 9, 10));
        for (int i = 0; i < 60; i++) {
            List<Cultivar> plants = plants(chance, 6);
            Palettes palettes = new Palettes(Catalogue.of(plants));
            List<Planted> planted = new ArrayList<>();
            double last = 0;
            for (Cultivar each : plants) {
                planted.add(Beds.planted(each.id(), 0));
                double season = palettes.judge(List.of(Beds.ground("A", 20)), planted, aims)
                        .parts()
                        .get(Quality.SEASON);
                assertThat(season).isGreaterThanOrEqualTo(last);
                last = season;
            }
        }
    }
}
