package org.yellowfit.app.plants;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.plant.Cultivar;

/** The made-up catalogue as the fit reads it, without the application. */
final class DemoPlants {

    private DemoPlants() {}

    static Catalogue catalogue() throws IOException {
        try (var in = DemoPlants.class.getResourceAsStream("/demo/catalogue.csv")) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            CsvTable table = CsvTable.read(text, 5000);
            List<Cultivar> plants = new ArrayList<>();
            for (CsvTable.Row row : table.rows()) {
                Map<String, String> cells = new HashMap<>();
                for (int k = 0; k < table.header().size(); k++) {
                    cells.put(table.header().get(k), CsvTable.cell(row, k));
                }
                plants.add(Cultivar.ofCells(cells));
            }
            Catalogue catalogue = Catalogue.of(plants);
            catalogue.findSpecialists(null);
            return catalogue;
        }
    }
}
