package vastarc.web.layout;

import java.util.Map;
import java.util.Optional;
import org.springframework.ui.Model;
import vastarc.web.error.NotFound;
import vastarc.web.store.job.JobStore.HistoryResult;

/** A room of a job that can go back and forth through the job's history. */
public interface JobPage {

    /** {@return the tab it is shown under} */
    JobTab step();

    /**
     * Lays the room anew after a step through the history.
     *
     * @param there the job after the step
     * @param sent what the page sent besides
     * @param preferences the reader's preferences
     * @param model the model of the page
     * @return its view
     */
    String showAfterHistoryStep(HistoryResult there, Map<String, String> sent, Preferences preferences, Model model);

    /**
     * {@return the same after a change of a job; where there is no such job, it is not found}
     *
     * @param there what the step came to; empty if the job is gone
     * @param preferences the reader's preferences
     * @param model the model of the page
     */
    default String travelled(Optional<HistoryResult> there, Preferences preferences, Model model) {
        return showAfterHistoryStep(there.orElseThrow(() -> new NotFound("job")), Map.of(), preferences, model);
    }
}
