package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.serve.Importance;
import org.yellowfit.core.serve.Service;
import org.yellowfit.core.serve.Serving;
import org.yellowfit.core.serve.Wants;

/**
 * What the customer insists on (rules G5 and L3). Another kind of plant is out; so is one that misses a must, is what
 * was never wanted, or takes no pot where it has to stand in one. Other wishes lower how it serves, and rule
 * nothing out.
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

    /** What must not be: the genera and kinds, and what meets any of the wishes of {@code never}. */
    static final class Nevers {
        private final Catalogue plants;
        private final Serving serving;
        private final Serving never;
        /** Kinds that are asked for; all where none is, or where they only count. */
        private final Set<Kind> kinds;

        private final Set<Kind> neverKinds;

        Nevers(Catalogue plants, Question q, Serving serving) {
            this.plants = plants;
            Wants wants = q.wants();
            this.serving = serving;
            boolean any = wants.kinds().isEmpty() || Serving.isSoft(wants, "kinds");
            kinds = any ? EnumSet.allOf(Kind.class) : EnumSet.copyOf(wants.kinds());
            neverKinds = EnumSet.noneOf(Kind.class);
            if (wants.never() != null) {
                neverKinds.addAll(wants.never().kinds());
            }
            boolean none = wants.never() == null || wants.never().wishesNothing();
            never = none ? null : Serving.of(plants.serve, wants.never(), q.usePlace());
        }

        boolean isOtherKind(int i) {
            return !kinds.contains(plants.plants[i].kind());
        }

        boolean isNeverKind(int i) {
            return neverKinds.contains(plants.plants[i].kind());
        }

        boolean isNeverGenus(int i) {
            return serving.isOfNeverGenus(i);
        }

        /** What it meets of what was never wanted. */
        List<Serving.Asked> unwanted(int i) {
            if (never == null) {
                return List.of();
            }
            List<Serving.Asked> asked = never.asked();
            return IntStream.range(0, asked.size())
                    .filter(k -> never.met(k, i) >= never.enough(k))
                    .mapToObj(asked::get)
                    .toList();
        }

        boolean isUnwanted(int i) {
            return never != null && !unwanted(i).isEmpty();
        }
    }

    private static final class WantsJudge implements Judge {
        private final Catalogue plants;
        private final Question q;
        private final Serving serving;
        private final Nevers nevers;

        WantsJudge(Catalogue plants, Question q) {
            this.plants = plants;
            this.q = q;
            serving = q.serving(plants);
            nevers = new Nevers(plants, q, serving);
        }

        @Override
        public void judge(int i, Ruling into) {
            if (nevers.isOtherKind(i) || nevers.isNeverKind(i)) {
                into.set(Outcome.OTHER_KIND);
            } else if (nevers.isNeverGenus(i) || nevers.isUnwanted(i)) {
                into.set(Outcome.NEVER_WANTED);
            } else if (q.inPot() && plants.noPot[i]) {
                into.set(Outcome.TAKES_NO_POT);
            } else {
                boolean potUnknown =
                        q.inPot() && plants.plants[i].get(Traits.POT_OK).isEmpty();
                into.set(
                        switch (serving.musts(i)) {
                            case MISSED -> Outcome.MUST_MISSED;
                            case UNKNOWN -> Outcome.MUST_UNKNOWN;
                            case MET -> potUnknown ? Outcome.POT_UNKNOWN : Outcome.WISHES_WEIGHED;
                        });
            }
        }

        @Override
        public Fact site() {
            List<Object> asked = new ArrayList<>(q.wants().kinds());
            serving.asked().forEach(each -> asked.add(each.words()));
            if (q.inPot()) {
                asked.add(Fact.of("wants.pot"));
            }
            return asked.isEmpty() ? Fact.of("wants.nothing") : Fact.of("value", asked);
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            Cultivar plant = plants.plants[i];
            return switch (ruling.outcome()) {
                case OTHER_KIND -> otherKind(i, ruling);
                case NEVER_WANTED -> {
                    Fact named = nevers.isNeverGenus(i) ? Fact.of("value", plant.genus()) : words(nevers.unwanted(i));
                    yield out(ruling, named, Fact.of("wants.never", named));
                }
                case TAKES_NO_POT -> out(ruling, Fact.of("value", YesNo.NO), Fact.of("wants.no-pot"));
                case POT_UNKNOWN ->
                    Finding.withoutStrip(ruling, Fact.of("unknown.plant"), Fact.of("wants.pot-unknown"));
                default -> answered(serving.services(i), ruling);
            };
        }

        private Finding otherKind(int i, Ruling ruling) {
            Cultivar plant = plants.plants[i];
            Fact why = nevers.isOtherKind(i)
                    ? Fact.of("wants.kind", plant.kind(), List.copyOf(q.wants().kinds()))
                    : Fact.of("wants.never.kind", plant.kind());
            return out(ruling, Fact.of("value", plant.kind()), why);
        }

        private static Finding out(Ruling ruling, Fact plant, Fact why) {
            return Finding.of(ruling, plant, why, Strip.reaching(Strip.Reach.OUT));
        }

        private Finding answered(List<Service> services, Ruling ruling) {
            List<Service> musts = services.stream()
                    .filter(service -> service.importance() == Importance.MUST && !service.done())
                    .toList();
            List<Service> met = services.stream().filter(Service::done).toList();
            List<Service> missed =
                    services.stream().filter(service -> !service.done()).toList();
            Fact has = met.isEmpty() ? Fact.of("wants.plant.none") : named(met);
            if (ruling.is(Outcome.MUST_MISSED)) {
                return Finding.of(
                        ruling, has, Fact.of("wants.must", named(musts)), Strip.reaching(Strip.Reach.FAR_SHORT));
            }
            if (ruling.is(Outcome.MUST_UNKNOWN)) {
                return Finding.of(
                        ruling, has, Fact.of("wants.unknown", named(musts)), Strip.reaching(Strip.Reach.JUST_SHORT));
            }
            Strip over = Strip.reaching(Strip.Reach.OVER);
            if (services.isEmpty()) {
                return Finding.of(ruling, has, Fact.of(q.inPot() ? "wants.pot-fine" : "wants.nothing-against"), over);
            }
            if (missed.isEmpty()) {
                return Finding.of(ruling, has, Fact.of("wants.met", named(met)), over);
            }
            Fact why = met.isEmpty()
                    ? Fact.of("wants.less", named(missed))
                    : Fact.of("wants.some", named(met), named(missed));
            return Finding.of(ruling, has, why, over);
        }

        private static Fact named(List<Service> services) {
            return Fact.of("value", services.stream().map(Service::asked).toList());
        }

        private static Fact words(List<Serving.Asked> asked) {
            return Fact.of("value", asked.stream().map(Serving.Asked::words).collect(Collectors.toList()));
        }
    }
}
