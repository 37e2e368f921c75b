package vastarc.web.stream;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import vastarc.web.schedule.ScheduleConfiguration;
import vastarc.web.security.Caller;
import vastarc.web.store.device.DeviceStore;

/**
 * Tells open pages what is new, at most ten times a second each. Each line is written to on a thread of its own: one that is still being written to at
 * the next beat is passed over, and who does not read for as long as the server waits for a write, or has gone, is let go.
 */
@Component
public class Events {

    static final int MOST_OPEN = 160;

    /** Lines of one paired device. */
    static final int MOST_OF_A_DEVICE = 16;

    private static final long LONGEST_MS = 30 * 60 * 1000L;
    private static final long QUIET_BEATS = 100;
    private static final long IDLE_S = 30;

    private final List<EventLine> lines = new CopyOnWriteArrayList<>();
    private final MeasurementHub room;
    private final DeviceStore devices;

    /** As many threads as there may be lines, so that none waits for another. */
    private final ExecutorService writers = new ThreadPoolExecutor(
            0, MOST_OPEN, IDLE_S, TimeUnit.SECONDS, new SynchronousQueue<>(), new CustomizableThreadFactory("line-"));

    Events(MeasurementHub room, DeviceStore devices) {
        this.room = room;
        this.devices = devices;
    }

    /**
     * What is to be sent at a beat.
     *
     * @param data empty where nothing is new
     * @param last there will be no more
     */
    public record EventMessage(Optional<Object> data, boolean last) {}

    private static final class EventLine {
        private final SseEmitter emitter = new SseEmitter(LONGEST_MS);
        private final Supplier<EventMessage> source;
        private final Runnable left;
        private final Optional<UUID> device;
        private final AtomicBoolean writing = new AtomicBoolean();
        private long quiet;

        EventLine(Supplier<EventMessage> source, Runnable left, Optional<UUID> device) {
            this.source = source;
            this.left = left;
            this.device = device;
        }
    }

    /**
     * Opens a stream of events to a page.
     *
     * @param source asked at every beat at which the page has taken what was given before
     * @param left   called once, when the page has gone or there is no more to tell
     * @return empty where too many are open already, or too many of the device that asks
     */
    public Optional<SseEmitter> open(Supplier<EventMessage> source, Runnable left) {
        EventLine line = new EventLine(source, left, Caller.device());
        if (!hasRoomFor(line)) {
            return Optional.empty();
        }
        line.emitter.onCompletion(() -> close(line));
        line.emitter.onTimeout(line.emitter::complete);
        lines.add(line);
        // Looked at after it is in the list: a device that is taken away now is either not found here, or its line is.
        if (!line.device.map(devices::isPaired).orElse(true)) {
            end(line);
        }
        return Optional.of(line.emitter);
    }

    private boolean hasRoomFor(EventLine line) {
        boolean crowded = line.device.isPresent()
                && lines.stream()
                                .filter(other -> other.device.equals(line.device))
                                .count()
                        >= MOST_OF_A_DEVICE;
        return lines.size() < MOST_OPEN && !crowded;
    }

    private void close(EventLine line) {
        if (lines.remove(line)) {
            line.left.run();
        }
    }

    @Scheduled(fixedRate = 100, timeUnit = TimeUnit.MILLISECONDS, scheduler = ScheduleConfiguration.LINES)
    void beat() {
        room.beat();
        for (EventLine line : lines) {
            if (line.writing.compareAndSet(false, true)) {
                writers.execute(() -> {
                    try {
                        tell(line);
                    } finally {
                        line.writing.set(false);
                    }
                });
            }
        }
    }

    private void tell(EventLine line) {
        EventMessage message = line.source.get();
        try {
            if (message.data().isPresent()) {
                line.emitter.send(SseEmitter.event().data(message.data().get()));
                line.quiet = 0;
            } else if (++line.quiet % QUIET_BEATS == 0) {
                // A comment now and then: a page that has gone is only noticed by writing to it.
                line.emitter.send(SseEmitter.event().comment("still here"));
            }
            if (message.last()) {
                end(line);
            }
        } catch (IOException | IllegalStateException e) {
            line.emitter.completeWithError(e);
            close(line);
        }
    }

    private void end(EventLine line) {
        line.emitter.complete();
        close(line);
    }

    int opened() {
        return lines.size();
    }

    /**
     * Ends the streams of a device that may no longer listen.
     *
     * @param device id of the device
     */
    public void closeOf(UUID device) {
        closeWhere(line -> line.device.filter(device::equals).isPresent());
    }

    /** Ends every stream, before the program waits for what is under way to end. */
    @EventListener(ContextClosedEvent.class)
    void closeAll() {
        closeWhere(line -> true);
        writers.shutdown();
    }

    private void closeWhere(Predicate<EventLine> condition) {
        lines.stream().filter(condition).forEach(this::end);
    }
}
