package vastarc.core.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.progress.Progress;
import vastarc.core.quantity.Unit;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.Window;

/** Finds a setting by rehearsing: within its window, what gives the back bead that is wanted, or keeps the width most even. */
public final class Finder {

    /** What may be turned. Spoken by {@code rehearsal.knob.<name>}. */
    public enum Knob {
        CURRENT(SettingKey.WORKING_CURRENT),
        TRAVEL(SettingKey.TRAVEL_SPEED),
        PULSE(SettingKey.PULSE_RATE);

        private final SettingKey key;

        Knob(SettingKey key) {
            this.key = key;
        }

        public SettingKey key() {
            return key;
        }
    }

    /** What is wanted. Spoken by {@code rehearsal.goal.<name>}. */
    public enum Goal {
        BACK_BEAD,
        EVEN_WIDTH
    }

    public static final Range TARGET = new Range("targetMm", 0.5, 12, Unit.MILLIMETRE);

    private static final int SCANNED = 5;
    private static final int REFINED = 4;
    private static final double CLOSE = 0.03;

    private final Setup setup;
    private final Knob knob;
    private final Goal goal;
    private final double targetMm;
    private final Progress progress;
    private final List<Try> tries = new ArrayList<>();

    private Finder(Setup setup, Knob knob, Goal goal, double targetMm, Progress progress) {
        this.setup = setup;
        this.knob = knob;
        this.goal = goal;
        this.targetMm = targetMm;
        this.progress = progress;
    }

    /** A value tried, and what came of it. */
    public record Try(double value, double backMm, double frontSpread, double frontMm) {}

    /**
     * What was found.
     *
     * @param knob   what was turned
     * @param window within what, as on the sheet
     * @param best   the best value tried
     * @param met    it is what was wanted
     * @param tries  every value tried, in its order
     */
    public record Found(Knob knob, Goal goal, Window window, Try best, boolean met, List<Try> tries) {}

    /**
     * Looks for a setting.
     *
     * @param targetMm back bead that is wanted, mm; of no account for an even width
     * @return why nothing can be looked for, where it cannot
     */
    public static Outcome<Found> find(Setup setup, Knob knob, Goal goal, double targetMm, Progress progress) {
        Optional<Problem> bad = goal == Goal.BACK_BEAD ? TARGET.check(targetMm) : Optional.empty();
        if (bad.isPresent()) {
            return Outcome.failed(bad.get());
        }
        Setup turned = knob == Knob.PULSE ? pulsed(setup) : setup;
        return turned.ask().then(ask -> {
            if (goal == Goal.BACK_BEAD && !ask.joint().hasOpenBack()) {
                return Outcome.failed(Problem.outOfScope("goal", "rehearsal.noBack"));
            }
            return Outcome.of(new Finder(turned, knob, goal, targetMm, progress)
                    .found(ask.score().sheet()));
        });
    }

    /** A steady current is given a pulse before its rate can be turned. */
    private static Setup pulsed(Setup setup) {
        boolean steady =
                setup.sheet().value().filter(sheet -> !sheet.isPulsed()).isPresent();
        return steady ? setup.practised(draft -> draft.pulse = PulsePurpose.HEAT) : setup;
    }

    private Found found(Sheet sheet) {
        Window window = sheet.setting(knob.key()).window().orElseThrow();
        for (int i = 0; i < SCANNED; i++) {
            attempt(window.low() + (window.high() - window.low()) * i / (SCANNED - 1));
        }
        for (int i = 0; i < REFINED && !isMet(best()); i++) {
            between().ifPresent(this::attempt);
        }
        Try best = best();
        progress.at(1);
        return new Found(knob, goal, window, best, isMet(best), List.copyOf(tries));
    }

    private void attempt(double value) {
        int number = tries.size();
        Progress part = new Progress() {
            @Override
            public void at(double share) {
                progress.at((number + share) / (SCANNED + REFINED));
            }

            @Override
            public boolean isCancelled() {
                return progress.isCancelled();
            }
        };
        turned(setup, knob, value).ask().value().ifPresent(ask -> {
            Rehearsal made = RehearsalRun.of(ask, part, new Film());
            tries.add(new Try(
                    value,
                    made.widths().backMm(),
                    made.widths().frontSpread(),
                    made.widths().frontMm()));
            tries.sort(Comparator.comparingDouble(Try::value));
        });
    }

    /** A weld with a knob turned; a pace is turned under the current as it stands. */
    public static Setup turned(Setup setup, Knob knob, double value) {
        return switch (knob) {
            case TRAVEL -> setup.held().practised(draft -> draft.travelMmPerS = OptionalDouble.of(value / 60));
            case PULSE -> pulsed(setup).own(SettingKey.PULSE_RATE, value);
            case CURRENT -> setup.own(SettingKey.WORKING_CURRENT, value);
        };
    }

    private double miss(Try one) {
        return goal == Goal.BACK_BEAD ? Math.abs(one.backMm() - targetMm) : one.frontSpread();
    }

    private Try best() {
        return tries.stream().min(Comparator.comparingDouble(this::miss)).orElseThrow();
    }

    private boolean isMet(Try best) {
        return goal == Goal.BACK_BEAD ? miss(best) <= CLOSE * targetMm : miss(best) <= 2;
    }

    /** The next value: where a straight line between the two that enclose the target meets it, or half way to the better neighbour. */
    private OptionalDouble between() {
        if (goal == Goal.BACK_BEAD) {
            for (int i = 1; i < tries.size(); i++) {
                Try low = tries.get(i - 1);
                Try high = tries.get(i);
                if ((low.backMm() - targetMm) * (high.backMm() - targetMm) < 0) {
                    double share = (targetMm - low.backMm()) / (high.backMm() - low.backMm());
                    return OptionalDouble.of(
                            low.value() + (high.value() - low.value()) * Math.max(0.1, Math.min(0.9, share)));
                }
            }
            return OptionalDouble.empty();
        }
        int at = tries.indexOf(best());
        int beside = at == 0
                ? 1
                : at == tries.size() - 1 ? at - 1 : miss(tries.get(at - 1)) < miss(tries.get(at + 1)) ? at - 1 : at + 1;
        return beside >= tries.size()
                ? OptionalDouble.empty()
                : OptionalDouble.of((tries.get(at).value() + tries.get(beside).value()) / 2);
    }
}
