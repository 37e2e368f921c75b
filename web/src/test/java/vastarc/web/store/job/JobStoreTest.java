package vastarc.web.store.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.JobStore.JobEdit;
import vastarc.web.store.job.JobStore.SaveResult;

@SpringTest
class JobStoreTest {

    @Autowired
    private JobStore store;

    private static JobContent thickness(String text) {
        return Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "LAP", Jobs.BASE, text));
    }

    private Optional<SaveResult> save(UUID id, long version, String name, String notes, JobContent form) {
        return store.save(id, version, before -> new JobEdit(name, notes, form));
    }

    @Test
    void aJobIsKeptAsTyped() {
        Job job = store.create("Bracket", "note", thickness("1/8 in"));
        save(job.id(), job.version(), "Bracket 2", "other", thickness("16 ga"));

        Job stored = store.find(job.id()).orElseThrow();
        assertThat(stored.name()).isEqualTo("Bracket 2");
        assertThat(stored.notes()).isEqualTo("other");
        assertThat(Jobs.held(stored.content(), Jobs.BASE)).contains("16 ga");
        assertThat(stored.version()).isEqualTo(job.version() + 1);
    }

    @Test
    void anEditOnAnOldVersionBecomesASecondJobAndOverwritesNothing() {
        Job job = store.create("Post", "", thickness("2"));
        save(job.id(), job.version(), "Post", "first hand", thickness("3"));

        SaveResult late = save(job.id(), job.version(), "Post", "second hand", thickness("4"))
                .orElseThrow();

        assertThat(late.collidedWith()).map(Job::id).contains(job.id());
        assertThat(late.job().name()).isEqualTo("Post (second version)");
        assertThat(late.job().notes()).isEqualTo("second hand");
        assertThat(store.find(job.id()).orElseThrow().notes()).isEqualTo("first hand");
    }

    @Test
    void jobsMadeInOneGoStandInTheirOrder() {
        String line = UUID.randomUUID().toString();
        List<String> names =
                IntStream.range(0, 12).mapToObj(at -> line + " " + at).toList();

        store.createAll(names.stream()
                .map(name -> new JobEdit(name, "", thickness("2")))
                .toList());

        assertThat(store.bench(line, 0).things())
                .map(Job::name)
                .containsExactlyElementsOf(IntStream.rangeClosed(1, 12)
                        .mapToObj(at -> names.get(12 - at))
                        .toList());
    }

    @Test
    void sendingWhatIsAlreadyKeptIsNoConflict() {
        Job job = store.create("Same", "", thickness("2"));
        save(job.id(), job.version(), "Same", "", thickness("3"));

        assertThat(save(job.id(), job.version(), "Same", "", thickness("3"))
                        .orElseThrow()
                        .collidedWith())
                .isEmpty();
    }

    @Test
    void theHistoryHasABoundAndForgetsWhatWasTakenBack() {
        Job job = store.create("Long", "", thickness("1"));
        String[] other = {"CARBON_STEEL", "STAINLESS_304L"};
        for (int i = 0; i < 260; i++) {
            JobContent content =
                    Jobs.typed(Map.of("material", other[i % 2], "joint", "LAP", Jobs.BASE, 1 + i % 7 / 10.0 + ""));
            save(job.id(), store.find(job.id()).orElseThrow().version(), "Long", "", content);
        }
        for (int i = 0; i < 3; i++) {
            store.undo(job.id(), OptionalLong.empty());
        }
        assertThat(store.history(store.find(job.id()).orElseThrow()).canRedo()).isTrue();
        Job now = store.find(job.id()).orElseThrow();
        save(job.id(), now.version(), "Long", "", thickness("5"));
        assertThat(store.history(store.find(job.id()).orElseThrow()).canRedo()).isFalse();
        int undone = 0;
        while (store.history(store.find(job.id()).orElseThrow()).canUndo()) {
            store.undo(job.id(), OptionalLong.empty());
            undone++;
        }
        assertThat(undone).isBetween(200, 220);
    }

    @Test
    void editsAtTheSameMomentAreAllKept() throws Exception {
        Job job = store.create("Race", "", thickness("2"));
        ExecutorService threads = Executors.newFixedThreadPool(6);
        CountDownLatch start = new CountDownLatch(1);
        var edits = IntStream.range(0, 6)
                .mapToObj(hand -> threads.submit(() -> {
                    start.await();
                    return save(job.id(), job.version(), "Race", "hand " + hand, thickness("2"))
                            .orElseThrow();
                }))
                .toList();
        start.countDown();
        int over = 0;
        for (Future<SaveResult> edit : edits) {
            over += edit.get().collidedWith().isEmpty() ? 1 : 0;
        }
        threads.shutdown();

        assertThat(over).as("edits that went over the original").isEqualTo(1);
        assertThat(store.newest(1000).stream()
                        .filter(stored -> stored.name().startsWith("Race"))
                        .map(Job::notes))
                .containsExactlyInAnyOrder("hand 0", "hand 1", "hand 2", "hand 3", "hand 4", "hand 5");
    }

    @Test
    void aDeletedJobLeavesTheBenchAndComesBack() {
        Job job = store.create("Gone", "", thickness("2"));
        store.delete(job.id());
        assertThat(store.newest(1000)).extracting(Job::id).doesNotContain(job.id());

        store.restore(job.id());
        assertThat(store.newest(1000)).extracting(Job::id).contains(job.id());
    }

    @Test
    void anEditToADeletedJobIsKeptAsASecondOne() {
        Job job = store.create("Taken off", "", thickness("2"));
        store.delete(job.id());

        SaveResult saved = save(job.id(), job.version(), "Taken off", "still typing", thickness("2"))
                .orElseThrow();

        assertThat(saved.job().id()).isNotEqualTo(job.id());
        assertThat(saved.job().notes()).isEqualTo("still typing");
    }

    @Test
    void aCopyStandsBesideTheOriginal() {
        Job job = store.create("x".repeat(200), "n", thickness("2"));
        Job copy = store.duplicate(job.id()).orElseThrow();

        assertThat(copy.id()).isNotEqualTo(job.id());
        assertThat(copy.name()).endsWith("(copy)").hasSizeLessThanOrEqualTo(Job.MAX_NAME);
        assertThat(copy.content()).isEqualTo(job.content());
    }

    @Test
    void whatIsNotThereIsEmpty() {
        UUID nobody = UUID.randomUUID();
        assertThat(save(nobody, 0, "", "", Jobs.fresh())).isEmpty();
        assertThat(store.duplicate(nobody)).isEmpty();
        assertThat(store.delete(nobody)).isEmpty();
    }

    @Test
    void theDemoShopHasFiveJobsOverAllFourMetals() {
        assertThat(store.newest(1000).stream()
                        .filter(job -> !job.notes().isEmpty())
                        .map(job -> Jobs.held(job.content(), "material").orElse("")))
                .contains("CARBON_STEEL", "CHROMOLY_4130", "STAINLESS_304L", "STAINLESS_316L", "TITANIUM_GR2");
    }
}
