/**
 * What was welded, what the meters say of it, what runs teach, and what a bead means.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.record;

import org.jspecify.annotations.NullMarked;
