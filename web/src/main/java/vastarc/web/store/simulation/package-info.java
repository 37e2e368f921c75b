/** Rehearsals that stay with their job: how the weld was set up, and what came of it. */
@NullMarked
package vastarc.web.store.simulation;

import org.jspecify.annotations.NullMarked;
