/** Which batches of material a job is welded with, and which went into a run. */
@NullMarked
package vastarc.web.store.batch;

import org.jspecify.annotations.NullMarked;
