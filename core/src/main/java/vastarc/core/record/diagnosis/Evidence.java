package vastarc.core.record.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Preheat;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.material.Material;
import vastarc.core.record.diagnosis.Cause.Answer;
import vastarc.core.record.diagnosis.Cause.RangeSide;

/**
 * What the set-up says for or against a cause, before anything is seen: whether it can be at all, how its value compared with its range,
 * and what was given.
 *
 * <p>A figure outside its range on the cause's side multiplies by \( 3 \cdot 10^{\min(1, 2r)} \), r its distance from the edge of the range as a
 * share of that edge; well inside by 0.3, nearer the edge less; outside on the other side by 0.1; an unknown value leaves the cause unchanged. What was found wrong before
 * the strike multiplies by 10, what was found right by 0.4. Judgement.
 */
final class Evidence {

    static final double CERTAIN = 100;

    private static final double SOFT_FOR = 15;
    private static final double SOFT_AGAINST = 0.1;
    private static final double FOUND_WRONG = 10;
    private static final double FOUND_RIGHT = 0.4;
    private static final double INSIDE = 0.3;
    private static final double OTHER_SIDE = 0.1;
    private static final double LEAST_OUTSIDE = 3;
    private static final double MOST_TIMES = 10;
    private static final double UNPURGED = 5;
    private static final double CHILLED = 2;

    /** A preheat up to this is none. */
    private static final double WARM_C = 40;

    /** No meter resolves an edge closer than this share of it. */
    private static final double METER = 0.02;

    private static final Set<String> OF_A_PURGE =
            Set.of("PURGE_SHORT", "PURGE_LOW", "PURGE_HIGH", "PURGE_STOPPED_EARLY", "DAM_LEAKS", "VENT_SMALL");
    private static final Set<String> OF_WIRE =
            Set.of("WIRE_DIRTY", "WIRE_WRONG", "WIRE_TOO_THICK", "WIRE_TOO_THIN", "WIRE_LITTLE", "WIRE_MUCH");

    private final DiagnosisRequest ask;
    private final SetupSheet sheet;

    Evidence(DiagnosisRequest request) {
        this.ask = request;
        this.sheet = request.sheet();
    }

    /** What multiplies a cause, 0 where it cannot be; and why. */
    record EvidenceWeight(double factor, List<Phrase> why) {}

    EvidenceWeight of(Cause cause) {
        if (ask.ruledOut().contains(cause.id()) || !isPossible(cause)) {
            return new EvidenceWeight(0, List.of());
        }
        List<Phrase> why = new ArrayList<>();
        double factor = figure(cause, why) * answered(cause, why) * found(cause, why);
        if (cause.id().equals("PURGE_NONE") && sheet.joint().wantsPurge()) {
            factor *= UNPURGED;
            why.add(Phrase.of("reading.why.unpurged"));
        }
        if (cause.id().equals("CHILL_STRONG")) {
            factor *= CHILLED;
            why.add(Phrase.of("reading.why.chilled"));
        }
        return new EvidenceWeight(factor, why);
    }

    private boolean isPossible(Cause cause) {
        String id = cause.id();
        Joint joint = sheet.joint();
        if (OF_A_PURGE.contains(id)) {
            return ask.isPurged();
        }
        if (OF_WIRE.contains(id)) {
            return sheet.practice().wire();
        }
        return switch (id) {
            case "PURGE_NONE" -> !ask.isPurged() && joint.wantsPurge();
            case "NO_FILLER" -> !sheet.practice().wire();
            case "COOLED_FAST" -> Preheat.isChromoly(joint) || Preheat.of(joint).isWanted();
            case "TRAIL_SHORT" -> joint.isTitanium();
            case "COATING_ZINC" -> joint.material() == Material.CARBON_STEEL;
            case "WRONG_BRUSH" -> joint.wantsPurge();
            case "LAND_THICK" ->
                joint.form() == JointForm.V_BUTT || sheet.passes().isPresent();
            case "GAP_SMALL" -> sheet.passes().isPresent();
            case "INTERPASS_HOT" -> sheet.passes().isPresent();
            case "PREHEAT_LACKING" ->
                Preheat.of(joint).isWanted() || sheet.practice().metalC() > WARM_C;
            case "TIE_IN_SHORT" -> joint.tubeOd().isPresent();
            case "CHILL_STRONG" -> sheet.practice().chill() != BackingBar.NONE;
            case "BACKGROUND_LOW" -> sheet.isPulsed();
            case "CUP_WALKED" ->
                sheet.practice().technique() == Technique.CUP_WALK
                        || ask.answers().containsKey("cupWalked");
            case "PEDAL_UNPLUGGED" ->
                sheet.practice().control() == ControlDevice.PEDAL
                        || ask.answers().containsKey("pedalPlugged");
            default -> true;
        };
    }

    private double found(Cause cause, List<Phrase> why) {
        PreWeldFindings found = ask.found().get(cause.id());
        if (found == null) {
            return 1;
        }
        if (found.wrong()) {
            why.add(found.why());
        }
        return found.wrong() ? FOUND_WRONG : FOUND_RIGHT;
    }

    private double answered(Cause cause, List<Phrase> why) {
        if (cause.answer().isEmpty()) {
            return 1;
        }
        Answer decisive = cause.answer().get();
        String answer = ask.answers().get(decisive.question());
        if (answer == null) {
            return 1;
        }
        boolean speaks = decisive.speaksFor(answer);
        if (speaks) {
            why.add(Phrase.of("reading.why.told", Phrase.of("told." + decisive.question() + "." + answer)));
        }
        return decisive.soft() ? speaks ? SOFT_FOR : SOFT_AGAINST : speaks ? CERTAIN : 0;
    }

    /** The value really used: given, or set on the sheet by the welder; empty where it is only the calculated one. */
    private OptionalDouble usedValue(ParameterKey key, Parameter parameter) {
        Double entered = ask.set().get(key);
        return entered != null ? OptionalDouble.of(entered) : parameter.own();
    }

    /** Well inside speaks against the cause; nearer its own edge less and less. */
    private static double inside(Cause cause, double value, Range range) {
        double edge = cause.side() == RangeSide.LOW ? range.low() : range.high();
        double span = Math.abs(range.value() - edge);
        double towards = cause.side() == RangeSide.LOW ? range.value() - value : value - range.value();
        double near = span > 0 ? Math.min(1, Math.max(0, towards / span)) : 0;
        return INSIDE + (1 - INSIDE) * near;
    }

    private double figure(Cause cause, List<Phrase> why) {
        Optional<Parameter> parameter = cause.figure().flatMap(sheet::find);
        Optional<Range> range = parameter.flatMap(Parameter::window);
        if (parameter.isEmpty() || range.isEmpty()) {
            return 1;
        }
        ParameterKey key = parameter.get().key();
        OptionalDouble used = usedValue(key, parameter.get());
        if (used.isEmpty()) {
            return 1;
        }
        double value = used.getAsDouble();
        double low = range.get().low();
        double high = range.get().high();
        if (value >= low * (1 - METER) && value <= high * (1 + METER)) {
            return inside(cause, value, range.get());
        }
        boolean wrongSide = value < low == (cause.side() == RangeSide.LOW);
        if (!wrongSide) {
            return OTHER_SIDE;
        }
        double edge = value < low ? low : high;
        why.add(Phrase.of(
                value < low ? "reading.why.below" : "reading.why.above",
                Phrase.of(key.words()),
                Quantity.of(value, key.unit()),
                Quantity.of(edge, key.unit())));
        double far = Math.abs(value - edge) / Math.max(1e-6, Math.abs(edge));
        return LEAST_OUTSIDE * Math.pow(MOST_TIMES, Math.min(1, 2 * far));
    }
}
