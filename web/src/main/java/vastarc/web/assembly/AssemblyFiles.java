package vastarc.web.assembly;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.assembly.AssemblyPage.SeamLine;
import vastarc.web.assembly.AssemblyViews.AssemblyRequest;
import vastarc.web.error.NotFound;
import vastarc.web.format.CsvText;
import vastarc.web.paper.PaperPress;
import vastarc.web.store.assembly.Assembly;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.run.PictureRefused;

/** The drawing of an assembly, the marks on it, and its log as paper and as a table. */
@Controller
class AssemblyFiles {

    private static final String LOG = "assembly/log";
    private static final int MOST_BYTES = 12 * 1024 * 1024;
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("number", "location", "hold", "state", "job", "procedure", "welder", "repairs")
            .get();

    private final AssemblyStore assemblies;
    private final AssemblyViews views;
    private final PaperPress press;

    AssemblyFiles(AssemblyStore assemblies, AssemblyViews views, PaperPress press) {
        this.assemblies = assemblies;
        this.views = views;
        this.press = press;
    }

    private Assembly assembly(UUID id) {
        return assemblies.find(id).orElseThrow(() -> new NotFound("assembly"));
    }

    /** Lays a picture under the marks; what cannot be taken is said, and what was there stays. */
    @PostMapping(path = "/assemblies/{id}/drawing", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> draw(@PathVariable UUID id, HttpServletRequest request) throws IOException {
        assembly(id);
        try (InputStream in = request.getInputStream()) {
            assemblies.draw(id, in.readNBytes(MOST_BYTES + 1));
            return ResponseEntity.ok("");
        } catch (PictureRefused e) {
            return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(String.valueOf(e.getMessage()));
        }
    }

    @GetMapping(path = "/assemblies/{id}/drawing.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> drawing(@PathVariable UUID id) {
        return assemblies
                .drawing(id)
                .map(drawing -> ResponseEntity.ok()
                        .header(HttpHeaders.CACHE_CONTROL, "private, max-age=86400")
                        .body(drawing.jpeg()))
                .orElseThrow(() -> new NotFound("drawing"));
    }

    /** The drawing with the seams marked, to be printed or passed on. */
    @GetMapping(path = "/assemblies/{id}/map.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> map(@PathVariable UUID id) {
        return marked(id, page(id))
                .map(jpeg -> ResponseEntity.ok()
                        .header(HttpHeaders.CACHE_CONTROL, "no-store")
                        .body(jpeg))
                .orElseThrow(() -> new NotFound("drawing"));
    }

    private AssemblyPage page(UUID id) {
        return views.page(assembly(id), AssemblyRequest.of("", "1", ""));
    }

    private Optional<byte[]> marked(UUID id, AssemblyPage page) {
        return assemblies.drawing(id).map(drawing -> MarkedDrawing.jpeg(drawing.jpeg(), page.marks()));
    }

    /** Marks a seam on the drawing, by shares of its width and height. */
    @PostMapping("/assemblies/{id}/mark")
    ResponseEntity<Void> mark(
            @PathVariable UUID id, @RequestParam String seam, @RequestParam double x, @RequestParam double y) {
        assemblies.seam(id, seam).ifPresentOrElse(kept -> assemblies.mark(kept.id(), x, y), () -> {
            throw new NotFound("seam");
        });
        return ResponseEntity.noContent().build();
    }

    @GetMapping(path = "/assemblies/{id}.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable UUID id) {
        Assembly assembly = assembly(id);
        return CsvText.file("seams.csv", table(views.lines(assembly)));
    }

    private static String table(List<SeamLine> seams) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            for (SeamLine seam : seams) {
                csv.printRecord(
                        CsvText.cell(seam.number()),
                        CsvText.cell(seam.location()),
                        CsvText.cell(seam.hold()),
                        seam.state(),
                        CsvText.cell(seam.job()),
                        CsvText.cell(seam.procedure()),
                        CsvText.cell(seam.welder()),
                        seam.repairs());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    @GetMapping("/assemblies/{id}/log")
    String log(@PathVariable UUID id, Model model) {
        model.addAllAttributes(paper(page(id), id, "/assemblies/" + id + "/map.jpg"));
        model.addAttribute("paper", true);
        return "assembly/log-page";
    }

    /** The map stands inside the file itself. */
    @GetMapping("/assemblies/{id}/log.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable UUID id) {
        AssemblyPage page = page(id);
        String map = marked(id, page)
                .map(jpeg -> "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(jpeg))
                .orElse("");
        String title = "Weld log " + page.name();
        return PaperPress.answer(title, press.press(LOG, title, PaperPress.Size.A4, paper(page, id, map)));
    }

    private Map<String, Object> paper(AssemblyPage page, UUID id, String map) {
        return Map.of("page", page, "seams", views.logged(assembly(id)), "map", map);
    }
}
