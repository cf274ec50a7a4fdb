package org.yellowfit.core.fit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.serve.Service;
import org.yellowfit.core.serve.Serving;

/** Why fewer than five stand first (rule L6): how many do what is asked, and what the next one lacks. */
final class FewFirst {

    private FewFirst() {}

    /** @return empty where there are five, or nothing lives */
    static Optional<Fact> why(Serving serving, List<First> first, List<Ranked> ranked) {
        if (first.size() >= FirstFive.MOST || ranked.stream().noneMatch(FewFirst::lives)) {
            return Optional.empty();
        }
        Set<String> there =
                first.stream().map(each -> each.ranked().plant().id()).collect(Collectors.toSet());
        Optional<Ranked> next = ranked.stream()
                .filter(each -> lives(each) && !there.contains(each.plant().id()))
                .findFirst();
        Fact count = first.isEmpty() ? Fact.of("first.few.none") : Fact.of("first.few", first.size());
        return Optional.of(
                next.map(each -> Fact.of("first.few.next", count, each.plant().name(), lack(serving, each)))
                        .orElse(Fact.of("first.few.all", count)));
    }

    private static boolean lives(Ranked each) {
        return each.live() != Live.NO;
    }

    /** What it meets least of what is asked. */
    private static Fact lack(Serving serving, Ranked each) {
        return serving.services(each.index()).stream()
                .min(Comparator.comparingDouble(Service::met))
                .map(Service::why)
                .orElse(Fact.of("first.few.lives"));
    }
}
