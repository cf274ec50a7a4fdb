package org.yellowfit.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Wants;

/**
 * All that is said of many plants at many places, as it was recorded: a change of a number anywhere in the rules is
 * seen here, meant or not. The rules themselves are tabled in the other tests; this one says only that something is not
 * as it was. After a change that was meant, run {@code main} and read the difference.
 */
class RecordedAnswersTest {

    private static final Path FILE = Path.of("src/test/resources/recorded-answers.csv");

    private static final List<String> SITES = List.of(
            "zone=6b sunHours=6 hotHours=2 texture=loam drainage=good ph=6.5 moisture=3 depthM=1.2 "
                    + "maxHeightM=1.5 deer=some rabbits=some children=no pets=no exposure=",
            "zone=5a frostPocket=yes sunHours=2.5 hotHours=0.5 texture=clay drainage=poor ph=7.4 "
                    + "moisture=4.5 depthM=3 children=yes pets=yes deer=heavy rabbits=heavy exposure=wind",
            "zone=8b sheltered=yes sunHours=9 hotHours=4 reflectedHeat=yes hotSummer=yes texture=sand "
                    + "drainage=fast ph=5.2 moisture=1 depthM=0.6 maxHeightM=0.8 horizonYears=4 "
                    + "exposure=salt|heat|humidity strictlyNoHazards=yes",
            "zone=7a sunHours=4.2 hotHours=1.5 hotSummer=no container=yes moisture=2 ph=8 depthM=0.5 "
                    + "maxHeightM=2 children=yes plantingDate=2027-05-10 firstFrost=2027-10-20",
            "zone=4b sunHours=3.6 texture=sandy+loam drainage=slow ph=5.8 moisture=2.4 depthM=2 lengthM=0.9 "
                    + "wallClearanceM=0.3 pathClearanceM=0.2 exposure=juglone|pollution deer=none supportHeightM=2.2",
            "zone=9b sunHours=7.5 hotHours=3.4 hotSummer=yes reflectedHeat=no texture=silt+loam "
                    + "drainage=good ph=6.9 moisture=3.6 springFrosts=60|110|180 latitude=-36 pets=yes "
                    + "exposure=road-salt|wind partners=holly practice=watered|winter-cover",
            "minTempC=-19.2 sunHours=5.1 texture=clay+loam drainage=slow ph=6.3 moisture=3.1 "
                    + "springFrosts=200|240|90|150 practice=planted-high|pruned-to-size|contained|afternoon-shade",
            "sunHours=0.5 moisture=3 practice=one-season|frost-free-winter uncertainty=",
            "zone=3a sunHours=6.4 texture=loamy+sand drainage=good ph=7.1 moisture=1.8 "
                    + "plantingDate=2027-06-01 firstFrost=2027-09-05 maxHeightM=4 depthM=4 lengthM=6 rabbits=some");

    private static final List<String> WISHES = List.of(
            "",
            "kinds=shrub|perennial evergreen=yes bloomMonths=5|6",
            "colours=pink|gold colourOf=leaf fragrance=yes pollinators=yes maxCareMinutes=8",
            "uses=hedge|screen screenHeightM=1.5 screenByYear=4 maxPrice=20 berries=yes",
            "birds=yes winterInterest=yes nativeRegion=North+America colours=blue bloomMonths=8|2");

    /** What chance does not bring: plants about which a rule has something of its own to say. */
    private static final List<String> OWN = List.of(
            "id=bigleaf botanical=Hydrangea+macrophylla zone_min=6a ph=4.5..7.5 flower_colours=blue#5b74c8 "
                    + "flower_wood=old bloom=6.2..8.1 bloom_zone=6b bloom_gdd=600",
            "id=magnolia botanical=Magnolia+stellata zone_min=5a flower_wood=old bloom=4.1..4.3 "
                    + "bloom_zone=6b fragrance=flower",
            "id=holly partner_group=holly sex=female fruit=red#b5262e fruit_months=10..2 "
                    + "persistence=evergreen hazards=toxic-people|toxic-pets deer=resistant",
            "id=vine kind=climber habit=scrambling height10_m=4 spread10_m=1 uses=climber|screen pot_ok=no hazards=sap",
            "id=annual kind=annual persistence=annual zone_min=10a zone_max=12a first_season=yes "
                    + "slow_start_years= pot_ok=yes pot_role=trail bloom=6.1..9.3 rebloom=continuous",
            "id=late kind=annual persistence=annual zone_min=9b first_season=yes bloom=8.2..10.1",
            "id=runner kind=perennial persistence=herbaceous spread_mode=runner spreads_at_zone=5a "
                    + "divide_years=3 stands=wind moisture=2..5 hazards=thorns|pollen",
            "id=seeder kind=perennial persistence=herbaceous spread_mode=self-seeder spreads_at_zone=7a "
                    + "deadhead_min=4 drought=yes moisture=1..2.5 dislikes=salt|humidity",
            "id=fern kind=fern persistence=herbaceous sun_live_h=0 sun_flower_h= sun_max_h=4 "
                    + "hot_sun_max_h=0.5 moisture=3..5 drainage=poor|slow dislikes=heat|wind|reflected-heat",
            "id=pine kind=conifer persistence=evergreen habit=columnar height10_m=2.4..3 spread10_m=0.5 "
                    + "dislikes=juglone hard_prune=no pot_ok=yes drainage=fast texture=sand",
            "id=heath persistence=evergreen ph=4.5..5.5 texture=sand moisture=3..4 looks_good_from=3 "
                    + "pot_ok=yes drought=no",
            "id=dry moisture=2..3 drought=yes looks_good_from=2.5 stands=salt|heat|humidity|reflected-heat "
                    + "care_min_year=30 sizes_sold=2+l:28.00",
            "id=gold leaf_summer=gold#d9b43a sun_colour_h=5 merits=leaf:3 "
                    + "native_region=eastern+North+America wildlife=birds|bees fruit=black#2a1f27",
            "id=bulb kind=bulb persistence=herbaceous height10_m=0.2 spread10_m=0.1 bloom=2.1..3.1 "
                    + "bloom_zone=7a moisture=1.5..3 drainage=good|fast",
            "id=palm kind=tree persistence=evergreen zone_min=9a height10_m=2..3 spread10_m=2 hazards=thorns "
                    + "pot_ok=yes");

    private static final Catalogue CATALOGUE = Catalogue.of(plants());
    private static final List<Question> QUESTIONS = questions();

    private static List<Cultivar> plants() {
        List<Cultivar> plants = new ArrayList<>(Plants.random(45, 5));
        OWN.forEach(cells -> plants.add(Plants.plant(cells)));
        return plants;
    }

    private static List<Question> questions() {
        List<Question> questions = new ArrayList<>();
        for (int i = 0; i < SITES.size(); i++) {
            String site = SITES.get(i).replace(" uncertainty=", "");
            questions.add(Advice.question(site, WISHES.get(i % WISHES.size()), Policy.values()[i % 3]));
        }
        questions.add(Advice.question(SITES.get(0), WISHES.get(3), Policy.CAUTIOUS));
        questions.add(Advice.question(SITES.get(1), WISHES.get(4), Policy.BOLD));
        questions.add(Advice.question(SITES.get(4), WISHES.get(2), Policy.STANDARD));
        return questions;
    }

    /** One line for each plant, and for what is said of the question as a whole. */
    private static Map<String, String> answers(int q) {
        Map<String, String> answers = new LinkedHashMap<>();
        Question question = QUESTIONS.get(q);
        Fit fit = new Fit(CATALOGUE);
        List<Candidate> all =
                fit.rank(question, new Scope(List.of(), true, Scope.MOST)).candidates();
        for (Candidate candidate : all) {
            answers.put(q + "," + candidate.plant().id(), said(candidate));
        }
        answers.put(
                q + ",all",
                all.stream().map(c -> c.plant().id()).collect(Collectors.joining(" "))
                        + " counts " + fit.counts(question) + " best " + best(fit, question) + " line "
                        + fit.siteValues(question) + " zone " + SpotZone.steps(question));
        answers.put(q + ",openings", openings(CATALOGUE, question));
        answers.put(q + ",beside", beside(CATALOGUE, question, all));
        if (q == 0) {
            answers.put("0,finding-out", findingOut(CATALOGUE));
        }
        return answers;
    }

    private static String best(Fit fit, Question question) {
        return fit.rank(question, Scope.best(7)).candidates().stream()
                .map(c -> c.plant().id())
                .collect(Collectors.joining(" "));
    }

    private static String said(Candidate candidate) {
        return "%s %.4f %.4f %s %s %s %s"
                .formatted(
                        candidate.verdict(),
                        candidate.score(),
                        candidate.confidence(),
                        candidate.limiting(),
                        candidate.criteria().stream()
                                .map(RecordedAnswersTest::said)
                                .toList(),
                        candidate.notes(),
                        candidate.instead().map(Cultivar::id));
    }

    private static String said(Judgement judgement) {
        String strip = judgement
                .strip()
                .map(s -> "%.3f..%.3f".formatted(s.low(), s.high()))
                .orElse("-");
        return "%s %s %.4f %s %s %s %s %s %s"
                .formatted(
                        judgement.criterion(),
                        judgement.verdict(),
                        judgement.score(),
                        judgement.rule(),
                        judgement.site(),
                        judgement.plant(),
                        judgement.why(),
                        strip,
                        judgement.remedies().stream()
                                .map(remedy -> remedy.action() + " " + remedy.minutesPerYear() + " " + remedy.text()
                                        + " "
                                        + remedy.mayWorsen().stream().sorted().toList())
                                .toList());
    }

    private static String openings(Catalogue catalogue, Question question) {
        StringBuilder said = new StringBuilder();
        for (UnmetDemands unmet :
                List.of(UnmetDemands.of(catalogue, question), UnmetDemands.insisting(catalogue, question))) {
            unmet.openings()
                    .forEach(opening -> said.append(opening.demand().words())
                            .append(' ')
                            .append(opening.demand().without())
                            .append(' ')
                            .append(opening.plants())
                            .append(opening.best().stream().map(Cultivar::id).toList()));
            said.append(unmet.conflict()
                    .map(c -> c.one().words() + " " + c.other().words() + c.opensOne() + c.opensOther()));
            said.append(unmet.fewestTogether()
                    .map(o -> o.demand().words() + " " + o.plants()
                            + o.best().stream().map(Cultivar::id).toList()));
        }
        return said.toString();
    }

    private static String beside(Catalogue catalogue, Question question, List<Candidate> all) {
        List<Candidate> four = all.subList(0, 4);
        List<Cultivar> plants = four.stream().map(Candidate::plant).toList();
        StringBuilder said = new StringBuilder();
        SideBySide.winners(four, question)
                .forEach(win -> said.append(win.by())
                        .append(win.plants().stream().map(Cultivar::id).toList())
                        .append(win.value()));
        plants.forEach(plant -> said.append(SideBySide.outgrown(plant, question.site())));
        SideBySide.bloomOrder(plants, question, Seasons.usualFor(java.util.Optional.empty()))
                .forEach(each ->
                        said.append(each.plant().id()).append(each.from()).append(each.to()));
        said.append(Substitutes.weights(question));
        Substitutes.of(catalogue, plants.get(0), question, true, 5)
                .forEach(offer -> said.append("%s %.4f %s %s %s %s%s"
                        .formatted(
                                offer.plant().id(),
                                offer.said().likeness(),
                                offer.fits(),
                                offer.verdict(),
                                offer.needs(),
                                offer.said().better(),
                                offer.said().worse())));
        return said.toString();
    }

    private static String findingOut(Catalogue catalogue) {
        List<Problem> problems = new ArrayList<>();
        Map<String, Object> site = Map.of("zone", "6b", "sunHours", 4.5, "ph", 6.5, "moisture", 3);
        return WorthFindingOut.of(
                        catalogue,
                        SiteReader.siteValues(site, "", problems),
                        Wants.NOTHING,
                        Policy.STANDARD,
                        Set.of(SiteFields.ZONE, SiteFields.SUN_HOURS, SiteFields.PH, SiteFields.MOISTURE))
                .toString();
    }

    private static String line(String key, String said) {
        CRC32 check = new CRC32();
        check.update(said.getBytes(StandardCharsets.UTF_8));
        String start = said.split(" \\[")[0];
        return "%s,%s,%08x".formatted(key, start.length() > 60 ? "" : start, check.getValue());
    }

    static IntStream numbers() {
        return IntStream.range(0, QUESTIONS.size());
    }

    @ParameterizedTest(name = "question {0}")
    @MethodSource("numbers")
    void allIsSaidAsItWas(int q) throws IOException {
        List<String> recorded = Files.readAllLines(FILE).stream()
                .filter(line -> line.startsWith(q + ","))
                .toList();
        List<String> now = new ArrayList<>();
        Map<String, String> answers = answers(q);
        answers.forEach((key, said) -> now.add(line(key, said)));
        for (int i = 0; i < Math.min(now.size(), recorded.size()); i++) {
            assertThat(now.get(i)).as(new ArrayList<>(answers.values()).get(i)).isEqualTo(recorded.get(i));
        }
        assertThat(now).hasSameSizeAs(recorded);
    }

    /** Records the answers anew; run in {@code core}. */
    public static void main(String[] args) throws IOException {
        List<String> lines = new ArrayList<>();
        numbers().forEach(q -> answers(q).forEach((key, said) -> lines.add(line(key, said))));
        Files.write(FILE, lines);
    }
}
