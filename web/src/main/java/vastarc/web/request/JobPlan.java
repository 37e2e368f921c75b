package vastarc.web.request;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.score.Score;
import vastarc.core.score.ScorePlanner;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.sheet.ShopWays;

/** From a job as typed to its sheet and its score. */
public final class JobPlan {

    private JobPlan() {}

    /** A score, and what was typed for it that cannot stand. */
    public record Scored(Score score, List<Problem> problems) {}

    /** The sheet of a joint as typed in a shop, own values included, or why it has none. */
    public static Outcome<Sheet> sheet(TypedForm form, ShopWays shop) {
        return sheet(form, own(form), shop);
    }

    private static OwnReader.Own own(TypedForm form) {
        return OwnReader.read(new FormFields(form));
    }

    private static Outcome<Sheet> sheet(TypedForm form, OwnReader.Own own, ShopWays shop) {
        return JobReader.read(new FormFields(form))
                .then(read ->
                        SheetPlanner.plan(read.joint(), read.practice(), HabitReader.ways(form, shop), own.settings()));
    }

    /** The score of a job, or why there is no sheet to play it from. */
    public static Outcome<Scored> score(TypedForm form, ShopWays shop) {
        OwnReader.Own own = own(form);
        return sheet(form, own, shop).map(sheet -> {
            Score score = ScorePlanner.plan(sheet, own.choices());
            return new Scored(
                    score,
                    Stream.concat(own.problems().stream(), score.problems().stream())
                            .toList());
        });
    }

    /** The same job with none of the hand's own values. */
    public static TypedForm withoutOwn(TypedForm form) {
        TypedForm bare = form;
        for (String field : OwnReader.FIELDS) {
            bare = bare.with(field, Optional.empty());
        }
        return bare;
    }
}
