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
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.run.Trace;
import vastarc.web.format.CoreJson;
import vastarc.web.format.CsvText;
import vastarc.web.format.TraceFile;
import vastarc.web.kept.run.PhotoStore;
import vastarc.web.kept.run.Photograph;
import vastarc.web.kept.run.PictureRefused;
import vastarc.web.kept.run.Run;
import vastarc.web.kept.run.RunBook;
import vastarc.web.kept.run.RunFilter;
import vastarc.web.kept.run.RunRows;
import vastarc.web.kept.run.RunStore;
import vastarc.web.kept.run.TraceColumns;
import vastarc.web.request.RunClosings;
import vastarc.web.request.TraceTable;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** The logbook as files, out and in; photographs and readings of a run. */
@Controller
class RunFiles {

    private static final String CSV = "text/csv";
    private static final int MAX_BYTES = 12 * 1024 * 1024;

    /** Read as a whole, unlike a table: so it takes much more room than its file. */
    private static final int MAX_JSON = 4 * 1024 * 1024;

    private final RunStore runs;
    private final RunBook book;
    private final PhotoStore photos;
    private final TraceColumns columns;
    private final RunClosings closings;
    private final RunImport imports;

    RunFiles(
            RunStore runs,
            RunBook book,
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
                            .setHeader(RunRows.COLUMNS.toArray(String[]::new))
                            .get());
            book.forEach(filter, run -> print(csv, run));
            csv.flush();
        });
    }

    private static void print(CSVPrinter csv, Run run) {
        var row = RunRows.row(run);
        try {
            csv.printRecord(RunRows.COLUMNS.stream()
                    .map(name -> row.path(name).isNull()
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
            book.forEach(filter, run -> {
                write(writer, before[0] + CoreJson.kept().writeValueAsString(RunRows.row(run)));
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

    /** Takes runs out of a file; what is refused is told row by row, and the rest comes in. */
    @PostMapping(path = "/logbook/import", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    RunImport.Report bring(HttpServletRequest request, @ModelAttribute("preferences") Preferences preferences)
            throws IOException {
        return imports.take(new String(body(request), StandardCharsets.UTF_8), preferences.units());
    }

    /** What became of a file that was sent: an address to go to, or what is wrong. */
    record Sent(String to, String wrong, List<Column> columns) {}

    /** A column of a table, and what it seems to be. */
    record Column(String name, String chosen) {}

    @PostMapping(path = "/logbook/{id}/photo", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Sent photo(@PathVariable UUID id, @RequestParam(defaultValue = "BEAD") String kind, HttpServletRequest request)
            throws IOException {
        runs.find(id).orElseThrow(() -> new NotFound("run"));
        Photograph.Kind shows = Arrays.stream(Photograph.Kind.values())
                .filter(one -> one.name().equals(kind))
                .findFirst()
                .orElse(Photograph.Kind.BEAD);
        try {
            photos.keep(id, shows, body(request));
            return new Sent("/logbook/" + id, "", List.of());
        } catch (PictureRefused e) {
            return new Sent("", String.valueOf(e.getMessage()), List.of());
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
        Trace trace = runs.trace(id);
        return file("trace.csv", CSV, out -> {
            Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            TraceFile.csv(trace, writer);
            writer.flush();
        });
    }

    /** The same by the published format. */
    @GetMapping(path = "/logbook/{id}/trace.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<StreamingResponseBody> traceJson(@PathVariable UUID id) {
        runs.find(id).orElseThrow(() -> new NotFound("run"));
        Trace trace = runs.trace(id);
        if (trace.channels().isEmpty()) {
            throw new NotFound("reading of this run");
        }
        return file(
                "trace.json",
                MediaType.APPLICATION_JSON_VALUE,
                out -> CoreJson.kept().writeValue(out, TraceFile.json(trace)));
    }

    /** Readings of a meter's own table; which column is what is said once and remembered. */
    @PostMapping(path = "/logbook/{id}/trace", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Sent readings(
            @PathVariable UUID id,
            @RequestParam(name = "column", defaultValue = "") List<String> chosen,
            HttpServletRequest request,
            @ModelAttribute("preferences") Preferences preferences)
            throws IOException {
        Run run = runs.find(id).orElseThrow(() -> new NotFound("run"));
        String text = new String(body(request), StandardCharsets.UTF_8);
        if (text.stripLeading().startsWith("{")) {
            Outcome<Trace> told = told(text);
            return told.value().isEmpty()
                    ? wrong(told, preferences)
                    : taken(run, told.value().get());
        }
        Outcome<TraceTable> read = TraceTable.read(text);
        if (read.value().isEmpty()) {
            return wrong(read, preferences);
        }
        TraceTable table = read.value().get();
        List<String> mapped = chosen.isEmpty() ? columns.chosen(table.heading()).orElse(table.guessed()) : chosen;
        if (!table.fits(mapped)) {
            return new Sent(
                    "",
                    "Say which column is the time, and which are current, voltage, gas flow, oxygen or temperature.",
                    columns(table, mapped));
        }
        Outcome<Trace> trace = table.trace(mapped);
        if (trace.value().isEmpty()) {
            return wrong(trace, preferences);
        }
        columns.remember(table.heading(), mapped);
        return taken(run, trace.value().get());
    }

    private static Outcome<Trace> told(String text) {
        if (text.length() > MAX_JSON) {
            return Outcome.failed(Problem.badValue("trace", "run.jsonTooLong", MAX_JSON / 1024 / 1024));
        }
        try {
            return TraceFile.read(CoreJson.kept().readTree(text));
        } catch (JacksonException e) {
            return Outcome.failed(Problem.badValue("trace", "run.table"));
        }
    }

    private Sent taken(Run run, Trace trace) {
        runs.read(run.id(), trace);
        closings.close(
                run.id(),
                new RunClosings.Said(
                        run.head().hand(),
                        run.figures().seamMm(),
                        run.figures().currentA(),
                        run.verdict(),
                        run.note()));
        return new Sent("/logbook/" + run.id(), "", List.of());
    }

    private static List<Column> columns(TraceTable table, List<String> mapped) {
        List<String> guessed = mapped.size() == table.heading().size() ? mapped : table.guessed();
        return IntStream.range(0, table.heading().size())
                .mapToObj(i -> new Column(table.heading().get(i), guessed.get(i)))
                .toList();
    }

    private static Sent wrong(Outcome<?> outcome, Preferences preferences) {
        return new Sent("", outcome.problems().get(0).message(preferences.units()), List.of());
    }
}
