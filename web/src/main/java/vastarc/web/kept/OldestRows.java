package vastarc.web.kept;

import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Rows of a table of which only the newest are kept. Takes as long as there are rows to delete, not as long as the table: a table is counted, and
 * what is over the bound goes in order of time.
 *
 * @param table of the rows
 * @param key   its column that names a row
 * @param time  its column that orders them; rows of one moment go in the order of their keys
 */
public record OldestRows(JdbcClient database, String table, String key, String time) {

    /** Deletes the oldest of all rows beyond a number of them; belongs into a transaction. */
    public void keepNewest(int most) {
        long over =
                database.sql("select count(*) from " + table).query(Long.class).single() - most;
        if (over > 0) {
            delete("", over).update();
        }
    }

    /** Deletes the oldest of the rows that have a value in a column, beyond a number of them; belongs into a transaction. */
    public void keepNewest(int most, String column, String value) {
        long over = database.sql("select count(*) from " + table + " where " + column + " = :value")
                        .param("value", value)
                        .query(Long.class)
                        .single()
                - most;
        if (over > 0) {
            delete(" where " + column + " = :value", over).param("value", value).update();
        }
    }

    private JdbcClient.StatementSpec delete(String condition, long over) {
        return database.sql("delete from " + table + " where " + key + " in (select " + key + " from " + table
                + condition + " order by " + time + ", " + key + " limit " + over + ")");
    }
}
