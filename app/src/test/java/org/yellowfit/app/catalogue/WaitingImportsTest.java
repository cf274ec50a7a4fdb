package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.transaction.PlatformTransactionManager;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.web.Instance;
import org.yellowfit.app.web.Meters;
import org.yellowfit.core.measure.InvalidInput;
import tools.jackson.databind.json.JsonMapper;

/** More files than can wait: the last is refused in words and leaves nothing behind. */
@ExtendWith(RunningApp.class)
class WaitingImportsTest {

    @Test
    void oneTooManyIsRefused(RunningApp app) throws IOException {
        CountDownLatch done = new CountDownLatch(1);
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        JdbcTemplate slow = new JdbcTemplate(jdbc.getDataSource()) {
            @Override
            public int update(String sql, Object... values) {
                if (sql.contains("'RUNNING'")) {
                    untilDone(done);
                }
                return super.update(sql, values);
            }
        };
        ImportJobs jobs = new ImportJobs(
                slow,
                app.bean(CatalogueImport.class),
                app.bean(JsonMapper.class),
                app.bean(PlatformTransactionManager.class),
                app.bean(Trail.class),
                app.bean(Instance.class),
                app.bean(Meters.class),
                app.bean(CurrentShop.class));
        try {
            // One is being read, and the others wait.
            for (int i = 0; i <= ImportJobs.WAITING_AT_MOST; i++) {
                jobs.start(file(), true, false, "waiting-test");
            }
            assertThatThrownBy(() -> jobs.start(file(), true, false, "waiting-test"))
                    .isInstanceOf(InvalidInput.class)
                    .hasMessageContaining("waiting to be read");
            assertThat(jdbc.queryForObject(
                            "select count(*) from import_job where started_by = 'waiting-test'", Integer.class))
                    .isEqualTo(ImportJobs.WAITING_AT_MOST + 1);
        } finally {
            done.countDown();
        }
    }

    private static void untilDone(CountDownLatch done) {
        try {
            done.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static MockMultipartFile file() {
        return new MockMultipartFile("file", "many.csv", "text/csv", "id,botanical\n".getBytes());
    }
}
