package vastarc.web.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterKey.ParameterGroup;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.SaddleCope;
import vastarc.web.SpringTest;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;

/** Every paper opened as text and measured: what is on it is what the sheet says, its fonts are inside, its ruler is true. */
@SpringTest
class PapersTest {

    private static final double MM = 72 / 25.4;

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private JobPlanner planner;

    @Autowired
    private WeldRunQueries book;

    /** Other tests leave jobs without a sheet behind. */
    private List<Job> withSheets(int most) {
        return jobs.newest(200).stream()
                .filter(job -> planner.plan(job).score().value().isPresent())
                .limit(most)
                .toList();
    }

    private PDDocument open(String address) throws Exception {
        MockHttpServletResponse answer = http.perform(get(address)).andReturn().getResponse();
        assertThat(answer.getStatus()).as(address).isEqualTo(200);
        assertThat(answer.getContentType()).isEqualTo("application/pdf");
        return Loader.loadPDF(answer.getContentAsByteArray());
    }

    private static String text(PDDocument pdf) throws IOException {
        return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }

    private static void fontsAreInside(PDDocument pdf) throws IOException {
        for (PDPage page : pdf.getPages()) {
            for (COSName name : page.getResources().getFontNames()) {
                assertThat(page.getResources().getFont(name).isEmbedded())
                        .as(name + "")
                        .isTrue();
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"A4", "A5"})
    void everySetupCardIsOnePageWithTheFiguresOfItsSheet(String size) throws Exception {
        for (Job job : withSheets(6)) {
            SetupSheet sheet = planner.plan(job).sheet().value().orElseThrow();
            try (PDDocument pdf = open("/jobs/" + job.id() + "/card.pdf?size=" + size)) {
                assertThat(pdf.getNumberOfPages()).as(job.name()).isEqualTo(1);
                assertThat(pdf.getPage(0).getMediaBox().getWidth() / MM)
                        .isCloseTo(size.equals("A4") ? 210 : 148, within(0.5));
                fontsAreInside(pdf);
                String text = text(pdf);
                assertThat(text)
                        .contains(
                                job.name(),
                                sheet.setting(ParameterKey.WORKING_CURRENT).shown(UnitSystem.METRIC));
                sheet.settings().values().stream()
                        .filter(parameter -> parameter.key().group() == ParameterGroup.TORCH && !parameter.idle())
                        .map((Parameter parameter) ->
                                parameter.shown(UnitSystem.METRIC).replaceFirst("^no\\. ", ""))
                        .forEach(shown -> assertThat(text).as(job.name()).contains(shown));
                sheet.cautions()
                        .forEach(caution ->
                                assertThat(text).contains(Phrasebook.say(caution.text(), UnitSystem.METRIC)));
            }
        }
    }

    @Test
    void aWeldRecordSaysWhoWhenAndWhatWasRead() throws Exception {
        WeldRun run = book.newest(RunFilter.all(), 1).get(0);
        try (PDDocument pdf = open("/logbook/" + run.id() + "/record.pdf")) {
            fontsAreInside(pdf);
            assertThat(text(pdf))
                    .contains(run.head().jobName(), run.head().hand(), "Planned and measured", "The sheet as it was");
        }
        assertThat(http.perform(get("/logbook/" + run.id() + "/record"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("record.pdf", "Welded");
    }

    @Test
    void routeAndDayGoOnPaperToo() throws Exception {
        List<Job> newest = withSheets(2);
        try (PDDocument pdf = open("/jobs/" + newest.get(0).id() + "/route.pdf")) {
            assertThat(text(pdf)).contains(newest.get(0).name(), "In order", "Totals");
        }
        try (PDDocument pdf = open(
                "/day.pdf?job=" + newest.get(0).id() + "&job=" + newest.get(1).id())) {
            assertThat(text(pdf)).contains(newest.get(0).name(), newest.get(1).name(), "One job after the other");
        }
        assertThat(http.perform(get("/day.pdf")).andReturn().getResponse().getStatus())
                .isEqualTo(404);
    }

    /** Collects the horizontal lines of a page, in millimetres. */
    private static final class Lines extends PDFGraphicsStreamEngine {
        private final List<Double> lengths = new ArrayList<>();
        private Point2D.Double at = new Point2D.Double();
        private double leftMm = Double.MAX_VALUE;
        private double rightMm;
        private double topMm;
        private double lowMm = Double.MAX_VALUE;

        Lines(PDPage page) {
            super(page);
        }

        @Override
        public void moveTo(float x, float y) {
            at = new Point2D.Double(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            if (Math.abs(y - at.y) < 0.01) {
                lengths.add(Math.abs(x - at.x) / MM);
            }
            leftMm = Math.min(leftMm, x / MM);
            rightMm = Math.max(rightMm, x / MM);
            topMm = Math.max(topMm, y / MM);
            lowMm = Math.min(lowMm, y / MM);
            at = new Point2D.Double(x, y);
        }

        @Override
        public Point2D getCurrentPoint() {
            return at;
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {}

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void strokePath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }

    @Test
    void theRulerOfTheCopeTemplateIsTrueAndTheGirthAsLongAsTheBranchIsRound() throws Exception {
        SaddleCope cope = SaddleCope.of(50.8, 76.1, 45, 3).value().orElseThrow();
        try (PDDocument pdf = open("/cope.pdf?branch=50.8&run=76.1&angle=45&offset=3")) {
            Lines lines = new Lines(pdf.getPage(0));
            lines.processPage(pdf.getPage(0));
            assertThat(lines.lengths).anySatisfy(length -> assertThat(length).isCloseTo(100, within(0.2)));
            assertThat(lines.lengths).anySatisfy(length -> assertThat(length).isCloseTo(cope.girthMm(), within(0.2)));
            assertThat(text(pdf)).contains("76.1 mm");
        }
        try (PDDocument pdf = open("/cope.pdf?branch=114.3&run=219.1&angle=60")) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
        }
        String svg = http.perform(get("/cope.svg?branch=2 in&run=76.1"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(svg).contains("mm\" viewBox=").contains("100 mm: measure it before cutting");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/cope.pdf?branch=x", "/cope.svg?run=1", "/cope.pdf?branch=60&run=50"})
    void aCopeThatIsNoneIsNotDrawn(String address) throws Exception {
        assertThat(http.perform(get(address)).andReturn().getResponse().getStatus())
                .isEqualTo(404);
        assertThat(http.perform(get("/cope?branch=60&run=50"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("Take a run at least as wide", "value=\"60\"");
    }

    @Test
    void aSheetGoesOutAsATableAndAsADocument() throws Exception {
        Job job = withSheets(1).get(0);
        SetupSheet sheet = planner.plan(job).sheet().value().orElseThrow();
        String csv = http.perform(get("/jobs/" + job.id() + "/sheet.csv"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(csv.lines()).hasSize(1 + sheet.settings().size());
        assertThat(csv).contains("workingCurrent,working current,");
        assertThat(http.perform(get("/jobs/" + job.id() + "/sheet.json"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("\"format\":", "\"workingCurrent\"");
    }
}
