package org.yellowfit.app.catalogue;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;

/**
 * The catalogue as it was after one change, for each shop: what all of them read, and beside it what the shop's own
 * records say. A shop without records reads what all read.
 */
final class Editions {

    static final Editions NONE = new Editions(-1, new Labels(List.of(), WatchList.EMPTY), Map.of(), Map.of());

    private static final Comparator<Claim> ORDER = Comparator.<Claim>comparingInt(
                    claim -> Traits.ALL.indexOf(claim.trait()))
            .thenComparing(Claim::source)
            .thenComparing(Claim::value)
            .thenComparing(claim -> claim.kind().name())
            .thenComparing(claim -> claim.atAgeYears().orElse(-1))
            .thenComparing(Claim::place);

    private final long version;
    private final Labels labels;
    private final Map<String, List<Claim>> ofAll;
    private final Map<Long, Map<String, List<Claim>>> ofShops;
    private final Snapshot common;
    private final Map<Long, Snapshot> byShop = new ConcurrentHashMap<>();

    /**
     * @param version of the last change that is in it; -1 before the first
     * @param ofAll   claims every shop reads, by plant
     * @param ofShops what each shop's records say besides, by plant
     */
    private Editions(
            long version, Labels labels, Map<String, List<Claim>> ofAll, Map<Long, Map<String, List<Claim>>> ofShops) {
        this.version = version;
        this.labels = labels;
        this.ofAll = ofAll;
        this.ofShops = ofShops;
        this.common = new Snapshot(labels, ofAll);
    }

    long version() {
        return version;
    }

    /** As a shop reads it. */
    Snapshot of(long shop) {
        Map<String, List<Claim>> own = ofShops.getOrDefault(shop, Map.of());
        return own.isEmpty() ? common : byShop.computeIfAbsent(shop, any -> new Snapshot(labels, joined(ofAll, own)));
    }

    /**
     * These with rows put in the place of older ones, and the watch list as it is now.
     *
     * @param changed plants that changed, or of which something else is said
     * @param said    all claims there are of those plants
     */
    Editions with(long newVersion, List<Cultivar> changed, Said said, WatchList watchList) {
        Set<String> ids = new HashSet<>();
        changed.forEach(plant -> ids.add(plant.id()));
        Map<Long, Map<String, List<Claim>>> shops = new HashMap<>();
        ofShops.forEach((shop, claims) -> shops.put(shop, joined(without(claims, ids), Map.of())));
        said.ofShops.forEach((shop, claims) -> shops.put(shop, joined(shops.getOrDefault(shop, Map.of()), claims)));
        return new Editions(
                newVersion,
                new Labels(replaced(labels.all(), changed), watchList),
                joined(without(ofAll, ids), said.ofAll),
                shops);
    }

    private static List<Cultivar> replaced(List<Cultivar> before, List<Cultivar> changed) {
        Map<String, Cultivar> byId = new HashMap<>();
        changed.forEach(plant -> byId.put(plant.id(), plant));
        List<Cultivar> all = new ArrayList<>(before.size() + changed.size());
        before.forEach(plant -> all.add(byId.containsKey(plant.id()) ? byId.remove(plant.id()) : plant));
        all.addAll(byId.values());
        all.sort(Comparator.comparing(Cultivar::id));
        return List.copyOf(all);
    }

    private static Map<String, List<Claim>> without(Map<String, List<Claim>> claims, Collection<String> plants) {
        Map<String, List<Claim>> left = new HashMap<>(claims);
        left.keySet().removeAll(plants);
        return left;
    }

    private static Map<String, List<Claim>> joined(Map<String, List<Claim>> claims, Map<String, List<Claim>> others) {
        Map<String, List<Claim>> joined = new HashMap<>(claims);
        others.forEach((plant, more) -> {
            List<Claim> both = new ArrayList<>(joined.getOrDefault(plant, List.of()));
            both.addAll(more);
            both.sort(ORDER);
            joined.put(plant, List.copyOf(both));
        });
        return joined;
    }

    /** Claims as they are read: those of the catalogue, and those of each shop's records. */
    static final class Said {

        private final Map<String, List<Claim>> ofAll = new HashMap<>();
        private final Map<Long, Map<String, List<Claim>>> ofShops = new HashMap<>();

        /** @param shop whose records say it; null where the catalogue does */
        void add(Long shop, Claim claim) {
            Map<String, List<Claim>> where =
                    shop == null ? ofAll : ofShops.computeIfAbsent(shop, any -> new HashMap<>());
            where.computeIfAbsent(claim.id(), any -> new ArrayList<>()).add(claim);
        }
    }
}
