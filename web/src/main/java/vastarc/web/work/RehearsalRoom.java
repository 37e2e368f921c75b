package vastarc.web.work;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import vastarc.core.finding.Outcome;
import vastarc.core.rehearsal.Film;
import vastarc.core.rehearsal.Finder;
import vastarc.core.rehearsal.Rehearsal;
import vastarc.core.rehearsal.RehearsalAsk;
import vastarc.core.rehearsal.RehearsalRun;
import vastarc.core.rehearsal.Setup;

/** Rehearses welds as long work, and keeps the films of the last few. The same weld is not rehearsed twice. */
@Service
public class RehearsalRoom {

    /** Films kept: each takes some megabytes. */
    static final int MOST_FILMS = 8;

    private final WorkRoom works;
    private final Map<UUID, Show> shows = new LinkedHashMap<>();

    RehearsalRoom(WorkRoom works) {
        this.works = works;
    }

    /**
     * A rehearsal under way or over.
     *
     * @param ask  what is rehearsed
     * @param film what is seen of it
     * @param work how far it is
     */
    public record Show(Setup setup, RehearsalAsk ask, Film film, Work<Rehearsal> work) {

        public UUID id() {
            return work.id();
        }
    }

    /** Starts a rehearsal, or finds the one under way of the very same; a problem where it cannot be, or too much waits. */
    public Outcome<Show> start(Setup setup) {
        return setup.ask().then(ask -> begin(setup, ask));
    }

    private synchronized Outcome<Show> begin(Setup setup, RehearsalAsk ask) {
        Film film = new Film();
        return works.<Rehearsal>start("rehearsal " + setup, progress -> RehearsalRun.of(ask, progress, film))
                .map(work -> {
                    Show show = shows.computeIfAbsent(work.id(), id -> new Show(setup, ask, film, work));
                    shows.remove(work.id());
                    shows.put(work.id(), show);
                    forget();
                    return show;
                });
    }

    private void forget() {
        shows.keySet().removeIf(id -> works.find(id).isEmpty());
        while (shows.size() > MOST_FILMS) {
            Optional<UUID> over = shows.values().stream()
                    .filter(show -> show.work().state().isOver())
                    .map(Show::id)
                    .findFirst();
            if (over.isEmpty()) {
                return;
            }
            // Its work goes too: asked for again it is begun anew, since nothing of it could be shown.
            shows.remove(over.get());
            works.forget(over.get());
        }
    }

    /** One that is still looked at; empty once it is forgotten. */
    public synchronized Optional<Show> find(UUID id) {
        return works.look(id).flatMap(shown -> Optional.ofNullable(shows.get(id)));
    }

    /** Starts to look for a setting. */
    public Outcome<Work<Outcome<Finder.Found>>> look(Setup setup, Finder.Knob knob, Finder.Goal goal, double targetMm) {
        return works.start(
                "find " + knob + " " + goal + " " + targetMm + " " + setup,
                progress -> Finder.find(setup, knob, goal, targetMm, progress));
    }

    /** What was found; empty where it is not over, or forgotten. */
    @SuppressWarnings("unchecked")
    public Optional<Outcome<Finder.Found>> found(UUID id) {
        return works.find(id)
                .flatMap(Work::result)
                .filter(result -> result instanceof Outcome<?>)
                .map(result -> (Outcome<Finder.Found>) result);
    }
}
