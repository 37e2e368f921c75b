package vastarc.web.store.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.service.RunSetups;
import vastarc.web.store.document.Document;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A sheet is stored once for all runs welded by it, and goes with the last of them. */
@SpringTest
class RunSheetsTest {

    private static final int ROUNDS = 40;

    @Autowired
    private JobStore jobs;

    @Autowired
    private WeldRunService runs;

    @Autowired
    private RunSetups setups;

    private Job lap(double mm) {
        Map<String, String> typed = Map.of("material", "CARBON_STEEL", "joint", "LAP", Jobs.BASE, mm + " mm");
        return jobs.create("=Sheet of " + mm, "", Jobs.typed(typed));
    }

    private UUID begun(Job job) {
        RunSetups.Setup setup = setups.of(job, OptionalInt.empty()).value().orElseThrow();
        return setups.begin(job, setup, "Isk", "").run().id();
    }

    private RunRecord record(UUID run) {
        return runs.record(run).flatMap(Document::value).orElseThrow();
    }

    private Optional<SheetDocument> sheet(RunRecord record) {
        return runs.sheet(record).flatMap(Document::value);
    }

    @Test
    void itGoesWithTheLastRun() {
        UUID first = begun(lap(2.317));
        UUID second = begun(lap(2.317));
        RunRecord welded = record(first);

        assertThat(record(second).sheet()).isEqualTo(welded.sheet());
        runs.forget(first);
        assertThat(sheet(welded)).isPresent();
        runs.forget(second);
        assertThat(sheet(welded)).isEmpty();
    }

    /** One hand forgets the last run of a sheet while another begins a run by it. */
    @Test
    void aRunBegunAtTheSameMomentKeepsItsSheet() throws Exception {
        Job job = lap(2.319);
        List<Job> others = IntStream.range(0, ROUNDS).mapToObj(i -> lap(2.319)).toList();
        ExecutorService threads = Executors.newFixedThreadPool(2);
        UUID last = begun(job);
        for (Job other : others) {
            UUID old = last;
            Callable<UUID> forgetting = () -> {
                runs.forget(old);
                return old;
            };
            Callable<UUID> beginning = () -> begun(other);
            List<Future<UUID>> both = threads.invokeAll(List.of(forgetting, beginning));
            both.get(0).get();
            last = both.get(1).get();
            assertThat(sheet(record(last))).isPresent();
        }
        threads.shutdown();
        runs.forget(last);
    }
}
