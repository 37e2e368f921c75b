package vastarc.web.store.shop;

import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/** How the shop works. */
@Component
@Order(10)
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

    @Override
    public void complete(JsonNode element, int version, int place) {
        if (version < 3) {
            ShopSettings.keepingForGood(element);
        }
        if (version < 7) {
            ShopSettings.unpriced(element);
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
