package vastarc.web.store.run;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vastarc.web.store.OldestRows;

/** Which column of a meter's table is which quantity, as the welder once said: remembered by the table's heading. */
@Service
public class TraceColumns {

    private static final int MOST = 100;
    private static final int MAX = 1000;

    private final ChosenColumnsRepository columns;
    private final EntityManager database;
    private final Clock clock;

    TraceColumns(ChosenColumnsRepository columns, EntityManager database, Clock clock) {
        this.columns = columns;
        this.database = database;
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
    @Transactional
    public void remember(List<String> heading, List<String> chosen) {
        String text = String.join("|", chosen);
        if (text.length() > MAX) {
            return;
        }
        columns.save(new ChosenColumns(key(heading), text, clock.instant()));
        makeRoom();
    }

    void makeRoom() {
        new OldestRows(database, "ChosenColumns", "heading", "usedAt").keepNewest(MOST);
    }

    private static String key(List<String> heading) {
        return WeldRun.cut(String.join("|", heading), MAX);
    }
}
