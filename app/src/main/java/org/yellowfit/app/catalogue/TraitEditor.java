package org.yellowfit.app.catalogue;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import tools.jackson.databind.json.JsonMapper;

/** Changes of traits and claims by hand: each is kept with who, when and why, and can be undone, the last one first. */
@Service
class TraitEditor {

    private static final int LONGEST_WHY = 300;

    private final CultivarRepository cultivars;
    private final ClaimRepository claims;
    private final TraitChangeRepository changes;
    private final CatalogueStore store;
    private final JsonMapper mapper;
    private final Trail trail;

    TraitEditor(
            CultivarRepository cultivars,
            ClaimRepository claims,
            TraitChangeRepository changes,
            CatalogueStore store,
            JsonMapper mapper,
            Trail trail) {
        this.trail = trail;
        this.cultivars = cultivars;
        this.claims = claims;
        this.changes = changes;
        this.store = store;
        this.mapper = mapper;
    }

    List<TraitChange> history(String id) {
        return changes.findTop40ByCultivarIdOrderByIdDesc(id);
    }

    /**
     * Sets a cell of the catalogue's own row.
     *
     * @param seen the cell as it stood on the page of the person who changes it
     * @throws InvalidInput when the value cannot be, or somebody else has changed the cell since
     */
    @Transactional
    public void setValue(String id, String column, String value, String seen, String why, String by) {
        Trait<?> trait = trait(column);
        long version = store.nextVersion();
        Cultivar before = plant(id);
        String was = before.write(trait).orElse("");
        if (!was.equals(seen)) {
            throw InvalidInput.at(
                    "value",
                    "Somebody has changed this to “%s” meanwhile; look again before you change it.",
                    Words.shorten(was));
        }
        Cultivar after = withCell(before, column, value);
        String is = after.write(trait).orElse("");
        if (!was.equals(is)) {
            write(after, version);
            keep(new TraitChange(id, column, TraitChange.What.VALUE, was, is, why(why), by, Instant.now()));
        }
    }

    @Transactional
    public void addClaim(Claim claim, String why, String by) {
        plant(claim.id());
        long version = store.nextVersion();
        if (find(claim).isPresent()) {
            throw InvalidInput.at("value", "This source has said the same before.");
        }
        claims.save(new ClaimEntity(claim));
        cultivars.touch(List.of(claim.id()), version);
        keep(new TraitChange(
                claim.id(),
                claim.trait().name(),
                TraitChange.What.CLAIM_ADDED,
                "",
                json(claim),
                why(why),
                by,
                Instant.now()));
    }

    @Transactional
    public void removeClaim(String id, long claimId, String why, String by) {
        long version = store.nextVersion();
        ClaimEntity entity = claims.findById(claimId)
                .filter(claim -> claim.cultivarId().equals(id))
                .orElseThrow(() -> new NotFound("This claim is not there any more."));
        claims.delete(entity);
        claims.flush();
        cultivars.touch(List.of(id), version);
        keep(new TraitChange(
                id,
                entity.claim().trait().name(),
                TraitChange.What.CLAIM_REMOVED,
                json(entity.claim()),
                "",
                why(why),
                by,
                Instant.now()));
    }

    /**
     * Takes back the last change of a cultivar that still stands; empty when there is none.
     *
     * @throws InvalidInput when something else, like an import, has changed the same cell since
     */
    @Transactional
    public Optional<TraitChange> undo(String id, String by) {
        long version = store.nextVersion();
        Optional<TraitChange> last = changes.findFirstByCultivarIdAndUndoneAtIsNullOrderByIdDesc(id);
        last.ifPresent(change -> {
            switch (change.what()) {
                case VALUE -> write(withCell(asLeft(change), change.trait(), change.before()), version);
                case CLAIM_ADDED -> find(claim(change.after())).ifPresent(claims::delete);
                case CLAIM_REMOVED -> {
                    if (find(claim(change.before())).isEmpty()) {
                        claims.save(new ClaimEntity(claim(change.before())));
                    }
                }
            }
            claims.flush();
            cultivars.flush();
            cultivars.touch(List.of(id), version);
            change.undo(by, Instant.now());
            trail.note(Trail.Deed.CATALOGUE, change.cultivarId() + " " + change.trait());
        });
        return last;
    }

    private void keep(TraitChange change) {
        changes.save(change);
        trail.note(Trail.Deed.CATALOGUE, change.cultivarId() + " " + change.trait());
    }

    /** The plant whose cell the change is about, when it still says what the change made it say. */
    private Cultivar asLeft(TraitChange change) {
        Cultivar plant = plant(change.cultivarId());
        String is = plant.write(trait(change.trait())).orElse("");
        if (!is.equals(change.after())) {
            throw InvalidInput.at(
                    "undo",
                    "An import has made “%s” of %s meanwhile: undoing would take that away. Change it by hand if it is wrong.",
                    Words.shorten(is),
                    change.trait());
        }
        return plant;
    }

    private static Trait<?> trait(String column) {
        return Traits.named(column)
                .filter(trait -> trait != Traits.ID)
                .orElseThrow(() -> new NotFound("There is no trait “%s” to change.", Words.shorten(column)));
    }

    private Cultivar plant(String id) {
        return cultivars
                .findById(id)
                .map(CultivarEntity::plant)
                .orElseThrow(() -> new NotFound("The catalogue has no plant with the id “%s”.", Words.shorten(id)));
    }

    private static Cultivar withCell(Cultivar plant, String column, String value) {
        Map<String, String> cells = new LinkedHashMap<>(plant.toCells());
        cells.put(column, value);
        try {
            return Cultivar.ofCells(cells);
        } catch (InvalidInput e) {
            throw new InvalidInput(e.problems().stream()
                    .map(problem -> new Problem("value", problem.refusal(), null))
                    .toList());
        }
    }

    private void write(Cultivar plant, long version) {
        cultivars.findById(plant.id()).orElseThrow().set(plant, Instant.now(), version);
    }

    private Optional<ClaimEntity> find(Claim claim) {
        return claims.findByCultivarIdOrderById(claim.id()).stream()
                .filter(entity -> entity.claim().equals(claim))
                .findFirst();
    }

    private String json(Claim claim) {
        return mapper.writeValueAsString(claim.toCells());
    }

    @SuppressWarnings("unchecked")
    private Claim claim(String json) {
        return Claim.ofCells(mapper.readValue(json, Map.class));
    }

    private static String why(String why) {
        String said = why.strip();
        if (said.isEmpty()) {
            throw InvalidInput.at("why", "Say why, so that the next one knows.");
        }
        if (said.length() > LONGEST_WHY) {
            throw InvalidInput.at("why", "Say it in at most %s characters.", LONGEST_WHY);
        }
        return said;
    }
}
