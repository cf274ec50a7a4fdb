package org.yellowfit.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.climate.MadeUpStation;
import org.yellowfit.core.climate.StationFile;
import org.yellowfit.core.light.CellGrid;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.light.LightField;
import org.yellowfit.core.light.LightStudy;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.light.Obstacle;
import org.yellowfit.core.light.ShadowPicture;
import org.yellowfit.core.light.SunPosition;

/** A sun study of twelve months at ten-minute steps, one shadow frame, and a thirty-year record: on one core. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SiteBenchmark {

    private static final List<Integer> YEAR =
            IntStream.rangeClosed(1, 12).boxed().toList();

    @Param({"2400"})
    public int cells;

    @Param({"12"})
    public int obstacles;

    private LightStudy study;
    private CellGrid ground;
    private String record;

    @Setup
    public void prepare() {
        Random chance = new Random(7);
        List<Obstacle> list = new ArrayList<>();
        for (int i = 0; i < obstacles; i++) {
            double x = chance.nextDouble() * 40 - 5;
            double y = chance.nextDouble() * 30 - 5;
            list.add(
                    switch (i % 4) {
                        case 0 ->
                            new Obstacle.Block(
                                    "house", new double[][] {{x, y}, {x + 6, y}, {x + 6, y + 5}, {x, y + 5}}, 5);
                        case 1 ->
                            new Obstacle.Wall(
                                    "fence", new double[][] {{x, y}, {x + 8, y + 1}}, 1.8, 0.0, null, Set.of());
                        case 2 ->
                            new Obstacle.Tree("tree", x, y, 9, 3, 2, CrownFoliage.DECIDUOUS, Set.of(5, 6, 7, 8, 9, 10));
                        default ->
                            new Obstacle.Roof(
                                    "awning", new double[][] {{x, y}, {x + 3, y}, {x + 3, y + 2}, {x, y + 2}}, 2.6, 0);
                    });
        }
        study = new LightStudy(new Location(45.6, -61.4, -4), 0, 2026, 10, 0, list);
        double side = Math.sqrt(cells / 1.5) * 0.5;
        ground = CellGrid.of(new double[][] {{0, 0}, {side * 1.5, 0}, {side * 1.5, side}, {0, side}}, 0.5);
        record = MadeUpStation.HARBOUR.csv(1995, 2024);
    }

    @Benchmark
    public LightField study() {
        return study.over(ground, YEAR);
    }

    @Benchmark
    public ShadowPicture frame() {
        return ShadowPicture.of(study.obstacles(), new SunPosition(140, 32), 0, 6);
    }

    @Benchmark
    public ClimateSummary record() {
        return ClimateSummary.of(StationFile.read(record, false), 45.6);
    }
}
