package vastarc.web.store.disk;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.callback.Callback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Makes a copy before the first step that brings a database up to date, and throws it away after the last. */
@Component
final class SafeUpdate implements Callback {

    private final UpdateCopy copy;
    private final boolean kept;
    private boolean made;

    SafeUpdate(
            @Value("${vastarc.data:./data}") Path folder,
            @Value("${spring.datasource.url:}") String database,
            Disk disk) {
        this.copy = new UpdateCopy(folder, disk);
        this.kept = database.startsWith("jdbc:h2:file:");
    }

    @Override
    public boolean supports(Event event, Context context) {
        return kept && (event == Event.BEFORE_EACH_MIGRATE && !made || event == Event.AFTER_MIGRATE && made);
    }

    @Override
    public boolean canHandleInTransaction(Event event, Context context) {
        return true;
    }

    @Override
    public void handle(Event event, Context context) {
        try {
            if (event == Event.BEFORE_EACH_MIGRATE) {
                if (!isNew(context.getConnection())) {
                    copy.make(context.getConnection());
                }
                made = true;
            } else {
                copy.done(context.getConnection());
            }
        } catch (SQLException e) {
            throw new FlywayException("the copy of the shop could not be made", e);
        } catch (IOException e) {
            throw new UncheckedIOException("the copy of the shop could not be written", e);
        }
    }

    /** A shop that has nothing yet needs no copy of it. */
    private static boolean isNew(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet applied = statement.executeQuery("select count(*) from \"flyway_schema_history\"")) {
            return applied.next() && applied.getInt(1) == 0;
        }
    }

    @Override
    public String getCallbackName() {
        return "copy before update";
    }
}
