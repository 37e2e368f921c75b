package vastarc.web.request;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import vastarc.core.finding.Outcome;
import vastarc.core.machine.DutyPoint;
import vastarc.core.machine.PreStrike;
import vastarc.core.plan.SheetDocument;
import vastarc.core.plan.WeldPlan;
import vastarc.core.purge.Bottle;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.route.Duty;
import vastarc.core.route.Route;
import vastarc.core.route.RoutePlanner;
import vastarc.core.run.Booth;
import vastarc.core.run.RunAnalysis;
import vastarc.core.run.RunEvent;
import vastarc.core.run.RunPlan;
import vastarc.core.run.Trace;
import vastarc.core.run.Verdict;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.SettingKey;
import vastarc.core.wording.Phrasebook;
import vastarc.web.kept.document.Document;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.machine.Torch;
import vastarc.web.kept.run.RunBook;
import vastarc.web.kept.run.RunFigures;
import vastarc.web.kept.run.RunHead;
import vastarc.web.kept.run.RunRecord;
import vastarc.web.kept.run.RunStore;

/** What a run of a job needs: its score, what it is meant to be, where it is welded and what is not checked yet. */
@Component
public class RunSetups {

    private final JobPlanner planner;
    private final JobMachines choice;
    private final MachineStore machines;
    private final RoutePlans routes;
    private final RunStore runs;

    RunSetups(JobPlanner planner, JobMachines choice, MachineStore machines, RoutePlans routes, RunStore runs) {
        this.planner = planner;
        this.choice = choice;
        this.machines = machines;
        this.routes = routes;
        this.runs = runs;
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
     * @param torch     fitted; empty where it is not told
     * @param gates     of the check before the strike not answered right yet
     * @param after     what follows an arc
     * @param perS      what a second of arc takes of the duty
     * @param bottle    it draws from
     * @param flow      at the torch and inside, together, L/min
     */
    public record Setup(
            Score score,
            RunPlan plan,
            Optional<Route.Run> run,
            double plannedMm,
            int pass,
            Optional<Machine> machine,
            Optional<Torch> torch,
            List<PreStrike.Item> gates,
            Booth.After after,
            double perS,
            Bottle bottle,
            double flow) {}

    /** The setup of a job; for a run of its route, where one is named that there is. */
    public Outcome<Setup> of(Job job, OptionalInt number) {
        JobContent content = job.content();
        Optional<Route.Run> run = number.isEmpty() ? Optional.empty() : route(content, number.getAsInt());
        int pass = run.map(Route.Run::pass).orElse(content.pass());
        Outcome<Score> score = pass == content.pass() ? planner.plan(job).score() : score(job, pass);
        return score.map(played -> setup(job, played, run, Math.max(1, pass)));
    }

    /** Of another pass; 0 is a tack: a spot by itself where the stock lets one be quick enough, else laid as the first pass is. */
    private Outcome<Score> score(Job job, int pass) {
        return planner.plan(job).weld().then(weld -> {
            WeldPlan shown = weld.onPass(Math.max(1, pass));
            Outcome<Score> laid = shown.score();
            boolean spot = pass == 0
                    && laid.value()
                            .filter(score -> score.sheet().tacks().fusion())
                            .isPresent();
            return spot
                    ? WeldPlan.of(shown.ask().with(ControlLogic.of(ControlLogic.Name.SPOT)))
                            .score()
                    : laid;
        });
    }

    private Optional<Route.Run> route(JobContent content, int number) {
        return routes.ask(content, WorkText.of(content.joint()))
                .value()
                .map(RoutePlanner::plan)
                .filter(route -> number >= 1 && number <= route.runs().size())
                .map(route -> route.runs().get(number - 1));
    }

    private Setup setup(Job job, Score score, Optional<Route.Run> run, int pass) {
        JobContent content = job.content();
        Optional<Machine> machine = choice.of(content, Optional.of(score)).chosen();
        Optional<Torch> torch = content.torch().flatMap(machines::torch);
        boolean purged = score.sheet().practice().purged();
        PurgeReader.Read purge = PurgeReader.read(content.purge(), score.sheet());
        OptionalDouble target = purged
                ? purge.plan().stream()
                        .mapToDouble(plan -> plan.ask().targetPpm())
                        .findFirst()
                : OptionalDouble.empty();
        double hold = purged ? score.sheet().setting(SettingKey.PURGE_HOLD).value() : 0;
        List<DutyPoint> plate = machine.map(own -> own.profile().plate()).orElse(List.of());
        List<DutyPoint> torchPlate = torch.map(own -> own.profile().plate()).orElse(List.of());
        return new Setup(
                score,
                RunPlan.of(score, target),
                run,
                run.map(Route.Run::lengthMm).orElse(score.values().of(ScoreKey.SEAM_LENGTH)),
                pass,
                machine,
                torch,
                machine.map(own -> gates(job, score, own, torch)).orElse(List.of()),
                Booth.After.of(score.sheet()),
                Duty.perS(
                        plate,
                        torchPlate,
                        score.sheet().setting(SettingKey.RMS_CURRENT).value()),
                purge.bottle(),
                score.sheet().setting(SettingKey.GAS_FLOW).value() + hold);
    }

    private List<PreStrike.Item> gates(Job job, Score score, Machine machine, Optional<Torch> torch) {
        Map<String, String> answers = machines.panel(job.id(), machine.id()).answers();
        return PreStrike.of(score, machine.profile(), torch.map(Torch::profile)).stream()
                .filter(item -> item.answers().stream()
                        .noneMatch(answer ->
                                answer.isRight() && answer.name().equals(answers.getOrDefault(item.code(), ""))))
                .toList();
    }

    /** The run of the job that is under way; where there is none, one begins. */
    public RunStore.Under begin(Job job, Setup setup, String hand, String meter) {
        SheetDocument sheet = SheetDocument.of(setup.score().sheet());
        return runs.begin(head(job, setup, hand, meter), sheet, kept -> record(job, setup, kept));
    }

    /** A run of a setup that was welded at another time, with what was read then; not judged yet. */
    public RunBook.Whole whole(Job job, Setup setup, String hand, Trace trace, Instant at) {
        RunBook.KeptSheet sheet = RunBook.kept(SheetDocument.of(setup.score().sheet()));
        List<RunEvent> events = RunAnalysis.of(trace, OptionalDouble.empty(), Optional.of(setup.plan())).arcs().stream()
                .flatMap(arc -> Stream.of(
                        new RunEvent(arc.fromS(), RunEvent.Kind.ARC_ON),
                        new RunEvent(arc.toS(), RunEvent.Kind.ARC_OFF)))
                .toList();
        return new RunBook.Whole(
                UUID.randomUUID(),
                head(job, setup, hand, ""),
                at,
                Optional.of(at.plusMillis(Math.round(1000 * trace.endS()))),
                Verdict.UNJUDGED,
                RunFigures.none(),
                "",
                Optional.of(sheet),
                Optional.of(Document.of(RunRecord.FORMAT, record(job, setup, sheet.id()))),
                events,
                trace.channels());
    }

    private static RunHead head(Job job, Setup setup, String hand, String meter) {
        return new RunHead(
                Optional.of(job.id()),
                job.name(),
                setup.score().sheet().joint().material().name(),
                setup.score().sheet().joint().form().name(),
                setup.score().sheet().joint().thinnerMm(),
                setup.machine().map(Machine::id),
                setup.machine().map(Machine::name).orElse(""),
                hand,
                meter,
                false,
                setup.plan().working().value(),
                setup.score().sheet().balanceA(),
                setup.plan().travel().value());
    }

    private static RunRecord record(Job job, Setup setup, UUID sheet) {
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
                List.of());
    }
}
