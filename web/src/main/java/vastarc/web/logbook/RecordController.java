package vastarc.web.logbook;

import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.error.NotFound;
import vastarc.web.format.CsvText;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.layout.Preferences;
import vastarc.web.logbook.Logbook.OpenedRun;
import vastarc.web.logbook.RunView.RunJob;
import vastarc.web.paper.PaperPress;
import vastarc.web.service.OxygenLog;
import vastarc.web.service.PaperChoices;
import vastarc.web.store.job.PurgeText;
import vastarc.web.store.register.InstrumentReader;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.Photograph;
import vastarc.web.store.run.WeldRun;

/** The weld record of a run, to look at and as a PDF: what was set, what was read, what it looked like, who and when. */
@Controller
class RecordController {

    private static final int MOST_PHOTOS = 6;

    private final Logbook logbook;
    private final PhotoStore photos;
    private final PaperPress press;

    RecordController(Logbook logbook, PhotoStore photos, PaperPress press) {
        this.logbook = logbook;
        this.photos = photos;
        this.press = press;
    }

    /**
     * A weld record.
     *
     * @param run     as the logbook shows it
     * @param verdict in words
     * @param purge   as it was when the run began; empty for none
     * @param note    of the welder
     * @param photos  by the address they are drawn from
     */
    public record WeldRecord(RunView run, String verdict, List<FigureLine> purge, String note, List<Picture> photos) {}

    /** A photograph and what it shows. */
    public record Picture(String source, String label) {
        public Picture {
            label = Labels.of(label);
        }
    }

    @GetMapping("/logbook/{id}/record")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        OpenedRun opened = opened(id);
        model.addAttribute(
                "record",
                record(
                        opened,
                        opened.photos().stream()
                                .map(photo ->
                                        new Picture("/logbook/photo/" + photo.id() + ".jpg", label(photo, preferences)))
                                .toList(),
                        preferences));
        model.addAttribute("paper", true);
        return "logbook/record-page";
    }

    /** Photographs stand inside the file itself. */
    @GetMapping("/logbook/{id}/record.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences) {
        OpenedRun opened = opened(id);
        List<Picture> pictures = opened.photos().stream()
                .limit(MOST_PHOTOS)
                .flatMap(photo -> photos
                        .jpeg(photo.id())
                        .map(jpeg -> new Picture(
                                "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(jpeg),
                                label(photo, preferences)))
                        .stream())
                .toList();
        String title = "Weld record " + opened.run().head().jobName();
        return PaperPress.answer(
                title,
                press.press(
                        "logbook/record",
                        title,
                        PaperPress.Size.A4,
                        Map.of("record", record(opened, pictures, preferences))));
    }

    /** What it shows, and what was measured in it. */
    private static String label(Photograph photo, Preferences preferences) {
        return photo.measure()
                .map(measure -> photo.kind().label() + ": "
                        + MeasureWords.of(measure, preferences.units()).stream()
                                .map(line -> line.name() + " " + line.value())
                                .collect(Collectors.joining(", ")))
                .orElse(photo.kind().label());
    }

    /** The oxygen that was read before the strike, with its clock. */
    @GetMapping("/logbook/{id}/purge.csv")
    ResponseEntity<String> oxygen(@PathVariable UUID id) {
        OpenedRun run = opened(id);
        String meters = PaperChoices.line(run.papers().stream()
                .filter(paper -> paper.isOf(InstrumentReader.KIND))
                .toList());
        return CsvText.file("oxygen.csv", run.oxygen().csv(meters));
    }

    private OpenedRun opened(UUID id) {
        return logbook.open(id).orElseThrow(() -> new NotFound("run"));
    }

    private static WeldRecord record(OpenedRun opened, List<Picture> pictures, Preferences preferences) {
        WeldRun run = opened.run();
        return new WeldRecord(
                RunView.of(opened, Map.of(), Map.of(), new RunJob("", false), preferences.units()),
                Phrasebook.say(Phrase.of("run.verdict." + run.verdict()), preferences.units()),
                opened.record()
                        .map(record -> purge(record.purge(), opened.oxygen()))
                        .orElse(List.of()),
                run.note(),
                pictures);
    }

    private static List<FigureLine> purge(Map<String, String> purge, OxygenLog oxygen) {
        Stream<FigureLine> said = Stream.of(PurgeText.FELT, PurgeText.METER, PurgeText.OVERRULED, PurgeText.BY)
                .filter(field -> !purge.getOrDefault(field, "").isBlank())
                .map(field -> new FigureLine(
                        Phrasebook.say(Phrase.of("record." + field), UnitSystem.METRIC),
                        field.equals(PurgeText.FELT) ? "yes" : purge.getOrDefault(field, "")));
        return Stream.concat(said, OxygenLines.of(oxygen).stream()).toList();
    }
}
