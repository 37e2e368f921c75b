/**
 * The Machines place: the shop's machines and torches, the panel editor, dials read with a clamp meter, memory slots. Profiles are stored as
 * JSON of the published format; {@link vastarc.web.store.machine.ProfileReader} is the one way in.
 */
@NullMarked
package vastarc.web.machines;

import org.jspecify.annotations.NullMarked;
