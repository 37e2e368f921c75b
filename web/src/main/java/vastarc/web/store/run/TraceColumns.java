package vastarc.web.store.run;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vastarc.web.store.OldestRows;

/** Which column of a meter's table is which quantity, as the welder once said: remembered by the table's heading. */
@Service
public class TraceColumns {

    private static final int MOST = 100;
    private static final int MAX = 1000;

    private final JdbcClient database;
    private final Clock clock;

    TraceColumns(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * {@return what was said of a heading, a column each; empty where nothing was}
     *
     * @param heading the column headings
     */
    public Optional<List<String>> chosen(List<String> heading) {
        return database.sql("select chosen from trace_columns where heading = ?")
                .param(key(heading))
                .query(String.class)
                .optional()
                .map(text -> List.of(text.split("\\|", -1)));
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
        database.sql("merge into trace_columns (heading, chosen, used_at) key (heading) values (?, ?, ?)")
                .params(key(heading), text, clock.instant().atOffset(ZoneOffset.UTC))
                .update();
        makeRoom();
    }

    void makeRoom() {
        new OldestRows(database, "trace_columns", "heading", "used_at").keepNewest(MOST);
    }

    private static String key(List<String> heading) {
        return WeldRun.cut(String.join("|", heading), MAX);
    }
}
