package org.yellowfit.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
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
import org.yellowfit.core.care.CareCalendar;
import org.yellowfit.core.care.CarePlace;
import org.yellowfit.core.care.ToCareFor;
import org.yellowfit.core.climate.Frosts;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.records.SizeCalibration;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.soil.TextureGroup;

/** Twenty thousand records of two thousand plants in two hundred places learnt from; two years of care for forty kinds. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class RecordsBenchmark {

    private final List<SizeCalibration.Observation> records = new ArrayList<>();
    private List<ToCareFor> plants;
    private CarePlace place;

    @Setup
    public void generate() {
        Random random = new Random(20);
        for (int i = 0; i < 20_000; i++) {
            records.add(new SizeCalibration.Observation(
                    "plant " + random.nextInt(2000),
                    "place " + random.nextInt(200),
                    1,
                    Math.exp(random.nextGaussian() * 0.3)));
        }
        plants = GeneratedCatalogue.of(40, 9).stream()
                .map(plant -> new ToCareFor(plant, 5, "2 l", false))
                .toList();
        Optional<HardinessZone> zone = Optional.of(HardinessZone.parse("6b"));
        place = new CarePlace(
                GrowingPlace.of(zone), Frosts.estimate(zone, 45.0), null, TextureGroup.LOAM, 3.0, false, null);
    }

    @Benchmark
    public SizeCalibration calibrate() {
        return SizeCalibration.of(records);
    }

    @Benchmark
    public CareCalendar calendar() {
        return CareCalendar.of(place, plants, LocalDate.of(2027, 5, 5), 2);
    }
}
