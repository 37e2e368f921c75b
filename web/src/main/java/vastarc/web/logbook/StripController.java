package vastarc.web.logbook;

import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import vastarc.web.drawing.StripDrawing;
import vastarc.web.paper.PaperPress;

/** The strip that is laid beside a bead, to be printed. */
@Controller
class StripController {

    private final PaperPress press;

    StripController(PaperPress press) {
        this.press = press;
    }

    @GetMapping("/measure/strip.pdf")
    ResponseEntity<byte[]> pdf() {
        String title = "Strip for photographs";
        return PaperPress.answer(
                title, press.press("logbook/strip", title, PaperPress.Size.A4, Map.of("strip", StripDrawing.path())));
    }
}
