package vastarc.core.simulation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.progress.Progress;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.simulation.observe.FrameRecorder;
import vastarc.core.simulation.result.SimulationResult;

/** Finds a setting by rehearsing: within its range, what gives the back bead that is wanted, or keeps the width most even. */
public final class SettingSearch {

    /** What may be turned. Its words: {@code rehearsal.knob.<name>}. */
    public enum SearchVariable {
        /** Working current. */
        CURRENT(ParameterKey.WORKING_CURRENT),
        /** Travel. */
        TRAVEL(ParameterKey.TRAVEL_SPEED),
        /** Pulse rate. */
        PULSE(ParameterKey.PULSE_RATE);

        private final ParameterKey key;

        SearchVariable(ParameterKey key) {
            this.key = key;
        }

        /** {@return the parameter of the sheet that it varies} */
        public ParameterKey key() {
            return key;
        }
    }

    /** What is wanted. Its words: {@code rehearsal.goal.<name>}. */
    public enum SearchGoal {
        /** A bead of the wanted width on the root side. */
        BACK_BEAD,
        /** A bead of even width. */
        EVEN_WIDTH
    }

    /** Width of the bead on the root side that is wanted. */
    public static final InputRange TARGET = new InputRange("targetMm", 0.5, 12, Unit.MILLIMETRE);

    private static final int SCANNED = 5;
    private static final int REFINED = 4;
    private static final double CLOSE = 0.03;

    private final SimulationSetup setup;
    private final SearchVariable knob;
    private final SearchGoal goal;
    private final double targetMm;
    private final Progress progress;
    private final List<SearchTrial> tries = new ArrayList<>();

    private SettingSearch(
            SimulationSetup setup, SearchVariable knob, SearchGoal goal, double targetMm, Progress progress) {
        this.setup = setup;
        this.knob = knob;
        this.goal = goal;
        this.targetMm = targetMm;
        this.progress = progress;
    }

    /** A value tried, and its result. */
    public record SearchTrial(double value, double backMm, double frontSpread, double frontMm) {}

    /**
     * What was found.
     *
     * @param knob   what was turned
     * @param range  within which values, as on the sheet
     * @param best   the best value tried
     * @param met    it is what was wanted
     * @param tries  every value tried, in its order
     */
    public record SearchResult(
            SearchVariable knob,
            SearchGoal goal,
            Range range,
            SearchTrial best,
            boolean met,
            List<SearchTrial> tries) {}

    /**
     * Looks for a setting.
     *
     * @param setup the setup
     * @param knob the setting to vary
     * @param goal the goal
     * @param targetMm back bead that is wanted, mm; of no account for an even width
     * @param progress is told how far it is, and may stop it
     * @return why nothing can be looked for, where it cannot
     */
    public static Outcome<SearchResult> find(
            SimulationSetup setup, SearchVariable knob, SearchGoal goal, double targetMm, Progress progress) {
        Optional<Problem> bad = goal == SearchGoal.BACK_BEAD ? TARGET.check(targetMm) : Optional.empty();
        if (bad.isPresent()) {
            return Outcome.failed(bad.get());
        }
        SimulationSetup turned = knob == SearchVariable.PULSE ? pulsed(setup) : setup;
        return turned.ask().then(request -> {
            if (goal == SearchGoal.BACK_BEAD && !request.joint().hasOpenBack()) {
                return Outcome.failed(Problem.outOfScope("goal", "rehearsal.noBack"));
            }
            return Outcome.of(new SettingSearch(turned, knob, goal, targetMm, progress)
                    .found(request.score().sheet()));
        });
    }

    /** A steady current is given a pulse before its rate can be turned. */
    private static SimulationSetup pulsed(SimulationSetup setup) {
        boolean steady =
                setup.sheet().value().filter(sheet -> !sheet.isPulsed()).isPresent();
        return steady ? setup.practised(draft -> draft.pulse = PulsePurpose.HEAT) : setup;
    }

    private SearchResult found(SetupSheet sheet) {
        Range range = sheet.setting(knob.key()).window().orElseThrow();
        for (int i = 0; i < SCANNED; i++) {
            attempt(range.low() + (range.high() - range.low()) * i / (SCANNED - 1));
        }
        for (int i = 0; i < REFINED && !isMet(best()); i++) {
            between().ifPresent(this::attempt);
        }
        SearchTrial best = best();
        progress.at(1);
        return new SearchResult(knob, goal, range, best, isMet(best), List.copyOf(tries));
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
        turned(setup, knob, value).ask().value().ifPresent(request -> {
            SimulationResult made = WeldSimulation.of(request, part, new FrameRecorder());
            tries.add(new SearchTrial(
                    value,
                    made.widths().backMm(),
                    made.widths().frontSpread(),
                    made.widths().frontMm()));
            tries.sort(Comparator.comparingDouble(SearchTrial::value));
        });
    }

    /**
     * {@return a weld with a knob turned; a pace is turned under the current as it is}
     *
     * @param setup the setup
     * @param knob the setting to vary
     * @param value the value
     */
    public static SimulationSetup turned(SimulationSetup setup, SearchVariable knob, double value) {
        return switch (knob) {
            case TRAVEL -> setup.held().practised(draft -> draft.travelMmPerS = OptionalDouble.of(value / 60));
            case PULSE -> pulsed(setup).own(ParameterKey.PULSE_RATE, value);
            case CURRENT -> setup.own(ParameterKey.WORKING_CURRENT, value);
        };
    }

    private double miss(SearchTrial searchTrial) {
        return goal == SearchGoal.BACK_BEAD ? Math.abs(searchTrial.backMm() - targetMm) : searchTrial.frontSpread();
    }

    private SearchTrial best() {
        return tries.stream().min(Comparator.comparingDouble(this::miss)).orElseThrow();
    }

    private boolean isMet(SearchTrial best) {
        return goal == SearchGoal.BACK_BEAD ? miss(best) <= CLOSE * targetMm : miss(best) <= 2;
    }

    /** The next value: where a straight line between the two that enclose the target meets it, or half way to the better neighbour. */
    private OptionalDouble between() {
        if (goal == SearchGoal.BACK_BEAD) {
            for (int i = 1; i < tries.size(); i++) {
                SearchTrial low = tries.get(i - 1);
                SearchTrial high = tries.get(i);
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
