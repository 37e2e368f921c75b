package vastarc.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;
import vastarc.core.material.Material;
import vastarc.core.route.Route.Kind;
import vastarc.core.route.Route.Run;
import vastarc.core.wording.Phrase;

/** Routes of a saddle and of a pipe that stands still: where their runs begin and end, and what their notes say. */
class SaddleAndPipeRouteTest {

    @Test
    void aSaddleIsTackedAtHeelToeAndFlanksAndIsAsLongAsItsCopeMakesIt() {
        Joint square =
                Joint.of(Material.CHROMOLY_4130, JointForm.TUBE_SADDLE, 1.2).tubeOd(25.4);
        Joint aslant = square.with(draft -> draft.copeAngleDeg = 45);
        Route route = RouteTest.route(aslant, Practice.usual(), Work.usual());
        double length = route.length();
        assertThat(RouteTest.route(square, Practice.usual(), Work.usual()).length())
                .isCloseTo(Math.PI * 25.4, within(0.01));
        // The ellipse of half axes 12.7 and 17.96 mm, by a table of elliptic integrals: 97.02 mm.
        assertThat(length).isCloseTo(97.02, within(0.1));
        assertThat(route.runs().stream().filter(run -> run.kind() == Kind.TACK))
                .extracting(run -> Math.round(4 * run.fromMm() / length))
                .containsExactly(1L, 3L, 0L, 2L);
        double over = route.runs().get(route.runs().size() - 1).toMm() - length;
        assertThat(route.runs().stream().filter(run -> run.kind() == Kind.WELD))
                .extracting(Run::fromMm, Run::toMm)
                .containsExactly(tuple(0.0, length / 2), tuple(length / 2 - over, length + over));
        assertThat(RouteCheck.check(RouteTest.ask(aslant, Practice.usual(), Work.usual(), List.of(), List.of()), route))
                .isEmpty();
    }

    @Test
    void aPipeThatStandsStillIsNotToldToTurn() {
        assertThat(noteKeys(RouteTest.route(RouteTest.pipe(3.9), RouteTest.standing(Position.PH), Work.usual())))
                .contains("route.note.standing")
                .doesNotContain("route.note.TURN");
        assertThat(noteKeys(RouteTest.route(RouteTest.pipe(3.9), Practice.usual(), Work.usual())))
                .contains("route.note.TURN");
    }

    private static List<String> noteKeys(Route route) {
        return route.notes().stream().map(Phrase::key).toList();
    }
}
