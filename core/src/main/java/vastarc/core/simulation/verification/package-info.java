/**
 * The solver held against closed solutions that share nothing with it.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation.verification;

import org.jspecify.annotations.NullMarked;
