package vastarc.web.logbook;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.weldlog.ArcShape;
import vastarc.core.record.weldlog.RunPlan;
import vastarc.web.logbook.Logbook.OpenedRun;
import vastarc.web.logbook.RunView.Side;
import vastarc.web.store.run.RunFigures;
import vastarc.web.store.run.RunHead;
import vastarc.web.store.run.RunRecord;

/** The figures of a run, planned beside read; what is on neither side is left out. */
final class RunSides {

    private static final double PERCENT = 100;
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private final OpenedRun opened;
    private final UnitSystem units;
    private final List<Side> sides = new ArrayList<>();

    RunSides(OpenedRun opened, UnitSystem units) {
        this.opened = opened;
        this.units = units;
    }

    List<Side> sides() {
        current();
        travel();
        slopes();
        heatAndGas();
        return sides;
    }

    private void side(String name, Unit unit, OptionalDouble planned, OptionalDouble read) {
        if (planned.isPresent() || read.isPresent()) {
            sides.add(new Side(name, RunLine.shown(planned, unit, units), RunLine.shown(read, unit, units)));
        }
    }

    private void current() {
        side(
                "working current",
                Unit.AMPERE,
                some(opened.run().head().planned().currentA()),
                figures().currentA());
        opened.record().ifPresent(record -> {
            side("mean over the arc", Unit.AMPERE, NONE, record.meanA());
            side("root mean square", Unit.AMPERE, NONE, record.rmsA());
            side("greatest", Unit.AMPERE, NONE, record.peakA());
        });
    }

    private RunFigures figures() {
        return opened.run().figures();
    }

    private void travel() {
        RunHead head = opened.run().head();
        double planned = opened.record().map(RunRecord::plannedMm).orElse(0.0);
        OptionalDouble arcS = opened.record().stream()
                .map(RunRecord::plan)
                .mapToDouble(plan -> Math.rint(plan.arcS(planned)))
                .findFirst();
        side(
                "travel, slopes left out",
                Unit.MM_PER_MIN,
                some(head.planned().travel()),
                figures().travel());
        OptionalDouble pace = pace(head);
        if (pace.isPresent()) {
            side("pace held against plan", Unit.PERCENT, some(PERCENT), pace);
        }
        side("length", Unit.MILLIMETRE, some(planned), figures().seamMm());
        side("arc time", Unit.SECOND, arcS, some(Math.rint(figures().arcS())));
    }

    private OptionalDouble pace(RunHead head) {
        OptionalDouble travel = figures().travel();
        return travel.isPresent() && head.planned().travel() > 0
                ? some(PERCENT * travel.getAsDouble() / head.planned().travel())
                : NONE;
    }

    private void slopes() {
        Optional<RunPlan> plan = opened.record().map(RunRecord::plan);
        Optional<ArcShape> shape = opened.shape();
        if (plan.isPresent() && shape.isPresent()) {
            RunPlan meant = plan.get();
            ArcShape read = shape.get();
            side("up-slope", Unit.SECOND, OptionalDouble.of(meant.upS()), tenth(read.upS()));
            side("down-slope", Unit.SECOND, OptionalDouble.of(meant.downS()), tenth(read.downS()));
            side("current at the end", Unit.AMPERE, OptionalDouble.of(meant.endA()), OptionalDouble.of(read.endA()));
        }
    }

    private void heatAndGas() {
        opened.record().flatMap(RunRecord::heat).ifPresent(heat -> {
            side("heat input, from means", Unit.KJ_PER_MM, NONE, OptionalDouble.of(heat.fromMeans()));
            side("heat input, moment by moment", Unit.KJ_PER_MM, NONE, OptionalDouble.of(heat.momentary()));
        });
        side("argon at the torch", Unit.LITRE, NONE, figures().gasL());
    }

    private static OptionalDouble tenth(double s) {
        return OptionalDouble.of(Math.round(10 * s) / 10.0);
    }

    private static OptionalDouble some(double figure) {
        return figure > 0 ? OptionalDouble.of(figure) : NONE;
    }
}
