package org.yellowfit.app.catalogue;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.yellowfit.core.claims.Sources;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.WatchList;
import org.yellowfit.core.search.Condition;
import org.yellowfit.core.search.FacetIndex;
import org.yellowfit.core.search.WordIndex;

/**
 * The catalogue as it was after one change: labels by id, claims, and for each policy what the fit reads, made when
 * first asked for.
 */
final class Snapshot {

    private static final int CONDITIONS_KEPT = 200;
    static final Snapshot EMPTY = new Snapshot(-1, List.of(), Map.of(), WatchList.EMPTY);

    private final long version;
    private final List<Cultivar> labels;
    private final Map<String, List<Claim>> claims;
    private final WatchList watchList;
    private final Catalogue ofLabels;
    private final Map<Policy, Catalogue> byPolicy = Collections.synchronizedMap(new EnumMap<>(Policy.class));
    private final Set<Policy> sought = ConcurrentHashMap.newKeySet();
    private volatile FacetIndex facets;
    private volatile WordIndex words;
    private final Map<Trait<String>, List<String>> wordsOf = new ConcurrentHashMap<>();
    /** Which plants meet the conditions asked lately, by what the condition means. */
    private final Map<Fact, BitSet> meeting = Collections.synchronizedMap(new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Fact, BitSet> eldest) {
            return size() > CONDITIONS_KEPT;
        }
    });

    Snapshot(long version, List<Cultivar> labels, Map<String, List<Claim>> claims, WatchList watchList) {
        this.version = version;
        this.labels = labels;
        this.claims = claims;
        this.watchList = watchList;
        this.ofLabels = Catalogue.of(labels, watchList);
    }

    long version() {
        return version;
    }

    List<Cultivar> labels() {
        return labels;
    }

    Map<String, List<Claim>> claims() {
        return claims;
    }

    WatchList watchList() {
        return watchList;
    }

    Optional<Cultivar> label(String id) {
        return ofLabels.find(id);
    }

    int indexOf(String id) {
        return ofLabels.indexOf(id);
    }

    Catalogue under(Policy policy) {
        return byPolicy.computeIfAbsent(policy, each -> claims.isEmpty() ? ofLabels : resolved(each));
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

    /** Every word a trait has in the catalogue, in the order of the alphabet. */
    List<String> words(Trait<String> trait) {
        return wordsOf.computeIfAbsent(
                trait,
                each -> labels.stream()
                        .flatMap(plant -> plant.get(trait).stream())
                        .distinct()
                        .sorted(String.CASE_INSENSITIVE_ORDER)
                        .toList());
    }

    FacetIndex facets() {
        FacetIndex made = facets;
        if (made == null) {
            made = new FacetIndex(under(Policy.STANDARD).all());
            facets = made;
        }
        return made;
    }

    WordIndex words() {
        WordIndex made = words;
        if (made == null) {
            made = new WordIndex(labels);
            words = made;
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

    /** This snapshot with rows put in the place of older ones, and the watch list as it is now. */
    Snapshot with(
            long newVersion, List<Cultivar> changed, Map<String, List<Claim>> changedClaims, WatchList newWatchList) {
        Map<String, Cultivar> byId = new HashMap<>();
        changed.forEach(plant -> byId.put(plant.id(), plant));
        List<Cultivar> all = new ArrayList<>(labels.size() + changed.size());
        labels.forEach(plant -> all.add(byId.containsKey(plant.id()) ? byId.remove(plant.id()) : plant));
        all.addAll(byId.values());
        all.sort(Comparator.comparing(Cultivar::id));
        Map<String, List<Claim>> allClaims = new HashMap<>(claims);
        changed.forEach(plant -> allClaims.remove(plant.id()));
        allClaims.putAll(changedClaims);
        return new Snapshot(newVersion, List.copyOf(all), allClaims, newWatchList);
    }

    private Catalogue resolved(Policy policy) {
        return Catalogue.of(
                labels.stream()
                        .map(plant -> claims.containsKey(plant.id())
                                ? Sources.of(plant, claims.get(plant.id())).under(policy)
                                : plant)
                        .toList(),
                watchList);
    }
}
