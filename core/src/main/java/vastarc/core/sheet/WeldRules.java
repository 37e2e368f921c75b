package vastarc.core.sheet;

import static vastarc.core.sheet.Setting.figure;
import static vastarc.core.sheet.Setting.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.consumable.HelmetShade;
import vastarc.core.consumable.Tint;
import vastarc.core.heat.Arc;
import vastarc.core.heat.HeatSolution;
import vastarc.core.heat.Pulse;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Practice;
import vastarc.core.material.Family;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.table.Table;
import vastarc.core.wording.Phrase;

/** How the weld will go: travel, passes, heat, pool, tint, preheat, hood. */
final class WeldRules {

    /** How far the gas of a cup reaches behind the arc, in bores, in still air (judgement). */
    private static final double LENS_REACH = 3;

    private static final double PLAIN_REACH = 2;
    private static final List<Table.Row> PREHEAT =
            Table.read("preheat.csv", Set.of("family", "from_mm", "to_mm", "low_c", "high_c"));

    private WeldRules() {}

    static List<Setting> settings(Plan plan, Optional<PassPlan> passes) {
        List<Setting> settings = new ArrayList<>(16);
        settings.add(travel(plan));
        settings.add(passes(plan, passes));
        turns(plan).ifPresent(settings::add);
        endOfLap(plan).ifPresent(settings::add);
        settings.addAll(currents(plan));
        settings.addAll(heat(plan));
        settings.addAll(pool(plan));
        settings.add(preheat(plan.joint()));
        settings.addAll(tints(plan));
        settings.add(hood(plan));
        return settings;
    }

    /**
     * Travel, mm/min: {@link vastarc.core.heat.Demand#speedMmPerS()}; window ±20 %, a hand's spread. Source: [fitted, judgement].
     */
    private static Setting travel(Plan plan) {
        double speed = plan.heat().demand().speedMmPerS() * 60;
        boolean own = plan.practice().travelMmPerS().isPresent();
        return figure(SettingKey.TRAVEL_SPEED, new Window(speed, 0.8 * speed, 1.2 * speed))
                .from("thickness", Quantity.millimetres(plan.joint().thinnerMm()))
                .because(
                        own
                                ? "travelSpeed.own"
                                : "travelSpeed." + plan.practice().technique().name(),
                        Phrase.of(
                                "position.factor",
                                plan.position().letters(),
                                percent(plan.position().speedFactor())));
    }

    private static long percent(double factor) {
        return Math.round(100 * factor);
    }

    /** One, one from each side, or as the plan of passes has it. */
    private static Setting passes(Plan plan, Optional<PassPlan> passes) {
        if (passes.isPresent()) {
            int count = passes.get().passes().size();
            Quantity section = Quantity.of(passes.get().sectionMm2(), Unit.SQUARE_MM);
            return figure(SettingKey.PASSES, Window.around(count, Math.max(1, count - 1), count + 1))
                    .from("section", section)
                    .because(
                            plan.joint().groove().isPresent() ? "passes.groove" : "passes.fillet",
                            section,
                            Quantity.millimetres(PassPlan.MAX_LEG_MM));
        }
        boolean both = plan.practice().bothSides() && !plan.form().isCorner();
        return figure(SettingKey.PASSES, Window.only(both ? 2 : 1)).because(both ? "passes.bothSides" : "passes.one");
    }

    /** n = v/(π D) [by definition]. */
    private static Optional<Setting> turns(Plan plan) {
        if (!plan.practice().rotated()) {
            return Optional.empty();
        }
        double speed = plan.heat().demand().speedMmPerS() * 60;
        return plan.joint().tubeOd().map(od -> {
            double turns = speed / (Math.PI * od.inMillimetres());
            return figure(SettingKey.TURNS, new Window(turns, 0.8 * turns, 1.2 * turns))
                    .from("tubeOd", od.quantity())
                    .from("travel", Quantity.mmPerMin(speed))
                    .because("turnsPerMinute", od, Quantity.seconds(60 / turns));
        });
    }

    /**
     * Current at the end of a lap, A: \( I\,(1 - \Delta T_{wrap}/(T_m - 20)) \), at least half. Source: thermal image one girth ahead [textbook].
     */
    private static Optional<Setting> endOfLap(Plan plan) {
        HeatSolution heat = plan.heat();
        return plan.joint().tubeOd().map(od -> {
            double rise = heat.wrapRiseK(od.inMillimetres());
            double melt = heat.metal().meltC() - Practice.ROOM_C;
            double current = plan.peakA() * Math.max(0.5, 1 - rise / melt);
            return figure(SettingKey.END_OF_LAP_CURRENT, Window.around(current, 0.95 * current, plan.peakA()))
                    .from("workingCurrent", Quantity.amperes(plan.peakA()))
                    .from("wrapRise", Quantity.of(rise, Unit.KELVIN))
                    .because("endOfLapCurrent", od, Quantity.of(rise, Unit.KELVIN), Quantity.amperes(plan.peakA()));
        });
    }

    /**
     * Average and RMS of the current in time, A. Source: arithmetic.
     */
    private static List<Setting> currents(Plan plan) {
        Pulse pulse = plan.pulse();
        String how = pulse.isSteady() ? "steady" : "pulsed";
        return List.of(
                figure(SettingKey.AVERAGE_CURRENT, Window.only(pulse.averageA()))
                        .from("peakCurrent", Quantity.amperes(pulse.peakA()))
                        .because(
                                "averageCurrent." + how,
                                Quantity.watts(pulse.meanPowerW(plan.heat().arc()))),
                figure(SettingKey.RMS_CURRENT, Window.only(pulse.rmsA()))
                        .from("peakCurrent", Quantity.amperes(pulse.peakA()))
                        .because("rmsCurrent." + how));
    }

    /**
     * Arc voltage, V; heat input \( 0.6\,P/v \) and arc energy \( P/v \), kJ/mm, P the arc's mean power, W, v travel, mm/s. Windows ±20 %.
     * Source: voltage [textbook], 0.6 EN 1011-1 [standard].
     */
    private static List<Setting> heat(Plan plan) {
        Arc arc = plan.heat().arc();
        double volts = arc.voltageV(plan.pulse().averageA());
        double speed = plan.heat().demand().speedMmPerS();
        double energy = plan.pulse().meanPowerW(arc) / speed / 1000;
        double input = Arc.STANDARD_EFFICIENCY * energy;
        Quantity power = Quantity.watts(energy * speed * 1000);
        return List.of(
                figure(SettingKey.ARC_VOLTAGE, new Window(volts, volts - 0.8, volts + 0.8))
                        .from("arcLength", Quantity.millimetres(arc.lengthMm()))
                        .from("averageCurrent", Quantity.amperes(plan.pulse().averageA()))
                        .because("arcVoltage", Quantity.millimetres(arc.lengthMm())),
                figure(SettingKey.HEAT_INPUT, new Window(input, 0.8 * input, 1.2 * input))
                        .from("arcPower", power)
                        .from("travel", Quantity.mmPerMin(speed * 60))
                        .from("standardEfficiency", Quantity.percent(100 * Arc.STANDARD_EFFICIENCY))
                        .because("heatInput"),
                figure(SettingKey.ARC_ENERGY, new Window(energy, 0.8 * energy, 1.2 * energy))
                        .from("arcPower", power)
                        .from("travel", Quantity.mmPerMin(speed * 60))
                        .because("arcEnergy"));
    }

    /**
     * Pool on the face and on the back, mm, by the heat balance; windows ±15 % and ±30 %. Source: [fitted].
     */
    private static List<Setting> pool(Plan plan) {
        double front = plan.heat().pool().frontWidthMm();
        double back = plan.heat().pool().backWidthMm();
        Setting face = figure(SettingKey.POOL_WIDTH, new Window(front, 0.85 * front, 1.15 * front))
                .from("platePower", Quantity.watts(plan.heat().platePowerW()))
                .because("poolWidth");
        Setting rear = figure(SettingKey.BACK_BEAD, new Window(back, 0.7 * back, 1.3 * back))
                .from("platePower", Quantity.watts(plan.heat().platePowerW()))
                .because(backReason(plan, back));
        return List.of(face, rear);
    }

    private static String backReason(Plan plan, double back) {
        if (plan.form().isCorner()) {
            return back > 0 ? "backBead.cornerThrough" : "backBead.corner";
        }
        return back > 0 ? "backBead.through" : "backBead.root";
    }

    /**
     * Metal before the arc, °C, by family (chromoly if either member is) and the thicker member, mm. Source: preheat.csv [judgement].
     */
    private static Setting preheat(Joint joint) {
        double t = joint.thickerMm();
        Family family =
                joint.material().family() == Family.CHROMOLY || joint.other().family() == Family.CHROMOLY
                        ? Family.CHROMOLY
                        : joint.material().family();
        Table.Row row = PREHEAT.stream()
                .filter(line -> line.named("family", Family.class) == family && t <= line.number("to_mm"))
                .findFirst()
                .orElseThrow();
        double low = row.number("low_c");
        return figure(SettingKey.PREHEAT, new Window(low, low, row.number("high_c")))
                .from("thickness", Quantity.millimetres(t))
                .because(low > Practice.ROOM_C ? "preheat.chromoly" : "preheat.none", Quantity.celsius(low));
    }

    /**
     * Expected colours; steel is not judged by its tint.
     */
    private static List<Setting> tints(Plan plan) {
        Joint joint = plan.joint();
        if (!joint.wantsPurge()) {
            Phrase none = Phrase.of("tint.notJudged");
            return List.of(
                    words(SettingKey.FRONT_TINT, none).idle().because("tint.steel"),
                    words(SettingKey.BACK_TINT, none).idle().because("tint.steel"));
        }
        return List.of(frontTint(plan), backTint(plan));
    }

    /**
     * Colour in front: temperature of the seam where the gas leaves it, two bores behind the arc, three with a lens.
     * Source: line source [textbook], reach and bands [judgement].
     */
    private static Setting frontTint(Plan plan) {
        double cover = plan.cup().boreMm() * (plan.cup().lens() ? LENS_REACH : PLAIN_REACH);
        double temperature = Math.min(plan.heat().metal().meltC(), plan.heat().trailingC(cover));
        Tint tint = Tint.of(
                plan.joint().material().wantsPurge()
                        ? plan.joint().material().family()
                        : plan.joint().other().family(),
                temperature);
        return words(SettingKey.FRONT_TINT, Phrase.of("plain", tint.colour()))
                .from("gasCover", Quantity.millimetres(cover))
                .from("leavesGasAt", Quantity.celsius(temperature))
                .because("frontTint", Quantity.millimetres(cover), Quantity.celsius(temperature));
    }

    /** Behind, oxygen decides: what a purge gives, and what its lack gives. */
    private static Setting backTint(Plan plan) {
        boolean molten = plan.heat().pool().backWidthMm() > 0;
        Phrase bare = Phrase.of(molten ? "tint.sugar" : "tint.scaled");
        Phrase purged = Phrase.of("tint.purged");
        return plan.practice().purged()
                ? words(SettingKey.BACK_TINT, purged).because("backTint.purged", bare)
                : words(SettingKey.BACK_TINT, bare).because(molten ? "backTint.sugar" : "backTint.scaled", purged);
    }

    /**
     * Hood shade by peak current, A. Source: helmet-shades.csv [handbook].
     */
    private static Setting hood(Plan plan) {
        HelmetShade shade = HelmetShade.forCurrent(plan.peakA());
        return figure(SettingKey.HELMET_SHADE, new Window(shade.usual(), shade.low(), shade.high()))
                .from("peakCurrent", Quantity.amperes(plan.peakA()))
                .because(
                        plan.peakA() <= 5 ? "helmetShade.micro" : "helmetShade.current",
                        Quantity.amperes(plan.peakA()));
    }
}
