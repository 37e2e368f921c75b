package vastarc.web.request;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRun;

/**
 * What the welder types when a run is over, read.
 *
 * @param said     as far as it can be read
 * @param problems what cannot be, by field
 */
public record RunText(ClosingForm said, List<Problem> problems) {

    private static final InputRange SEAM = new InputRange("seam", 0.5, 100_000, Unit.MILLIMETRE);
    private static final InputRange AMPS = new InputRange("amps", 0.5, 1000, Unit.AMPERE);

    /**
     * Reads a form: {@code hand}, {@code seam}, {@code amps}, {@code verdict}, {@code note}, {@code heard}; bare lengths are in the
     * welder's own units.
     *
     * @param sent the fields as sent, by name
     * @param units the units
     * @return the run text
     */
    public static RunText read(Map<String, String> sent, UnitSystem units) {
        List<Problem> problems = new ArrayList<>();
        OptionalDouble seam = seam(sent.getOrDefault("seam", "").strip(), units, problems);
        OptionalDouble amps = amps(sent.getOrDefault("amps", "").strip(), problems);
        RunVerdict verdict = ApiNames.read(sent.getOrDefault("verdict", ""), "verdict", RunVerdict.class, problem -> {})
                .orElse(RunVerdict.UNJUDGED);
        String note = text(sent, "note", RunRecord.MAX_NOTE, problems);
        String welder = text(sent, "hand", WeldRun.MAX_HAND, problems);
        return new RunText(
                new ClosingForm(welder, seam, amps, verdict, note, HeardReader.read(sent.getOrDefault("heard", ""))),
                List.copyOf(problems));
    }

    private static String text(Map<String, String> sent, String name, int most, List<Problem> problems) {
        String text = sent.getOrDefault(name, "").strip();
        if (text.length() > most) {
            problems.add(Problem.badValue(name, "textTooLong", text.length(), most));
        }
        return text;
    }

    private static OptionalDouble seam(String text, UnitSystem units, List<Problem> problems) {
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        Outcome<Length> read = new LengthReader(units, Optional.empty()).read(text, SEAM.field());
        problems.addAll(read.problems());
        return inside(read.value().map(Length::inMillimetres).orElse(Double.NaN), SEAM, problems);
    }

    private static OptionalDouble amps(String text, List<Problem> problems) {
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        OptionalDouble read = NumberReader.read(text, AMPS.unit().symbol());
        if (read.isEmpty()) {
            problems.add(Problem.badValue(AMPS.field(), "type", "“" + text + "”", "a number in A"));
        }
        return inside(read.orElse(Double.NaN), AMPS, problems);
    }

    private static OptionalDouble inside(double value, InputRange range, List<Problem> problems) {
        if (Double.isNaN(value)) {
            return OptionalDouble.empty();
        }
        Optional<Problem> outside = range.check(value);
        outside.ifPresent(problems::add);
        return outside.isPresent() ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /**
     * {@return what is wrong, by field}
     *
     * @param units the units
     */
    public Map<String, String> messages(UnitSystem units) {
        Map<String, String> messages = new LinkedHashMap<>();
        problems.forEach(problem -> messages.put(problem.field(), problem.message(units)));
        return messages;
    }
}
