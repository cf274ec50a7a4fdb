package org.yellowfit.app.afterwards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.yellowfit.app.counter.FollowUps;
import org.yellowfit.app.records.Records;
import org.yellowfit.app.takeaway.PlantList;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.Seasons;

/** When a finished planting is looked at again: after six weeks, in its first spring, in each autumn for three years (J4). */
@Service
class LookAgain implements FollowUps {

    private static final int MOST_VISITS = 500;
    private static final int SIX_WEEKS = 42;
    /** Of zone 6b: plants are well in leaf; and the summer's growth is done. */
    private static final double SPRING_DAY = 140;

    private static final double AUTUMN_DAY = 258;
    private static final int AUTUMNS = 3;
    private static final int SETTLED_DAYS = 56;
    private static final int HALF_A_YEAR = 180;

    /** One promised day. */
    record Look(LocalDate on, String what) {}

    private final Visits visits;
    private final PlantList list;
    private final GrowingPlaces places;
    private final Records records;

    LookAgain(Visits visits, PlantList list, GrowingPlaces places, Records records) {
        this.visits = visits;
        this.list = list;
        this.places = places;
        this.records = records;
    }

    List<Look> looks(Visit visit) {
        LocalDate planted = visit.plantedOn();
        Seasons seasons = places.of(visit).seasons();
        List<Look> looks = new ArrayList<>();
        looks.add(new Look(planted.plusDays(SIX_WEEKS), Sentences.say("look.settled")));
        next(planted.plusDays(SETTLED_DAYS), seasons, SPRING_DAY)
                .ifPresent(day -> looks.add(new Look(day, Sentences.say("look.spring"))));
        LocalDate from = planted.plusDays(SETTLED_DAYS);
        for (int autumn = 1; autumn <= AUTUMNS; autumn++) {
            LocalDate day = next(from, seasons, AUTUMN_DAY).orElseThrow();
            looks.add(new Look(day, Sentences.say(autumn == 1 ? "look.autumn" : "look.later", autumn)));
            from = day.plusDays(HALF_A_YEAR);
        }
        looks.sort(Comparator.comparing(Look::on));
        return looks;
    }

    private static Optional<LocalDate> next(LocalDate from, Seasons seasons, double referenceDay) {
        int northern = (int) Math.round(seasons.dayHere(referenceDay));
        int wait = Math.floorMod(northern - seasons.northernDay(from.getDayOfYear()), Seasons.DAYS);
        return Optional.of(from.plusDays(wait));
    }

    /** The latest promised day that has come and was not kept. */
    Optional<Look> dueNow(Visit visit, List<LocalDate> noted) {
        LocalDate today = LocalDate.now();
        return looks(visit).stream()
                .filter(look -> !look.on().isAfter(today))
                .max(Comparator.comparing(Look::on))
                .filter(look -> noted.stream().noneMatch(day -> !day.isBefore(look.on())));
    }

    @Override
    public List<Due> due() {
        List<Records.Kept> all = records.all();
        List<Records.Place> known = records.places();
        List<Due> due = new ArrayList<>();
        for (Visit visit : visits.latest(MOST_VISITS)) {
            if (!visit.finished()) {
                continue;
            }
            List<LocalDate> noted = noted(visit, all, known);
            dueNow(visit, noted)
                    .filter(look -> !list.of(visit.id()).isEmpty())
                    .ifPresent(look -> due.add(
                            new Due(visit.id(), visit.place(), look.what(), Sentences.date("date.day", look.on()))));
        }
        return due;
    }

    List<LocalDate> noted(Visit visit, List<Records.Kept> all, List<Records.Place> known) {
        List<String> names = known.stream()
                .filter(place -> visit.id().equals(place.visitId()))
                .map(Records.Place::name)
                .toList();
        return all.stream()
                .filter(kept -> names.contains(kept.row().place()))
                .map(kept -> kept.row().date())
                .toList();
    }
}
