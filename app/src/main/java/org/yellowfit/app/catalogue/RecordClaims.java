package org.yellowfit.app.catalogue;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.core.plant.Claim;

/** What the shop's own records say, among the claims of other sources: the policies weigh them, the label stays beside. */
@Service
public class RecordClaims {

    private final JdbcTemplate jdbc;
    private final CultivarRepository cultivars;
    private final CatalogueStore store;

    RecordClaims(JdbcTemplate jdbc, CultivarRepository cultivars, CatalogueStore store) {
        this.jdbc = jdbc;
        this.cultivars = cultivars;
        this.store = store;
    }

    /**
     * Puts these in the place of all that records said of some plants. Every instance hears of it with the catalogue's next
     * version.
     */
    @Transactional
    public void replace(Collection<String> plants, List<Claim> claims) {
        if (plants.isEmpty()) {
            return;
        }
        long version = store.nextVersion();
        new NamedParameterJdbcTemplate(jdbc)
                .update("delete from claim where of_record and cultivar_id in (:plants)", Map.of("plants", plants));
        jdbc.batchUpdate(
                "insert into claim (cultivar_id, trait, value, source, source_kind, at_age_years, place, of_record)"
                        + " values (?, ?, ?, ?, ?, ?, ?, true) on conflict do nothing",
                claims.stream()
                        .map(claim -> new Object[] {
                            claim.id(),
                            claim.trait().name(),
                            claim.value(),
                            claim.source(),
                            claim.kind().name(),
                            claim.atAgeYears().isPresent() ? claim.atAgeYears().getAsDouble() : null,
                            claim.place()
                        })
                        .toList());
        cultivars.touch(List.copyOf(plants), version);
    }
}
