package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Joint.JointBuilder;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.joint.WeldingConditions.WeldingConditionsBuilder;
import vastarc.core.domain.material.Material;

/** Every number of the sheet swept over every continuous input: no step over 2 % but those that {@code docs/model/steps.md} states. */
@Tag("slow")
class StepsTest {

    private static final double STEP = 0.02;
    private static final double NARROW = 1e-5;
    private static final double NOTHING = 1e-3;

    /** Places along a sweep; {@code -Dvastarc.sweep=100} for steps of a hundredth of the range. */
    private static final int POINTS = Integer.getInteger("vastarc.sweep", 25);

    /** A joint or its conditions, changed by a number. */
    private record Sweep(String input, double from, double to, Variation variation) {}

    private interface Variation {
        void apply(Draft draft, double value);
    }

    private record Draft(JointBuilder joint, WeldingConditionsBuilder conditions) {}

    private static Sweep joint(String input, double from, double to, BiConsumer<JointBuilder, Double> change) {
        return new Sweep(input, from, to, (draft, value) -> change.accept(draft.joint(), value));
    }

    private static Sweep practice(
            String input, double from, double to, BiConsumer<WeldingConditionsBuilder, Double> change) {
        return new Sweep(input, from, to, (draft, value) -> change.accept(draft.conditions(), value));
    }

    private static Optional<Groove> groove(JointBuilder draft, double angle, double rootFace) {
        return draft.groove.map(was -> new Groove(
                Double.isNaN(angle) ? was.angleDeg() : angle,
                Double.isNaN(rootFace) ? was.rootFace() : Length.ofMillimetres(rootFace),
                was.gap()));
    }

    private static final List<Sweep> SWEEPS = List.of(
            joint("second thickness", 0.5, 10, (draft, mm) -> draft.abutting = Length.ofMillimetres(mm)),
            joint("tube diameter", 12, 200, (draft, mm) -> draft.tubeOd = Optional.of(Length.ofMillimetres(mm))),
            joint("gap", 0, 1.5, (draft, mm) -> draft.gap = Length.ofMillimetres(mm)),
            joint("leg", 1, 8, (draft, mm) -> draft.leg = Optional.of(Length.ofMillimetres(mm))),
            joint("cope angle", 30, 90, (draft, deg) -> draft.copeAngleDeg = deg),
            joint("groove angle", 40, 100, (draft, deg) -> draft.groove = groove(draft, deg, Double.NaN)),
            joint("root face", 0, 3, (draft, mm) -> draft.groove = groove(draft, Double.NaN, mm)),
            practice("travel", 0.5, 6, (draft, speed) -> draft.travelMmPerS = OptionalDouble.of(speed)),
            practice("preheat", 0, 250, (draft, c) -> draft.preheatC = OptionalDouble.of(c)),
            practice("hose", 1, 20, (draft, metres) -> draft.hoseLengthM = metres),
            practice("depth", 0.2, 3, (draft, mm) -> {
                draft.penetration = Optional.of(Penetration.PARTIAL);
                draft.depth = Optional.of(Length.ofMillimetres(mm));
            }));

    private static final Sweep PULSED = practice("pulse", 0, 0, (draft, any) -> draft.pulse = PulsePurpose.HEAT);

    /** One side of a step: the sheet and the numbers it has. */
    private record Point(double at, Optional<SetupSheet> sheet) {

        private OptionalDouble value(ParameterKey key) {
            return sheet.flatMap(made -> made.find(key))
                    .filter(parameter -> parameter.window().isPresent() && !parameter.idle())
                    .map(parameter -> OptionalDouble.of(parameter.value()))
                    .orElse(OptionalDouble.empty());
        }

        private boolean differs(Point other, ParameterKey key) {
            return !value(key).equals(other.value(key));
        }
    }

    private static double change(Point one, Point other, ParameterKey key) {
        OptionalDouble before = one.value(key);
        OptionalDouble after = other.value(key);
        if (before.isEmpty() || after.isEmpty()) {
            return 0;
        }
        double larger = Math.max(Math.abs(before.getAsDouble()), Math.abs(after.getAsDouble()));
        return Math.abs(before.getAsDouble() - after.getAsDouble()) / Math.max(NOTHING, larger);
    }

    /** One of each kind: their grades differ by figures alone. */
    static Stream<Material> materials() {
        return Stream.of(Material.CARBON_STEEL, Material.CHROMOLY_4130, Material.STAINLESS_316L, Material.TITANIUM_GR2);
    }

    @ParameterizedTest
    @MethodSource("materials")
    void noNumberStepsWithoutAReason(Material material) throws IOException {
        Map<String, Set<String>> stated = stated();
        Set<String> found = new TreeSet<>();
        for (JointForm form : JointForm.values()) {
            Steps steps = new Steps(material + " " + form, stated, found);
            steps.sweep("thickness", 0.2, 12, t -> plan(Joint.of(material, form, t), Optional.empty(), 0));
            steps.sweep("thickness, pulsed", 0.2, 12, t -> plan(Joint.of(material, form, t), Optional.of(PULSED), 0));
            for (double t : List.of(1.0, 4.5)) {
                for (Sweep sweep : SWEEPS) {
                    Joint joint = Joint.of(material, form, t);
                    steps.sweep(
                            sweep.input() + " at " + t,
                            sweep.from(),
                            sweep.to(),
                            x -> plan(joint, Optional.of(sweep), x));
                }
            }
        }
        assertThat(found).isEmpty();
    }

    private static Optional<SetupSheet> plan(Joint joint, Optional<Sweep> sweep, double value) {
        Joint changed = joint.with(draft ->
                sweep.ifPresent(with -> with.variation().apply(new Draft(draft, scratch()), value)));
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.purged = joint.wantsPurge();
            sweep.ifPresent(with -> with.variation().apply(new Draft(draftOf(joint), draft), value));
        });
        return JointLimits.misfits(changed).isEmpty()
                ? SheetPlanner.plan(changed, conditions).value()
                : Optional.empty();
    }

    private static WeldingConditionsBuilder scratch() {
        List<WeldingConditionsBuilder> kept = new ArrayList<>();
        WeldingConditions.usual().with(kept::add);
        return kept.get(0);
    }

    private static JointBuilder draftOf(Joint joint) {
        List<JointBuilder> kept = new ArrayList<>();
        joint.with(kept::add);
        return kept.get(0);
    }

    /** Parameter or {@code *} to what it may step with. */
    private static Map<String, Set<String>> stated() throws IOException {
        Map<String, Set<String>> stated = new TreeMap<>();
        for (String line : Files.readAllLines(Path.of("../docs/model/steps.md"))) {
            String[] cells = line.replace("`", "").split("\\|");
            if (cells.length >= 4 && !cells[1].isBlank() && !cells[1].contains("---")) {
                stated.computeIfAbsent(cells[1].strip(), key -> new TreeSet<>()).add(cells[2].strip());
            }
        }
        return stated;
    }

    private interface Plan {
        Optional<SetupSheet> at(double value);
    }

    private record Steps(String joint, Map<String, Set<String>> stated, Set<String> found) {

        private void sweep(String input, double from, double to, Plan planner) {
            Map<Double, Optional<SetupSheet>> planned = new HashMap<>();
            Plan plan = at -> planned.computeIfAbsent(at, planner::at);
            Point before = new Point(from, plan.at(from));
            for (int i = 1; i <= POINTS; i++) {
                double at = from + (to - from) * i / POINTS;
                Point after = new Point(at, plan.at(at));
                for (ParameterKey key : ParameterKey.values()) {
                    if (!isStepped(key)) {
                        narrowed(before, after, key, plan);
                    }
                }
                before = after;
            }
        }

        /** What steps by itself needs no look at where. */
        private boolean isStepped(ParameterKey key) {
            return stated.getOrDefault(key.apiName(), Set.of()).contains("itself");
        }

        /** Halves a stretch towards the greater change, until that is small, or the stretch is. */
        private void narrowed(Point from, Point to, ParameterKey key, Plan plan) {
            Point low = from;
            Point high = to;
            while (change(low, high, key) > STEP) {
                if (high.at() - low.at() < NARROW) {
                    note(low, high, key);
                    return;
                }
                double middle = (low.at() + high.at()) / 2;
                Point between = new Point(middle, plan.at(middle));
                if (between.value(key).isEmpty() || change(low, between, key) >= change(between, high, key)) {
                    high = between;
                } else {
                    low = between;
                }
            }
        }

        private void note(Point low, Point high, ParameterKey key) {
            Set<String> with = new TreeSet<>(stated.getOrDefault(key.apiName(), Set.of()));
            with.addAll(stated.getOrDefault("*", Set.of()));
            if (with.stream().noneMatch(cause -> isAt(cause, low, high))) {
                found.add(String.format(
                        Locale.ROOT,
                        "%s steps from %.4g to %.4g at %.5f: %s",
                        key.apiName(),
                        low.value(key).orElse(0),
                        high.value(key).orElse(0),
                        low.at(),
                        joint));
            }
        }

        private static boolean isAt(String cause, Point low, Point high) {
            return switch (cause) {
                case "purge" -> true;
                case "preparation" ->
                    !low.sheet()
                                    .map(SetupSheet::penetration)
                                    .equals(high.sheet().map(SetupSheet::penetration))
                            || !low.sheet()
                                    .map(sheet -> sheet.joint().preparation())
                                    .equals(high.sheet()
                                            .map(sheet -> sheet.joint().preparation()))
                            || low.differs(high, ParameterKey.PASSES);
                case "preheat" -> low.differs(high, ParameterKey.PREHEAT);
                case "tungsten" -> low.differs(high, ParameterKey.TUNGSTEN_DIAMETER);
                case "cup" -> low.differs(high, ParameterKey.CUP_SIZE);
                case "filler" -> low.differs(high, ParameterKey.WIRE_DIAMETER);
                default -> throw new IllegalStateException("steps.md names an unknown reason: " + cause);
            };
        }
    }
}
