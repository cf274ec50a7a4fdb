package org.yellowfit.app.settings;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.yellowfit.app.words.Sentences;

/** The backups that the machine has made, as it wrote them down. */
@Component
class Backups {

    private static final int SHOWN = 3;
    /** A night was missed. */
    private static final Duration OLD = Duration.ofHours(36);

    /** @param latest the newest first; {@code late} when there is none of the last night */
    record Told(List<String> latest, boolean late) {}

    private record Made(Instant at, String file, long bytes) {}

    private final JdbcTemplate jdbc;

    Backups(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    Told told(Instant now) {
        List<Made> made = jdbc.query(
                "select at, file, bytes from backup_made order by id desc limit ?",
                (row, i) -> new Made(row.getTimestamp("at").toInstant(), row.getString("file"), row.getLong("bytes")),
                SHOWN);
        boolean late = made.isEmpty() || made.get(0).at().isBefore(now.minus(OLD));
        return new Told(made.stream().map(Backups::said).toList(), late);
    }

    private static String said(Made made) {
        return Sentences.say(
                "settings.backup",
                Times.minute(made.at()),
                made.file(),
                Math.max(1, Math.round(made.bytes() / 1e5)) / 10.0);
    }
}
