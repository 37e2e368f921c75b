package vastarc.web.request;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import vastarc.core.advice.sequence.WeldQuantity;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.web.store.job.JointText;

/**
 * The work of a job as typed, read.
 *
 * @param work     as far as it can be read
 * @param order    numbers of the planned runs; empty for the planned order
 * @param problems what cannot be read, by field
 */
public record WeldQuantityText(WeldQuantity work, List<Integer> order, List<Problem> problems) {

    /** Field of the number of seams. */
    public static final String SEAMS = "work.seams";
    /** Field of the length of a seam. */
    public static final String SEAM = "work.seamMm";
    /** Field of the order of seams. */
    public static final String ORDER = "work.order";

    private static final double PERCENT = 100;

    /**
     * Reads a weld quantity as typed.
     *
     * @param typed the joint as typed
     * @return the weld quantity text
     */
    public static WeldQuantityText of(JointText typed) {
        List<Problem> problems = new ArrayList<>();
        OptionalDouble seams = number(typed, SEAMS, WeldQuantity.SEAMS, 1, problems);
        OptionalDouble handling = number(typed, "work.handlingS", WeldQuantity.HANDLING, 1, problems);
        WeldQuantity work = new WeldQuantity(
                (int) seams.orElse(1),
                length(typed, problems),
                typed.work("work.piece").orElse(""),
                number(typed, "work.rotation", WeldQuantity.REACH, PERCENT, problems),
                handling.orElse(WeldQuantity.USUAL_HANDLING_S),
                number(typed, "work.purgeS", WeldQuantity.PURGE, 1, problems));
        return new WeldQuantityText(work, order(typed.work(ORDER)), problems);
    }

    /**
     * {@return some of the quantity changed, as far as it was sent; another amount goes in the planned order again}
     *
     * @param before how it was before
     * @param sent the fields as sent, by name
     * @param names the names
     * @param units the units
     */
    public static JointText changed(JointText before, Map<String, String> sent, Set<String> names, UnitSystem units) {
        Set<String> sentFields = names.stream().filter(sent::containsKey).collect(Collectors.toSet());
        JointText after = before.changedTo(sent, sentFields, units);
        return after.equals(before) ? before : after.changedTo(Map.of(), Set.of(ORDER), units);
    }

    /** The seam in whatever way a shop writes a length, mm. */
    private static OptionalDouble length(JointText typed, List<Problem> problems) {
        String name = SEAM;
        Optional<String> text = typed.work(name).filter(entered -> !entered.isBlank());
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        UnitSystem bare = typed.bareIn().getOrDefault(name, UnitSystem.METRIC);
        Outcome<Length> read = new LengthReader(bare, Optional.empty()).read(text.get(), name);
        problems.addAll(read.problems());
        Optional<Double> length = read.value().map(Length::inMillimetres).filter(mm -> {
            Optional<Problem> outside = WeldQuantity.SEAM.inField(name).check(mm);
            outside.ifPresent(problems::add);
            return outside.isEmpty();
        });
        return length.isPresent() ? OptionalDouble.of(length.get()) : OptionalDouble.empty();
    }

    private static OptionalDouble number(
            JointText typed, String name, InputRange range, double per, List<Problem> problems) {
        Optional<String> text = typed.work(name).filter(entered -> !entered.isBlank());
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        OptionalDouble read = NumberReader.read(text.get());
        if (read.isEmpty()) {
            problems.add(Problem.badValue(
                    name,
                    "type",
                    "“" + text.get().strip() + "”",
                    "a number from " + plain(range.low() * per) + " to " + plain(range.high() * per)));
            return read;
        }
        double value = read.getAsDouble() / per;
        if (range.check(value).isPresent()) {
            problems.add(Problem.badValue(
                    name,
                    "type",
                    plain(read.getAsDouble()) + ", which is out of range",
                    "a number from " + plain(range.low() * per) + " to " + plain(range.high() * per)));
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(value);
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private static List<Integer> order(Optional<String> text) {
        return text.map(entered -> Arrays.stream(entered.split(","))
                        .map(NumberReader::read)
                        .filter(OptionalDouble::isPresent)
                        .map(number -> (int) number.getAsDouble())
                        .toList())
                .orElse(List.of());
    }
}
