package vastarc.web.store.archive;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/**
 * A row that never changes: it is there, or it comes.
 *
 * @param table  it is in, with its id
 * @param coming what is given where it comes
 * @param insert puts it there
 */
public record ImmutableRow(JdbcClient database, String table, UUID id, String coming, Runnable insert)
        implements ArchiveElement {

    private boolean isStored() {
        return database.sql("select 1 from " + table + " where id = ?")
                .param(id)
                .query(Integer.class)
                .optional()
                .isPresent();
    }

    @Override
    public Optional<String> change() {
        return isStored() ? Optional.empty() : Optional.of(coming);
    }

    @Override
    public void take() {
        if (!isStored()) {
            insert.run();
        }
    }

    /**
     * {@return a moment of a row as an archive tells it}
     *
     * @param row the row of the query
     * @param column number of the column along the seam, from 0
     * @throws java.sql.SQLException if the row cannot be read
     */
    public static String moment(ResultSet row, int column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant().toString();
    }

    /**
     * {@return a moment of an element as a row keeps it}
     *
     * @param element the element as read
     * @param name the name
     */
    public static OffsetDateTime moment(JsonNode element, String name) {
        return Instant.parse(element.path(name).asString()).atOffset(ZoneOffset.UTC);
    }
}
