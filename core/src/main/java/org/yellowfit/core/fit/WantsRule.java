package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;

/**
 * What the customer asked for. Another kind of plant is out, so is one that misses a must or is what was never wanted;
 * of the
 * rest, some met is a trade to be offered, none met is no answer to the wish. The margin is the share that is met.
 */
final class WantsRule implements Rule {

    @Override
    public CriterionName name() {
        return CriterionName.WANTS;
    }

    @Override
    public boolean isAsked(Question q) {
        return !q.wants().isNothing() || q.inPot();
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        return Optional.of(new WantsJudge(plants, q));
    }

    private record WantsJudge(Catalogue plants, Question q) implements Judge {

        @Override
        public void judge(int i, Ruling into) {
            Cultivar plant = plants.plants[i];
            if (isOtherKind(plant, q.wants()) || isNeverKind(plant, q.wants())) {
                into.set(Outcome.OTHER_KIND);
            } else if (!unwanted(plant, q).isEmpty()) {
                into.set(Outcome.NEVER_WANTED);
            } else {
                judge(wishes(plant, q), into);
            }
        }

        private void judge(List<Wish> wishes, Ruling into) {
            double met = 0;
            int wholly = 0;
            int known = 0;
            for (Wish wish : wishes) {
                if (!wish.isUnknown()) {
                    known++;
                    met += wish.met();
                    wholly += wish.isMet() ? 1 : 0;
                    if (!wish.isMet() && q.wants().must().contains(wish.field())) {
                        into.set(Outcome.MUST_MISSED);
                        return;
                    }
                }
            }
            if (wholly == wishes.size()) {
                into.set(Outcome.WISHES_MET);
                return;
            }
            double hoped = met + RuleNumber.UNKNOWN_IN_A_WISH.value * (wishes.size() - known);
            boolean none = met == 0 && known == wishes.size();
            into.set(none ? Outcome.WISHES_MISSED : Outcome.WISHES_MET_IN_PART, hoped / wishes.size());
        }

        @Override
        public Fact site() {
            Wants wants = q.wants();
            List<Object> asked = new ArrayList<>(wants.kinds());
            if (wants.evergreen()) {
                asked.add(Fact.of("wants.evergreen"));
            }
            wants.colours().forEach(colour -> asked.add(colour.text()));
            wants.bloomMonths().forEach(month -> asked.add(java.time.Month.of(month)));
            asked.addAll(wants.uses());
            if (wants.screenHeightM() != null) {
                asked.add(Fact.of("wants.screen", Amount.metres(wants.screenHeightM())));
            }
            Stream.of(
                            wants.fragrance() ? "fragrance" : "",
                            wants.pollinators() ? "pollinators" : "",
                            wants.birds() ? "birds" : "",
                            wants.berries() ? "berries" : "",
                            wants.winterInterest() ? "winter" : "",
                            wants.nativeRegion() == null ? "" : "native",
                            wants.maxCareMinutes() == null ? "" : "care",
                            wants.maxPrice() == null ? "" : "price",
                            q.inPot() ? "pot" : "")
                    .filter(key -> !key.isEmpty())
                    .forEach(key -> asked.add(Fact.of("wants." + key)));
            return asked.isEmpty() ? Fact.of("wants.nothing") : Fact.of("value", asked);
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            Cultivar plant = plants.plants[i];
            return switch (ruling.outcome()) {
                case OTHER_KIND -> otherKind(plant, ruling);
                case NEVER_WANTED -> {
                    Fact named = named(unwanted(plant, q));
                    yield Finding.of(ruling, named, Fact.of("wants.never", named), Strip.reaching(Strip.Reach.OUT));
                }
                default -> answered(wishes(plant, q), ruling);
            };
        }

        private Finding otherKind(Cultivar plant, Ruling ruling) {
            Fact why = isOtherKind(plant, q.wants())
                    ? Fact.of("wants.kind", plant.kind(), List.copyOf(q.wants().kinds()))
                    : Fact.of("wants.never.kind", plant.kind());
            return Finding.of(ruling, Fact.of("value", plant.kind()), why, Strip.reaching(Strip.Reach.OUT));
        }

        private Finding answered(List<Wish> wishes, Ruling ruling) {
            List<Wish> met = wishes.stream().filter(Wish::isMet).toList();
            List<Wish> missed = wishes.stream().filter(wish -> !wish.isMet()).toList();
            if (missed.isEmpty()) {
                return Finding.of(
                        ruling, named(met), Fact.of("wants.met", named(met)), Strip.reaching(Strip.Reach.OVER));
            }
            Fact has = met.isEmpty() ? Fact.of("wants.plant.none") : named(met);
            Strip.Reach reach = ruling.verdict() == Verdict.NO ? Strip.Reach.FAR_SHORT : Strip.Reach.JUST_SHORT;
            return Finding.of(ruling, has, why(met, missed), Strip.reaching(reach));
        }

        private Fact why(List<Wish> met, List<Wish> missed) {
            List<Wish> musts = missed.stream()
                    .filter(wish -> q.wants().must().contains(wish.field()) && !wish.isUnknown())
                    .toList();
            if (!musts.isEmpty()) {
                return Fact.of("wants.must", named(musts));
            }
            List<Wish> unknown = missed.stream().filter(Wish::isUnknown).toList();
            if (!unknown.isEmpty()) {
                return met.isEmpty()
                        ? Fact.of("wants.unknown", named(unknown))
                        : Fact.of("wants.some.unknown", named(met), named(unknown));
            }
            return met.isEmpty()
                    ? Fact.of("wants.none", named(missed))
                    : Fact.of("wants.some", named(met), named(missed));
        }

        private static Fact named(List<Wish> wishes) {
            return Fact.of("value", wishes.stream().map(Wish::asked).toList());
        }
    }

    /** Wishes asked of a plant here, the pot's among them. */
    static List<Wish> wishes(Cultivar plant, Question q) {
        List<Wish> wishes = Wish.of(plant, q.wants(), q);
        if (q.inPot()) {
            wishes.add(Wish.pot(plant));
        }
        return wishes;
    }

    /** What the plant is or has that was never wanted. */
    static List<Wish> unwanted(Cultivar plant, Question q) {
        Wants never = q.wants().never();
        return never == null || never.wishesNothing()
                ? List.of()
                : Wish.of(plant, never, q).stream().filter(Wish::isMet).toList();
    }

    static boolean isOtherKind(Cultivar plant, Wants wants) {
        return !wants.kinds().isEmpty() && !wants.kinds().contains(plant.kind());
    }

    static boolean isNeverKind(Cultivar plant, Wants wants) {
        return wants.never() != null && wants.never().kinds().contains(plant.kind());
    }
}
