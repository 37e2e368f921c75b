package vastarc.web.store.shop;

import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.input.WeldFields;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JointText;

/** Stores how the shop works. Read for every sheet, so it is held in memory between changes. */
@Service
public class ShopStore {

    private final ShopRepository shops;
    private final TransactionRetry retrying;
    private volatile CachedSettings held = CachedSettings.NOTHING;

    /** What is held, and the version of the row it was read from; a slow reader never puts an older one back. */
    private record CachedSettings(long version, Optional<ShopSettings> habits, String fault) {
        static final CachedSettings NOTHING = new CachedSettings(-1, Optional.empty(), "");
    }

    ShopStore(ShopRepository shops, TransactionRetry retrying) {
        this.shops = shops;
        this.retrying = retrying;
    }

    /** {@return the shop settings} */
    public ShopSettings habits() {
        return held().habits().orElseThrow();
    }

    /** {@return why the shop's shop defaults cannot be read, and the usual ones are gone by; empty where they can} */
    public String fault() {
        return held().fault();
    }

    private CachedSettings held() {
        CachedSettings now = held;
        return now.habits().isPresent() ? now : hold(read());
    }

    private CachedSettings read() {
        return shops.findById(Shop.ID)
                .map(shop -> new CachedSettings(shop.version(), Optional.of(shop.habits()), shop.fault()))
                .orElseGet(() -> new CachedSettings(0, Optional.of(ShopSettings.usual()), ""));
    }

    private synchronized CachedSettings hold(CachedSettings read) {
        if (read.version() >= held.version()) {
            held = read;
        }
        return read;
    }

    /** {@return the shop's defaults and stock} */
    public ShopDefaults defaults() {
        return habits().defaults();
    }

    /** {@return a new job as this shop starts it} */
    public JobContent freshJob() {
        JointText joint = JointText.fresh();
        for (Map.Entry<String, String> field : habits().newJob().entrySet()) {
            joint = joint.with(WeldFields.named(field.getKey()).orElseThrow(), Optional.of(field.getValue()));
        }
        return JobContent.of(joint);
    }

    /** Forgets what is held in memory, where a change around it may have been taken back. */
    synchronized void reread() {
        held = CachedSettings.NOTHING;
    }

    /**
     * Changes how the shop works; of two changes at once the second changes what the first has left.
     *
     * @param edit what to change
     * @return the shop settings
     */
    public ShopSettings change(UnaryOperator<ShopSettings> edit) {
        CachedSettings changed = retrying.inTransaction(() -> {
            Shop shop = shops.findById(Shop.ID).orElseGet(Shop::new);
            shop.take(edit.apply(shop.habits()));
            Shop kept = shops.saveAndFlush(shop);
            return new CachedSettings(kept.version(), Optional.of(kept.habits()), kept.fault());
        });
        return hold(changed).habits().orElseThrow();
    }
}
