package vastarc.web.bench;

import java.time.LocalDate;
import java.time.ZoneId;
import vastarc.web.kept.job.Job;

/**
 * A job that was taken off the bench.
 *
 * @param day    when, the shop's day
 * @param goneOn when it goes for good; empty where it stays
 */
public record AwayJob(String id, String name, String notes, String day, String goneOn) {

    static AwayJob of(Job job, int days) {
        LocalDate day = job.putAwayAt()
                .orElse(job.changedAt())
                .atZone(ZoneId.systemDefault())
                .toLocalDate();
        return new AwayJob(
                job.id().toString(),
                job.name(),
                job.notes(),
                day.toString(),
                days == 0 ? "" : day.plusDays(days).toString());
    }
}
