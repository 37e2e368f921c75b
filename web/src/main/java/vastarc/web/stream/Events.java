package vastarc.web.stream;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells open pages what is new, at most ten times a second each; who has gone is let go at the next telling. */
@Component
public class Events {

    static final int MOST_OPEN = 160;
    private static final long LONGEST_MS = 30 * 60 * 1000L;
    private static final long QUIET_BEATS = 100;

    private final List<Open> open = new CopyOnWriteArrayList<>();
    private final StreamRoom room;

    Events(StreamRoom room) {
        this.room = room;
    }

    /**
     * What is to be told at a beat.
     *
     * @param data empty where nothing is new
     * @param last there will be no more
     */
    public record Told(Optional<Object> data, boolean last) {}

    private static final class Open {
        private final SseEmitter emitter;
        private final Supplier<Told> source;
        private final Runnable left;
        private long quiet;

        Open(SseEmitter emitter, Supplier<Told> source, Runnable left) {
            this.emitter = emitter;
            this.source = source;
            this.left = left;
        }
    }

    /**
     * Opens a stream of events to a page.
     *
     * @param source asked at every beat
     * @param left   called once, when the page has gone or there is no more to tell
     * @return empty where too many are open already
     */
    public Optional<SseEmitter> open(Supplier<Told> source, Runnable left) {
        if (open.size() >= MOST_OPEN) {
            return Optional.empty();
        }
        SseEmitter emitter = new SseEmitter(LONGEST_MS);
        Open page = new Open(emitter, source, left);
        emitter.onCompletion(() -> close(page));
        emitter.onTimeout(emitter::complete);
        open.add(page);
        return Optional.of(emitter);
    }

    private void close(Open page) {
        if (open.remove(page)) {
            page.left.run();
        }
    }

    @Scheduled(fixedRate = 100, timeUnit = TimeUnit.MILLISECONDS)
    void beat() {
        room.beat();
        open.forEach(this::tell);
    }

    private void tell(Open page) {
        Told told = page.source.get();
        try {
            if (told.data().isPresent()) {
                page.emitter.send(SseEmitter.event().data(told.data().get()));
                page.quiet = 0;
            } else if (++page.quiet % QUIET_BEATS == 0) {
                // A comment now and then: a page that has gone is only noticed by writing to it.
                page.emitter.send(SseEmitter.event().comment("still here"));
            }
            if (told.last()) {
                page.emitter.complete();
                close(page);
            }
        } catch (IOException | IllegalStateException e) {
            page.emitter.completeWithError(e);
            close(page);
        }
    }

    int opened() {
        return open.size();
    }

    /** Ends every stream: before the program waits for what is under way to end, and when a device may no longer listen. */
    @EventListener(ContextClosedEvent.class)
    public void closeAll() {
        open.forEach(page -> page.emitter.complete());
    }
}
