package vastarc.web.store.run;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import vastarc.web.store.OldestRows;
import vastarc.web.store.TransactionRetry;

/** Which column of a meter's table is which quantity, as the welder once said: remembered by the table's heading. */
@Service
public class TraceColumns {

    private static final int MOST = 100;
    private static final int MAX = 1000;

    private final ChosenColumnsRepository columns;
    private final EntityManager database;
    private final TransactionRetry retrying;
    private final Clock clock;

    TraceColumns(ChosenColumnsRepository columns, EntityManager database, TransactionRetry retrying, Clock clock) {
        this.columns = columns;
        this.database = database;
        this.retrying = retrying;
        this.clock = clock;
    }

    /**
     * {@return what was said of a heading, a column each; empty where nothing was}
     *
     * @param heading the column headings
     */
    public Optional<List<String>> chosen(List<String> heading) {
        return columns.findById(key(heading))
                .map(known -> List.of(known.chosen().split("\\|", -1)));
    }

    /**
     * Remembers it; what was used longest ago makes room.
     *
     * @param heading the column headings
     * @param chosen the names chosen, in order
     */
    public void remember(List<String> heading, List<String> chosen) {
        String text = String.join("|", chosen);
        if (text.length() > MAX) {
            return;
        }
        retrying.inTransaction(() -> {
            ChosenColumns known = columns.save(new ChosenColumns(key(heading), text, clock.instant()));
            makeRoom();
            return known;
        });
    }

    void makeRoom() {
        new OldestRows(database, "ChosenColumns", "heading", "usedAt").keepNewest(MOST);
    }

    private static String key(List<String> heading) {
        return WeldRun.cut(String.join("|", heading), MAX);
    }
}
