package vastarc.web.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.JointPhrase;
import vastarc.core.input.JointReading;
import vastarc.web.layout.Ids;
import vastarc.web.layout.Preferences;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;

/** Answers what is typed into the search of any page. */
@Controller
class SearchController {

    private static final int MOST_TYPED = 120;
    private static final int MOST_FOUND = 12;
    private static final int MOST_JOBS = 6;
    private static final int MOST_RUNS = 4;

    private final JobStore jobs;
    private final WeldRunQueries runs;

    SearchController(JobStore jobs, WeldRunQueries runs) {
        this.jobs = jobs;
        this.runs = runs;
    }

    /** The best answers to what was typed: a joint first where the words say one, then all the rest by how well it fits. */
    @GetMapping(path = "/search.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    List<SearchEntry> search(
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") String job,
            @ModelAttribute("preferences") Preferences preferences) {
        String typed = find.strip();
        String words = typed.length() > MOST_TYPED ? typed.substring(0, MOST_TYPED) : typed;
        if (words.isEmpty()) {
            return List.of();
        }
        List<SearchEntry> entries = new ArrayList<>(FixedEntries.ALL);
        Optional<UUID> here = Ids.read(job);
        here.ifPresent(id -> entries.addAll(FixedEntries.ofJob(id.toString())));
        runs.names("hand").stream().map(SearchController::person).forEach(entries::add);
        List<SearchEntry> found = new ArrayList<>();
        phrase(words, preferences.units()).ifPresent(found::add);
        jobs.bench(words, 0).things().stream()
                .limit(MOST_JOBS)
                .map(one -> new SearchEntry("job", one.name(), one.notes(), "", "/jobs/" + one.id() + "/sheet"))
                .forEach(found::add);
        found.addAll(SearchRanking.best(entries, words, MOST_FOUND));
        runs.newest(RunFilter.named(words), MOST_RUNS).stream()
                .map(SearchController::run)
                .forEach(found::add);
        return found.stream().limit(MOST_FOUND).toList();
    }

    /** A joint said in so many words that a sheet can be made of it. */
    private static Optional<SearchEntry> phrase(String words, UnitSystem units) {
        JointReading reading = JointPhrase.read(words, units);
        return reading.missing().isEmpty()
                ? Optional.of(new SearchEntry(
                        "new job",
                        reading.name(),
                        "its figures, and a job where you want one",
                        "",
                        FixedEntries.line(words)))
                : Optional.empty();
    }

    private static SearchEntry person(String hand) {
        String href = UriComponentsBuilder.fromPath("/logbook")
                .queryParam("hand", "{hand}")
                .encode()
                .buildAndExpand(hand)
                .toUriString();
        return new SearchEntry("person", hand, "runs in the logbook", "welder", href);
    }

    private static SearchEntry run(WeldRun run) {
        String day = run.startedAt().toString().substring(0, 10);
        return new SearchEntry("run", run.head().jobName() + ", " + day, run.note(), "", "/logbook/" + run.id());
    }
}
