package org.yellowfit.app.place;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.yellowfit.core.light.CellStory.Spell;
import org.yellowfit.core.measure.Numbers;

/** A spot's day in sentences: what takes which hours, and how much sun is left. */
record SpotStory(String title, List<String> told) {

    private static final double SHORT_H = 0.2;

    static SpotStory of(List<Spell> spells, int month) {
        String name = Month.of(month).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
        if (spells.isEmpty()) {
            return new SpotStory("In mid " + name, List.of("The sun never stands high enough to count."));
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
        return new SpotStory("Mid " + name + ": " + Numbers.rounded(sun, 1) + " h of sun here", told);
    }

    private static String sentence(Spell spell, boolean first, boolean last) {
        String from = ShadowFrames.clock(spell.fromClockH());
        String to = ShadowFrames.clock(spell.toClockH());
        String when = first && last ? "all day" : first ? "until " + to : last ? "from " + from : from + " to " + to;
        if (spell.isSun()) {
            return "Sun " + when + ".";
        }
        String through =
                spell.passes() > 0.02 ? "; %d %% comes through".formatted(Math.round(spell.passes() * 100)) : "";
        return "In the shade of " + spell.obstacle().name() + " " + when + through + ".";
    }

    private static double length(Spell spell) {
        double length = spell.toClockH() - spell.fromClockH();
        return length < 0 ? length + 24 : length;
    }
}
