package vastarc.web.store.shop;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.web.schedule.ScheduleConfiguration;

/**
 * Lets jobs that were archived long ago go for good, after the time the shop has chosen, with all that belongs to them. One whose sheet
 * is in a machine's memory stays as long as it does.
 */
@Service
public class ArchivedJobCleanup {

    private static final int AT_ONCE = 200;

    private final JdbcClient database;
    private final ShopStore shop;
    private final TransactionTemplate transaction;
    private final Clock clock;

    ArchivedJobCleanup(JdbcClient database, ShopStore shop, TransactionTemplate transaction, Clock clock) {
        this.database = database;
        this.shop = shop;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** {@return how many went, at most {@value #AT_ONCE} at once; the rest goes the next time} */
    @Scheduled(fixedDelay = 1, initialDelay = 1, timeUnit = TimeUnit.HOURS, scheduler = ScheduleConfiguration.COPIES)
    public int letGo() {
        int days = shop.habits().putAwayDays();
        if (days == 0) {
            return 0;
        }
        OffsetDateTime before = clock.instant().minus(Duration.ofDays(days)).atOffset(ZoneOffset.UTC);
        Integer gone = transaction.execute(status -> {
            List<UUID> jobs = database.sql("select id from job where deleted_at < :before"
                            + " and not exists (select 1 from memory_slot where job_id = job.id) limit " + AT_ONCE)
                    .param("before", before)
                    .query(UUID.class)
                    .list();
            for (String table : List.of(
                    "job_panel where job_id",
                    "job_reading where job_id",
                    "rehearsal where job_id",
                    "job_step where job_id",
                    "job where id")) {
                if (!jobs.isEmpty()) {
                    database.sql("delete from " + table + " in (:jobs)")
                            .param("jobs", jobs)
                            .update();
                }
            }
            return jobs.size();
        });
        return gone == null ? 0 : gone;
    }
}
