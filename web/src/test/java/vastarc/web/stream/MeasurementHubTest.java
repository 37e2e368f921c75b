package vastarc.web.stream;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import vastarc.core.equipment.CurrentMeter.ClampReading;
import vastarc.web.HeldClock;

/** Readings reach who listens, in order; everything that could grow is bounded. Time is a clock that is moved by hand. */
class MeasurementHubTest {

    private final HeldClock clock = new HeldClock();
    private final MeasurementHub room = new MeasurementHub(clock);

    private Measurement reading(String channel, double value) {
        return new Measurement(channel, clock.instant(), value, true);
    }

    @Test
    void aListenerHearsItsOwnChannelsInOrderAndEachReadingOnce() {
        Listener listener = room.listen(Set.of("current")).orElseThrow();
        room.publish(reading("current", 50));
        room.publish(reading("flow", 8));
        room.publish(reading("current", 51));

        assertThat(listener.take().readings()).extracting(Measurement::value).containsExactly(50.0, 51.0);
        assertThat(listener.take().isEmpty()).isTrue();
    }

    @Test
    void aSlowListenerLosesTheOldestAndIsToldHowMany() {
        Listener listener = room.listen(Set.of("current")).orElseThrow();
        for (int i = 0; i < Listener.MOST_WAITING + 7; i++) {
            room.publish(reading("current", i));
        }

        Listener.Batch batch = listener.take();
        assertThat(batch.missed()).isEqualTo(7);
        assertThat(batch.readings()).hasSize(Listener.MOST_WAITING);
        assertThat(batch.readings().get(0).value()).isEqualTo(7);
        assertThat(listener.take().missed()).isZero();
    }

    @Test
    void theLastOfAChannelAreKeptAndNoMore() {
        for (int i = 0; i < MeasurementHub.MAX_RECENT + 10; i++) {
            room.publish(reading("current", i));
        }

        assertThat(room.recent("current")).hasSize(MeasurementHub.MAX_RECENT);
        assertThat(room.recent("current").get(0).value()).isEqualTo(10);
        room.forget("current");
        assertThat(room.recent("current")).isEmpty();
    }

    @Test
    void channelsAndListenersAreBounded() {
        Listener listener = room.listen(Set.of("one more")).orElseThrow();
        for (int i = 0; i < MeasurementHub.MOST_CHANNELS; i++) {
            room.publish(reading("channel " + i, 1));
        }
        room.publish(reading("channel 0", 2));
        room.publish(reading("one more", 3));
        assertThat(listener.take().readings()).extracting(Measurement::value).containsExactly(3.0);
        assertThat(room.recent("one more")).hasSize(1);
        assertThat(room.recent("channel 0")).hasSize(2);
        assertThat(room.recent("channel 1")).as("silent longest").isEmpty();
        room.leave(listener);

        for (int i = 0; i < MeasurementHub.MOST_LISTENERS; i++) {
            assertThat(room.listen(Set.of("current"))).isPresent();
        }
        assertThat(room.listen(Set.of("current"))).isEqualTo(Optional.empty());
    }

    @Test
    void whoLeavesHearsNoMore() {
        Listener listener = room.listen(Set.of("current")).orElseThrow();
        room.leave(listener);
        room.publish(reading("current", 50));

        assertThat(listener.take().isEmpty()).isTrue();
        assertThat(room.listening()).isZero();
    }

    @Test
    void aMeterIsAskedOnceABeatAndNoMoreOften() {
        AtomicInteger asked = new AtomicInteger();
        room.watch("current", () -> new ClampReading(asked.incrementAndGet(), true));

        room.beat();
        room.beat();
        clock.pass(MeasurementHub.BEAT.minus(Duration.ofMillis(1)));
        room.beat();
        assertThat(asked).hasValue(1);

        clock.pass(Duration.ofMillis(1));
        room.beat();
        assertThat(room.recent("current")).extracting(Measurement::value).containsExactly(1.0, 2.0);
        assertThat(room.recent("current")).allMatch(Measurement::simulated);

        room.letGo("current");
        clock.pass(Duration.ofSeconds(1));
        room.beat();
        assertThat(asked).hasValue(2);
    }

    @Test
    void aReadingIsAFigure() {
        assertThatThrownBy(() -> reading("current", Double.NaN)).hasMessageContaining("must be finite");
    }
}
