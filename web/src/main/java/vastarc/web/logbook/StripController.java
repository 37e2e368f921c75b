package vastarc.web.logbook;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import vastarc.core.vision.StripLayout;
import vastarc.web.paper.PaperPress;

/** The strip that is laid beside a bead, to be printed. */
@Controller
class StripController {

    private final PaperPress press;

    StripController(PaperPress press) {
        this.press = press;
    }

    /** A square that is printed black, by its upper left corner, mm. */
    public record BlackSquare(double x, double y) {}

    static List<BlackSquare> squares() {
        return IntStream.range(0, StripLayout.ROWS * StripLayout.COLUMNS)
                .filter(at -> StripLayout.isBlack(at / StripLayout.COLUMNS, at % StripLayout.COLUMNS))
                .mapToObj(at -> new BlackSquare(
                        at % StripLayout.COLUMNS * StripLayout.SQUARE_MM,
                        at / StripLayout.COLUMNS * StripLayout.SQUARE_MM))
                .toList();
    }

    @GetMapping("/measure/strip.pdf")
    ResponseEntity<byte[]> pdf() {
        String title = "Strip for photographs";
        return PaperPress.answer(
                title, press.press("logbook/strip", title, PaperPress.Size.A4, Map.of("squares", squares())));
    }
}
