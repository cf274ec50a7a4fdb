package org.yellowfit.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.climate.Frosts;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.soil.TextureGroup;

/** Section I as a table: what is done when, by how a plant is cut, the zone, the frosts and the half of the earth. */
class CareCalendarTest {

    private static final LocalDate APRIL = LocalDate.of(2027, 4, 20);

    /** Frosts of the reference: last 28 April, first 12 October, two weeks either way. */
    private static CarePlace place(String zone, double lastFrost, double firstFrost, boolean south, double rainMm) {
        Optional<HardinessZone> of = Optional.of(HardinessZone.parse(zone));
        Frosts frosts = new Frosts(Frosts.usually(lastFrost), Frosts.usually(firstFrost), false);
        Seasons seasons = Seasons.told(of, south, frosts, null);
        double[] rain = new double[12];
        Arrays.fill(rain, rainMm);
        return new CarePlace(GrowingPlace.of(of, seasons), frosts, rain, TextureGroup.LOAM, 3.0, false, null);
    }

    private static CarePlace north() {
        return place("6b", 118, 285, false, 0);
    }

    private static ToCareFor of(String cells, int count, String pot) {
        return new ToCareFor(Plants.plant(cells), count, pot, false);
    }

    private static List<CareTask> tasks(CareCalendar calendar, TaskKind kind) {
        return calendar.tasks().stream().filter(task -> task.kind() == kind).toList();
    }

    private static CareTask first(CareCalendar calendar, TaskKind kind) {
        return tasks(calendar, kind).get(0);
    }

    @ParameterizedTest(name = "{0}: {1} {2}–{3}")
    @CsvSource(
            delimiter = '|',
            value = {
                // New wood: six weeks to two before the last frost of 28 April where winters are cold.
                "prune_group=new-wood | PRUNE | 2028-03-16 | 2028-04-13 | prune.new-wood",
                // Old wood: from the end of its own bloom, mid May to early June, for three weeks.
                "prune_group=after-flower bloom=5.2..6.1 bloom_zone=6b | PRUNE | 2027-06-12 | 2027-07-03 | prune.after-flower",
                // The same in berry: the faded flowers are left, thinned in late winter.
                "prune_group=after-flower bloom=5.2..6.1 bloom_zone=6b fruit=red#aa2222 fruit_months=9..10 | PRUNE | 2028-03-16 | 2028-04-13 | prune.fruiting",
                // Over after the end of August, six weeks before frost: no cut after it.
                "prune_group=after-flower bloom=8.1..9.3 bloom_zone=6b | PRUNE | 2028-03-16 | 2028-04-13 | prune.late-flowering",
                // Evergreens after the first growth; lavender-like ones after their bloom of June and July.
                "prune_group=light-evergreen persistence=evergreen | PRUNE | 2027-05-30 | 2027-08-01 | prune.evergreen-soft",
                "prune_group=light-evergreen persistence=evergreen bloom=6.2..7.2 bloom_zone=6b hard_prune=yes | PRUNE | 2027-07-23 | 2027-08-20 | prune.evergreen",
                "prune_group=conifer-candles kind=conifer persistence=evergreen | PRUNE | 2027-05-20 | 2027-06-14 | prune.candles",
                // Herbs: when brown, or in spring where they stand, feed birds or wake late.
                "prune_group=cut-to-ground kind=perennial persistence=herbaceous | CUT_BACK | 2027-11-01 | 2027-12-01 | cut-back.browned",
                "prune_group=cut-to-ground kind=perennial persistence=herbaceous stands_winter=yes | CUT_BACK | 2028-03-10 | 2028-04-09 | cut-back.spring",
                "prune_group=cut-to-ground kind=perennial persistence=herbaceous wildlife=birds | CUT_BACK | 2028-03-10 | 2028-04-09 | cut-back.spring",
                "prune_group=cut-to-ground kind=perennial persistence=herbaceous late_riser=yes | CUT_BACK | 2028-03-10 | 2028-04-09 | cut-back.stubs",
                "prune_group=cut-to-ground kind=grass persistence=herbaceous | CUT_BACK | 2028-03-10 | 2028-04-09 | cut-back.grass",
                "prune_group=comb kind=grass persistence=evergreen | CUT_BACK | 2028-03-10 | 2028-04-09 | cut-back.comb",
                // In flower in November: left until spring. In bud in March: cut before the buds.
                "prune_group=cut-to-ground kind=perennial persistence=herbaceous bloom=10.1..11.2 bloom_zone=6b | CUT_BACK | 2028-03-10 | 2028-04-09 | cut-back.spring",
                "prune_group=cut-to-ground kind=perennial persistence=evergreen bloom=4.1..4.3 bloom_zone=6b | CUT_BACK | 2028-02-10 | 2028-03-11 | cut-back.spring",
                "feed=yearly | FEED | 2028-04-04 | 2028-04-24 | feed.yearly",
                "zone_min=6b | COVER | 2027-11-09 | 2027-11-30 | cover.crowns",
                "zone_min=6b | UNCOVER | 2028-04-13 | 2028-05-04 | uncover.crowns",
                "divide_years=4 kind=perennial persistence=herbaceous | DIVIDE | 2031-04-05 | 2031-04-26 | divide.clumps",
                "divide_years=4 kind=perennial persistence=herbaceous bloom=4.3..5.2 bloom_zone=6b | DIVIDE | 2031-09-02 | 2031-09-23 | divide.clumps",
            })
    void eachIsDoneInItsTime(String cells, TaskKind kind, LocalDate from, LocalDate to, String says) {
        CareTask task = first(CareCalendar.of(north(), List.of(of(cells, 3, "3 l")), APRIL, 6), kind);
        assertThat(task.from()).isEqualTo(from);
        assertThat(task.to()).isEqualTo(to);
        assertThat(task.text().get(0).key()).isEqualTo("task." + says);
    }

    /** Where winters are mild, wood is cut from a month after the first frost on. */
    @Test
    void mildWintersAreCutThrough() {
        CarePlace mild = place("8b", 90, 310, false, 0);
        CareTask cut =
                first(CareCalendar.of(mild, List.of(of("prune_group=new-wood", 1, "3 l")), APRIL, 1), TaskKind.PRUNE);
        assertThat(cut.from()).isEqualTo(LocalDate.of(2027, 12, 6));
        assertThat(cut.to()).isEqualTo(LocalDate.of(2028, 3, 16));
    }

    /** A10: half a year on, the same days; the frosts of the south are told in days of the northern year. */
    @Test
    void theSouthTurnsByHalfAYear() {
        CarePlace south = place("6b", 118, 285, true, 0);
        CareTask cut = first(
                CareCalendar.of(south, List.of(of("prune_group=new-wood", 1, "3 l")), LocalDate.of(2027, 10, 20), 1),
                TaskKind.PRUNE);
        assertThat(cut.from()).isEqualTo(LocalDate.of(2028, 9, 15));
        assertThat(cut.to()).isEqualTo(LocalDate.of(2028, 10, 13));
    }

    /** I9 by hand: 10 to start up, 4 plants of 12 minutes a year spread over pruning and mulching. */
    @Test
    void minutesAreSpreadOverTheTasks() {
        CareCalendar calendar =
                CareCalendar.of(north(), List.of(of("prune_group=new-wood care_min_year=12", 4, "3 l")), APRIL, 2);
        assertThat(first(calendar, TaskKind.PRUNE).minutes()).isEqualTo(10 + 4 * 6);
        assertThat(first(calendar, TaskKind.MULCH).minutes()).isEqualTo(10 + 4 * 6);
        // Planted out of pots of 3 l: 8 minutes each.
        assertThat(first(calendar, TaskKind.PLANT).minutes()).isEqualTo(10 + 4 * 8);
        assertThat(calendar.minutesByYear()).containsExactly(minutesFrom(calendar, 0), minutesFrom(calendar, 1));
        double byPlant = calendar.minutesByPlant().get("test-plant");
        assertThat(byPlant)
                .isEqualTo(calendar.tasks().stream().mapToInt(CareTask::minutes).sum(), within(0.01));
    }

    private static int minutesFrom(CareCalendar calendar, int year) {
        return calendar.tasks().stream()
                .filter(task -> !task.from().isBefore(APRIL.plusYears(year))
                        && task.from().isBefore(APRIL.plusYears(year + 1)))
                .mapToInt(CareTask::minutes)
                .sum();
    }

    /** I3: 6 minutes a year over the rounds of a bloom of 61 days: four of 1.5 minutes. */
    @Test
    void fadedFlowersAreTakenOffInRounds() {
        String cells = "deadhead_min=6 bloom=6.1..7.3 bloom_zone=6b kind=perennial persistence=herbaceous";
        CareCalendar calendar = CareCalendar.of(north(), List.of(of(cells, 10, "1 l")), APRIL, 1);
        List<CareTask> rounds = tasks(calendar, TaskKind.DEADHEAD);
        assertThat(rounds).hasSize(4);
        assertThat(rounds).allSatisfy(round -> assertThat(round.minutes()).isEqualTo(10 + 15));
    }

    @Test
    void whatFallsInOneFortnightIsOneTrip() {
        ToCareFor one = of("id=one prune_group=new-wood", 2, "3 l");
        ToCareFor other = of("id=other prune_group=new-wood", 3, "3 l");
        CareCalendar calendar = CareCalendar.of(north(), List.of(one, other), APRIL, 1);
        CareTask cut = first(calendar, TaskKind.PRUNE);
        assertThat(tasks(calendar, TaskKind.PRUNE)).hasSize(1);
        assertThat(cut.count()).isEqualTo(5);
        assertThat(cut.ids()).containsExactly("one", "other");
        for (TaskKind kind : TaskKind.values()) {
            List<CareTask> same = tasks(calendar, kind);
            for (int i = 1; i < same.size(); i++) {
                assertThat(same.get(i).from()).isAfter(same.get(i - 1).from());
            }
        }
    }

    /** I8 by hand: 3 plants from 10 l pots, a dry summer: 30 l a week, then half. */
    @ParameterizedTest(name = "{0} mm a month on {1}: {2} l, then {3} l")
    @CsvSource({"0, LOAM, 30, 15", "0, SAND, 39, 19.5", "0, CLAY, 24, 12", "55.3571, LOAM, 15, 7.5", "120, LOAM, 0, 0"})
    void waterByThePotTheSoilAndTheRain(double rainMm, TextureGroup soil, double firstSummer, double second) {
        CarePlace base = place("6b", 118, 285, false, rainMm);
        CarePlace here =
                new CarePlace(base.growing(), base.frosts(), base.rainMm(), soil, base.moisture(), false, null);
        CareCalendar calendar = CareCalendar.of(here, List.of(of("drought=no", 3, "10 l")), APRIL, 3);
        // Weeks of July, 31 days long.
        assertThat(calendar.litresByWeek().getOrDefault(LocalDate.of(2027, 7, 12), 0.0))
                .isEqualTo(firstSummer, within(0.01));
        assertThat(calendar.litresByWeek().getOrDefault(LocalDate.of(2028, 7, 10), 0.0))
                .isEqualTo(second, within(0.01));
        assertThat(calendar.litresByWeek()).doesNotContainKey(LocalDate.of(2029, 7, 9));
    }

    @Test
    void anAutumnPlantingIsWateredThroughTheNextTwoSummers() {
        CareCalendar calendar =
                CareCalendar.of(north(), List.of(of("drought=no", 1, "5 l")), LocalDate.of(2027, 9, 20), 3);
        assertThat(calendar.litresByWeek()).containsKey(LocalDate.of(2028, 7, 10));
        assertThat(calendar.litresByWeek()).containsKey(LocalDate.of(2029, 7, 9));
        assertThat(calendar.litresByWeek().keySet()).allMatch(monday -> monday.getYear() >= 2028);
        assertThat(calendar.litresByWeek().keySet()).allMatch(monday -> monday.getYear() <= 2029);
    }

    /** C7: what likes it moister than the place is, and does not stand drought, is watered on. */
    @Test
    void whatTheGroundIsTooDryForIsWateredOn() {
        CareCalendar calendar = CareCalendar.of(north(), List.of(of("moisture=4..5 drought=no", 2, "5 l")), APRIL, 3);
        assertThat(calendar.litresByWeek().get(LocalDate.of(2029, 7, 9))).isEqualTo(5, within(0.01));
        assertThat(calendar.litresByWeek()).doesNotContainKey(LocalDate.of(2029, 5, 7));
    }

    @Test
    void tenderOnesAndBulbsWait() {
        ToCareFor annual = of("id=a kind=annual persistence=annual", 6, "6-pack");
        ToCareFor bulb = of("id=b kind=bulb persistence=herbaceous bloom=3.3..4.2 bloom_zone=6b", 25, "bag of 25");
        CareCalendar calendar = CareCalendar.of(north(), List.of(annual, bulb), APRIL, 1);
        List<CareTask> plantings = tasks(calendar, TaskKind.PLANT);
        // Nine years in ten are past their last frost on 12 May.
        assertThat(plantings.get(0).from()).isEqualTo(LocalDate.of(2027, 5, 12));
        assertThat(plantings.get(1).from()).isEqualTo(LocalDate.of(2027, 9, 25));
        assertThat(plantings.get(1).text().get(0).key()).isEqualTo("task.plant.bulbs");
    }

    @Test
    void potsAreFedAndWinteredByTheirHardiness() {
        CarePlace base = north();
        CarePlace pots = new CarePlace(base.growing(), base.frosts(), base.rainMm(), null, null, true, null);
        CareCalendar calendar = CareCalendar.of(
                pots, List.of(of("id=h zone_min=6a", 1, "5 l"), of("id=t zone_min=9a", 1, "5 l")), APRIL, 1);
        assertThat(tasks(calendar, TaskKind.MOVE_IN))
                .extracting(task -> task.text().get(0).key())
                .containsExactly("task.move-in.tender", "task.move-in.hardy");
        assertThat(tasks(calendar, TaskKind.FEED)).isNotEmpty();
        assertThat(tasks(calendar, TaskKind.MULCH)).isEmpty();
        // Two plants bought in 5 l, set into 10 l: 7 l each a week of high summer, rain or not.
        assertThat(calendar.litresByWeek().get(LocalDate.of(2027, 7, 12))).isEqualTo(14, within(0.01));
    }

    /** Whatever the plants and the place: tasks in the span, in order, with time for them, nothing cut in flower. */
    @Test
    void everyCalendarHoldsTogether() {
        List<Cultivar> some = Plants.random(120, 7);
        List<ToCareFor> plants = new ArrayList<>();
        some.forEach(plant -> plants.add(new ToCareFor(plant, 1 + plants.size() % 9, "2 l", plants.size() % 5 == 0)));
        for (String zone : List.of("2a", "5b", "7a", "9b", "12a")) {
            for (boolean south : new boolean[] {false, true}) {
                Optional<HardinessZone> of = Optional.of(HardinessZone.parse(zone));
                Frosts frosts = Frosts.estimate(of, south ? -38.0 : 52.0);
                CarePlace here = new CarePlace(
                        GrowingPlace.of(of, Seasons.told(of, south, frosts, null)),
                        frosts,
                        null,
                        null,
                        2.0,
                        false,
                        null);
                CareCalendar calendar = CareCalendar.of(here, plants, APRIL, 3);
                assertThat(calendar.tasks()).isNotEmpty().allSatisfy(task -> {
                    assertThat(task.from()).isAfterOrEqualTo(APRIL).isBefore(APRIL.plusYears(3));
                    assertThat(task.to()).isAfterOrEqualTo(task.from());
                    assertThat(task.minutes()).isGreaterThanOrEqualTo(CareCalendar.START_UP_MINUTES);
                    assertThat(task.text()).isNotEmpty();
                });
                assertThat(calendar.tasks()).extracting(CareTask::from).isSorted();
                assertThat(calendar.minutesByYear().stream().mapToInt(m -> m).sum())
                        .isEqualTo(calendar.tasks().stream()
                                .mapToInt(CareTask::minutes)
                                .sum());
                assertThat(calendar.notes()).hasSize(2);
            }
        }
    }
}
