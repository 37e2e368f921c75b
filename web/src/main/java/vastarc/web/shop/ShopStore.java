package vastarc.web.shop;

import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.core.sheet.ShopWays;
import vastarc.web.request.TypedForm;

/** Keeps how the shop works. Read for every sheet, so it is held in memory between changes. */
@Service
public class ShopStore {

    private static final int TRIES = 3;

    private final ShopRepository shops;
    private final TransactionTemplate transaction;
    private volatile Habits held;

    ShopStore(ShopRepository shops, TransactionTemplate transaction) {
        this.shops = shops;
        this.transaction = transaction;
    }

    public Habits habits() {
        Habits now = held;
        if (now == null) {
            now = shops.findById(Shop.ID).map(Shop::habits).orElseGet(Habits::usual);
            held = now;
        }
        return now;
    }

    public ShopWays ways() {
        return habits().ways();
    }

    /** A new job's joint as this shop starts it. */
    public TypedForm freshJob() {
        TypedForm form = TypedForm.fresh();
        for (Map.Entry<String, String> field : habits().newJob().entrySet()) {
            form = form.with(field.getKey(), Optional.of(field.getValue()));
        }
        return form;
    }

    /** Forgets what is held in memory, where a change around it may have been taken back. */
    void reread() {
        held = null;
    }

    /** Changes how the shop works; of two hands at once the second changes what the first has left. */
    public Habits change(UnaryOperator<Habits> edit) {
        for (int i = 1; ; i++) {
            try {
                held = transaction.execute(status -> {
                    Shop shop = shops.findById(Shop.ID).orElseGet(Shop::new);
                    shop.take(edit.apply(shop.habits()));
                    return shops.saveAndFlush(shop).habits();
                });
                return held;
            } catch (OptimisticLockingFailureException | DataIntegrityViolationException e) {
                if (i == TRIES) {
                    throw e;
                }
            }
        }
    }
}
