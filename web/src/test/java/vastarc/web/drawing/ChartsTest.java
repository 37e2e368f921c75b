package vastarc.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.xml.sax.InputSource;
import vastarc.core.domain.joint.SaddleCope;
import vastarc.web.paper.Ink;
import vastarc.web.paper.QrCode;
import vastarc.web.paper.SvgFile;

/** Drawings of curves: everything lies inside its box, to scale, and none holds a figure that is no number. */
class ChartsTest {

    private static final Pattern POINT = Pattern.compile("[ML](-?[0-9.]+) (-?[0-9.]+)");

    private static void liesInside(Drawing drawing) {
        double[] box = box(drawing);
        for (Drawing.Path path : drawing.paths()) {
            assertThat(path.d()).doesNotContain("NaN", "Infinity");
            if (path.style().contains("gridline")) {
                continue;
            }
            Matcher points = POINT.matcher(path.d());
            while (points.find()) {
                assertThat(Double.parseDouble(points.group(1)))
                        .as(path.d())
                        .isBetween(box[0] - 0.5, box[0] + box[2] + 0.5);
                assertThat(Double.parseDouble(points.group(2)))
                        .as(path.d())
                        .isBetween(box[1] - 0.5, box[1] + box[3] + 0.5);
            }
        }
    }

    private static double[] box(Drawing drawing) {
        String[] box = drawing.viewBox().split(" ");
        return new double[] {
            Double.parseDouble(box[0]),
            Double.parseDouble(box[1]),
            Double.parseDouble(box[2]),
            Double.parseDouble(box[3])
        };
    }

    @Test
    void aControlChartShowsItsLimitsAndKeepsThemInTheBox() {
        List<TrendChart.Dot> dots =
                List.of(new TrendChart.Dot(0, 100), new TrendChart.Dot(1, 101), new TrendChart.Dot(2, 99));
        Drawing chart = TrendChart.of(
                new TrendChart.Trend("current", dots, dots, 2, "first", "last", 100, false, List.of(80.0, 130.0)));
        assertThat(chart.paths())
                .filteredOn(path -> path.style().contains("dashed"))
                .hasSize(2);
        liesInside(chart);
        assertThat(chart.labels()).extracting(Drawing.Label::text).contains("current", "first", "last");
        Drawing plain = TrendChart.of(
                new TrendChart.Trend("right", List.of(), List.of(), 0, "a", "b", Double.NaN, true, List.of()));
        liesInside(plain);
    }

    @Test
    void aWeldInTimeIsDrawnFromItsCornersAndFromNothing() {
        Map<String, Double> figures =
                new TreeMap<>(Map.of("t0", 0.0, "a0", 0.0, "t1", 2.0, "a1", 80.0, "t2", 10.0, "a2", 80.0));
        figures.putAll(Map.of("t3", 12.0, "a3", 0.0, "gasFrom", 0.0, "gasTo", 12.0));
        Drawing curve = WeldCurve.of(figures);
        liesInside(curve);
        assertThat(curve.labels()).extracting(Drawing.Label::text).contains("80 A", "12.0 s");
        liesInside(WeldCurve.of(Map.of()));
    }

    @ParameterizedTest
    @CsvSource({"25, 38, 90, 0", "50.8, 76.1, 45, 5", "114.3, 219.1, 60, -20", "300, 600, 30, 0"})
    void theStripsOfACopeCoverItsGirthAndAreAsLargeAsLife(double branch, double run, double angle, double offset) {
        SaddleCope cope = SaddleCope.of(branch, run, angle, offset).value().orElseThrow();
        int strips = CopeDrawing.strips(cope);
        assertThat(strips * CopeDrawing.STRIP_MM).isGreaterThanOrEqualTo(cope.girthMm());
        assertThat((strips - 1) * CopeDrawing.STRIP_MM).isLessThan(cope.girthMm());
        for (int i = 0; i < strips; i++) {
            double[] box = box(CopeDrawing.strip(cope, i));
            assertThat(box[0]).isCloseTo(i * CopeDrawing.STRIP_MM - 4, within(0.01));
            assertThat(box[2]).isCloseTo(CopeDrawing.STRIP_MM + 8, within(0.01));
        }
        liesInside(CopeDrawing.whole(cope));
        assertThat(angle < 90)
                .isEqualTo(CopeDrawing.whole(cope).labels().stream()
                        .anyMatch(label -> label.text().contains("wide angle")));
    }

    @ParameterizedTest
    @ValueSource(doubles = {90, 45, 20})
    void aCopeAsAFileIsSoundXmlInMillimetres(double angle) throws Exception {
        SaddleCope cope = SaddleCope.of(38, 60, angle, 2).value().orElseThrow();
        Drawing whole = CopeDrawing.whole(cope);
        var svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(SvgFile.ofLife(whole))))
                .getDocumentElement();
        assertThat(svg.getAttribute("width")).endsWith("mm");
        assertThat(Double.parseDouble(svg.getAttribute("width").replace("mm", "")))
                .isEqualTo(box(whole)[2]);
        assertThat(Double.parseDouble(svg.getAttribute("height").replace("mm", "")))
                .isEqualTo(box(whole)[3]);
    }

    /** On paper a line is as thick as the letters want it, whatever the drawing's scale. */
    @Test
    void inkGrowsWithTheLettersOfADrawing() {
        Drawing small = new Drawing("0 0 10 5", "small", List.of(), List.of(), 1);
        Drawing large = new Drawing("0 0 1000 500", "large", List.of(), List.of(), 100);
        Ink ink = new Ink();
        assertThat(ink.of(small)).contains("stroke-width: 0.0900").doesNotContain("@");
        assertThat(ink.of(large)).contains("stroke-width: 9.0000").doesNotContain("@");
        assertThat(ink.height("0 0 10 5", 60)).isEqualTo("30.00mm");
    }

    @Test
    void aCodeIsSquareAndATextTooLongForOneIsRefused() {
        double[] box = box(QrCode.of("http://192.0.2.1:8080/jobs/1/run"));
        assertThat(box[2]).isEqualTo(box[3]).isGreaterThan(20);
        assertThat(catchThrowable(() -> QrCode.of("x".repeat(5000)))).isInstanceOf(IllegalArgumentException.class);
    }
}
