package vastarc.core.advice.parameters;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import vastarc.core.advice.parameters.Stock.StockChoice;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.CoolingTime;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.Pulse;
import vastarc.core.physics.purge.PurgeSetup;

/**
 * The decisions that depend on each other, made once: current, pulse, tungsten, cup and flow, slopes.
 *
 * @param methods    chosen methods
 * @param stock      what the shop owns
 * @param first      the heat balance of the first pass, by which cup, gas and filler of the whole weld are chosen
 * @param heat       the heat balance of the pass it is for
 * @param runs       every arc run of the joint
 * @param pass       the pass it is for, from 1
 * @param comparison the currents of the methods
 * @param proven     what the machine's runs teach
 * @param pulses     the current in time of every pass; steady where no pulse is wanted or the machine has none
 * @param tungstenChoice the electrode, from stock, for all passes
 * @param cupChoice  the cup, from stock, for all passes
 * @param gasFlow    torch flow, L/min
 * @param filler     the rod, from stock, for all passes; empty without filler
 * @param purge      how the back is purged
 * @param taperS     time in which the current should fall at the end, whoever does it, s
 */
public record SheetDecisions(
        ChosenMethods methods,
        Stock stock,
        HeatBalance first,
        HeatBalance heat,
        List<WeldPass> runs,
        int pass,
        List<CurrentByMethod> comparison,
        Optional<MachineCalibration> proven,
        List<Pulse> pulses,
        StockChoice<Tungsten> tungstenChoice,
        StockChoice<Cup> cupChoice,
        Range gasFlow,
        Optional<StockChoice<FillerRod>> filler,
        PurgeSetup purge,
        double taperS) {

    private static final double ONE_SIZE_MM = 2.4;

    /** Travel speed alone moves the current this much either way: ±20 % of travel. */
    private static final double WELDER_SPREAD = 0.12;

    private static final double TITANIUM_SPREAD = 0.25;

    /**
     * {@return the plan of a pass, from 1; what is fitted to torch and machine is chosen for the hottest of them}
     *
     * @param first the heat balance of the first pass
     * @param heat the heat balance
     * @param runs the passes
     * @param pass number of the pass, from 1
     * @param choices the sheet choices
     */
    public static SheetDecisions of(
            HeatBalance first, HeatBalance heat, List<WeldPass> runs, int pass, SheetChoices choices) {
        ShopDefaults shop = choices.shop();
        OwnValues own = choices.own();
        ChosenMethods methods = shop.methods();
        Optional<MachineCalibration> proven = shop.proven().of(new Weld(heat.joint(), heat.practice()));
        List<CurrentByMethod> comparison =
                CurrentByMethod.compare(heat, runs.get(0).currentA(), proven);
        double factor = factor(comparison, methods, heat);
        List<Pulse> wanted = PulseShape.ofPasses(first, runs, factor, OptionalDouble.empty(), own);
        double peak = highest(wanted, Pulse::peakA);
        Tungsten right = tungsten(methods.of(ParameterTopic.TUNGSTEN_SIZE), peak, leastA(wanted));
        StockChoice<Tungsten> tungsten = shop.stock().tungsten(right, peak);
        OptionalDouble holds = OptionalDouble.of(tungsten.item().minStableA());
        StockChoice<Cup> cup = CupChoice.cup(first, runs, peak, shop);
        return new SheetDecisions(
                methods,
                shop.stock(),
                first,
                heat,
                runs,
                pass,
                comparison,
                proven,
                PulseShape.ofPasses(first, runs, factor, holds, own),
                tungsten,
                cup,
                CupChoice.flow(first, cup.item(), peak, methods),
                first.practice().wire() ? Optional.of(FillerChoice.rod(first, shop)) : Optional.empty(),
                choices.purge(),
                taper(heat));
    }

    private static double highest(List<Pulse> pulses, ToDoubleFunction<Pulse> current) {
        return pulses.stream().mapToDouble(current).max().orElseThrow();
    }

    /** What the chosen method makes of a current by the heat balance; the same for every pass. */
    private static double factor(List<CurrentByMethod> comparison, ChosenMethods methods, HeatBalance heat) {
        return CurrentByMethod.chosen(comparison, methods.of(ParameterTopic.WORKING_CURRENT))
                        .currentA()
                / heat.currentA();
    }

    /**
     * {@return ±12 %, ±25 % on titanium, around a current, A}
     *
     * @param currentA current, A
     */
    public Range currentRange(double currentA) {
        double spread = isTitanium() ? TITANIUM_SPREAD : WELDER_SPREAD;
        return new Range(currentA, currentA * (1 - spread), currentA * (1 + spread));
    }

    /** {@return the current in time of the pass it is for} */
    public Pulse pulse() {
        return pulses.get(pass - 1);
    }

    /** {@return the electrode} */
    public Tungsten tungsten() {
        return tungstenChoice.item();
    }

    /** {@return the cup} */
    public Cup cup() {
        return cupChoice.item();
    }

    /** The electrode a method takes; none thicker than the table's thickest is known, and the scope rules see to that. */
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

    /**
     * {@return what another method would fit here, mm}
     *
     * @param method the method
     */
    public double tungstenMm(Method method) {
        return tungsten(method, hottestA(), leastA(pulses)).diameterMm();
    }

    /** The least current the electrode has to hold, A: a pulse's background; slopes begin and end at what it holds. */
    private static double leastA(List<Pulse> pulses) {
        return pulses.stream()
                .mapToDouble(pulse -> pulse.isSteady() ? pulse.peakA() : pulse.backgroundA())
                .min()
                .orElseThrow();
    }

    /** t_down = max(1, t_f, L/v): the pool shrinks no faster than it froze while running. */
    private static double taper(HeatBalance heat) {
        double freeze = heat.pool().freezeTimeS(heat.metal(), heat.platePowerW(), 0);
        return Math.max(
                1, Math.max(freeze, heat.pool().lengthMm() / heat.demand().speedMmPerS()));
    }

    /** {@return the joint} */
    public Joint joint() {
        return heat.joint();
    }

    /** {@return the welding conditions} */
    public WeldingConditions practice() {
        return heat.practice();
    }

    /** {@return what governs the current} */
    public ControlDevice control() {
        return heat.practice().control();
    }

    /** {@return the current of the pass, its peak where it is pulsed, A} */
    public double peakA() {
        return pulse().peakA();
    }

    /** {@return peak of the hottest pass, A: what tungsten, ceiling, torch and hood are chosen by} */
    public double hottestA() {
        return highest(pulses, Pulse::peakA);
    }

    /** {@return RMS of the hottest pass, A} */
    public double hottestRmsA() {
        return highest(pulses, Pulse::rmsA);
    }

    /** {@return what the chosen method makes of a current by the heat balance} */
    public double methodFactor() {
        return factor(comparison, methods, heat);
    }

    /** {@return how deep it fuses} */
    public Penetration penetration() {
        return Penetration.of(joint(), practice());
    }

    /** {@return whether it is so thin that micro-TIG rules apply} */
    public boolean isMicro() {
        return peakA() < CupChoice.MICRO_BELOW_A;
    }

    /** {@return whether either member is titanium} */
    public boolean isTitanium() {
        return joint().isTitanium();
    }

    /** {@return whether the seam starts at an edge; seams that close on themselves start on metal} */
    public boolean startsAtEdge() {
        return !joint().form().isTube();
    }

    /** {@return the welding position} */
    public Position position() {
        return practice().position();
    }

    /** {@return the form of the joint} */
    public JointForm form() {
        return joint().form();
    }

    /** Time the arc takes to fade at the end: a bare lift set snaps off. */
    double fadeS() {
        return control() == ControlDevice.LIFT_ONLY ? 0 : taperS;
    }

    /** {@return how the end of the weld cools} */
    public CoolingTime cooling() {
        return heat.cooling(fadeS(), CoolingTime.UNDER_GAS);
    }
}
