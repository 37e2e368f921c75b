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
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.quantity.Unit;
import vastarc.core.route.Cost;
import vastarc.core.route.Day;
import vastarc.core.route.DayPlanner;
import vastarc.core.route.Prices;
import vastarc.core.route.Route;
import vastarc.core.route.RouteAsk;
import vastarc.core.route.RouteCheck;
import vastarc.core.route.RoutePlanner;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrase;
import vastarc.web.format.CoreJson;
import vastarc.web.request.JsonFields;
import vastarc.web.request.OwnReader;
import vastarc.web.request.PriceText;
import vastarc.web.request.WorkReader;

/** The way through a job, and one pair of hands over several. */
@RestController
@Tag(name = "route", description = "Tacks, runs, waits, and the day")
class RouteApi {

    private static final String EXAMPLE = """
            {"material":"CARBON_STEEL","joint":"T_FILLET","thicknessMm":[3],"work":{"seams":4,"seamMm":300},\
            "duty":{"machine":[{"amps":200,"percent":35}],"torch":[{"amps":125,"percent":35}]},"start":{"ambientC":20},\
            "prices":{"argonPerM3":9.5,"wirePerKg":{"ER70S-2":14},"hour":48}}""";
    private static final String DAY_EXAMPLE =
            "{\"jobs\":[" + EXAMPLE + "],\"changeS\":{\"metal\":300,\"tungsten\":60,\"cup\":60,\"panel\":90}}";
    private static final Set<String> FIELDS = Set.of(
            OwnReader.LOGIC, WorkReader.WORK, WorkReader.DUTY, WorkReader.START, WorkReader.ORDER, PriceText.PRICES);

    /** A run told. */
    record RunText(
            int n,
            int seam,
            int pass,
            double fromMm,
            double toMm,
            Route.Kind kind,
            Route.End end,
            double startS,
            double arcS,
            double waitS,
            Route.Wait waitFor) {

        static RunText of(Route.Run run) {
            return new RunText(
                    run.n(),
                    run.seam(),
                    run.pass(),
                    run.fromMm(),
                    run.toMm(),
                    run.kind(),
                    run.end(),
                    run.startS(),
                    run.arcS(),
                    run.waitS(),
                    run.waitFor());
        }
    }

    /** A route: runs in order, tacks among them, what it takes, what pulls, and what a changed order breaks; the piece as it was told; the cost where prices were. */
    record RouteAnswer(
            String piece,
            List<RunText> runs,
            List<RunText> tacks,
            Route.Totals totals,
            double distortionIndex,
            List<Phrase> notes,
            List<Phrase> broken,
            Optional<CostText> cost) {}

    /** What it costs, and what no price was told for. */
    record CostText(double total, List<Cost.Share> shares, List<Cost.Item> untold) {

        static CostText of(Cost cost) {
            return new CostText(cost.total(), cost.shares(), cost.untold());
        }
    }

    /** What is asked of a route. */
    private record Asked(RouteAsk ask, Prices prices) {}

    /** A day. */
    record DayAnswer(List<Day.Span> timeline, double makespanS, double oneAfterAnotherS, double lowerBoundS) {}

    @Operation(
            summary = "Tacks, runs and waits of a job",
            description =
                    "Takes the fields of a sheet request and: work {seams, seamMm, piece, rotation (share of a tube's girth), handlingS, purgeS}, "
                            + "duty {machine, torch: [{amps, percent}]}, start {ambientC}, order (numbers of the planned runs as a hand wants them; "
                            + "what that breaks is told), prices {argonPerM3, wirePerKg by alloy, tungsten, hour} in one money.")
    @TakesJson(example = EXAMPLE, body = "SheetRequest", answers = RouteAnswer.class, says = "The route")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/route", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> route(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, EXAMPLE)
                .then(RouteApi::asked)
                .map(asked -> CoreJson.answers().valueToTree(answer(asked))));
    }

    private static Outcome<Asked> asked(JsonNode body) {
        Outcome<JsonPlan> plan = JsonPlan.read(body, FIELDS);
        Outcome<WorkReader> work = WorkReader.read(body);
        List<Problem> problems = Stream.concat(plan.problems().stream(), work.problems().stream())
                .toList();
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        WorkReader told = work.value().orElseThrow();
        return plan.then(read -> read.standing(ShopWays.usual()))
                .then(weld -> RouteAsk.of(weld, told.work(), told.machine(), told.torch(), told.ambientC()))
                .map(ask -> new Asked(ask.ordered(told.order()), told.prices()));
    }

    private static RouteAnswer answer(Asked asked) {
        RouteAsk ask = asked.ask();
        Route route = RoutePlanner.plan(ask);
        List<RunText> runs = route.runs().stream().map(RunText::of).toList();
        return new RouteAnswer(
                ask.work().piece(),
                runs,
                runs.stream().filter(run -> run.kind() == Route.Kind.TACK).toList(),
                route.totals(),
                route.warping(),
                route.notes(),
                RouteCheck.check(ask, route),
                Optional.of(asked.prices())
                        .filter(Prices::isTold)
                        .map(prices -> CostText.of(Cost.of(ask, route, prices))));
    }

    @Operation(
            summary = "One pair of hands over several jobs",
            description =
                    "jobs: up to 8 route requests, 200 runs together; changeS {metal, tungsten, cup, panel}: what turning from one job to another "
                            + "takes. Each job keeps the order of its runs; one cools while another is welded; never longer than one after another.")
    @TakesJson(example = DAY_EXAMPLE, answers = DayAnswer.class, says = "The day")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/route/day", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> day(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, DAY_EXAMPLE)
                .then(RouteApi::planned)
                .map(day -> CoreJson.answers()
                        .valueToTree(new DayAnswer(
                                day.timeline(), day.makespanS(), day.oneAfterAnotherS(), day.lowerBoundS()))));
    }

    private static Outcome<Day> planned(JsonNode body) {
        JsonFields fields = JsonFields.of(body, "jobs", "changeS");
        JsonFields change = fields.object("changeS", "metal", "tungsten", "cup", "panel");
        Day.Changes changes = new Day.Changes(
                change.number(seconds("metal"), Day.Changes.USUAL.metalS()),
                change.number(seconds("tungsten"), Day.Changes.USUAL.tungstenS()),
                change.number(seconds("cup"), Day.Changes.USUAL.cupS()),
                change.number(seconds("panel"), Day.Changes.USUAL.panelS()));
        int count = fields.list("jobs", DayPlanner.MOST_JOBS, "route.jobs").size();
        List<Problem> problems = new ArrayList<>(fields.problems());
        List<RouteAsk> asks = new ArrayList<>();
        int runs = 0;
        for (int i = 0; problems.isEmpty() && i < count; i++) {
            Outcome<Asked> asked = asked(body.get("jobs").get(i));
            String at = "jobs[" + i + "].";
            asked.problems().forEach(problem -> problems.add(problem.inField(at + problem.field())));
            asked.value().map(Asked::ask).ifPresent(asks::add);
        }
        for (RouteAsk ask : asks) {
            runs += RoutePlanner.plan(ask).runs().size();
        }
        if (runs > DayPlanner.MOST_RUNS) {
            problems.add(Problem.badValue("jobs", "route.dayTooLong", runs, DayPlanner.MOST_RUNS));
        }
        return problems.isEmpty() ? Outcome.of(DayPlanner.plan(asks, changes)) : Outcome.failed(problems);
    }

    private static Range seconds(String name) {
        return new Range(name, 0, 7200, Unit.SECOND);
    }
}
