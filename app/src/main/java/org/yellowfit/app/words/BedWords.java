package org.yellowfit.app.words;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.bed.BedLimit;
import org.yellowfit.core.bed.BedYear;
import org.yellowfit.core.bed.PlantedAt;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;

/** What goes wrong in a bed, as facts that can be said. */
public final class BedWords {

    private BedWords() {}

    public static Fact limit(BedLimit limit) {
        Fact kind = Fact.of("bed.limit." + Words.of(limit.kind()));
        return limit.name().isBlank() ? kind : Fact.of("bed.limit.named", kind, limit.name());
    }

    /** The gravest thing of a year. */
    public static Fact chief(BedYear year, List<PlantedAt> plants, BedGround ground) {
        return of(year, plants, ground).get(0);
    }

    /** Everything of a year, the gravest first. */
    public static List<Fact> of(BedYear year, List<PlantedAt> plants, BedGround ground) {
        List<Fact> told = new ArrayList<>();
        year.outside().forEach(each -> told.add(outside(each, plants)));
        year.tooTall().forEach(each -> told.add(tooTall(each, year.year(), plants)));
        year.edges().forEach(each -> told.add(edge(each, year.year(), plants)));
        year.existing().forEach(each -> told.add(existing(each, year.year(), plants, ground)));
        year.overlaps().forEach(each -> told.add(overlap(each, year.year(), plants)));
        year.shaded().forEach(each -> told.add(shaded(each, year.year(), plants)));
        return told;
    }

    public static Fact outside(BedYear.Outside each, List<PlantedAt> plants) {
        return Fact.of("bed.trouble.outside", name(plants, each.index()), Amount.metres(each.byM()));
    }

    public static Fact tooTall(BedYear.TooTall each, int year, List<PlantedAt> plants) {
        return Fact.of(
                "bed.trouble.too-tall",
                name(plants, each.index()),
                Amount.metres(each.byM()),
                limit(each.limit()),
                year);
    }

    public static Fact edge(BedYear.OverEdge each, int year, List<PlantedAt> plants) {
        return Fact.of(
                "bed.trouble." + Words.of(each.edge()), name(plants, each.index()), Amount.metres(each.byM()), year);
    }

    public static Fact existing(BedYear.IntoExisting each, int year, List<PlantedAt> plants, BedGround ground) {
        String name = ground.existing().get(each.which()).name();
        Fact what = name.isBlank() ? Fact.of("bed.existing") : Fact.of("drawn.thing", name);
        return Fact.of("bed.trouble.existing", name(plants, each.index()), what, Amount.metres(each.byM()), year);
    }

    public static Fact overlap(BedYear.Overlap each, int year, List<PlantedAt> plants) {
        boolean alike = plants.get(each.a()).plant().equals(plants.get(each.b()).plant());
        return Fact.of(
                alike ? "bed.trouble.overlap-alike" : "bed.trouble.overlap",
                name(plants, each.a()),
                name(plants, each.b()),
                Amount.metres(each.byM()),
                year);
    }

    public static Fact shaded(BedYear.Shaded each, int year, List<PlantedAt> plants) {
        return Fact.of(
                "bed.trouble.shaded",
                name(plants, each.index()),
                Amount.hours(each.hours()),
                Amount.hours(each.needs()),
                year);
    }

    private static String name(List<PlantedAt> plants, int index) {
        return plants.get(index).plant().name();
    }
}
