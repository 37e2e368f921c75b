package vastarc.web.rehearse;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.notation.LengthReader;
import vastarc.core.notation.NumberReader;
import vastarc.core.plan.WeldPlan;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.rehearsal.Change;
import vastarc.core.rehearsal.Hand;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.RehearsalAsk;
import vastarc.core.rehearsal.Setup;
import vastarc.core.score.ScoreKey;

/**
 * What is told beside the job for a rehearsal.
 *
 * @param quality  how finely the joint is cut
 * @param seam     length of the seam, mm; empty where none is told
 * @param hand     that leads the torch
 * @param change   what the second plate has otherwise
 * @param amount   by how much, %
 * @param problems what cannot be read
 */
record RehearseForm(
        Quality quality, Optional<Double> seam, Hand hand, Change change, double amount, List<Problem> problems) {

    /** A seam rehearsed where none is told: long enough to see it settle, short enough to be quick, mm. */
    static final double USUAL_SEAM_MM = 60;

    static RehearseForm of(Map<String, String> sent, UnitSystem units) {
        List<Problem> problems = new ArrayList<>();
        Optional<Double> seam = length(sent.getOrDefault("seamMm", ""), RehearsalAsk.SEAM, units, problems);
        boolean unsteady = "UNSTEADY".equals(sent.get("steadiness"));
        double scatter = number(sent.getOrDefault("scatterPercent", ""), Hand.SCATTER, problems)
                .orElse(Hand.USUAL_SCATTER);
        double seed = number(sent.getOrDefault("seed", ""), Hand.SEED, problems).orElse(1.0);
        Change change = chosen(Change.class, sent.get("change"), Change.NOTHING);
        double amount = change.takesAmount()
                ? number(sent.getOrDefault("amount", ""), Change.AMOUNT, problems)
                        .orElse(Change.USUAL_AMOUNT)
                : 0;
        Hand hand = unsteady ? Hand.steady().unsteady(scatter, (long) seed) : Hand.steady();
        return new RehearseForm(
                chosen(Quality.class, sent.get("quality"), Quality.LIVE), seam, hand, change, amount, problems);
    }

    private static Optional<Double> number(String text, Range range, List<Problem> problems) {
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
    static Optional<Double> length(String text, Range range, UnitSystem units, List<Problem> problems) {
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
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElse(usual);
    }

    /** The job's weld, set up as told. */
    Setup setup(WeldPlan.Ask plan) {
        Setup bare = new Setup(plan, hand, quality, RehearsalAsk.LEG_MM, OptionalDouble.empty());
        boolean tube = plan.weld().joint().tubeOd().isPresent();
        return seam.or(() -> tube ? Optional.empty() : Optional.of(USUAL_SEAM_MM))
                .map(mm -> bare.own(ScoreKey.SEAM_LENGTH, mm))
                .orElse(bare);
    }
}
