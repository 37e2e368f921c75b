package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;
import static vastarc.core.advice.sheet.Parameter.words;

import java.util.List;
import vastarc.core.advice.parameters.FillerSettings;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.advice.sheet.Parameter.ParameterBuilder;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.consumable.FillerAlloy;

/** Explains the {@link FillerSettings}. */
final class FillerRules {

    private FillerRules() {}

    static List<Parameter> settings(WeldParameters weld) {
        return weld.filler().map(filler -> filler(weld.decisions(), filler)).orElseGet(FillerRules::none);
    }

    private static List<Parameter> none() {
        Phrase none = Phrase.of("wire.none");
        return List.of(
                words(ParameterKey.WIRE_DIAMETER, none).idle().because("wire.fusion"),
                words(ParameterKey.WIRE_ALLOY, none).idle().because("wire.fusion"));
    }

    private static List<Parameter> filler(SheetDecisions plan, FillerSettings filler) {
        return List.of(diameter(plan, filler), alloy(plan, filler.alloy()), feed(filler), share(plan, filler));
    }

    private static Parameter diameter(SheetDecisions plan, FillerSettings filler) {
        Quantity thickness = Quantity.millimetres(plan.joint().wireThicknessMm());
        String method = plan.methods().of(ParameterTopic.WIRE_SIZE).name();
        return figure(ParameterKey.WIRE_DIAMETER, filler.diameterMm())
                .gaveUp(StockReasons.filler(filler.rod()))
                .from("thickness", thickness)
                .from("deposit", deposit(filler))
                .because(
                        "wireDiameter." + method,
                        thickness,
                        Quantity.percent(filler.choice().sameDepositPercent()));
    }

    private static Quantity deposit(FillerSettings filler) {
        return Quantity.of(filler.depositMm2(), Unit.SQUARE_MM);
    }

    private static Parameter alloy(SheetDecisions plan, FillerAlloy pair) {
        Phrase one = Phrase.of("material." + pair.one().name());
        Phrase two = Phrase.of("material." + pair.two().name());
        ParameterBuilder draft =
                words(ParameterKey.WIRE_ALLOY, Phrase.of("plain", pair.alloy().orElseThrow()));
        String like = plan.joint().isDissimilar() ? "wireAlloy.pair" : "wireAlloy.same";
        return pair.note().isEmpty()
                ? draft.because(like, one, two)
                : draft.because(like + ".note", one, two, pair.note());
    }

    private static Parameter feed(FillerSettings filler) {
        return figure(ParameterKey.WIRE_FEED, filler.feedMmPerMin())
                .from("deposit", deposit(filler))
                .from(
                        "wireDiameter",
                        Quantity.stockMillimetres(filler.rod().item().diameterMm()))
                .because("wireFeed", deposit(filler));
    }

    private static Parameter share(SheetDecisions plan, FillerSettings filler) {
        Quantity wire = Quantity.watts(plan.heat().wirePowerW());
        Quantity plate = Quantity.watts(plan.heat().platePowerW());
        return figure(ParameterKey.WIRE_SHARE, Range.only(filler.sharePercent()))
                .from("wirePower", wire)
                .from("platePower", plate)
                .because("wireShare", wire, plate);
    }
}
