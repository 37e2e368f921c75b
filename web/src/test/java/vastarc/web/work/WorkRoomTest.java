package vastarc.web.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.plan.EngineVersion;
import vastarc.core.base.progress.Progress;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.HeldClock;
import vastarc.web.work.Work.WorkState;

/** Two at once, the rest wait; the same input is done once; what nobody looks at is stopped. Time is a clock that is moved by hand. */
class WorkRoomTest {

    private final HeldClock clock = new HeldClock();
    private final WorkRoom room = new WorkRoom(clock);
    private final CountDownLatch go = new CountDownLatch(1);

    @AfterEach
    void close() throws InterruptedException {
        go.countDown();
        room.close();
    }

    /** Works until it is let go or nobody wants it any more. */
    private Function<Progress, String> held(String result) {
        return progress -> {
            progress.at(0.5);
            while (go.getCount() > 0) {
                progress.orStop();
                waitALittle();
            }
            return result;
        };
    }

    private final CountDownLatch never = new CountDownLatch(1);

    private void waitALittle() {
        try {
            never.await(2, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private Work<String> start(String key) {
        return room.start(key, held(key)).value().orElseThrow();
    }

    private void until(BooleanSupplier condition) {
        for (int i = 0; i < 2000 && !condition.getAsBoolean(); i++) {
            waitALittle();
        }
        assertThat(condition.getAsBoolean()).isTrue();
    }

    private WorkState state(Work<?> work) {
        return room.look(work.id()).orElseThrow().state();
    }

    @Test
    void twoAreDoneAtOnceAndTheThirdWaitsAndSaysSo() {
        Work<String> work = start("one");
        Work<String> two = start("two");
        Work<String> three = start("three");
        until(() -> state(work) == WorkState.RUNNING && state(two) == WorkState.RUNNING);

        assertThat(state(three)).isEqualTo(WorkState.WAITING);
        assertThat(room.look(three.id()).orElseThrow().before()).isEqualTo(1);
        assertThat(room.look(work.id()).orElseThrow().share()).isEqualTo(0.5);

        go.countDown();
        until(() -> state(three) == WorkState.DONE);
        assertThat(three.result()).contains("three");
        assertThat(room.look(three.id()).orElseThrow().share()).isEqualTo(1);
        assertThat(three.engine()).isEqualTo(EngineVersion.version());
    }

    @Test
    void theSameInputIsDoneOnce() {
        assertThat(start("same").id()).isEqualTo(start("same").id());

        go.countDown();
        Work<String> done = start("same");
        until(() -> state(done) == WorkState.DONE);
        assertThat(start("same")).isSameAs(done);
    }

    /** Asked for again between the wish to stop and the stop: by a person who presses twice. */
    @Test
    void whatIsCancelledIsDoneAnewAlsoBeforeItHasEnded() {
        Function<Progress, String> deaf = progress -> {
            while (go.getCount() > 0) {
                waitALittle();
            }
            return "deaf";
        };
        Work<String> work = room.start("deaf", deaf).value().orElseThrow();
        until(() -> state(work) == WorkState.RUNNING);

        room.cancel(work.id());

        assertThat(work.state()).isEqualTo(WorkState.RUNNING);
        assertThat(room.start("deaf", deaf).value().orElseThrow().id()).isNotEqualTo(work.id());
    }

    @Test
    void whatIsCancelledEndsAndIsDoneAnewWhenAskedForAgain() {
        Work<String> work = start("unwanted");
        until(() -> state(work) == WorkState.RUNNING);

        room.cancel(work.id());

        until(() -> state(work) == WorkState.CANCELLED);
        assertThat(work.result()).isEmpty();
        assertThat(start("unwanted").id()).isNotEqualTo(work.id());
    }

    @Test
    void whatNobodyLooksAtIsStoppedAndWhatIsLookedAtGoesOn() {
        Work<String> forgotten = start("forgotten");
        Work<String> watched = start("watched");
        until(() -> forgotten.state() == WorkState.RUNNING && watched.state() == WorkState.RUNNING);

        clock.pass(WorkRoom.PATIENCE.minusSeconds(1));
        room.look(watched.id());
        clock.pass(Duration.ofSeconds(2));
        room.sweep();

        until(() -> forgotten.state() == WorkState.CANCELLED);
        assertThat(watched.state()).isEqualTo(WorkState.RUNNING);
    }

    @Test
    void whatFailsSaysSoAndCanBeTriedAgain() {
        Work<String> work = room.<String>start("bad", progress -> {
                    throw new IllegalStateException("on purpose");
                })
                .value()
                .orElseThrow();

        until(() -> state(work) == WorkState.FAILED);
        assertThat(start("bad").id()).isNotEqualTo(work.id());
    }

    @Test
    void moreThanMayWaitIsRefusedWithWords() {
        List<Outcome<Work<String>>> all = new ArrayList<>();
        for (int i = 0; i < WorkRoom.AT_ONCE + WorkRoom.MOST_WAITING + 3; i++) {
            all.add(room.start("piece " + i, held("")));
            int started = i;
            until(() -> started >= WorkRoom.AT_ONCE
                    || all.get(started).value().orElseThrow().state() == WorkState.RUNNING);
        }

        assertThat(all.stream().filter(outcome -> outcome.value().isEmpty())).hasSize(3);
        assertThat(all.get(all.size() - 1).problems().get(0).message(UnitSystem.METRIC))
                .contains("waiting already", "Stop one of them");
    }

    @Test
    void whatCameOfItIsKeptForAWhileAndNoMoreThanThereIsRoomFor() {
        go.countDown();
        Work<String> first = start("first");
        until(() -> state(first) == WorkState.DONE);
        for (int i = 0; i < WorkRoom.MAX_RESULTS; i++) {
            Work<String> next = start("next " + i);
            until(() -> next.state() == WorkState.DONE);
        }
        room.sweep();
        assertThat(room.find(first.id())).isEmpty();

        Work<String> last = start("last");
        until(() -> last.state() == WorkState.DONE);
        clock.pass(WorkRoom.KEEP_FOR.plusSeconds(1));
        room.sweep();
        assertThat(room.find(last.id())).isEmpty();
        assertThat(room.look(UUID.randomUUID())).isEmpty();
    }

    @Test
    void closingEndsWhatIsUnderWay() throws InterruptedException {
        Work<String> work = start("at closing time");
        until(() -> work.state() == WorkState.RUNNING);

        room.close();

        assertThat(work.state()).isEqualTo(WorkState.CANCELLED);
    }
}
