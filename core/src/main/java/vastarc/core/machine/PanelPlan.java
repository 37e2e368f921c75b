package vastarc.core.machine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.machine.PanelElement.Kind;
import vastarc.core.machine.PanelElement.Stop;
import vastarc.core.quantity.Quantity;
import vastarc.core.score.Score;
import vastarc.core.wording.Phrase;

/**
 * A score put on a panel.
 *
 * @param controls every control in the order of the panel
 * @param changes  from how the machine stands to how it must, the fewest, in the order of the hand
 * @param missing  what the job wants and this panel has no control for
 * @param limits   where machine or torch do not reach
 */
public record PanelPlan(List<Placed> controls, List<Change> changes, List<Phrase> missing, List<Limit> limits) {

    /**
     * A control at its target.
     *
     * @param element the control
     * @param idle    why it does nothing for this job; empty where it does
     * @param target  its place; empty where the panel cannot give what is wanted
     * @param words   the target in words
     * @param figure  the figure wanted, in the control's own unit
     * @param gives   what the target really gives where the control cannot be set closer, or a meter has read its dial, with uncertainty
     * @param now     how it stands, where that was told
     */
    public record Placed(
            PanelElement element,
            Optional<Phrase> idle,
            Optional<Double> target,
            Phrase words,
            Optional<Quantity> figure,
            Optional<Phrase> gives,
            Optional<Double> now) {

        /** It is known to stand elsewhere. */
        public boolean differs() {
            return idle.isEmpty()
                    && target.isPresent()
                    && now.isPresent()
                    && !element.isSamePlace(now.get(), target.get());
        }
    }

    /** One thing to do on the panel. */
    public record Change(String elementId, String label, Phrase from, Phrase to) {}

    /**
     * Puts a score on a machine.
     *
     * @param torch  the torch fitted
     * @param curves what a meter has said of dials, by {@link #curveKey}
     * @param stands how controls stand now, by id, as far as known
     */
    public static PanelPlan of(
            Score score,
            MachineProfile machine,
            Optional<TorchProfile> torch,
            Map<String, DialCurve> curves,
            Map<String, Double> stands) {
        Builder builder = new Builder(score, machine, curves, stands);
        List<Placed> controls = machine.elements().stream().map(builder::place).toList();
        return new PanelPlan(
                controls,
                changes(controls),
                builder.targets.missing().stream()
                        .map(setting -> Phrase.of("panel.missing", Phrase.of(setting.words()), builder.wanted(setting)))
                        .toList(),
                MachineLimits.of(score, machine, torch));
    }

    private static final double WORTH_SAYING = 0.05;
    private static final double A_FOR_A_SECOND = 10;

    /** A dial has one curve for each coarse range. */
    public static String curveKey(String elementId, int range) {
        return elementId + "/" + range;
    }

    private static List<Change> changes(List<Placed> controls) {
        return controls.stream()
                .filter(Placed::differs)
                .sorted(Comparator.comparingInt(
                        placed -> placed.element().setting().ordinal()))
                .map(placed -> new Change(
                        placed.element().id(),
                        placed.element().label(),
                        words(placed.element(), placed.now().orElseThrow()),
                        placed.words()))
                .toList();
    }

    /** Where a control stands, in words. */
    public static Phrase words(PanelElement element, double place) {
        if (element.kind().isSwitched()) {
            int stop = (int) Math.max(0, Math.min(element.stops().size() - 1, Math.round(place)));
            return Phrase.of("panel.at.stop", element.stops().get(stop).label());
        }
        Scale scale = element.scale().orElseThrow();
        if (element.kind() == Kind.KNOB) {
            Phrase dial = DialWords.of(scale, place);
            return scale.figures()
                    ? Phrase.of("panel.at.figure", quantity(scale, scale.value(place)), dial)
                    : Phrase.of("panel.at.dial", dial);
        }
        Quantity shown = quantity(scale, place);
        return element.menuPath().isEmpty()
                ? Phrase.of("panel.at.reading", shown)
                : Phrase.of("panel.at.menu", String.join(" › ", element.menuPath()), shown);
    }

    private static Quantity quantity(Scale scale, double value) {
        return Quantity.of(value, scale.unit().unit());
    }

    private static final class Builder {
        private final MachineProfile machine;
        private final Map<String, DialCurve> curves;
        private final Map<String, Double> stands;
        private final PanelTargets targets;
        private final Optional<PanelElement> range;
        private final int rangeStop;

        Builder(Score score, MachineProfile machine, Map<String, DialCurve> curves, Map<String, Double> stands) {
            this.machine = machine;
            this.curves = curves;
            this.stands = stands;
            this.targets = PanelTargets.of(score, machine);
            this.range = machine.control(PanelSetting.RANGE);
            this.rangeStop = range.map(this::rangeFor).orElse(0);
        }

        /** The band in whose middle the current lies best; a band that does not hold it only if none does. */
        private int rangeFor(PanelElement element) {
            double amps = targets.figures().get(PanelSetting.MAIN_CURRENT);
            List<Integer> order = new ArrayList<>();
            for (int i = 0; i < element.stops().size(); i++) {
                order.add(i);
            }
            return order.stream()
                    .min(Comparator.comparingDouble(
                            stop -> offCentre(element.stops().get(stop), amps)))
                    .orElse(0);
        }

        private static double offCentre(Stop stop, double amps) {
            double low = stop.low().orElse(0.0);
            double high = stop.high().orElse(0.0);
            return Math.abs(amps - (low + high) / 2) / (high - low);
        }

        Quantity wanted(PanelSetting setting) {
            return Quantity.of(
                    targets.figures().get(setting), setting.units().get(0).unit());
        }

        Placed place(PanelElement element) {
            Optional<Double> now = Optional.ofNullable(stands.get(element.id()));
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

        private Placed plugged(PanelElement element) {
            boolean foot = targets.choices().get(PanelSetting.CONTROL).equals("PEDAL");
            boolean used = (element.kind() == Kind.PEDAL) == foot
                    && !targets.choices().get(PanelSetting.CONTROL).equals("LIFT_VALVE");
            return new Placed(
                    element,
                    used ? Optional.empty() : Optional.of(Phrase.of("panel.idle.plug")),
                    Optional.empty(),
                    Phrase.of(used ? "panel.at.plugged" : "panel.at.unplugged"),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
        }

        private Placed choice(PanelElement element, Optional<Double> now) {
            String wanted = targets.choices().get(element.setting());
            Optional<Integer> stop = element.stopOf(wanted);
            return stop.isPresent()
                    ? at(element, stop.get(), Optional.empty(), Optional.empty(), now)
                    : new Placed(
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

        private Placed figure(PanelElement element, Optional<Double> now) {
            double value = inOwnUnit(element, targets.figures().get(element.setting()));
            Optional<Phrase> idle = Optional.ofNullable(targets.idle().get(element.setting()));
            Quantity figure = element.scale()
                    .map(scale -> quantity(scale, value))
                    .orElseGet(() ->
                            Quantity.of(value, element.setting().units().get(0).unit()));
            Optional<DialCurve> curve = curve(element);
            if (curve.isPresent() && idle.isEmpty()) {
                double place = curve.get().placeOf(value);
                Phrase gives = curve.get().covers(value)
                        ? Phrase.of(
                                "panel.gives.read",
                                Quantity.amperes(curve.get().ampsAt(place)),
                                Quantity.amperes(curve.get().uncertaintyA(place)))
                        : Phrase.of(
                                "panel.gives.beyond",
                                Quantity.amperes(curve.get().ampsAt(0)),
                                Quantity.amperes(curve.get().ampsAt(1)));
                return at(element, place, Optional.of(figure), Optional.of(gives), now);
            }
            double resting = idle.isPresent() ? rest(element) : value;
            double place = placeInRange(element, resting);
            double given = valueInRange(element, place);
            Optional<Phrase> gives =
                    idle.isEmpty() && Math.abs(given - value) > Math.max(1e-6, WORTH_SAYING * Math.abs(value))
                            ? Optional.of(Phrase.of("panel.gives.nearest", withUnit(element, given)))
                            : blind(element, idle);
            Placed placed = at(element, place, Optional.of(figure), gives, now);
            return idle.isEmpty()
                    ? placed
                    : new Placed(
                            element, idle, placed.target(), placed.words(), placed.figure(), Optional.empty(), now);
        }

        /** Gas that the machine would time by itself, by the usual second for each ten amperes, against what the job wants. */
        private Optional<Phrase> automatic(PanelElement element) {
            double wanted = targets.figures().get(element.setting());
            double own = targets.figures().get(PanelSetting.MAIN_CURRENT) / A_FOR_A_SECOND;
            boolean auto = element.setting() == PanelSetting.POST_FLOW
                    && element.scale().filter(Scale::auto).isPresent();
            return auto
                    ? Optional.of(Phrase.of(
                            own < wanted ? "panel.gives.autoShort" : "panel.gives.autoDoes",
                            Quantity.seconds(own),
                            Quantity.seconds(wanted)))
                    : Optional.empty();
        }

        /** Dials without figures that no meter has read are told by arithmetic alone. */
        private Optional<Phrase> blind(PanelElement element, Optional<Phrase> idle) {
            if (idle.isEmpty() && automatic(element).isPresent()) {
                return automatic(element);
            }
            boolean unread = element.kind() == Kind.KNOB
                    && element.scale().filter(scale -> !scale.figures()).isPresent()
                    && element.setting() == PanelSetting.MAIN_CURRENT;
            return unread && idle.isEmpty() ? Optional.of(Phrase.of("panel.gives.arithmetic")) : Optional.empty();
        }

        private Quantity withUnit(PanelElement element, double value) {
            return element.scale()
                    .map(scale -> quantity(scale, value))
                    .orElseGet(() ->
                            Quantity.of(value, element.setting().units().get(0).unit()));
        }

        /** A control that does nothing stands at its lowest. */
        private static double rest(PanelElement element) {
            return element.scale()
                    .map(Scale::low)
                    .orElseGet(() -> element.stops().get(0).value().orElse(0.0));
        }

        private Optional<DialCurve> curve(PanelElement element) {
            return element.kind() == Kind.KNOB && element.setting() == PanelSetting.MAIN_CURRENT
                    ? Optional.ofNullable(curves.get(curveKey(element.id(), rangeStop)))
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
                                            / (stop.high().orElse(1.0)
                                                    - stop.low().orElse(0.0)))))
                    .orElseGet(() -> element.placeOf(value));
        }

        private double valueInRange(PanelElement element, double place) {
            return banded(element)
                    .map(stop -> stop.low().orElse(0.0)
                            + place * (stop.high().orElse(1.0) - stop.low().orElse(0.0)))
                    .orElseGet(() -> element.valueAt(place));
        }

        private Optional<Stop> banded(PanelElement element) {
            return element.kind() == Kind.KNOB && element.setting() == PanelSetting.MAIN_CURRENT
                    ? range.map(coarse -> coarse.stops().get(rangeStop))
                    : Optional.empty();
        }

        private double inOwnUnit(PanelElement element, double value) {
            ScaleUnit unit = element.scale()
                    .map(Scale::unit)
                    .orElse(element.setting().units().get(0));
            double main = targets.figures().get(PanelSetting.MAIN_CURRENT);
            double peak = machine.control(PanelSetting.PULSE_PEAK).isPresent()
                    ? targets.figures().get(PanelSetting.PULSE_PEAK)
                    : main;
            if (unit == ScaleUnit.PERCENT_OF_MAIN) {
                return 100 * value / main;
            }
            return element.setting() == PanelSetting.PULSE_BACKGROUND && unit == ScaleUnit.AMPERE
                    ? value / 100 * peak
                    : value;
        }

        private static Placed at(
                PanelElement element,
                double place,
                Optional<Quantity> figure,
                Optional<Phrase> gives,
                Optional<Double> now) {
            return new Placed(element, Optional.empty(), Optional.of(place), words(element, place), figure, gives, now);
        }
    }
}
