package org.yellowfit.core;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.yellowfit.core.plant.Cultivar;

/** Plants for tests: one from a few cells over plain defaults, or many by chance from a seed. */
public final class Plants {

    private static final String DEFAULTS =
            "merits=flower:2|leaf:2|fruit:2 id=test-plant botanical=Testa+plana kind=shrub habit=mound persistence=deciduous height10_m=1 spread10_m=1 "
                    + "zone_min=4a zone_max=9b sun_live_h=3 sun_flower_h=4 sun_max_h=14 hot_sun_max_h=4 texture=sand|loam|clay drainage=slow|good "
                    + "moisture=2..4 ph=5.5..7.5 leaf_summer=green#4f7a3a deer=resistant rabbit=resistant hazards=none stands=wind|salt|juglone|pollution "
                    + "hard_prune=no flower_wood=new";

    private Plants() {}

    /** Cells as {@code column=value}, blanks within a value written as +; a column set to nothing is unknown. */
    public static Cultivar plant(String cells) {
        Map<String, String> all = new LinkedHashMap<>();
        put(all, DEFAULTS);
        put(all, cells);
        return Cultivar.ofCells(all);
    }

    private static void put(Map<String, String> all, String cells) {
        for (String cell : cells.isBlank() ? new String[0] : cells.trim().split("\\s+")) {
            String[] parts = cell.split("=", 2);
            all.put(parts[0], parts[1].replace('+', ' '));
        }
    }

    public static List<Cultivar> random(int count, long seed) {
        Random random = new Random(seed);
        List<Cultivar> plants = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            plants.add(randomPlant(random, i));
        }
        return plants;
    }

    private static Cultivar randomPlant(Random r, int i) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("id", "plant-" + i);
        cells.put("botanical", "Genus species" + i);
        cells.put("kind", one(r, "tree", "shrub", "conifer", "perennial", "grass", "annual"));
        cells.put("habit", one(r, "mound", "columnar", "upright"));
        cells.put(
                "persistence",
                cells.get("kind").equals("annual") ? "annual" : one(r, "evergreen", "deciduous", "herbaceous"));
        double height = 0.1 + r.nextInt(60) / 10.0;
        cells.put("height10_m", height + ".." + (height + r.nextInt(10) / 10.0));
        cells.put("spread10_m", String.valueOf(0.1 + r.nextInt(30) / 10.0));
        maybe(r, cells, "height_max_m", String.valueOf(height * 2));
        cells.put("zone_min", (1 + r.nextInt(9)) + one(r, "a", "b"));
        maybe(r, cells, "zone_max", (10 + r.nextInt(4)) + one(r, "a", "b"));
        maybe(r, cells, "sun_live_h", String.valueOf(r.nextInt(7)));
        maybe(r, cells, "sun_flower_h", String.valueOf(r.nextInt(8)));
        maybe(r, cells, "sun_colour_h", String.valueOf(r.nextInt(8)));
        maybe(r, cells, "sun_max_h", String.valueOf(4 + r.nextInt(12)));
        maybe(r, cells, "hot_sun_max_h", String.valueOf(r.nextInt(6)));
        maybe(r, cells, "texture", one(r, "sand", "sand|loam", "loam|clay", "clay", "sand|loam|clay"));
        maybe(r, cells, "drainage", one(r, "poor|slow", "slow|good", "good|fast", "fast"));
        maybe(r, cells, "moisture", one(r, "1..2", "2..4", "3..5"));
        maybe(r, cells, "drought", one(r, "yes", "no"));
        maybe(r, cells, "ph", one(r, "4.5..6", "5.5..7.5", "6.5..8"));
        maybe(r, cells, "deer", one(r, "resistant", "sometimes", "favourite"));
        maybe(r, cells, "rabbit", one(r, "resistant", "sometimes", "favourite"));
        maybe(r, cells, "hazards", one(r, "none", "thorns", "toxic-people|toxic-pets", "sap", "pollen"));
        maybe(r, cells, "stands", one(r, "wind|salt", "pollution", "juglone|wind"));
        maybe(r, cells, "dislikes", one(r, "salt", "wind", "reflected-heat"));
        maybe(r, cells, "hard_prune", one(r, "yes", "no"));
        maybe(r, cells, "flower_wood", one(r, "old", "new", "none"));
        maybe(r, cells, "first_season", one(r, "yes", "no"));
        maybe(r, cells, "flower_colours", "pink#e79ab8");
        maybe(r, cells, "leaf_summer", one(r, "green#4f7a3a", "gold#d9b43a", "purple#5a2b45"));
        maybe(r, cells, "bloom", one(r, "4.1..5.2", "6.2..8.1", "11.3..1.2"));
        maybe(r, cells, "bloom_zone", "6b");
        maybe(r, cells, "care_min_year", String.valueOf(r.nextInt(60)));
        maybe(r, cells, "uses", one(r, "hedge|screen", "mass", "edging"));
        if (r.nextInt(10) == 0) {
            cells.put("partner_group", "group");
            cells.put("merits", "fruit:2");
            maybe(r, cells, "sex", one(r, "female", "male", "both"));
        }
        return Cultivar.ofCells(cells);
    }

    private static void maybe(Random r, Map<String, String> cells, String column, String value) {
        if (r.nextInt(8) != 0) {
            cells.put(column, value);
        }
    }

    public static String one(Random r, String... of) {
        return of[r.nextInt(of.length)];
    }
}
