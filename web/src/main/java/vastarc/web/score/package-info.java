/** The Score place: a job's weld in time, played, tried, pulled into shape. */
@NullMarked
package vastarc.web.score;

import org.jspecify.annotations.NullMarked;
