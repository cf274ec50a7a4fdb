package org.yellowfit.app.web;

import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** This instance among those that serve together: it says every two seconds that it is there. */
@Component
public class Instance implements DisposableBean {

    /** One that has been silent for so many seconds is taken for dead. */
    public static final int SILENT_SECONDS = 8;

    private final UUID id = UUID.randomUUID();
    private final JdbcTemplate jdbc;

    Instance(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    public UUID id() {
        beat();
        return id;
    }

    @Scheduled(fixedRate = 2, timeUnit = TimeUnit.SECONDS)
    void beat() {
        jdbc.update("insert into instance values (?, now(), now()) on conflict (id) do update set beat_at = now()", id);
    }

    @Scheduled(fixedRate = 6, timeUnit = TimeUnit.HOURS)
    void forgetOld() {
        jdbc.update("delete from instance where beat_at < now() - interval '1 day'");
    }

    @Override
    public void destroy() {
        jdbc.update("delete from instance where id = ?", id);
    }
}
