package vastarc.core.sheet;

import static vastarc.core.sheet.Setting.figure;
import static vastarc.core.sheet.Setting.words;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.consumable.Wire;
import vastarc.core.consumable.WireAlloy;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.wording.Phrase;

/** Filler wire and back purge. */
final class WireRules {

    private static final double LEAST_PURGE = 3;
    private static final double MOST_FILL = 12;
    private static final double MOST_HOLD = 8;
    private static final double OPEN_BACK_FILL = 6;
    private static final double LOW_FILL = 0.6;
    private static final double NARROW_BORE_MM = 20;
    private static final double LEAST_NARROW = 1;
    private static final double MOST_NARROW = 2;

    private WireRules() {}

    static List<Setting> settings(Plan plan) {
        List<Setting> settings = new ArrayList<>(6);
        settings.addAll(plan.practice().wire() ? wire(plan) : noWire());
        settings.addAll(purge(plan));
        settings.addAll(TintRules.trailing(plan));
        return settings;
    }

    private static List<Setting> noWire() {
        Phrase none = Phrase.of("wire.none");
        return List.of(
                words(SettingKey.WIRE_DIAMETER, none).idle().because("wire.fusion"),
                words(SettingKey.WIRE_ALLOY, none).idle().because("wire.fusion"));
    }

    /**
     * Wire settings of a joint welded with wire.
     */
    private static List<Setting> wire(Plan plan) {
        double t = plan.joint().wireThicknessMm();
        School school = plan.schools().of(Matter.WIRE_SIZE);
        WireChoice choice = WireChoice.of(school, plan);
        Stock.Taken<Wire> taken = plan.stock().wire(choice.wire(), t);
        Wire wire = taken.item();
        Quantity thickness = Quantity.millimetres(t);
        Setting diameter = figure(
                        SettingKey.WIRE_DIAMETER,
                        Window.around(
                                wire.diameterMm(),
                                Wire.thinnerThan(t).diameterMm(),
                                Math.max(wire.diameterMm(), Wire.MAX_OF_THICKNESS * t)))
                .by(
                        plan.isTitanium() && school == School.WIRE_BY_DEPOSIT
                                ? plan.schools().of(Matter.TITANIUM_WIRE)
                                : school)
                .gaveUp(taken.gaveUp())
                .from("thickness", thickness)
                .from("deposit", Quantity.of(plan.heat().demand().depositMm2(), Unit.SQUARE_MM))
                .other(School.WIRE_BY_DEPOSIT, picked(School.WIRE_BY_DEPOSIT, plan))
                .other(School.WIRE_THINNER, picked(School.WIRE_THINNER, plan))
                .other(School.WIRE_THICKER, picked(School.WIRE_THICKER, plan))
                .other(
                        plan.isTitanium() && WireChoice.isThinTitanium(plan)
                                ? School.TITANIUM_WIRE_AS_STEEL
                                : School.TITANIUM_WIRE_THIN,
                        plan.isTitanium(),
                        WireChoice.usual(plan.heat(), !WireChoice.isThinTitanium(plan))
                                .diameterMm())
                .because("wireDiameter." + school.name(), thickness, Quantity.percent(choice.sameDepositPercent()));
        return List.of(diameter, alloy(plan), feed(plan, wire), share(plan));
    }

    private static double picked(School school, Plan plan) {
        return WireChoice.pick(school, plan).diameterMm();
    }

    /**
     * Filler class by the pair of grades and the service. Source: wire-alloys.csv [handbook].
     */
    private static Setting alloy(Plan plan) {
        WireAlloy pair = WireAlloy.of(
                plan.joint().material(), plan.joint().other(), plan.practice().service());
        Phrase one = Phrase.of("material." + pair.one().name());
        Phrase two = Phrase.of("material." + pair.two().name());
        Setting.Draft draft =
                words(SettingKey.WIRE_ALLOY, Phrase.of("plain", pair.alloy().orElseThrow()));
        String like = plan.joint().isDissimilar() ? "wireAlloy.pair" : "wireAlloy.same";
        return pair.note().isEmpty()
                ? draft.because(like, one, two)
                : draft.because(like + ".note", one, two, pair.note());
    }

    /**
     * Wire feed, mm/min: \( A v/(\pi d^2/4) \); A section laid, mm², v travel, d wire, mm; window ±30 %. Source: arithmetic on A [judgement].
     */
    private static Setting feed(Plan plan, Wire wire) {
        double perMin = plan.heat().demand().depositMm2() * plan.heat().demand().speedMmPerS() / wire.sectionMm2() * 60;
        return figure(SettingKey.WIRE_FEED, new Window(perMin, 0.7 * perMin, 1.3 * perMin))
                .from("deposit", Quantity.of(plan.heat().demand().depositMm2(), Unit.SQUARE_MM))
                .from("wireDiameter", Quantity.stockMillimetres(wire.diameterMm()))
                .because("wireFeed", Quantity.of(plan.heat().demand().depositMm2(), Unit.SQUARE_MM));
    }

    /**
     * Share of the arc that melts the wire, %: q_wire/(q_plate + q_wire), both W. Source: enthalpy of melting [textbook], upper bound.
     */
    private static Setting share(Plan plan) {
        double percent = 100 * plan.heat().wirePowerW() / plan.heat().arcHeatW();
        return figure(SettingKey.WIRE_SHARE, Window.only(percent))
                .from("wirePower", Quantity.watts(plan.heat().wirePowerW()))
                .from("platePower", Quantity.watts(plan.heat().platePowerW()))
                .because(
                        "wireShare",
                        Quantity.watts(plan.heat().wirePowerW()),
                        Quantity.watts(plan.heat().platePowerW()));
    }

    /**
     * Purge fill, L/min: \( 3 + D/8 \) within 3 to 12, D tube diameter, mm; 6 for an open back. Hold 0.6 of it within 3 to 8; in a bore
     * under 20 mm 1 to 2, by the bore. Idle unpurged. Other schools: the fill all through; six tenths of both.
     * Source: [judgement].
     */
    private static List<Setting> purge(Plan plan) {
        if (!plan.practice().purged()) {
            String why = plan.joint().wantsPurge() ? "purge.missing" : "purge.notNeeded";
            return List.of(
                    figure(SettingKey.PURGE_FLOW, Window.only(0)).idle().because(why),
                    figure(SettingKey.PURGE_HOLD, Window.only(0)).idle().because(why));
        }
        School school = plan.schools().of(Matter.PURGE_FLOW);
        double usual = plan.joint()
                .tubeOd()
                .map(od -> clamped(LEAST_PURGE + od.inMillimetres() / 8, MOST_FILL))
                .orElse(OPEN_BACK_FILL);
        double fill = school == School.PURGE_LOW ? clamped(LOW_FILL * usual, MOST_FILL) : usual;
        double bore = boreMm(plan.joint());
        boolean narrow = bore > 0 && bore < NARROW_BORE_MM;
        double hold = narrow
                ? LEAST_NARROW + (MOST_NARROW - LEAST_NARROW) * bore / NARROW_BORE_MM
                : school == School.PURGE_HIGH ? clamped(fill, MOST_HOLD) : clamped(0.6 * fill, MOST_HOLD);
        Window holding =
                narrow ? new Window(hold, LEAST_NARROW, MOST_NARROW) : new Window(hold, LEAST_PURGE, MOST_HOLD);
        Length od = plan.joint().tubeOd().orElse(Length.ofMillimetres(0));
        String why = plan.joint().tubeOd().isPresent() ? "purgeFlow.tube" : "purgeFlow.open";
        return List.of(
                figure(SettingKey.PURGE_FLOW, new Window(fill, LEAST_PURGE, MOST_FILL))
                        .by(school)
                        .from("tubeOd", od.quantity())
                        .because(why, od),
                figure(SettingKey.PURGE_HOLD, holding)
                        .by(school)
                        .from("purgeFlow", Quantity.litresPerMin(fill))
                        .because(narrow ? "purgeHold.narrow" : "purgeHold"));
    }

    /** Bore of the tube that is purged, mm; 0 where none is told. */
    private static double boreMm(Joint joint) {
        double wall = joint.form() == JointForm.TUBE_BUTT
                ? joint.thickerMm()
                : joint.abutting().inMillimetres();
        return joint.tubeOd().map(outside -> outside.inMillimetres() - 2 * wall).orElse(0.0);
    }

    private static double clamped(double flow, double most) {
        return Math.min(most, Math.max(LEAST_PURGE, flow));
    }
}
