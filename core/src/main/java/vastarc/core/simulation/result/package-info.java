/**
 * What a simulation answers: records only.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation.result;

import org.jspecify.annotations.NullMarked;
