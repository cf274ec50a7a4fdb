package org.yellowfit.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.yellowfit.core.plant.Cultivar;

/** Any number of plausible cultivars from a seed: the same seed gives the same catalogue. */
final class GeneratedCatalogue {

    private static final String[] GENERA = {
        "Hydrangea",
        "Geranium",
        "Acer",
        "Salvia",
        "Carex",
        "Hosta",
        "Juniperus",
        "Panicum",
        "Viburnum",
        "Aster",
        "Spiraea"
    };
    private static final String[] ADJECTIVES = {"Tarred", "Salted", "Pewter", "Oaken", "Copper", "Woollen", "Chalky"};
    private static final String[] THINGS = {
        "Ladle", "Capstan", "Anvil", "Trivet", "Halyard", "Mallet", "Basin", "Tiller", "Funnel", "Spool", "Bollard",
        "Sieve", "Awl"
    };

    private GeneratedCatalogue() {}

    static List<Cultivar> of(int count, long seed) {
        Random random = new Random(seed);
        List<Cultivar> plants = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            plants.add(Cultivar.ofCells(cells(random, i)));
        }
        return plants;
    }

    /** The same cultivars as rows of the open format. */
    static Map<String, String> cells(Random r, int i) {
        Map<String, String> cells = new LinkedHashMap<>();
        String kind =
                one(r, "tree", "shrub", "shrub", "conifer", "perennial", "perennial", "perennial", "grass", "annual");
        boolean annual = kind.equals("annual");
        boolean woody = List.of("tree", "shrub", "conifer").contains(kind);
        double height = kind.equals("tree") ? 4 + r.nextInt(80) / 10.0 : 0.2 + r.nextInt(18) / 10.0;
        double live = r.nextInt(6);
        int zone = 2 + r.nextInt(7);
        cells.put("id", "generated-" + i);
        cells.put("botanical", GENERA[i % GENERA.length] + " species" + i % 977);
        cells.put("cultivar", ADJECTIVES[i / 31 % ADJECTIVES.length] + " " + THINGS[i % THINGS.length] + " " + i);
        cells.put("kind", kind);
        cells.put("habit", one(r, "mound", "upright", "columnar", "globe", "spreading"));
        cells.put("persistence", annual ? "annual" : woody ? one(r, "evergreen", "deciduous") : "herbaceous");
        cells.put("height10_m", text(height) + ".." + text(height * 1.2));
        cells.put("spread10_m", text(height * 0.8));
        cells.put("height_max_m", text(height * 1.6));
        cells.put("zone_min", zone + one(r, "a", "b"));
        cells.put("zone_max", (zone + 4) + one(r, "a", "b"));
        cells.put("sun_live_h", text(live));
        cells.put("sun_flower_h", text(live + 1));
        cells.put("sun_max_h", text(live + 5 + r.nextInt(6)));
        cells.put("texture", one(r, "sand|loam", "loam|clay", "sand|loam|clay"));
        cells.put("drainage", one(r, "poor|slow", "slow|good", "good|fast", "slow|good|fast"));
        cells.put("moisture", one(r, "1..3", "2..4", "3..5"));
        cells.put("ph", one(r, "4.5..6.5", "5.5..7.5", "6..8"));
        cells.put("deer", one(r, "resistant", "sometimes", "favourite"));
        cells.put("hazards", one(r, "none", "none", "thorns", "toxic-people|toxic-pets"));
        cells.put("flower_colours", one(r, "pink#e39bb5", "white#f5f3ea", "blue#5b75c4"));
        cells.put("bloom", one(r, "4.1..5.2", "6.2..8.1", "8.1..9.3"));
        cells.put("bloom_zone", "6b");
        return cells;
    }

    private static String text(double value) {
        return String.valueOf(Math.rint(value * 100) / 100);
    }

    private static String one(Random r, String... of) {
        return of[r.nextInt(of.length)];
    }
}
