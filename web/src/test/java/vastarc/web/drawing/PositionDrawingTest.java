package vastarc.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.domain.joint.Position;

class PositionDrawingTest {

    private static String style(Position position, String style) {
        return PositionDrawing.of(position, "words").paths().stream()
                .filter(path -> path.style().equals(style))
                .map(Drawing.Path::d)
                .reduce("", String::concat);
    }

    @ParameterizedTest
    @EnumSource(Position.class)
    void everyPositionShowsMembersTorchAndGravityDownThePage(Position position) {
        Drawing drawing = PositionDrawing.of(position, "words");

        assertThat(drawing.title()).isEqualTo(position.letters() + ": words");
        assertThat(style(position, "member")).startsWith("M");
        assertThat(style(position, "torch-body")).startsWith("M");
        assertThat(style(position, "gravity")).startsWith("M9.0 12.0L9.0 40.0");
        assertThat(style(position, "mark")).doesNotContain("NaN");
    }

    /** Where the torch's body ends tells from which side it comes: y grows down the page. */
    @ParameterizedTest
    @CsvSource({"PA, true", "PB, true", "PD, false", "PE, false"})
    void theTorchComesFromAboveOrBelow(Position position, boolean above) {
        String[] ends = style(position, "torch-body").substring(1).split("L");
        double near = Double.parseDouble(ends[0].split(" ")[1]);
        double far = Double.parseDouble(ends[1].split(" ")[1]);

        assertThat(far < near).isEqualTo(above);
    }

    @ParameterizedTest
    @CsvSource({"PF, 60.0, 14.0", "PG, 14.0, 60.0"})
    void uprightSeamsClimbOrFall(Position position, String from, String to) {
        assertThat(style(position, "mark")).contains("M32.0 " + from + "L32.0 " + to);
    }
}
