package vastarc.web.store.disk;

import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/**
 * Brings what was committed onto the disk. Those who wait while one flush is under way share the next one, so that many changes cost little
 * more than one.
 */
public class Flusher implements AutoCloseable {

    /** Its own, since it is called by threads that still hold one of the pool's. */
    private final SingleConnectionDataSource connection;

    private final JdbcTemplate database;
    private long opened;
    private long asked;
    private long done;
    private boolean flushing;

    /** The last flush found the file held by another opening of the database. */
    private volatile boolean shutOut;

    /**
     * A flusher that has a connection to the database to itself.
     *
     * @param connection the connection of the source
     */
    public Flusher(SingleConnectionDataSource connection) {
        this.connection = connection;
        this.database = new JdbcTemplate(connection);
    }

    /** {@return which opening of the database this is; one that the disk has failed is followed by another} */
    public synchronized long opening() {
        return opened;
    }

    /**
     * Returns when everything committed before the call is on the disk.
     *
     * @param opening the opening of the database that it was committed to
     * @throws DataAccessException   where the disk did not take it
     * @throws IllegalStateException where that opening has failed since: nobody knows what it had on the disk
     */
    public void flush(long opening) {
        long wanted = ask(opening);
        while (turn(wanted, opening)) {
            long upTo = started();
            boolean flushed = false;
            try {
                database.execute("checkpoint sync");
                flushed = true;
            } catch (CannotGetJdbcConnectionException e) {
                shutOut = true;
                throw e;
            } finally {
                ended(flushed, upTo);
            }
        }
    }

    private synchronized long ask(long opening) {
        known(opening);
        return ++asked;
    }

    private void known(long opening) {
        if (opening != opened) {
            throw new IllegalStateException("the database was closed before the change was on the disk");
        }
    }

    /** Waits while another flush is under way. Whether this one has to be made by the caller: it is not covered yet. */
    private synchronized boolean turn(long wanted, long opening) {
        while (flushing && done < wanted) {
            try {
                wait();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException("stopped before the change was on the disk", e);
            }
        }
        if (done >= wanted) {
            return false;
        }
        known(opening);
        flushing = true;
        return true;
    }

    /** Hands whose changes are not known to be on the disk yet. */
    synchronized long waiting() {
        return asked - done;
    }

    private synchronized long started() {
        return asked;
    }

    private synchronized void ended(boolean flushed, long upTo) {
        flushing = false;
        if (flushed) {
            shutOut = false;
            done = upTo;
        } else {
            opened++;
            connection.resetConnection();
        }
        notifyAll();
    }

    /** {@return whether it gets no connection, though others may have one: the database was opened twice, one behind the other} */
    boolean isShutOut() {
        return shutOut;
    }

    /** Gives its connection up, because the database has closed itself: what was committed to it and is not known to be on the disk never will be. */
    public synchronized void giveUp() {
        shutOut = false;
        opened++;
        connection.resetConnection();
        notifyAll();
    }

    @Override
    public void close() {
        connection.destroy();
    }
}
