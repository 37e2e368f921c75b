package vastarc.web.rehearse;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.WeldChange;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.source.TorchOperator;

/**
 * What is given beside the job for a simulation.
 *
 * @param quality  how finely the joint is cut
 * @param seam     length of the seam, mm; empty where none is given
 * @param hand     the welder
 * @param change   what the second plate has otherwise
 * @param amount   by how much, %
 * @param point    setting of the second plate, where it is one of the map; it stands in place of the change
 * @param problems what cannot be read
 */
record RehearseForm(
        MeshDetail quality,
        Optional<Double> seam,
        TorchOperator hand,
        WeldChange change,
        double amount,
        Optional<MapSetting> point,
        List<Problem> problems) {

    /** Chosen in place of a change: the second plate is welded at a point of the map. */
    static final String MAP_POINT = "MAP_POINT";

    /**
     * A setting on the map.
     *
     * @param currentA current, A
     * @param travel   mm/min
     */
    record MapSetting(double currentA, double travel) {

        /** As finely as it is set: fields of a form take no more digits. */
        static MapSetting rounded(double currentA, double travel) {
            return new MapSetting(Math.rint(10 * currentA) / 10, Math.rint(10 * travel) / 10);
        }

        /** Of a page or a form; empty where either is missing or no number that a map has. */
        static Optional<MapSetting> of(Map<String, String> sent) {
            List<Problem> outside = new ArrayList<>();
            Optional<Double> current = number(sent.getOrDefault("pointA", ""), MapAxis.CURRENT.range(), outside);
            Optional<Double> travel = number(sent.getOrDefault("pointTravel", ""), MapAxis.TRAVEL.range(), outside);
            return current.flatMap(a -> travel.map(pace -> new MapSetting(a, pace)));
        }

        /** In words. */
        Phrase words() {
            return Phrase.of("rehearsal.mapPoint", Quantity.amperes(currentA), Quantity.mmPerMin(travel));
        }
    }

    static RehearseForm of(Map<String, String> sent, UnitSystem units) {
        List<Problem> problems = new ArrayList<>();
        Optional<Double> seam = length(sent.getOrDefault("seamMm", ""), SimulationRequest.SEAM, units, problems);
        boolean unsteady = "UNSTEADY".equals(sent.get("steadiness"));
        double scatter = number(sent.getOrDefault("scatterPercent", ""), TorchOperator.SCATTER, problems)
                .orElse(TorchOperator.USUAL_SCATTER);
        double seed = number(sent.getOrDefault("seed", ""), TorchOperator.SEED, problems)
                .orElse(1.0);
        WeldChange change = chosen(WeldChange.class, sent.get("change"), WeldChange.NOTHING);
        double amount = change.takesAmount()
                ? number(sent.getOrDefault("amount", ""), WeldChange.AMOUNT, problems)
                        .orElse(WeldChange.USUAL_AMOUNT)
                : 0;
        TorchOperator operator =
                unsteady ? TorchOperator.steady().unsteady(scatter, (long) seed) : TorchOperator.steady();
        return new RehearseForm(
                chosen(MeshDetail.class, sent.get("quality"), MeshDetail.LIVE),
                seam,
                operator,
                change,
                amount,
                Optional.of(sent)
                        .filter(all -> MAP_POINT.equals(all.get("change")))
                        .flatMap(MapSetting::of),
                problems);
    }

    private static Optional<Double> number(String text, InputRange range, List<Problem> problems) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        double number = NumberReader.read(text).orElse(Double.NaN);
        if (Double.isNaN(number)) {
            problems.add(Problem.badValue(
                    range.field(),
                    "type",
                    "“" + text.strip() + "”",
                    "a number from " + Math.round(range.low()) + " to " + Math.round(range.high())));
            return Optional.empty();
        }
        Optional<Problem> outside = range.check(number);
        outside.ifPresent(problems::add);
        return outside.isPresent() ? Optional.empty() : Optional.of(number);
    }

    /** A length in whatever way a shop writes it, mm. */
    static Optional<Double> length(String text, InputRange range, UnitSystem units, List<Problem> problems) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        Outcome<Length> read = new LengthReader(units, Optional.empty()).read(text, range.field());
        problems.addAll(read.problems());
        return read.value().map(Length::inMillimetres).filter(mm -> {
            Optional<Problem> outside = range.check(mm);
            outside.ifPresent(problems::add);
            return outside.isEmpty();
        });
    }

    static <E extends Enum<E>> E chosen(Class<E> type, @Nullable String name, E usual) {
        return Arrays.stream(type.getEnumConstants())
                .filter(e -> e.name().equals(name))
                .findFirst()
                .orElse(usual);
    }

    /** The job's weld, set up as entered. */
    SimulationSetup setup(PlanRequest plan) {
        SimulationSetup bare =
                new SimulationSetup(plan, hand, quality, SimulationRequest.LEG_MM, OptionalDouble.empty(), false);
        return bare.own(CycleKey.SEAM_LENGTH, seam.orElseGet(() -> SimulationSetup.usualSeamMm(plan)));
    }

    /** The second plate: the first with one thing changed; the same where nothing is. */
    SimulationSetup changed(SimulationSetup own) {
        return point.map(setting -> own.own(ParameterKey.WORKING_CURRENT, setting.currentA())
                        .travelling(setting.travel()))
                .orElseGet(() -> change.on(own, amount));
    }

    /** What the second plate has otherwise, in words. */
    Phrase changeWords() {
        Phrase what = Phrase.of("rehearsal.change." + change);
        String by = (amount < 0 ? "−" : "+") + Math.round(Math.abs(amount));
        return point.map(MapSetting::words)
                .orElse(change.takesAmount() ? Phrase.of("rehearsal.changedBy", what, by) : what);
    }
}
