/** What goes into a weld by its batch: the plate, rod, gas and tungsten of one heat, cast or filling, as the supplier's papers number it. */
@NullMarked
package vastarc.core.record.batch;

import org.jspecify.annotations.NullMarked;
