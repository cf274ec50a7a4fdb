package org.yellowfit.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
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
import org.yellowfit.core.bed.BedAims;
import org.yellowfit.core.bed.BedCheck;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.bed.BedYear;
import org.yellowfit.core.bed.Grouping;
import org.yellowfit.core.bed.Placement;
import org.yellowfit.core.bed.Placing;
import org.yellowfit.core.bed.PlantedAt;
import org.yellowfit.core.bed.ToPlace;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.takeoff.School;

/** A bed of 60 m² with two hundred plants placed, and 120 plants checked over twenty years. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class BedBenchmark {

    private static final List<Integer> YEARS =
            IntStream.rangeClosed(1, 20).boxed().toList();

    private BedGround ground;
    private List<ToPlace> palette;
    private List<PlantedAt> planted;

    @Setup
    public void generate() {
        double[][] outline = {{0, 0}, {20, 0}, {20, 3}, {0, 3}};
        ground = new BedGround(
                outline,
                new double[][] {{0, -1}, {20, -1}},
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                new Location(45.6, -61.4, -4),
                0);
        List<Cultivar> small = GeneratedCatalogue.of(2000, 7).stream()
                .filter(plant ->
                        plant.spread10().mid() < 0.65 && plant.spread10().mid() > 0.3)
                .limit(6)
                .toList();
        palette = new ArrayList<>();
        for (int k = 0; k < small.size(); k++) {
            Grouping grouping = k == 5 ? Grouping.SPRINKLED : Grouping.GROUP;
            palette.add(new ToPlace(small.get(k), k < 2 ? 34 : 33, grouping, null, ""));
        }
        planted = place().placed().stream().limit(120).toList();
    }

    @Benchmark
    public Placement place() {
        return Placing.place(ground, palette, new BedAims(School.QUICK_COVER, 3, Weaving.STEPPED, 10, 1));
    }

    @Benchmark
    public List<BedYear> check() {
        return BedCheck.over(ground, planted, YEARS, false);
    }

    @Benchmark
    public List<BedYear> checkWithShade() {
        return BedCheck.over(ground, planted, YEARS, true);
    }
}
