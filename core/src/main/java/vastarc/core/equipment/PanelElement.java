package vastarc.core.equipment;

import java.util.List;
import java.util.Optional;

/**
 * One control of a panel.
 *
 * @param id       unique on its panel
 * @param kind     what it is
 * @param setting  what it sets
 * @param label    the panel's own word for it
 * @param x        middle, share of the panel's width, 0–100
 * @param y        middle, share of the panel's height, 0–100
 * @param size     width, share of the panel's width
 * @param scale    of a control that sets a figure
 * @param stops    of a control that is switched
 * @param menuPath where a display finds it, step by step
 */
public record PanelElement(
        String id,
        ControlKind kind,
        PanelSetting setting,
        String label,
        double x,
        double y,
        double size,
        Optional<Scale> scale,
        List<SwitchStop> stops,
        List<String> menuPath) {

    /** Kinds of control. */
    public enum ControlKind {
        /** A knob with a scale. */
        KNOB,
        /** A switch with several places. */
        SELECTOR,
        /** A switch with two places. */
        TOGGLE,
        /** A button that steps through choices. */
        BUTTON,
        /** A display that shows a number. */
        DISPLAY,
        /** The foot pedal. */
        PEDAL,
        /** The switch on the torch. */
        TORCH_SWITCH,
        /** A gas valve. */
        VALVE;

        /** {@return whether it is switched from stop to stop} */
        public boolean isSwitched() {
            return this == SELECTOR || this == TOGGLE || this == BUTTON;
        }

        /** {@return whether it is plugged in rather than set} */
        public boolean isPlugged() {
            return this == PEDAL || this == TORCH_SWITCH;
        }

        /** {@return the key of its name in {@code words.properties}} */
        public String words() {
            return "element." + name();
        }
    }

    /**
     * A stop of a switch.
     *
     * @param label  what is beside it
     * @param choice the value it chooses; empty where it sets a figure or a range
     * @param value  the figure it sets
     * @param low    low end of the range it chooses
     * @param high   high end of the range it chooses
     */
    public record SwitchStop(
            String label,
            Optional<String> choice,
            Optional<Double> value,
            Optional<Double> low,
            Optional<Double> high) {

        /**
         * {@return a stop that selects a choice}
         *
         * @param label the label of the stop
         * @param choice the choice
         */
        public static SwitchStop choice(String label, String choice) {
            return new SwitchStop(label, Optional.of(choice), Optional.empty(), Optional.empty(), Optional.empty());
        }

        /**
         * {@return a stop that sets a value in the unit of the control}
         *
         * @param label the label of the stop
         * @param value the value
         */
        public static SwitchStop figure(String label, double value) {
            return new SwitchStop(label, Optional.empty(), Optional.of(value), Optional.empty(), Optional.empty());
        }

        /**
         * {@return a stop that selects a range of the main scale, in the unit of the control}
         *
         * @param label the label of the stop
         * @param low lowest value
         * @param high highest value
         */
        public static SwitchStop range(String label, double low, double high) {
            return new SwitchStop(label, Optional.empty(), Optional.empty(), Optional.of(low), Optional.of(high));
        }
    }

    /** Copies its collections, so that it cannot change. */
    public PanelElement {
        stops = List.copyOf(stops);
        menuPath = List.copyOf(menuPath);
    }

    /**
     * {@return where the control must be set for a figure in its own unit: share of the sweep, number of the nearest
     * stop, or figure shown}
     *
     * @param value the value
     */
    public double placeOf(double value) {
        if (kind.isSwitched()) {
            return nearestStop(value);
        }
        Scale own = scale.orElseThrow();
        return kind == ControlKind.KNOB ? own.share(value) : own.settable(value);
    }

    private int nearestStop(double value) {
        int nearest = 0;
        for (int i = 1; i < stops.size(); i++) {
            if (distance(i, value) < distance(nearest, value)) {
                nearest = i;
            }
        }
        return nearest;
    }

    private double distance(int stop, double value) {
        return Math.abs(stops.get(stop).value().orElse(Double.MAX_VALUE) - value);
    }

    /**
     * {@return the figure a place sets, in the control's own unit}
     *
     * @param place where the control is set
     */
    public double valueAt(double place) {
        if (kind.isSwitched()) {
            return stops.get((int) place).value().orElseThrow();
        }
        Scale own = scale.orElseThrow();
        return kind == ControlKind.KNOB ? own.settable(own.value(place)) : own.settable(place);
    }

    /**
     * {@return the stop that chooses a value; empty where the panel has none}
     *
     * @param choice the choice
     */
    public Optional<Integer> stopOf(String choice) {
        for (int i = 0; i < stops.size(); i++) {
            if (stops.get(i).choice().filter(choice::equals).isPresent()) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /**
     * {@return half of what this control can be set by, in its own unit at a value: a translation there and back may
     * lose as much}
     *
     * @param value the value
     */
    public double resolution(double value) {
        if (kind.isSwitched()) {
            double widest = 0;
            for (int i = 1; i < stops.size(); i++) {
                widest = Math.max(
                        widest,
                        Math.abs(stops.get(i).value().orElse(0.0)
                                - stops.get(i - 1).value().orElse(0.0)));
            }
            return widest / 2;
        }
        return scale.orElseThrow().step() / 2;
    }

    /**
     * {@return whether the control can be set there: a share of a knob's sweep, a stop's number, a figure within a
     * display's scale}
     *
     * @param place where the control is set
     */
    public boolean isPlace(double place) {
        return switch (kind) {
            case KNOB -> place >= 0 && place <= 1;
            case DISPLAY, VALVE ->
                scale.isPresent()
                        && place >= scale.get().low()
                        && place <= scale.get().high();
            default -> !kind.isSwitched() || place >= 0 && place <= stops.size() - 1;
        };
    }

    /**
     * {@return whether two places are the same to a welder}
     *
     * @param value the value
     * @param other the other place
     */
    public boolean isSamePlace(double value, double other) {
        return switch (kind) {
            case KNOB -> Math.abs(value - other) < 0.01;
            case DISPLAY, VALVE ->
                Math.abs(value - other) <= Math.max(0.5 * scale.orElseThrow().step(), 1e-9);
            default -> Math.round(value) == Math.round(other);
        };
    }
}
