package vastarc.web.logbook;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.vision.MeasuredBead;
import vastarc.core.vision.MeasuredBead.Sign;
import vastarc.core.vision.MeasuredBead.ToePlace;
import vastarc.core.vision.MeasuredBead.WidthPlace;
import vastarc.core.vision.PixelPoint;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.TrendChart;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.store.run.KeptMeasure;
import vastarc.web.store.run.PhotoPixels.MeasuredPhoto;

/**
 * What came of measuring a photograph, for the page.
 *
 * @param wrong   why nothing did; empty where something did
 * @param lines   the measures in words
 * @param planned what the sheet expected, in words; empty where it said nothing
 * @param chart   the width along the seam
 * @param signs   what the picture suggests
 * @param outline toes, "mm leftX leftY rightX rightY counts" for each place, divided by semicolons
 * @param kept    it is kept with the photograph
 */
public record MeasureResult(
        String wrong,
        List<FigureLine> lines,
        String planned,
        Optional<Drawing> chart,
        List<SignLine> signs,
        String outline,
        boolean kept) {

    private static final double HUNDRED = 100;

    /** A sign that is proposed, and how likely. */
    public record SignLine(String id, String name, String likely) {}

    static MeasureResult wrong(String words) {
        return new MeasureResult(words, List.of(), "", Optional.empty(), List.of(), "", false);
    }

    static MeasureResult of(MeasuredPhoto photo, OptionalDouble plannedMm, boolean kept, UnitSystem units) {
        if (photo.measurement().bead().isEmpty()) {
            return wrong(say(photo.measurement().refused().orElseThrow().words(), units));
        }
        MeasuredBead bead = photo.measurement().bead().get();
        return new MeasureResult(
                "",
                MeasureWords.of(KeptMeasure.of(bead), units),
                plannedMm.isPresent()
                        ? units.show(Quantity.ruled(plannedMm.getAsDouble())).line()
                        : "",
                Optional.of(chart(bead, plannedMm)),
                signs(bead, units),
                bead.outline().stream().map(toe -> place(toe, photo)).collect(Collectors.joining(";")),
                kept);
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

    private static Drawing chart(MeasuredBead bead, OptionalDouble plannedMm) {
        List<WidthPlace> along = bead.width().along();
        List<TrendChart.Dot> dots = along.stream()
                .map(place -> new TrendChart.Dot(place.mm(), place.widthMm()))
                .toList();
        return TrendChart.of(new TrendChart.Trend(
                say("vision.chart", UnitSystem.METRIC),
                dots,
                dots,
                bead.seamMm(),
                "0",
                Math.round(bead.seamMm()) + " mm",
                plannedMm.orElse(Double.NaN),
                false,
                List.of()));
    }

    private static String say(String key, UnitSystem units) {
        return Phrasebook.say(Phrase.of(key), units);
    }
}
