/** Rehearsals that stay with their job: how the weld was set up, and its result. */
@NullMarked
package vastarc.web.store.simulation;

import org.jspecify.annotations.NullMarked;
