package vastarc.core.equipment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelElement.SwitchStop;
import vastarc.core.equipment.PanelPlan.ControlTarget;

/** Puts each control of a machine where a weld cycle wants it. */
final class PanelPlacer {

    private static final double WORTH_SAYING = 0.05;
    private static final double A_FOR_A_SECOND = 10;

    private final MachineProfile machine;
    private final Map<String, DialCurve> curves;
    private final Map<String, Double> current;
    private final PanelTargets targets;
    private final Optional<PanelElement> range;
    private final int rangeStop;

    PanelPlacer(WeldCycle cycle, MachineProfile machine, Map<String, DialCurve> curves, Map<String, Double> settings) {
        this.machine = machine;
        this.curves = curves;
        this.current = settings;
        this.targets = PanelTargets.of(cycle, machine);
        this.range = machine.control(PanelSetting.RANGE);
        this.rangeStop = range.map(this::rangeFor).orElse(0);
    }

    /** The band in whose middle the current lies best; a band that does not hold it only if none does. */
    private int rangeFor(PanelElement element) {
        double amps = Maps.get(targets.figures(), PanelSetting.MAIN_CURRENT);
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < element.stops().size(); i++) {
            order.add(i);
        }
        return order.stream()
                .min(Comparator.comparingDouble(
                        stop -> offCentre(element.stops().get(stop), amps)))
                .orElse(0);
    }

    private static double offCentre(SwitchStop stop, double amps) {
        double low = stop.low().orElse(0.0);
        double high = stop.high().orElse(0.0);
        return Math.abs(amps - (low + high) / 2) / (high - low);
    }

    /** What the job wants and the panel has no control for. */
    List<Phrase> missing() {
        return targets.missing().stream()
                .map(setting -> Phrase.of(leftToWelder(setting), Phrase.of(setting.words()), targetOf(setting)))
                .toList();
    }

    /** A step for the welder, where a welder can do it; else that it is lacking. */
    private static String leftToWelder(PanelSetting setting) {
        String step = "panel.byHand." + setting.name();
        return Phrasebook.find(step).isPresent() ? step : "panel.missing";
    }

    private Quantity targetOf(PanelSetting setting) {
        return Quantity.of(
                Maps.get(targets.figures(), setting), setting.units().get(0).unit());
    }

    ControlTarget place(PanelElement element) {
        Optional<Double> now = Optional.ofNullable(current.get(element.id()));
        PanelSetting setting = element.setting();
        if (element.kind().isPlugged()) {
            return plugged(element);
        }
        if (setting == PanelSetting.RANGE) {
            return at(element, rangeStop, Optional.empty(), Optional.empty(), now);
        }
        if (!setting.isFigure()) {
            return choice(element, now);
        }
        return figure(element, now);
    }

    private ControlTarget plugged(PanelElement element) {
        boolean foot = targets.mode() == TriggerModeName.PEDAL;
        boolean used = (element.kind() == ControlKind.PEDAL) == foot && targets.mode() != TriggerModeName.LIFT_VALVE;
        return new ControlTarget(
                element,
                used ? Optional.empty() : Optional.of(Phrase.of("panel.idle.plug")),
                Optional.empty(),
                Phrase.of(used ? "panel.at.plugged" : "panel.at.unplugged"),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private ControlTarget choice(PanelElement element, Optional<Double> now) {
        String wanted = Maps.get(targets.choices(), element.setting());
        Optional<Integer> stop = element.stopOf(wanted);
        return stop.isPresent()
                ? at(element, stop.get(), Optional.empty(), Optional.empty(), now)
                : new ControlTarget(
                        element,
                        Optional.empty(),
                        Optional.empty(),
                        Phrase.of("panel.at.notThere", choiceWords(element.setting(), wanted)),
                        Optional.empty(),
                        Optional.empty(),
                        now);
    }

    private static Phrase choiceWords(PanelSetting setting, String wanted) {
        return Phrase.of(setting == PanelSetting.CONTROL ? "logic." + wanted : "choice." + wanted);
    }

    private ControlTarget figure(PanelElement element, Optional<Double> now) {
        double value = inOwnUnit(element, Maps.get(targets.figures(), element.setting()));
        Optional<Phrase> idle = Optional.ofNullable(targets.idle().get(element.setting()));
        Quantity figure = element.scale()
                .map(scale -> PanelPlan.quantity(scale, value))
                .orElseGet(() ->
                        Quantity.of(value, element.setting().units().get(0).unit()));
        Optional<DialCurve> curve = curve(element);
        if (curve.isPresent() && idle.isEmpty()) {
            return read(element, curve.get(), figure, now);
        }
        double resting = idle.isPresent() ? rest(element) : value;
        double place = placeInRange(element, resting);
        double given = valueInRange(element, place);
        Optional<Phrase> gives =
                idle.isEmpty() && Math.abs(given - value) > Math.max(1e-6, WORTH_SAYING * Math.abs(value))
                        ? Optional.of(Phrase.of("panel.gives.nearest", withUnit(element, given)))
                        : blind(element, idle);
        ControlTarget placed = at(element, place, Optional.of(figure), gives, now);
        return idle.isEmpty()
                ? placed
                : new ControlTarget(
                        element, idle, placed.target(), placed.words(), placed.figure(), Optional.empty(), now);
    }

    /** A dial that a meter has read: set by its curve. */
    private static ControlTarget read(PanelElement element, DialCurve curve, Quantity figure, Optional<Double> now) {
        double place = curve.placeOf(figure.value());
        Phrase gives = curve.covers(figure.value())
                ? Phrase.of(
                        "panel.gives.read",
                        Quantity.amperes(curve.ampsAt(place)),
                        Quantity.amperes(curve.uncertaintyA(place)))
                : Phrase.of("panel.gives.beyond", Quantity.amperes(curve.ampsAt(0)), Quantity.amperes(curve.ampsAt(1)));
        return at(element, place, Optional.of(figure), Optional.of(gives), now);
    }

    /** Gas that the machine would time by itself, by the usual second for each ten amperes, against what the job wants. */
    private Optional<Phrase> automatic(PanelElement element) {
        double wanted = Maps.get(targets.figures(), element.setting());
        double own = Maps.get(targets.figures(), PanelSetting.MAIN_CURRENT) / A_FOR_A_SECOND;
        boolean auto = element.setting() == PanelSetting.POST_FLOW
                && element.scale().filter(Scale::auto).isPresent();
        return auto
                ? Optional.of(Phrase.of(
                        own < wanted ? "panel.gives.autoShort" : "panel.gives.autoDoes",
                        Quantity.seconds(own),
                        Quantity.seconds(wanted)))
                : Optional.empty();
    }

    /** Dials without figures that no meter has read are given by arithmetic alone. */
    private Optional<Phrase> blind(PanelElement element, Optional<Phrase> idle) {
        if (idle.isEmpty() && automatic(element).isPresent()) {
            return automatic(element);
        }
        boolean unread = element.kind() == ControlKind.KNOB
                && element.scale().filter(scale -> !scale.figures()).isPresent()
                && element.setting() == PanelSetting.MAIN_CURRENT;
        return unread && idle.isEmpty() ? Optional.of(Phrase.of("panel.gives.arithmetic")) : Optional.empty();
    }

    private Quantity withUnit(PanelElement element, double value) {
        return element.scale()
                .map(scale -> PanelPlan.quantity(scale, value))
                .orElseGet(() ->
                        Quantity.of(value, element.setting().units().get(0).unit()));
    }

    /** A control that does nothing is at its lowest. */
    private static double rest(PanelElement element) {
        return element.scale()
                .map(Scale::low)
                .orElseGet(() -> element.stops().get(0).value().orElse(0.0));
    }

    private Optional<DialCurve> curve(PanelElement element) {
        return element.kind() == ControlKind.KNOB && element.setting() == PanelSetting.MAIN_CURRENT
                ? Optional.ofNullable(curves.get(PanelPlan.curveKey(element.id(), rangeStop)))
                : Optional.empty();
    }

    /** The fine dial of a coarse range runs from the band's low to its high end. */
    private double placeInRange(PanelElement element, double value) {
        return banded(element)
                .map(stop -> Math.min(
                        1,
                        Math.max(
                                0,
                                (value - stop.low().orElse(0.0))
                                        / (stop.high().orElse(1.0) - stop.low().orElse(0.0)))))
                .orElseGet(() -> element.placeOf(value));
    }

    private double valueInRange(PanelElement element, double place) {
        return banded(element)
                .map(stop -> stop.low().orElse(0.0)
                        + place * (stop.high().orElse(1.0) - stop.low().orElse(0.0)))
                .orElseGet(() -> element.valueAt(place));
    }

    private Optional<SwitchStop> banded(PanelElement element) {
        return element.kind() == ControlKind.KNOB && element.setting() == PanelSetting.MAIN_CURRENT
                ? range.map(coarse -> coarse.stops().get(rangeStop))
                : Optional.empty();
    }

    private double inOwnUnit(PanelElement element, double value) {
        ScaleUnit unit = element.scale()
                .map(Scale::unit)
                .orElse(element.setting().units().get(0));
        double main = Maps.get(targets.figures(), PanelSetting.MAIN_CURRENT);
        double peak = machine.control(PanelSetting.PULSE_PEAK).isPresent()
                ? Maps.get(targets.figures(), PanelSetting.PULSE_PEAK)
                : main;
        if (unit == ScaleUnit.PERCENT_OF_MAIN) {
            return 100 * value / main;
        }
        return element.setting() == PanelSetting.PULSE_BACKGROUND && unit == ScaleUnit.AMPERE
                ? value / 100 * peak
                : value;
    }

    private static ControlTarget at(
            PanelElement element,
            double place,
            Optional<Quantity> figure,
            Optional<Phrase> gives,
            Optional<Double> now) {
        return new ControlTarget(
                element, Optional.empty(), Optional.of(place), PanelPlan.words(element, place), figure, gives, now);
    }
}
