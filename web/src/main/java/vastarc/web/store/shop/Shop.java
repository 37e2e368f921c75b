package vastarc.web.store.shop;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.springframework.data.domain.Persistable;
import vastarc.web.store.document.Document;

/** The one row that says how the shop works. */
@Entity
@Table(name = "shop")
class Shop implements Persistable<Integer> {

    static final int ID = 1;

    @Id
    private Integer id = ID;

    @Version
    private Long version;

    @Convert(converter = ShopSettingsConverter.class)
    private Document<ShopSettings> ways = Document.of(ShopSettings.FORMAT, ShopSettings.usual());

    /** How the shop works; the usual ways where what is stored cannot be read. */
    ShopSettings habits() {
        return ways.value().orElseGet(ShopSettings::usual);
    }

    /** What is wrong with what is stored; empty where it can be read. */
    String fault() {
        return ways.fault();
    }

    void take(ShopSettings settings) {
        ways = Document.of(ShopSettings.FORMAT, settings);
    }

    long version() {
        return version;
    }

    @Override
    public Integer getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }
}
