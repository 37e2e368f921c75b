package vastarc.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import vastarc.core.domain.joint.Position;

/** Every ISO letter and number-letter name, drawn as the table says. Coordinates grow to the right and down the page. */
class PositionTableTest {

    private static List<double[]> numbers(Drawing drawing, String style) {
        return drawing.paths().stream()
                .filter(path -> path.style().equals(style))
                .map(path -> Arrays.stream(path.d().split("[^0-9.-]+"))
                        .filter(text -> !text.isEmpty())
                        .mapToDouble(Double::parseDouble)
                        .toArray())
                .toList();
    }

    private static int side(double value, double still) {
        return Math.abs(value) <= still ? 0 : value > 0 ? 1 : -1;
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/positions.csv", useHeadersInDisplayName = true)
    void isDrawnAsTheTableSays(Position position, String iso, String numbers, int torchX, int torchY, String travel) {
        Drawing drawing = PositionDrawing.of(position, "words");
        assertThat(position.letters()).isEqualTo(iso);
        assertThat(position.numberLetterName()).contains(numbers.split(" "));

        double[] gravity = numbers(drawing, "gravity").get(0);
        assertThat(gravity[0]).isEqualTo(gravity[2]);
        assertThat(gravity[3]).isGreaterThan(gravity[1]);

        double[] torch = numbers(drawing, "torch-body").get(0);
        double length = Math.hypot(torch[2] - torch[0], torch[3] - torch[1]);
        assertThat(side((torch[2] - torch[0]) / length, 0.4)).isEqualTo(torchX);
        assertThat(side(-(torch[3] - torch[1]) / length, 0.4)).isEqualTo(torchY);

        assertThat(travel(drawing)).isEqualTo(travel);
    }

    /** A circle with a cross runs into the page; an arrow's longest line tells its way. */
    private static String travel(Drawing drawing) {
        boolean cross = drawing.paths().stream()
                .anyMatch(path -> path.style().equals("mark") && path.d().contains("a5.000"));
        if (cross) {
            return "INTO";
        }
        double[] longest = numbers(drawing, "mark").stream()
                .max((one, two) -> Double.compare(reach(one), reach(two)))
                .orElseThrow();
        double dx = longest[longest.length - 2] - longest[0];
        double dy = longest[longest.length - 1] - longest[1];
        return Math.abs(dx) > 1.5 * Math.abs(dy) ? "RIGHT" : dy < 0 ? "UP" : "DOWN";
    }

    private static double reach(double[] path) {
        return Math.hypot(path[path.length - 2] - path[0], path[path.length - 1] - path[1]);
    }

    @Test
    void noPositionIsLeftOut() throws Exception {
        try (var in = PositionTableTest.class.getResourceAsStream("/reference/positions.csv")) {
            String table = new String(in.readAllBytes());
            assertThat(Position.values())
                    .allSatisfy(position -> assertThat(table).contains("\n" + position + ","));
        }
    }
}
