package vastarc.web.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** Presses a page into a PDF: black on white, its own fonts inside, drawings as lines. Source of nothing but the page it is given. */
@Component
public class PaperPress {

    private static final String FACE = "Plex";
    private static final EnumSet<FSFontUseCase> EVERYWHERE = EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG);
    /** A welder may type what no XML takes, in the name of a job or a note: it is left out on paper. */
    private static final Pattern NO_XML =
            Pattern.compile("[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");

    private static final int PLAIN = 400;
    private static final int BOLD = 700;
    private static final double[] SCALES = {1, 0.94, 0.88, 0.82, 0.76};
    private static final double LEAST = 0.7;

    private final SpringTemplateEngine engine;
    private final byte[] plain = read("paper/IBMPlexSans-Regular.ttf");
    private final byte[] bold = read("paper/IBMPlexSans-SemiBold.ttf");
    private final String style = new String(read("paper/paper.css"), StandardCharsets.UTF_8);

    PaperPress(SpringTemplateEngine engine) {
        this.engine = engine;
    }

    /** Sizes of paper. */
    public enum Size {
        /** A4, full size. */
        A4(1),
        /** A5, smaller. */
        A5(0.76);

        private final double scale;

        Size(double scale) {
            this.scale = scale;
        }

        /**
         * {@return A5 where that was asked for, else A4}
         *
         * @param name the name
         */
        public static Size named(String name) {
            return A5.name().equalsIgnoreCase(name.strip()) ? A5 : A4;
        }
    }

    private static byte[] read(String resource) {
        try (InputStream in = new ClassPathResource(resource).getInputStream()) {
            return in.readAllBytes();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    /**
     * A paper of as many pages as it needs.
     *
     * @param body template whose fragment {@code body} is on it, well formed as XML
     * @param title of the document
     * @param size the size of the paper
     * @param model what the template shows
     * @return the PDF
     */
    public byte[] press(String body, String title, Size size, Map<String, Object> model) {
        return pressed(page(body, title, size, model, 1), Integer.MAX_VALUE).orElseThrow();
    }

    /**
     * {@return a card: what does not fit on one page is set smaller until it does, down to the least letters that can
     * be read}
     *
     * @param body the body of the page, HTML
     * @param title the title
     * @param size the size of the paper
     * @param model what the template shows
     */
    public byte[] card(String body, String title, Size size, Map<String, Object> model) {
        for (double scale : SCALES) {
            Optional<byte[]> card = pressed(page(body, title, size, model, scale), 1);
            if (card.isPresent()) {
                return card.get();
            }
        }
        return pressed(page(body, title, size, model, LEAST), Integer.MAX_VALUE).orElseThrow();
    }

    private String page(String body, String title, Size size, Map<String, Object> model, double scale) {
        Map<String, Object> all = new HashMap<>(model);
        all.put("body", body);
        all.put("title", title);
        all.put("paperSize", size.name());
        all.put("scale", scale * size.scale);
        all.put("style", style);
        all.put("ink", new Ink());
        String page = engine.process("paper/pdf", new Context(Locale.ENGLISH, all));
        return NO_XML.matcher(page).replaceAll("");
    }

    /** Empty where it takes more pages than it may. */
    private Optional<byte[]> pressed(String page, int most) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(() -> new ByteArrayInputStream(plain), FACE, PLAIN, FontStyle.NORMAL, true, EVERYWHERE);
        builder.useFont(() -> new ByteArrayInputStream(bold), FACE, BOLD, FontStyle.NORMAL, true, EVERYWHERE);
        builder.withProducer("Vast Arc");
        builder.withHtmlContent(page, null);
        builder.toStream(out);
        try (BatikSVGDrawer drawer = new BatikSVGDrawer();
                PdfBoxRenderer renderer = builder.useSVGDrawer(drawer).buildPdfRenderer()) {
            renderer.layout();
            if (renderer.getRootBox().getLayer().getPages().size() > most) {
                return Optional.empty();
            }
            renderer.createPDF();
        } catch (IOException unwritten) {
            throw new UncheckedIOException(unwritten);
        }
        return Optional.of(out.toByteArray());
    }

    /**
     * {@return answers with a paper; shown by the browser, kept under its name}
     *
     * @param title the title
     * @param pdf the paper
     */
    public static ResponseEntity<byte[]> answer(String title, byte[] pdf) {
        String file = title.replaceAll("[^\\p{L}\\p{N} ,.-]+", " ").strip() + ".pdf";
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(file, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(pdf);
    }
}
