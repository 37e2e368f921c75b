package vastarc.web.shop;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.Technique;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Labels;
import vastarc.web.layout.Preferences;
import vastarc.web.request.ShownValues;
import vastarc.web.store.shop.ShopSettings;
import vastarc.web.store.shop.ShopStore;

/** Shows how the shop works, and changes it: shop defaults only after showing whom they move. */
@Controller
class ShopController {

    private final ShopStore shop;
    private final DefaultTrial trial;

    ShopController(ShopStore shop, DefaultTrial trial) {
        this.shop = shop;
        this.trial = trial;
    }

    /** A matter and the shop's method. */
    public record DefaultLine(String matter, String name, List<Choice> schools) {
        public DefaultLine {
            name = Labels.of(name);
        }
    }

    @GetMapping("/shop")
    String page(@ModelAttribute("preferences") Preferences preferences, Model model) {
        show(Optional.empty(), preferences.units(), model);
        return "shop/page";
    }

    private void show(Optional<DefaultTrial.PendingChange> pending, UnitSystem units, Model model) {
        ShopSettings settings = shop.habits();
        model.addAttribute("pending", pending);
        model.addAttribute("fault", shop.fault());
        model.addAttribute(
                "habits",
                Arrays.stream(ParameterTopic.values())
                        .map(topic -> habit(topic, settings))
                        .toList());
        model.addAttribute("tungstens", stock(Tungsten.sizes(), Tungsten::diameterMm, settings.tungstensMm(), units));
        model.addAttribute("wires", stock(FillerRod.sizes(), FillerRod::diameterMm, settings.wiresMm(), units));
        model.addAttribute(
                "cups",
                Cup.sizes().stream()
                        .map(cup -> Choice.labelled(
                                String.valueOf(cup.number()),
                                "no. " + cup.number(),
                                settings.cups().contains(cup.number())))
                        .toList());
        model.addAttribute(
                "putAwayDays",
                ShopSettings.REMOVED_DAYS.stream()
                        .map(days -> Choice.labelled(
                                String.valueOf(days),
                                days == 0 ? "never" : "after " + days + " days",
                                days == settings.putAwayDays()))
                        .toList());
        model.addAttribute("controls", start(ControlDevice.values(), "control", settings));
        model.addAttribute("techniques", start(Technique.values(), "technique", settings));
        model.addAttribute("pulses", start(PulsePurpose.values(), "pulse", settings));
    }

    private static DefaultLine habit(ParameterTopic topic, ShopSettings settings) {
        Method chosen = settings.defaults().methods().of(topic);
        return new DefaultLine(
                topic.name(),
                say(Phrase.of("matter." + topic.name())),
                Arrays.stream(Method.values())
                        .filter(method -> method.matter() == topic)
                        .map(method -> Choice.labelled(method.name(), say(Phrase.of(method.words())), method == chosen))
                        .toList());
    }

    private static <T> List<Choice> stock(
            List<T> sizes, Function<T, Double> diameter, List<Double> owned, UnitSystem units) {
        return sizes.stream()
                .map(size -> Choice.labelled(
                        String.valueOf(diameter.apply(size)),
                        units.show(Quantity.stockMillimetres(diameter.apply(size)))
                                .line(),
                        owned.contains(diameter.apply(size))))
                .toList();
    }

    private static List<Choice> start(Enum<?>[] values, String field, ShopSettings settings) {
        return Choice.of(values, field, settings.newJob().getOrDefault(field, values[0].name()));
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }

    private static Method method(String name) {
        return Arrays.stream(Method.values())
                .filter(method -> method.matter() != null && method.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotFound("school"));
    }

    /** What a shop default would move, before it is stored. */
    @PostMapping("/shop/habit/ask")
    String ask(@RequestParam String school, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(Optional.of(trial.of(method(school), preferences.units())), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    @PostMapping("/shop/habit")
    String keep(@RequestParam String school, @ModelAttribute("preferences") Preferences preferences, Model model) {
        Method chosen = method(school);
        shop.change(settings -> settings.with(chosen));
        show(Optional.empty(), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    /** What is in stock; nothing ticked means everything. */
    @PostMapping("/shop/stock")
    String stock(
            @RequestParam MultiValueMap<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        shop.change(settings -> settings.stocked(
                owned("tungsten", sent, settings.tungstensMm(), sizes(Tungsten.sizes(), Tungsten::diameterMm)),
                owned("cup", sent, settings.cups(), sizes(Cup.sizes(), Cup::number)),
                owned("wire", sent, settings.wiresMm(), sizes(FillerRod.sizes(), FillerRod::diameterMm))));
        show(Optional.empty(), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    private static <S, T> List<T> sizes(List<S> made, Function<S, T> size) {
        return made.stream().map(size).toList();
    }

    private static <T> List<T> owned(String row, MultiValueMap<String, String> sent, List<T> kept, List<T> sizes) {
        Set<String> owned = ShownValues.merged(
                kept.stream().map(String::valueOf).toList(), sent.get("was." + row), sent.getOrDefault(row, List.of()));
        return sizes.stream()
                .filter(size -> owned.contains(String.valueOf(size)))
                .toList();
    }

    /** When jobs archived go for good. */
    @PostMapping("/shop/away")
    String putAway(
            @RequestParam(defaultValue = "0") String days,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        ShopSettings.REMOVED_DAYS.stream()
                .filter(known -> String.valueOf(known).equals(days))
                .forEach(known -> shop.change(settings -> settings.forgettingAfter(known)));
        show(Optional.empty(), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    /** What a new job starts with. */
    @PostMapping("/shop/start")
    String start(
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        shop.change(settings -> {
            Map<String, String> fields = new TreeMap<>(settings.newJob());
            keepKnown(fields, sent, "control", ControlDevice.values());
            keepKnown(fields, sent, "technique", Technique.values());
            keepKnown(fields, sent, "pulse", PulsePurpose.values());
            return settings.starting(fields);
        });
        show(Optional.empty(), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    private static void keepKnown(Map<String, String> fields, Map<String, String> sent, String name, Enum<?>[] values) {
        if (ShownValues.isChanged(sent, name)) {
            fields.remove(name);
            Arrays.stream(values)
                    .map(Enum::name)
                    .filter(value -> value.equals(sent.get(name)))
                    .forEach(value -> fields.put(name, value));
        }
    }
}
