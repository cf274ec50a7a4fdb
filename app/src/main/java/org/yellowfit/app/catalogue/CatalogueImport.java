package org.yellowfit.app.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.yellowfit.core.plant.Cultivar;
import tools.jackson.databind.SequenceWriter;
import tools.jackson.databind.json.JsonMapper;

/** Brings the open files in and takes them out again. */
@Service
public class CatalogueImport {

    private final CatalogueStore store;
    private final ClaimStore claims;
    private final JdbcTemplate jdbc;
    private final JsonMapper mapper;
    private final TransactionTemplate transaction;

    CatalogueImport(
            CatalogueStore store,
            ClaimStore claims,
            JdbcTemplate jdbc,
            JsonMapper mapper,
            PlatformTransactionManager transactions) {
        this.store = store;
        this.claims = claims;
        this.jdbc = jdbc;
        this.mapper = mapper;
        this.transaction = new TransactionTemplate(transactions);
    }

    /**
     * @param dryRun   only tell what would change
     * @param keepGood store the rows without problems even when others have some; otherwise all or nothing
     */
    public ImportReport read(InputStream file, FileKind kind, boolean dryRun, boolean keepGood) {
        return read(file, kind, dryRun, keepGood, ImportProgress.UNHEARD);
    }

    ImportReport read(InputStream file, FileKind kind, boolean dryRun, boolean keepGood, ImportProgress progress) {
        return transaction.execute(status -> {
            ImportReport report = kind == FileKind.CLAIMS_CSV
                    ? claims.read(file, dryRun, keepGood, progress)
                    : plants(file, kind, dryRun, keepGood, progress);
            if (!report.stored()) {
                status.setRollbackOnly();
            }
            return report;
        });
    }

    private ImportReport plants(
            InputStream file, FileKind kind, boolean dryRun, boolean keepGood, ImportProgress progress) {
        Rejected rejected = new Rejected();
        try (StagedRows staged = new StagedRows(jdbc, mapper)) {
            CatalogueRows rows = new CatalogueRows(staged::add, rejected, progress);
            Optional<CsvRows.Broken> broken =
                    kind == FileKind.CATALOGUE_JSON ? JsonRows.read(file, mapper, rows) : CsvRows.read(file, rows);
            broken.ifPresent(rejected::broken);
            staged.end();
            boolean refused = !rejected.problems().isEmpty() && (!keepGood || broken.isPresent() || !rows.isUsable());
            int added = staged.added();
            int changed = added + staged.differing();
            List<ImportReport.CellChange> changes = staged.changes();
            boolean stored = !dryRun && !refused;
            if (stored && changed > 0) {
                staged.merge(store.nextVersion());
            }
            return new ImportReport(
                    rows.accepted(),
                    added,
                    changed,
                    rejected.count(),
                    rows.unknownColumns(),
                    rejected.problems(),
                    changes,
                    keepGood && !refused ? rejected.csv() : null,
                    stored);
        }
    }

    /** Sends the whole catalogue as a file to be saved. */
    public void download(boolean neutral, HttpServletResponse response) throws IOException {
        try (Writer out = csv(response, "catalogue.csv")) {
            CatalogueFiles.write(store.labels(), neutral, out);
        }
    }

    /** Sends the whole catalogue as JSON, an array of objects of cells. */
    public void downloadJson(HttpServletResponse response) throws IOException {
        response.setContentType("application/json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        try (SequenceWriter out = mapper.writer().writeValuesAsArray(response.getOutputStream())) {
            for (Cultivar plant : store.labels()) {
                out.write(plant.toCells());
            }
        }
    }

    /** Sends all claims as a file to be saved. */
    public void downloadClaims(boolean neutral, HttpServletResponse response) throws IOException {
        try (Writer out = csv(response, "claims.csv")) {
            CatalogueFiles.writeClaims(store.allClaims(), neutral, out);
        }
    }

    private static Writer csv(HttpServletResponse response, String name) throws IOException {
        response.setContentType("text/csv");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.setHeader("Content-Disposition", "attachment; filename=\"" + name + "\"");
        return new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8);
    }
}
