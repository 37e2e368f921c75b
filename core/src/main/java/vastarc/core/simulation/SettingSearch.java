package vastarc.core.simulation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.progress.Progress;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.simulation.observe.FrameRecorder;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;

/** Finds a setting by rehearsing: within its range, what gives the back bead that is wanted, keeps the width most even, or forgives most. */
public final class SettingSearch {

    /** What may be turned. Its words: {@code rehearsal.knob.<name>}. */
    public enum SearchVariable {
        /** Working current. */
        CURRENT(ParameterKey.WORKING_CURRENT, Unit.AMPERE),
        /** Travel. */
        TRAVEL(ParameterKey.TRAVEL_SPEED, Unit.MM_PER_MIN),
        /** Pulse rate. */
        PULSE(ParameterKey.PULSE_RATE, Unit.HERTZ),
        /** Diameter of the rod, under the current as it is. */
        ROD(ParameterKey.WIRE_DIAMETER, Unit.STOCK_MILLIMETRE),
        /** A copper bar behind the seam, under the current as it is: 0 without, 1 with it. */
        BAR(null, Unit.NUMBER);

        private final @Nullable ParameterKey key;
        private final Unit unit;

        SearchVariable(@Nullable ParameterKey key, Unit unit) {
            this.key = key;
            this.unit = unit;
        }

        /** {@return the parameter of the sheet that it varies; empty for a bar, which is none} */
        public Optional<ParameterKey> key() {
            return Optional.ofNullable(key);
        }

        /** {@return the unit of its values} */
        public Unit unit() {
            return unit;
        }

        /** {@return whether it has steps only and nothing between them} */
        public boolean isStepped() {
            return this == ROD || this == BAR;
        }
    }

    /** What is wanted. Its words: {@code rehearsal.goal.<name>}. */
    public enum SearchGoal {
        /** A bead of the wanted width on the root side. */
        BACK_BEAD,
        /** A bead of even width. */
        EVEN_WIDTH,
        /** A setting that is right and may slip farthest before it is not. */
        MOST_FORGIVING
    }

    /** Width of the bead on the root side that is wanted. */
    public static final InputRange TARGET = new InputRange("targetMm", 0.5, 12, Unit.MILLIMETRE);

    private static final int SCANNED = 5;
    private static final int REFINED = 4;
    /** With two at once: fewer values of the first for each of the second. */
    private static final int SCANNED_OF_TWO = 3;

    private static final int REFINED_OF_TWO = 2;
    private static final int BESIDE = 3;
    private static final double CLOSE = 0.03;
    private static final double EVEN_PERCENT = 2;

    private final SimulationSetup setup;
    private final SearchQuery query;
    private final SearchVariable knob;
    private final SearchGoal goal;
    private final double targetMm;
    private final Progress progress;
    private final List<SearchTrial> tries = new ArrayList<>();
    private int planned = 1;
    private int done;

    private SettingSearch(SimulationSetup setup, SearchQuery query, Progress progress) {
        this.setup = setup;
        this.query = query;
        this.knob = query.knob();
        this.goal = query.goal();
        this.targetMm = query.targetMm();
        this.progress = progress;
    }

    /**
     * What is looked for.
     *
     * @param knob     the setting to vary
     * @param other    a second one, varied together with it; empty for one only
     * @param goal     the goal
     * @param targetMm back bead that is wanted, mm; of no account for the other goals
     */
    public record SearchQuery(SearchVariable knob, Optional<SearchVariable> other, SearchGoal goal, double targetMm) {

        /**
         * {@return a search by one setting}
         *
         * @param knob     the setting to vary
         * @param goal     the goal
         * @param targetMm back bead that is wanted, mm
         */
        public static SearchQuery of(SearchVariable knob, SearchGoal goal, double targetMm) {
            return new SearchQuery(knob, Optional.empty(), goal, targetMm);
        }
    }

    /**
     * A value tried, and its result.
     *
     * @param value     of the setting
     * @param beside    of the second; empty where only one was varied
     * @param backMm    bead on the root side, mm
     * @param frontSpread widest less narrowest face, % of the mean
     * @param frontMm   width of the face, mm
     * @param currentA  working current, A
     * @param tolerance how far current and travel may slip; none where the simulated weld is not right
     */
    public record SearchTrial(
            double value,
            OptionalDouble beside,
            double backMm,
            double frontSpread,
            double frontMm,
            double currentA,
            SettingTolerance tolerance) {

        /** {@return how forgiving it is: {@link SettingTolerance#forgiveness}} */
        public double forgiveness() {
            return tolerance.forgiveness(currentA);
        }

        /** {@return how far it may slip, in a few words, or that it is not right} */
        public Phrase slips() {
            return forgiveness() > 0 ? tolerance.eitherWay(currentA) : Phrase.of("rehearsal.found.wrong");
        }
    }

    /**
     * What was found.
     *
     * @param query  what was looked for
     * @param best   the best value tried
     * @param met    it is what was wanted
     * @param tries  every value tried, in its order
     */
    public record SearchResult(SearchQuery query, SearchTrial best, boolean met, List<SearchTrial> tries) {}

    /**
     * Looks for a setting, or for two at once.
     *
     * @param setup the setup
     * @param query what is looked for
     * @param progress is told how far it is, and may stop it
     * @return why nothing can be looked for, where it cannot
     */
    public static Outcome<SearchResult> find(SimulationSetup setup, SearchQuery query, Progress progress) {
        Optional<Problem> bad =
                query.goal() == SearchGoal.BACK_BEAD ? TARGET.check(query.targetMm()) : Optional.empty();
        if (bad.isPresent()) {
            return Outcome.failed(bad.get());
        }
        boolean pulses = query.knob() == SearchVariable.PULSE
                || query.other().filter(SearchVariable.PULSE::equals).isPresent();
        SimulationSetup turned = pulses ? pulsed(setup) : setup;
        return turned.ask().then(request -> {
            if (query.goal() == SearchGoal.BACK_BEAD && !request.joint().hasOpenBack()) {
                return Outcome.failed(Problem.outOfScope("goal", "rehearsal.noBack"));
            }
            boolean dry = request.wireW() == 0
                    && (query.knob() == SearchVariable.ROD
                            || query.other().filter(SearchVariable.ROD::equals).isPresent());
            if (dry) {
                return Outcome.failed(Problem.outOfScope("knob", "rehearsal.noWire"));
            }
            return Outcome.of(new SettingSearch(turned, query, progress)
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
        boolean two = query.other().isPresent();
        List<OptionalDouble> beside = query.other()
                .map(other -> values(other, sheet, BESIDE).stream()
                        .map(OptionalDouble::of)
                        .toList())
                .orElse(List.of(OptionalDouble.empty()));
        List<Double> scanned = values(knob, sheet, two ? SCANNED_OF_TWO : SCANNED);
        int refined = knob.isStepped() ? 0 : two ? REFINED_OF_TWO : REFINED;
        planned = beside.size() * (scanned.size() + refined);
        for (OptionalDouble second : beside) {
            tries.addAll(line(second, scanned, refined));
        }
        SearchTrial best = best(tries);
        progress.at(1);
        return new SearchResult(query, best, isMet(best), List.copyOf(tries));
    }

    /** Values of a setting within its range, or the steps it has: rods one size thinner and thicker than the sheet's, with and without bar. */
    private static List<Double> values(SearchVariable variable, SetupSheet sheet, int count) {
        if (variable == SearchVariable.BAR) {
            return List.of(0.0, 1.0);
        }
        if (variable == SearchVariable.ROD) {
            List<Double> sizes = FillerRod.sizes().stream()
                    .map(FillerRod::diameterMm)
                    .sorted()
                    .toList();
            int now = sizes.indexOf(sheet.setting(ParameterKey.WIRE_DIAMETER).value());
            return sizes.subList(Math.max(0, now - 1), Math.min(sizes.size(), now + 2));
        }
        Range range = sheet.setting(variable.key().orElseThrow()).window().orElseThrow();
        return IntStream.range(0, count)
                .mapToObj(i -> range.low() + (range.high() - range.low()) * i / (count - 1))
                .toList();
    }

    /** The first setting looked for, with the second where it is. */
    private List<SearchTrial> line(OptionalDouble second, List<Double> scanned, int refined) {
        SimulationSetup base =
                second.isPresent() ? turned(setup, query.other().orElseThrow(), second.getAsDouble()) : setup;
        List<SearchTrial> line = new ArrayList<>();
        scanned.forEach(value -> attempt(base, value, second, line));
        for (int i = 0; i < refined; i++) {
            if (line.isEmpty() || isEnough(best(line))) {
                done++;
            } else {
                between(line).ifPresent(value -> attempt(base, value, second, line));
            }
        }
        return line;
    }

    private void attempt(SimulationSetup base, double value, OptionalDouble second, List<SearchTrial> line) {
        int number = done++;
        Progress part = new Progress() {
            @Override
            public void at(double share) {
                progress.at((number + share) / planned);
            }

            @Override
            public boolean isCancelled() {
                return progress.isCancelled();
            }
        };
        turned(base, knob, value).ask().value().ifPresent(request -> {
            SimulationResult made = WeldSimulation.of(request, part, new FrameRecorder());
            line.add(new SearchTrial(
                    value,
                    second,
                    made.widths().backMm(),
                    made.widths().frontSpread(),
                    made.widths().frontMm(),
                    request.currentA(),
                    slips(request, made)));
            line.sort(Comparator.comparingDouble(SearchTrial::value));
        });
    }

    /** By the map, and only where the simulation finds the weld right too. */
    private static SettingTolerance slips(SimulationRequest request, SimulationResult made) {
        SetupSheet sheet = request.score().sheet();
        return SimulatedZone.of(sheet, request.currentA(), made) == WeldZone.GOOD
                ? request.tolerance()
                : SettingTolerance.NONE;
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
            case ROD -> setup.held().wire(value);
            case BAR ->
                setup.held().practised(draft -> draft.chill = value > 0 ? BackingBar.COPPER_BAR : BackingBar.NONE);
        };
    }

    private double miss(SearchTrial searchTrial) {
        return switch (goal) {
            case BACK_BEAD -> Math.abs(searchTrial.backMm() - targetMm);
            case EVEN_WIDTH -> searchTrial.frontSpread();
            case MOST_FORGIVING -> -searchTrial.forgiveness();
        };
    }

    private SearchTrial best(List<SearchTrial> among) {
        return among.stream().min(Comparator.comparingDouble(this::miss)).orElseThrow();
    }

    private boolean isMet(SearchTrial best) {
        return switch (goal) {
            case BACK_BEAD -> miss(best) <= CLOSE * targetMm;
            case EVEN_WIDTH -> miss(best) <= EVEN_PERCENT;
            case MOST_FORGIVING -> best.forgiveness() > 0;
        };
    }

    /** Nothing better is to be looked for. What forgives most is known only when all were tried. */
    private boolean isEnough(SearchTrial best) {
        return goal != SearchGoal.MOST_FORGIVING && isMet(best);
    }

    /** The next value: where a straight line between the two that enclose the target meets it, or half way to the better neighbour. */
    private OptionalDouble between(List<SearchTrial> line) {
        if (goal == SearchGoal.BACK_BEAD) {
            for (int i = 1; i < line.size(); i++) {
                SearchTrial low = line.get(i - 1);
                SearchTrial high = line.get(i);
                if ((low.backMm() - targetMm) * (high.backMm() - targetMm) < 0) {
                    double share = (targetMm - low.backMm()) / (high.backMm() - low.backMm());
                    return OptionalDouble.of(
                            low.value() + (high.value() - low.value()) * Math.max(0.1, Math.min(0.9, share)));
                }
            }
            return OptionalDouble.empty();
        }
        int at = line.indexOf(best(line));
        int beside = at == 0
                ? 1
                : at == line.size() - 1 ? at - 1 : miss(line.get(at - 1)) < miss(line.get(at + 1)) ? at - 1 : at + 1;
        return beside >= line.size()
                ? OptionalDouble.empty()
                : OptionalDouble.of((line.get(at).value() + line.get(beside).value()) / 2);
    }
}
