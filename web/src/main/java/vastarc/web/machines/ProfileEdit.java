package vastarc.web.machines;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelSetting;
import vastarc.core.equipment.ScaleUnit;
import vastarc.web.store.machine.ProfileReader;

/**
 * Edits of a profile as the panel editor sends them: texts into a copy of the document. What cannot be a number stays a text, so that the
 * format's own check names it.
 */
final class ProfileEdit {

    private static final Set<String> NUMBERS = Set.of("low", "high", "step", "startDeg", "sweepDeg", "ticks");
    private static final Set<String> FLAGS = Set.of("figures", "clockwise", "auto");
    private static final Map<ScaleUnit, double[]> USUAL = Map.of(
            ScaleUnit.SECOND, new double[] {0, 10, 0.1},
            ScaleUnit.HERTZ, new double[] {0.5, 10, 0.1},
            ScaleUnit.PERCENT, new double[] {10, 90, 1},
            ScaleUnit.PERCENT_OF_MAIN, new double[] {5, 100, 1},
            ScaleUnit.LITRE_PER_MIN, new double[] {3, 20, 0.5});
    private static final double DISPLAY_SIZE = 40;

    private final ObjectNode document;

    ProfileEdit(MachineProfile profile) {
        document = ProfileReader.document(profile);
    }

    ObjectNode document() {
        return document;
    }

    private ArrayNode elements() {
        return (ArrayNode) document.get("elements");
    }

    private Optional<ObjectNode> element(String id) {
        for (JsonNode element : elements()) {
            if (element.get("id").asString().equals(id)) {
                return Optional.of((ObjectNode) element);
            }
        }
        return Optional.empty();
    }

    /** Where an element is in the document, so that its faults can be separated from others'. */
    static String place(MachineProfile profile, String id) {
        return IntStream.range(0, profile.elements().size())
                .filter(i -> profile.elements().get(i).id().equals(id))
                .mapToObj(i -> "elements[" + i + "]")
                .findFirst()
                .orElse("elements");
    }

    /** A number as a number; anything else as its text, which the format's check then tells of. */
    private static JsonNode number(String text) {
        OptionalDouble number = NumberReader.read(text);
        if (number.isEmpty()) {
            return JsonNodeFactory.instance.stringNode(text.strip());
        }
        double value = number.getAsDouble();
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? JsonNodeFactory.instance.numberNode((long) value)
                : JsonNodeFactory.instance.numberNode(value);
    }

    /** Name, limits, controls offered: what is on the plate. */
    void about(Map<String, String> sent) {
        for (String name : List.of("name", "shape", "polarity")) {
            Optional.ofNullable(sent.get(name)).ifPresent(text -> document.put(name, text.strip()));
        }
        for (String name : List.of("minA", "maxA", "aspect", "slots")) {
            Optional.ofNullable(sent.get(name)).ifPresent(text -> document.set(name, number(text)));
        }
        for (String name : List.of("alternating", "remote", "cooler")) {
            document.put(name, "true".equals(sent.get(name)));
        }
        ArrayNode starts = document.putArray("starts");
        Arrays.stream(new String[] {"HF", "LIFT"})
                .filter(start -> "true".equals(sent.get("start." + start)))
                .forEach(starts::add);
        logics(sent);
        plate(sent.getOrDefault("plate", ""));
    }

    /** A logic that is stored keeps what it honours. */
    private void logics(Map<String, String> sent) {
        ArrayNode before = (ArrayNode) document.get("logics").deepCopy();
        ArrayNode logics = document.putArray("logics");
        for (TriggerModeName name : TriggerModeName.values()) {
            if ("true".equals(sent.get("logic." + name))) {
                ObjectNode offer = logics.addObject().put("logic", name.name());
                for (JsonNode old : before) {
                    if (old.get("logic").asString().equals(name.name()) && old.has("honours")) {
                        offer.set("honours", old.get("honours"));
                    }
                }
            }
        }
    }

    /** Duty points as written on plates: "200 A 35 %, 150 A 60 %". */
    private void plate(String text) {
        ArrayNode plate = document.putArray("plate");
        for (String point : text.split("[;,]")) {
            String[] parts = point.replaceAll("[A%@]", " ").strip().split("\\s+");
            if (!point.isBlank()) {
                plate.addObject()
                        .<ObjectNode>set("currentA", number(parts[0]))
                        .set("percent", number(parts.length > 1 ? parts[1] : ""));
            }
        }
    }

    /** A new control with usual figures; its id. */
    String add(PanelSetting setting, ControlKind kind) {
        int number = elements().size() + 1;
        String id = setting.name().toLowerCase(Locale.ROOT) + number;
        while (element(id).isPresent()) {
            number++;
            id = setting.name().toLowerCase(Locale.ROOT) + number;
        }
        int index = elements().size();
        ObjectNode element = elements().addObject();
        element.put("id", id);
        element.put("kind", kind.name());
        element.put("setting", setting.name());
        element.put("label", Phrasebook.say(Phrase.of(setting.words()), UnitSystem.METRIC));
        element.put("x", 14 + index % 5 * 18);
        element.put("y", Math.min(90, 24 + index / 5 * 26));
        element.put("size", kind == ControlKind.DISPLAY ? DISPLAY_SIZE : 14);
        if (kind.isSwitched()) {
            usualStops(element, setting);
        } else if (setting.isFigure()) {
            usualScale(element, setting, kind);
        }
        return id;
    }

    private void usualScale(ObjectNode element, PanelSetting setting, ControlKind kind) {
        ScaleUnit unit = setting.units().get(0);
        double[] usual = unit == ScaleUnit.AMPERE
                ? new double[] {
                    document.get("minA").asDouble(), document.get("maxA").asDouble(), 1
                }
                : Maps.get(USUAL, unit);
        ObjectNode scale = element.putObject("scale");
        scale.put("unit", unit.name()).put("low", usual[0]).put("high", usual[1]);
        scale.put("step", kind == ControlKind.KNOB ? 0 : usual[2]);
        scale.put("ticks", kind == ControlKind.KNOB ? 10 : 0).put("figures", kind != ControlKind.KNOB);
    }

    private void usualStops(ObjectNode element, PanelSetting setting) {
        ArrayNode stops = element.putArray("stops");
        if (setting == PanelSetting.CONTROL) {
            document.get("logics")
                    .forEach(offer -> choice(stops, offer.get("logic").asString()));
        } else if (setting == PanelSetting.RANGE) {
            double low = document.get("minA").asDouble();
            double high = document.get("maxA").asDouble();
            double middle = Math.sqrt(low * high);
            stops.addObject().put("label", "low").put("low", low).put("high", middle * 1.1);
            stops.addObject().put("label", "high").put("low", middle * 0.9).put("high", high);
        } else if (setting.isFigure()) {
            boolean toggle = element.get("kind").asString().equals(ControlKind.TOGGLE.name());
            for (int i = 0; i < (toggle ? 2 : 5); i++) {
                stops.addObject().put("label", String.valueOf(i + 1)).put("value", i + 1);
            }
        } else {
            setting.choices().forEach(choice -> choice(stops, choice));
        }
    }

    private static void choice(ArrayNode stops, String choice) {
        stops.addObject()
                .put("label", Phrasebook.say(Phrase.of("choice." + choice), UnitSystem.METRIC))
                .put("choice", choice);
    }

    /** Label, scale, stops and menu path of a control. */
    boolean change(String id, Map<String, String> sent) {
        Optional<ObjectNode> found = element(id);
        found.ifPresent(element -> {
            Optional.ofNullable(sent.get("label")).ifPresent(text -> element.put("label", text.strip()));
            for (String name : List.of("size", "x", "y")) {
                Optional.ofNullable(sent.get(name)).ifPresent(text -> element.set(name, number(text)));
            }
            Optional.ofNullable(sent.get("stops")).ifPresent(text -> stops(element, text));
            Optional.ofNullable(sent.get("menuPath")).ifPresent(text -> {
                ArrayNode path = element.putArray("menuPath");
                Arrays.stream(text.split("[›>/]"))
                        .map(String::strip)
                        .filter(step -> !step.isEmpty())
                        .forEach(path::add);
            });
            if (element.has("scale")) {
                scale((ObjectNode) element.get("scale"), sent);
            }
        });
        return found.isPresent();
    }

    private static void scale(ObjectNode scale, Map<String, String> sent) {
        for (String name : List.of("unit", "taper")) {
            Optional.ofNullable(sent.get(name)).ifPresent(text -> scale.put(name, text));
        }
        NUMBERS.forEach(name -> Optional.ofNullable(sent.get(name)).ifPresent(text -> scale.set(name, number(text))));
        FLAGS.forEach(name -> scale.put(name, "true".equals(sent.get(name))));
    }

    /** Stops as "rod = STICK, TIG = TIG", "3 = 3" or "A = 25..70". */
    private static void stops(ObjectNode element, String text) {
        ArrayNode stops = element.putArray("stops");
        for (String part : text.split(",")) {
            if (part.isBlank()) {
                continue;
            }
            int at = part.lastIndexOf('=');
            String label = (at < 0 ? part : part.substring(0, at)).strip();
            String value = (at < 0 ? part : part.substring(at + 1)).strip();
            ObjectNode stop = stops.addObject().put("label", label);
            String[] band = value.split("\\.\\.|–");
            if (band.length == 2) {
                stop.set("low", number(band[0]));
                stop.set("high", number(band[1]));
            } else if (number(value).isNumber()) {
                stop.set("value", number(value));
            } else {
                stop.put("choice", value);
            }
        }
    }

    /** The stops of an element as {@link #change} reads them. */
    static String stopsText(PanelElement element) {
        return String.join(
                ", ",
                element.stops().stream()
                        .map(stop -> stop.label() + " = "
                                + stop.choice()
                                        .or(() -> stop.value().map(ProfileEdit::plain))
                                        .orElseGet(() -> plain(stop.low().orElse(0.0)) + ".."
                                                + plain(stop.high().orElse(0.0))))
                        .toList());
    }

    static String plain(double value) {
        return new BigDecimal(value)
                .round(new MathContext(6))
                .stripTrailingZeros()
                .toPlainString();
    }

    /** Moves a control. */
    boolean move(String id, String x, String y) {
        Optional<ObjectNode> found = element(id);
        found.ifPresent(element -> {
            element.set("x", number(x));
            element.set("y", number(y));
        });
        return found.isPresent();
    }

    boolean remove(String id) {
        ArrayNode elements = elements();
        for (int i = 0; i < elements.size(); i++) {
            if (elements.get(i).get("id").asString().equals(id)) {
                elements.remove(i);
                return true;
            }
        }
        return false;
    }
}
