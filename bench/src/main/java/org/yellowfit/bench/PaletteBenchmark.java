package org.yellowfit.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.palette.Aims;
import org.yellowfit.core.palette.Judged;
import org.yellowfit.core.palette.Palettes;
import org.yellowfit.core.palette.Planted;
import org.yellowfit.core.palette.Plot;
import org.yellowfit.core.palette.Suggestion;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.season.GrowingPlace;

/** A planting of the made-up catalogue judged, and the first suggestion for a bed: on one core. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class PaletteBenchmark {

    private static final double FIRST_ANSWER_S = 0.25;

    private Palettes palettes;
    private List<Plot> plots;
    private Aims aims;
    private List<Planted> planted;

    @Setup
    public void prepare() throws IOException {
        palettes = new Palettes(Catalogue.of(DrawingBenchmark.read()));
        Question question = new Question(
                SiteReader.site(Map.of("zone", "6b", "sunHours", 6.0), "", new ArrayList<>()),
                SiteReader.wants(Map.of("bloomMonths", List.of(5, 6, 7, 8, 9)), "", new ArrayList<>()),
                Policy.STANDARD);
        GrowingPlace place =
                GrowingPlace.of(Optional.of(HardinessZone.parse("6b"))).withSun(6.0);
        plots = List.of(new Plot("A", 12, 2.0, question, place));
        aims = Aims.read(new InputReader(
                Map.of(
                        "months",
                        List.of(4, 5, 6, 7, 8, 9, 10),
                        "evergreenShare",
                        0.3,
                        "layers",
                        List.of("back", "middle", "front"),
                        "scheme",
                        "near"),
                "",
                new ArrayList<>()));
        Suggestion found = palettes.suggest(plots, aims, Set.of(), List.of(), 1);
        planted = found.best().orElseThrow().plants().stream()
                .map(each -> new Planted(each.plant().id(), each.patch(), each.count()))
                .toList();
    }

    @Benchmark
    public Judged judge() {
        return palettes.judge(plots, planted, aims);
    }

    @Benchmark
    public Suggestion firstAnswer() {
        return palettes.suggest(plots, aims, Set.of(), List.of(), FIRST_ANSWER_S);
    }
}
