/** What every place of a job shows of the job, the line at its top, and what the job waits for. */
@NullMarked
package vastarc.web.job;

import org.jspecify.annotations.NullMarked;
