package vastarc.web.bench;

import java.time.LocalDate;
import java.time.ZoneId;
import vastarc.web.store.job.Job;

/**
 * A job that was taken off the bench.
 *
 * @param day    when, the shop's day
 * @param goneOn when it goes for good; empty where it stays
 */
public record RemovedJob(String id, String name, String notes, String day, String goneOn) {

    static RemovedJob of(Job job, int days) {
        LocalDate day = job.removedAt()
                .orElse(job.changedAt())
                .atZone(ZoneId.systemDefault())
                .toLocalDate();
        return new RemovedJob(
                job.id().toString(),
                job.name(),
                job.notes(),
                day.toString(),
                days == 0 ? "" : day.plusDays(days).toString());
    }
}
