package vastarc.web.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.web.HeldClock;
import vastarc.web.work.SimulationWork.SimulationStatus;
import vastarc.web.work.Work.WorkState;

/** Films of simulations: the same weld is not simulated twice, and one begun again after its film was forgotten has a film. */
class SimulationWorkTest {

    private final WorkRoom room = new WorkRoom(new HeldClock());
    private final SimulationWork simulations = new SimulationWork(room);
    private final CountDownLatch never = new CountDownLatch(1);

    @AfterEach
    void close() throws InterruptedException {
        room.close();
    }

    private static SimulationSetup weld(double seamMm) {
        Weld weld = new Weld(Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2), WeldingConditions.usual());
        return SimulationSetup.of(PlanRequest.of(weld, ShopDefaults.usual()), MeshDetail.LIVE)
                .own(CycleKey.SEAM_LENGTH, seamMm);
    }

    private SimulationStatus ended(double seamMm) throws InterruptedException {
        SimulationStatus begun = simulations.start(weld(seamMm)).value().orElseThrow();
        for (int tries = 0; tries < 6000 && !begun.work().state().isOver(); tries++) {
            never.await(10, TimeUnit.MILLISECONDS);
        }
        assertThat(begun.work().state()).isEqualTo(WorkState.DONE);
        return begun;
    }

    @Test
    void theSameWeldIsTheSameWorkWithTheSameFilm() throws InterruptedException {
        SimulationStatus first = ended(16);
        SimulationStatus second = simulations.start(weld(16)).value().orElseThrow();

        assertThat(second.id()).isEqualTo(first.id());
        assertThat(second.film().count()).isEqualTo(first.film().count()).isPositive();
    }

    @Test
    void oneBegunAgainAfterItsFilmWasForgottenHasAFilm() throws InterruptedException {
        SimulationStatus first = ended(16);
        List<SimulationStatus> others = new ArrayList<>();
        for (int more = 1; more <= SimulationWork.MOST_FILMS; more++) {
            others.add(ended(16 + more));
        }
        assertThat(simulations.find(first.id())).isEmpty();
        assertThat(others).allMatch(other -> simulations.find(other.id()).isPresent());

        SimulationStatus again = ended(16);
        assertThat(again.id()).isNotEqualTo(first.id());
        assertThat(again.film().count()).isEqualTo(first.film().count()).isPositive();
        assertThat(simulations.find(again.id())).isPresent();
    }
}
