package vastarc.core.score;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.finding.Problem;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.WireFeed;
import vastarc.core.score.ControlLogic.Input;
import vastarc.core.score.ControlLogic.Timed;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.TackPlan;
import vastarc.core.sheet.Window;
import vastarc.core.sheet.WireChoice;
import vastarc.core.table.Complete;
import vastarc.core.wording.Phrase;

/** From a setup sheet to the weld in time. */
public final class ScorePlanner {

    /** A seam of which nothing is known, mm. */
    private static final int MOST_SPOTS = 400;

    private static final double PULSE_FELT_BY_HAND_HZ = 4;
    private static final double LONGEST_S = 7200;

    private final Sheet sheet;
    private final ControlLogic logic;
    private final ScoreChoices choices;
    private final List<Problem> problems;

    private ScorePlanner(Sheet sheet, ScoreChoices choices) {
        this.sheet = sheet;
        this.choices = choices;
        this.logic =
                choices.logic().orElseGet(() -> ControlLogic.of(sheet.practice().control()));
        this.problems = new ArrayList<>(sheet.ownProblems());
    }

    /** The score of a sheet; always one, as the last good figure stands in for one that cannot be played. */
    public static Score plan(Sheet sheet, ScoreChoices choices) {
        return new ScorePlanner(sheet, choices).score();
    }

    private Score score() {
        Map<ScoreKey, Handle> handles = handles();
        ScoreValues values = values(handles);
        List<Touch> touches = TouchPlan.of(logic, values);
        Timeline timeline = ArcCycle.play(logic, values, touches, LONGEST_S);
        Integrals integrals = Integrals.of(
                timeline, sheet.heat().arc(), sheet.setting(SettingKey.GAS_FLOW).value());
        return new Score(new Score.Played(
                sheet, logic, handles, values, touches, timeline, integrals, rhythm(values), List.copyOf(problems)));
    }

    /** Other touches on the same score: what the hand really did, up to a time. */
    public static Timeline played(Score score, List<Touch> touches, double untilS) {
        return ArcCycle.play(score.logic(), score.values(), touches, untilS);
    }

    /** The energy, gas and times of other touches on the same score. */
    public static Integrals integrals(Score score, Timeline timeline) {
        Sheet sheet = score.sheet();
        return Integrals.of(
                timeline, sheet.heat().arc(), sheet.setting(SettingKey.GAS_FLOW).value());
    }

    private Map<ScoreKey, Handle> handles() {
        Map<ScoreKey, Handle> handles = new EnumMap<>(ScoreKey.class);
        for (ScoreKey key : ScoreKey.values()) {
            Window window = key.setting()
                    .map(setting -> sheet.setting(setting).window().orElseThrow())
                    .orElseGet(() -> window(key));
            OptionalDouble own =
                    key.setting().map(setting -> sheet.setting(setting).own()).orElseGet(() -> checked(key));
            handles.put(key, new Handle(key, window, own, idle(key), Optional.empty()));
        }
        return handles;
    }

    private OptionalDouble checked(ScoreKey key) {
        OptionalDouble own = choices.own(key);
        if (own.isEmpty()) {
            return own;
        }
        Optional<Problem> outside = key.range().check(own.getAsDouble());
        outside.ifPresent(problems::add);
        return outside.isPresent() ? OptionalDouble.empty() : own;
    }

    /** What the engine sets of the figures that only a score has. Judgement but for girth, tacks and the foot's own slopes. */
    private Window window(ScoreKey key) {
        TackPlan tacks = sheet.tacks();
        double working = sheet.setting(SettingKey.WORKING_CURRENT).value();
        double least = leastA();
        return switch (key) {
            case START_HOLD -> new Window(0.8, 0.3, 3);
            case END_HOLD -> new Window(0.5, 0.2, 2);
            case SECOND_CURRENT -> Window.around(Math.max(least, 0.6 * working), least, working);
            case SEAM_LENGTH ->
                new Window(seamMm(), key.range().low(), key.range().high());
            case FOOT_IN -> around(sheet.foot().easeInS(), 0.5, 2);
            case FOOT_OUT -> around(sheet.foot().taperS(), 0.7, 2);
            case SPOT_CURRENT -> around(tacks.currentA(), 0.8, 1.2);
            case SPOT_TIME -> around(clamped(key, tacks.onS()), 0.7, 1.5);
            case SPOT_PAUSE -> around(clamped(key, tacks.pauseS()), 0.6, 2);
            default -> throw new IllegalArgumentException(key + " is the sheet's to set");
        };
    }

    private static Window around(double value, double low, double high) {
        return new Window(value, low * value, high * value);
    }

    private static double clamped(ScoreKey key, double value) {
        return Math.min(key.range().high(), Math.max(key.range().low(), value));
    }

    /** As the work has it, else once round or the usual one, within what a score holds. */
    private double seamMm() {
        double mm = choices.seamMm().orElse(sheet.joint().usualSeamMm());
        return clamped(ScoreKey.SEAM_LENGTH, mm);
    }

    private double leastA() {
        return sheet.foot().leastA();
    }

    private ScoreValues values(Map<ScoreKey, Handle> handles) {
        Map<ScoreKey, Double> values = new EnumMap<>(ScoreKey.class);
        handles.forEach((key, handle) -> values.put(key, handle.value()));
        if (logic.isTack()) {
            values.put(ScoreKey.PULSE_RATE, 0.0);
        }
        double speed = sheet.heat().demand().speedMmPerS();
        double seam = Complete.get(values, ScoreKey.SEAM_LENGTH);
        int spots = logic.timed() == Timed.STITCH
                ? (int) Math.min(
                        MOST_SPOTS, Math.max(1, Math.ceil(seam / sheet.tacks().stitchPitchMm())))
                : 1;
        return new ScoreValues(values, leastA(), spots, Math.min(LONGEST_S / 4, seam / speed));
    }

    private Score.Rhythm rhythm(ScoreValues values) {
        HeatSolution heat = sheet.heat();
        boolean wire = sheet.practice().wire() && !logic.isTack();
        boolean dabs = wire && sheet.practice().wireFeed() == WireFeed.DAB;
        double rate = values.of(ScoreKey.PULSE_RATE);
        boolean onPulse = dabs && rate >= 0.5 && rate <= PULSE_FELT_BY_HAND_HZ;
        return new Score.Rhythm(
                heat.demand().speedMmPerS(), dabs ? onPulse ? rate : WireChoice.DABS_PER_S : 0, wire, onPulse);
    }

    /** Why a figure does nothing under this control. */
    private Optional<Phrase> idle(ScoreKey key) {
        boolean foot = logic.input() == Input.FOOT;
        boolean tackOnly = key == ScoreKey.SPOT_CURRENT || key == ScoreKey.SPOT_TIME || key == ScoreKey.SPOT_PAUSE;
        if (tackOnly) {
            boolean used = logic.isTack() && (key != ScoreKey.SPOT_PAUSE || logic.timed() == Timed.STITCH);
            return used ? Optional.empty() : because("notTack");
        }
        if (logic.isTack() && (key == ScoreKey.WORKING_CURRENT || key.honour().isPresent() && !honoured(key))) {
            return because("tack");
        }
        if (key == ScoreKey.PEDAL_CEILING || key == ScoreKey.FOOT_IN || key == ScoreKey.FOOT_OUT) {
            return foot ? Optional.empty() : because("noFoot");
        }
        if (logic.gasByHand() && (key == ScoreKey.PRE_FLOW || key == ScoreKey.POST_FLOW)) {
            return Optional.empty();
        }
        if (!honoured(key)) {
            return because(foot ? "foot" : logic.gasByHand() ? "liftOnly" : "passedOver");
        }
        if ((key == ScoreKey.START_HOLD && !logic.startHold()) || (key == ScoreKey.END_HOLD && !logic.endHold())) {
            return because("notHeld");
        }
        boolean pulse = key == ScoreKey.PULSE_RATE || key == ScoreKey.PULSE_ON_TIME || key == ScoreKey.PULSE_BACKGROUND;
        return pulse && !sheet.isPulsed() ? because("steady") : Optional.empty();
    }

    private boolean honoured(ScoreKey key) {
        return key.honour().map(logic::honours).orElse(true);
    }

    private Optional<Phrase> because(String code) {
        return Optional.of(
                Phrase.of("score.idle." + code, Phrase.of(logic.name().words())));
    }
}
