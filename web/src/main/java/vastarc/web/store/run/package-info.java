/**
 * Runs as they were welded: what was planned and measured, every event and reading as it came, photographs; the keys of meters. What was
 * acknowledged is on the disk.
 */
@NullMarked
package vastarc.web.store.run;

import org.jspecify.annotations.NullMarked;
