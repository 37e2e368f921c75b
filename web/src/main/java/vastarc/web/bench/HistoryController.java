package vastarc.web.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.error.NotFound;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.Preferences;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;

/** Takes the last change of a job back, and does it again, on whatever page the welder is. */
@Controller
class HistoryController {

    private final JobStore jobs;
    private final List<JobPage> places;

    HistoryController(JobStore jobs, List<JobPage> places) {
        this.jobs = jobs;
        this.places = List.copyOf(places);
    }

    @PostMapping("/jobs/{id}/{place}/undo")
    String undo(
            @PathVariable UUID id,
            @PathVariable String place,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        JobPage here = here(place);
        return showAfterHistoryStep(here, jobs.undo(id, JobStore.seen(sent.get("version"))), sent, preferences, model);
    }

    @PostMapping("/jobs/{id}/{place}/redo")
    String redo(
            @PathVariable UUID id,
            @PathVariable String place,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        JobPage here = here(place);
        return showAfterHistoryStep(here, jobs.redo(id, JobStore.seen(sent.get("version"))), sent, preferences, model);
    }

    private JobPage here(String place) {
        return places.stream()
                .filter(jobPage -> jobPage.step().path().equals(place))
                .findFirst()
                .orElseThrow(() -> new NotFound("room"));
    }

    private static String showAfterHistoryStep(
            JobPage here,
            Optional<HistoryResult> travelled,
            Map<String, String> sent,
            Preferences preferences,
            Model model) {
        return here.showAfterHistoryStep(travelled.orElseThrow(() -> new NotFound("job")), sent, preferences, model);
    }
}
