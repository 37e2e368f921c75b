package vastarc.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.web.drawing.Drawing.Label;
import vastarc.web.drawing.Drawing.Path;
import vastarc.web.drawing.WidthChart.WidthAt;
import vastarc.web.drawing.WidthChart.Widths;

/** The width of a bead along its seam as it is drawn. */
class WidthChartTest {

    private static List<WidthAt> bead(double widthMm) {
        return IntStream.range(0, 60)
                .filter(mm -> mm < 20 || mm > 30)
                .mapToObj(mm -> new WidthAt(mm, widthMm + 0.02 * (mm % 5), 0.1))
                .toList();
    }

    private static List<Path> styled(Drawing drawing, String style) {
        return drawing.paths().stream()
                .filter(path -> path.style().equals(style))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.9, 3.3, 6.4, 6.82, 12.7})
    void everyGridlineLiesUnderTheTitle(double widthMm) {
        Drawing drawing = WidthChart.of(new Widths("width", 1, bead(widthMm), OptionalDouble.of(7.64), List.of()));

        Label title = drawing.labels().stream()
                .filter(label -> label.text().equals("width"))
                .findFirst()
                .orElseThrow();
        assertThat(styled(drawing, "gridline").stream().filter(path -> path.d().contains("H")))
                .isNotEmpty()
                .allSatisfy(path -> assertThat(Double.parseDouble(path.d().split("[ H]")[1]))
                        .isGreaterThan(title.y()));
        assertThat(styled(drawing, "mark dotted")).hasSize(1);
    }

    /** Two strokes: between them a stretch was left out. */
    @Test
    void whatIsLeftOutIsNotDrawnThrough() {
        Drawing drawing = WidthChart.of(new Widths("width", 1, bead(5), OptionalDouble.empty(), List.of()));

        assertThat(styled(drawing, "mark"))
                .singleElement()
                .satisfies(path -> assertThat(path.d().chars().filter(letter -> letter == 'M'))
                        .hasSize(2));
        assertThat(styled(drawing, "mark dotted")).isEmpty();
        assertThat(styled(drawing, "mark dashed second")).isEmpty();
    }

    @Test
    void theRehearsalIsDrawnAsFarAsTheBeadGoes() {
        List<WidthAt> rehearsed = IntStream.range(0, 200)
                .mapToObj(mm -> new WidthAt(mm, mm < 3 ? 0 : 5.5, 0))
                .toList();
        Drawing drawing = WidthChart.of(new Widths("width", 1, bead(5), OptionalDouble.empty(), rehearsed));

        assertThat(styled(drawing, "mark dashed second")).singleElement().satisfies(path -> {
            double right = Double.parseDouble(drawing.viewBox().split(" ")[2]);
            assertThat(path.d().split("[ML]")).hasSize(1 + 60 - 3);
            assertThat(path.d().replaceAll(".*L([\\d.]+) .*", "$1"))
                    .satisfies(x -> assertThat(Double.parseDouble(x)).isLessThan(right));
        });
    }
}
