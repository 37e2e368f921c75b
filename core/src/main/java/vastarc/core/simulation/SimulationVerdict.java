package vastarc.core.simulation;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.WeldPool;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.EndWidths;
import vastarc.core.simulation.result.SimulationResult.MiddleWidths;

/** What a simulation says in words, and what it cannot say. Bounds are judgement. */
public final class SimulationVerdict {

    /** Sheet and simulation agree within this share. */
    public static final double AGREES = 0.12;

    private static final double SCARCELY_THROUGH = 5;
    private static final double FUSED_BEYOND_MM = 0.3;
    private static final double ENOUGH_THROAT = 0.95;
    private static final double DEEP_ENOUGH = 0.9;
    private static final double EVEN = 12;
    private static final double END_WIDER = 1.25;
    private static final double START_NARROWER = 0.8;
    private static final double WARMER_K = 80;
    private static final double LEAST_CRATER_MM = 0.05;
    private static final double DEEP_OF_THICKNESS = 0.1;

    private final SimulationRequest ask;
    private final SimulationResult made;
    private final List<Phrase> phrases = new ArrayList<>();

    private SimulationVerdict(SimulationRequest request, SimulationResult made) {
        this.ask = request;
        this.made = made;
    }

    /**
     * {@return the result of it, the gravest first}
     *
     * @param request the request
     * @param made the simulation
     */
    public static List<Phrase> of(SimulationRequest request, SimulationResult made) {
        return new SimulationVerdict(request, made).phrases();
    }

    /**
     * {@return what it leaves out, and what is taken instead}
     *
     * @param request the request
     */
    public static List<Phrase> limits(SimulationRequest request) {
        List<Phrase> limits = new ArrayList<>();
        limits.add(Phrase.of("rehearsal.limit.shape"));
        limits.add(Phrase.of("rehearsal.limit.arc", Quantity.ruled(arcRadiusMm(request))));
        limits.add(Phrase.of("rehearsal.limit.legs", Quantity.ruled(request.legMm())));
        if (request.joint().isDissimilar()) {
            limits.add(Phrase.of(
                    "rehearsal.limit.metal",
                    Phrase.of("material." + request.joint().material().name())));
        }
        if (request.joint().preparation().isBevelledT()) {
            limits.add(Phrase.of("rehearsal.limit.bevel"));
        }
        if (request.joint().isOpenCorner()) {
            limits.add(Phrase.of("rehearsal.limit.corner"));
        }
        if (request.joint().form().isTube()) {
            limits.add(Phrase.of(request.isRing() ? "rehearsal.limit.tube" : "rehearsal.limit.stretch"));
        }
        if (request.score().rhythm().wire()) {
            limits.add(Phrase.of("rehearsal.limit.wire"));
        }
        limits.add(Phrase.of("rehearsal.limit.warping"));
        return List.copyOf(limits);
    }

    private static double arcRadiusMm(SimulationRequest request) {
        double working =
                request.score().sheet().setting(ParameterKey.WORKING_CURRENT).value();
        return ArcModel.radiusMm(working);
    }

    private List<Phrase> phrases() {
        if (made.widths().frontMm() <= 0) {
            say("noFusion");
            return List.copyOf(phrases);
        }
        fillet();
        corner();
        depth();
        through();
        ends();
        evenness();
        crater();
        colour();
        agreement();
        return List.copyOf(phrases);
    }

    private void say(String code, Object... arguments) {
        phrases.add(Phrase.of("rehearsal.says." + code, arguments));
    }

    /** A fillet is judged at its root and by its throat. */
    private void fillet() {
        if (!ask.joint().isCorner()) {
            return;
        }
        double beyond = made.widths().rootMm();
        say(beyond >= FUSED_BEYOND_MM ? "rootFused" : "rootNotFused", Quantity.ruled(beyond));
        double leg = ask.heat().demand().legMm();
        if (leg > 0) {
            double throat = Math.sqrt(depositedAreaMm2());
            double wanted = leg / Math.sqrt(2);
            say(
                    throat >= ENOUGH_THROAT * wanted ? "throat" : "throatThin",
                    Quantity.ruled(throat),
                    Quantity.ruled(wanted));
        }
    }

    /** Section that is laid at the pace and with the filler of this simulation, mm². */
    private double depositedAreaMm2() {
        double pace = 60 * ask.heat().demand().speedMmPerS();
        double wire = ask.heat().wirePowerW() > 0 ? ask.wireW() / ask.heat().wirePowerW() : 1;
        return ask.heat().demand().depositedAreaMm2()
                * wire
                * pace
                / ask.operator().travelMmPerMin().orElse(pace);
    }

    private void corner() {
        if (ask.joint().isOpenCorner() && !isToDepth(ask)) {
            say(
                    SimulatedZone.isCornerFused(ask.joint(), made) ? "cornerFused" : "cornerNotFused",
                    Quantity.ruled(made.widths().rootMm()),
                    Quantity.ruled(ask.joint().thinnerMm()));
        }
    }

    /** A run that is not to go through is judged by its depth. */
    private void depth() {
        if (!isToDepth(ask)) {
            return;
        }
        double wanted = FusionRequirement.depthMm(ask.joint(), ask.heat().practice());
        double deep = made.widths().rootMm();
        say(depthCode(deep / wanted), Quantity.ruled(deep), Quantity.ruled(wanted));
    }

    private static String depthCode(double ofWanted) {
        if (ofWanted < WeldZone.LEAST_WIDTH_SHARE) {
            return "notDeep";
        }
        return ofWanted < DEEP_ENOUGH ? "nearlyDeep" : "deep";
    }

    private static boolean isToDepth(SimulationRequest request) {
        Penetration wanted = request.score().sheet().penetration();
        return wanted == Penetration.PARTIAL || wanted == Penetration.BOTH_SIDES || wanted == Penetration.SURFACE;
    }

    private void through() {
        Penetration wanted = ask.score().sheet().penetration();
        boolean byLeg = wanted == Penetration.ROOT;
        boolean solid = wanted != Penetration.FULL && wanted != Penetration.THROUGH && !byLeg;
        Quantity percent = Quantity.percent(made.throughPercent());
        if (!ask.joint().hasOpenBack()) {
            say("noBack");
        } else if (byLeg) {
            say(made.throughPercent() > SCARCELY_THROUGH ? "backMeltsByLeg" : "backSolid", percent);
        } else if (solid) {
            say(made.throughPercent() > SCARCELY_THROUGH ? "backMelts" : "backSolid", percent);
        } else if (SimulatedZone.isThrough(made)) {
            say(
                    made.throughPercent() >= SimulatedZone.THROUGH_PERCENT ? "through" : "throughLate",
                    Quantity.ruled(made.widths().backMm()),
                    Quantity.ruled(made.throughMm().orElse(0)),
                    percent);
        } else if (!ask.joint().isOpenCorner()) {
            say(made.throughPercent() < 1 ? "notMolten" : "notThrough", percent);
        }
        if (ask.joint().hasOpenBack() && made.widestBackMm() > backLimitMm()) {
            say("falls", Quantity.ruled(made.widestBackMm()), Quantity.ruled(backLimitMm()));
        }
    }

    private double backLimitMm() {
        return WeldPool.widestBackMm(
                ask.joint().material().properties(),
                ask.joint().thinnerMm(),
                ask.score().sheet().setting(ParameterKey.WORKING_CURRENT).value());
    }

    private void ends() {
        double middle = made.widths().frontMm();
        EndWidths ends = made.ends();
        Quantity end = Quantity.ruled(ends.endMm());
        if (ends.endMm() > END_WIDER * middle) {
            say(ends.meets() ? "tieInWide" : "endWide", end, Quantity.ruled(middle));
        } else if (ends.meets()) {
            say("tieIn", end, Quantity.ruled(middle));
        }
        if (ends.startMm() < START_NARROWER * middle) {
            say("startCold", Quantity.ruled(ends.startMm()), Quantity.ruled(middle));
        }
        if (ends.startMm() > END_WIDER * middle) {
            say("startWide", Quantity.ruled(ends.startMm()), Quantity.ruled(middle));
        }
    }

    private void evenness() {
        Quantity spread = Quantity.percent(made.widths().frontSpread());
        say(made.widths().frontSpread() <= EVEN ? "even" : "uneven", spread);
        if (made.buildUpK() > WARMER_K) {
            double melts = ask.joint().material().properties().meltC();
            double working =
                    ask.score().sheet().setting(ParameterKey.WORKING_CURRENT).value();
            double less =
                    working * made.buildUpK() / (melts - ask.heat().practice().metalC());
            say("warms", Quantity.of(made.buildUpK(), Unit.KELVIN), Quantity.amperes(less));
        }
    }

    private void crater() {
        Quantity depth = Quantity.ruled(made.crater().depthMm());
        if (made.crater().depthMm() < LEAST_CRATER_MM) {
            say("noCrater");
            return;
        }
        boolean deep = made.crater().depthMm() > DEEP_OF_THICKNESS * ask.joint().thinnerMm();
        say(deep ? "craterDeep" : "crater", depth);
    }

    private void colour() {
        if (made.frontTint().judged()) {
            say("colour", made.frontTint().colour(), made.frontTint().endColour());
            if (made.backTint().judged()
                    && !ask.heat().practice().purged()
                    && ask.joint().hasOpenBack()) {
                say("backInAir", made.backTint().endColour());
            }
        }
    }

    private void agreement() {
        MiddleWidths widths = made.widths();
        Quantity here = Quantity.ruled(widths.frontMm());
        Quantity sheet = Quantity.ruled(widths.sheetFrontMm());
        if (agrees(widths)) {
            say("agrees", here, sheet);
        } else if (ask.operator().arcMm().isPresent()) {
            say(
                    "differs.arc",
                    here,
                    sheet,
                    Quantity.ruled(ask.operator().arcMm().getAsDouble()));
        } else if (!ask.operator().isSteady()
                || ask.operator().travelMmPerMin().isPresent()
                || ask.wireMm().isPresent()) {
            say("differs.hand", here, sheet);
        } else {
            say(
                    widths.frontMm() > widths.sheetFrontMm() ? "differs.wider" : "differs.narrower",
                    here,
                    sheet,
                    Quantity.ruled(arcRadiusMm(ask)));
        }
    }

    /**
     * {@return whether the bead in the middle is as wide as the sheet calculates, within {@link #AGREES}}
     *
     * @param widths the widths in the middle of the seam
     */
    public static boolean agrees(MiddleWidths widths) {
        return Math.abs(widths.frontMm() - widths.sheetFrontMm()) <= AGREES * widths.sheetFrontMm();
    }
}
