package vastarc.web.logbook;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.vision.MeasuredBead;
import vastarc.core.vision.MeasuredBead.Sign;
import vastarc.core.vision.MeasuredBead.ToePlace;
import vastarc.core.vision.PixelPoint;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.WidthChart;
import vastarc.web.drawing.WidthChart.WidthAt;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.store.run.KeptMeasure;
import vastarc.web.store.run.PhotoPixels.MeasuredPhoto;

/**
 * What came of measuring a photograph, for the page.
 *
 * @param wrong   why nothing did; empty where something did
 * @param lines   the measures in words
 * @param planned what the sheet expected, in words; empty where it said nothing
 * @param rehearsed which rehearsed bead is drawn beside it; empty where none is
 * @param chart   the width along the seam
 * @param signs   what the picture suggests
 * @param outline toes, "mm leftX leftY rightX rightY counts" for each place, divided by semicolons
 * @param kept    it is kept with the photograph
 */
public record MeasureResult(
        String wrong,
        List<FigureLine> lines,
        String planned,
        String rehearsed,
        Optional<Drawing> chart,
        List<SignLine> signs,
        String outline,
        boolean kept) {

    private static final double HUNDRED = 100;

    /** A sign that is proposed, and how likely. */
    public record SignLine(String id, String name, String likely) {}

    static MeasureResult wrong(String words) {
        return new MeasureResult(words, List.of(), "", "", Optional.empty(), List.of(), "", false);
    }

    static MeasureResult refused(MeasuredPhoto photo, UnitSystem units) {
        return wrong(say(photo.measurement().refused().orElseThrow().words(), units));
    }

    /**
     * What the bead was expected to be.
     *
     * @param planned   by the sheet, mm; empty where it said nothing
     * @param rehearsed along the seam; empty without a rehearsal
     */
    record BeadExpectation(OptionalDouble planned, Optional<RehearsedBead> rehearsed) {}

    static MeasureResult of(
            MeasuredPhoto photo, KeptMeasure measure, BeadExpectation expected, boolean kept, UnitSystem units) {
        MeasuredBead bead = photo.measurement().bead().orElseThrow();
        List<FigureLine> lines = new ArrayList<>(MeasureWords.of(measure, units));
        bead.tint().ifPresent(tint -> lines.addAll(MeasureWords.sides(tint, units)));
        OptionalDouble planned = expected.planned();
        return new MeasureResult(
                "",
                lines,
                planned.isPresent()
                        ? units.show(Quantity.ruled(planned.getAsDouble())).line()
                        : "",
                expected.rehearsed().map(RehearsedBead::name).orElse(""),
                Optional.of(chart(bead, expected, units)),
                signs(bead, units),
                bead.outline().stream().map(toe -> place(toe, photo)).collect(Collectors.joining(";")),
                kept);
    }

    /** The same, shown as what is kept. */
    MeasureResult asKept() {
        return new MeasureResult(
                wrong, lines, planned, rehearsed, chart, signs, outline, lines.isEmpty() ? kept : true);
    }

    private static String place(ToePlace toe, MeasuredPhoto photo) {
        PixelPoint left = photo.full(toe.left());
        PixelPoint right = photo.full(toe.right());
        return String.format(
                Locale.ROOT,
                "%.1f %.1f %.1f %.1f %.1f %d",
                toe.mm(),
                left.x(),
                left.y(),
                right.x(),
                right.y(),
                toe.counts() ? 1 : 0);
    }

    /** Likeliest of each kind. */
    private static List<SignLine> signs(MeasuredBead bead, UnitSystem units) {
        return bead.signs().stream()
                .collect(Collectors.toMap(Sign::symptom, Sign::likelihood, Math::max, LinkedHashMap::new))
                .entrySet()
                .stream()
                .filter(sign -> Symptom.named(sign.getKey()).isPresent())
                .map(sign -> new SignLine(
                        sign.getKey(),
                        say("sign." + sign.getKey(), units),
                        units.show(Quantity.percent(Math.rint(HUNDRED * sign.getValue())))
                                .line()))
                .toList();
    }

    private static Drawing chart(MeasuredBead bead, BeadExpectation expected, UnitSystem units) {
        boolean inch = units == UnitSystem.INCH;
        List<WidthAt> measured = bead.width().along().stream()
                .map(place -> new WidthAt(place.mm(), place.widthMm(), place.plusMinus()))
                .toList();
        return WidthChart.of(new WidthChart.Widths(
                say(inch ? "vision.chart-in" : "vision.chart-mm", units),
                inch ? Length.MM_PER_INCH : 1,
                measured,
                expected.planned(),
                expected.rehearsed().map(RehearsedBead::widths).orElse(List.of())));
    }

    private static String say(String key, UnitSystem units) {
        return Phrasebook.say(Phrase.of(key), units);
    }
}
