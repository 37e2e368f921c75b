package vastarc.web.logbook;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.weldlog.Recording;
import vastarc.web.error.NotFound;
import vastarc.web.format.CoreJson;
import vastarc.web.format.CsvText;
import vastarc.web.format.RecordingFile;
import vastarc.web.layout.Preferences;
import vastarc.web.logbook.RunImport.ImportReport;
import vastarc.web.request.ClosingForm;
import vastarc.web.request.RecordingTable;
import vastarc.web.service.RunClosings;
import vastarc.web.store.run.KeptMeasure;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.Photograph.PhotographKind;
import vastarc.web.store.run.PictureRefused;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.TraceColumns;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunFormat;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunService;

/** The logbook as files, out and in; photographs and readings of a run. */
@Controller
class RunFiles {

    private static final String CSV = "text/csv";
    private static final int MAX_BYTES = 12 * 1024 * 1024;

    /** Read as a whole, unlike a table: so it takes much more room than its file. */
    private static final int MAX_JSON = 4 * 1024 * 1024;

    private final WeldRunService runs;
    private final WeldRunQueries book;
    private final PhotoStore photos;
    private final TraceColumns columns;
    private final RunClosings closings;
    private final RunImport imports;

    RunFiles(
            WeldRunService runs,
            WeldRunQueries book,
            PhotoStore photos,
            TraceColumns columns,
            RunClosings closings,
            RunImport imports) {
        this.runs = runs;
        this.book = book;
        this.photos = photos;
        this.columns = columns;
        this.closings = closings;
        this.imports = imports;
    }

    private static ResponseEntity<StreamingResponseBody> file(String name, String type, StreamingResponseBody body) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                .body(body);
    }

    /** The runs that fit a filter, one line each, as they come. */
    @GetMapping("/logbook.csv")
    ResponseEntity<StreamingResponseBody> csv(
            @RequestParam Map<String, String> sent, @ModelAttribute("preferences") Preferences preferences) {
        RunFilter filter = Filters.of(sent, preferences.units()).filter();
        return file("logbook.csv", CSV, out -> {
            Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            CSVPrinter csv = new CSVPrinter(
                    writer,
                    CSVFormat.RFC4180
                            .builder()
                            .setHeader(WeldRunFormat.COLUMNS.toArray(String[]::new))
                            .get());
            forEachRow(filter, row -> print(csv, row));
            csv.flush();
        });
    }

    /** The rows of the runs that fit a filter, with what was measured in their photographs. */
    private void forEachRow(RunFilter filter, Consumer<ObjectNode> taker) {
        book.forEachSome(filter, some -> {
            Map<UUID, KeptMeasure> measures =
                    photos.measures(some.stream().map(WeldRun::id).toList());
            some.forEach(run -> taker.accept(WeldRunFormat.row(run, measures.get(run.id()))));
        });
    }

    private static void print(CSVPrinter csv, ObjectNode row) {
        try {
            csv.printRecord(WeldRunFormat.COLUMNS.stream()
                    .map(name ->
                            row.path(name).isMissingNode() || row.path(name).isNull()
                                    ? ""
                                    : CsvText.cell(row.path(name).asString()))
                    .toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @GetMapping("/logbook.json")
    ResponseEntity<StreamingResponseBody> json(
            @RequestParam Map<String, String> sent, @ModelAttribute("preferences") Preferences preferences) {
        RunFilter filter = Filters.of(sent, preferences.units()).filter();
        return file("logbook.json", MediaType.APPLICATION_JSON_VALUE, out -> {
            Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            String[] before = {"[\n"};
            forEachRow(filter, row -> {
                write(writer, before[0] + CoreJson.kept().writeValueAsString(row));
                before[0] = ",\n";
            });
            write(writer, before[0].equals("[\n") ? "[]\n" : "\n]\n");
            writer.flush();
        });
    }

    private static void write(Writer writer, String text) {
        try {
            writer.write(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] body(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return in.readNBytes(MAX_BYTES + 1);
        }
    }

    /** Takes runs out of a file; what is refused is given row by row, and the rest comes in. */
    @PostMapping(path = "/logbook/import", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    ImportReport bring(HttpServletRequest request, @ModelAttribute("preferences") Preferences preferences)
            throws IOException {
        return imports.take(new String(body(request), StandardCharsets.UTF_8), preferences.units());
    }

    /** The result of a file that was sent: an address to go to, or what is wrong. */
    record UploadResult(String to, String wrong, List<Column> columns) {}

    /** A column of a table, and what it seems to be. */
    record Column(String name, String chosen) {}

    @PostMapping(path = "/logbook/{id}/photo", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    UploadResult photo(
            @PathVariable UUID id, @RequestParam(defaultValue = "BEAD") String kind, HttpServletRequest request)
            throws IOException {
        runs.find(id).orElseThrow(() -> new NotFound("run"));
        PhotographKind shows = Arrays.stream(PhotographKind.values())
                .filter(photographKind -> photographKind.name().equals(kind))
                .findFirst()
                .orElse(PhotographKind.BEAD);
        try {
            photos.keep(id, shows, body(request));
            return new UploadResult("/logbook/" + id, "", List.of());
        } catch (PictureRefused e) {
            return new UploadResult("", String.valueOf(e.getMessage()), List.of());
        }
    }

    @GetMapping(path = "/logbook/photo/{photo}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable UUID photo) {
        return photos.jpeg(photo)
                .map(jpeg -> ResponseEntity.ok()
                        .header(HttpHeaders.CACHE_CONTROL, "private, max-age=86400, immutable")
                        .body(jpeg))
                .orElseThrow(() -> new NotFound("photograph"));
    }

    @PostMapping("/logbook/{id}/photo/{photo}/delete")
    String forget(@PathVariable UUID id, @PathVariable UUID photo) {
        photos.forget(id, photo);
        return "redirect:/logbook/" + id;
    }

    /** What meters read of a run, a line for each time. */
    @GetMapping("/logbook/{id}/trace.csv")
    ResponseEntity<StreamingResponseBody> trace(@PathVariable UUID id) {
        runs.find(id).orElseThrow(() -> new NotFound("run"));
        Recording recording = runs.trace(id);
        return file("trace.csv", CSV, out -> {
            Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            RecordingFile.csv(recording, writer);
            writer.flush();
        });
    }

    /** The same by the published format. */
    @GetMapping(path = "/logbook/{id}/trace.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<StreamingResponseBody> traceJson(@PathVariable UUID id) {
        runs.find(id).orElseThrow(() -> new NotFound("run"));
        Recording recording = runs.trace(id);
        if (recording.channels().isEmpty()) {
            throw new NotFound("reading of this run");
        }
        return file(
                "trace.json",
                MediaType.APPLICATION_JSON_VALUE,
                out -> CoreJson.kept().writeValue(out, RecordingFile.json(recording)));
    }

    /** Readings of a meter's own table; which column is what is said once and remembered. */
    @PostMapping(path = "/logbook/{id}/trace", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    UploadResult readings(
            @PathVariable UUID id,
            @RequestParam(name = "column", defaultValue = "") List<String> chosen,
            HttpServletRequest request,
            @ModelAttribute("preferences") Preferences preferences)
            throws IOException {
        WeldRun run = runs.find(id).orElseThrow(() -> new NotFound("run"));
        String text = new String(body(request), StandardCharsets.UTF_8);
        if (text.stripLeading().startsWith("{")) {
            Outcome<Recording> told = recording(text);
            return told.value().isEmpty()
                    ? wrong(told, preferences)
                    : storedReadings(run, told.value().get());
        }
        Outcome<RecordingTable> read = RecordingTable.read(text);
        if (read.value().isEmpty()) {
            return wrong(read, preferences);
        }
        RecordingTable table = read.value().get();
        List<String> mapped = chosen.isEmpty() ? columns.chosen(table.heading()).orElse(table.guessed()) : chosen;
        if (!table.fits(mapped)) {
            return new UploadResult(
                    "",
                    "Say which column is the time, and which are current, voltage, gas flow, oxygen or temperature.",
                    columns(table, mapped));
        }
        Outcome<Recording> recording = table.trace(mapped);
        if (recording.value().isEmpty()) {
            return wrong(recording, preferences);
        }
        columns.remember(table.heading(), mapped);
        return storedReadings(run, recording.value().get());
    }

    private static Outcome<Recording> recording(String text) {
        if (text.length() > MAX_JSON) {
            return Outcome.failed(Problem.badValue("trace", "run.jsonTooLong", MAX_JSON / 1024 / 1024));
        }
        try {
            return RecordingFile.read(CoreJson.kept().readTree(text));
        } catch (JacksonException e) {
            return Outcome.failed(Problem.badValue("trace", "run.table"));
        }
    }

    private UploadResult storedReadings(WeldRun run, Recording recording) {
        runs.read(run.id(), recording);
        closings.close(
                run.id(),
                new ClosingForm(
                        run.head().hand(),
                        run.figures().seamMm(),
                        run.figures().currentA(),
                        run.verdict(),
                        run.note()));
        return new UploadResult("/logbook/" + run.id(), "", List.of());
    }

    private static List<Column> columns(RecordingTable table, List<String> mapped) {
        List<String> guessed = mapped.size() == table.heading().size() ? mapped : table.guessed();
        return IntStream.range(0, table.heading().size())
                .mapToObj(i -> new Column(table.heading().get(i), guessed.get(i)))
                .toList();
    }

    private static UploadResult wrong(Outcome<?> outcome, Preferences preferences) {
        return new UploadResult("", outcome.problems().get(0).message(preferences.units()), List.of());
    }
}
