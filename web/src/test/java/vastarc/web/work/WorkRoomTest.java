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
import vastarc.core.finding.Outcome;
import vastarc.core.plan.Engine;
import vastarc.core.progress.Progress;
import vastarc.core.quantity.UnitSystem;
import vastarc.web.HeldClock;

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

    private Work.State state(Work<?> work) {
        return room.look(work.id()).orElseThrow().state();
    }

    @Test
    void twoAreDoneAtOnceAndTheThirdWaitsAndSaysSo() {
        Work<String> one = start("one");
        Work<String> two = start("two");
        Work<String> three = start("three");
        until(() -> state(one) == Work.State.RUNNING && state(two) == Work.State.RUNNING);

        assertThat(state(three)).isEqualTo(Work.State.WAITING);
        assertThat(room.look(three.id()).orElseThrow().before()).isEqualTo(1);
        assertThat(room.look(one.id()).orElseThrow().share()).isEqualTo(0.5);

        go.countDown();
        until(() -> state(three) == Work.State.DONE);
        assertThat(three.result()).contains("three");
        assertThat(room.look(three.id()).orElseThrow().share()).isEqualTo(1);
        assertThat(three.engine()).isEqualTo(Engine.version());
    }

    @Test
    void theSameInputIsDoneOnce() {
        assertThat(start("same").id()).isEqualTo(start("same").id());

        go.countDown();
        Work<String> done = start("same");
        until(() -> state(done) == Work.State.DONE);
        assertThat(start("same")).isSameAs(done);
    }

    @Test
    void whatIsCancelledEndsAndIsDoneAnewWhenAskedForAgain() {
        Work<String> work = start("unwanted");
        until(() -> state(work) == Work.State.RUNNING);

        room.cancel(work.id());

        until(() -> state(work) == Work.State.CANCELLED);
        assertThat(work.result()).isEmpty();
        assertThat(start("unwanted").id()).isNotEqualTo(work.id());
    }

    @Test
    void whatNobodyLooksAtIsStoppedAndWhatIsLookedAtGoesOn() {
        Work<String> forgotten = start("forgotten");
        Work<String> watched = start("watched");
        until(() -> forgotten.state() == Work.State.RUNNING && watched.state() == Work.State.RUNNING);

        clock.pass(WorkRoom.PATIENCE.minusSeconds(1));
        room.look(watched.id());
        clock.pass(Duration.ofSeconds(2));
        room.sweep();

        until(() -> forgotten.state() == Work.State.CANCELLED);
        assertThat(watched.state()).isEqualTo(Work.State.RUNNING);
    }

    @Test
    void whatFailsSaysSoAndCanBeTriedAgain() {
        Work<String> work = room.<String>start("bad", progress -> {
                    throw new IllegalStateException("on purpose");
                })
                .value()
                .orElseThrow();

        until(() -> state(work) == Work.State.FAILED);
        assertThat(start("bad").id()).isNotEqualTo(work.id());
    }

    @Test
    void moreThanMayWaitIsRefusedWithWords() {
        List<Outcome<Work<String>>> all = new ArrayList<>();
        for (int i = 0; i < WorkRoom.AT_ONCE + WorkRoom.MOST_WAITING + 3; i++) {
            all.add(room.start("piece " + i, held("")));
            int started = i;
            until(() -> started >= WorkRoom.AT_ONCE
                    || all.get(started).value().orElseThrow().state() == Work.State.RUNNING);
        }

        assertThat(all.stream().filter(outcome -> outcome.value().isEmpty())).hasSize(3);
        assertThat(all.get(all.size() - 1).problems().get(0).message(UnitSystem.METRIC))
                .contains("waiting already", "Stop one of them");
    }

    @Test
    void whatCameOfItIsKeptForAWhileAndNoMoreThanThereIsRoomFor() {
        go.countDown();
        Work<String> first = start("first");
        until(() -> state(first) == Work.State.DONE);
        for (int i = 0; i < WorkRoom.MOST_KEPT; i++) {
            Work<String> next = start("next " + i);
            until(() -> next.state() == Work.State.DONE);
        }
        room.sweep();
        assertThat(room.find(first.id())).isEmpty();

        Work<String> last = start("last");
        until(() -> last.state() == Work.State.DONE);
        clock.pass(WorkRoom.KEPT.plusSeconds(1));
        room.sweep();
        assertThat(room.find(last.id())).isEmpty();
        assertThat(room.look(UUID.randomUUID())).isEmpty();
    }

    @Test
    void closingEndsWhatIsUnderWay() throws InterruptedException {
        Work<String> work = start("at closing time");
        until(() -> work.state() == Work.State.RUNNING);

        room.close();

        assertThat(work.state()).isEqualTo(Work.State.CANCELLED);
    }
}
