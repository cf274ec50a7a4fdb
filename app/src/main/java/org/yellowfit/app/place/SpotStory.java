package org.yellowfit.app.place;

import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.light.CellStory.Spell;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;

/** A spot's day in sentences: what takes which hours, and how much sun is left. */
record SpotStory(String title, List<String> told) {

    private static final double SHORT_H = 0.2;

    static SpotStory of(List<Spell> spells, int month) {
        Month name = Month.of(month);
        if (spells.isEmpty()) {
            return new SpotStory(Sentences.say("spot.no-sun.title", name), List.of(Sentences.say("spot.no-sun")));
        }
        double sun = spells.stream()
                .mapToDouble(spell -> length(spell) * (spell.isSun() ? 1 : spell.passes()))
                .sum();
        List<String> told = new ArrayList<>();
        for (int i = 0; i < spells.size(); i++) {
            if (length(spells.get(i)) >= SHORT_H) {
                told.add(sentence(spells.get(i), i == 0, i == spells.size() - 1));
            }
        }
        return new SpotStory(Sentences.say("spot.title", name, Amount.hours(sun)), told);
    }

    private static String sentence(Spell spell, boolean first, boolean last) {
        String from = ShadowFrames.clock(spell.fromClockH());
        String to = ShadowFrames.clock(spell.toClockH());
        Fact when = when(from, to, first, last);
        if (spell.isSun()) {
            return Sentences.say("spot.sun", when);
        }
        boolean dappled = spell.passes() > 0.02;
        return Sentences.say(
                dappled ? "spot.dappled" : "spot.shade",
                spell.obstacle().name(),
                when,
                Math.round(spell.passes() * 100));
    }

    private static Fact when(String from, String to, boolean first, boolean last) {
        if (first) {
            return last ? Fact.of("spot.all-day") : Fact.of("spot.until", to);
        }
        return last ? Fact.of("spot.from", from) : Fact.of("spot.within", from, to);
    }

    private static double length(Spell spell) {
        double length = spell.toClockH() - spell.fromClockH();
        return length < 0 ? length + 24 : length;
    }
}
