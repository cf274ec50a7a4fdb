package org.yellowfit.core.claims;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/** A cultivar with the claims of its sources. The catalogue's own row counts as its label. */
public final class Sources {

    private final Cultivar label;
    private final Map<Trait<?>, List<Claim>> claims = new LinkedHashMap<>();

    private Sources(Cultivar label, List<Claim> said) {
        this.label = label;
        for (Trait<?> trait : Traits.ALL) {
            List<Claim> ofTrait =
                    said.stream().filter(claim -> claim.trait() == trait).toList();
            if (!ofTrait.isEmpty()) {
                claims.put(trait, ofTrait);
            }
        }
    }

    public static Sources of(Cultivar label, List<Claim> claims) {
        return new Sources(label, claims);
    }

    /** The cultivar with the value each trait has under a policy. */
    public Cultivar under(Policy policy) {
        Cultivar resolved = label;
        for (Map.Entry<Trait<?>, List<Claim>> each : claims.entrySet()) {
            resolved = set(
                    resolved,
                    each.getKey(),
                    chosen(each.getKey(), each.getValue(), policy).cell());
        }
        for (Map.Entry<Trait<Interval>, Trait<Interval>> each : ClaimedSize.FOLLOWS.entrySet()) {
            if (!claims.containsKey(each.getKey())) {
                resolved = ClaimedSize.following(label, resolved, each.getKey(), each.getValue());
            }
        }
        return inOrder(resolved);
    }

    /** Every trait some claim speaks of, in the order of the columns. */
    public List<TraitSources> standpoints(Policy policy) {
        List<TraitSources> all = new ArrayList<>();
        claims.forEach((trait, said) -> {
            ChosenValue chosen = chosen(trait, said, policy);
            all.add(new TraitSources(trait, label.write(trait).orElse(""), said, chosen.cell(), chosen.reason()));
        });
        return all;
    }

    private ChosenValue chosen(Trait<?> trait, List<Claim> said, Policy policy) {
        return ValueChoice.of(label, trait, said, policy);
    }

    private static <T> Cultivar set(Cultivar plant, Trait<T> trait, String cell) {
        return plant.with(trait, trait.read(cell));
    }

    /**
     * Claims on two traits together must not contradict one another: the ultimate size is never below that of ten
     * years.
     */
    private static Cultivar inOrder(Cultivar plant) {
        Cultivar ordered = plant;
        if (plant.get(Traits.HEIGHT_MAX)
                .filter(max -> max.high() < plant.height10().low())
                .isPresent()) {
            ordered = ordered.with(Traits.HEIGHT_MAX, plant.height10());
        }
        if (plant.get(Traits.SPREAD_MAX)
                .filter(max -> max.high() < plant.spread10().low())
                .isPresent()) {
            ordered = ordered.with(Traits.SPREAD_MAX, plant.spread10());
        }
        if (plant.get(Traits.ZONE_MAX)
                .filter(max -> max.compareTo(plant.get(Traits.ZONE_MIN).orElseThrow()) < 0)
                .isPresent()) {
            ordered = ordered.with(Traits.ZONE_MAX, plant.get(Traits.ZONE_MIN).orElseThrow());
        }
        return ordered;
    }
}
