package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.TriggerMode.ArcEnding;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.cycle.WeldCycle.DabRhythm;
import vastarc.core.advice.cycle.WeldCycle.PlayedCycle;
import vastarc.core.advice.parameters.FillerChoice;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.TackPlan;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.FillerFeed;
import vastarc.core.physics.heat.HeatBalance;

/** From a setup sheet to the weld in time. */
public final class CyclePlanner {

    /** A seam of which nothing is known, mm. */
    private static final int MOST_SPOTS = 400;

    private static final double PULSE_FELT_BY_HAND_HZ = 4;
    private static final double LONGEST_S = 7200;

    private final SetupSheet sheet;
    private final TriggerMode logic;
    private final CycleChoices choices;
    private final List<Problem> problems;

    private CyclePlanner(SetupSheet sheet, CycleChoices choices) {
        this.sheet = sheet;
        this.choices = choices;
        this.logic =
                choices.logic().orElseGet(() -> TriggerMode.of(sheet.practice().control()));
        this.problems = new ArrayList<>(sheet.ownProblems());
    }

    /**
     * {@return the weld cycle of a sheet; always one, as the last good value is played instead of one that cannot be}
     *
     * @param sheet the sheet
     * @param choices the cycle choices
     */
    public static WeldCycle plan(SetupSheet sheet, CycleChoices choices) {
        return new CyclePlanner(sheet, choices).score();
    }

    private WeldCycle score() {
        Map<CycleKey, CycleHandle> handles = handles();
        CycleValues values = values(handles);
        List<OperatorInput> inputs = OperatorSequence.of(logic, values);
        CycleTimeline timeline = ArcStateMachine.play(logic, values, inputs, LONGEST_S);
        CycleTotals integrals = CycleTotals.of(
                timeline,
                sheet.heat().arc(),
                sheet.setting(ParameterKey.GAS_FLOW).value());
        return new WeldCycle(new PlayedCycle(
                sheet, logic, handles, values, inputs, timeline, integrals, rhythm(values), List.copyOf(problems)));
    }

    /**
     * {@return other touches on the same score: what the welder really did, up to a time}
     *
     * @param cycle the weld cycle
     * @param inputs what the welder does at the trigger, in order of time
     * @param untilS end, s
     */
    public static CycleTimeline played(WeldCycle cycle, List<OperatorInput> inputs, double untilS) {
        return ArcStateMachine.play(cycle.logic(), cycle.values(), inputs, untilS);
    }

    /**
     * {@return the energy, gas and times of other touches on the same score}
     *
     * @param cycle the weld cycle
     * @param timeline the cycle timeline
     */
    public static CycleTotals integrals(WeldCycle cycle, CycleTimeline timeline) {
        SetupSheet sheet = cycle.sheet();
        return CycleTotals.of(
                timeline,
                sheet.heat().arc(),
                sheet.setting(ParameterKey.GAS_FLOW).value());
    }

    private Map<CycleKey, CycleHandle> handles() {
        Map<CycleKey, CycleHandle> handles = new EnumMap<>(CycleKey.class);
        for (CycleKey key : CycleKey.values()) {
            Range range = key.setting()
                    .map(setting -> sheet.setting(setting).window().orElseThrow())
                    .orElseGet(() -> rangeOf(key));
            OptionalDouble own =
                    key.setting().map(setting -> sheet.setting(setting).own()).orElseGet(() -> checked(key));
            handles.put(key, new CycleHandle(key, range, own, idle(key), Optional.empty()));
        }
        return handles;
    }

    private OptionalDouble checked(CycleKey key) {
        OptionalDouble own = choices.own(key);
        if (own.isEmpty()) {
            return own;
        }
        Optional<Problem> outside = key.range().check(own.getAsDouble());
        outside.ifPresent(problems::add);
        return outside.isPresent() ? OptionalDouble.empty() : own;
    }

    /** What the engine sets of the figures that only a weld cycle has. Judgement but for girth, tacks and the pedal's own slopes. */
    private Range rangeOf(CycleKey key) {
        TackPlan tacks = sheet.tacks();
        double working = sheet.setting(ParameterKey.WORKING_CURRENT).value();
        double least = leastA();
        return switch (key) {
            case START_HOLD -> new Range(0.8, 0.3, 3);
            case END_HOLD -> new Range(0.5, 0.2, 2);
            case SECOND_CURRENT -> Range.around(Math.max(least, 0.6 * working), least, working);
            case SEAM_LENGTH ->
                new Range(seamMm(), key.range().low(), key.range().high());
            case FOOT_IN -> around(sheet.foot().easeInS(), 0.5, 2);
            case FOOT_OUT -> around(sheet.foot().taperS(), 0.7, 2);
            case SPOT_CURRENT -> around(tacks.currentA(), 0.8, 1.2);
            case SPOT_TIME -> around(clamped(key, tacks.onS()), 0.7, 1.5);
            case SPOT_PAUSE -> around(clamped(key, tacks.pauseS()), 0.6, 2);
            default -> throw new IllegalArgumentException(key + " is the sheet's to set");
        };
    }

    private static Range around(double value, double low, double high) {
        return new Range(value, low * value, high * value);
    }

    private static double clamped(CycleKey key, double value) {
        return Math.min(key.range().high(), Math.max(key.range().low(), value));
    }

    /** As the work has it, else once round or the usual one, within what a weld cycle holds. */
    private double seamMm() {
        double mm = choices.seamMm().orElse(sheet.joint().usualSeamMm());
        return clamped(CycleKey.SEAM_LENGTH, mm);
    }

    private double leastA() {
        return sheet.foot().leastA();
    }

    private CycleValues values(Map<CycleKey, CycleHandle> handles) {
        Map<CycleKey, Double> values = new EnumMap<>(CycleKey.class);
        handles.forEach((key, handle) -> values.put(key, handle.value()));
        if (logic.isTack()) {
            values.put(CycleKey.PULSE_RATE, 0.0);
        }
        double speed = sheet.heat().demand().speedMmPerS();
        double seam = Maps.get(values, CycleKey.SEAM_LENGTH);
        int spots = logic.timed() == ArcEnding.STITCH
                ? (int) Math.min(
                        MOST_SPOTS, Math.max(1, Math.ceil(seam / sheet.tacks().stitchPitchMm())))
                : 1;
        return new CycleValues(values, leastA(), spots, Math.min(LONGEST_S / 4, seam / speed));
    }

    private DabRhythm rhythm(CycleValues values) {
        HeatBalance heat = sheet.heat();
        boolean wire = sheet.practice().wire() && !logic.isTack();
        boolean dabs = wire && sheet.practice().wireFeed() == FillerFeed.DAB;
        double rate = values.of(CycleKey.PULSE_RATE);
        boolean onPulse = dabs && rate >= 0.5 && rate <= PULSE_FELT_BY_HAND_HZ;
        return new DabRhythm(
                heat.demand().speedMmPerS(), dabs ? onPulse ? rate : FillerChoice.DABS_PER_S : 0, wire, onPulse);
    }

    /** Why a figure does nothing under this control. */
    private Optional<Phrase> idle(CycleKey key) {
        boolean foot = logic.input() == TriggerInput.FOOT;
        boolean tackOnly = key == CycleKey.SPOT_CURRENT || key == CycleKey.SPOT_TIME || key == CycleKey.SPOT_PAUSE;
        if (tackOnly) {
            boolean used = logic.isTack() && (key != CycleKey.SPOT_PAUSE || logic.timed() == ArcEnding.STITCH);
            return used ? Optional.empty() : because("notTack");
        }
        if (logic.isTack()
                && (key == CycleKey.WORKING_CURRENT || key.supportedSetting().isPresent() && !isSupported(key))) {
            return because("tack");
        }
        if (key == CycleKey.PEDAL_CEILING || key == CycleKey.FOOT_IN || key == CycleKey.FOOT_OUT) {
            return foot ? Optional.empty() : because("noFoot");
        }
        if (logic.gasByHand() && (key == CycleKey.PRE_FLOW || key == CycleKey.POST_FLOW)) {
            return Optional.empty();
        }
        if (!isSupported(key)) {
            return because(foot ? "foot" : logic.gasByHand() ? "liftOnly" : "passedOver");
        }
        if ((key == CycleKey.START_HOLD && !logic.startHold()) || (key == CycleKey.END_HOLD && !logic.endHold())) {
            return because("notHeld");
        }
        boolean pulse = key == CycleKey.PULSE_RATE || key == CycleKey.PULSE_ON_TIME || key == CycleKey.PULSE_BACKGROUND;
        return pulse && !sheet.isPulsed() ? because("steady") : Optional.empty();
    }

    private boolean isSupported(CycleKey key) {
        return key.supportedSetting().map(logic::honours).orElse(true);
    }

    private Optional<Phrase> because(String code) {
        return Optional.of(
                Phrase.of("score.idle." + code, Phrase.of(logic.name().words())));
    }
}
