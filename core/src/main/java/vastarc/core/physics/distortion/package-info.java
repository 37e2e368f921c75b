/** How much a weld pulls, to compare one way of welding with another: {@code docs/model/map.md (13)}. */
@NullMarked
package vastarc.core.physics.distortion;

import org.jspecify.annotations.NullMarked;
