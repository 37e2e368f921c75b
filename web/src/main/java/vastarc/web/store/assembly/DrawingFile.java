package vastarc.web.store.assembly;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.transcoder.SVGAbstractTranscoder;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.XMLAbstractTranscoder;
import org.apache.batik.transcoder.image.ImageTranscoder;
import org.apache.batik.transcoder.image.PNGTranscoder;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;
import vastarc.web.store.run.PictureRefused;

/** Makes a picture of a drawing's file: the first page of a PDF, an SVG of plain shapes; a photograph stays as it is. */
final class DrawingFile {

    private static final int SIDE = 1600;
    private static final int LONGEST_SVG = 2_000_000;
    private static final int MOST_SHAPES = 20_000;
    private static final String PDF_BEGINS = "%PDF-";
    private static final int LOOKED_AT = 1000;

    /** What may declare entities: refused before anything is parsed. */
    private static final String DOCUMENT_TYPE = "<!DOCTYPE";

    /** Shapes that cost what they show; those that repeat or reach for others could keep the program busy for hours. */
    private static final Set<String> SHAPES = Set.of(
            "svg",
            "g",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "title",
            "desc",
            "defs",
            "metadata");

    private DrawingFile() {}

    /**
     * {@return the file of a picture}
     *
     * @throws PictureRefused with words for the reader, where the drawing cannot be read
     */
    static byte[] picture(byte[] file) {
        String begins = new String(file, 0, Math.min(file.length, LOOKED_AT), StandardCharsets.ISO_8859_1).strip();
        if (begins.startsWith(PDF_BEGINS)) {
            return page(file);
        }
        return begins.startsWith("<") && begins.contains("<svg") ? shapes(file) : file;
    }

    private static byte[] page(byte[] file) {
        try (PDDocument document = Loader.loadPDF(file)) {
            if (document.getNumberOfPages() == 0) {
                throw new PictureRefused("the PDF has no page");
            }
            PDPage page = document.getPage(0);
            float longest =
                    Math.max(page.getCropBox().getWidth(), page.getCropBox().getHeight());
            return png(new PDFRenderer(document).renderImage(0, SIDE / Math.max(1, longest), ImageType.RGB));
        } catch (IOException | RuntimeException e) {
            throw e instanceof PictureRefused refused ? refused : new PictureRefused("the PDF cannot be read");
        }
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static byte[] shapes(byte[] file) {
        if (file.length > LONGEST_SVG) {
            throw new PictureRefused("the SVG is larger than " + LONGEST_SVG / 1_000_000 + " MB; save it as a PDF");
        }
        try {
            if (new String(file, StandardCharsets.UTF_8).contains(DOCUMENT_TYPE)) {
                throw new PictureRefused("the SVG has a document type; save it without, or as a PDF");
            }
            check(plain(file));
            PNGTranscoder transcoder = new PNGTranscoder();
            transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_MAX_WIDTH, (float) SIDE);
            transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_MAX_HEIGHT, (float) SIDE);
            transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_ALLOW_EXTERNAL_RESOURCES, false);
            transcoder.addTranscodingHint(SVGAbstractTranscoder.KEY_EXECUTE_ONLOAD, false);
            transcoder.addTranscodingHint(XMLAbstractTranscoder.KEY_XML_PARSER_VALIDATING, false);
            transcoder.addTranscodingHint(ImageTranscoder.KEY_BACKGROUND_COLOR, Color.WHITE);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            transcoder.transcode(new TranscoderInput(new ByteArrayInputStream(file)), new TranscoderOutput(out));
            return out.toByteArray();
        } catch (TranscoderException | RuntimeException e) {
            throw e instanceof PictureRefused refused ? refused : new PictureRefused("the SVG cannot be read");
        }
    }

    private static Document plain(byte[] file) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setExpandEntityReferences(false);
            factory.setNamespaceAware(true);
            return factory.newDocumentBuilder().parse(new ByteArrayInputStream(file));
        } catch (ParserConfigurationException | SAXException | IOException e) {
            throw new PictureRefused("the SVG cannot be read; save it without a document type, or as a PDF");
        }
    }

    private static void check(Document svg) {
        NodeList all = svg.getElementsByTagNameNS("*", "*");
        if (all.getLength() > MOST_SHAPES) {
            throw new PictureRefused("the SVG has more than " + MOST_SHAPES + " shapes; save it as a PDF");
        }
        for (int i = 0; i < all.getLength(); i++) {
            String name = all.item(i).getLocalName();
            if (!SHAPES.contains(name)) {
                throw new PictureRefused("the SVG holds “" + name.substring(0, Math.min(40, name.length()))
                        + "”, and only plain shapes and text are read; save it as a PDF");
            }
        }
    }
}
