package vastarc.web.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Rows of a table of which only the newest are stored. Takes as long as there are rows to delete, not as long as the table: a table is counted, and
 * what is over the bound goes in order of time.
 *
 * @param table of the rows
 * @param key   its column that names a row
 * @param time  its column that orders them; rows of one moment go in the order of their keys
 */
public record OldestRows(JdbcClient database, String table, String key, String time) {

    /**
     * Deletes the oldest of all rows beyond a number of them; belongs into a transaction.
     *
     * @param most how many at most
     */
    public void keepNewest(int most) {
        keepNewest(most, "1 = 1", List.of());
    }

    /**
     * Deletes the oldest of the rows that have a value in a column, beyond a number of them; belongs into a
     * transaction.
     *
     * @param most how many at most
     * @param column name of the column
     * @param value the value
     */
    public void keepNewest(int most, String column, String value) {
        keepNewest(most, column + " = ?", List.of(value));
    }

    private void keepNewest(int most, String condition, List<Object> values) {
        long over = database.sql("select count(*) from " + table + " where " + condition)
                        .params(values)
                        .query(Long.class)
                        .single()
                - most;
        if (over > 0) {
            last(over, condition, values).ifPresent(last -> delete(last, condition, values));
        }
    }

    /** The youngest of so many oldest rows. */
    private record LastOldRow(Object time, Object key) {}

    private Optional<LastOldRow> last(long over, String condition, List<Object> values) {
        return database.sql("select " + time + ", " + key + " from " + table + " where " + condition + " order by "
                        + time + ", " + key + " limit 1 offset " + (over - 1))
                .params(values)
                .query((row, number) -> new LastOldRow(row.getObject(1), row.getObject(2)))
                .optional();
    }

    private void delete(LastOldRow last, String condition, List<Object> values) {
        List<Object> all = new ArrayList<>(values);
        all.addAll(List.of(last.time(), last.time(), last.key()));
        database.sql("delete from " + table + " where " + condition + " and " + time + " <= ? and (" + time + " < ? or "
                        + key + " <= ?)")
                .params(all)
                .update();
    }
}
