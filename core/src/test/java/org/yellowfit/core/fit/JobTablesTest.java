package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.JobKind;
import org.yellowfit.core.serve.Service;

/**
 * What serves each job and wish (rules L2 and L3), as tables a practitioner can read: the job, what is special of the
 * place and of the plant, how far it is met, and what is said. The numbers are worked by hand from docs/rules.md; a
 * question mark is what is not known.
 */
class JobTablesTest {

    @ParameterizedTest(name = "{0} at {1}: {2} is {3}")
    @CsvFileSource(resources = "/job-cases.csv", numLinesToSkip = 1, delimiter = ';')
    void aJob(String job, String place, String plant, String met, String says) {
        List<Problem> problems = new ArrayList<>();
        Map<String, Object> wants = Map.of("jobs", List.of(job));
        Question question = new Question(
                SiteReader.site(place(place), "", problems), SiteReader.wants(wants, "", problems), Policy.STANDARD);
        assertThat(problems).isEmpty();
        check(Advice.ask(Plants.plant(plant), question).services(), met, says);
    }

    @ParameterizedTest(name = "{0} at {1}: {2} is {3}")
    @CsvFileSource(resources = "/wish-cases.csv", numLinesToSkip = 1, delimiter = ';')
    void aWish(String wants, String place, String plant, String met, String says) {
        Question question = Advice.question(place == null ? "zone=6b" : "zone=6b " + place, wants, Policy.STANDARD);
        check(Advice.ask(Plants.plant(plant), question).services(), met, says);
    }

    private static Map<String, Object> place(String fields) {
        Map<String, Object> place = new HashMap<>(Map.of("zone", "6b"));
        for (String field : fields == null ? new String[0] : fields.split(" ")) {
            place.put(field.split("=")[0], field.split("=")[1]);
        }
        return place;
    }

    private static void check(List<Service> services, String met, String says) {
        assertThat(services).hasSize(1);
        Service service = services.get(0);
        assertThat(service.known()).as("%s", service).isEqualTo(!met.equals("?"));
        double expected = met.equals("?") ? 0.3 : Double.parseDouble(met);
        assertThat(service.met()).as("%s", service).isCloseTo(expected, within(0.0006));
        if (says != null) {
            assertThat(service.why().toString()).contains(says);
        }
    }

    @Test
    void eachJobHasEightCasesOrMore() throws java.io.IOException {
        Map<String, Integer> cases = new TreeMap<>();
        try (var in = getClass().getResourceAsStream("/job-cases.csv")) {
            new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .forEach(line -> cases.merge(line.split("[ ;]")[0].replaceAll("^pot-.*", "pot"), 1, Integer::sum));
        }
        for (JobKind kind : JobKind.values()) {
            assertThat(cases.get(kind.isPot() ? "pot" : kind.word()))
                    .as(kind.word())
                    .isGreaterThanOrEqualTo(8);
        }
    }
}
