package vastarc.core.sheet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.consumable.Cup;
import vastarc.core.consumable.Tungsten;
import vastarc.core.heat.Arc;
import vastarc.core.heat.Cooling;
import vastarc.core.heat.HeatSolution;
import vastarc.core.heat.Pulse;
import vastarc.core.joint.Access;
import vastarc.core.joint.Control;
import vastarc.core.joint.Finish;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Penetration;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Technique;

/**
 * The decisions that depend on each other, made once: current, pulse, tungsten, cup and flow, slopes.
 *
 * @param schools    chosen schools
 * @param stock      what the shop owns
 * @param heat       the heat balance of the pass it is for
 * @param runs       every arc run of the joint
 * @param pass       the pass it is for, from 1
 * @param comparison the currents of the schools
 * @param proven     what the machine's runs teach
 * @param pulse      the current in time; steady where no pulse is wanted or the set has none
 * @param tungstenTaken the electrode, from the shelf
 * @param cupTaken   the cup, from the shelf
 * @param gasFlow    torch flow, L/min
 * @param taperS     time in which the current should fall at the end, whoever does it, s
 */
record Plan(
        Schools schools,
        Stock stock,
        HeatSolution heat,
        List<Run> runs,
        int pass,
        List<SchoolCurrent> comparison,
        Optional<ProvenCurrent> proven,
        Pulse pulse,
        Stock.Taken<Tungsten> tungstenTaken,
        Stock.Taken<Cup> cupTaken,
        Window gasFlow,
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
    static Plan of(HeatSolution heat, List<Run> runs, int pass, ShopWays ways, OwnValues own) {
        Schools schools = ways.schools();
        Optional<ProvenCurrent> proven = ways.proven().of(heat.joint());
        List<SchoolCurrent> comparison = SchoolCurrent.compare(heat, runs.get(0).currentA(), proven);
        double steady = SchoolCurrent.chosen(comparison, schools.of(Matter.WORKING_CURRENT))
                .currentA();
        Pulse wanted = pulse(heat, steady);
        double hotter = hotter(heat, runs);
        double peak = hotter * own.over(wanted).peakA();
        Stock.Taken<Tungsten> tungsten = ways.stock().tungsten(tungsten(schools, own.over(wanted), hotter), peak);
        Pulse pulse = own.over(heldAbove(tungsten.item().minStableA(), wanted, heat.arc(), steady));
        Stock.Taken<Cup> cup = cup(heat, pulse.peakA(), ways);
        Window flow = flow(heat, cup.item(), pulse.peakA(), schools);
        return new Plan(
                schools, ways.stock(), heat, runs, pass, comparison, proven, pulse, tungsten, cup, flow, taper(heat));
    }

    /** How much more the hottest pass takes than this one, 1 or more. */
    private static double hotter(HeatSolution heat, List<Run> runs) {
        double hottest = runs.stream().mapToDouble(Run::currentA).max().orElseThrow();
        return Math.max(1, hottest / heat.currentA());
    }

    /** Where in its calm band the shop likes its flow. */
    private static Window chosen(Window band, School school) {
        return switch (school) {
            case GAS_GENEROUS -> new Window(band.high(), band.low(), band.high());
            case GAS_JUST_ENOUGH -> new Window(band.low(), band.low(), band.high());
            default -> band;
        };
    }

    Tungsten tungsten() {
        return tungstenTaken.item();
    }

    Cup cup() {
        return cupTaken.item();
    }

    private static Pulse pulse(HeatSolution heat, double steadyA) {
        PulsePurpose purpose = heat.practice().control() == Control.LIFT_ONLY
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
    private static Pulse shaped(Arc arc, double steadyA, double rateHz, double onFraction, double ratio) {
        double heatW = Arc.EFFICIENCY * arc.powerW(steadyA);
        return new Pulse(rateHz, onFraction, ratio, arc.peakCurrentA(heatW, onFraction, ratio));
    }

    /** The electrode a school takes; none thicker than the table's thickest is known, and the scope rules see to that. */
    private static Tungsten tungsten(Schools schools, Pulse pulse, double hotter) {
        School school = schools.of(Matter.TUNGSTEN_SIZE);
        return tungsten(school, hotter * pulse.peakA(), leastA(pulse));
    }

    private static Tungsten tungsten(School school, double peakA, double leastA) {
        List<Tungsten> sizes = Tungsten.sizes();
        Tungsten thickest = sizes.get(sizes.size() - 1);
        Tungsten usual = Tungsten.usualFor(peakA, leastA).orElse(thickest);
        return switch (school) {
            case SMALLEST -> Tungsten.forPeak(peakA).orElse(thickest);
            case ONE_SIZE -> {
                Tungsten one = Tungsten.of(ONE_SIZE_MM);
                yield one.minStableA() <= leastA && peakA <= one.practicalMaxA() ? one : usual;
            }
            default -> usual;
        };
    }

    /** What another school would fit here, mm. */
    double tungstenMm(School school) {
        return tungsten(school, hottestA(), leastA(pulse)).diameterMm();
    }

    /** The least current the electrode has to hold, A: a pulse's background; slopes begin and end at what it holds. */
    private static double leastA(Pulse pulse) {
        return pulse.isSteady() ? pulse.peakA() : pulse.backgroundA();
    }

    /** Lifts the background to what the tungsten holds, keeping the mean power. */
    private static Pulse heldAbove(double minStableA, Pulse pulse, Arc arc, double steadyA) {
        Pulse held = pulse;
        for (int i = 0; i < 20 && held.backgroundA() < minStableA - 1e-9 && !held.isSteady(); i++) {
            double ratio = Math.min(1, minStableA / held.peakA());
            held = shaped(arc, steadyA, pulse.rateHz(), pulse.onFraction(), Math.min(1, ratio + 1e-6));
        }
        return held;
    }

    private static Stock.Taken<Cup> cup(HeatSolution heat, double peakA, ShopWays ways) {
        boolean titanium = heat.joint().isTitanium();
        boolean tight = heat.practice().access() == Access.TIGHT;
        boolean lens = lens(heat, ways.schools().of(Matter.LENS));
        double margin = titanium ? TITANIUM_MARGIN_MM : tight ? TIGHT_MARGIN_MM : SHIELD_MARGIN_MM;
        boolean clean = heat.joint().wantsPurge() && heat.practice().finish() != Finish.PLAIN;
        int smallest = titanium ? TITANIUM_CUP : clean ? BRIGHT_CUP : peakA < MICRO_BELOW_A ? MICRO_CUP : USUAL_CUP;
        double bore = heat.pool().coveredMm(heat.joint().isCorner()) + margin;
        Cup least = Cup.atLeast(bore, tight && !titanium ? MICRO_CUP : smallest).lens(lens);
        Cup wanted = tight ? least : cleanest(heat, least, peakA, ways.schools());
        Stock.Taken<Cup> cup = ways.stock().cup(wanted, bore);
        return new Stock.Taken<>(cup.item().lens(lens), cup.gaveUp());
    }

    /** The smallest cup whose gas alone leaves the seam as clean as its finish wants it; the least where none does. */
    private static Cup cleanest(HeatSolution heat, Cup least, double peakA, Schools schools) {
        OptionalDouble most = GasCover.mostC(heat.joint(), heat.practice());
        if (most.isEmpty()) {
            return least;
        }
        return Cup.sizes().stream()
                .map(size -> size.lens(least.lens()))
                .filter(cup -> cup.boreMm() >= least.boreMm() && cup.number() <= LARGEST_CUP)
                .filter(cup -> {
                    double cover =
                            GasCover.mm(cup, flow(heat, cup, peakA, schools).value());
                    return GasCover.leavesC(heat, cover) <= most.getAsDouble();
                })
                .findFirst()
                .orElse(least);
    }

    /** By metal, finish and room, or as the shop always does. Source: [judgement]. */
    private static boolean lens(HeatSolution heat, School school) {
        return switch (school) {
            case LENS_ALWAYS -> true;
            case LENS_NEVER -> false;
            default ->
                heat.joint().wantsPurge()
                        || heat.practice().finish() != Finish.PLAIN
                        || heat.practice().access() == Access.TIGHT;
        };
    }

    private static Window flow(HeatSolution heat, Cup cup, double peakA, Schools schools) {
        return chosen(gasFlow(heat, cup, peakA), schools.of(Matter.GAS_FLOW));
    }

    private static Window gasFlow(HeatSolution heat, Cup cup, double peakA) {
        if (heat.joint().isTitanium()) {
            return flow(cup, 1100, 1000, 1200);
        }
        if (peakA < MICRO_BELOW_A) {
            return flow(cup, 800, 600, 900);
        }
        return flow(cup, 1200, 1000, cup.lens() ? 1600 : 1400);
    }

    private static Window flow(Cup cup, double reynolds, double low, double high) {
        return new Window(cup.flowLPerMin(reynolds), cup.flowLPerMin(low), cup.flowLPerMin(high));
    }

    /** t_down = max(1, t_f, L/v): the pool shrinks no faster than it froze while running. */
    private static double taper(HeatSolution heat) {
        double freeze = heat.pool().freezeTimeS(heat.metal(), heat.platePowerW(), 0);
        return Math.max(
                1, Math.max(freeze, heat.pool().lengthMm() / heat.demand().speedMmPerS()));
    }

    Joint joint() {
        return heat.joint();
    }

    Practice practice() {
        return heat.practice();
    }

    Control control() {
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

    /** What the chosen school makes of a current by the heat balance. */
    double schoolFactor() {
        return SchoolCurrent.chosen(comparison, schools.of(Matter.WORKING_CURRENT))
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
        return control() == Control.LIFT_ONLY ? 0 : taperS;
    }

    Cooling cooling() {
        return heat.cooling(fadeS(), Cooling.UNDER_GAS);
    }
}
