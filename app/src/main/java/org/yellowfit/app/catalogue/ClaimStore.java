package org.yellowfit.app.catalogue;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.ImportReport.CellChange;
import org.yellowfit.app.catalogue.ImportReport.RowProblem;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refusal;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Claim;

/** Brings in {@code claims.csv}: rows that are there already change nothing, others join what is kept. */
@Service
class ClaimStore {

    private static final int CHANGES_TOLD = 300;

    private final ClaimRepository claims;
    private final CultivarRepository cultivars;
    private final CatalogueStore store;

    ClaimStore(ClaimRepository claims, CultivarRepository cultivars, CatalogueStore store) {
        this.claims = claims;
        this.cultivars = cultivars;
        this.store = store;
    }

    /** Within a transaction of the caller's. */
    ImportReport read(InputStream file, boolean dryRun, boolean keepGood, ImportProgress progress) {
        Rejected rejected = new Rejected();
        Rows rows = new Rows(rejected, progress, new HashSet<>(cultivars.ids()));
        Optional<CsvRows.Broken> broken = CsvRows.read(file, rows);
        broken.ifPresent(rejected::broken);
        boolean refused = !rejected.problems().isEmpty() && (!keepGood || broken.isPresent() || !rows.usable);
        List<Claim> fresh = unknown(rows.good);
        boolean stored = !dryRun && !refused;
        if (stored && !fresh.isEmpty()) {
            long version = store.nextVersion();
            claims.saveAll(fresh.stream().map(ClaimEntity::new).toList());
            cultivars.touch(fresh.stream().map(Claim::id).distinct().toList(), version);
        }
        List<CellChange> changes = fresh.stream()
                .limit(CHANGES_TOLD)
                .map(claim -> new CellChange(
                        claim.id(),
                        claim.trait().name(),
                        "",
                        claim.value() + " (" + Words.of(claim.kind()) + ": " + claim.source() + ")"))
                .toList();
        return new ImportReport(
                rows.good.size(),
                fresh.size(),
                fresh.size(),
                rejected.count(),
                rows.unknown,
                rejected.problems(),
                changes,
                keepGood && !refused ? rejected.csv() : null,
                stored);
    }

    /** What neither the catalogue nor the shop's own records say yet. */
    private List<Claim> unknown(List<Claim> said) {
        Set<Claim> kept = new HashSet<>();
        Snapshot heard = store.snapshot();
        List<String> plants = said.stream().map(Claim::id).distinct().toList();
        claims.findByCultivarIdIn(plants).forEach(entity -> kept.add(entity.claim()));
        plants.forEach(plant -> kept.addAll(heard.claims(plant)));
        List<Claim> fresh = new ArrayList<>();
        for (Claim claim : said) {
            if (kept.add(claim)) {
                fresh.add(claim);
            }
        }
        return fresh;
    }

    private static final class Rows implements RowReader {

        private final Rejected rejected;
        private final ImportProgress progress;
        private final Set<String> ids;
        private final List<Claim> good = new ArrayList<>();
        private List<String> unknown = List.of();
        private boolean usable = true;

        Rows(Rejected rejected, ImportProgress progress, Set<String> ids) {
            this.rejected = rejected;
            this.progress = progress;
            this.ids = ids;
        }

        @Override
        public void header(List<String> columns) {
            rejected.header(columns);
            unknown = columns.stream()
                    .filter(column -> !column.isEmpty() && !Claim.COLUMNS.contains(column))
                    .toList();
            Map<String, Integer> seen = new HashMap<>();
            columns.forEach(column -> seen.merge(column, 1, Integer::sum));
            for (String needed : Claim.COLUMNS.subList(0, 5)) {
                if (!seen.containsKey(needed)) {
                    rejected.problem(new RowProblem(
                            1, needed, Refusals.say(Refusal.of("This column is required and is missing."))));
                    usable = false;
                }
            }
        }

        @Override
        public void row(long line, Map<String, String> cells, List<String> fields, List<Problem> problems) {
            progress.row();
            if (!usable) {
                return;
            }
            List<Problem> found = new ArrayList<>(problems);
            try {
                Claim claim = Claim.ofCells(new LinkedHashMap<>(cells));
                if (!ids.contains(claim.id())) {
                    found.add(new Problem(
                            "id", "The catalogue has no cultivar with the id “%s”.", Words.shorten(claim.id())));
                } else if (found.isEmpty()) {
                    good.add(claim);
                }
            } catch (InvalidInput e) {
                found.addAll(e.problems());
            }
            if (!found.isEmpty()) {
                rejected.row(line, cells, fields, found);
            }
        }
    }
}
