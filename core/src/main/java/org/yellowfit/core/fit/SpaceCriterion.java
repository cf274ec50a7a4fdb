package org.yellowfit.core.fit;

import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;

/**
 * Size at the horizon against the room there is (rules D1 to D4): height in flower under a limit, or spread in the depth.
 * Cautious and standard ask the large end of the expected size to fit, bold the usual size.
 */
final class SpaceCriterion implements Criterion {

    /** Cutting a third keeps a plant of one and a half times the room (I1: a third to a half). */
    private static final double PRUNED_FROM = 1.5;

    private static final double COMFORT_SHARE = 0.25;
    /** In a strip narrower than this, columns and small globes come first (D5). */
    private static final double NARROW_M = 0.9;

    private static final double NARROW_COMFORT = 0.6;
    private static final double STEP_SHARE = 0.1;
    private static final double LEAST_STEP_M = 0.05;
    private static final double ROUNDING = 1e-9;

    private final boolean upward;

    private SpaceCriterion(boolean upward) {
        this.upward = upward;
    }

    static SpaceCriterion height() {
        return new SpaceCriterion(true);
    }

    static SpaceCriterion spread() {
        return new SpaceCriterion(false);
    }

    @Override
    public CriterionName name() {
        return upward ? CriterionName.HEIGHT : CriterionName.SPREAD;
    }

    @Override
    public String rule() {
        return "D4";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        Double room = room(q);
        return room == null
                ? Scale.SITE_UNKNOWN
                : marked(plants, i, q, room, plants.sizesAt(q.site().horizonYears()));
    }

    private double marked(Catalogue plants, int i, Question q, double room, Sizes sizes) {
        double mid = upward ? sizes.heightMid(i) : sizes.spreadMid(i);
        double size = q.policy() == Policy.BOLD ? mid : upward ? sizes.heightHigh(i) : sizes.spreadHigh(i);
        if (size <= room + ROUNDING) {
            double comfort = Math.min(1, 0.3 + 0.7 * (room - size) / (room * COMFORT_SHARE));
            return Scale.fits(!upward && room < NARROW_M && !plants.slender[i] ? comfort * NARROW_COMFORT : comfort);
        }
        boolean cut = mid <= room * PRUNED_FROM && mayPrune(plants, i, q);
        if (cut) {
            return q.site().practice().prunedToSize()
                    ? Scale.fits(0.1)
                    : Scale.fitsIf(1 - (mid / room - 1) / (PRUNED_FROM - 1));
        }
        if (mid <= room + ROUNDING && q.policy() != Policy.CAUTIOUS) {
            return Scale.fitsIf((room - mid) / Math.max(size - mid, ROUNDING));
        }
        return Scale.no(1 - (size / room - 1));
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        Double limit = room(q);
        if (limit == null) {
            return null;
        }
        double room = limit;
        Sizes sizes = plants.sizesAt(q.site().horizonYears());
        return i -> marked(plants, i, q, room, sizes);
    }

    @Override
    public String site(Question q) {
        return Phrases.say(upward ? "height.site" : "spread.site", q.length(room(q)));
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        Cultivar plant = plants.plants[i];
        double room = room(q);
        double size = judged(plants, i, q);
        double mid = mid(plants, i, q);
        String years = Numbers.rounded(q.site().horizonYears(), 1);
        String grows = Phrases.say(upward ? "height.plant" : "spread.plant", range(q, mid, high(plants, i, q)), years);
        Strip strip = Strip.around(size, Double.POSITIVE_INFINITY, room, Math.max(LEAST_STEP_M, room * STEP_SHARE));
        String prefix = upward ? "height" : "spread";
        if (Scale.verdict(mark) == Verdict.FITS) {
            return Explained.of(
                    grows, rule(), Phrases.say(prefix + ".fits", q.length(size), years, q.length(room)), strip);
        }
        String outgrown = outgrown(plant, room);
        boolean mayStay = mid <= room + ROUNDING;
        String why = Phrases.say(
                prefix + (mayStay ? ".may" : ".over"),
                q.length(mayStay ? high(plants, i, q) : mid),
                years,
                q.length(room),
                q.length(Math.max(0.01, (mayStay ? high(plants, i, q) : mid) - room)),
                outgrown);
        return remedied(plants, i, q, mark, Explained.of(grows, rule(), why, strip), size);
    }

    private Explained remedied(Catalogue plants, int i, Question q, double mark, Explained said, double size) {
        double room = room(q);
        if (Scale.verdict(mark) == Verdict.NO && size > room * PRUNED_FROM) {
            return said;
        }
        Remedy move = Remedy.of(
                Remedy.Action.MOVE,
                site -> upward
                        ? site.edit().heightFor(size).build()
                        : site.edit().roomFor(size).build(),
                upward ? "height.move" : "room.move",
                q.length(size));
        return Scale.verdict(mark) == Verdict.FITS_IF && mayPrune(plants, i, q)
                ? said.with(
                        Remedy.practised(
                                Remedy.Action.PRUNE_SIZE,
                                Practice::withPruning,
                                plants.plants[i].isWoody() ? "prune-size" : "divide",
                                q.length(room)),
                        move)
                : said.with(move);
    }

    private String outgrown(Cultivar plant, double room) {
        PlantGrowth growth = PlantGrowth.of(plant);
        double years = upward ? growth.yearsToHeight(room) : growth.yearsToSpread(room);
        if (!Double.isFinite(years)) {
            return Phrases.say("room.never");
        }
        int year = Math.max(1, (int) Math.ceil(years));
        return year > 1 ? Phrases.say("room.year", year) : Phrases.say("room.first");
    }

    private Double room(Question q) {
        return upward ? q.site().maxHeightM() : q.site().roomM();
    }

    private double judged(Catalogue plants, int i, Question q) {
        return q.policy() == Policy.BOLD ? mid(plants, i, q) : high(plants, i, q);
    }

    private double mid(Catalogue plants, int i, Question q) {
        Sizes sizes = plants.sizesAt(q.site().horizonYears());
        return upward ? sizes.heightMid(i) : sizes.spreadMid(i);
    }

    private double high(Catalogue plants, int i, Question q) {
        Sizes sizes = plants.sizesAt(q.site().horizonYears());
        return upward ? sizes.heightHigh(i) : sizes.spreadHigh(i);
    }

    private static String range(Question q, double mid, double high) {
        String usual = q.length(mid);
        String most = q.length(high);
        return usual.equals(most) ? usual : usual + "–" + most;
    }

    /** D3; a clump that dies down is divided or trimmed at its edge, so its width may be kept too. Never planned on by the cautious. */
    private boolean mayPrune(Catalogue plants, int i, Question q) {
        return q.policy() != Policy.CAUTIOUS && (upward ? plants.heightKept[i] : plants.widthKept[i]);
    }
}
