package vastarc.web.work;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import vastarc.core.base.validation.Outcome;
import vastarc.core.simulation.SettingSearch;
import vastarc.core.simulation.SettingSearch.SearchQuery;
import vastarc.core.simulation.SettingSearch.SearchResult;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.WeldSimulation;
import vastarc.core.simulation.observe.FrameRecorder;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;

/** Simulates welds as long work, and keeps the recorded frames of the last few. The same weld is not simulated twice. */
@Service
public class SimulationWork {

    /** Films kept: each takes some megabytes. */
    static final int MOST_FILMS = 8;

    private final WorkRoom works;
    private final Map<UUID, SimulationStatus> shows = new LinkedHashMap<>();

    SimulationWork(WorkRoom works) {
        this.works = works;
    }

    /**
     * A simulation under way or over.
     *
     * @param ask  what is simulated
     * @param film what is seen of it
     * @param work how far it is
     */
    public record SimulationStatus(
            SimulationSetup setup, SimulationRequest ask, FrameRecorder film, Work<SimulationResult> work) {

        /** {@return the id of the work} */
        public UUID id() {
            return work.id();
        }
    }

    /**
     * {@return starts a simulation, or finds the one under way of the very same; a problem where it cannot be, or too
     * much waits}
     *
     * @param setup the setup
     */
    public Outcome<SimulationStatus> start(SimulationSetup setup) {
        return setup.ask().then(request -> begin(setup, request));
    }

    private synchronized Outcome<SimulationStatus> begin(SimulationSetup setup, SimulationRequest request) {
        FrameRecorder recorder = new FrameRecorder();
        return works.<SimulationResult>start(
                        "rehearsal " + setup, progress -> WeldSimulation.of(request, progress, recorder))
                .map(work -> {
                    SimulationStatus show = shows.computeIfAbsent(
                            work.id(), id -> new SimulationStatus(setup, request, recorder, work));
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
                    .map(SimulationStatus::id)
                    .findFirst();
            if (over.isEmpty()) {
                return;
            }
            // Its work goes too: asked for again it is begun anew, since nothing of it could be shown.
            shows.remove(over.get());
            works.forget(over.get());
        }
    }

    /**
     * {@return one that is still looked at; empty once it is forgotten}
     *
     * @param id the id
     */
    public synchronized Optional<SimulationStatus> find(UUID id) {
        return works.look(id).flatMap(shown -> Optional.ofNullable(shows.get(id)));
    }

    /**
     * {@return starts to look for a setting}
     *
     * @param setup the setup
     * @param query what is looked for
     */
    public Outcome<Work<Outcome<SearchResult>>> look(SimulationSetup setup, SearchQuery query) {
        return works.start("find " + query + " " + setup, progress -> SettingSearch.find(setup, query, progress));
    }

    /**
     * {@return what was found; empty where it is not over, or forgotten}
     *
     * @param id the id
     */
    @SuppressWarnings("unchecked")
    public Optional<Outcome<SearchResult>> found(UUID id) {
        return works.find(id)
                .flatMap(Work::result)
                .filter(result -> result instanceof Outcome<?>)
                .map(result -> (Outcome<SearchResult>) result);
    }
}
