package vastarc.web.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.equipment.Scale;

/**
 * A machine's own front, drawn from its profile, each control where it must be set.
 *
 * @param viewBox  SVG view box; a panel is 1000 wide
 * @param title    what it shows
 * @param shape    style of the case
 * @param plate    the case, back to front
 * @param controls in the order of the profile
 */
public record PanelDrawing(
        String viewBox, String title, String shape, List<Drawing.Path> plate, List<ControlDrawing> controls) {

    /**
     * A control.
     *
     * @param id    of the element
     * @param words what it is and where it must be set
     * @param style classes: kind, idle, differs
     * @param paths lines and areas, back to front
     * @param texts words and figures
     */
    public record ControlDrawing(
            String id,
            String words,
            String style,
            double x,
            double y,
            List<Drawing.Path> paths,
            List<Drawing.Label> texts) {}

    private static final double WIDTH = 1000;

    /**
     * {@return a profile without a job: every control at its lowest}
     *
     * @param profile the profile
     * @param units the units
     */
    public static PanelDrawing of(MachineProfile profile, UnitSystem units) {
        return of(profile, Map.of(), units);
    }

    /**
     * {@return a profile with a job put on it}
     *
     * @param profile the profile
     * @param plan the plan
     * @param units the units
     */
    public static PanelDrawing of(MachineProfile profile, PanelPlan plan, UnitSystem units) {
        Map<String, ControlTarget> placed = plan.controls().stream()
                .collect(Collectors.toMap(control -> control.element().id(), Function.identity()));
        return of(profile, placed, units);
    }

    private static PanelDrawing of(MachineProfile profile, Map<String, ControlTarget> placed, UnitSystem units) {
        double height = WIDTH / profile.aspect();
        return new PanelDrawing(
                String.format(Locale.ROOT, "0 0 %.0f %.0f", WIDTH, height),
                "Front of " + profile.name(),
                profile.shape().name().toLowerCase(Locale.ROOT),
                PanelCase.of(profile.shape(), WIDTH, height),
                profile.elements().stream()
                        .map(element -> new Artist(
                                        element, Optional.ofNullable(placed.get(element.id())), height, units)
                                .draw())
                        .toList());
    }

    /** Draws one control. */
    private static final class Artist {
        private final PanelElement element;
        private final Optional<ControlTarget> placed;
        private final UnitSystem units;
        private final double x;
        private final double y;
        private final double size;
        private final List<Drawing.Path> paths = new ArrayList<>();
        private final List<Drawing.Label> texts = new ArrayList<>();

        Artist(PanelElement element, Optional<ControlTarget> placed, double height, UnitSystem units) {
            this.element = element;
            this.placed = placed;
            this.units = units;
            this.x = element.x() * WIDTH / 100;
            this.y = element.y() * height / 100;
            this.size = element.size() * WIDTH / 100;
        }

        ControlDrawing draw() {
            switch (element.kind()) {
                case KNOB -> knob();
                case SELECTOR -> selector();
                case TOGGLE -> toggle();
                case BUTTON -> button();
                case DISPLAY -> display();
                case VALVE -> valve();
                case PEDAL, TORCH_SWITCH -> socket();
            }
            boolean idle = placed.filter(control -> control.idle().isPresent()).isPresent();
            boolean differs = placed.filter(ControlTarget::differs).isPresent();
            String style = element.kind().name().toLowerCase(Locale.ROOT)
                    + (idle ? " idle" : "")
                    + (differs ? " differs" : "");
            return new ControlDrawing(element.id(), words(), style, x, y, List.copyOf(paths), List.copyOf(texts));
        }

        private String words() {
            String name =
                    element.label().isBlank() ? say(Phrase.of(element.setting().words())) : element.label();
            return placed.map(control -> name + ": " + say(control.words())
                            + control.idle().map(why -> ", idle. " + say(why)).orElse(""))
                    .orElse(name);
        }

        private String say(Phrase phrase) {
            return Phrasebook.say(phrase, units);
        }

        private double target() {
            return placed.flatMap(ControlTarget::target)
                    .orElse(
                            element.kind().isSwitched() || element.kind() == ControlKind.KNOB
                                    ? 0
                                    : element.scale().map(Scale::low).orElse(0.0));
        }

        private Optional<Double> now() {
            return placed.filter(ControlTarget::differs).flatMap(ControlTarget::now);
        }

        private void path(String style, String format, Object... numbers) {
            paths.add(new Drawing.Path(String.format(Locale.ROOT, format, numbers), style));
        }

        private void text(double atX, double atY, String words, String anchor, String style) {
            texts.add(new Drawing.Label(round(atX), round(atY), words, anchor, style));
        }

        private static double round(double value) {
            return Math.round(value * 10) / 10.0;
        }

        private void circle(String style, double radius) {
            path(
                    style,
                    "M%.1f %.1fa%.1f %.1f 0 1 0 %.1f 0a%.1f %.1f 0 1 0 %.1f 0Z",
                    x - radius,
                    y,
                    radius,
                    radius,
                    2 * radius,
                    radius,
                    radius,
                    -2 * radius);
        }

        private void ray(String style, double degrees, double from, double to) {
            double sin = Math.sin(Math.toRadians(degrees));
            double cos = Math.cos(Math.toRadians(degrees));
            path(style, "M%.1f %.1fL%.1f %.1f", x + from * sin, y - from * cos, x + to * sin, y - to * cos);
        }

        private void around(double degrees, double radius, String words, String style) {
            double sin = Math.sin(Math.toRadians(degrees));
            double cos = Math.cos(Math.toRadians(degrees));
            String anchor = Math.abs(sin) < 0.35 ? "middle" : sin > 0 ? "start" : "end";
            text(x + radius * sin, y - radius * cos + 6, words, anchor, style);
        }

        private void knob() {
            Scale scale = element.scale().orElseThrow();
            double radius = size * 0.3;
            for (int i = 0; i <= scale.ticks() && scale.ticks() > 0; i++) {
                double share = (double) i / scale.ticks();
                ray("tick", scale.angleDeg(share), radius + 6, radius + 6 + size * 0.05 + 4);
                if (scale.figures()) {
                    around(scale.angleDeg(share), radius + size * 0.05 + 24, figure(scale, share), "figure");
                }
            }
            circle("cap", radius);
            now().ifPresent(current -> ray("ghost", scale.angleDeg(current), radius * 0.1, radius * 1.05));
            ray("pointer", scale.angleDeg(target()), radius * 0.15, radius * 0.98);
            text(x, y + radius + size * 0.05 + 44, element.label(), "middle", "name");
        }

        private String figure(Scale scale, double share) {
            double value = scale.value(share);
            return value < 10 && value != Math.rint(value)
                    ? String.format(Locale.ROOT, "%.1f", value)
                    : String.valueOf(Math.round(value));
        }

        private void selector() {
            int count = element.stops().size();
            double spread = Math.min(270, 48.0 * (count - 1));
            double radius = size * 0.26;
            for (int i = 0; i < count; i++) {
                double angle = angle(i, count, spread);
                ray("tick", angle, radius + 4, radius + 12);
                around(angle, radius + 26, element.stops().get(i).label(), isTarget(i) ? "stop on" : "stop");
            }
            circle("cap", radius);
            now().ifPresent(current -> ray("ghost", angle((int) Math.round(current), count, spread), 0, radius * 1.05));
            ray("bar", angle((int) target(), count, spread), -radius * 0.8, radius * 0.95);
            text(x, y + radius + 36, element.label(), "middle", "name");
        }

        private static double angle(int stop, int count, double spread) {
            return -spread / 2 + spread * stop / Math.max(1, count - 1);
        }

        private boolean isTarget(int stop) {
            return placed.isPresent() && placed.get().target().isPresent() && (int) target() == stop;
        }

        /** The first stop is down, the second up. */
        private void toggle() {
            double w = Math.min(44, size * 0.5);
            double h = w * 1.5;
            path("slot", "M%.1f %.1fh%.1fv%.1fh%.1fZ", x - w / 2, y - h / 2, w, h, -w);
            now().ifPresent(current -> lever("ghost", current, w, h));
            lever("lever", target(), w, h);
            text(x, y - h / 2 - 12, element.stops().get(1).label(), "middle", isTarget(1) ? "stop on" : "stop");
            text(x, y + h / 2 + 24, element.stops().get(0).label(), "middle", isTarget(0) ? "stop on" : "stop");
            if (!element.label().isBlank()) {
                text(x, y + h / 2 + 46, element.label(), "middle", "name");
            }
        }

        private void lever(String style, double stop, double w, double h) {
            double tip = stop >= 0.5 ? -h * 0.34 : h * 0.34;
            path(style, "M%.1f %.1fL%.1f %.1f", x, y, x, y + tip);
            path(style + "-tip", "M%.1f %.1fh%.1fv%.1fh%.1fZ", x - w * 0.3, y + tip - 7, w * 0.6, 14.0, -w * 0.6);
        }

        private void button() {
            int count = element.stops().size();
            double row = 24;
            double top = y - (count * row + 44) / 2;
            double left = x - size / 2 + 14;
            text(x, top, element.label(), "middle", "name");
            for (int i = 0; i < count; i++) {
                double lampY = top + 22 + i * row;
                boolean stands = now().filter(place -> Math.round(place) == Math.round(target()))
                                .isEmpty()
                        && isNow(i);
                path(
                        isTarget(i) ? "lamp on" : stands ? "lamp ghost" : "lamp",
                        "M%.1f %.1fa6 6 0 1 0 12 0a6 6 0 1 0 -12 0Z",
                        left,
                        lampY);
                text(left + 22, lampY + 6, element.stops().get(i).label(), "start", isTarget(i) ? "stop on" : "stop");
            }
            double pushY = top + 26 + count * row;
            path("push", "M%.1f %.1fh52v24h-52Z", x - 26, pushY - 8);
        }

        private boolean isNow(int stop) {
            return now().filter(place -> Math.round(place) == stop).isPresent();
        }

        private void display() {
            Scale scale = element.scale().orElseThrow();
            String shown =
                    units.show(Quantity.of(target(), scale.unit().unit())).line();
            boolean large = element.menuPath().isEmpty();
            double w = large ? size * 0.9 : size * 0.7;
            double h = large ? 62 : 46;
            path("screen", "M%.1f %.1fh%.1fv%.1fh%.1fZ", x - w / 2, y - h / 2, w, h, -w);
            text(x - w / 2 + 10, y + (large ? 7 : 6), element.label(), "start", "name");
            text(x + w / 2 - 10, y + (large ? 14 : 8), shown, "end", large ? "shown large" : "shown");
        }

        private void valve() {
            double radius = size * 0.25;
            circle("cap", radius);
            for (int i = 0; i < 6; i++) {
                ray("tick", i * 60, radius * 0.75, radius);
            }
            text(
                    x,
                    y + 6,
                    units.show(Quantity.of(
                                    target(),
                                    element.scale().orElseThrow().unit().unit()))
                            .line(),
                    "middle",
                    "shown");
            text(x, y + radius + 24, element.label(), "middle", "name");
        }

        private void socket() {
            circle("socket", 20);
            circle("socket-hole", 8);
            text(x, y + 44, element.label(), "middle", "name");
        }
    }
}
