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
import vastarc.web.kept.job.JobStore;
import vastarc.web.ui.JobPlace;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** Takes the last change of a job back, and does it again, in whatever room the hand stands. */
@Controller
class HistoryController {

    private final JobStore jobs;
    private final List<JobPlace> places;

    HistoryController(JobStore jobs, List<JobPlace> places) {
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
        JobPlace here = here(place);
        return laid(here, jobs.undo(id, JobStore.seen(sent.get("version"))), sent, preferences, model);
    }

    @PostMapping("/jobs/{id}/{place}/redo")
    String redo(
            @PathVariable UUID id,
            @PathVariable String place,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        JobPlace here = here(place);
        return laid(here, jobs.redo(id, JobStore.seen(sent.get("version"))), sent, preferences, model);
    }

    private JobPlace here(String place) {
        return places.stream()
                .filter(one -> one.step().path().equals(place))
                .findFirst()
                .orElseThrow(() -> new NotFound("room"));
    }

    private static String laid(
            JobPlace here,
            Optional<JobStore.Travelled> travelled,
            Map<String, String> sent,
            Preferences preferences,
            Model model) {
        return here.laid(travelled.orElseThrow(() -> new NotFound("job")), sent, preferences, model);
    }
}
