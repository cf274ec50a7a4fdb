package org.yellowfit.app.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.kept;
import static org.yellowfit.app.Screens.text;
import static org.yellowfit.app.Screens.told;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.people.People;
import org.yellowfit.app.takeaway.PlantList;
import org.yellowfit.core.plant.Cultivar;

/** Two people at one visit: what both did is there afterwards, and where both meant the same thing both are told. */
@ExtendWith(RunningApp.class)
class MeanwhileTest {

    private static final int PEOPLE = 4;

    @Test
    void soilReadingsOfTwoComeTogetherAndOneOfThemIsAskedWhereBothReadTheSame(RunningApp app) throws Exception {
        Screens ada = Screens.of(app);
        Screens ben = ada.as(Screens.OTHER);
        Visit visit = ada.visit(Map.of("place", "Two at the soil", "units", "METRIC"));
        String page = "/visits/" + visit.id() + "/soil";
        String seen = String.valueOf(visit.version());
        ada.post(page, Map.of("version", seen, "fallCm", "6", "fallMinutes", "60"));
        MvcTestResult other = ben.post(page, Map.of("version", seen, "phReadings", "6.4"));
        assertThat(told(other)).contains("Ada Quillfeather meanwhile changed fall cm");
        Visit both = ada.again(visit.id());
        assertThat(kept(both, "soil.fallCm")).isEqualTo("6");
        assertThat(kept(both, "soil.phReadings")).isEqualTo("6.4");
        MvcTestResult same = ada.post(page, Map.of("version", seen, "phReadings", "7.1"));
        assertThat(same).hasStatus(409);
        assertThat(text(same))
                .contains("Ben Ottershaw meanwhile set ph readings to “6.4”", "value=\"7.1\"", "Nothing is saved yet");
        assertThat(kept(ada.again(visit.id()), "soil.phReadings")).isEqualTo("6.4");
    }

    @Test
    void hoursTickedByTwoAreTickedTogether(RunningApp app) {
        Screens ada = Screens.of(app);
        Screens ben = ada.as(Screens.OTHER);
        Visit visit = ada.visit(
                Map.of("place", "Two at the sun", "at.latitude", "52", "at.longitude", "0", "at.utcOffset", "0"));
        String page = "/visits/" + visit.id() + "/sun";
        String begun = String.valueOf(visit.version());
        ada.post(page, Map.of("version", begun, "m6", "9|10"));
        String seen = String.valueOf(ada.again(visit.id()).version());
        ada.post(page, Map.of("version", seen, "m6", "9|10|11"));
        MvcTestResult used = ben.post(page, Map.of("version", seen, "m6", "8|9", "use", "true"));
        assertThat(told(used)).contains("Ada Quillfeather ticked hours too");
        assertThat(kept(ben.again(visit.id()), "seen.6"))
                .as("11 was added by one, 8 by the other, 10 taken out by one")
                .isEqualTo("8|9|11");
        assertThat(kept(ben.again(visit.id()), "site.sunHours"))
                .as("not used before both are looked at")
                .isEmpty();
    }

    @Test
    void whatWasTriedOutDoesNotUndoWhatAnotherTold(RunningApp app) {
        Screens ada = Screens.of(app);
        Screens ben = ada.as(Screens.OTHER);
        Visit visit = ada.visit(Map.of("place", "Two at the dials", "units", "METRIC", "site.ph", "6.5"));
        String seen = String.valueOf(visit.version());
        ben.post("/visits/" + visit.id() + "/what-if", Map.of("version", seen, "ph", "7.2"));
        MvcTestResult late =
                ada.post("/visits/" + visit.id() + "/what-if", Map.of("version", seen, "ph", "5.5", "moisture", "4"));
        assertThat(told(late)).contains("Ben Ottershaw meanwhile set ph to “7.2”; here stands “5.5”");
        assertThat(kept(ada.again(visit.id()), "site.ph")).isEqualTo("7.2");
        MvcTestResult beside = ada.post("/visits/" + visit.id() + "/what-if", Map.of("version", seen, "moisture", "4"));
        assertThat(told(beside)).contains("The site now has what you tried out", "Ben Ottershaw meanwhile changed ph");
        assertThat(kept(ada.again(visit.id()), "site.moisture")).isEqualTo("4");
    }

    @Test
    void aStationIsNotTakenOverAZoneThatAnotherTold(RunningApp app) {
        Screens ada = Screens.of(app);
        Screens ben = ada.as(Screens.OTHER);
        Visit visit = ada.visit(Map.of("place", "Two at the climate"));
        String station = app.bean(Stations.class).usual().orElseThrow().id().toString();
        String seen = String.valueOf(visit.version());
        app.bean(Visits.class)
                .put(
                        visit.id(),
                        VisitForm.check(Map.of("site.zone", "9a"), visit.answers())
                                .edit(),
                        ben.who().displayName());
        String page = "/visits/" + visit.id() + "/climate";
        assertThat(told(ada.post(page, Map.of("version", seen, "station", station))))
                .contains("Ben Ottershaw meanwhile set zone to “9a”");
        assertThat(kept(ada.again(visit.id()), "site.zone")).isEqualTo("9a");
        String now = String.valueOf(ada.again(visit.id()).version());
        ada.post(page, Map.of("version", now, "station", station));
        assertThat(kept(ada.again(visit.id()), "site.zone")).isNotEqualTo("9a");
    }

    @Test
    void plantsPutAsideByFourAtOnceAreAllPutAside(RunningApp app) throws Exception {
        Screens ada = Screens.of(app);
        Visit visit = ada.visit(Map.of("place", "Four at the list"));
        List<String> plants = somePlants(app, 24);
        atOnce(person -> every(plants, person).stream()
                .map(plant -> ada.post("/visits/" + visit.id() + "/passed/" + plant, Map.of()))
                .toList());
        assertThat(ada.again(visit.id()).passed()).containsExactlyInAnyOrderElementsOf(plants);
    }

    @Test
    void aPlantPutOnTheListByFourAtOnceStandsThereOnce(RunningApp app) throws Exception {
        Screens ada = Screens.of(app);
        Visit visit = ada.visit(Map.of("place", "Four at the take-away"));
        List<String> plants = somePlants(app, 12);
        atOnce(person -> ada.post("/visits/" + visit.id() + "/list", Map.of("plant", String.join("|", plants))));
        assertThat(app.bean(PlantList.class).of(visit.id()))
                .extracting(line -> line.plant().id())
                .containsExactlyElementsOf(plants);
    }

    @Test
    void aNameAskedForByFourAtOnceIsGivenOnce(RunningApp app) throws Exception {
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        Map<String, String> form = Map.of("username", "p4race", "displayName", "Nell Pursewarden", "role", "ADVISOR");
        List<Integer> answers = atOnce(
                person -> manager.post("/settings/people", form).getResponse().getStatus());
        assertThat(answers).containsExactlyInAnyOrder(302, 422, 422, 422);
        assertThat(app.bean(People.class).all())
                .filteredOn(person -> person.username().equals("p4race"))
                .hasSize(1);
    }

    private static List<String> somePlants(RunningApp app, int many) {
        return app.bean(CatalogueStore.class).labels().stream()
                .map(Cultivar::id)
                .limit(many)
                .toList();
    }

    private static List<String> every(List<String> plants, int person) {
        return IntStream.range(0, plants.size())
                .filter(i -> i % PEOPLE == person)
                .mapToObj(plants::get)
                .toList();
    }

    private static <T> List<T> atOnce(IntFunction<T> act) throws Exception {
        CyclicBarrier together = new CyclicBarrier(PEOPLE);
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        try {
            List<Callable<T>> all = new ArrayList<>();
            for (int person = 0; person < PEOPLE; person++) {
                int who = person;
                all.add(() -> {
                    together.await();
                    return act.apply(who);
                });
            }
            List<T> given = new ArrayList<>();
            for (Future<T> one : people.invokeAll(all)) {
                given.add(one.get());
            }
            return given;
        } finally {
            people.shutdown();
        }
    }
}
