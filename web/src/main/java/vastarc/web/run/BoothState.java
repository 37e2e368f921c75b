package vastarc.web.run;

import java.time.Instant;
import java.util.List;
import vastarc.core.advice.sequence.DutyCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.core.record.weldlog.RunState;
import vastarc.core.record.weldlog.RunState.RunStage;
import vastarc.web.service.RunSetups;
import vastarc.web.store.run.WeldRunService.OpenRun;

/**
 * The state of the run, as the page gets it at every event; between them the page only counts.
 *
 * @param run       under way; empty where none is
 * @param stage     of it
 * @param says      in words
 * @param leftS     until the stage is over; 0 where it is not by itself
 * @param sinceS    how long it has lasted
 * @param arcs      struck
 * @param arcS      with an arc, so far
 * @param nowS      in the time of the run
 * @param marks     the last ones, newest first
 * @param dutyLeftS how long an arc may burn from now on without a rest
 * @param argonMin  how long the cylinder lasts at this flow, min
 * @param touch     the next touch
 * @param meter     it listens to
 * @param playing   a stand-in welds just now
 */
record BoothState(
        String run,
        RunStage stage,
        String says,
        double leftS,
        double sinceS,
        int arcs,
        double arcS,
        double nowS,
        List<String> marks,
        double dutyLeftS,
        double argonMin,
        String touch,
        String meter,
        boolean playing) {

    private static final int MARKS = 4;

    /** What the welder does next, before the arc and while it burns. */
    record NextInputs(String before, String during) {}

    /** No run is under way. */
    static BoothState idle(RunSetups.Setup setup, NextInputs touches) {
        return new BoothState(
                "",
                RunStage.READY,
                says(RunStage.READY),
                0,
                0,
                0,
                0,
                0,
                List.of(),
                new DutyCycle().leftS(0, setup.perS()),
                setup.bottle().minutes(setup.flow()),
                touches.before(),
                "",
                false);
    }

    static BoothState of(OpenRun under, RunSetups.Setup setup, NextInputs touches, Instant now, boolean playing) {
        double at = Math.max(0, under.s(now));
        RunState booth = RunState.at(under.events(), setup.after(), at);
        DutyCycle duty = duty(under.events(), setup.perS(), at);
        double gas = setup.flow() * (booth.arcS() + booth.arcs() * setup.plan().postFlowS()) / 60;
        return new BoothState(
                under.run().id().toString(),
                booth.stage(),
                says(booth.stage()),
                booth.leftS(),
                booth.sinceS(),
                booth.arcs(),
                booth.arcS(),
                at,
                marks(under.events()),
                duty.leftS(at, setup.perS()),
                Math.max(0, setup.bottle().argonL() - gas) / setup.flow(),
                booth.stage() == RunStage.ARC ? touches.during() : touches.before(),
                under.run().head().meter(),
                playing);
    }

    private static DutyCycle duty(List<RunEvent> events, double perS, double nowS) {
        DutyCycle duty = new DutyCycle();
        double on = -1;
        for (RunEvent event : events) {
            if (event.kind() == EventKind.ARC_ON) {
                on = event.atS();
            } else if (event.kind() == EventKind.ARC_OFF) {
                duty.burn(on, event.atS() - on, perS);
                on = -1;
            }
        }
        if (on >= 0) {
            duty.burn(on, nowS - on, perS);
        }
        return duty;
    }

    private static List<String> marks(List<RunEvent> events) {
        return events.stream()
                .filter(event -> event.kind().isMark())
                .sorted((runEvent, other) -> Double.compare(other.atS(), runEvent.atS()))
                .limit(MARKS)
                .map(event -> Phrasebook.say(Phrase.of(event.kind().words()), UnitSystem.METRIC) + " at "
                        + UnitSystem.METRIC
                                .show(Quantity.seconds(Math.rint(event.atS())))
                                .line())
                .toList();
    }

    static String says(RunStage stage) {
        return Phrasebook.say(Phrase.of("booth." + stage), UnitSystem.METRIC);
    }
}
