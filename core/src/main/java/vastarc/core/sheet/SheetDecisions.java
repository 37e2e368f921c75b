package vastarc.core.sheet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.consumable.Cup;
import vastarc.core.consumable.Tungsten;
import vastarc.core.heat.ArcModel;
import vastarc.core.heat.CoolingTime;
import vastarc.core.heat.HeatBalance;
import vastarc.core.heat.Pulse;
import vastarc.core.joint.Access;
import vastarc.core.joint.ControlDevice;
import vastarc.core.joint.FinishRequirement;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Penetration;
import vastarc.core.joint.Position;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Technique;
import vastarc.core.joint.WeldingConditions;
import vastarc.core.sheet.Stock.StockChoice;

/**
 * The decisions that depend on each other, made once: current, pulse, tungsten, cup and flow, slopes.
 *
 * @param methods    chosen methods
 * @param stock      what the shop owns
 * @param heat       the heat balance of the pass it is for
 * @param runs       every arc run of the joint
 * @param pass       the pass it is for, from 1
 * @param comparison the currents of the methods
 * @param proven     what the machine's runs teach
 * @param pulse      the current in time; steady where no pulse is wanted or the set has none
 * @param tungstenChoice the electrode, from stock
 * @param cupChoice  the cup, from stock
 * @param gasFlow    torch flow, L/min
 * @param taperS     time in which the current should fall at the end, whoever does it, s
 */
record SheetDecisions(
        ChosenMethods methods,
        Stock stock,
        HeatBalance heat,
        List<WeldPass> runs,
        int pass,
        List<MethodCurrent> comparison,
        Optional<MachineCalibration> proven,
        Pulse pulse,
        StockChoice<Tungsten> tungstenChoice,
        StockChoice<Cup> cupChoice,
        Range gasFlow,
        double taperS) {

    private static final double MICRO_BELOW_A = 15;
    private static final int TITANIUM_CUP = 12;
    private static final int MICRO_CUP = 4;
    private static final int USUAL_CUP = 5;
    private static final int BRIGHT_CUP = 8;
    private static final int LARGEST_CUP = 14;
    private static final double ONE_SIZE_MM = 2.4;
    private static final double SHIELD_MARGIN_MM = 6;
    private static final double TITANIUM_MARGIN_MM = 10;
    private static final double TIGHT_MARGIN_MM = 4;

    /** The plan of a pass, from 1; what is fitted to torch and machine is chosen for the hottest of them. */
    static SheetDecisions of(HeatBalance heat, List<WeldPass> runs, int pass, ShopDefaults shop, OwnValues own) {
        ChosenMethods methods = shop.methods();
        Optional<MachineCalibration> proven = shop.proven().of(heat.joint());
        List<MethodCurrent> comparison = MethodCurrent.compare(heat, runs.get(0).currentA(), proven);
        double steady = MethodCurrent.chosen(comparison, methods.of(ParameterTopic.WORKING_CURRENT))
                .currentA();
        Pulse wanted = pulse(heat, steady);
        double hotter = hotter(heat, runs);
        double peak = hotter * own.over(wanted).peakA();
        StockChoice<Tungsten> tungsten = shop.stock().tungsten(tungsten(methods, own.over(wanted), hotter), peak);
        Pulse pulse = own.over(heldAbove(tungsten.item().minStableA(), wanted, heat.arc(), steady));
        StockChoice<Cup> cup = cup(heat, pulse.peakA(), shop);
        Range flow = flow(heat, cup.item(), pulse.peakA(), methods);
        return new SheetDecisions(
                methods, shop.stock(), heat, runs, pass, comparison, proven, pulse, tungsten, cup, flow, taper(heat));
    }

    /** How much more the hottest pass takes than this one, 1 or more. */
    private static double hotter(HeatBalance heat, List<WeldPass> runs) {
        double hottest = runs.stream().mapToDouble(WeldPass::currentA).max().orElseThrow();
        return Math.max(1, hottest / heat.currentA());
    }

    /** Where in its calm band the shop likes its flow. */
    private static Range chosen(Range band, Method method) {
        return switch (method) {
            case GAS_GENEROUS -> new Range(band.high(), band.low(), band.high());
            case GAS_JUST_ENOUGH -> new Range(band.low(), band.low(), band.high());
            default -> band;
        };
    }

    Tungsten tungsten() {
        return tungstenChoice.item();
    }

    Cup cup() {
        return cupChoice.item();
    }

    private static Pulse pulse(HeatBalance heat, double steadyA) {
        PulsePurpose purpose = heat.practice().control() == ControlDevice.LIFT_ONLY
                ? PulsePurpose.NONE
                : heat.practice().pulse();
        double speed = heat.demand().speedMmPerS();
        double fastest = heat.practice().technique() == Technique.POSITIONER ? 10 : 3;
        return switch (purpose) {
            case NONE -> Pulse.steady(steadyA);
            case RIPPLE -> shaped(heat.arc(), steadyA, Math.min(fastest, Math.max(0.5, speed / 1.0)), 0.5, 0.4);
            case HEAT -> shaped(heat.arc(), steadyA, 2, 0.45, 0.3);
            case STIFF -> shaped(heat.arc(), steadyA, 200, 0.5, 0.4);
        };
    }

    /** A pulse with the same mean power as the steady current. */
    private static Pulse shaped(ArcModel arc, double steadyA, double rateHz, double onFraction, double ratio) {
        double heatW = ArcModel.EFFICIENCY * arc.powerW(steadyA);
        return new Pulse(rateHz, onFraction, ratio, arc.peakCurrentA(heatW, onFraction, ratio));
    }

    /** The electrode a method takes; none thicker than the table's thickest is known, and the scope rules see to that. */
    private static Tungsten tungsten(ChosenMethods methods, Pulse pulse, double hotter) {
        Method method = methods.of(ParameterTopic.TUNGSTEN_SIZE);
        return tungsten(method, hotter * pulse.peakA(), leastA(pulse));
    }

    private static Tungsten tungsten(Method method, double peakA, double leastA) {
        List<Tungsten> sizes = Tungsten.sizes();
        Tungsten thickest = sizes.get(sizes.size() - 1);
        Tungsten usual = Tungsten.usualFor(peakA, leastA).orElse(thickest);
        return switch (method) {
            case SMALLEST -> Tungsten.forPeak(peakA).orElse(thickest);
            case ONE_SIZE -> {
                Tungsten tungsten = Tungsten.of(ONE_SIZE_MM);
                yield tungsten.minStableA() <= leastA && peakA <= tungsten.practicalMaxA() ? tungsten : usual;
            }
            default -> usual;
        };
    }

    /** What another method would fit here, mm. */
    double tungstenMm(Method method) {
        return tungsten(method, hottestA(), leastA(pulse)).diameterMm();
    }

    /** The least current the electrode has to hold, A: a pulse's background; slopes begin and end at what it holds. */
    private static double leastA(Pulse pulse) {
        return pulse.isSteady() ? pulse.peakA() : pulse.backgroundA();
    }

    /** Lifts the background to what the tungsten holds, keeping the mean power. */
    private static Pulse heldAbove(double minStableA, Pulse pulse, ArcModel arc, double steadyA) {
        Pulse held = pulse;
        for (int i = 0; i < 20 && held.backgroundA() < minStableA - 1e-9 && !held.isSteady(); i++) {
            double ratio = Math.min(1, minStableA / held.peakA());
            held = shaped(arc, steadyA, pulse.rateHz(), pulse.onFraction(), Math.min(1, ratio + 1e-6));
        }
        return held;
    }

    private static StockChoice<Cup> cup(HeatBalance heat, double peakA, ShopDefaults shop) {
        boolean titanium = heat.joint().isTitanium();
        boolean tight = heat.practice().access() == Access.TIGHT;
        boolean lens = lens(heat, shop.methods().of(ParameterTopic.LENS));
        double margin = titanium ? TITANIUM_MARGIN_MM : tight ? TIGHT_MARGIN_MM : SHIELD_MARGIN_MM;
        boolean clean = heat.joint().wantsPurge() && heat.practice().finish() != FinishRequirement.PLAIN;
        int smallest = titanium ? TITANIUM_CUP : clean ? BRIGHT_CUP : peakA < MICRO_BELOW_A ? MICRO_CUP : USUAL_CUP;
        double bore = heat.pool().coveredMm(heat.joint().isCorner()) + margin;
        Cup least = Cup.atLeast(bore, tight && !titanium ? MICRO_CUP : smallest).lens(lens);
        Cup wanted = tight ? least : cleanestCup(heat, least, peakA, shop.methods());
        StockChoice<Cup> cup = shop.stock().cup(wanted, bore);
        return new StockChoice<>(cup.item().lens(lens), cup.gaveUp());
    }

    /** The smallest cup whose gas alone leaves the seam as clean as its finish wants it; the least where none does. */
    private static Cup cleanestCup(HeatBalance heat, Cup least, double peakA, ChosenMethods methods) {
        OptionalDouble most = GasCover.mostC(heat.joint(), heat.practice());
        if (most.isEmpty()) {
            return least;
        }
        return Cup.sizes().stream()
                .map(size -> size.lens(least.lens()))
                .filter(cup -> cup.boreMm() >= least.boreMm() && cup.number() <= LARGEST_CUP)
                .filter(cup -> {
                    double cover =
                            GasCover.mm(cup, flow(heat, cup, peakA, methods).value());
                    return GasCover.leavesC(heat, cover) <= most.getAsDouble();
                })
                .findFirst()
                .orElse(least);
    }

    /** By metal, finish and room, or as the shop always does. Source: [judgement]. */
    private static boolean lens(HeatBalance heat, Method method) {
        return switch (method) {
            case LENS_ALWAYS -> true;
            case LENS_NEVER -> false;
            default ->
                heat.joint().wantsPurge()
                        || heat.practice().finish() != FinishRequirement.PLAIN
                        || heat.practice().access() == Access.TIGHT;
        };
    }

    private static Range flow(HeatBalance heat, Cup cup, double peakA, ChosenMethods methods) {
        return chosen(gasFlow(heat, cup, peakA), methods.of(ParameterTopic.GAS_FLOW));
    }

    private static Range gasFlow(HeatBalance heat, Cup cup, double peakA) {
        if (heat.joint().isTitanium()) {
            return flow(cup, 1100, 1000, 1200);
        }
        if (peakA < MICRO_BELOW_A) {
            return flow(cup, 800, 600, 900);
        }
        return flow(cup, 1200, 1000, cup.lens() ? 1600 : 1400);
    }

    private static Range flow(Cup cup, double reynolds, double low, double high) {
        return new Range(cup.flowLPerMin(reynolds), cup.flowLPerMin(low), cup.flowLPerMin(high));
    }

    /** t_down = max(1, t_f, L/v): the pool shrinks no faster than it froze while running. */
    private static double taper(HeatBalance heat) {
        double freeze = heat.pool().freezeTimeS(heat.metal(), heat.platePowerW(), 0);
        return Math.max(
                1, Math.max(freeze, heat.pool().lengthMm() / heat.demand().speedMmPerS()));
    }

    Joint joint() {
        return heat.joint();
    }

    WeldingConditions practice() {
        return heat.practice();
    }

    ControlDevice control() {
        return heat.practice().control();
    }

    double peakA() {
        return pulse.peakA();
    }

    /** Peak of the hottest pass, A: what tungsten, ceiling, torch and hood are chosen by. */
    double hottestA() {
        return hotter(heat, runs) * peakA();
    }

    /** RMS of the hottest pass, A. */
    double hottestRmsA() {
        return hotter(heat, runs) * pulse.rmsA();
    }

    /** What the chosen method makes of a current by the heat balance. */
    double methodFactor() {
        return MethodCurrent.chosen(comparison, methods.of(ParameterTopic.WORKING_CURRENT))
                        .currentA()
                / heat.currentA();
    }

    Penetration penetration() {
        return Penetration.of(joint(), practice());
    }

    boolean isMicro() {
        return peakA() < MICRO_BELOW_A;
    }

    boolean isTitanium() {
        return joint().isTitanium();
    }

    /** Seams that close on themselves start on metal, not on an edge. */
    boolean startsAtEdge() {
        return !joint().form().isTube();
    }

    Position position() {
        return practice().position();
    }

    JointForm form() {
        return joint().form();
    }

    /** Time the arc takes to fade at the end: a bare lift set snaps off. */
    double fadeS() {
        return control() == ControlDevice.LIFT_ONLY ? 0 : taperS;
    }

    CoolingTime cooling() {
        return heat.cooling(fadeS(), CoolingTime.UNDER_GAS);
    }
}
