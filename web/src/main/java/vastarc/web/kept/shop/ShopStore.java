package vastarc.web.kept.shop;

import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import vastarc.core.joint.WeldFields;
import vastarc.core.sheet.ShopWays;
import vastarc.web.kept.Retrying;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.job.JointText;

/** Keeps how the shop works. Read for every sheet, so it is held in memory between changes. */
@Service
public class ShopStore {

    private final ShopRepository shops;
    private final Retrying retrying;
    private volatile Held held = Held.NOTHING;

    /** What is held, and the version of the row it was read from; a slow reader never puts an older one back. */
    private record Held(long version, Optional<Habits> habits, String fault) {
        static final Held NOTHING = new Held(-1, Optional.empty(), "");
    }

    ShopStore(ShopRepository shops, Retrying retrying) {
        this.shops = shops;
        this.retrying = retrying;
    }

    public Habits habits() {
        return held().habits().orElseThrow();
    }

    /** Why the shop's habits cannot be read, and the usual ones are gone by; empty where they can. */
    public String fault() {
        return held().fault();
    }

    private Held held() {
        Held now = held;
        return now.habits().isPresent() ? now : hold(read());
    }

    private Held read() {
        return shops.findById(Shop.ID)
                .map(shop -> new Held(shop.version(), Optional.of(shop.habits()), shop.fault()))
                .orElseGet(() -> new Held(0, Optional.of(Habits.usual()), ""));
    }

    private synchronized Held hold(Held read) {
        if (read.version() >= held.version()) {
            held = read;
        }
        return read;
    }

    public ShopWays ways() {
        return habits().ways();
    }

    /** A new job as this shop starts it. */
    public JobContent freshJob() {
        JointText joint = JointText.fresh();
        for (Map.Entry<String, String> field : habits().newJob().entrySet()) {
            joint = joint.with(WeldFields.named(field.getKey()).orElseThrow(), Optional.of(field.getValue()));
        }
        return JobContent.of(joint);
    }

    /** Forgets what is held in memory, where a change around it may have been taken back. */
    synchronized void reread() {
        held = Held.NOTHING;
    }

    /** Changes how the shop works; of two hands at once the second changes what the first has left. */
    public Habits change(UnaryOperator<Habits> edit) {
        Held changed = retrying.inTransaction(() -> {
            Shop shop = shops.findById(Shop.ID).orElseGet(Shop::new);
            shop.take(edit.apply(shop.habits()));
            Shop kept = shops.saveAndFlush(shop);
            return new Held(kept.version(), Optional.of(kept.habits()), kept.fault());
        });
        return hold(changed).habits().orElseThrow();
    }
}
