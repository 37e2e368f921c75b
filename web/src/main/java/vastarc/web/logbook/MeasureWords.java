package vastarc.web.logbook;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.vision.MeasuredBead.SeenTint;
import vastarc.core.vision.MeasuredBead.TintSide;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.store.run.KeptMeasure;

/** What was measured in a photograph, in words. */
final class MeasureWords {

    private static final double HUNDRED = 100;

    private final List<FigureLine> lines = new ArrayList<>();
    private final UnitSystem units;

    private MeasureWords(UnitSystem units) {
        this.units = units;
    }

    static List<FigureLine> of(KeptMeasure measure, UnitSystem units) {
        MeasureWords words = new MeasureWords(units);
        words.line("width", words.about(measure.widthMm(), measure.widthPlusMinusMm()));
        words.line("spread", words.small(measure.widthSdMm()));
        words.line("length", words.length(Math.rint(measure.seamMm())));
        words.line("wander", words.small(measure.wanderMm()));
        Double pitch = measure.pitchMm();
        Double doubt = measure.pitchPlusMinusMm();
        Double even = measure.evenness();
        if (pitch != null && doubt != null && even != null) {
            words.line("ripple", words.about(pitch, doubt));
            words.line("evenness", words.show(Quantity.percent(Math.rint(HUNDRED * even))));
        }
        Double travel = measure.travelMmPerMin();
        if (travel != null) {
            words.line("travel", words.show(Quantity.mmPerMin(travel)));
        }
        if (measure.tint() != null) {
            words.line("tint", words.say(measure.tint().words()));
        }
        return words.lines;
    }

    /** The tint beside each toe, and how far it reaches. */
    static List<FigureLine> sides(SeenTint tint, UnitSystem units) {
        MeasureWords words = new MeasureWords(units);
        words.side("tint-left", tint.left());
        words.side("tint-right", tint.right());
        return words.lines;
    }

    private void side(String key, TintSide side) {
        String reach = side.colouredMm() > 0 ? ", " + length(tenth(side.colouredMm())) : "";
        line(key, say(side.band().words()) + reach);
    }

    private static double tenth(double mm) {
        return Math.rint(10 * mm) / 10;
    }

    /** In one line, as under the photograph. */
    static String line(KeptMeasure measure, UnitSystem units) {
        MeasureWords words = new MeasureWords(units);
        return words.about(measure.widthMm(), measure.widthPlusMinusMm());
    }

    private void line(String key, String value) {
        lines.add(new FigureLine(say("vision.line." + key), value));
    }

    /** A photograph tells no more than hundredths. */
    private static double fine(double mm) {
        return Math.rint(HUNDRED * mm) / HUNDRED;
    }

    /** Nothing is as even as 0 would say. */
    private String small(double mm) {
        double least = 1 / HUNDRED;
        return mm < least
                ? Phrasebook.say(Phrase.of("vision.under", Quantity.millimetres(least)), units)
                : length(fine(mm));
    }

    /** The doubt is rounded up. */
    private String about(double mm, double plusMinusMm) {
        return length(fine(mm)) + " ± " + length(Math.ceil(HUNDRED * plusMinusMm) / HUNDRED);
    }

    private String length(double mm) {
        return show(Quantity.millimetres(mm));
    }

    private String show(Quantity quantity) {
        return units.show(quantity).line();
    }

    private String say(String key) {
        return Phrasebook.say(Phrase.of(key), units);
    }
}
