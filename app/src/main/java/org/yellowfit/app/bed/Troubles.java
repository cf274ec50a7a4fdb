package org.yellowfit.app.bed;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.yellowfit.app.bed.BedModel.TroubleView;
import org.yellowfit.app.words.BedWords;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.bed.BedLimit;
import org.yellowfit.core.bed.BedYear;
import org.yellowfit.core.bed.PlantedAt;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.FlowerWood;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** What is wrong in a year, told once for all plants it happens to in the same way, with what to do about it. */
final class Troubles {

    /** Where two kinds meet the same way in many places. */
    private static final class Told {
        private final String kind;
        private final Fact worst;
        private final Fact advice;
        private final double by;
        private final Set<String> uids = new LinkedHashSet<>();
        private int times;

        Told(String kind, Fact worst, Fact advice, double by) {
            this.kind = kind;
            this.worst = worst;
            this.advice = advice;
            this.by = by;
        }
    }

    private final BedGround ground;
    private final List<PlantedAt> plants;
    private final List<String> uids;
    private final UnitSystem units;
    private final boolean pot;
    private final Map<String, Told> told = new LinkedHashMap<>();

    private Troubles(BedGround ground, List<PlantedAt> plants, List<String> uids, UnitSystem units, boolean pot) {
        this.ground = ground;
        this.plants = plants;
        this.uids = uids;
        this.units = units;
        this.pot = pot;
    }

    /** @param pot plants in a pot share it: that they meet is no trouble */
    static List<TroubleView> of(
            BedYear year, BedGround ground, List<PlantedAt> plants, List<String> uids, UnitSystem units, boolean pot) {
        return new Troubles(ground, plants, uids, units, pot).all(year);
    }

    private List<TroubleView> all(BedYear year) {
        int y = year.year();
        year.outside()
                .forEach(each -> tell(
                        "outside",
                        BedWords.outside(each, plants),
                        Fact.of("bed.advice.bring-back"),
                        each.byM(),
                        each.index()));
        year.tooTall()
                .forEach(each -> tell(
                        "too-tall",
                        BedWords.tooTall(each, y, plants),
                        shorten(plant(each.index()), each.limit()),
                        each.byM(),
                        each.index()));
        year.edges()
                .forEach(each -> tell(
                        Words.of(each.edge()),
                        BedWords.edge(each, y, plants),
                        cutOrMove(plant(each.index()), each.byM()),
                        each.byM(),
                        each.index()));
        year.existing()
                .forEach(each -> tell(
                        "existing",
                        BedWords.existing(each, y, plants, ground),
                        Fact.of("bed.advice.move", Amount.metres(each.byM())),
                        each.byM(),
                        each.index()));
        if (!pot) {
            year.overlaps()
                    .forEach(each -> tell(
                            "overlap",
                            BedWords.overlap(each, y, plants),
                            apart(each, y),
                            each.byM(),
                            each.a(),
                            each.b()));
        }
        year.shaded()
                .forEach(each -> tell(
                        "shaded",
                        BedWords.shaded(each, y, plants),
                        Fact.of("bed.advice.lighter", Amount.hours(each.hours())),
                        each.needs() - each.hours(),
                        each.index()));
        return told.values().stream().map(this::view).toList();
    }

    private Cultivar plant(int index) {
        return plants.get(index).plant();
    }

    private void tell(String kind, Fact text, Fact advice, double by, int... indexes) {
        Set<String> about = new java.util.TreeSet<>();
        for (int index : indexes) {
            about.add(plant(index).id());
        }
        String key = kind + about;
        Told before = told.get(key);
        Told now = before == null || by > before.by ? new Told(kind, text, advice, by) : before;
        if (before != null && now != before) {
            now.uids.addAll(before.uids);
            now.times = before.times;
        }
        now.times++;
        for (int index : indexes) {
            now.uids.add(uids.get(index));
        }
        told.put(key, now);
    }

    private TroubleView view(Told each) {
        String worst = Sentences.say(each.worst, units);
        return new TroubleView(
                each.kind,
                each.times > 1 ? Sentences.say("bed.trouble.places", worst, each.times) : worst,
                Sentences.say(each.advice, units),
                new ArrayList<>(each.uids));
    }

    /** D3: what takes it is cut to size, where that does not take its flowers; anything else is swapped. */
    private static boolean takesCutting(Cultivar plant) {
        return plant.is(Traits.HARD_PRUNE, YesNo.YES) && !plant.is(Traits.FLOWER_WOOD, FlowerWood.OLD);
    }

    private static Fact shorten(Cultivar plant, BedLimit limit) {
        Amount limitM = Amount.metres(limit.maxHeightM());
        if (limit.kind() == BedLimit.LimitKind.WIRE_ABOVE) {
            return Fact.of("bed.advice.under-wire", limitM);
        }
        return takesCutting(plant) ? Fact.of("bed.advice.cut-to", limitM) : Fact.of("bed.advice.lower", limitM);
    }

    private static Fact cutOrMove(Cultivar plant, double byM) {
        return takesCutting(plant)
                ? Fact.of("bed.advice.cut-or-move", Amount.metres(byM))
                : Fact.of("bed.advice.move", Amount.metres(byM));
    }

    private Fact apart(BedYear.Overlap each, int year) {
        Cultivar a = plant(each.a());
        Cultivar b = plant(each.b());
        if (a.equals(b)) {
            return a.isWoody() ? Fact.of("bed.advice.thin", year) : Fact.of("bed.advice.thin-divide", year);
        }
        Cultivar wider = a.spread10().mid() >= b.spread10().mid() ? a : b;
        return takesCutting(wider)
                ? Fact.of("bed.advice.cut-or-apart", wider.name(), Amount.metres(each.byM()))
                : Fact.of("bed.advice.apart", Amount.metres(each.byM()));
    }
}
