package org.yellowfit.app.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.claims.Sources;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;
import org.yellowfit.core.season.GrowingPlace;
import tools.jackson.databind.json.JsonMapper;

/**
 * The catalogue for the rest of the application: a snapshot in memory that follows the changes of every instance,
 * with what the records of the shop that asks say.
 */
@Service
public class CatalogueStore {

    private final CultivarRepository cultivars;
    private final JdbcTemplate jdbc;
    private final SnapshotLoader loader;
    private final Specialists specialists;
    private final CurrentShop shop;
    private volatile Editions editions = Editions.NONE;

    CatalogueStore(
            CultivarRepository cultivars,
            JdbcTemplate jdbc,
            JsonMapper mapper,
            Specialists specialists,
            CurrentShop shop) {
        this.shop = shop;
        this.specialists = specialists;
        this.cultivars = cultivars;
        this.jdbc = jdbc;
        this.loader = new SnapshotLoader(jdbc, mapper);
    }

    /** All cultivars, ordered by id, each with the values the policy takes from its sources. */
    public Catalogue catalogue(Policy policy) {
        return snapshot().under(policy, specialists);
    }

    /** All cultivars as their labels have them, ordered by id. */
    public List<Cultivar> labels() {
        return snapshot().labels().all();
    }

    /** A cultivar with the values the standard policy takes. */
    public Optional<Cultivar> find(String id) {
        return catalogue(Policy.STANDARD).find(id);
    }

    /** What all sources say of a cultivar; empty when the catalogue does not have it. */
    public Optional<Sources> sources(String id) {
        Snapshot current = snapshot();
        return current.label(id).map(label -> Sources.of(label, current.claims(id)));
    }

    public Optional<Cultivar> label(String id) {
        return snapshot().label(id);
    }

    public List<Claim> claims(String id) {
        return snapshot().claims(id);
    }

    /** Every claim that somebody makes, by cultivar, then in the order of the columns. */
    public List<Claim> allClaims() {
        return snapshot().claims().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .flatMap(each -> each.getValue().stream())
                .filter(claim -> claim.kind().isSaid())
                .toList();
    }

    /** Groups of plants that need each other to bear fruit, by name. */
    public List<String> partnerGroups() {
        return snapshot().labels().words(Traits.PARTNER_GROUP);
    }

    /** Regions plants of the catalogue come from, by name. */
    public List<String> nativeRegions() {
        return snapshot().labels().words(Traits.NATIVE_REGION);
    }

    /** Plants that run wild around the shop. */
    public WatchList watchList() {
        return snapshot().labels().watchList();
    }

    /** The address of a plant's picture, another one after each change, so that a browser keeps it until then. */
    public String portrait(Cultivar plant, GrowingPlace place) {
        return PictureAddress.portrait(plant, place);
    }

    /** What the pictures of a plant at a place hang on, for those who make up their addresses themselves. */
    public String pictureQuery(Cultivar plant, GrowingPlace place) {
        return PictureAddress.query(plant, place);
    }

    /** Another number after each change to the catalogue, its claims and its watch list, and where a shop reads another. */
    public long edition() {
        return snapshot().number();
    }

    /** All that an order of plants hangs on: the edition, and for how many policies specialists are known by now. */
    public long state() {
        Snapshot current = snapshot();
        return current.number() * (Policy.values().length + 1) + current.specialistsKnown();
    }

    public boolean isEmpty() {
        return cultivars.count() == 0;
    }

    /** The number of the change that is being made, for the rows it touches. Within a transaction. */
    @Transactional(propagation = Propagation.MANDATORY)
    long nextVersion() {
        return cultivars.countChange();
    }

    Snapshot snapshot() {
        // By plain JDBC: asked at every page, it costs one round trip where a repository's transaction costs three.
        long version = jdbc.queryForObject("select version from catalogue_change", Long.class);
        Editions current = editions;
        return (current.version() == version ? current : renewed(version)).of(shop.id());
    }

    private synchronized Editions renewed(long version) {
        if (editions.version() != version) {
            editions = loader.renewed(editions, version);
        }
        return editions;
    }
}
