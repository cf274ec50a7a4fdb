package org.yellowfit.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.Moisture;

/** How the values of a fact stand in its sentence: several of them, one of them, prices, words of a list. */
class SentencesTest {

    static Stream<Arguments> facts() {
        return Stream.of(
                told("thorns", allOf("thorns")),
                told("thorns and irritant sap", allOf("thorns", "sap")),
                told("thorns, irritant sap and heavy pollen", allOf("thorns", "sap", "pollen")),
                told("poor/slow", Fact.of("any-of", List.of(Drainage.POOR, Drainage.SLOW))),
                told("poor, slow", Fact.of("value", List.of(Drainage.POOR, Drainage.SLOW))),
                told("slightly damp", Fact.of("value", Moisture.SLIGHTLY_DAMP)),
                told("in 10 years", Fact.of("age", Amount.years(10))),
                told("in one year", Fact.of("age", Amount.years(1))),
                told("Least work: 1 minute a plant a year", Fact.of("first.least-work", Amount.minutes(1))),
                told("Least work: 2 minutes a plant a year", Fact.of("first.least-work", Amount.minutes(2))),
                told("1 m–1.5 m", Fact.of("length.range", Amount.metres(1), Amount.metres(1.5))),
                told("1 m", Fact.of("length.range", Amount.metres(1), Amount.metres(1))));
    }

    private static Arguments told(String sentence, Fact fact) {
        return Arguments.of(sentence, fact);
    }

    private static Fact allOf(String... hazards) {
        return Fact.of(
                "all-of",
                Stream.of(hazards).map(each -> Fact.of("hazard." + each)).toList());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("facts")
    void aFactIsTold(String sentence, Fact fact) {
        assertThat(Sentences.say(fact, UnitSystem.METRIC)).isEqualTo(sentence);
    }

    @ParameterizedTest(name = "{0} of a price")
    @MethodSource("prices")
    void aPriceHasTwoPlaces(double amount, String told) {
        assertThat(Sentences.amount(Amount.money(amount), UnitSystem.METRIC)).endsWith(told);
    }

    static Stream<Arguments> prices() {
        return Stream.of(Arguments.of(4.5, "4.50"), Arguments.of(16.0, "16.00"), Arguments.of(2.999, "3.00"));
    }
}
