package org.yellowfit.bench;

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
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.FitResult;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.plant.Policy;

/** One whole question against a generated catalogue, on one thread: quick pass over all, words for the best twenty. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class FitBenchmark {

    @Param({"1000", "10000", "100000"})
    private int cultivars;

    private Fit fit;
    private Question usual;
    private Question everyone;
    private Question twoJobs;
    private Question threeJobs;

    @Setup
    public void generate() {
        fit = new Fit(Catalogue.of(GeneratedCatalogue.of(cultivars, 2026)));
        usual = question(Map.of(
                "zone",
                "6b",
                "sunHours",
                4.5,
                "hotHours",
                1.0,
                "texture",
                "clay loam",
                "drainage",
                "slow",
                "ph",
                6.8,
                "moisture",
                3,
                "deer",
                "some",
                "children",
                true,
                "maxHeightM",
                0.9));
        List<String> jobs = List.of("ground-cover byYear=3", "winter", "wildlife kinds=bees,butterflies");
        Map<String, Object> wishes = Map.of("colours", List.of("pink", "white"), "bloomMonths", List.of(6, 7));
        threeJobs = wanting(usual, wishes, jobs);
        twoJobs = wanting(usual, wishes, jobs.subList(0, 2));
        everyone = question(Map.of("zone", "10a", "sunHours", 6, "depthM", 9, "maxHeightM", 30));
    }

    private static Question question(Map<String, Object> site) {
        List<org.yellowfit.core.measure.Problem> problems = new ArrayList<>();
        Question question = new Question(
                SiteReader.site(new HashMap<>(site), "", problems),
                SiteReader.wants(Map.of(), "", problems),
                Policy.STANDARD);
        if (!problems.isEmpty()) {
            throw new IllegalStateException(problems.toString());
        }
        return question;
    }

    /** A place as advisors describe it, which rules most plants out early. */
    @Benchmark
    public FitResult usualPlace() {
        return fit.rank(usual, org.yellowfit.core.fit.Scope.best(20));
    }

    private static Question wanting(Question at, Map<String, Object> wishes, List<String> jobs) {
        Map<String, Object> wants = new HashMap<>(wishes);
        wants.put("jobs", jobs);
        return at.wanting(SiteReader.wants(wants, "", new ArrayList<>()));
    }

    /** Three jobs, a colour and months: ranked, the first five found. */
    @Benchmark
    public FitResult threeJobs() {
        return fit.rank(threeJobs, org.yellowfit.core.fit.Scope.best(20));
    }

    /** The same with one job less: what one more costs. */
    @Benchmark
    public FitResult twoJobs() {
        return fit.rank(twoJobs, org.yellowfit.core.fit.Scope.best(20));
    }

    /** A warm, roomy place where nearly everything has to be marked to the end. */
    @Benchmark
    public FitResult placeForNearlyAll() {
        return fit.rank(everyone, org.yellowfit.core.fit.Scope.best(20));
    }
}
