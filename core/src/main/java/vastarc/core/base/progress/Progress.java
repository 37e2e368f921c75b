package vastarc.core.base.progress;

import java.util.concurrent.CancellationException;

/** Handed into long work: it says how far it is, and asks now and then whether it should go on. */
public interface Progress {

    /** Reports nothing, never stops: for work that nobody watches. */
    Progress UNWATCHED = new Progress() {
        @Override
        public void at(double share) {
            // nobody looks
        }

        @Override
        public boolean isCancelled() {
            return false;
        }
    };

    /**
     * How far the work is.
     *
     * @param share done, 0 to 1; never falls
     */
    void at(double share);

    /** {@return whether the work should stop} */
    boolean isCancelled();

    /**
     * Ends the work where it was cancelled.
     *
     * @throws CancellationException if it was cancelled
     */
    default void orStop() {
        if (isCancelled()) {
            throw new CancellationException("cancelled");
        }
    }
}
