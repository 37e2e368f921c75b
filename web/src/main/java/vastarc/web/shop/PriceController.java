package vastarc.web.shop;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.advice.sequence.Prices;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.web.layout.TypedField;
import vastarc.web.request.PriceText;
import vastarc.web.request.ShownValues;
import vastarc.web.store.shop.ShopSettings;
import vastarc.web.store.shop.ShopStore;

/** What the shop pays: without it a route has no cost. */
@Controller
class PriceController {

    private static final String MONEY = "money";

    private final ShopStore shop;

    PriceController(ShopStore shop) {
        this.shop = shop;
    }

    @GetMapping("/shop/prices")
    String page(Model model) {
        return show(Map.of(), PriceText.of(Map.of()), "", model);
    }

    /** Stores what was changed on the page; as long as something cannot be read, nothing is stored, and all typed stays. */
    @PostMapping("/shop/prices")
    String keep(@RequestParam Map<String, String> sent, Model model) {
        Map<String, String> typed = merged(texts(shop.habits()), sent);
        PriceText read = PriceText.of(typed);
        if (!read.problems().isEmpty()) {
            return show(typed, read, "", model);
        }
        shop.change(settings -> {
            Map<String, String> now = merged(texts(settings), sent);
            return settings.paying(money(now), PriceText.of(now).prices());
        });
        return show(Map.of(), read, "Kept.", model);
    }

    /** What another window changed meanwhile is used where this one changed nothing. */
    private static Map<String, String> merged(Map<String, String> stored, Map<String, String> sent) {
        Map<String, String> merged = new TreeMap<>(stored);
        merged.replaceAll((name, value) -> ShownValues.isChanged(sent, name) ? sent.getOrDefault(name, value) : value);
        return merged;
    }

    private static String money(Map<String, String> typed) {
        String money = typed.getOrDefault(MONEY, "").strip();
        return money.length() > ShopSettings.MAX_MONEY ? money.substring(0, ShopSettings.MAX_MONEY) : money;
    }

    private static Map<String, String> texts(ShopSettings settings) {
        Map<String, String> stored = new TreeMap<>();
        Prices prices = settings.prices();
        stored.put(MONEY, settings.money());
        stored.put(Prices.ARGON.field(), text(prices.argonPerM3()));
        stored.put(Prices.TUNGSTEN.field(), text(prices.tungsten()));
        stored.put(Prices.HOUR.field(), text(prices.hour()));
        for (String alloy : FillerAlloy.classes()) {
            Double price = prices.wirePerKg().get(alloy);
            stored.put(PriceText.WIRE + alloy, text(price == null ? OptionalDouble.empty() : OptionalDouble.of(price)));
        }
        return stored;
    }

    private static String text(OptionalDouble price) {
        return price.isPresent()
                ? BigDecimal.valueOf(price.getAsDouble()).stripTrailingZeros().toPlainString()
                : "";
    }

    /** The prices kept, with what was typed over them. */
    private String show(Map<String, String> over, PriceText read, String text, Model model) {
        Map<String, String> stored = texts(shop.habits());
        Map<String, String> typed = new TreeMap<>(stored);
        typed.putAll(over);
        List<TypedField> fields = new ArrayList<>();
        fields.add(field(typed, read, MONEY, "what your money is called"));
        fields.add(field(typed, read, Prices.ARGON.field(), "argon, a cubic metre"));
        fields.add(field(typed, read, Prices.TUNGSTEN.field(), "tungsten, each"));
        fields.add(field(typed, read, Prices.HOUR.field(), "labour, per hour"));
        List<TypedField> wires = FillerAlloy.classes().stream()
                .map(alloy -> field(typed, read, PriceText.WIRE + alloy, alloy))
                .toList();
        model.addAttribute("fields", fields);
        model.addAttribute("wires", wires);
        model.addAttribute("was", stored);
        model.addAttribute("said", text);
        model.addAttribute("wrong", !read.problems().isEmpty());
        return "shop/prices";
    }

    private static TypedField field(Map<String, String> typed, PriceText read, String name, String label) {
        String message = read.problems().stream()
                .filter(problem -> problem.field().equals(name))
                .map(problem -> problem.message(UnitSystem.METRIC))
                .findFirst()
                .orElse("");
        return new TypedField(name, label, typed.getOrDefault(name, ""), "", "", message);
    }
}
