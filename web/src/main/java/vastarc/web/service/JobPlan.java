package vastarc.web.service;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.SheetDocument.ChangedFigure;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.Alternative;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.Weld;
import vastarc.core.input.WeldFields;
import vastarc.web.request.OwnValueReader;
import vastarc.web.request.OwnValueReader.OwnInput;
import vastarc.web.request.PurgeReader;
import vastarc.web.request.TypedInputs;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.ProvenSheet;

/** The plan of a job as it is typed, in a shop: read once, its sheet and score made once. */
public final class JobPlan {

    private final JobContent content;
    private final OwnInput own;
    private final Outcome<WeldPlan> plan;

    private JobPlan(JobContent content, OwnInput own, Outcome<WeldPlan> plan) {
        this.content = content;
        this.own = own;
        this.plan = plan;
    }

    /**
     * {@return the plan of a job's content in a shop}
     *
     * @param content the content of the job
     * @param shop the defaults of the shop
     */
    public static JobPlan of(JobContent content, ShopDefaults shop) {
        OwnInput own = OwnValueReader.of(content.own(), content.logic());
        Outcome<Weld> weld = WeldFields.read(new TypedInputs(content.joint()));
        return new JobPlan(
                content,
                own,
                weld.map(read -> WeldPlan.of(new PlanRequest(
                                read,
                                content.shopDefaults(shop),
                                own.settings(),
                                PurgeReader.setup(content.purge()).setup(),
                                own.choices()
                                        .along(WeldQuantityText.of(content.joint())
                                                .work()
                                                .seamMm()),
                                content.proof().flatMap(ProvenSheet::sheet),
                                1)))
                        .map(first -> onPass(first, content.pass())));
    }

    /** The pass that is shown; the first where the joint has no such pass any more. */
    private static WeldPlan onPass(WeldPlan first, int pass) {
        int passes = pass == 1
                ? 1
                : first.sheet()
                        .value()
                        .flatMap(SetupSheet::passes)
                        .map(plan -> plan.passes().size())
                        .orElse(1);
        return pass > passes ? first : first.onPass(pass);
    }

    /**
     * {@return the same job in a shop of other ways; what its machine has proven counts there too}
     *
     * @param shop the defaults of the shop
     */
    public JobPlan in(ShopDefaults shop) {
        return new JobPlan(
                content,
                own,
                plan.map(now ->
                        now.in(content.shopDefaults(shop.at(now.ask().shop().proven())))));
    }

    /** {@return the alternatives where it has no sheet; empty where it has one, or cannot be read} */
    public List<Alternative> alternatives() {
        return plan.value().map(WeldPlan::alternatives).orElse(List.of());
    }

    /** {@return the weld, or why it cannot be read} */
    public Outcome<WeldPlan> weld() {
        return plan;
    }

    /** {@return what it is planned from: joint, own values, ways} */
    public Outcome<PlanRequest> ask() {
        return plan.map(WeldPlan::ask);
    }

    /** {@return what was typed} */
    public JobContent content() {
        return content;
    }

    /** {@return the sheet it is welded by, own values included, or why there is none} */
    public Outcome<SetupSheet> sheet() {
        return plan.then(WeldPlan::sheet);
    }

    /** {@return the weld cycle of that sheet} */
    public Outcome<WeldCycle> score() {
        return plan.then(WeldPlan::score);
    }

    /** {@return what the engine would set otherwise today than when it was proven} */
    public List<ChangedFigure> moved() {
        return plan.value().map(WeldPlan::changedFigures).orElse(List.of());
    }

    /** {@return own values that were typed and cannot stand on the sheet, and why; the weld cycle is not asked} */
    public List<Problem> ownProblemsOfSheet() {
        List<Problem> ofSheet = sheet().value().map(SetupSheet::ownProblems).orElse(List.of());
        return Stream.concat(own.problems().stream(), ofSheet.stream()).toList();
    }

    /** {@return own values that were typed and cannot stand, and why} */
    public List<Problem> ownProblems() {
        List<Problem> ofScore = score().value().map(WeldCycle::problems).orElse(List.of());
        return Stream.concat(own.problems().stream(), ofScore.stream()).toList();
    }

    /**
     * {@return the same weld asked of the engine alone, or of a machine with another logic}
     *
     * @param change what to change in the request
     */
    public Outcome<WeldCycle> score(UnaryOperator<PlanRequest> change) {
        return plan.then(own -> WeldPlan.of(change.apply(own.ask())).score());
    }
}
