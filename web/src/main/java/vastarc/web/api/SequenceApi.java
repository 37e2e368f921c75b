package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sequence.DayPlanner;
import vastarc.core.advice.sequence.DaySchedule;
import vastarc.core.advice.sequence.DaySchedule.ChangeoverTimes;
import vastarc.core.advice.sequence.DaySchedule.DaySpan;
import vastarc.core.advice.sequence.JobCost;
import vastarc.core.advice.sequence.JobCost.CostItem;
import vastarc.core.advice.sequence.JobCost.CostShare;
import vastarc.core.advice.sequence.Prices;
import vastarc.core.advice.sequence.SequenceCheck;
import vastarc.core.advice.sequence.SequencePlanner;
import vastarc.core.advice.sequence.SequenceRequest;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.core.advice.sequence.WeldSequence.SegmentEnd;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.SequenceTotals;
import vastarc.core.advice.sequence.WeldSequence.WaitReason;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.web.format.CoreJson;
import vastarc.web.request.JsonFields;
import vastarc.web.request.OwnValueReader;
import vastarc.web.request.PriceText;
import vastarc.web.request.WeldQuantityReader;

/** The way through a job, and one welder over several. */
@RestController
@Tag(name = "route", description = "Tacks, runs, waits, and the day")
class SequenceApi {

    private static final String EXAMPLE = """
            {"material":"CARBON_STEEL","joint":"T_FILLET","thicknessMm":[3],"work":{"seams":4,"seamMm":300},\
            "duty":{"machine":[{"amps":200,"percent":35}],"torch":[{"amps":125,"percent":35}]},"start":{"ambientC":20},\
            "prices":{"argonPerM3":9.5,"wirePerKg":{"ER70S-2":14},"hour":48}}""";
    private static final String DAY_EXAMPLE =
            "{\"jobs\":[" + EXAMPLE + "],\"changeS\":{\"metal\":300,\"tungsten\":60,\"cup\":60,\"panel\":90}}";
    private static final Set<String> FIELDS = Set.of(
            OwnValueReader.LOGIC,
            WeldQuantityReader.WORK,
            WeldQuantityReader.DUTY,
            WeldQuantityReader.START,
            WeldQuantityReader.ORDER,
            PriceText.PRICES);

    /** A run of the sequence. */
    record SegmentJson(
            int n,
            int seam,
            int pass,
            double fromMm,
            double toMm,
            SegmentKind kind,
            SegmentEnd end,
            double startS,
            double arcS,
            double waitS,
            WaitReason waitFor) {

        static SegmentJson of(WeldSegment segment) {
            return new SegmentJson(
                    segment.n(),
                    segment.seam(),
                    segment.pass(),
                    segment.fromMm(),
                    segment.toMm(),
                    segment.kind(),
                    segment.end(),
                    segment.startS(),
                    segment.arcS(),
                    segment.waitS(),
                    segment.waitFor());
        }
    }

    /** A route: runs in order, tacks among them, what it takes, distortion, and what a changed order breaks; the piece as it was given; the cost where prices were. */
    record SequenceAnswer(
            String piece,
            List<SegmentJson> runs,
            List<SegmentJson> tacks,
            SequenceTotals totals,
            double distortionIndex,
            List<Phrase> notes,
            List<Phrase> broken,
            Optional<CostJson> cost) {}

    /** What it costs, and what no price was given for. */
    record CostJson(double total, List<CostShare> shares, List<CostItem> untold) {

        static CostJson of(JobCost cost) {
            return new CostJson(cost.total(), cost.shares(), cost.missingPrices());
        }
    }

    /** What is asked of a route. */
    private record SequenceCall(SequenceRequest ask, Prices prices) {}

    /** A day. */
    record DayAnswer(List<DaySpan> timeline, double makespanS, double oneAfterAnotherS, double lowerBoundS) {}

    @Operation(
            summary = "Tacks, runs and waits of a job",
            description =
                    "Takes the fields of a sheet request and: work {seams, seamMm, piece, rotation (share of a tube's girth), handlingS, purgeS}, "
                            + "duty {machine, torch: [{amps, percent}]}, start {ambientC}, order (numbers of the planned runs as the welder wants them; "
                            + "what that breaks is listed), prices {argonPerM3, wirePerKg by alloy, tungsten, hour} in one money.")
    @TakesJson(example = EXAMPLE, body = "SheetRequest", answers = SequenceAnswer.class, says = "The route")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/route", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> route(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, EXAMPLE)
                .then(SequenceApi::request)
                .map(asked -> CoreJson.answers().valueToTree(answer(asked))));
    }

    private static Outcome<SequenceCall> request(JsonNode body) {
        Outcome<JsonPlan> plan = JsonPlan.read(body, FIELDS);
        Outcome<WeldQuantityReader> work = WeldQuantityReader.read(body);
        List<Problem> problems = Stream.concat(plan.problems().stream(), work.problems().stream())
                .toList();
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        WeldQuantityReader quantity = work.value().orElseThrow();
        return plan.then(read -> read.acceptedPlan(ShopDefaults.usual()))
                .then(weld -> SequenceRequest.of(
                        weld, quantity.work(), quantity.machine(), quantity.torch(), quantity.ambientC()))
                .map(request -> new SequenceCall(request.ordered(quantity.order()), quantity.prices()));
    }

    private static SequenceAnswer answer(SequenceCall asked) {
        SequenceRequest request = asked.ask();
        WeldSequence sequence = SequencePlanner.plan(request);
        List<SegmentJson> runs = sequence.runs().stream().map(SegmentJson::of).toList();
        return new SequenceAnswer(
                request.work().piece(),
                runs,
                runs.stream().filter(run -> run.kind() == SegmentKind.TACK).toList(),
                sequence.totals(),
                sequence.warping(),
                sequence.notes(),
                SequenceCheck.check(request, sequence),
                Optional.of(asked.prices())
                        .filter(Prices::isSet)
                        .map(prices -> CostJson.of(JobCost.of(request, sequence, prices))));
    }

    @Operation(
            summary = "One welder over several jobs",
            description =
                    "jobs: up to 8 route requests, 200 runs together; changeS {metal, tungsten, cup, panel}: what turning from one job to another "
                            + "takes. Each job keeps the order of its runs; one cools while another is welded; never longer than one after another.")
    @TakesJson(example = DAY_EXAMPLE, answers = DayAnswer.class, says = "The day")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/route/day", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> day(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, DAY_EXAMPLE)
                .then(SequenceApi::planned)
                .map(schedule -> CoreJson.answers()
                        .valueToTree(new DayAnswer(
                                schedule.timeline(),
                                schedule.makespanS(),
                                schedule.oneAfterAnotherS(),
                                schedule.lowerBoundS()))));
    }

    private static Outcome<DaySchedule> planned(JsonNode body) {
        JsonFields fields = JsonFields.of(body, "jobs", "changeS");
        JsonFields change = fields.object("changeS", "metal", "tungsten", "cup", "panel");
        ChangeoverTimes changes = new ChangeoverTimes(
                change.number(seconds("metal"), ChangeoverTimes.USUAL.metalS()),
                change.number(seconds("tungsten"), ChangeoverTimes.USUAL.tungstenS()),
                change.number(seconds("cup"), ChangeoverTimes.USUAL.cupS()),
                change.number(seconds("panel"), ChangeoverTimes.USUAL.panelS()));
        int count = fields.list("jobs", DayPlanner.MOST_JOBS, "route.jobs").size();
        List<Problem> problems = new ArrayList<>(fields.problems());
        List<SequenceRequest> asks = new ArrayList<>();
        int runs = 0;
        for (int i = 0; problems.isEmpty() && i < count; i++) {
            Outcome<SequenceCall> asked = request(body.get("jobs").get(i));
            String at = "jobs[" + i + "].";
            asked.problems().forEach(problem -> problems.add(problem.inField(at + problem.field())));
            asked.value().map(SequenceCall::ask).ifPresent(asks::add);
        }
        for (SequenceRequest request : asks) {
            runs += SequencePlanner.plan(request).runs().size();
        }
        if (runs > DayPlanner.MOST_RUNS) {
            problems.add(Problem.badValue("jobs", "route.dayTooLong", runs, DayPlanner.MOST_RUNS));
        }
        return problems.isEmpty() ? Outcome.of(DayPlanner.plan(asks, changes)) : Outcome.failed(problems);
    }

    private static InputRange seconds(String name) {
        return new InputRange(name, 0, 7200, Unit.SECOND);
    }
}
