package vastarc.web.store.shop;

import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.IntNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;
import vastarc.core.advice.sequence.Prices;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/** How the shop works. */
@Component
class ShopSettingsSection implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();

    private final ShopStore shop;

    ShopSettingsSection(ShopStore shop) {
        this.shop = shop;
    }

    @Override
    public String file() {
        return "shop.json";
    }

    @Override
    public boolean isSingle() {
        return true;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        out.accept(JSON.valueToTree(shop.habits()));
    }

    /** 3: how long archived jobs stay; 7: prices. */
    @Override
    public void upgrade(ObjectNode settings, int from, int place) {
        if (from == 2) {
            ArchiveSection.add(settings, "putAwayDays", IntNode.valueOf(0));
        } else if (from == 6) {
            ArchiveSection.add(settings, "money", StringNode.valueOf(""));
            ArchiveSection.add(settings, "prices", JSON.valueToTree(Prices.none()));
        }
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        ShopSettings settings = JSON.treeToValue(element, ShopSettings.class);
        if (!settings.isSound()) {
            throw new IllegalArgumentException(
                    "it names sizes or wires that are not made, prices that cannot be, or starts jobs with what they do not have");
        }
        return new ShopSettingsItem(shop, settings);
    }

    private record ShopSettingsItem(ShopStore shop, ShopSettings habits) implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return shop.habits().equals(habits)
                    ? Optional.empty()
                    : Optional.of("shop defaults and stock are replaced");
        }

        @Override
        public void take() {
            shop.change(kept -> habits);
        }
    }

    /** What was held in memory may have been taken back with the rest. */
    @Override
    public void restored() {
        shop.reread();
    }
}
