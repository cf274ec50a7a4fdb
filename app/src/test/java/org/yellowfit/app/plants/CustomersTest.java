package org.yellowfit.app.plants;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.First;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.FitResult;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.measure.UnitSystem;

/** The forty customers of docs/judgement.md, asked of the demo catalogue as an old hand would read the answers. */
class CustomersTest {

    private static final int FIRST = 5;

    private static Catalogue catalogue;

    @BeforeAll
    static void read() throws IOException {
        catalogue = DemoPlants.catalogue();
    }

    static Stream<Customer> customers() throws IOException {
        return Customer.all().stream();
    }

    @Test
    void thereAreForty() throws IOException {
        assertThat(Customer.all()).hasSize(40);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("customers")
    void theFirstFiveCouldBeHandedOver(Customer customer) {
        FitResult result = new Fit(catalogue).rank(customer.question(), Scope.best(20));
        List<String> first = result.first().stream()
                .map(each -> each.ranked().plant().name())
                .toList();
        String told = told(result);
        if (System.getProperty("customers") != null || System.getenv("CUSTOMERS") != null) {
            System.out.println("\n## " + customer + "\n" + told);
        }
        assertThat(first).as(told).hasSizeBetween(1, FIRST);
        assertThat(result.firstWhy().isPresent()).as(told).isEqualTo(first.size() < FIRST);
        assertThat(first).as(told).anyMatch(name -> isAny(name, customer.names("among the first")));
        assertThat(first).as(told).noneMatch(name -> isAny(name, customer.names("never")));
    }

    private static boolean isAny(String name, List<String> starts) {
        return starts.stream().anyMatch(name::startsWith);
    }

    private static String told(FitResult result) {
        StringBuilder told = new StringBuilder();
        for (First each : result.first()) {
            told.append("%-12s %.3f %-7s %s — %s%n"
                    .formatted(
                            each.as(),
                            each.ranked().utility(),
                            each.ranked().live(),
                            each.ranked().plant().name(),
                            Sentences.say(each.why(), UnitSystem.METRIC)));
        }
        told.append("   list: ");
        result.candidates().stream()
                .limit(12)
                .forEach(c -> told.append("%d %.2f %s; "
                        .formatted(
                                c.ranked().step(),
                                c.ranked().utility(),
                                c.plant().name())));
        return told.toString();
    }
}
