package vastarc.web.store.disk;

import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Lets no change begin that the disk has no room for, and none end before the disk has it. */
@Component
class DurableWrites implements TransactionExecutionListener {

    private final Disk disk;
    private final Flusher flusher;

    DurableWrites(Disk disk, Flusher flusher) {
        this.disk = disk;
        this.flusher = flusher;
    }

    @Override
    public void beforeBegin(TransactionExecution transaction) {
        if (!transaction.isReadOnly() && disk.isFull()) {
            throw DiskTrouble.full(disk.freeMb());
        }
    }

    @Override
    public void afterBegin(TransactionExecution transaction, @Nullable Throwable beginFailure) {
        if (beginFailure == null
                && !transaction.isReadOnly()
                && TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new DiskSync(flusher, flusher.opening()));
        }
    }

    /** Waits for the disk when the change is committed. */
    private record DiskSync(Flusher flusher, long opening) implements TransactionSynchronization {

        @Override
        public void afterCommit() {
            try {
                flusher.flush(opening);
            } catch (DataAccessException | IllegalStateException e) {
                throw DiskTrouble.unsure(e);
            }
        }
    }
}
