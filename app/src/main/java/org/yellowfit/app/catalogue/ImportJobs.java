package org.yellowfit.app.catalogue;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.dao.EmptyResultDataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.multipart.MultipartFile;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.web.Instance;
import org.yellowfit.app.web.Meters;
import org.yellowfit.core.measure.InvalidInput;
import tools.jackson.databind.json.JsonMapper;

/** Imports from the screen: each runs by itself, tells how far it is, and can be stopped from any instance. */
@Service
class ImportJobs implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(ImportJobs.class);
    static final int WAITING_AT_MOST = 20;
    private static final Duration TELL_EVERY = Duration.ofMillis(400);
    private static final Duration KEPT = Duration.ofHours(6);
    private static final int BEGINNING = 4096;
    private static final long SOON_MILLIS = 1200;

    /** @param percent of the file read, 0–100 */
    record Job(
            UUID id,
            String fileName,
            Path path,
            FileKind kind,
            boolean dryRun,
            boolean keepGood,
            String state,
            int percent,
            long rows,
            ImportReport report) {

        public boolean isRunning() {
            return state.equals("WAITING") || state.equals("RUNNING");
        }
    }

    private final JdbcTemplate jdbc;
    private final CatalogueImport catalogueImport;
    private final JsonMapper mapper;
    private final Trail trail;
    private final Instance instance;
    private final Meters meters;
    private final CurrentShop shop;
    /** Progress is told outside the import's own transaction. */
    private final TransactionTemplate besides;

    private final ThreadPoolExecutor worker =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(WAITING_AT_MOST));

    ImportJobs(
            JdbcTemplate jdbc,
            CatalogueImport catalogueImport,
            JsonMapper mapper,
            PlatformTransactionManager transactions,
            Trail trail,
            Instance instance,
            Meters meters,
            CurrentShop shop) {
        this.shop = shop;
        this.instance = instance;
        this.meters = meters;
        this.trail = trail;
        this.jdbc = jdbc;
        this.catalogueImport = catalogueImport;
        this.mapper = mapper;
        this.besides = new TransactionTemplate(transactions);
        besides.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /**
     * Takes an uploaded file and begins; a small one is done when this returns.
     *
     * @throws InvalidInput when too many are waiting
     */
    UUID start(MultipartFile file, boolean dryRun, boolean keepGood, String by) throws IOException {
        Path path = Files.createTempFile("yellow-fit-import", ".upload");
        file.transferTo(path);
        return start(path, Optional.ofNullable(file.getOriginalFilename()).orElse("file"), dryRun, keepGood, by);
    }

    /** The same file once more, this time to be stored. */
    Optional<UUID> storeTried(UUID tried, boolean keepGood, String by) throws IOException {
        Job job = find(tried).orElse(null);
        if (job == null || !Files.exists(job.path())) {
            return Optional.empty();
        }
        Path copy = Files.createTempFile("yellow-fit-import", ".upload");
        Files.copy(job.path(), copy, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        return Optional.of(start(copy, job.fileName(), false, keepGood, by));
    }

    private UUID start(Path path, String fileName, boolean dryRun, boolean keepGood, String by) throws IOException {
        forgetOld();
        UUID id = UUID.randomUUID();
        FileKind kind;
        try (InputStream in = Files.newInputStream(path)) {
            kind = FileKind.of(new String(in.readNBytes(BEGINNING), StandardCharsets.UTF_8));
        }
        if (!dryRun) {
            trail.note(Trail.Deed.CATALOGUE, fileName);
        }
        Timestamp now = Timestamp.from(Instant.now());
        String shortName = fileName.length() > 300 ? fileName.substring(0, 300) : fileName;
        jdbc.update(
                "insert into import_job (id, file_name, path, kind, dry_run, keep_good, started_by, started_at, touched_at, instance, state, bytes_all) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 'WAITING', ?)",
                id,
                shortName,
                path.toString(),
                kind.name(),
                dryRun,
                keepGood,
                by,
                now,
                now,
                instance.id(),
                Files.size(path));
        long forShop = shop.id();
        Runnable work = () -> run(id, path, kind, dryRun, keepGood);
        Future<?> running = taken(id, path, () -> shop.acting(forShop, work));
        try {
            running.get(SOON_MILLIS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (java.util.concurrent.TimeoutException | java.util.concurrent.ExecutionException e) {
            LOG.debug("An import that is not done at once", e);
        }
        return id;
    }

    /** What waits for its turn is bounded; what comes on top of it leaves nothing behind. */
    private Future<?> taken(UUID id, Path path, Runnable work) throws IOException {
        try {
            return worker.submit(work);
        } catch (RejectedExecutionException e) {
            LOG.warn("The import {} was not taken: {} are waiting", id, WAITING_AT_MOST);
            jdbc.update("delete from import_job where id = ?", id);
            Files.deleteIfExists(path);
            throw InvalidInput.at(
                    "file", "%s files are waiting to be read already; bring it in again in a minute.", WAITING_AT_MOST);
        }
    }

    Optional<Job> find(UUID id) {
        try {
            return Optional.ofNullable(jdbc.queryForObject(
                    "select j.*, i.beat_at is null or i.beat_at < now() - make_interval(secs => ?) as silent "
                            + "from import_job j left join instance i on i.id = j.instance where j.id = ?",
                    (row, i) -> {
                        String state = row.getString("state");
                        // What the instance that died was at is told as soon as it is missed.
                        boolean brokeOff =
                                row.getBoolean("silent") && (state.equals("WAITING") || state.equals("RUNNING"));
                        String report = row.getString("report");
                        long all = Math.max(1, row.getLong("bytes_all"));
                        return new Job(
                                id,
                                row.getString("file_name"),
                                Path.of(row.getString("path")),
                                FileKind.valueOf(row.getString("kind")),
                                row.getBoolean("dry_run"),
                                row.getBoolean("keep_good"),
                                brokeOff ? "FAILED" : state,
                                (int) (100 * row.getLong("bytes_read") / all),
                                row.getLong("rows_read"),
                                report == null ? null : mapper.readValue(report, ImportReport.class));
                    },
                    Instance.SILENT_SECONDS,
                    id));
        } catch (EmptyResultDataAccessException e) {
            return Optional.empty();
        }
    }

    void stop(UUID id) {
        jdbc.update("update import_job set stop_asked = true where id = ?", id);
    }

    private void run(UUID id, Path path, FileKind kind, boolean dryRun, boolean keepGood) {
        jdbc.update("update import_job set state = 'RUNNING', touched_at = now() where id = ?", id);
        try (CountedBytes bytes = new CountedBytes(Files.newInputStream(path))) {
            ImportReport report = catalogueImport.read(bytes, kind, dryRun, keepGood, new Told(id, bytes));
            jdbc.update(
                    "update import_job set state = 'DONE', touched_at = now(), bytes_read = bytes_all, report = ?::jsonb where id = ?",
                    mapper.writeValueAsString(report),
                    id);
            meters.importEnded("done");
        } catch (ImportProgress.Stopped e) {
            jdbc.update("update import_job set state = 'STOPPED', touched_at = now() where id = ?", id);
            meters.importEnded("stopped");
        } catch (IOException | RuntimeException e) {
            LOG.error("The import {} failed; the catalogue is as it was", id, e);
            jdbc.update("update import_job set state = 'FAILED', touched_at = now() where id = ?", id);
            meters.importEnded("failed");
        }
    }

    private void forgetOld() {
        jdbc.query(
                "delete from import_job where started_at < ? returning path",
                row -> {
                    try {
                        Files.deleteIfExists(Path.of(row.getString(1)));
                    } catch (IOException e) {
                        LOG.warn("An old upload could not be removed: {}", row.getString(1), e);
                    }
                },
                Timestamp.from(Instant.now().minus(KEPT)));
    }

    @Override
    public void destroy() {
        worker.shutdownNow();
    }

    /** Writes how far the import is, beside its own transaction, and hears whether it is to stop. */
    private final class Told implements ImportProgress {

        private final UUID id;
        private final CountedBytes bytes;
        private long rows;
        private long lastTold = System.nanoTime();

        Told(UUID id, CountedBytes bytes) {
            this.id = id;
            this.bytes = bytes;
        }

        @Override
        public void row() {
            rows++;
            if (rows % 64 == 0 && System.nanoTime() - lastTold > TELL_EVERY.toNanos()) {
                lastTold = System.nanoTime();
                tell();
            }
        }

        private void tell() {
            boolean stop = Boolean.TRUE.equals(besides.execute(status -> jdbc.queryForObject(
                    "update import_job set bytes_read = ?, rows_read = ?, touched_at = now() where id = ? returning stop_asked",
                    Boolean.class,
                    bytes.read,
                    rows,
                    id)));
            if (stop || Thread.currentThread().isInterrupted()) {
                throw new Stopped();
            }
        }
    }

    private static final class CountedBytes extends FilterInputStream {

        private volatile long read;

        CountedBytes(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            int b = super.read();
            read += b >= 0 ? 1 : 0;
            return b;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int n = super.read(bytes, from, length);
            read += Math.max(0, n);
            return n;
        }
    }
}
