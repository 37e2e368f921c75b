/**
 * What a welder hears while the arc burns: cues at the times of the weld cycle, and warnings from what meters read.
 *
 * <p>Uses: base, domain, physics, advice, record.
 */
@NullMarked
package vastarc.core.coach;

import org.jspecify.annotations.NullMarked;
