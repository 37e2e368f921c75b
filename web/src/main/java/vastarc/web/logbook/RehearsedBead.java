package vastarc.web.logbook;

import java.util.List;
import java.util.Optional;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.web.drawing.WidthChart.WidthAt;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldedJoint;
import vastarc.web.store.simulation.KeptSimulation;
import vastarc.web.store.simulation.SimulationRecord;

/**
 * A bead that was rehearsed for a run.
 *
 * @param name   of the rehearsal: its current and when it was kept
 * @param widths along the seam
 */
record RehearsedBead(String name, List<WidthAt> widths) {

    /** The newest of those kept with the run's job that are of the same metal, form and thickness; {@code kept} stands with the newest first. */
    static Optional<RehearsedBead> of(WeldRun run, List<KeptSimulation> kept, UnitSystem units) {
        return kept.stream()
                .flatMap(one -> one.record().value().stream()
                        .filter(made -> isOf(made.weld().joint(), run.head().welded()))
                        .map(made -> new RehearsedBead(name(one, made, units), widths(made))))
                .findFirst();
    }

    private static String name(KeptSimulation kept, SimulationRecord made, UnitSystem units) {
        return units.show(Quantity.amperes(made.currentA())).line() + ", " + RunLine.when(kept.madeAt());
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
