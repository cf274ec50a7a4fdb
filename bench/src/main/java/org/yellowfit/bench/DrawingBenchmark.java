package org.yellowfit.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.yellowfit.app.drawing.PlantSketch;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.plant.PlantScene;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/** One portrait after another through the made-up catalogue and the months, and a border of 120 plants: on one core. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class DrawingBenchmark {

    private static final int KINDS = 12;
    private static final int PLANTS = 120;
    private static final double UNITS_PER_M = 90;

    private List<Cultivar> plants;
    private List<PlantScene.Placed> border;
    private int next;

    @Setup
    public void prepare() throws IOException {
        plants = read();
        border = new ArrayList<>();
        for (int i = 0; i < PLANTS; i++) {
            Cultivar plant = plants.get(i % KINDS * 37 % plants.size());
            PlantState state = PlantState.inMonth(plant, 8, 6, GrowingPlace.ANYWHERE);
            border.add(new PlantScene.Placed(plant, state, GrowingPlace.ANYWHERE, i % 20 * 0.6, -(i / 20) * 0.5, i));
        }
    }

    @Benchmark
    public PlantSketch card() {
        return draw(Detail.CARD);
    }

    @Benchmark
    public PlantSketch page() {
        return draw(Detail.PAGE);
    }

    @Benchmark
    public String border() {
        return PlantScene.front(border, UNITS_PER_M, "b-");
    }

    private PlantSketch draw(Detail detail) {
        Cultivar plant = plants.get(next++ % plants.size());
        PlantState state = PlantState.inMonth(plant, 10, 1 + next % 12, GrowingPlace.ANYWHERE);
        return PlantSketch.of(plant, state, GrowingPlace.ANYWHERE, detail);
    }

    static List<Cultivar> read() throws IOException {
        try (var in = PlantSketch.class.getResourceAsStream("/demo/catalogue.csv")) {
            CsvTable table = CsvTable.read(new String(in.readAllBytes(), StandardCharsets.UTF_8), 5000);
            List<Cultivar> read = new ArrayList<>();
            for (CsvTable.Row row : table.rows()) {
                Map<String, String> cells = new HashMap<>();
                for (int k = 0; k < table.header().size(); k++) {
                    cells.put(table.header().get(k), CsvTable.cell(row, k));
                }
                read.add(Cultivar.ofCells(cells));
            }
            return read;
        }
    }
}
