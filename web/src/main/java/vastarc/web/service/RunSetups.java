package vastarc.web.service;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sequence.DutyCycle;
import vastarc.core.advice.sequence.SequencePlanner;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.Joint;
import vastarc.core.equipment.PreWeldCheck;
import vastarc.core.equipment.PreWeldCheck.CheckItem;
import vastarc.core.physics.duty.DutyPoint;
import vastarc.core.physics.purge.Cylinder;
import vastarc.core.record.procedure.PaperNote;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunAnalysis;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.core.record.weldlog.RunPlan;
import vastarc.core.record.weldlog.RunState.AfterArc;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.request.PurgeReader;
import vastarc.web.request.PurgeReader.ParsedPurge;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.store.document.Document;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.Torch;
import vastarc.web.store.run.PlannedFigures;
import vastarc.web.store.run.RunFigures;
import vastarc.web.store.run.RunHead;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunQueries.CompleteRun;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.store.run.WeldRunService.OpenRun;
import vastarc.web.store.run.WeldedJoint;

/** What a run of a job needs: its score, what it is meant to be, where it is welded and what is not checked yet. */
@Component
public class RunSetups {

    private final JobPlanner planner;
    private final JobMachines choice;
    private final MachineStore machines;
    private final SequencePlans routes;
    private final WeldRunService runs;
    private final ShopProcedures procedures;
    private final JobPapers papers;

    RunSetups(
            JobPlanner planner,
            JobMachines choice,
            MachineStore machines,
            SequencePlans routes,
            WeldRunService runs,
            ShopProcedures procedures,
            JobPapers papers) {
        this.planner = planner;
        this.choice = choice;
        this.machines = machines;
        this.routes = routes;
        this.runs = runs;
        this.procedures = procedures;
        this.papers = papers;
    }

    /**
     * A run ready to be welded.
     *
     * @param score     it is played by
     * @param plan      what it is meant to be
     * @param run       of the job's route; empty where none was named
     * @param plannedMm length of the seam
     * @param pass      from 1
     * @param machine   chosen, or the one that suits best
     * @param torch     fitted; empty where it is not given
     * @param gates     of the check before the strike not answered right yet
     * @param after     what follows an arc
     * @param perS      what a second of arc takes of the duty
     * @param bottle    it draws from
     * @param flow      at the torch and inside, together, L/min
     */
    public record Setup(
            WeldCycle score,
            RunPlan plan,
            Optional<WeldSegment> run,
            double plannedMm,
            int pass,
            Optional<Machine> machine,
            Optional<Torch> torch,
            List<CheckItem> gates,
            AfterArc after,
            double perS,
            Cylinder bottle,
            double flow) {}

    /**
     * {@return the setup of a job; for a run of its route, where one is named that there is}
     *
     * @param job the job
     * @param number number of the pass; the one that is shown where empty
     */
    public Outcome<Setup> of(Job job, OptionalInt number) {
        JobContent content = job.content();
        Optional<WeldSegment> segment = number.isEmpty() ? Optional.empty() : route(content, number.getAsInt());
        int pass = segment.map(WeldSegment::pass).orElse(content.pass());
        Outcome<WeldCycle> cycle = pass == content.pass() ? planner.plan(job).score() : score(job, pass);
        return cycle.map(played -> setup(job, played, segment, Math.max(1, pass)));
    }

    /** Of another pass; 0 is a tack: a spot by itself where the stock lets one be quick enough, else laid as the first pass is. */
    private Outcome<WeldCycle> score(Job job, int pass) {
        return planner.plan(job).weld().then(weld -> {
            WeldPlan shown = weld.onPass(Math.max(1, pass));
            Outcome<WeldCycle> laid = shown.score();
            boolean spot = pass == 0
                    && laid.value()
                            .filter(cycle -> cycle.sheet().tacks().fusion())
                            .isPresent();
            return spot
                    ? WeldPlan.of(shown.ask().with(TriggerMode.of(TriggerModeName.SPOT)))
                            .score()
                    : laid;
        });
    }

    private Optional<WeldSegment> route(JobContent content, int number) {
        return routes.ask(content, WeldQuantityText.of(content.joint()))
                .value()
                .map(SequencePlanner::plan)
                .filter(sequence -> number >= 1 && number <= sequence.runs().size())
                .map(sequence -> sequence.runs().get(number - 1));
    }

    private Setup setup(Job job, WeldCycle cycle, Optional<WeldSegment> segment, int pass) {
        JobContent content = job.content();
        Optional<Machine> machine = choice.of(content, Optional.of(cycle)).chosen();
        Optional<Torch> torch = content.torch().flatMap(machines::torch);
        boolean purged = cycle.sheet().practice().purged();
        ParsedPurge purge = PurgeReader.read(content.purge(), cycle.sheet());
        OptionalDouble target = purged
                ? purge.plan().stream()
                        .mapToDouble(plan -> plan.ask().targetPpm())
                        .findFirst()
                : OptionalDouble.empty();
        double hold = purged ? cycle.sheet().setting(ParameterKey.PURGE_HOLD).value() : 0;
        List<DutyPoint> plate = machine.map(own -> own.profile().plate()).orElse(List.of());
        List<DutyPoint> torchPlate = torch.map(own -> own.profile().plate()).orElse(List.of());
        return new Setup(
                cycle,
                RunPlan.of(cycle, target),
                segment,
                segment.map(WeldSegment::lengthMm).orElse(cycle.values().of(CycleKey.SEAM_LENGTH)),
                pass,
                machine,
                torch,
                machine.map(own -> gates(job, cycle, own, torch)).orElse(List.of()),
                AfterArc.of(cycle.sheet()),
                DutyCycle.perS(
                        plate,
                        torchPlate,
                        cycle.sheet().setting(ParameterKey.RMS_CURRENT).value()),
                purge.bottle(),
                cycle.sheet().setting(ParameterKey.GAS_FLOW).value() + hold);
    }

    private List<CheckItem> gates(Job job, WeldCycle cycle, Machine machine, Optional<Torch> torch) {
        Map<String, String> answers = machines.panel(job.id(), machine.id()).answers();
        return PreWeldCheck.of(cycle, machine.profile(), torch.map(Torch::profile)).stream()
                .filter(item -> item.answers().stream()
                        .noneMatch(answer ->
                                answer.isRight() && answer.name().equals(answers.getOrDefault(item.code(), ""))))
                .toList();
    }

    /**
     * {@return the run of the job that is under way; where there is none, one begins}
     *
     * @param job the job
     * @param setup the setup of the run
     * @param welder name of the welder
     * @param meter name of the meter
     */
    public OpenRun begin(Job job, Setup setup, String welder, String meter) {
        SheetDocument sheet = SheetDocument.of(setup.score().sheet());
        return carried(
                job, runs.begin(head(job, setup, welder, meter), sheet, kept -> record(job, setup, welder, kept)));
    }

    /**
     * {@return the run of the job that is under way; where there is none, one that began at another time than now}
     *
     * @param job the job
     * @param setup the setup of the run
     * @param welder name of the welder
     * @param at when it began
     */
    public OpenRun begin(Job job, Setup setup, String welder, Instant at) {
        SheetDocument sheet = SheetDocument.of(setup.score().sheet());
        return carried(
                job, runs.begin(head(job, setup, welder, ""), sheet, kept -> record(job, setup, welder, kept), at));
    }

    /** With the papers that are chosen for the job. */
    private OpenRun carried(Job job, OpenRun begun) {
        papers.carry(job.id(), begun.run().id());
        return begun;
    }

    /**
     * {@return a run of a setup that was welded at another time, with what was read then; not judged yet}
     *
     * @param job the job
     * @param setup the setup of the run
     * @param welder name of the welder
     * @param recording the recording
     * @param at the time
     */
    public CompleteRun whole(Job job, Setup setup, String welder, Recording recording, Instant at) {
        WeldRunQueries.KeptSheet sheet =
                WeldRunQueries.storedSheet(SheetDocument.of(setup.score().sheet()));
        List<RunEvent> events =
                RunAnalysis.of(recording, OptionalDouble.empty(), Optional.of(setup.plan())).arcs().stream()
                        .flatMap(arc -> Stream.of(
                                new RunEvent(arc.fromS(), EventKind.ARC_ON),
                                new RunEvent(arc.toS(), EventKind.ARC_OFF)))
                        .toList();
        return new CompleteRun(
                UUID.randomUUID(),
                head(job, setup, welder, ""),
                at,
                Optional.of(at.plusMillis(Math.round(1000 * recording.endS()))),
                RunVerdict.UNJUDGED,
                RunFigures.none(),
                "",
                Optional.of(sheet),
                Optional.of(Document.of(RunRecord.FORMAT, record(job, setup, welder, sheet.id()))),
                events,
                recording.channels());
    }

    private static RunHead head(Job job, Setup setup, String welder, String meter) {
        Joint joint = setup.score().sheet().joint();
        return new RunHead(
                Optional.of(job.id()),
                job.name(),
                new WeldedJoint(
                        joint.material().name(),
                        joint.form().name(),
                        setup.score().sheet().practice().position().name(),
                        joint.thinnerMm()),
                setup.machine().map(Machine::id),
                setup.machine().map(Machine::name).orElse(""),
                welder,
                Optional.empty(),
                meter,
                false,
                new PlannedFigures(
                        setup.plan().working().value(),
                        setup.score().sheet().balanceA(),
                        setup.plan().travel().value()));
    }

    private RunRecord record(Job job, Setup setup, String welder, UUID sheet) {
        return new RunRecord(
                sheet,
                setup.plan(),
                setup.torch().map(Torch::name).orElse(""),
                setup.pass(),
                setup.plannedMm(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                setup.gates().stream()
                        .map(item -> Phrasebook.say(item.text(), UnitSystem.METRIC))
                        .toList(),
                job.content().purge().texts(),
                List.of(),
                procedures.inside(job.id(), setup.score().sheet()),
                papers.against(job.id(), setup.score().sheet(), welder, UnitSystem.METRIC).stream()
                        .map(PaperNote::open)
                        .toList(),
                Optional.empty());
    }
}
