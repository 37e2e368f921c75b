package vastarc.core.base.validation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem.ProblemKind;

/** A value, or every problem that stood in its way. */
class OutcomeTest {

    private static final Problem THICK = Problem.badValue("thicknessMm", "length.missing");
    private static final Problem GAP = Problem.badValue("gapMm", "length.missing");

    @Test
    void aFailureGoesThroughEveryStepAndNoStepIsTaken() {
        AtomicInteger taken = new AtomicInteger();
        Outcome<Integer> failed = Outcome.failed(List.of(THICK, GAP));
        Outcome<String> after = failed.map(value -> taken.incrementAndGet())
                .then(value -> Outcome.of("never " + taken.incrementAndGet()));
        assertThat(after.problems()).containsExactly(THICK, GAP);
        assertThat(after.value()).isEmpty();
        assertThat(taken).hasValue(0);
    }

    @Test
    void aStepMayFailInItsTurn() {
        assertThat(Outcome.of(3).then(value -> Outcome.of(value + 1)).value()).contains(4);
        assertThat(Outcome.of(3).then(value -> Outcome.failed(GAP)).problems()).containsExactly(GAP);
        assertThat(Outcome.of(3).map(value -> "three").value()).contains("three");
    }

    @Test
    void itIsEitherAValueOrProblems() {
        assertThatThrownBy(() -> new Outcome<>(Optional.of(1), List.of(GAP)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Outcome<>(Optional.empty(), List.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aProblemSaysWhatIsWrongAndWhatWouldWorkInTheReadersUnits() {
        Problem range = Problem.badValue(
                "gapMm", "range", Quantity.millimetres(50), Quantity.millimetres(0), Quantity.millimetres(4));
        assertThat(range.message(UnitSystem.METRIC)).contains("50 mm", "4 mm");
        assertThat(range.message(UnitSystem.INCH)).contains(" in").doesNotContain("mm");
        Problem elsewhere = range.inField("jobs[2].gapMm");
        assertThat(elsewhere.field()).isEqualTo("jobs[2].gapMm");
        assertThat(elsewhere.message(UnitSystem.METRIC)).isEqualTo(range.message(UnitSystem.METRIC));
        assertThat(elsewhere.kind()).isEqualTo(ProblemKind.BAD_VALUE);
    }
}
