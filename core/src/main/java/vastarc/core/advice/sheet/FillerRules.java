package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;
import static vastarc.core.advice.sheet.Parameter.words;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.advice.parameters.FillerChoice;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.Stock.StockChoice;
import vastarc.core.advice.sheet.Parameter.ParameterBuilder;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.consumable.FillerRod;

/** Filler, and the settings that follow it on the sheet. */
final class FillerRules {

    private FillerRules() {}

    static List<Parameter> settings(SheetDecisions plan) {
        List<Parameter> settings = new ArrayList<>(6);
        settings.addAll(plan.practice().wire() ? wire(plan) : noWire());
        settings.addAll(PurgeRules.settings(plan));
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
        StockChoice<FillerRod> taken = plan.filler().orElseThrow();
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
                .gaveUp(StockReasons.filler(taken))
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
                        FillerChoice.usual(plan.first(), !FillerChoice.isThinTitanium(plan))
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
        double perMin = FillerChoice.feedMmPerMin(plan.heat().demand(), wire);
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
}
