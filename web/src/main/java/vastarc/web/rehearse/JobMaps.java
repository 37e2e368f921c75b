package vastarc.web.rehearse;

import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.MapRequest;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.record.diagnosis.RunsOnMap;
import vastarc.web.drawing.MapDrawing.CurrentLimit;
import vastarc.web.drawing.MapDrawing.ShopOnMap;
import vastarc.web.service.JobMachines;
import vastarc.web.service.JobPlan;
import vastarc.web.service.JobPlanner;
import vastarc.web.service.MachineRuns;
import vastarc.web.service.MachineRuns.CurrentLimits;
import vastarc.web.store.job.Job;
import vastarc.web.store.machine.Machine;

/** Makes the map of a job, with the runs of its machine. */
@Component
class JobMaps {

    private final JobPlanner planner;
    private final JobMachines machines;
    private final MachineRuns shop;

    JobMaps(JobPlanner planner, JobMachines machines, MachineRuns shop) {
        this.planner = planner;
        this.machines = machines;
        this.shop = shop;
    }

    /**
     * A map of a job.
     *
     * @param sheet   of the job
     * @param map     around its setting
     * @param machine chosen for the job, or the one that suits best; empty where the shop has none
     * @param runs    of that machine
     * @param limits  of that machine and the shop's torches
     */
    record JobMap(
            SetupSheet sheet,
            WeldMap map,
            Optional<String> machine,
            Optional<RunsOnMap> runs,
            Optional<CurrentLimits> limits) {

        ShopOnMap drawn() {
            return new ShopOnMap(runs, limits.stream().flatMap(JobMap::lines).toList());
        }

        private static Stream<CurrentLimit> lines(CurrentLimits limits) {
            return Stream.concat(
                    Stream.of(new CurrentLimit(name("map.limit.machine"), limits.machineA())),
                    limits.torchA().stream().mapToObj(most -> new CurrentLimit(name("map.limit.torch"), most)));
        }

        private static String name(String key) {
            return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
        }
    }

    Outcome<SetupSheet> sheet(Job job) {
        return planner.plan(job).sheet();
    }

    /** Over an axis; the current itself is always the other one. */
    Outcome<JobMap> of(Job job, MapAxis axis) {
        JobPlan plan = planner.plan(job);
        return plan.sheet()
                .then(sheet -> MapPlanner.of(sheet, MapRequest.usual(shown(axis)))
                        .map(map -> withRuns(job, plan, sheet, map)));
    }

    private JobMap withRuns(Job job, JobPlan plan, SetupSheet sheet, WeldMap map) {
        Optional<String> machine =
                machines.of(job.content(), plan.score().value()).chosen().map(Machine::name);
        return new JobMap(
                sheet, map, machine, machine.map(name -> shop.on(name, sheet, map)), machine.flatMap(shop::limits));
    }

    static MapAxis shown(MapAxis axis) {
        return axis == MapAxis.CURRENT ? MapAxis.TRAVEL : axis;
    }
}
