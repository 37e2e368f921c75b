package vastarc.web.logbook;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.domain.joint.Joint;
import vastarc.web.drawing.WidthChart.WidthAt;
import vastarc.web.store.document.Document;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldedJoint;
import vastarc.web.store.simulation.KeptSimulation;
import vastarc.web.store.simulation.SimulationRecord;
import vastarc.web.store.simulation.SimulationStore;

/** The bead that was rehearsed for a run: the newest rehearsal kept with its job, of the same metal, form and thickness. */
@Component
class RehearsedBead {

    private final SimulationStore simulations;

    RehearsedBead(SimulationStore simulations) {
        this.simulations = simulations;
    }

    /** Its width along the seam; none where nothing of the kind is kept. */
    List<WidthAt> widths(WeldRun run) {
        return run.head().job().map(simulations::of).orElse(List.of()).stream()
                .map(KeptSimulation::record)
                .map(Document::value)
                .flatMap(Optional::stream)
                .filter(made -> isOf(made.weld().joint(), run.head().welded()))
                .findFirst()
                .map(RehearsedBead::widths)
                .orElse(List.of());
    }

    private static boolean isOf(Joint joint, WeldedJoint welded) {
        return joint.material().name().equals(welded.material())
                && joint.form().name().equals(welded.joint())
                && Math.abs(joint.thinnerMm() - welded.thicknessMm()) < 0.01;
    }

    private static List<WidthAt> widths(SimulationRecord made) {
        return made.outcome().along().stream()
                .map(place -> new WidthAt(place.xMm(), place.frontMm(), 0))
                .toList();
    }
}
