package vastarc.web.store.shop;

import jakarta.persistence.Converter;
import vastarc.web.store.document.DocumentConverter;

/** Shop defaults in one column. */
@Converter
class ShopSettingsConverter extends DocumentConverter<ShopSettings> {

    ShopSettingsConverter() {
        super(ShopSettings.FORMAT);
    }
}
