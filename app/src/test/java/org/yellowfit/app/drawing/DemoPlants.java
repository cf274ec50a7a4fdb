package org.yellowfit.app.drawing;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.plant.Cultivar;

/** The plants of the made-up catalogue, without the application. */
public final class DemoPlants {

    private static final int MOST = 5000;
    private static final int EVERY = 12;

    /** Months and years in which the kept plants are drawn. */
    public static final List<Integer> KEPT_MONTHS = List.of(1, 4, 7, 10);

    public static final List<Integer> KEPT_AGES = List.of(2, 12);

    private static final Map<String, Cultivar> BY_ID = new HashMap<>();

    private DemoPlants() {}

    /** In the order of the file. */
    public static List<Cultivar> all() throws IOException {
        try (var in = DemoPlants.class.getResourceAsStream("/demo/catalogue.csv")) {
            CsvTable table = CsvTable.read(new String(in.readAllBytes(), StandardCharsets.UTF_8), MOST);
            List<Cultivar> plants = new ArrayList<>();
            for (CsvTable.Row row : table.rows()) {
                Map<String, String> cells = new HashMap<>();
                for (int k = 0; k < table.header().size(); k++) {
                    cells.put(table.header().get(k), CsvTable.cell(row, k));
                }
                plants.add(Cultivar.ofCells(cells));
            }
            return plants;
        }
    }

    public static synchronized Cultivar named(String id) throws IOException {
        if (BY_ID.isEmpty()) {
            all().forEach(each -> BY_ID.put(each.id(), each));
        }
        return Optional.ofNullable(BY_ID.get(id)).orElseThrow();
    }

    /** Forty from all over the catalogue, whose drawings are kept to be compared. */
    public static List<Cultivar> kept() throws IOException {
        List<Cultivar> all = all();
        return IntStream.range(0, all.size() / EVERY)
                .mapToObj(i -> all.get(i * EVERY))
                .toList();
    }
}
