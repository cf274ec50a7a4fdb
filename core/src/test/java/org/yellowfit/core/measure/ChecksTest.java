package org.yellowfit.core.measure;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.fit.LightConditions;
import org.yellowfit.core.fit.SoilConditions;
import org.yellowfit.core.light.Obstacle;
import org.yellowfit.core.light.SunPosition;
import org.yellowfit.core.site.FeatureKind;
import org.yellowfit.core.site.SpotLimit;
import org.yellowfit.core.soil.JarTest;
import org.yellowfit.core.soil.MoistureEstimate;
import org.yellowfit.core.takeoff.Count;
import org.yellowfit.core.takeoff.School;

/** Values refuse numbers they cannot hold, and say which, how much and in what unit. */
class ChecksTest {

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, -0.1, 1.1})
    void aShareLiesBetweenNothingAndAll(double value) {
        assertThatThrownBy(() -> Checks.share("The leaves", value))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("The leaves (" + value + ")");
    }

    @Test
    void theLastDigitOfASumMayCarryAShareOver() {
        assertThatCode(() -> Checks.share("The leaves", 0.1 + 0.2 + 0.7 + 1e-12))
                .doesNotThrowAnyException();
    }

    static Stream<Arguments> refused() {
        return Stream.of(
                arguments("The sand (101.0) must be between 0 and 100 %.", () -> new JarTest(101, 0, 0)),
                arguments("The moisture (0.5) must be between 1 and 5.", () -> new MoistureEstimate(0.5, List.of())),
                arguments("The sun’s altitude (90.5)", () -> new SunPosition(10, 90.5)),
                arguments("The sun’s azimuth (NaN)", () -> new SunPosition(Double.NaN, 10)),
                arguments("The height (-1.0 m)", () -> new Obstacle.Block("house", new double[0][], -1)),
                arguments(
                        "The crown’s radius (NaN m)",
                        () -> new Obstacle.Tree("tree", 0, 0, 5, Double.NaN, 1, null, Set.of())),
                arguments("The light that passes (1.5)", () -> new Obstacle.Roof("awning", new double[0][], 2, 1.5)),
                arguments(
                        "The height limit (-0.2 m)",
                        () -> new SpotLimit(-0.2, FeatureKind.WINDOW, Fact.of("drawn.sill", "window"))),
                arguments(
                        "The spacing (NaN)",
                        () -> new Count(School.MATURE, Double.NaN, 3, java.util.OptionalInt.empty())),
                arguments("The hours of sun (25.0)", () -> new LightConditions(25.0, null, null, null)),
                arguments("The soil pH (2.0)", () -> new SoilConditions(null, null, 2.0, null, null, null, null)),
                arguments("The lightness (1.2)", () -> new OkLab(1.2, 0, 0)),
                arguments("The amount (NaN)", () -> Amount.metres(Double.NaN)));
    }

    private static Arguments arguments(String message, ThrowingCallable making) {
        return Arguments.of(message, making);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("refused")
    void aValueRefusesWhatItCannotHold(String message, ThrowingCallable making) {
        assertThatThrownBy(making).isInstanceOf(IllegalArgumentException.class).hasMessageContaining(message);
    }
}
