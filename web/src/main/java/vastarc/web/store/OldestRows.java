package vastarc.web.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import java.util.List;
import java.util.Map;

/**
 * Entities of a type of which only the newest are stored. Takes as long as there are rows to delete, not as long as the table: a table is counted,
 * and what is over the bound goes in order of time.
 *
 * @param database where they are
 * @param entity name of the entity
 * @param key its attribute that names a row
 * @param time its attribute that orders them; rows of one moment go in the order of their keys
 */
public record OldestRows(EntityManager database, String entity, String key, String time) {

    /**
     * Deletes the oldest of all rows beyond a number of them; belongs into a transaction.
     *
     * @param most how many at most
     */
    public void keepNewest(int most) {
        keepNewest(most, "1 = 1", Map.of());
    }

    /**
     * Deletes the oldest of the rows that have a value in an attribute, beyond a number of them; belongs into a
     * transaction.
     *
     * @param most how many at most
     * @param attribute name of the attribute
     * @param value the value
     */
    public void keepNewest(int most, String attribute, String value) {
        keepNewest(most, "e." + attribute + " = :value", Map.of("value", value));
    }

    private void keepNewest(int most, String condition, Map<String, Object> values) {
        Query count = query("select count(e) from " + entity + " e where " + condition, values);
        long over = (Long) count.getSingleResult() - most;
        if (over > 0) {
            Object[] last = lastOld(over, condition, values);
            query(
                            "delete from " + entity + " e where " + condition + " and (e." + time + " < :time or e."
                                    + time + " = :time and e." + key + " <= :key)",
                            values)
                    .setParameter("time", last[0])
                    .setParameter("key", last[1])
                    .executeUpdate();
        }
    }

    /** Time and key of the youngest of so many oldest rows. */
    private Object[] lastOld(long over, String condition, Map<String, Object> values) {
        List<?> last = query(
                        "select e." + time + ", e." + key + " from " + entity + " e where " + condition + " order by e."
                                + time + ", e." + key,
                        values)
                .setFirstResult((int) over - 1)
                .setMaxResults(1)
                .getResultList();
        return (Object[]) last.get(0);
    }

    private Query query(String text, Map<String, Object> values) {
        Query query = database.createQuery(text);
        values.forEach(query::setParameter);
        return query;
    }
}
