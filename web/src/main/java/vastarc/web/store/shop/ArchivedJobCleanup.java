package vastarc.web.store.shop;

import java.time.Clock;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import vastarc.web.schedule.ScheduleConfiguration;
import vastarc.web.store.job.JobStore;

/**
 * Lets jobs that were archived long ago go for good, after the time the shop has chosen, with all that belongs to them. One whose sheet
 * is in a machine's memory stays as long as it does.
 */
@Service
public class ArchivedJobCleanup {

    private static final int AT_ONCE = 200;

    private final JobStore jobs;
    private final ShopStore shop;
    private final Clock clock;

    ArchivedJobCleanup(JobStore jobs, ShopStore shop, Clock clock) {
        this.jobs = jobs;
        this.shop = shop;
        this.clock = clock;
    }

    /** {@return how many went, at most {@value #AT_ONCE} at once; the rest goes the next time} */
    @Scheduled(fixedDelay = 1, initialDelay = 1, timeUnit = TimeUnit.HOURS, scheduler = ScheduleConfiguration.COPIES)
    public int letGo() {
        int days = shop.habits().putAwayDays();
        if (days == 0) {
            return 0;
        }
        return jobs.letGo(clock.instant().minus(Duration.ofDays(days)), AT_ONCE);
    }
}
