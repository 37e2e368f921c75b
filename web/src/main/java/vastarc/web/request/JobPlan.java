package vastarc.web.request;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Weld;
import vastarc.core.joint.WeldFields;
import vastarc.core.plan.SheetDocument;
import vastarc.core.plan.WeldPlan;
import vastarc.core.score.Score;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;
import vastarc.core.sheet.Way;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.job.Proof;

/** The plan of a job as it is typed, in a shop: read once, its sheet and score made once. */
public final class JobPlan {

    private final JobContent content;
    private final OwnReader.Own own;
    private final Outcome<WeldPlan> plan;

    private JobPlan(JobContent content, OwnReader.Own own, Outcome<WeldPlan> plan) {
        this.content = content;
        this.own = own;
        this.plan = plan;
    }

    public static JobPlan of(JobContent content, ShopWays shop) {
        OwnReader.Own own = OwnReader.of(content.own(), content.logic());
        Outcome<Weld> weld = WeldFields.read(new TypedInputs(content.joint()));
        return new JobPlan(
                content,
                own,
                weld.map(read -> WeldPlan.of(new WeldPlan.Ask(
                                read,
                                content.ways(shop),
                                own.settings(),
                                own.choices()
                                        .along(WorkText.of(content.joint())
                                                .work()
                                                .seamMm()),
                                content.proof().flatMap(Proof::sheet),
                                1)))
                        .map(first -> onPass(first, content.pass())));
    }

    /** The pass that is shown; the first where the joint has no such pass any more. */
    private static WeldPlan onPass(WeldPlan first, int pass) {
        int passes = pass == 1
                ? 1
                : first.sheet()
                        .value()
                        .flatMap(Sheet::passes)
                        .map(plan -> plan.passes().size())
                        .orElse(1);
        return pass > passes ? first : first.onPass(pass);
    }

    /** The same job in a shop of other ways; what its machine has proven counts there too. */
    public JobPlan in(ShopWays shop) {
        return new JobPlan(
                content,
                own,
                plan.map(now -> now.in(content.ways(shop.at(now.ask().ways().proven())))));
    }

    /** The nearest ways where it has no sheet; empty where it has one, or cannot be read. */
    public List<Way> ways() {
        return plan.value().map(WeldPlan::ways).orElse(List.of());
    }

    /** The weld, or why it cannot be read. */
    public Outcome<WeldPlan> weld() {
        return plan;
    }

    /** What it is planned from: joint, own values, ways. */
    public Outcome<WeldPlan.Ask> ask() {
        return plan.map(WeldPlan::ask);
    }

    public JobContent content() {
        return content;
    }

    /** The sheet it is welded by, own values included, or why there is none. */
    public Outcome<Sheet> sheet() {
        return plan.then(WeldPlan::sheet);
    }

    /** The score of that sheet. */
    public Outcome<Score> score() {
        return plan.then(WeldPlan::score);
    }

    /** What the engine would set otherwise today than when it was proven. */
    public List<SheetDocument.Moved> moved() {
        return plan.value().map(WeldPlan::moved).orElse(List.of());
    }

    /** Own values that were typed and cannot stand, and why. */
    public List<Problem> ownProblems() {
        List<Problem> ofScore = score().value().map(Score::problems).orElse(List.of());
        return Stream.concat(own.problems().stream(), ofScore.stream()).toList();
    }

    /** The same weld asked of the engine alone, or of a machine with another logic. */
    public Outcome<Score> score(UnaryOperator<WeldPlan.Ask> change) {
        return plan.then(own -> WeldPlan.of(change.apply(own.ask())).score());
    }
}
