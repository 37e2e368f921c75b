package vastarc.core.advice.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** A sequence in the welder's own order, and quantities that cannot be welded. */
class OwnOrderTest {

    @Test
    void aWeldersOwnOrderIsTimedAndItsBreachesNamed() {
        Joint plate = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 6);
        SequenceRequest request = WeldSequenceTest.ask(
                plate, WeldingConditions.usual(), WeldQuantity.usual().of(1, 100), List.of(), List.of());
        WeldSequence planned = SequencePlanner.plan(request);
        int count = planned.runs().size();
        List<Integer> upside =
                IntStream.rangeClosed(1, count).map(i -> count + 1 - i).boxed().toList();
        WeldSequence turned = SequencePlanner.plan(request.ordered(upside));
        assertThat(turned.runs()).hasSize(count);
        assertThat(SequenceCheck.check(request, turned))
                .extracting(phrase -> phrase.key())
                .contains("route.broken.tack", "route.broken.pass");
        assertThat(SequencePlanner.plan(request.ordered(List.of(1, 1, 2))).runs())
                .isEqualTo(planned.runs());
    }

    @Test
    void workThatCannotBeIsRefusedByName() {
        WeldPlan plan = WeldPlan.of(
                new Weld(Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2), WeldingConditions.usual()),
                ShopDefaults.usual());
        assertThat(SequenceRequest.of(plan, WeldQuantity.usual().of(0, 3), List.of(), List.of(), 20)
                        .problems())
                .extracting(problem -> problem.field())
                .containsExactly("seams", "seamMm");
        assertThat(SequenceRequest.of(plan, WeldQuantity.usual().of(60, 20_000), List.of(), List.of(), 20)
                        .problems())
                .extracting(problem -> problem.field())
                .containsExactly("seamMm");
    }
}
