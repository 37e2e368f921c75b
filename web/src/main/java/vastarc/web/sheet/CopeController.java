package vastarc.web.sheet;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.SaddleCope;
import vastarc.web.drawing.CopeDrawing;
import vastarc.web.drawing.Drawing;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Preferences;
import vastarc.web.layout.TypedField;
import vastarc.web.paper.PaperPress;
import vastarc.web.paper.SvgFile;
import vastarc.web.request.ApiNames;

/** The cope template of a saddle: typed tubes, the curve to wrap round the branch, on the page, as SVG and as a PDF as large as life. */
@Controller
class CopeController {

    private static final String USUAL_BRANCH = "38 mm";
    private static final String USUAL_RUN = "50.8 mm";
    private static final String SQUARE = "90";

    private final PaperPress press;

    CopeController(PaperPress press) {
        this.press = press;
    }

    /** What was typed and what it makes. */
    private record CopeInput(List<TypedField> fields, Outcome<SaddleCope> cope, String query) {}

    private static CopeInput typed(Map<String, String> sent, UnitSystem units) {
        String branch = sent.getOrDefault("branch", USUAL_BRANCH);
        String run = sent.getOrDefault("run", USUAL_RUN);
        String angle = sent.getOrDefault("angle", SQUARE);
        String offset = sent.getOrDefault("offset", "0");
        List<Problem> problems = new ArrayList<>();
        double branchMm = length(branch, SaddleCope.BRANCH, problems);
        double runMm = length(run, SaddleCope.RUN, problems);
        double angleDeg = number(angle, SaddleCope.ANGLE, problems);
        double offsetMm = number(offset, SaddleCope.OFFSET, problems);
        Outcome<SaddleCope> cope =
                problems.isEmpty() ? SaddleCope.of(branchMm, runMm, angleDeg, offsetMm) : Outcome.failed(problems);
        String query = UriComponentsBuilder.newInstance()
                .queryParam("branch", branch)
                .queryParam("run", run)
                .queryParam("angle", angle)
                .queryParam("offset", offset)
                .encode()
                .toUriString();
        return new CopeInput(
                List.of(
                        field("branch", "branch, outside", branch, SaddleCope.BRANCH, cope, units),
                        field("run", "run, outside", run, SaddleCope.RUN, cope, units),
                        field("angle", "angle between them, °", angle, SaddleCope.ANGLE, cope, units),
                        field("offset", "offset of the axes, mm", offset, SaddleCope.OFFSET, cope, units)),
                cope,
                query);
    }

    private static double length(String text, InputRange range, List<Problem> problems) {
        Outcome<Length> length = new LengthReader(UnitSystem.METRIC, Optional.empty()).read(text, range.field());
        problems.addAll(length.problems());
        return length.value().map(Length::inMillimetres).orElse(range.low());
    }

    private static double number(String text, InputRange range, List<Problem> problems) {
        if (NumberReader.read(text).isEmpty()) {
            problems.add(Problem.badValue(
                    range.field(), "type", "“" + ApiNames.shortened(text) + "”", "a number such as 45"));
        }
        return NumberReader.read(text).orElse(range.low());
    }

    private static TypedField field(
            String name, String label, String text, InputRange range, Outcome<SaddleCope> cope, UnitSystem units) {
        String message = cope.problems().stream()
                .filter(problem -> problem.field().equals(range.field()))
                .findFirst()
                .map(problem -> problem.message(units))
                .orElse("");
        return new TypedField(name, label, text, "", "", message);
    }

    @GetMapping("/cope")
    String page(
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        CopeInput typed = typed(sent, preferences.units());
        Optional<SaddleCope> cope = typed.cope().value();
        model.addAttribute("fields", typed.fields());
        model.addAttribute("query", typed.query());
        model.addAttribute("drawing", cope.map(CopeDrawing::whole));
        model.addAttribute(
                "said",
                cope.map(saddleCope -> errors(saddleCope, preferences.units())).orElse(List.of()));
        return "sheet/cope";
    }

    private static List<String> errors(SaddleCope cope, UnitSystem units) {
        return List.of(
                "The cut is "
                        + ruled(cope.deepestMm(), units)
                        + " deep; once round the branch is "
                        + ruled(cope.girthMm(), units) + ".",
                "A cutter or hole saw of "
                        + ruled(cope.cutterMm(), units)
                        + ", the run’s outside, led through the branch at "
                        + Math.round(cope.angleDeg()) + "° cuts the same.",
                "Wrap it round the branch with the curve at its end, 0° on the side of the wide angle, and cut along the curve.");
    }

    private static String tubes(SaddleCope cope, UnitSystem units) {
        return "Branch " + ruled(cope.branchMm(), units) + " on run " + ruled(cope.runMm(), units) + " at "
                + units.show(Quantity.of(cope.angleDeg(), Unit.DEGREE)).line()
                + (cope.offsetMm() == 0 ? "" : ", axes " + ruled(cope.offsetMm(), units) + " apart");
    }

    private static String ruled(double mm, UnitSystem units) {
        return units.show(Quantity.of(mm, Unit.RULED_MILLIMETRE)).line();
    }

    private static SaddleCope cope(Map<String, String> sent, Preferences preferences) {
        return typed(sent, preferences.units()).cope().value().orElseThrow(() -> new NotFound("cope"));
    }

    @GetMapping("/cope.svg")
    ResponseEntity<String> svg(
            @RequestParam Map<String, String> sent, @ModelAttribute("preferences") Preferences preferences) {
        return ResponseEntity.ok()
                .contentType(new MediaType("image", "svg+xml", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("cope.svg")
                                .build()
                                .toString())
                .body(SvgFile.ofLife(CopeDrawing.whole(cope(sent, preferences))));
    }

    @GetMapping("/cope.pdf")
    ResponseEntity<byte[]> pdf(
            @RequestParam Map<String, String> sent, @ModelAttribute("preferences") Preferences preferences) {
        SaddleCope cope = cope(sent, preferences);
        List<Drawing> strips = IntStream.range(0, CopeDrawing.strips(cope))
                .mapToObj(i -> CopeDrawing.strip(cope, i))
                .toList();
        String title = "Cope template";
        Map<String, Object> model = Map.of(
                "strips",
                strips,
                "width",
                CopeDrawing.STRIP_MM + 8,
                "said",
                errors(cope, preferences.units()),
                "tubes",
                tubes(cope, preferences.units()));
        return PaperPress.answer(title, press.press("sheet/cope-paper", title, PaperPress.Size.A4, model));
    }
}
