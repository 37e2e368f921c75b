package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;
import static vastarc.core.advice.sheet.Parameter.words;

import java.util.List;
import java.util.Locale;
import vastarc.core.advice.parameters.Electrode;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.TorchSetup;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.TorchClass;
import vastarc.core.domain.consumable.Tungsten;

/** Explains the {@link Electrode} and the {@link TorchSetup}: tungsten, tip, cup, flow, torch class. */
final class TorchRules {

    private TorchRules() {}

    static List<Parameter> settings(WeldParameters weld) {
        return List.of(
                diameter(weld),
                type(weld.electrode()),
                angle(weld),
                flat(weld),
                stickOut(weld),
                cup(weld),
                lens(weld.torch()),
                flow(weld),
                torch(weld.torch()));
    }

    private static Parameter diameter(WeldParameters weld) {
        Tungsten tungsten = weld.electrode().tungsten();
        Quantity peak = Quantity.amperes(weld.electrode().hottestA());
        Quantity least = Quantity.amperes(tungsten.minStableA());
        Quantity most = Quantity.amperes(tungsten.practicalMaxA());
        return figure(ParameterKey.TUNGSTEN_DIAMETER, weld.electrode().diameterMm())
                .gaveUp(StockReasons.tungsten(weld.decisions().tungstenChoice()))
                .from("peakCurrent", peak)
                .from("tungstenMinimum", least)
                .from("tungstenMaximum", most)
                .because("tungstenDiameter", least, most, peak);
    }

    /**
     * Lanthanated for all DC work, or as the shop likes it; never thoriated. Source: ISO 6848 classes [standard].
     */
    private static Parameter type(Electrode electrode) {
        String type = electrode.type().name();
        return words(ParameterKey.TUNGSTEN_TYPE, Phrase.of("tungsten." + type))
                .by(electrode.type())
                .because("tungstenType." + type);
    }

    private static Parameter angle(WeldParameters weld) {
        Quantity peak = peak(weld);
        return figure(ParameterKey.TIP_ANGLE, weld.electrode().tipDeg())
                .from("peakCurrent", peak)
                .because(weld.decisions().isMicro() ? "tipAngle.needle" : "tipAngle.current", peak);
    }

    private static Parameter flat(WeldParameters weld) {
        Quantity peak = peak(weld);
        return figure(ParameterKey.TIP_FLAT, weld.electrode().flatMm())
                .from("peakCurrent", peak)
                .because(weld.electrode().flatMm().value() > 0 ? "tipFlat" : "tipFlat.needle", peak);
    }

    private static Quantity peak(WeldParameters weld) {
        return Quantity.amperes(weld.currents().working().value());
    }

    private static Parameter stickOut(WeldParameters weld) {
        TorchSetup torch = weld.torch();
        String how = weld.decisions().isTitanium()
                ? "stickOut.titanium"
                : torch.cup().lens() ? "stickOut.lens" : "stickOut.plain";
        return figure(ParameterKey.STICK_OUT, torch.stickOutMm())
                .from("cupBore", Quantity.ruled(torch.cup().boreMm()))
                .because(
                        how + (torch.isInCorner() ? ".corner" : ""),
                        Quantity.ruled(torch.stickOutMm().high()));
    }

    private static Parameter cup(WeldParameters weld) {
        TorchSetup torch = weld.torch();
        Cup cup = torch.cup();
        Quantity pool = Quantity.ruled(torch.coveredMm());
        Quantity bore = Quantity.ruled(cup.boreMm());
        return figure(ParameterKey.CUP_SIZE, torch.cupNumber())
                .gaveUp(StockReasons.cup(weld.decisions().cupChoice()))
                .from("poolWidth", pool)
                .from("cupBore", bore)
                .because(
                        "cupSize." + torch.cupRule().name().toLowerCase(Locale.ROOT),
                        pool,
                        bore,
                        Phrase.of(cup.lens() ? "cup.lens" : "cup.noLens"));
    }

    /** On stainless and titanium, where the finish is more than plain and in tight places; or by the shop's own method. [judgement] */
    private static Parameter lens(TorchSetup torch) {
        String lens = torch.cup().lens() ? "fitted" : "none";
        return words(ParameterKey.GAS_LENS, Phrase.of("gasLens." + lens))
                .by(torch.lensMethod())
                .because("gasLens." + (torch.lensMethod() == Method.LENS_BY_METAL ? lens : "school"));
    }

    private static Parameter flow(WeldParameters weld) {
        TorchSetup torch = weld.torch();
        Quantity turbulent = Quantity.litresPerMin(torch.turbulentLPerMin());
        boolean micro = weld.decisions().isMicro() && !weld.decisions().isTitanium();
        return figure(ParameterKey.GAS_FLOW, torch.flowLPerMin())
                .from("cupBore", Quantity.ruled(torch.cup().boreMm()))
                .from("reynolds", Quantity.number(torch.reynolds()))
                .from("turbulentFlow", turbulent)
                .because(
                        micro ? "gasFlow.micro" : "gasFlow.cup",
                        Quantity.number(torch.cup().number()),
                        turbulent);
    }

    /**
     * Lightest torch class whose duty \( D_1 (I_1/I)^2 \) at the RMS current I, A, is at least 40 %. Source: torches.csv [handbook].
     */
    private static Parameter torch(TorchSetup setup) {
        TorchClass torch = setup.torch();
        Quantity rms = Quantity.amperes(setup.rmsA());
        return words(ParameterKey.TORCH_CLASS, Phrase.of("torch." + torch.id()))
                .from("rmsCurrent", rms)
                .from("torchRating", Quantity.amperes(torch.currentA()))
                .from("torchDuty", Quantity.percent(torch.dutyPercent()))
                .because("torchClass", rms, Quantity.percent(torch.dutyAt(setup.rmsA())));
    }
}
