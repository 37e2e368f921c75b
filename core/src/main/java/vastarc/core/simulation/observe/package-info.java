/**
 * What is read off a field while it is simulated: faces, outlines, pools, peaks, pictures. Nothing here changes what is simulated.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation.observe;

import org.jspecify.annotations.NullMarked;
