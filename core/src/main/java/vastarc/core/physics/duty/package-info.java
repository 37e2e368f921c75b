/** How long machine and torch may burn: {@code docs/model/equipment.md (1)}. */
@NullMarked
package vastarc.core.physics.duty;

import org.jspecify.annotations.NullMarked;
