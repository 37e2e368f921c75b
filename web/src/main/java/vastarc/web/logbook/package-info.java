/** The Logbook: every run as it was welded, found, read, compared, plotted, exported and brought in. */
@NullMarked
package vastarc.web.logbook;

import org.jspecify.annotations.NullMarked;
