package org.yellowfit.app.catalogue;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.OptionalDouble;
import org.hibernate.annotations.SQLRestriction;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Traits;

/** A claim as the catalogue keeps it for every shop; what records say is beside these, and no one's to edit. */
@Entity
@Table(name = "claim")
@SQLRestriction("shop_id is null")
class ClaimEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String cultivarId;
    private String trait;
    private String value;
    private String source;

    @Enumerated(EnumType.STRING)
    private SourceKind sourceKind;

    private Double atAgeYears;
    private String place;

    protected ClaimEntity() {}

    ClaimEntity(Claim claim) {
        cultivarId = claim.id();
        trait = claim.trait().name();
        value = claim.value();
        source = claim.source();
        sourceKind = claim.kind();
        atAgeYears = claim.atAgeYears().isPresent() ? claim.atAgeYears().getAsDouble() : null;
        place = claim.place();
    }

    Long id() {
        return id;
    }

    String cultivarId() {
        return cultivarId;
    }

    Claim claim() {
        return new Claim(
                cultivarId,
                Traits.named(trait).orElseThrow(() -> new IllegalStateException("A claim about no trait: " + trait)),
                value,
                source,
                sourceKind,
                atAgeYears == null ? OptionalDouble.empty() : OptionalDouble.of(atAgeYears),
                place);
    }
}
