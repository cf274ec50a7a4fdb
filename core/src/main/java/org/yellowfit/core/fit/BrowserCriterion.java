package org.yellowfit.core.fit;

import java.util.function.Function;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Browsing;

/** Deer or rabbits (rule F3). Nothing is proof against them. */
final class BrowserCriterion implements Criterion {

    private final CriterionName name;
    private final Function<SiteConditions, Pressure> pressure;
    private final Function<Catalogue, byte[]> column;

    private BrowserCriterion(
            CriterionName name, Function<SiteConditions, Pressure> pressure, Function<Catalogue, byte[]> column) {
        this.name = name;
        this.pressure = pressure;
        this.column = column;
    }

    static BrowserCriterion deer() {
        return new BrowserCriterion(CriterionName.DEER, SiteConditions::deer, plants -> plants.deer);
    }

    static BrowserCriterion rabbits() {
        return new BrowserCriterion(CriterionName.RABBITS, SiteConditions::rabbits, plants -> plants.rabbit);
    }

    @Override
    public CriterionName name() {
        return name;
    }

    @Override
    public String rule() {
        return "F3";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        Pressure here = pressure.apply(q.site());
        if (here == null) {
            return Scale.SITE_UNKNOWN;
        }
        if (here == Pressure.NONE) {
            return Scale.fits(1);
        }
        int taste = column.apply(plants)[i];
        if (taste < 0) {
            return Scale.UNKNOWN;
        }
        return switch (taste + here.ordinal()) {
            case 1 -> Scale.fits(1);
            case 2 -> Scale.fits(0.4);
            case 3 -> Scale.fitsIf(0.5);
            default -> Scale.no(0.3);
        };
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        return pressure.apply(q.site()) == null
                ? null
                : Marker.byKey(column.apply(plants), Browsing.values().length, i -> mark(plants, i, q));
    }

    @Override
    public String site(Question q) {
        return Words.of(pressure.apply(q.site()));
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        int taste = column.apply(plants)[i];
        String takes = taste < 0 ? Phrases.say("unknown.plant") : Words.of(Browsing.values()[taste]);
        Pressure here = pressure.apply(q.site());
        String animals = Phrases.say(name.word());
        if (here == Pressure.NONE) {
            return Explained.of(takes, rule(), Phrases.say("browse.none", animals), Strip.reaching(1));
        }
        String key = "browse." + takes;
        Verdict verdict = Scale.verdict(mark);
        Explained said = Explained.of(
                takes,
                rule(),
                Phrases.say(key, animals, Phrases.say("pressure." + Words.of(here))),
                Strip.reaching(2.0 - taste - here.ordinal() + 0.5));
        return verdict == Verdict.FITS
                ? said
                : said.with(Remedy.of(
                        Remedy.Action.PLACE_APART,
                        site -> name == CriterionName.DEER
                                ? site.edit().noDeer().build()
                                : site.edit().noRabbits().build(),
                        "apart.browse",
                        animals));
    }
}
