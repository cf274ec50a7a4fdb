package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Hedges;
import org.yellowfit.core.serve.JobFields;
import org.yellowfit.core.serve.JobKind;

/**
 * Size at the horizon against the room there is (rules D1 to D5): height in flower under a limit, or spread in the
 * depth.
 * Cautious and standard ask the large end of the expected size to fit, bold the usual size.
 */
final class SpaceRule implements Rule {

    /** Sizes come out of powers and roots: a size equal to the room but for the last digits fits it. */
    private static final double ROUNDING = 1e-9;
    /** A lack that is told is never told as nothing, m. */
    private static final double LEAST_TOLD_M = 0.01;

    private final boolean upward;

    private SpaceRule(boolean upward) {
        this.upward = upward;
    }

    static SpaceRule height() {
        return new SpaceRule(true);
    }

    static SpaceRule spread() {
        return new SpaceRule(false);
    }

    @Override
    public CriterionName name() {
        return upward ? CriterionName.HEIGHT : CriterionName.SPREAD;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        Room room = q.site().room();
        Double limit = upward ? room.maxHeightM() : room.widthM();
        if (upward && limit == null && room.supportHeightM() != null) {
            return Optional.of(new SpaceJudge(plants, q, Double.POSITIVE_INFINITY));
        }
        return Optional.ofNullable(limit).map(known -> new SpaceJudge(plants, q, known));
    }

    private final class SpaceJudge implements Judge {

        private final Catalogue plants;
        private final Sizes sizes;
        private final double room;
        private final double years;
        private final double close;
        /** Height of what a climber goes up, m; NaN without one (F9). */
        private final double support;

        private final Policy policy;
        private final boolean narrow;
        private final boolean pruned;
        private final boolean[] mayBeKept;
        /** Height or width at which a clipped hedge is kept, m; NaN where none is asked for (L2). */
        private final double clipped;

        SpaceJudge(Catalogue plants, Question q, double room) {
            this.plants = plants;
            this.room = room;
            policy = q.policy();
            years = q.site().room().horizonYears();
            sizes = plants.sizesAt(years, q.site().light().sunHours());
            close = q.site().uncertainty().lengthShare();
            Double up = q.site().room().supportHeightM();
            support = up == null ? Double.NaN : up;
            narrow = !upward && room < RuleNumber.NARROW_STRIP.value;
            pruned = q.site().upkeep().does(Upkeep.Task.PRUNED_TO_SIZE);
            mayBeKept = upward ? plants.heightKept : plants.widthKept;
            clipped = q.wants().jobs().stream()
                    .filter(job -> job.kind() == JobKind.HEDGE && job.get(JobFields.CLIPPED, false))
                    .mapToDouble(job -> upward ? job.get(JobFields.HEIGHT) : Hedges.clippedWidth(job))
                    .max()
                    .orElse(Double.NaN);
        }

        @Override
        public void judge(int i, Ruling into) {
            if (plants.climber[i]) {
                judgeClimber(i, into);
                return;
            }
            if (Double.isInfinite(room)) {
                into.set(Outcome.NOT_ABOUT_IT);
                return;
            }
            double mid = mid(i);
            double size = policy == Policy.BOLD ? mid : high(i);
            if (size > room + ROUNDING && size <= room * (1 + close) + ROUNDING) {
                into.set(Outcome.ROOM_CLOSE, (room - size) / room);
            } else if (size <= room + ROUNDING) {
                boolean tight = narrow && !plants.slender[i];
                into.set(tight ? Outcome.STRIP_NARROW : Outcome.ROOM_ENOUGH, (room - size) / room);
            } else if (mid <= room * RuleNumber.PRUNED_FROM.value && mayPrune(i)) {
                into.set(pruned ? Outcome.KEPT_SMALL : Outcome.TO_BE_CUT, mid / room - 1);
            } else if (mid <= room + ROUNDING && policy != Policy.CAUTIOUS) {
                into.set(Outcome.MAY_STAY_WITHIN, (room - mid) / Math.max(size - mid, ROUNDING));
            } else {
                into.set(Outcome.TOO_LARGE, size / room - 1);
            }
        }

        /** F9: a climber is judged by what holds it, not by the bed's depth; without that it trails. */
        private void judgeClimber(int i, Ruling into) {
            if (!upward) {
                into.set(Outcome.NOT_ABOUT_IT);
            } else if (support == 0) {
                into.set(Outcome.TRAILS);
            } else {
                double over = mid(i) / climbs();
                boolean tops = over > mayOvertop() && !pruned;
                into.set(tops ? Outcome.OVERTOPS_ITS_SUPPORT : Outcome.ON_ITS_SUPPORT, over - 1);
            }
        }

        /** What it goes up: its support, or whatever stands there up to the limit. */
        private double climbs() {
            return Double.isNaN(support) ? room : support;
        }

        private double mayOvertop() {
            return Double.isNaN(support) ? 1 : RuleNumber.SUPPORT_OVERTOPPED.value;
        }

        /**
         * D3; a clump that dies down is divided or trimmed at its edge, so its width may be kept too. Never planned on
         * by the
         * cautious.
         */
        private boolean mayPrune(int i) {
            return policy != Policy.CAUTIOUS && mayBeKept[i];
        }

        private double mid(int i) {
            return kept(i, upward ? sizes.heightMid(i) : sizes.spreadMid(i));
        }

        private double high(int i) {
            return kept(i, upward ? sizes.heightHigh(i) : sizes.spreadHigh(i));
        }

        /** A clipped hedge is as large as it is kept. */
        private double kept(int i, double size) {
            return size > clipped && Hedges.mayBeClipped(plants.plants[i]) ? clipped : size;
        }

        @Override
        public Fact site() {
            return Double.isInfinite(room)
                    ? Fact.of("climber.site", Amount.metres(support))
                    : Fact.of(name().word() + ".site", Amount.metres(room));
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            if (plants.climber[i]) {
                return climber(i, ruling);
            }
            double mid = mid(i);
            double high = high(i);
            double judged = policy == Policy.BOLD ? mid : high;
            Fact grows = Fact.of(
                    name().word() + ".plant", Fact.of("length.range", Amount.metres(mid), Amount.metres(high)), age(i));
            double step = Math.max(RuleNumber.LEAST_ROOM_STRIP_STEP.value, room * RuleNumber.ROOM_STRIP_STEP.value);
            Strip strip = Strip.around(judged, Double.POSITIVE_INFINITY, room, step);
            if (ruling.is(Outcome.ROOM_CLOSE)) {
                Fact why = Fact.of(name().word() + ".close", Amount.metres(judged), age(i), Amount.metres(room));
                return Finding.of(ruling, grows, why, strip);
            }
            if (ruling.verdict() == Verdict.FITS) {
                Fact why = Fact.of(name().word() + ".fits", Amount.metres(judged), age(i), Amount.metres(room));
                return Finding.of(ruling, grows, why, strip);
            }
            boolean mayStay = mid <= room + ROUNDING;
            double told = mayStay ? high : mid;
            Fact why = Fact.of(
                    name().word() + (mayStay ? ".may" : ".over"),
                    Amount.metres(told),
                    age(i),
                    Amount.metres(room),
                    Amount.metres(Math.max(LEAST_TOLD_M, told - room)),
                    outgrown(i, mayStay));
            return Finding.of(ruling, grows, why, strip).byRule("D4").with(remedies(i, ruling, judged));
        }

        private Finding climber(int i, Ruling ruling) {
            Amount size = Amount.metres(mid(i));
            Fact grows = Fact.of("climber.plant", size, age(i));
            if (ruling.is(Outcome.TRAILS)) {
                return Finding.withoutStrip(ruling, grows, Fact.of("climber.trails", size));
            }
            boolean tops = ruling.is(Outcome.OVERTOPS_ITS_SUPPORT);
            Fact why = Fact.of(tops ? "climber.over" : "climber.fits", size, age(i), Amount.metres(climbs()));
            Strip strip = Strip.around(
                    mid(i), Double.POSITIVE_INFINITY, climbs(), climbs() * RuleNumber.ROOM_STRIP_STEP.value);
            Finding said = Finding.of(ruling, grows, why, strip);
            return tops
                    ? said.with(Remedy.practised(
                            Remedy.Action.PRUNE_SIZE,
                            Upkeep.Task.PRUNED_TO_SIZE,
                            "prune-size",
                            Amount.metres(climbs())))
                    : said;
        }

        private List<Remedy> remedies(int i, Ruling ruling, double size) {
            if (ruling.verdict() == Verdict.NO && size > room * RuleNumber.PRUNED_FROM.value) {
                return List.of();
            }
            Remedy move = Remedy.of(
                    Remedy.Action.MOVE,
                    site -> site.withRoom(there -> upward ? there.forHeight(size) : there.forSpread(size)),
                    upward ? "height.move" : "room.move",
                    Amount.metres(size));
            boolean cut = ruling.verdict() == Verdict.FITS_IF && mayPrune(i);
            return cut ? List.of(cutBack(i), move) : List.of(move);
        }

        private Remedy cutBack(int i) {
            return Remedy.practised(
                    Remedy.Action.PRUNE_SIZE,
                    Upkeep.Task.PRUNED_TO_SIZE,
                    plants.plants[i].isWoody() ? "prune-size" : "divide",
                    Amount.metres(room));
        }

        /** When a size is reached: an annual does it all in its one season (A5). */
        private Fact age(int i) {
            return plants.annual[i] ? Fact.of("age.season") : Fact.of("age", Amount.years(years));
        }

        /** The year in which the usual size passes the room, where there is one to tell. */
        private Fact outgrown(int i, boolean mayStay) {
            double reached = upward ? sizes.yearsToHeight(i, room) : sizes.yearsToSpread(i, room);
            if (plants.annual[i] || !Double.isFinite(reached)) {
                return Fact.of("room.never");
            }
            int year = Math.max(1, (int) Math.ceil(reached));
            if (mayStay) {
                return Fact.of("room.year.usual", year);
            }
            return year > 1 ? Fact.of("room.year", year) : Fact.of("room.first");
        }
    }
}
