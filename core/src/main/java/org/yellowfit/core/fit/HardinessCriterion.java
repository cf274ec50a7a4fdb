package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.climate.BudBreak;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** Does it live through the winter (rules A2 to A5)? Counted in half-zones. */
final class HardinessCriterion implements Criterion {

    /** Fewest weeks of show for which growing a plant as an annual is worth it: cautious, standard, bold. Our estimate. */
    private static final int[] LEAST_WEEKS = {12, 8, 4};

    private static final double ANNUAL_EASE = 0.3;
    private static final double SOLD_AS_ANNUAL_EASE = 1;
    private static final double ZONE_STEP = 2;
    /** Share of springs in which lost flower buds are put up with: cautious, standard, bold. Our choice. */
    private static final double[] MOST_LOSS = {0.15, 0.3, 0.5};
    /** Half-zones a pot wintered free of frost is worth carrying in for. */
    private static final int POT_REACH = 8;

    @Override
    public CriterionName name() {
        return CriterionName.HARDINESS;
    }

    @Override
    public String rule() {
        return "A2";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (q.site().zone() == null) {
            return Scale.SITE_UNKNOWN;
        }
        if (q.site().practice().oneSeason() && showsLongEnough(q)) {
            return Scale.fits(1);
        }
        if (plants.annual[i]) {
            return showsLongEnough(q) ? Scale.fitsIf(SOLD_AS_ANNUAL_EASE) : Scale.no(0.5);
        }
        if (plants.zoneMin[i] < 0) {
            return Scale.UNKNOWN;
        }
        int gap = gap(plants, i, q);
        if (inPot(q) && q.site().practice().frostFreeWinter()) {
            return Scale.fits(0.4);
        }
        if (gap <= 0) {
            return wrappedInPot(plants, i, q) && !covered(q)
                    ? Scale.fitsIf(0.6)
                    : losesBuds(plants, i, q) ? Scale.fitsIf(1 - loss(q)) : Scale.fits(gap == 0 ? 0.6 : 1);
        }
        if (gap <= allowedGap(q.policy())) {
            return Scale.fitsIf(1 - gap / 3.0);
        }
        if (plants.firstSeason[i] && showsLongEnough(q)) {
            return Scale.fitsIf(ANNUAL_EASE);
        }
        return Scale.no(1 - (gap - 1) / 4.0);
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        if (q.site().zone() == null) {
            return null;
        }
        if (inPot(q) || covered(q) || q.site().practice().oneSeason()) {
            return i -> mark(plants, i, q);
        }
        int deciduous = q.site().zone().plus(shift(q, false)).half();
        int evergreen = q.site().zone().plus(shift(q, true)).half();
        int allowed = allowedGap(q.policy());
        boolean springsKnown = q.site().springFrosts() != null;
        double barely = Scale.fits(0.6);
        return i -> {
            int gap = plants.zoneMin[i] - (plants.evergreen[i] ? evergreen : deciduous);
            boolean plain = !plants.annual[i]
                    && plants.zoneMin[i] >= 0
                    && !(springsKnown && plants.winterBuds[i])
                    && (gap <= allowed || !plants.firstSeason[i]);
            return !plain
                    ? mark(plants, i, q)
                    : gap < 0
                            ? 1
                            : gap == 0
                                    ? barely
                                    : gap <= allowed ? Scale.fitsIf(1 - gap / 3.0) : Scale.no(1 - (gap - 1) / 4.0);
        };
    }

    @Override
    public String site(Question q) {
        HardinessZone effective = q.site().zone().plus(shift(q, false));
        return effective.equals(q.site().zone())
                ? effective.label()
                : Phrases.say(
                        "hardiness.effective",
                        effective.label(),
                        q.site().zone().label());
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        Cultivar plant = plants.plants[i];
        Strip strip = strip(plants, i, q);
        if (plants.annual[i] || q.site().practice().oneSeason()) {
            return asAnnual(plant, q, strip, "hardiness.annual", Scale.verdict(mark));
        }
        int gap = gap(plants, i, q);
        String needs = HardinessZone.label(Math.min(HardinessZone.WARMEST, needed(plants, i, q)));
        String has = HardinessZone.label(effective(plants, i, q));
        if (gap <= 0) {
            Explained fine = Explained.of(
                    range(plant),
                    baseRule(q),
                    Phrases.say(inPot(q) ? "hardiness.pot.fits" : "hardiness.fits", plantZone(plant), has, needs),
                    strip);
            if (plants.winterBuds[i] && q.site().springFrosts() != null) {
                return budsTold(fine, plants, i, q);
            }
            return wrappedInPot(plants, i, q) && !covered(q)
                    ? fine.with(Remedy.practised(Remedy.Action.POT, Practice::withWinterCover, "wrap"))
                    : fine;
        }
        String why = Phrases.say(
                inPot(q) ? "hardiness.pot.short" : "hardiness.short", plantZone(plant), has, halves(gap), needs);
        if (Scale.verdict(mark) == Verdict.FITS_IF && gap > allowedGap(q.policy())) {
            return asAnnual(plant, q, strip, "hardiness.first-season", Verdict.FITS_IF);
        }
        return inPot(q) && q.site().practice().frostFreeWinter()
                ? Explained.of(range(plant), "A3", Phrases.say("hardiness.frost-free", plantZone(plant)), strip)
                : new Explained(range(plant), "A4", why, remedies(plant, gap, q), strip);
    }

    private static Explained asAnnual(Cultivar plant, Question q, Strip strip, String key, Verdict verdict) {
        Long weeks = q.site().weeksOfShow();
        String show = weeks == null ? Phrases.say("hardiness.weeks.unknown") : Phrases.say("hardiness.weeks", weeks);
        Explained said = Explained.of(
                range(plant),
                "A5",
                Phrases.say(key, plantZone(plant), q.site().zone().label(), show),
                strip);
        return verdict == Verdict.NO
                ? said
                : q.site().practice().oneSeason()
                        ? said
                        : said.with(Remedy.practised(Remedy.Action.ANNUAL, Practice::withOneSeason, "annual"));
    }

    /** What closes a gap of one or two half-zones; wider ones only a pot that is wintered free of frost, where the plant takes a pot. */
    private static List<Remedy> remedies(Cultivar plant, int gap, Question q) {
        List<Remedy> remedies = new ArrayList<>();
        int shelter = SiteConditions.yes(q.site().sheltered()) || inPot(q) ? 0 : 1;
        int cover = covered(q) ? 0 : 1;
        if (gap == 1 && shelter == 1) {
            remedies.add(Remedy.of(
                    Remedy.Action.SHELTER, site -> site.edit().sheltered().build(), "shelter"));
        } else if (gap == 1 && cover == 1) {
            remedies.add(Remedy.practised(
                    Remedy.Action.SHELTER, Practice::withWinterCover, inPot(q) ? "shelter.pot" : "shelter.cover"));
        } else if (gap == 2 && shelter + cover == 2) {
            remedies.add(Remedy.of(
                    Remedy.Action.SHELTER,
                    site -> site.edit()
                            .sheltered()
                            .practice(site.practice().withWinterCover())
                            .build(),
                    "shelter.both"));
        }
        if (gap > 1 && gap <= POT_REACH && !plant.is(Traits.POT_OK, YesNo.NO)) {
            remedies.add(Remedy.of(
                            Remedy.Action.POT,
                            site -> site.edit()
                                    .container()
                                    .practice(site.practice().withFrostFreeWinter())
                                    .build(),
                            "pot.winter")
                    .butSee(CriterionName.WANTS));
        }
        return remedies;
    }

    private static Explained budsTold(Explained fine, Catalogue plants, int i, Question q) {
        double loss = loss(q);
        String why = fine.why() + " "
                + Phrases.say(loss <= 0 ? "hardiness.buds.safe" : "hardiness.buds", Math.round((1 - loss) * 10));
        Explained said = new Explained(fine.plant(), "A8", why, List.of(), fine.strip());
        return losesBuds(plants, i, q)
                ? said.with(Remedy.practised(Remedy.Action.SHELTER, Practice::withWinterCover, "shelter.buds"))
                : said;
    }

    /** A8: lost often enough that the policy does not sell it for its flowers. */
    private static boolean losesBuds(Catalogue plants, int i, Question q) {
        return plants.winterBuds[i]
                && q.site().springFrosts() != null
                && !covered(q)
                && loss(q) > MOST_LOSS[q.policy().ordinal()];
    }

    private static double loss(Question q) {
        double loss = q.site().springFrosts().lossChance(BudBreak.USUAL_DEGREE_DAYS);
        return Double.isNaN(loss) ? 0 : loss;
    }

    private static boolean covered(Question q) {
        return q.site().practice().winterCover();
    }

    private static Strip strip(Catalogue plants, int i, Question q) {
        int effective = effective(plants, i, q);
        double warmest = plants.zoneMax[i] < 0
                ? Double.POSITIVE_INFINITY
                : plants.zoneMax[i] - q.site().zone().half() + 1;
        double coldest = plants.annual[i] ? Double.NEGATIVE_INFINITY : needed(plants, i, q) - effective;
        return new Strip(Math.min(coldest, warmest) / ZONE_STEP, Math.max(coldest, warmest) / ZONE_STEP);
    }

    private static int gap(Catalogue plants, int i, Question q) {
        return needed(plants, i, q) - effective(plants, i, q);
    }

    /** The half-zone the plant asks for: its own, or colder by the margin for roots that freeze in a pot (A3). */
    private static int needed(Catalogue plants, int i, Question q) {
        return plants.zoneMin[i] + (inPot(q) ? potMargin(q.policy()) : 0);
    }

    static int potMargin(Policy policy) {
        return switch (policy) {
            case CAUTIOUS -> 4;
            case STANDARD -> 3;
            case BOLD -> 0;
        };
    }

    /** Bold leaves a plant in its pot that is hardy in the ground only: wrapped, or moved in. */
    private static boolean wrappedInPot(Catalogue plants, int i, Question q) {
        return inPot(q) && q.policy() == Policy.BOLD && gap(plants, i, q) + potMargin(Policy.STANDARD) > 0;
    }

    private static int effective(Catalogue plants, int i, Question q) {
        return q.site().zone().plus(shift(q, plants.evergreen[i])).half();
    }

    private static int shift(Question q, boolean evergreen) {
        SiteConditions site = q.site();
        return (SiteConditions.yes(site.sheltered()) ? 1 : 0)
                - (SiteConditions.yes(site.frostPocket()) ? 1 : 0)
                - (evergreen && q.has(Stress.WIND) ? 1 : 0)
                + (covered(q) ? 1 : 0);
    }

    private static int allowedGap(Policy policy) {
        return policy.ordinal();
    }

    private static boolean showsLongEnough(Question q) {
        Long weeks = q.site().weeksOfShow();
        return weeks == null || weeks >= LEAST_WEEKS[q.policy().ordinal()];
    }

    private static boolean inPot(Question q) {
        return SiteConditions.yes(q.site().container());
    }

    private static String baseRule(Question q) {
        boolean shifted = inPot(q)
                || SiteConditions.yes(q.site().sheltered())
                || SiteConditions.yes(q.site().frostPocket());
        return shifted ? "A3" : "A2";
    }

    private static String plantZone(Cultivar plant) {
        return plant.write(Traits.ZONE_MIN).orElse("?");
    }

    private static String range(Cultivar plant) {
        return plant.write(Traits.ZONE_MAX)
                .map(max -> plantZone(plant) + "–" + max)
                .orElse(plantZone(plant));
    }

    private static String halves(int gap) {
        return gap == 1 ? Phrases.say("half-zone") : Phrases.say("half-zones", gap);
    }
}
