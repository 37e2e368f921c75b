package vastarc.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vastarc.core.finding.Outcome;
import vastarc.core.joint.Control;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreChoices;
import vastarc.core.score.ScorePlanner;
import vastarc.core.sheet.Balance;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.PassPlan;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.sheet.ShopWays;
import vastarc.core.sheet.Way;

/**
 * The plan of one weld: its sheet and its score, each made once and only when asked for. A control logic that belongs to another arc
 * control than was told decides the control.
 */
public final class WeldPlan {

    /**
     * What a plan is made from.
     *
     * @param weld    joint and practice
     * @param ways    the shop's schools and shelf
     * @param own     the hand's own values of the sheet's settings
     * @param choices the control logic, and own values that only a score has
     * @param proven  the sheet the weld was proven with, whose figures stand whatever the engine says today; empty for an open one
     * @param pass    the pass it is for, from 1; own values and proof were made for the first and stand for that one alone
     */
    public record Ask(
            Weld weld, ShopWays ways, OwnValues own, ScoreChoices choices, Optional<SheetDocument> proven, int pass) {

        /** Nothing set by hand, nothing proven. */
        public static Ask of(Weld weld, ShopWays ways) {
            return new Ask(weld, ways, OwnValues.none(), ScoreChoices.none(), Optional.empty(), 1);
        }

        /** The same weld with nothing set by hand, under the same logic. */
        public Ask withoutOwn() {
            return new Ask(
                    weld,
                    ways,
                    OwnValues.none(),
                    new ScoreChoices(choices.logic(), Map.of(), choices.seamMm()),
                    Optional.empty(),
                    pass);
        }

        /** The same weld as a machine with another logic does it. */
        public Ask with(ControlLogic logic) {
            return new Ask(
                    weld,
                    ways,
                    own,
                    new ScoreChoices(Optional.of(logic), choices.own(), choices.seamMm()),
                    proven,
                    pass);
        }

        /** The same weld in a shop of other ways. */
        public Ask in(ShopWays others) {
            return new Ask(weld, others, own, choices, proven, pass);
        }

        /** Another pass of the same weld. */
        public Ask onPass(int other) {
            return new Ask(weld, ways, own, choices, proven, other);
        }
    }

    private final Ask ask;
    /** Of the first pass; null where this is it. */
    private final @Nullable WeldPlan first;

    private @Nullable Outcome<Balance> balance;
    private @Nullable Outcome<Sheet> today;
    private @Nullable Outcome<Sheet> sheet;
    private @Nullable Outcome<Score> score;
    private @Nullable Outcome<List<Sheet>> passes;

    private WeldPlan(Ask ask, @Nullable WeldPlan first, @Nullable Outcome<Balance> balance) {
        this.ask = ask;
        this.first = first;
        this.balance = balance;
    }

    public static WeldPlan of(Ask ask) {
        WeldPlan first = new WeldPlan(ask.onPass(1), null, null);
        return first.onPass(ask.pass());
    }

    public static WeldPlan of(Weld weld, ShopWays ways) {
        return of(Ask.of(weld, ways));
    }

    public Ask ask() {
        return ask;
    }

    private WeldPlan first() {
        return first == null ? this : first;
    }

    /** Another pass of the same weld; what the first one took is not reckoned again. */
    public WeldPlan onPass(int pass) {
        return pass == 1 ? first() : new WeldPlan(ask.onPass(pass), first(), null);
    }

    /** The same weld in a shop of other ways; its heat is not reckoned again. */
    public WeldPlan in(ShopWays others) {
        return new WeldPlan(first().ask.in(others), null, first().balance()).onPass(ask.pass());
    }

    private Practice practice() {
        Practice told = ask.weld().practice();
        Control control = ask.choices().logic().flatMap(ControlLogic::control).orElse(told.control());
        return control == told.control() ? told : told.with(draft -> draft.control = control);
    }

    private synchronized Outcome<Balance> balance() {
        Outcome<Balance> made = balance;
        if (made == null) {
            made = Balance.of(ask.weld().joint(), practice());
            balance = made;
        }
        return made;
    }

    /** The sheet that the engine makes of it today, or why it makes none. */
    public synchronized Outcome<Sheet> today() {
        Outcome<Sheet> made = today;
        if (made == null) {
            made = first == null
                    ? balance().then(heat -> SheetPlanner.plan(heat, ask.ways(), ask.own()))
                    : first.today()
                            .then(sheet -> first.balance())
                            .then(heat -> SheetPlanner.later(heat, ask.ways(), ask.pass()));
            today = made;
        }
        return made;
    }

    /** The sheet it is welded by: today's, or the one it was proven with. */
    public synchronized Outcome<Sheet> sheet() {
        Outcome<Sheet> made = sheet;
        if (made == null) {
            Outcome<Sheet> reckoned = today();
            made = ask.proven()
                    .filter(proven -> ask.pass() == 1)
                    .map(proven -> reckoned.map(proven::heldOn))
                    .orElse(reckoned);
            sheet = made;
        }
        return made;
    }

    /** The sheets of all passes, the first one's first. */
    public synchronized Outcome<List<Sheet>> passes() {
        Outcome<List<Sheet>> made = passes;
        if (made == null) {
            made = first == null ? sheet().map(this::passes) : first.passes();
            passes = made;
        }
        return made;
    }

    private List<Sheet> passes(Sheet sheet) {
        int count = sheet.passes().map(PassPlan::passes).map(List::size).orElse(1);
        Stream<Sheet> later =
                IntStream.rangeClosed(2, count).mapToObj(this::onPass).flatMap(plan -> plan.sheet().value().stream());
        return Stream.concat(Stream.of(sheet), later).toList();
    }

    /** The score of that sheet. */
    public synchronized Outcome<Score> score() {
        Outcome<Score> made = score;
        if (made == null) {
            made = sheet().map(planned -> ScorePlanner.plan(planned, ask.choices()));
            score = made;
        }
        return made;
    }

    /** The nearest ways where it has no sheet; empty where it has one. */
    public List<Way> ways() {
        return sheet().value().isPresent() ? List.of() : Way.outOf(ask.weld().joint(), practice(), ask.ways());
    }

    /** What the engine would set otherwise today than when it was proven; empty where it would not, or nothing is proven. */
    public List<SheetDocument.Moved> moved() {
        return ask.proven()
                .flatMap(proven -> today().value().map(proven::movedOn))
                .orElse(List.of());
    }
}
