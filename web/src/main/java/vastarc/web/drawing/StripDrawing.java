package vastarc.web.drawing;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vastarc.core.vision.StripLayout;

/** The strip that is laid beside a bead for its photograph, to be printed at full size. */
public final class StripDrawing {

    private StripDrawing() {}

    /** A square that is printed black, by its upper left corner, mm. */
    public record BlackSquare(double x, double y) {

        private String path() {
            double side = StripLayout.SQUARE_MM;
            return String.format(Locale.ROOT, "M%.0f %.0fh%.0fv%.0fh-%.0fZ", x, y, side, side, side);
        }
    }

    /** {@return the black squares} */
    public static List<BlackSquare> squares() {
        return IntStream.range(0, StripLayout.ROWS * StripLayout.COLUMNS)
                .filter(at -> StripLayout.isBlack(at / StripLayout.COLUMNS, at % StripLayout.COLUMNS))
                .mapToObj(at -> new BlackSquare(
                        at % StripLayout.COLUMNS * StripLayout.SQUARE_MM,
                        (double) (at / StripLayout.COLUMNS) * StripLayout.SQUARE_MM))
                .toList();
    }

    /** {@return the same as the path of a drawing whose unit is a millimetre, from the upper left corner of the strip} */
    public static String path() {
        return squares().stream().map(BlackSquare::path).collect(Collectors.joining());
    }
}
