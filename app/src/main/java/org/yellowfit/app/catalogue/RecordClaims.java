package org.yellowfit.app.catalogue;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/**
 * What the shop's own records say, among the claims of other sources: the policies weigh them, the label stays beside.
 * Another shop neither reads nor changes them.
 */
@Service
public class RecordClaims {

    private final JdbcTemplate jdbc;
    private final CultivarRepository cultivars;
    private final CatalogueStore store;
    private final CurrentShop shop;

    RecordClaims(JdbcTemplate jdbc, CultivarRepository cultivars, CatalogueStore store, CurrentShop shop) {
        this.shop = shop;
        this.jdbc = jdbc;
        this.cultivars = cultivars;
        this.store = store;
    }

    /**
     * Puts these in the place of all that the shop's records said of some plants. Every instance hears of it with the catalogue's next
     * version.
     */
    @Transactional
    public void replace(Collection<String> plants, List<Claim> claims) {
        if (plants.isEmpty()) {
            return;
        }
        long version = store.nextVersion();
        long own = shop.id();
        new NamedParameterJdbcTemplate(jdbc)
                .update(
                        "delete from claim where shop_id = :shop and cultivar_id in (:plants)",
                        Map.of("shop", own, "plants", plants));
        jdbc.batchUpdate(
                "insert into claim (cultivar_id, trait, value, source, source_kind, at_age_years, place, shop_id)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?) on conflict do nothing",
                claims.stream()
                        .map(claim -> new Object[] {
                            claim.id(),
                            claim.trait().name(),
                            claim.value(),
                            claim.source(),
                            claim.kind().name(),
                            claim.atAgeYears().isPresent() ? claim.atAgeYears().getAsDouble() : null,
                            claim.place(),
                            own
                        })
                        .toList());
        cultivars.touch(List.copyOf(plants), version);
    }

    /** Something else than a value is known of a plant now: every instance tells it anew. */
    @Transactional
    public void touch(String plant) {
        cultivars.touch(List.of(plant), store.nextVersion());
    }

    /** What was worked out of records before. */
    @Transactional(readOnly = true)
    public List<Claim> calibrated() {
        return jdbc.query(
                "select cultivar_id, trait, value, source from claim where shop_id = ? and source_kind = 'CALIBRATED'",
                (row, at) -> new Claim(
                        row.getString(1),
                        Traits.named(row.getString(2)).orElseThrow(),
                        row.getString(3),
                        row.getString(4),
                        SourceKind.CALIBRATED,
                        OptionalDouble.empty(),
                        ""),
                shop.id());
    }

    /** Plants of which somebody wrote own records of a trait into the catalogue. */
    @Transactional(readOnly = true)
    public Set<String> writtenByHand(Trait<?> trait) {
        return Set.copyOf(jdbc.queryForList(
                "select distinct cultivar_id from claim"
                        + " where shop_id is null and source_kind = 'OWN_RECORD' and trait = ?",
                String.class,
                trait.name()));
    }
}
