package vastarc.core.advice.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CyclePlanner;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.SheetChoices;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.ThermalPlan;
import vastarc.core.advice.plan.SheetDocument.ChangedFigure;
import vastarc.core.advice.sheet.Alternative;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.purge.PurgeSetup;

/**
 * The plan of one weld: its sheet and its score, each made once and only when asked for. A control logic that belongs to another arc
 * control than was given decides the control.
 */
public final class WeldPlan {

    /**
     * What a plan is made from.
     *
     * @param weld    joint and practice
     * @param shop    the shop's methods and stock
     * @param own     the welder's own values of the sheet's settings
     * @param purge   how the back is purged
     * @param choices the control logic, and own values that only a weld cycle has
     * @param proven  the sheet the weld was proven with, whose figures are used whatever would be calculated today; empty for an open one
     * @param pass    the pass it is for, from 1; own values and proof were made for the first and belong to that one alone
     */
    public record PlanRequest(
            Weld weld,
            ShopDefaults shop,
            OwnValues own,
            PurgeSetup purge,
            CycleChoices choices,
            Optional<SheetDocument> proven,
            int pass) {

        /**
         * No own values, nothing proven.
         *
         * @param weld the weld
         * @param shop the defaults of the shop
         * @return the plan request
         */
        public static PlanRequest of(Weld weld, ShopDefaults shop) {
            return new PlanRequest(
                    weld, shop, OwnValues.none(), PurgeSetup.usual(), CycleChoices.none(), Optional.empty(), 1);
        }

        /** {@return the same weld without own values, under the same trigger mode} */
        public PlanRequest withoutOwn() {
            return new PlanRequest(
                    weld,
                    shop,
                    OwnValues.none(),
                    purge,
                    new CycleChoices(choices.logic(), Map.of(), choices.seamMm()),
                    Optional.empty(),
                    pass);
        }

        /**
         * {@return the same weld as a machine with another logic does it}
         *
         * @param mode the trigger mode
         */
        public PlanRequest with(TriggerMode mode) {
            return new PlanRequest(
                    weld,
                    shop,
                    own,
                    purge,
                    new CycleChoices(Optional.of(mode), choices.own(), choices.seamMm()),
                    proven,
                    pass);
        }

        /**
         * {@return the same weld with other shop defaults}
         *
         * @param others the other ones
         */
        public PlanRequest in(ShopDefaults others) {
            return new PlanRequest(weld, others, own, purge, choices, proven, pass);
        }

        /**
         * {@return the same weld with its back purged otherwise}
         *
         * @param other the other one
         */
        public PlanRequest with(PurgeSetup other) {
            return new PlanRequest(weld, shop, own, other, choices, proven, pass);
        }

        SheetChoices sheet() {
            return new SheetChoices(shop, own, purge);
        }

        /**
         * {@return another pass of the same weld}
         *
         * @param other number of the pass, from 1
         */
        public PlanRequest onPass(int other) {
            return new PlanRequest(weld, shop, own, purge, choices, proven, other);
        }
    }

    private final PlanRequest ask;
    /** Of the first pass; null where this is it. */
    private final @Nullable WeldPlan first;

    private @Nullable Outcome<ThermalPlan> balance;
    private @Nullable Outcome<SetupSheet> today;
    private @Nullable Outcome<SetupSheet> sheet;
    private @Nullable Outcome<WeldCycle> score;
    private @Nullable Outcome<List<SetupSheet>> passes;

    private WeldPlan(PlanRequest request, @Nullable WeldPlan first, @Nullable Outcome<ThermalPlan> balance) {
        this.ask = request;
        this.first = first;
        this.balance = balance;
    }

    /**
     * {@return the plan of a request; nothing is calculated until it is asked for}
     *
     * @param request the request
     */
    public static WeldPlan of(PlanRequest request) {
        WeldPlan first = new WeldPlan(request.onPass(1), null, null);
        return first.onPass(request.pass());
    }

    /**
     * {@return the plan of a weld with a shop's defaults and no own values}
     *
     * @param weld the weld
     * @param shop the defaults of the shop
     */
    public static WeldPlan of(Weld weld, ShopDefaults shop) {
        return of(PlanRequest.of(weld, shop));
    }

    /** {@return what the plan is made from} */
    public PlanRequest ask() {
        return ask;
    }

    private WeldPlan first() {
        return first == null ? this : first;
    }

    /**
     * {@return another pass of the same weld; what the first one took is not calculated again}
     *
     * @param pass number of the pass, from 1
     */
    public WeldPlan onPass(int pass) {
        return pass == 1 ? first() : new WeldPlan(ask.onPass(pass), first(), null);
    }

    /**
     * {@return the same weld with other shop defaults; its heat is not calculated again}
     *
     * @param others the other ones
     */
    public WeldPlan in(ShopDefaults others) {
        return new WeldPlan(first().ask.in(others), null, first().balance()).onPass(ask.pass());
    }

    private WeldingConditions practice() {
        WeldingConditions entered = ask.weld().practice();
        ControlDevice control =
                ask.choices().logic().flatMap(TriggerMode::control).orElse(entered.control());
        return control == entered.control() ? entered : entered.with(draft -> draft.control = control);
    }

    private synchronized Outcome<ThermalPlan> balance() {
        Outcome<ThermalPlan> made = balance;
        if (made == null) {
            made = ThermalPlan.of(ask.weld().joint(), practice());
            balance = made;
        }
        return made;
    }

    /** {@return the sheet that the engine makes of it today, or why it makes none} */
    public synchronized Outcome<SetupSheet> today() {
        Outcome<SetupSheet> made = today;
        if (made == null) {
            made = first == null
                    ? balance().then(heat -> SheetPlanner.plan(heat, ask.sheet()))
                    : first.today()
                            .then(sheet -> first.balance()
                                    .then(heat ->
                                            SheetPlanner.later(heat, ask.sheet().with(sheet.own()), ask.pass())));
            today = made;
        }
        return made;
    }

    /** {@return the sheet it is welded by: today's, or the one it was proven with} */
    public synchronized Outcome<SetupSheet> sheet() {
        Outcome<SetupSheet> made = sheet;
        if (made == null) {
            Outcome<SetupSheet> calculated = today();
            made = ask.proven()
                    .filter(proven -> ask.pass() == 1)
                    .map(proven -> calculated.map(proven::heldOn))
                    .orElse(calculated);
            sheet = made;
        }
        return made;
    }

    /** {@return the sheets of all passes, the first one's first} */
    public synchronized Outcome<List<SetupSheet>> passes() {
        Outcome<List<SetupSheet>> made = passes;
        if (made == null) {
            made = first == null ? sheet().map(this::passes) : first.passes();
            passes = made;
        }
        return made;
    }

    private List<SetupSheet> passes(SetupSheet sheet) {
        int count = sheet.passes().map(PassSchedule::passes).map(List::size).orElse(1);
        Stream<SetupSheet> later =
                IntStream.rangeClosed(2, count).mapToObj(this::onPass).flatMap(plan -> plan.sheet().value().stream());
        return Stream.concat(Stream.of(sheet), later).toList();
    }

    /** {@return the weld cycle of that sheet} */
    public synchronized Outcome<WeldCycle> score() {
        Outcome<WeldCycle> made = score;
        if (made == null) {
            made = sheet().map(planned -> CyclePlanner.plan(planned, ask.choices()));
            score = made;
        }
        return made;
    }

    /** {@return the alternatives where it has no sheet; empty where it has one} */
    public List<Alternative> alternatives() {
        return sheet().value().isPresent()
                ? List.of()
                : Alternative.outOf(ask.weld().joint(), practice(), ask.shop());
    }

    /**
     * {@return what the engine would set otherwise today than when it was proven; empty where it would not, or
     * nothing is proven}
     */
    public List<ChangedFigure> changedFigures() {
        return ask.proven()
                .flatMap(proven -> today().value().map(proven::changedFigures))
                .orElse(List.of());
    }
}
