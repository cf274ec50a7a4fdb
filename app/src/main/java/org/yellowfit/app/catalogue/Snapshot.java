package org.yellowfit.app.catalogue;

import java.util.BitSet;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.yellowfit.core.claims.Sources;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.search.Condition;
import org.yellowfit.core.search.FacetIndex;

/**
 * The catalogue as one shop reads it after one change: labels by id, claims, and for each policy what the fit reads,
 * made when first asked for.
 */
final class Snapshot {

    private static final int CONDITIONS_KEPT = 200;
    private static final AtomicLong MADE = new AtomicLong();

    private final long number = MADE.incrementAndGet();
    private final Labels labels;
    private final Map<String, List<Claim>> claims;
    private final Map<Policy, Catalogue> byPolicy = Collections.synchronizedMap(new EnumMap<>(Policy.class));
    private final Set<Policy> sought = ConcurrentHashMap.newKeySet();
    private volatile FacetIndex facets;
    /** Which plants meet the conditions asked lately, by what the condition means. */
    private final Map<Fact, BitSet> meeting = Collections.synchronizedMap(new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Fact, BitSet> eldest) {
            return size() > CONDITIONS_KEPT;
        }
    });

    Snapshot(Labels labels, Map<String, List<Claim>> claims) {
        this.labels = labels;
        this.claims = claims;
    }

    /** Another one for each that is made while the application runs. */
    long number() {
        return number;
    }

    Labels labels() {
        return labels;
    }

    List<Claim> claims(String id) {
        return claims.getOrDefault(id, List.of());
    }

    /** By cultivar. Not to be changed. */
    Map<String, List<Claim>> claims() {
        return claims;
    }

    Optional<Cultivar> label(String id) {
        return labels.catalogue().find(id);
    }

    Catalogue under(Policy policy) {
        if (claims.isEmpty()) {
            return labels.catalogue();
        }
        Catalogue usual = byPolicy.computeIfAbsent(Policy.STANDARD, this::resolved);
        return policy == Policy.CAUTIOUS
                ? byPolicy.computeIfAbsent(
                        policy, cautious -> resolved(cautious).noSmallerThan(usual))
                : byPolicy.computeIfAbsent(policy, this::resolved);
    }

    /** The same, its specialists being looked for from the first time it is asked for. */
    Catalogue under(Policy policy, Specialists specialists) {
        Catalogue catalogue = under(policy);
        if (sought.add(policy)) {
            specialists.find(policy, catalogue);
        }
        return catalogue;
    }

    int specialistsKnown() {
        synchronized (byPolicy) {
            return (int) byPolicy.values().stream()
                    .filter(Catalogue::knowsSpecialists)
                    .count();
        }
    }

    FacetIndex facets() {
        FacetIndex made = facets;
        if (made == null) {
            made = new FacetIndex(under(Policy.STANDARD).all());
            facets = made;
        }
        return made;
    }

    /** The plants, by place in the catalogue, that meet a condition. Not to be changed. */
    BitSet meeting(Condition condition) {
        return meeting.computeIfAbsent(condition.meaning(), meaning -> {
            List<Cultivar> plants = under(Policy.STANDARD).all();
            BitSet met = new BitSet(plants.size());
            for (int i = 0; i < plants.size(); i++) {
                met.set(i, condition.holds().test(plants.get(i)));
            }
            return met;
        });
    }

    private Catalogue resolved(Policy policy) {
        return Catalogue.of(
                labels.all().stream()
                        .map(plant -> claims.containsKey(plant.id())
                                ? Sources.of(plant, claims(plant.id())).under(policy)
                                : plant)
                        .toList(),
                labels.watchList());
    }
}
