/** The Run place: the booth view of a job, with its meters, and the run while it is welded. */
@NullMarked
package vastarc.web.run;

import org.jspecify.annotations.NullMarked;
