package vastarc.core.advice.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.base.text.Phrase;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Routes of a saddle and of a fixed pipe: where their runs begin and end, and what their notes say. */
class SaddleAndPipeRouteTest {

    @Test
    void aSaddleIsTackedAtHeelToeAndFlanksAndIsAsLongAsItsCopeMakesIt() {
        Joint square =
                Joint.of(Material.CHROMOLY_4130, JointForm.TUBE_SADDLE, 1.2).tubeOd(25.4);
        Joint aslant = square.with(draft -> draft.copeAngleDeg = 45);
        WeldSequence sequence = WeldSequenceTest.route(aslant, WeldingConditions.usual(), WeldQuantity.usual());
        double length = sequence.length();
        assertThat(WeldSequenceTest.route(square, WeldingConditions.usual(), WeldQuantity.usual())
                        .length())
                .isCloseTo(Math.PI * 25.4, within(0.01));
        // The ellipse of half axes 12.7 and 17.96 mm, by a table of elliptic integrals: 97.02 mm.
        assertThat(length).isCloseTo(97.02, within(0.1));
        assertThat(sequence.runs().stream().filter(segment -> segment.kind() == SegmentKind.TACK))
                .extracting(segment -> Math.round(4 * segment.fromMm() / length))
                .containsExactly(1L, 3L, 0L, 2L);
        double over = sequence.runs().get(sequence.runs().size() - 1).toMm() - length;
        assertThat(sequence.runs().stream().filter(segment -> segment.kind() == SegmentKind.WELD))
                .extracting(WeldSegment::fromMm, WeldSegment::toMm)
                .containsExactly(tuple(0.0, length / 2), tuple(length / 2 - over, length + over));
        assertThat(SequenceCheck.check(
                        WeldSequenceTest.ask(
                                aslant, WeldingConditions.usual(), WeldQuantity.usual(), List.of(), List.of()),
                        sequence))
                .isEmpty();
    }

    @Test
    void aPipeThatStandsStillIsNotToldToTurn() {
        assertThat(noteKeys(WeldSequenceTest.route(
                        WeldSequenceTest.pipe(3.9), WeldSequenceTest.standing(Position.PH), WeldQuantity.usual())))
                .contains("route.note.standing")
                .doesNotContain("route.note.TURN");
        assertThat(noteKeys(WeldSequenceTest.route(
                        WeldSequenceTest.pipe(3.9), WeldingConditions.usual(), WeldQuantity.usual())))
                .contains("route.note.TURN");
    }

    private static List<String> noteKeys(WeldSequence sequence) {
        return sequence.notes().stream().map(Phrase::key).toList();
    }
}
