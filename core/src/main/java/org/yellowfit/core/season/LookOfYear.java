package org.yellowfit.core.season;

import static org.yellowfit.core.season.SeasonNumber.IN_FLOWER;
import static org.yellowfit.core.season.SeasonNumber.LEAVES_SEEN;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Persistence;

/**
 * How a plant looks at a place through a year (rules E1, B2, C4, E6, A5 and A10): the one answer all others are of. For
 * one thread.
 */
public final class LookOfYear {

    public static final int WEEKS = 52;
    private static final double DAYS_A_WEEK = (double) Seasons.DAYS / WEEKS;

    /** What a plant may show. */
    public enum Sight {
        FLOWER,
        LEAF,
        FRUIT,
        STEM,
        EVERGREEN
    }

    /**
     * One month.
     *
     * @param inFlower share of the month’s weeks in flower, 0–1
     * @param shows    what is to be seen in it, plain green leaves aside
     */
    public record Month(int month, PlantState state, double inFlower, Set<Sight> shows) {}

    /** A spell in flower by days of the year at the place, 1–365; {@code to} before {@code from} runs over New Year. */
    public record Spell(int from, int to) {}

    private final Cultivar plant;
    private final GrowingPlace place;
    private final PlantYear year;
    private final boolean forItsStems;
    private final DayLook[] weeks = new DayLook[WEEKS];

    public LookOfYear(Cultivar plant, GrowingPlace place) {
        this.plant = plant;
        this.place = place;
        year = PlantYear.of(plant, place);
        forItsStems = Merits.of(plant).grades().containsKey(Merit.STEM);
    }

    /** The day in the middle of a week, 0–51. */
    public static int dayOfWeek(int week) {
        return 1 + (int) ((week + 0.5) * DAYS_A_WEEK);
    }

    /** The month of a week, 1–12. */
    public static int monthOfWeek(int week) {
        return 1 + Math.min(11, dayOfWeek(week) * 12 / 366);
    }

    /** The look in the middle of a week, 0–51. */
    public DayLook week(int week) {
        if (weeks[week] == null) {
            weeks[week] = year.day(dayOfWeek(week));
        }
        return weeks[week];
    }

    public boolean isInFlower(int week) {
        return week(week).flowerShare() >= IN_FLOWER.value();
    }

    /** Weeks in flower, of what lives one season no more than are left of it; 0 where its bloom is not known. */
    public int weeksInFlower() {
        double weeks =
                BloomSpell.weeksOf(BloomSpell.openThirds(plant, place.zone()).orElse(0));
        return (int) Math.round(ofTheSeason(weeks));
    }

    /** Weeks in which something other than plain green shows; evergreen leaves count from November to March. */
    public int weeksOfShow() {
        return (int) ofTheSeason(weeks().filter(week -> !sights(week).isEmpty()).count());
    }

    private double ofTheSeason(double weeks) {
        return plant.isAnnual() ? Math.min(weeks, place.weeksLeft()) : weeks;
    }

    private static IntStream weeks() {
        return IntStream.range(0, WEEKS);
    }

    /** What is to be seen in a week. */
    public Set<Sight> sights(int week) {
        DayLook look = week(week);
        Set<Sight> seen = EnumSet.noneOf(Sight.class);
        if (isInFlower(week) && look.flower().isPresent()) {
            seen.add(Sight.FLOWER);
        }
        if (look.fruit().isPresent()) {
            seen.add(Sight.FRUIT);
        }
        if (showsStems(look)) {
            seen.add(Sight.STEM);
        }
        if (!colouredLeaves(look).isEmpty()) {
            seen.add(Sight.LEAF);
        } else if (plant.persistence() == Persistence.EVERGREEN && isWinter(monthOfWeek(week))) {
            seen.add(Sight.EVERGREEN);
        }
        return seen;
    }

    private boolean showsStems(DayLook look) {
        return forItsStems
                && look.standing() == Standing.BARE_STEMS
                && look.stem().isPresent();
    }

    private boolean isWinter(int month) {
        int northern = place.seasons().south() ? (month + 5) % 12 + 1 : month;
        return Interest.WINTER.contains(northern);
    }

    private static List<Colour> colouredLeaves(DayLook look) {
        if (look.standing() != Standing.IN_LEAF || look.leafShare() < LEAVES_SEEN.value()) {
            return List.of();
        }
        return look.leaves().stream()
                .filter(colour -> !colour.lab().isLeafGreen())
                .toList();
    }

    /** The colours that show in a week, plain green aside. */
    public List<Colour> colours(int week) {
        DayLook look = week(week);
        List<Colour> seen = new ArrayList<>();
        if (isInFlower(week)) {
            look.flower().filter(colour -> !colour.lab().isLeafGreen()).ifPresent(seen::add);
        }
        look.fruit().ifPresent(seen::add);
        if (showsStems(look)) {
            look.stem().ifPresent(seen::add);
        }
        seen.addAll(colouredLeaves(look));
        return List.copyOf(seen);
    }

    /**
     * A month of it.
     *
     * @param month    1–12
     * @param ageYears since planting, 0 or more
     */
    public Month month(int month, double ageYears) {
        List<Integer> of =
                weeks().filter(week -> monthOfWeek(week) == month).boxed().toList();
        Set<Sight> shows = EnumSet.noneOf(Sight.class);
        of.forEach(week -> shows.addAll(sights(week)));
        double flowering = (double) of.stream().filter(this::isInFlower).count() / of.size();
        return new Month(month, PlantState.inMonth(plant, ageYears, month, place), flowering, shows);
    }

    /** The main bloom, and again where it is seen to flower again. */
    public List<Spell> bloom() {
        List<Spell> spells = new ArrayList<>();
        for (int day = 1; day <= Seasons.DAYS; day++) {
            int before = day == 1 ? Seasons.DAYS : day - 1;
            if (flowers(day) && !flowers(before)) {
                spells.add(new Spell(day, lastFrom(day)));
            }
        }
        return spells.isEmpty() && flowers(1) ? List.of(new Spell(1, Seasons.DAYS)) : spells;
    }

    private int lastFrom(int first) {
        int day = first;
        while (flowers(day % Seasons.DAYS + 1)) {
            day = day % Seasons.DAYS + 1;
        }
        return day;
    }

    private boolean flowers(int day) {
        return year.day(day).flowerShare() >= IN_FLOWER.value();
    }
}
