package vastarc.web.store.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.event.ApplicationEvents;
import org.springframework.test.context.event.RecordApplicationEvents;
import vastarc.core.input.WeldFields;
import vastarc.web.SpringTest;

/** Every change of a job is told with the version it has come to. */
@SpringTest
@RecordApplicationEvents
class JobChangedTest {

    @Autowired
    private JobStore jobs;

    @Autowired
    private ApplicationEvents events;

    @Test
    void everyChangeIsToldWithTheVersionItLedTo() {
        Job job = jobs.newest(1).get(0);

        jobs.edit(job.id(), OptionalLong.empty(), JobChangedTest::thicker);
        jobs.undo(job.id(), OptionalLong.empty());
        jobs.delete(job.id());
        Job after = jobs.restore(job.id()).orElseThrow();

        long first = job.version() + 1;
        assertThat(events.stream(JobChanged.class))
                .containsExactly(
                        new JobChanged(job.id(), first, true),
                        new JobChanged(job.id(), first + 1, true),
                        new JobChanged(job.id(), first + 2, false),
                        new JobChanged(job.id(), first + 3, true));
        assertThat(jobs.versionOf(job.id())).hasValue(first + 3);
        assertThat(after.version()).isEqualTo(first + 3);
    }

    private static JobContent thicker(Job job) {
        JobContent content = job.content();
        return content.with(content.joint().with(WeldFields.BASE, Optional.of("4 mm")));
    }
}
