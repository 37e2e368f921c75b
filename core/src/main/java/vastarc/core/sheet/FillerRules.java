package vastarc.core.sheet;

import static vastarc.core.sheet.Parameter.figure;
import static vastarc.core.sheet.Parameter.words;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.consumable.FillerAlloy;
import vastarc.core.consumable.FillerRod;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.sheet.Parameter.ParameterBuilder;
import vastarc.core.sheet.Stock.StockChoice;
import vastarc.core.text.Phrase;

/** Filler wire and back purge. */
final class FillerRules {

    private static final double LEAST_PURGE = 3;
    private static final double MOST_FILL = 12;
    private static final double MOST_HOLD = 8;
    private static final double OPEN_BACK_FILL = 6;
    private static final double LOW_FILL = 0.6;
    private static final double NARROW_BORE_MM = 20;
    private static final double LEAST_NARROW = 1;
    private static final double MOST_NARROW = 2;

    private FillerRules() {}

    static List<Parameter> settings(SheetDecisions plan) {
        List<Parameter> settings = new ArrayList<>(6);
        settings.addAll(plan.practice().wire() ? wire(plan) : noWire());
        settings.addAll(purge(plan));
        settings.addAll(TintRules.trailing(plan));
        return settings;
    }

    private static List<Parameter> noWire() {
        Phrase none = Phrase.of("wire.none");
        return List.of(
                words(ParameterKey.WIRE_DIAMETER, none).idle().because("wire.fusion"),
                words(ParameterKey.WIRE_ALLOY, none).idle().because("wire.fusion"));
    }

    /**
     * Wire settings of a joint welded with wire.
     */
    private static List<Parameter> wire(SheetDecisions plan) {
        double t = plan.joint().wireThicknessMm();
        Method method = plan.methods().of(ParameterTopic.WIRE_SIZE);
        FillerChoice choice = FillerChoice.of(method, plan);
        StockChoice<FillerRod> taken = plan.stock().wire(choice.wire(), t);
        FillerRod wire = taken.item();
        Quantity thickness = Quantity.millimetres(t);
        Parameter diameter = figure(
                        ParameterKey.WIRE_DIAMETER,
                        Range.around(
                                wire.diameterMm(),
                                FillerRod.thinnerThan(t).diameterMm(),
                                Math.max(wire.diameterMm(), FillerRod.MAX_OF_THICKNESS * t)))
                .by(
                        plan.isTitanium() && method == Method.WIRE_BY_DEPOSIT
                                ? plan.methods().of(ParameterTopic.TITANIUM_WIRE)
                                : method)
                .gaveUp(taken.gaveUp())
                .from("thickness", thickness)
                .from("deposit", Quantity.of(plan.heat().demand().depositedAreaMm2(), Unit.SQUARE_MM))
                .other(Method.WIRE_BY_DEPOSIT, picked(Method.WIRE_BY_DEPOSIT, plan))
                .other(Method.WIRE_THINNER, picked(Method.WIRE_THINNER, plan))
                .other(Method.WIRE_THICKER, picked(Method.WIRE_THICKER, plan))
                .other(
                        plan.isTitanium() && FillerChoice.isThinTitanium(plan)
                                ? Method.TITANIUM_WIRE_AS_STEEL
                                : Method.TITANIUM_WIRE_THIN,
                        plan.isTitanium(),
                        FillerChoice.usual(plan.heat(), !FillerChoice.isThinTitanium(plan))
                                .diameterMm())
                .because("wireDiameter." + method.name(), thickness, Quantity.percent(choice.sameDepositPercent()));
        return List.of(diameter, alloy(plan), feed(plan, wire), share(plan));
    }

    private static double picked(Method method, SheetDecisions plan) {
        return FillerChoice.pick(method, plan).diameterMm();
    }

    /**
     * Filler class by the pair of grades and the service. Source: wire-alloys.csv [handbook].
     */
    private static Parameter alloy(SheetDecisions plan) {
        FillerAlloy pair = FillerAlloy.of(
                plan.joint().material(), plan.joint().other(), plan.practice().service());
        Phrase phrase = Phrase.of("material." + pair.one().name());
        Phrase two = Phrase.of("material." + pair.two().name());
        ParameterBuilder draft =
                words(ParameterKey.WIRE_ALLOY, Phrase.of("plain", pair.alloy().orElseThrow()));
        String like = plan.joint().isDissimilar() ? "wireAlloy.pair" : "wireAlloy.same";
        return pair.note().isEmpty()
                ? draft.because(like, phrase, two)
                : draft.because(like + ".note", phrase, two, pair.note());
    }

    /**
     * Wire feed, mm/min: \( A v/(\pi d^2/4) \); A section added, mm², v travel, d wire, mm; range ±30 %. Source: arithmetic on A [judgement].
     */
    private static Parameter feed(SheetDecisions plan, FillerRod wire) {
        double perMin =
                plan.heat().demand().depositedAreaMm2() * plan.heat().demand().speedMmPerS() / wire.sectionMm2() * 60;
        return figure(ParameterKey.WIRE_FEED, new Range(perMin, 0.7 * perMin, 1.3 * perMin))
                .from("deposit", Quantity.of(plan.heat().demand().depositedAreaMm2(), Unit.SQUARE_MM))
                .from("wireDiameter", Quantity.stockMillimetres(wire.diameterMm()))
                .because("wireFeed", Quantity.of(plan.heat().demand().depositedAreaMm2(), Unit.SQUARE_MM));
    }

    /**
     * Share of the arc that melts the wire, %: q_wire/(q_plate + q_wire), both W. Source: enthalpy of melting [textbook], upper bound.
     */
    private static Parameter share(SheetDecisions plan) {
        double percent = 100 * plan.heat().wirePowerW() / plan.heat().arcHeatW();
        return figure(ParameterKey.WIRE_SHARE, Range.only(percent))
                .from("wirePower", Quantity.watts(plan.heat().wirePowerW()))
                .from("platePower", Quantity.watts(plan.heat().platePowerW()))
                .because(
                        "wireShare",
                        Quantity.watts(plan.heat().wirePowerW()),
                        Quantity.watts(plan.heat().platePowerW()));
    }

    /**
     * Purge fill, L/min: \( 3 + D/8 \) within 3 to 12, D tube diameter, mm; 6 for an open back. Hold 0.6 of it within 3 to 8; in a bore
     * under 20 mm 1 to 2, by the bore. Idle unpurged. Other methods: the fill all through; six tenths of both.
     * Source: [judgement].
     */
    private static List<Parameter> purge(SheetDecisions plan) {
        if (!plan.practice().purged()) {
            String why = plan.joint().wantsPurge() ? "purge.missing" : "purge.notNeeded";
            return List.of(
                    figure(ParameterKey.PURGE_FLOW, Range.only(0)).idle().because(why),
                    figure(ParameterKey.PURGE_HOLD, Range.only(0)).idle().because(why));
        }
        Method method = plan.methods().of(ParameterTopic.PURGE_FLOW);
        double usual = plan.joint()
                .tubeOd()
                .map(od -> clamped(LEAST_PURGE + od.inMillimetres() / 8, MOST_FILL))
                .orElse(OPEN_BACK_FILL);
        double fill = method == Method.PURGE_LOW ? clamped(LOW_FILL * usual, MOST_FILL) : usual;
        double bore = boreMm(plan.joint());
        boolean narrow = bore > 0 && bore < NARROW_BORE_MM;
        double hold = narrow
                ? LEAST_NARROW + (MOST_NARROW - LEAST_NARROW) * bore / NARROW_BORE_MM
                : method == Method.PURGE_HIGH ? clamped(fill, MOST_HOLD) : clamped(0.6 * fill, MOST_HOLD);
        Range holding = narrow ? new Range(hold, LEAST_NARROW, MOST_NARROW) : new Range(hold, LEAST_PURGE, MOST_HOLD);
        Length od = plan.joint().tubeOd().orElse(Length.ofMillimetres(0));
        String why = plan.joint().tubeOd().isPresent() ? "purgeFlow.tube" : "purgeFlow.open";
        return List.of(
                figure(ParameterKey.PURGE_FLOW, new Range(fill, LEAST_PURGE, MOST_FILL))
                        .by(method)
                        .from("tubeOd", od.quantity())
                        .because(why, od),
                figure(ParameterKey.PURGE_HOLD, holding)
                        .by(method)
                        .from("purgeFlow", Quantity.litresPerMin(fill))
                        .because(narrow ? "purgeHold.narrow" : "purgeHold"));
    }

    /** Bore of the tube that is purged, mm; 0 where none is given. */
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
