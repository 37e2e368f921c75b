package vastarc.web.drill;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.procedure.OpenRange;
import vastarc.core.training.PracticalTest;
import vastarc.core.training.PracticalTest.BeadLevel;
import vastarc.core.training.PracticalTest.BeadMeasure;

/** The levels of a practical test and what was measured, as they are typed. */
final class PracticalForm {

    private static final double MOST = 1000;

    private final Map<String, String> sent;
    private final List<Problem> problems = new ArrayList<>();

    private PracticalForm(Map<String, String> sent) {
        this.sent = sent;
    }

    /**
     * A level as it is typed.
     *
     * @param name     of its fields
     * @param label    what is measured, with its unit
     * @param planned  by the sheet; empty where it says nothing
     * @param low      lowest
     * @param high     highest
     * @param measured on the bead
     * @param wrong    what does not fit; empty where all does
     */
    public record TypedLevel(
            String name, String label, String planned, String low, String high, String measured, String wrong) {}

    /** {@return the test, or every fault of it} */
    static Outcome<PracticalTest> read(Map<String, String> sent) {
        return new PracticalForm(sent).read();
    }

    private Outcome<PracticalTest> read() {
        List<BeadLevel> levels = new ArrayList<>();
        for (BeadMeasure measure : BeadMeasure.values()) {
            OpenRange range = new OpenRange(number(measure, ".low"), number(measure, ".high"));
            OptionalDouble measured = number(measure, ".measured");
            if (range.low().orElse(0) > range.high().orElse(MOST)) {
                problems.add(Problem.badValue(measure.name(), "practical.range"));
            }
            if (range.limits()) {
                levels.add(new BeadLevel(measure, range, measured));
            } else if (measured.isPresent()) {
                problems.add(Problem.badValue(measure.name(), "practical.level"));
            }
        }
        if (levels.isEmpty() && problems.isEmpty()) {
            problems.add(Problem.badValue("levels", "practical.none"));
        }
        return problems.isEmpty() ? Outcome.of(new PracticalTest(levels)) : Outcome.failed(problems);
    }

    private OptionalDouble number(BeadMeasure measure, String part) {
        String text = typed(sent, measure, part);
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        OptionalDouble number = NumberReader.read(text);
        if (number.isEmpty() || number.getAsDouble() < 0 || number.getAsDouble() > MOST) {
            problems.add(Problem.badValue(measure.name(), "practical.number", MOST));
            return OptionalDouble.empty();
        }
        return number;
    }

    private static String typed(Map<String, String> sent, BeadMeasure measure, String part) {
        String text = sent.getOrDefault(measure.name() + part, "").strip();
        return text.substring(0, Math.min(20, text.length()));
    }

    /** {@return the levels as typed, each with what the sheet plans and with what does not fit} */
    static List<TypedLevel> typed(Map<String, String> sent, Map<BeadMeasure, String> planned, List<Problem> problems) {
        Map<String, String> wrong = new LinkedHashMap<>();
        problems.forEach(problem -> wrong.putIfAbsent(problem.field(), problem.message(UnitSystem.METRIC)));
        return Arrays.stream(BeadMeasure.values())
                .map(measure -> new TypedLevel(
                        measure.name(),
                        PracticalPage.say("practical.measure." + measure),
                        planned.getOrDefault(measure, ""),
                        typed(sent, measure, ".low"),
                        typed(sent, measure, ".high"),
                        typed(sent, measure, ".measured"),
                        wrong.getOrDefault(measure.name(), "")))
                .toList();
    }
}
