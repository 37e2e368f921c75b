package vastarc.web.stream;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import vastarc.web.HeldClock;
import vastarc.web.store.device.DeviceStore;
import vastarc.web.stream.Events.EventMessage;

/** Open pages do not wait for one another. */
class EventsTest {

    private final Events events = new Events(new MeasurementHub(new HeldClock()), Mockito.mock(DeviceStore.class));
    private final CountDownLatch stuck = new CountDownLatch(1);

    @AfterEach
    void end() {
        stuck.countDown();
        events.closeAll();
    }

    private EventMessage waiting() {
        try {
            stuck.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return new EventMessage(Optional.empty(), false);
    }

    @Test
    void oneThatIsStuckIsPassedOverAndDelaysNoOther() {
        AtomicInteger asked = new AtomicInteger();
        AtomicInteger stuckAsked = new AtomicInteger();
        for (int i = 0; i < 3; i++) {
            events.open(
                    () -> {
                        stuckAsked.incrementAndGet();
                        return waiting();
                    },
                    () -> {});
        }
        events.open(
                () -> {
                    asked.incrementAndGet();
                    return new EventMessage(Optional.empty(), false);
                },
                () -> {});
        for (int beat = 1; beat <= 20; beat++) {
            int wanted = beat;
            events.beat();
            Awaitility.await().atMost(Duration.ofSeconds(5)).until(() -> asked.get() >= wanted);
        }
        assertThat(stuckAsked).as("not asked again before it has answered").hasValue(3);
    }

    @Test
    void noMoreAreOpenThanThereMayBe() {
        for (int i = 0; i < Events.MOST_OPEN; i++) {
            assertThat(events.open(() -> new EventMessage(Optional.empty(), false), () -> {}))
                    .isPresent();
        }
        assertThat(events.open(() -> new EventMessage(Optional.empty(), false), () -> {}))
                .isEmpty();
    }
}
