package vastarc.web.logbook;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.vision.MeasureRequest;
import vastarc.web.error.NotFound;
import vastarc.web.format.CoreJson;
import vastarc.web.layout.Preferences;
import vastarc.web.logbook.Logbook.OpenedRun;
import vastarc.web.logbook.MeasureResult.BeadExpectation;
import vastarc.web.request.MeasureReader;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.KeptMeasure;
import vastarc.web.store.run.PhotoPixels;
import vastarc.web.store.run.PhotoPixels.MeasuredPhoto;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.Photograph;
import vastarc.web.store.run.PictureRefused;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.simulation.SimulationStore;

/** Measures the bead in a run's photograph. */
@Controller
class PhotoController {

    private static final String ADDRESS = "/logbook/{id}/photo/{photo}/measure";

    private static final int MOST_ASK = 64 * 1024;

    private final Logbook logbook;
    private final PhotoStore photos;
    private final JobStore jobs;
    private final SimulationStore simulations;

    PhotoController(Logbook logbook, PhotoStore photos, JobStore jobs, SimulationStore simulations) {
        this.logbook = logbook;
        this.photos = photos;
        this.jobs = jobs;
        this.simulations = simulations;
    }

    @GetMapping(ADDRESS)
    String page(
            @PathVariable UUID id,
            @PathVariable UUID photo,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        OpenedRun run = run(id);
        Photograph taken = photo(run, photo);
        model.addAttribute("page", page(run, taken, preferences));
        model.addAttribute("result", MeasureResult.wrong(""));
        return "logbook/measure";
    }

    /**
     * Measures, and with {@code keep} keeps it with the photograph; answers the part of the page that shows it. With {@code kept} it is what is kept
     * already, measured again to be shown.
     */
    @PostMapping(ADDRESS)
    String measure(
            @PathVariable UUID id,
            @PathVariable UUID photo,
            @RequestParam(defaultValue = "") String keep,
            @RequestParam(defaultValue = "") String kept,
            HttpServletRequest request,
            @ModelAttribute("preferences") Preferences preferences,
            Model model)
            throws IOException {
        OpenedRun run = run(id);
        Photograph taken = photo(run, photo);
        model.addAttribute("page", page(run, taken, preferences));
        MeasureResult result = result(run, taken, body(request), !keep.isEmpty(), preferences.units());
        model.addAttribute("result", kept.isEmpty() ? result : result.asKept());
        return "logbook/measure :: result";
    }

    /** What is kept, in full. */
    @GetMapping(path = ADDRESS + ".json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> json(@PathVariable UUID id, @PathVariable UUID photo) {
        return file("bead.json", CoreJson.kept().writeValueAsString(kept(id, photo)));
    }

    /** The width along the seam as it is kept, a place a line. */
    @GetMapping(path = ADDRESS + ".csv", produces = WidthCsv.TYPE)
    ResponseEntity<String> csv(@PathVariable UUID id, @PathVariable UUID photo) {
        return file("bead-width.csv", WidthCsv.of(kept(id, photo).widths()));
    }

    private static ResponseEntity<String> file(String name, String text) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text);
    }

    private KeptMeasure kept(UUID id, UUID photo) {
        return photo(run(id), photo).measure().orElseThrow(() -> new NotFound("measure"));
    }

    private MeasureResult result(OpenedRun run, Photograph taken, byte[] body, boolean keep, UnitSystem units) {
        Outcome<MeasureRequest> asked = asked(body);
        if (asked.value().isEmpty()) {
            boolean noScale = asked.problems().stream()
                    .anyMatch(problem -> problem.field().startsWith("scale"));
            return MeasureResult.wrong(
                    noScale
                            ? MeasurePage.say("vision.page.scale")
                            : asked.problems().stream()
                                    .map(problem -> problem.message(units))
                                    .collect(Collectors.joining(" ")));
        }
        try {
            byte[] jpeg = photos.jpeg(taken.id()).orElseThrow(() -> new NotFound("photograph"));
            MeasureRequest request = asked.value().get();
            MeasuredPhoto measured = PhotoPixels.measure(jpeg, request);
            Optional<KeptMeasure> found = measured.measurement().bead().map(bead -> KeptMeasure.of(bead, request));
            found.filter(measure -> keep)
                    .ifPresent(measure -> photos.measured(run.run().id(), taken.id(), measure));
            BeadExpectation expected = new BeadExpectation(MeasurePage.planned(run), rehearsed(run.run(), units));
            return found.map(measure -> MeasureResult.of(measured, measure, expected, keep, units))
                    .orElseGet(() -> MeasureResult.refused(measured, units));
        } catch (PictureRefused e) {
            return MeasureResult.wrong(String.valueOf(e.getMessage()));
        }
    }

    private Optional<RehearsedBead> rehearsed(WeldRun run, UnitSystem units) {
        return run.head().job().flatMap(job -> RehearsedBead.of(run, simulations.of(job), units));
    }

    private static byte[] body(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return in.readNBytes(MOST_ASK);
        }
    }

    private static Outcome<MeasureRequest> asked(byte[] body) {
        try {
            JsonNode ask = CoreJson.kept().readTree(new String(body, StandardCharsets.UTF_8));
            return ask.isObject()
                    ? MeasureReader.read(ask)
                    : Outcome.failed(Problem.badValue("scale", "measure.scale"));
        } catch (JacksonException e) {
            return Outcome.failed(Problem.badValue("scale", "measure.scale"));
        }
    }

    private MeasurePage page(OpenedRun run, Photograph taken, Preferences preferences) {
        String job = run.run()
                .head()
                .job()
                .flatMap(jobs::onBench)
                .map(found -> found.id().toString())
                .orElse("");
        return MeasurePage.of(run, taken, job, preferences.units());
    }

    private OpenedRun run(UUID id) {
        return logbook.open(id).orElseThrow(() -> new NotFound("run"));
    }

    private static Photograph photo(OpenedRun run, UUID photo) {
        Optional<Photograph> taken =
                run.photos().stream().filter(one -> one.id().equals(photo)).findFirst();
        return taken.orElseThrow(() -> new NotFound("photograph"));
    }
}
